using Zygotome.Core.Journal;
using Zygotome.Core.Sheets;

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
                GapFill.Lengths
            );
        }

        if (sheet.Balance.Configurations.Length > 0 && BalanceTarget.AllUpWeight(sheet) is null)
        {
            yield return new SheetGap("weight", "All-up weight", OfWeight(sheet), GapFill.Masses);
        }

        if (
            sheet.Balance is { Configurations.Length: > 0, LateralUndecided: { Length: > 0 } against }
            && !sheet.Given.ContainsKey("lateral")
        )
        {
            yield return new SheetGap(
                "lateral",
                "Lateral balance",
                $"The manual says {against}; nobody has decided what counts.",
                GapFill.Lengths
            );
        }
    }

    /// <summary>Why there is no all-up weight to be judged by.</summary>
    internal static string OfWeight(SpecSheet sheet) =>
        sheet.Balance switch
        {
            { WeightUndecided: { Length: > 0 } against } =>
                $"The manual says {against}; nobody has decided what counts.",
            { AllUpWeight: { } assumed } => $"Not stated by the maker; {assumed.Text} is assumed.",
            _ => "The manual does not state it.",
        };

    /// <summary>Why a configuration has no range to be judged by.</summary>
    internal static string Of(BalanceConfiguration configuration) =>
        configuration switch
        {
            { Marks.Length: > 0, Range: null } =>
                $"The manual balances on {configuration.Marks}; measure how far aft of the datum they lie.",
            { Range: null } => "The manual does not state it.",
            { Range.Assumed: true } => $"Not stated by the maker; "
                + $"{string.Join(" against ", configuration.Range.Statements.Select(s => s.Text))} is assumed.",
            _ => $"The manual says {string.Join(" against ", configuration.Range.Statements.Select(s => s.Text))}; "
                + $"nobody has decided what counts.",
        };
}
