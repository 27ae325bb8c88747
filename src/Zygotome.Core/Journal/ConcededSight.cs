using Zygotome.Core.Quantities;

namespace Zygotome.Core.Journal;

/// <summary>
/// What a lead looked at who conceded something. A concession covers this and nothing further: it lapses when the
/// object, the limits or the side are others, or the amount is larger.
/// </summary>
/// <param name="Evidence">The entry that showed it.</param>
/// <param name="Amount">How far outside, in the unit of the limits; 0 where nothing is measured.</param>
/// <param name="Object">This pack, this bag, these values.</param>
public sealed record ConcededSight(string Evidence, string Limits, Side Side, double Amount, string Object)
{
    internal static ConcededSight Of(JobState state, Requirement requirement)
    {
        var words = requirement.Facts.Words(state);
        return new(
            requirement.Evidence?.EntryId ?? "",
            words.Limits,
            requirement.Judgement?.Side ?? default,
            Numbers.Round(requirement.OutsideBy),
            requirement.Object ?? (requirement.Judgement is null ? words.Reading : "")
        );
    }

    internal bool Covers(JobState state, Requirement requirement) =>
        Of(state, requirement) is var now
        && (now.Limits, now.Side, now.Object) == (Limits, Side, Object)
        && Numbers.Round(now.Amount - Amount) <= 0;
}
