using Zygotome.Core.Quantities;

namespace Zygotome.Core.Journal;

/// <summary>A line of the ledger. <see cref="Open"/> lines refuse release.</summary>
public sealed record LedgerLine(
    string Id,
    Stage Stage,
    string Text,
    string Limits,
    string Page,
    Concedable Concedable,
    Standing Standing,
    string Reading,
    string Why,
    LedgerEvidence? Evidence,
    string ConcededBy
)
{
    public bool Open => Standing is Standing.NotMet or Standing.NotShown or Standing.Stale;

    /// <summary>Where the value stands against its band, when it is a measured one.</summary>
    public Verdict? Verdict { get; init; }

    public Side Side { get; init; }
}

/// <summary>The counted evidence, as it is printed.</summary>
public sealed record LedgerEvidence(string EntryId, long Seq, string By, DateTimeOffset ObservedAt, int Attempts);
