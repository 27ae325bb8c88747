using System.Collections.Immutable;
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
/// <param name="RestsOn">Aspects whose disturbance makes the evidence stale.</param>
/// <param name="OutsideBy">How far outside its limits, so that a concession can tell worse from no worse.</param>
public sealed record Claim(
    Requirement Requirement,
    Standing Standing,
    string Reading,
    string Why,
    Evidence? Evidence = null,
    ImmutableArray<Aspect> RestsOn = default,
    double OutsideBy = 0
)
{
    public Judgement? Judgement { get; init; }

    public static Claim NotShown(Requirement requirement, string why) => new(requirement, Standing.NotShown, "", why);

    /// <summary>A measured value: met when the judgement releases.</summary>
    public static Claim Measured(
        Requirement requirement,
        Judgement judgement,
        string reading,
        string why,
        Evidence evidence,
        params ImmutableArray<Aspect> restsOn
    )
    {
        var standing =
            !judgement.Releases ? Standing.NotMet
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
