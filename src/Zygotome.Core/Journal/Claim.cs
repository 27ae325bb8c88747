using Zygotome.Core.Quantities;

namespace Zygotome.Core.Journal;

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
