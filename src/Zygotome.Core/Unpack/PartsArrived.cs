using Zygotome.Core.Journal;

namespace Zygotome.Core.Unpack;

/// <summary>The parts of a claim came: their bags are counted again.</summary>
public sealed record PartsArrived(string Claim, string Note = "") : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        state.Unpack.Claims.FirstOrDefault(c => c.Id == Claim) is not { } claim
            ? new Refusal("claim/unknown", $"There is no claim {Claim} in this job.", "body.claim")
        : claim.Arrived is not null
            ? new Refusal("claim/arrived", $"The parts of claim {claim.Number} are here already.", "body.claim")
        : Texts.Fits(Note, "body.note");

    public override JobState Apply(JobState state, Entry entry)
    {
        var bags = state.Unpack.Claims.FirstOrDefault(c => c.Id == Claim)?.Shortages.Select(s => s.Bag) ?? [];
        var next = Claims.Change(state, entry, Claim, c => c with { Arrived = Evidence.Of(entry) });
        return next.With(next.Unpack with { CountedBags = next.Unpack.CountedBags.RemoveRange(bags) });
    }

    public override string Say(JobState state) =>
        $"Parts of claim {state.Unpack.Claims.FirstOrDefault(c => c.Id == Claim)?.Number} arrived; count again";
}
