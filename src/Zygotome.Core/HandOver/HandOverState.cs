using System.Collections.Immutable;
using Zygotome.Core.Journal;

namespace Zygotome.Core.HandOver;

public sealed record HandOverState
{
    public ImmutableDictionary<string, Concession> Concessions { get; init; } = [];

    /// <summary>The release in force; null before, and again after a re-opening.</summary>
    public Release? Release { get; init; }

    public ImmutableList<Release> Releases { get; init; } = [];

    public DateTimeOffset? SentAt { get; init; }

    public bool? Accepted { get; init; }

    public string OwnerWords { get; init; } = "";

    /// <summary>
    /// The concession in force for a claim: what it looked at, or a later reading of the same that is no further out.
    /// </summary>
    internal Concession? ConcessionFor(Claim claim) =>
        Concessions.TryGetValue(claim.Requirement.Id, out var c)
        && claim.Requirement.Concedable != Concedable.Never
        && (claim.Requirement.Concedable != Concedable.WithOwner || !string.IsNullOrWhiteSpace(c.OwnerAcceptance))
        && c.Saw.Covers(claim)
            ? c
            : null;
}
