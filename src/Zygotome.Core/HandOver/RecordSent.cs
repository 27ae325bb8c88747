using Zygotome.Core.Journal;

namespace Zygotome.Core.HandOver;

/// <summary>The record went to its owner.</summary>
public sealed record RecordSent(string To) : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        HandOverRules.NeedsRelease(state) ?? Texts.Fits(To, "body.to", 200);

    public override JobState Apply(JobState state, Entry entry) =>
        state.With(state.HandOver with { SentAt = entry.RecordedAt });

    public override string Say(JobState state) => "Record sent to the owner";
}
