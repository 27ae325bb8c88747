using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Table;

namespace Zygotome.Core.Balance;

/// <summary>
/// What of weight and balance cannot be judged because the sheet does not say it in the maker's name.
/// </summary>
internal static class BalanceGaps
{
    public static IEnumerable<SheetGap> Of(SpecSheet sheet)
    {
        foreach (
            var configuration in sheet.Balance.Configurations.Where(c =>
                BalanceTarget.Of(sheet, c, BalanceSchool.Middle) is null
            )
        )
        {
            yield return new SheetGap(
                new BalanceId(Weighable.Centre, configuration.Name).Written,
                $"Centre of gravity, {configuration.Name}",
                Of(configuration),
                SheetGap.Lengths
            );
        }

        if (sheet.Balance.Configurations.Length > 0 && BalanceTarget.AllUpWeight(sheet) is null)
        {
            yield return new SheetGap("weight", "All-up weight", OfWeight(sheet), SheetGap.Masses);
        }

        if (sheet.Balance.Configurations.Length > 0 && OfLateral(sheet) is { Length: > 0 } undecided)
        {
            yield return new SheetGap("lateral", "Lateral balance", undecided, SheetGap.Lengths);
        }
    }

    /// <summary>
    /// Why nobody knows the limit to either side; empty where the sheet's, a lead's or the shop's own holds.
    /// </summary>
    internal static string OfLateral(SpecSheet sheet) =>
        BalanceTarget.SaidLateral(sheet) is Printed<Quantity>.Contradicted { Decision: null } said ? said.WhyNot : "";

    /// <summary>Why there is no all-up weight to be judged by.</summary>
    internal static string OfWeight(SpecSheet sheet) => sheet.Balance.Says(BalanceFields.AllUpWeight).WhyNot;

    /// <summary>Why a configuration has no range to be judged by.</summary>
    internal static string Of(BalanceConfiguration configuration) =>
        configuration is { Marks.Length: > 0, Range: Printed<Quantity>.NotStated }
            ? $"The manual balances on {configuration.Marks}: held up at them it needs no figure. A lead may say how "
                + "far aft of the datum they lie."
            : configuration.Range.WhyNot;
}
