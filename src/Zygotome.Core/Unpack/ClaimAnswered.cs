using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;

namespace Zygotome.Core.Unpack;

/// <summary>What a supplier does about a claim.</summary>
public enum ClaimAnswerKind
{
    Accepted,
    PartlyAccepted,
    Refused,
    AskedForMore,
}

/// <summary>What the supplier wrote back.</summary>
/// <param name="PartsDue">When parts are promised, if they are.</param>
public sealed record ClaimAnswered(string Claim, ClaimAnswerKind Answer, string Words, DateOnly? PartsDue = null)
    : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        state.Unpack.Claims.All(c => c.Id != Claim)
            ? new Refusal("claim/unknown", $"There is no claim {Claim} in this job.", "body.claim")
        : PartsDue is { } due
        && Math.Abs(due.DayNumber - ShopDay.Of(state.Rules.TimeZone, entry.ObservedAt).DayNumber) > 730
            ? new Refusal("claim/due", $"{DayWords.Of(due)} is not within two years.", "body.partsDue")
        : Texts.Fits(Words, "body.words");

    public override JobState Apply(JobState state, Entry entry) =>
        Claims.Change(
            state,
            entry,
            Claim,
            c => c with { Answer = new ClaimAnswer(Answer, Words, PartsDue ?? c.Answer?.PartsDue, Evidence.Of(entry)) }
        );

    public override string Say(JobState state) =>
        $"Claim {state.Unpack.Claims.FirstOrDefault(c => c.Id == Claim)?.Number}: "
        + $"{ClaimWords.Of(Answer)}{(PartsDue is { } due ? $", parts due {DayWords.Of(due)}" : "")}";
}
