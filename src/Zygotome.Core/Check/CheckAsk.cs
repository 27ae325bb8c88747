using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;

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
/// <param name="Words">The question; yes is as it should be.</param>
/// <param name="Why">What it is for.</param>
/// <param name="Mend">What is done where the answer is no.</param>
public sealed record CheckAsk(string Id, CheckRoom Room, string Words, string Why, string Mend)
{
    /// <summary>Nobody concedes it.</summary>
    public bool IsVital { get; init; } = true;

    /// <summary>Where it is, as the drawing calls it: hatched while it is open.</summary>
    public ImmutableArray<string> Parts { get; init; } = [];

    /// <summary>The least it may measure, mm; yes is said by measuring. Null where nothing is measured.</summary>
    public double? Least { get; init; }

    /// <summary>What the sheet's geometry makes of it, mm; null where nothing is reckoned.</summary>
    public double? Reckoned { get; init; }

    /// <summary>Another one of these, or a hand on one of its parts, and it is looked at anew.</summary>
    public ImmutableArray<Setting> On { get; init; } = [];

    /// <summary>What it rests on: that what lies at its places sits as it did.</summary>
    public Rests RestsOn => Rests.On([.. Parts.Select(DisturbanceMatrix.Fit)]).And(On);

    /// <summary>Yes, and no less than it must be.</summary>
    public bool IsSo(bool right, Length? measured) =>
        right && !(Least is { } least && measured is { } m && Numbers.Round(m.Value - least) < 0);
}
