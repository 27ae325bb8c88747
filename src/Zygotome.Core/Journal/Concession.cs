namespace Zygotome.Core.Journal;

/// <summary>A lead let a requirement go unmet. Bound to what was looked at.</summary>
public sealed record Concession(
    string EntryId,
    string Requirement,
    ConcededSight Saw,
    string Reason,
    string OwnerAcceptance,
    Person By,
    DateTimeOffset At
)
{
    /// <summary>Whether it holds for what stands there now.</summary>
    internal bool Covers(Claim claim) =>
        claim.Requirement.Concedable != Concedable.Never
        && (claim.Requirement.Concedable != Concedable.WithOwner || !string.IsNullOrWhiteSpace(OwnerAcceptance))
        && Saw.Covers(claim);
}
