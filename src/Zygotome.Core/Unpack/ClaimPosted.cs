using Zygotome.Core.Journal;

namespace Zygotome.Core.Unpack;

/// <summary>The letter of a claim that no mail carries was printed and went on its way.</summary>
public sealed record ClaimPosted(string Claim) : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        state.Unpack.Claims.FirstOrDefault(c => c.Id == Claim) is not { } claim
            ? new Refusal("claim/unknown", $"There is no claim {Claim} in this job.", "body.claim")
        : claim.IsSent ? new Refusal("claim/posted", $"Claim {claim.Number} was sent already.", "body.claim")
        : null;

    public override JobState Apply(JobState state, Entry entry) =>
        Claims.Change(state, entry, Claim, c => c with { Posted = Evidence.Of(entry) });

    public override string Say(JobState state) =>
        $"Letter of claim {state.Unpack.Claims.FirstOrDefault(c => c.Id == Claim)?.Number} posted";
}
