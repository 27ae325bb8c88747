using Zygotome.Core.Quantities;

namespace Zygotome.Core.Journal;

/// <summary>What a stage says of a requirement, before staleness and concessions are looked at.</summary>
/// <param name="Standing">Met, Close, NotMet or NotShown.</param>
public sealed record Requirement(RequirementId Id, Concedable Concedable, Standing Standing, LineFacts Facts)
{
    /// <summary>What shows it; null while nothing does.</summary>
    public Evidence? Evidence { get; init; }

    /// <summary>What makes the evidence stale; null for what never becomes so.</summary>
    public Rests? RestsOn { get; init; }

    /// <summary>How far outside its limits, in their unit, so that a concession can tell worse from no worse.</summary>
    public double OutsideBy { get; init; }

    /// <summary>Of a measured value only.</summary>
    public Judgement? Judgement { get; init; }

    /// <summary>
    /// What a lead who concedes it looks at, beside limits and amount: this pack, this bag's shortages, these assumed
    /// values. Another object is another concession. Null: what is not measured is its own reading.
    /// </summary>
    public string? Object { get; init; }

    /// <summary>
    /// A measured value: met when the judgement releases; not shown while it lies in a band that the instrument is too
    /// coarse for.
    /// </summary>
    public static Requirement Measured(RequirementId id, Concedable concedable, Judgement judgement, LineFacts facts) =>
        new(id, concedable, Stands(judgement), facts) { Judgement = judgement, OutsideBy = judgement.By };

    /// <summary>What is seen or not, with no measure: not shown while nobody looked.</summary>
    public static Standing Stands(bool? right) =>
        right switch
        {
            null => Standing.NotShown,
            true => Standing.Met,
            false => Standing.NotMet,
        };

    private static Standing Stands(Judgement judgement) =>
        !judgement.Shows && judgement.Verdict is Verdict.In or Verdict.InClose or Verdict.OutClose ? Standing.NotShown
        : !judgement.Releases ? Standing.NotMet
        : judgement.Verdict == Verdict.In ? Standing.Met
        : Standing.Close;
}
