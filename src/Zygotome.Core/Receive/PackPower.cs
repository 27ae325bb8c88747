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
    public static (bool Suits, string Why)? Judge(SpecSheet sheet, Battery battery)
    {
        var said = new[] { Cells(sheet, battery), Current(sheet, battery) }
            .OfType<(bool Suits, string Why)>()
            .ToArray();
        var against = said.Where(s => !s.Suits).ToArray();
        return said.Length == 0
            ? null
            : (against.Length == 0, string.Join(" ", (against.Length > 0 ? against : said).Select(s => s.Why)));
    }

    /// <summary>
    /// One of the numbers of cells the sheet's packs have; where it names no pack, within what every controller takes.
    /// </summary>
    public static (bool Suits, string Why)? Cells(SpecSheet sheet, Battery battery)
    {
        var named = Named(sheet);
        var (least, most) = Taken(sheet);
        var has = $"{battery.Cells} {(battery.Cells == 1 ? "cell" : "cells")}";
        var beyond =
            battery.Cells > most ? $"the controller takes no more than {most}"
            : battery.Cells < least ? $"the controller takes no fewer than {least}"
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
                    : (true, $"{has}; the controller takes {(least == most ? $"{most}" : $"{least} to {most}")}.");
    }

    /// <summary>
    /// C × Ah, A, against the upper limit of what the motors draw together; null without a C rating or a draw.
    /// </summary>
    public static (bool Suits, string Why)? Current(SpecSheet sheet, Battery battery)
    {
        var draw = Draw(sheet);
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

    /// <summary>The numbers of cells the maker's packs have, least first.</summary>
    public static int[] Named(SpecSheet sheet) =>
        [
            .. sheet
                .Power.Packs.Where(p => p.Cells > 0 && sheet.Counts(p, PowerFields.Pack.Cells))
                .Select(p => p.Cells)
                .Distinct()
                .Order(),
        ];

    /// <summary>Upper limits of the draws together, A; 0 where the maker states none.</summary>
    public static double Draw(SpecSheet sheet) =>
        sheet.Power.Motors.Sum(m => (double)(m.Says(PowerFields.Motor.Draw).Counts?.High ?? 0));

    /// <summary>What is to be measured when several packs are flown together; empty for one.</summary>
    public static string Together(SpecSheet sheet) =>
        sheet.Power.Packs.Select(p => p.Count).DefaultIfEmpty(1).Max() is > 1 and var n
            ? $"It flies on {n} packs together: weigh all, measure them as they lie in the bay, and add their capacity."
            : "";

    // A single number is the most a controller takes.
    private static (int? Least, int? Most) Taken(SpecSheet sheet)
    {
        var stated = sheet
            .Power.Controllers.Select(c => c.Says(PowerFields.Controller.Cells).Counts)
            .OfType<Quantity>()
            .ToArray();
        return stated.Length == 0
            ? (null, null)
            : ((int)stated.Max(c => c.Form == QuantityForm.Single ? 1 : c.Low), (int)stated.Min(c => c.High));
    }
}
