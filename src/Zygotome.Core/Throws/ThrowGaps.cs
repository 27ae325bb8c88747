using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Throws;

/// <summary>
/// Throws and rest positions that cannot be judged because the sheet does not say them in the maker's name.
/// </summary>
internal static class ThrowGaps
{
    public static IEnumerable<SheetGap> Of(SpecSheet sheet, ShopRules rules)
    {
        foreach (var target in ThrowTargets.Of(sheet, rules).Where(t => t.Band is null))
        {
            yield return new SheetGap(target.Id, $"{target.Name}, {target.Rate}", target.Gap, SheetGap.Throws);
        }

        foreach (var row in sheet.Neutral.Where(n => n.Offset.Counts is null))
        {
            foreach (var surface in sheet.Named(row.Surfaces).Where(s => !sheet.Given.ContainsKey(NeutralOf(s))))
            {
                yield return new SheetGap(
                    NeutralOf(surface),
                    $"{surface.Name}, neutral",
                    row.Offset is Printed<Quantity>.Assumed assumed
                        ? $"{assumed.Value.Text} is assumed."
                        : row.Offset.WhyNot,
                    SheetGap.Lengths
                );
            }
        }
    }

    private static string NeutralOf(Surface surface) => new SurfaceId(SurfaceAsk.Neutral, surface.Id).Written;
}
