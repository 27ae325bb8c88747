using Zygotome.Core.Quantities;

namespace Zygotome.Core.Journal;

/// <summary>
/// What a lead looked at who conceded something. A concession covers this and nothing further: it lapses when the object,
/// the limits or the side are others, or the amount is larger.
/// </summary>
/// <param name="Evidence">The entry that showed it.</param>
/// <param name="Amount">How far outside, in the unit of the limits; 0 where nothing is measured.</param>
/// <param name="Object">This pack, this bag, these values.</param>
public sealed record ConcededSight(string Evidence, string Limits, Side Side, double Amount, string Object)
{
    internal static ConcededSight Of(Claim claim) =>
        new(
            claim.Evidence?.EntryId ?? "",
            claim.Requirement.Limits,
            claim.Judgement?.Side ?? default,
            Numbers.Round(claim.OutsideBy),
            claim.Object
        );

    internal bool Covers(Claim claim) =>
        Of(claim) is var now
        && (now.Limits, now.Side, now.Object) == (Limits, Side, Object)
        && Numbers.Round(now.Amount - Amount) <= 0;
}
