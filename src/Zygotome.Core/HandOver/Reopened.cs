using Zygotome.Core.Journal;

namespace Zygotome.Core.HandOver;

/// <summary>A released job is opened again. Physical evidence is stale; earlier records stay, by number.</summary>
public sealed record Reopened(string Reason) : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        HandOverRules.NeedsRelease(state) ?? Texts.Reason(Reason, "body.reason", "Say why it is opened again.");

    public override JobState Apply(JobState state, Entry entry) =>
        (state with { Release = null }).Disturb(entry, "Re-opened after release", DisturbanceMatrix.Everything);

    public override string Say(JobState state) => "Re-opened";
}
