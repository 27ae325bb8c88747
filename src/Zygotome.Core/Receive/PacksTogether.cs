using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Receive;

/// <summary>Several packs that fly together, as the sheet asks for them.</summary>
public static class PacksTogether
{
    /// <summary>How many the sheet flies on; 1 where it says nothing.</summary>
    public static int Asked(SpecSheet sheet) => sheet.Power.Packs.Select(p => p.Count).DefaultIfEmpty(1).Max();

    /// <summary>
    /// As one: masses together; in parallel the capacities, in series the cells; as they lie in the bay: beside, upon
    /// or behind one another, the first way that fits, else beside. Their current is that of all in parallel, of the
    /// weakest in series.
    /// </summary>
    public static Battery AsOne(SpecSheet sheet, ImmutableArray<Battery> packs)
    {
        if (packs.Length == 1)
        {
            return packs[0];
        }

        var series = sheet.Power.Packs.Any(p => p.Count > 1 && p.InSeries);
        var capacity = series ? packs.Min(p => p.Capacity.Value) : packs.Sum(p => p.Capacity.Value);
        var gives = packs.Select(p => p.CRating * p.Capacity.Value).ToArray();
        var first = packs[0] with
        {
            Mass = Mass.Of(Quantity.Single(packs.Sum(p => p.Mass.Nominal), Unit.Gram)),
            Cells = series ? packs.Sum(p => p.Cells) : packs[0].Cells,
            Capacity = Capacity.Of(Quantity.Single((decimal)capacity, Unit.MilliampereHour)),
            CRating =
                gives.Any(g => g is null) || capacity <= 0
                    ? null
                    : Numbers.Round((series ? gives.Min() : gives.Sum())!.Value / capacity),
        };
        Battery[] ways =
        [
            Lying(first, packs, beside: true),
            Lying(first, packs, upon: true),
            Lying(first, packs, behind: true),
        ];
        return ways.FirstOrDefault(w => CounterChecks.PackFits(sheet, w).Fits) ?? ways[0];
    }

    /// <summary>
    /// Whether they may be flown together: as many as the sheet asks for and, in parallel, of as many cells and as full
    /// as one another. Null where nobody chose so many or measured them.
    /// </summary>
    public static (bool? Suits, string Why) Judge(SpecSheet sheet, ImmutableArray<PackHeld> flying)
    {
        var asked = Asked(sheet);
        if (flying.Length != asked)
        {
            return (
                null,
                $"It flies on {asked} packs together; {flying.Length} {(flying.Length == 1 ? "is" : "are")} chosen."
            );
        }

        var series = sheet.Power.Packs.Any(p => p.Count > 1 && p.InSeries);
        if (!series && flying.Select(p => p.Battery.Cells).Distinct().Count() > 1)
        {
            return (
                false,
                $"Of {string.Join(" and ", flying.Select(p => p.Battery.Cells))} cells: in parallel the one would "
                    + "charge the other, with fire."
            );
        }

        double?[] mean =
        [
            .. flying.Select(p => p.Seen is { Cells.IsDefaultOrEmpty: false } s ? s.Cells.Average() : (double?)null),
        ];
        if (mean.Any(m => m is null))
        {
            return (null, "Measure the cells of each: packs flown together are as full as one another.");
        }

        var apart = Numbers.Round(mean.Max()!.Value - mean.Min()!.Value);
        return Numbers.Round(apart - PackCells.Unequal) > 0
            ? (
                false,
                $"One is {Numbers.Say(Math.Round(apart, 3))} V a cell fuller than the other, more than "
                    + $"{Numbers.Say(PackCells.Unequal)} V: charge both, measure again."
            )
            : (true, $"{string.Join(", then ", flying.Select(p => p.Name))}; as full as one another.");
    }

    private static Battery Lying(
        Battery of,
        ImmutableArray<Battery> packs,
        bool beside = false,
        bool upon = false,
        bool behind = false
    )
    {
        Length Across(bool adds, Func<Battery, Length> side) =>
            Length.Of(
                Quantity.Single(
                    adds ? packs.Sum(p => side(p).Nominal) : packs.Max(p => side(p).Nominal),
                    Unit.Millimetre
                )
            );
        return of with
        {
            Length = Across(behind, p => p.Length),
            Width = Across(beside, p => p.Width),
            Height = Across(upon, p => p.Height),
        };
    }
}
