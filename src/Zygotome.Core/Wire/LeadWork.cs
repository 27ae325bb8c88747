namespace Zygotome.Core.Wire;

/// <summary>What was done to a lead.</summary>
public enum LeadWork
{
    Spliced,
    Lengthened,
    PlugAnew,

    /// <summary>A contact that was too tight was opened up: it may let go.</summary>
    ContactOpened,
}

/// <summary>How it is said.</summary>
public static class LeadWorks
{
    /// <summary>"cut and spliced".</summary>
    public static string Of(LeadWork work) =>
        work switch
        {
            LeadWork.Spliced => "cut and spliced",
            LeadWork.Lengthened => "lengthened",
            LeadWork.PlugAnew => "a plug put on anew",
            _ => "a tight contact opened up",
        };

    /// <summary>Wires were joined: their colours may be crossed.</summary>
    public static bool Joins(LeadWork work) => work is not LeadWork.ContactOpened;

    /// <summary>There is bare metal beside bare metal until a sleeve is over it.</summary>
    public static bool Bares(LeadWork work) => work is LeadWork.Spliced or LeadWork.Lengthened;
}
