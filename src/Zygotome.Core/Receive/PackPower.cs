using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Table;

namespace Zygotome.Core.Receive;

/// <summary>
/// Whether a flight pack has the cells and gives the current that the maker asks for. What is only assumed on the sheet
/// judges nothing.
/// </summary>
public static class PackPower
{
    /// <summary>
    /// Null where the sheet says nothing to judge by. The battery is all packs flown together: their capacity added.
    /// </summary>
    public static (bool Suits, string Why)? Judge(SpecSheet sheet, PowerTrain train, Battery battery)
    {
        var said = new[] { Cells(sheet, train, battery), Current(train, battery) }
            .OfType<(bool Suits, string Why)>()
            .ToArray();
        var against = said.Where(s => !s.Suits).ToArray();
        return said.Length == 0
            ? null
            : (against.Length == 0, string.Join(" ", (against.Length > 0 ? against : said).Select(s => s.Why)));
    }

    /// <summary>
    /// One of the numbers of cells the sheet's packs have; where it names no pack, or where what drives it was chosen
    /// apart, within what every controller and such a motor takes.
    /// </summary>
    public static (bool Suits, string Why)? Cells(SpecSheet sheet, PowerTrain train, Battery battery)
    {
        int[] named = train.IsOther ? [] : [.. Named(sheet).Select(n => n * InRow(sheet))];
        var (least, most) = train.Cells();
        var what = train.IsOther ? "motor and controller" : "the controller";
        var takes = train.IsOther ? "take" : "takes";
        var has = $"{battery.Cells} {(battery.Cells == 1 ? "cell" : "cells")}";
        var beyond =
            battery.Cells > most ? $"{what} {takes} no more than {most}"
            : battery.Cells < least ? $"{what} {takes} no fewer than {least}"
            : "";
        return named.Length > 0
            ? named.Contains(battery.Cells)
                ? (true, $"{has}, as the sheet says.")
                : (
                    false,
                    $"{has} where the sheet says "
                        + $"{string.Join(" or ", named)}{(beyond.Length > 0 ? $", and {beyond}" : "")}."
                )
            : most is null
                ? null
                : beyond.Length > 0
                    ? (false, $"{has}, but {beyond}.")
                    : (
                        true,
                        $"{has}; {what} {takes} {(least is null || least == most ? $"{most}" : $"{least} to {most}")}."
                    );
    }

    /// <summary>
    /// C × Ah, A, against the upper limit of what the motors draw together; null without a C rating or a draw.
    /// </summary>
    public static (bool Suits, string Why)? Current(PowerTrain train, Battery battery)
    {
        var draw = Math.Round(train.Known, 1);
        if (battery.CRating is not { } c || draw <= 0)
        {
            return null;
        }

        var gives = c * (double)battery.Capacity.Nominal / 1000;
        var words =
            $"{battery.Capacity.Text} at {Numbers.Say(c)} C gives {Numbers.Say(gives)} A; up to {Numbers.Say(draw)} "
            + $"A is drawn.";
        return (Numbers.Round(gives - draw) >= 0, words);
    }

    // Packs one after the other add their cells.
    private static int InRow(SpecSheet sheet) =>
        sheet.Power.Packs.Any(p => p.Count > 1 && p.InSeries) ? PacksTogether.Asked(sheet) : 1;

    /// <summary>The numbers of cells the maker's packs have, each by itself, least first.</summary>
    public static int[] Named(SpecSheet sheet) =>
        [
            .. sheet
                .Power.Packs.Where(p => p.Cells > 0 && sheet.Counts(p, PowerFields.Pack.Cells))
                .Select(p => p.Cells)
                .Distinct()
                .Order(),
        ];

    /// <summary>How many fly together, and how they are measured; empty for one.</summary>
    public static string Together(SpecSheet sheet) =>
        PacksTogether.Asked(sheet) is > 1 and var n
            ? $"It flies on {n} packs together: weigh and measure each, and say which fly, in the order they are "
                + "connected."
            : "";
}
