using Zygotome.Core.Journal;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Receive;

/// <summary>A school other than the shop's default, or the default said aloud.</summary>
public sealed record SchoolChosen(string School, string Option, string Reason = "") : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        Schools.Find(School) is not { } school
            ? new Refusal("receive/school", $"\"{School}\" is not a question anybody asked.", "body.school")
        : school.Option(Option) is not { } option
            ? new Refusal(
                "receive/school-option",
                $"\"{Option}\" is not an answer to {school.Question}; "
                    + $"{string.Join(", ", school.Options.Select(o => o.Id))} are.",
                "body.option"
            )
        : IsLeadsOwn(state) && !Rights.Leads(entry.By)
            ? new Refusal(
                "receive/school-sheet",
                "The sheet does not say that screws carry the tail: only a lead takes it so, and says why.",
                "body.option"
            )
        : IsLeadsOwn(state)
        && Texts.Reason(Reason, "body.reason", "The sheet does not say that screws carry the tail: say why.") is { } why
            ? why
        : School == Schools.FirstFlightBalance && Option == "owners" && !Rights.Leads(entry.By)
            ? new Refusal("receive/lead", "Only a lead takes the owner's own balance point.", "body.option")
        : LeavesOut(state, option) is { } left
            ? new Refusal(
                "receive/school-step",
                $"\"{left.Title}\" would be left out, and \"{option.Text}\" has no step for what it fits.",
                "body.option"
            )
        : option != school.Default && state.Steps.Count > 0
            ? Texts.Reason(Reason, "body.reason", "Work has begun: say why it changes.")
        : Texts.Fits(Reason, "body.reason");

    private bool IsLeadsOwn(JobState state) =>
        School == Schools.TailFixing && Option == TailOnScrews.Screws && !TailOnScrews.IsOfSheet(state.Chosen);

    // A step may go where another of the same question fits the same, where it fits nothing, or where the option says
    // that this very part is left off.
    private StepSpec? LeavesOut(JobState state, SchoolOption option)
    {
        bool Asked(StepSpec s, string chosen) => s.School.TryGetValue(School, out var o) && o == chosen;
        var offered = School == Schools.TailFixing ? TailOnScrews.Offered(state.Chosen) : state.Chosen.Steps;
        var instead = offered.Where(s => Asked(s, Option)).ToArray();
        return state.Sheet.Steps.FirstOrDefault(s =>
            s.School.ContainsKey(School)
            && !Asked(s, Option)
            && (s.AddsMass || s.Disturbs.Length > 0)
            && !option.LeavesOff
            && !instead.Any(i => s.Fits.All(i.Fits.Contains) && (s.Fits.Length > 0 || i.AddsMass))
        );
    }

    public override JobState Apply(JobState state, Entry entry) =>
        (state with { Schools = state.Schools.SetItem(School, new SchoolAnswer(Option, Reason, entry.By)) })
            .Set(entry, new Setting(SettingKind.School, School), Schools.Find(School)?.Option(Option)?.Text ?? Option)
            .Resheet(entry);

    public override string Say(JobState state) =>
        Schools.Find(School) is { } s ? $"{s.Question}: {s.Option(Option)?.Text ?? Option}" : School;
}
