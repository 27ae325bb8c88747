namespace Zygotome.Core.Journal;

/// <summary>Who may say what. A shop of one has its lead in that one person.</summary>
public static class Rights
{
    /// <summary>Whether a role is among them.</summary>
    public static bool May(this Posters posters, Role role) =>
        posters switch
        {
            Posters.Anybody => true,
            Posters.Bench => role is Role.Technician or Role.Lead,
            _ => role == Role.Lead,
        };

    /// <summary>As in "this is for a lead to record".</summary>
    public static string Words(this Posters posters) =>
        posters switch
        {
            Posters.Anybody => "anybody who works here",
            Posters.Bench => "a technician or a lead",
            _ => "a lead",
        };

    /// <summary>Whether somebody is a lead: by role, or by being alone in the shop.</summary>
    public static bool Leads(Person person) => RoleOf(person) == Role.Lead;

    /// <summary>What somebody is to the shop: alone in it, its lead.</summary>
    public static Role RoleOf(Person person) => person.Alone ? Role.Lead : person.Role;

    /// <summary>The refusal of a kind that this person may not record; null when they may.</summary>
    public static Refusal? Refused(EntryKind? kind, Person person) =>
        kind is { By: var by } && !by.May(RoleOf(person))
            ? new Refusal(
                "entry/role",
                $"This is for {by.Words()} to record; {person.Name} is signed in as {RoleWords(person.Role)}.",
                "type"
            )
            : null;

    /// <summary>As in "signed in as counter".</summary>
    public static string RoleWords(Role role) =>
        role switch
        {
            Role.Counter => "counter",
            Role.Technician => "technician",
            _ => "lead",
        };
}
