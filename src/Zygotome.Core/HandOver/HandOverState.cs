using System.Collections.Immutable;
using Zygotome.Core.Jobs;

namespace Zygotome.Core.HandOver;

/// <summary>A lead let a requirement go unmet. Bound to the evidence it looked at.</summary>
public sealed record Concession(
    string EntryId,
    string Requirement,
    string EvidenceEntry,
    double OutsideBy,
    string Reason,
    string OwnerAcceptance,
    Person By,
    DateTimeOffset At
);

/// <summary>A sealed release: served as it was, by its number.</summary>
public sealed record Release(
    int Number,
    string EntryId,
    Person By,
    DateTimeOffset At,
    string PdfHash,
    ImmutableArray<LedgerLine> Ledger
);

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
    /// The concession in force for a claim: of the same evidence, or of a later value that is no worse.
    /// </summary>
    internal Concession? ConcessionFor(Claim claim) =>
        Concessions.TryGetValue(claim.Requirement.Id, out var c)
        && claim.Requirement.Concedable != Concedable.Never
        && (claim.Requirement.Concedable != Concedable.WithOwner || c.OwnerAcceptance.Length > 0)
        && (claim.Evidence?.EntryId == c.EvidenceEntry || (claim.OutsideBy > 0 && claim.OutsideBy <= c.OutsideBy))
            ? c
            : null;
}
