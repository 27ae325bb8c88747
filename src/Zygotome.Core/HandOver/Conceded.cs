using Zygotome.Core.Journal;

namespace Zygotome.Core.HandOver;

/// <summary>A lead concedes an unmet requirement, with a reason.</summary>
/// <param name="OwnerAcceptance">The owner's written words, where they are needed.</param>
/// <param name="Saw">What was looked at, by the server; null in older entries.</param>
public sealed record Conceded(string Requirement, string Reason, string OwnerAcceptance = "", ConcededSight? Saw = null)
    : EntryBody
{
    public override EntryBody Composed(JobState state, Entry entry) =>
        this with
        {
            Saw = RequirementOf(state, entry) is { } requirement ? ConcededSight.Of(state, requirement) : null,
        };

    private Requirement? RequirementOf(JobState state, Entry entry) =>
        state.Stages.Requirements(state, entry.RecordedAt).FirstOrDefault(c => c.Id.Written == Requirement);

    // Whoever measured or found it does not let it go; opening a job measures nothing.
    private Refusal? OwnReading(JobState state, Entry entry) =>
        RequirementOf(state, entry)?.Evidence is { } evidence
        && evidence.By.Id == entry.By.Id
        && evidence.EntryId != state.Opening?.EntryId
        && !entry.By.Alone
            ? new Refusal(
                "handover/own-reading",
                $"{entry.By.Name} showed this: another lead concedes it.",
                "body.requirement"
            )
            : null;

    public override Refusal? Admit(JobState state, Entry entry)
    {
        var line = Ledger.Of(state, entry.RecordedAt).FirstOrDefault(l => l.Id == Requirement);
        return line switch
        {
            null => new Refusal(
                "handover/requirement",
                $"There is no requirement \"{Requirement}\".",
                "body.requirement"
            ),
            { Concedable: Concedable.Never } => new Refusal(
                "handover/never",
                $"\"{line.Text}\" is never conceded: it must be put right.",
                "body.requirement"
            ),
            { Standing: not Standing.NotMet } => new Refusal(
                "handover/not-unmet",
                $"\"{line.Text}\" has no reading outside its limits to concede.",
                "body.requirement"
            ),
            { Concedable: Concedable.WithOwner } when string.IsNullOrWhiteSpace(OwnerAcceptance) => new Refusal(
                "handover/owner",
                "Balance aft of the sheet needs the owner's written acceptance before release.",
                "body.ownerAcceptance"
            ),
            _ => OwnReading(state, entry)
                ?? Texts.Reason(Reason, "body.reason", "A concession needs a reason.")
                ?? Texts.Fits(OwnerAcceptance, "body.ownerAcceptance"),
        };
    }

    public override JobState Apply(JobState state, Entry entry)
    {
        // Older entries do not say what they looked at: it was what stood then.
        var saw = Saw ?? (RequirementOf(state, entry) is { } requirement ? ConcededSight.Of(state, requirement) : null);
        return saw is null
            ? state.NotSupported(entry)
            : state with
            {
                Concessions = state.Concessions.SetItem(
                    Requirement,
                    new Concession(
                        EntryId: entry.EntryId,
                        Requirement: Requirement,
                        Saw: saw,
                        Reason: Reason,
                        OwnerAcceptance: OwnerAcceptance,
                        By: entry.By,
                        At: entry.RecordedAt
                    )
                ),
            };
    }

    public override string Say(JobState state) => $"Conceded: {Requirement}";
}
