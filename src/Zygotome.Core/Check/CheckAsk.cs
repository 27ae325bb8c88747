using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Check;

/// <summary>Where it is looked at.</summary>
public enum CheckRoom
{
    /// <summary>At the airframe: linkages, wings, covers, wheels, ways of the air.</summary>
    Airframe,

    /// <summary>At the propeller or fan.</summary>
    Propeller,
}

/// <summary>Something that somebody looks at, pulls or turns before it flies, and says yes or no to.</summary>
/// <param name="Id">Stable: <c>keepers/sv-rud</c>.</param>
/// <param name="Brief">What it is about, as a list has it: "Left aileron: clevises".</param>
/// <param name="Words">The question; yes is as it should be.</param>
/// <param name="Why">What it is for.</param>
/// <param name="Mend">What is done where the answer is no.</param>
public sealed record CheckAsk(string Id, CheckRoom Room, string Brief, string Words, string Why, string Mend)
{
    /// <summary>Nobody concedes it.</summary>
    public bool IsVital { get; init; } = true;

    /// <summary>Where it is, as the drawing calls it: hatched while it is open.</summary>
    public ImmutableArray<string> Parts { get; init; } = [];

    /// <summary>What is measured; yes is said by it. Null where nothing is.</summary>
    public CheckGauge? Gauge { get; init; }

    /// <summary>What the sheet's geometry makes of it, mm; null where nothing is reckoned.</summary>
    public double? Reckoned { get; init; }

    /// <summary>Another one of these, or a hand on one of its parts, and it is looked at anew.</summary>
    public ImmutableArray<Setting> On { get; init; } = [];

    /// <summary>What it rests on: that what lies at its places sits as it did.</summary>
    public Rests RestsOn => Rests.On([.. Parts.Select(DisturbanceMatrix.Fit)]).And(On);

    /// <summary>A hand that mends it moves more than its own places: what it then disturbs.</summary>
    public ImmutableArray<Aspect> Moves { get; init; } = [];

    /// <summary>What its numbers say; null where it has no gauge, or was not measured.</summary>
    public Gauged? Judge(ImmutableArray<Length> measured) =>
        Gauge is { } gauge && measured.Length == gauge.Measures.Length
            ? gauge.Judge([.. measured.Select(m => m.Value)])
            : null;

    /// <summary>Yes, and as its numbers must be.</summary>
    public bool IsSo(bool right, ImmutableArray<Length> measured) => right && Judge(measured)?.Right != false;
}
