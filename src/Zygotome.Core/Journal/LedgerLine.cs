using Zygotome.Core.Quantities;

namespace Zygotome.Core.Journal;

/// <summary>
/// A line of the ledger with its sentences, as people read it. <see cref="Open"/> lines refuse release.
/// </summary>
public sealed record LedgerLine
{
    /// <summary>As <see cref="RequirementId.Written"/>.</summary>
    public required string Id { get; init; }

    public required Stage Stage { get; init; }

    /// <summary>What is asked for.</summary>
    public required string Text { get; init; }

    /// <summary>Empty where there is nothing to measure.</summary>
    public required string Limits { get; init; }

    /// <summary>Of the manual; empty when not stated.</summary>
    public required string Page { get; init; }

    public required Concedable Concedable { get; init; }

    public required Standing Standing { get; init; }

    /// <summary>What was seen or measured; empty while nothing was.</summary>
    public required string Reading { get; init; }

    /// <summary>Why it stands as it does.</summary>
    public required string Why { get; init; }

    /// <summary>Null while nothing shows it.</summary>
    public required LedgerEvidence? Evidence { get; init; }

    /// <summary>Empty while no concession is in force.</summary>
    public required string ConcededBy { get; init; }

    /// <summary>
    /// Where the manual contradicts itself on it: both statements, what somebody took and why; else empty.
    /// </summary>
    public string Decided { get; init; } = "";

    public bool Open => Standing.Open;

    /// <summary>Where the value stands against its band, when it is a measured one.</summary>
    public Verdict? Verdict { get; init; }

    public Side Side { get; init; }

    /// <summary>How far outside its band: "1.2 mm too little"; empty within, and where nothing is measured.</summary>
    public string OutBy { get; init; } = "";
}

/// <summary>The counted evidence, as it is printed.</summary>
public sealed record LedgerEvidence(string EntryId, long Seq, string By, DateTimeOffset ObservedAt, int Attempts);
