using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;

namespace Zygotome.Core.Receive;

/// <summary>How a pack was found: volts of each cell as it lay there, and whether it is swollen or damaged.</summary>
/// <param name="Cells">V, in the order of the balance plug.</param>
public sealed record PackCells(ImmutableArray<double> Cells, bool Swollen)
{
    public Evidence? Evidence { get; init; }

    /// <summary>V a cell below which a pack is low: the shop's own rule.</summary>
    public const double Low = 3.5;

    /// <summary>V between the highest and the lowest cell beyond which they are unequal: the shop's own rule.</summary>
    public const double Unequal = 0.05;

    /// <summary>What is wrong with it; empty where nothing is.</summary>
    public string Wrong =>
        Swollen ? "swollen or damaged"
        : Cells.IsDefaultOrEmpty ? ""
        : Numbers.Round(Cells.Max() - Cells.Min() - Unequal) > 0
            ? $"cells unequal by {Numbers.Say(Math.Round(Cells.Max() - Cells.Min(), 3))} V, more than "
                + $"{Numbers.Say(Unequal)} V"
        : Cells.Min() < Low ? $"a cell at {Numbers.Say(Cells.Min())} V, under {Numbers.Say(Low)} V"
        : "";

    /// <summary>"4.02, 4.01, 4.02 V".</summary>
    public string Words =>
        Swollen && Cells.IsDefaultOrEmpty ? "swollen or damaged" : $"{string.Join(", ", Cells.Select(Numbers.Say))} V";
}
