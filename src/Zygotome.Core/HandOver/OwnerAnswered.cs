using Zygotome.Core.Journal;

namespace Zygotome.Core.HandOver;

/// <summary>The owner accepts the record, or does not, in their own words.</summary>
public sealed record OwnerAnswered(bool Accepted, string Words = "") : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        HandOverRules.NeedsRelease(state) ?? Texts.Fits(Words, "body.words");

    public override JobState Apply(JobState state, Entry entry) =>
        state.With(state.HandOver with { Accepted = Accepted, OwnerWords = Words });

    public override string Say(JobState state) => Accepted ? "Accepted by the owner" : "Declined by the owner";
}
