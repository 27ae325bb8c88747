using Zygotome.Core.Quantities;

namespace Zygotome.Core.Jobs;

/// <summary>Whether a lead may let a requirement go unmet.</summary>
public enum Concedable
{
    /// <summary>Nobody may: see the list in the guide.</summary>
    Never,

    /// <summary>A lead, with a reason.</summary>
    ByLead,

    /// <summary>A lead, with a reason and the owner's written acceptance.</summary>
    WithOwner,
}

/// <summary>How a requirement stands in the ledger.</summary>
public enum Standing
{
    Met,
    Close,
    NotMet,
    NotShown,
    Stale,
    Conceded,
}

/// <summary>Something that must be shown before release.</summary>
/// <param name="Id">Semantic and stable: <c>throw/aileron-left/aileron/high/up</c>.</param>
/// <param name="Limits">As said to people; empty where there is nothing to measure.</param>
/// <param name="Page">The manual's page; empty when not stated.</param>
public sealed record Requirement(
    string Id,
    Stage Stage,
    string Text,
    string Limits = "",
    Concedable Concedable = Concedable.ByLead,
    string Page = ""
);

/// <summary>What a stage says of a requirement, before staleness and concessions are looked at.</summary>
/// <param name="Standing">Met, Close, NotMet or NotShown.</param>
/// <param name="RestsOn">What makes the evidence stale; null for what never becomes so.</param>
/// <param name="OutsideBy">How far outside its limits, so that a concession can tell worse from no worse.</param>
public sealed record Claim(
    Requirement Requirement,
    Standing Standing,
    string Reading,
    string Why,
    Evidence? Evidence = null,
    Rests? RestsOn = null,
    double OutsideBy = 0
)
{
    public Judgement? Judgement { get; init; }

    /// <summary>
    /// What a lead who concedes it looks at, beside limits and amount: this pack, this bag's shortages, these assumed
    /// values. Another object is another concession. What is not measured is its own reading.
    /// </summary>
    public string Object
    {
        get => _object ?? (Judgement is null ? Reading : "");
        init => _object = value;
    }

    private readonly string? _object;

    public static Claim NotShown(Requirement requirement, string why) => new(requirement, Standing.NotShown, "", why);

    /// <summary>
    /// A measured value: met when the judgement releases; not shown while it lies in a band that the instrument is too
    /// coarse for.
    /// </summary>
    public static Claim Measured(
        Requirement requirement,
        Judgement judgement,
        string reading,
        string why,
        Evidence evidence,
        Rests? restsOn = null
    )
    {
        var standing =
            !judgement.Shows && judgement.Verdict is Verdict.In or Verdict.InClose or Verdict.OutClose
                ? Standing.NotShown
            : !judgement.Releases ? Standing.NotMet
            : judgement.Verdict == Verdict.In ? Standing.Met
            : Standing.Close;
        return new Claim(requirement, standing, reading, why, evidence, restsOn, judgement.By)
        {
            Judgement = judgement,
        };
    }
}

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
