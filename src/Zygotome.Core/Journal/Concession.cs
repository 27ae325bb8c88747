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
    internal bool Covers(JobState state, Requirement requirement) =>
        requirement.Concedable != Concedable.Never
        && (requirement.Concedable != Concedable.WithOwner || !string.IsNullOrWhiteSpace(OwnerAcceptance))
        && Saw.Covers(state, requirement);
}
