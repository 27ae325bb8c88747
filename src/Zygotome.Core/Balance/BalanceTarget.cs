using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Table;

namespace Zygotome.Core.Balance;

/// <summary>
/// Three things apart: the sheet's range (verdict), the school's target band, and its middle, the target point.
/// </summary>
public sealed record BalanceTarget(string Configuration, Band Range, Band Target, string School)
{
    /// <summary>
    /// Null while the maker's range is not known: not stated, assumed, contradicted, or by marks nobody has measured.
    /// </summary>
    public static BalanceTarget? Of(SpecSheet sheet, BalanceConfiguration configuration, BalanceSchool school)
    {
        if (BalanceRange.Of(sheet, configuration) is not { } range)
        {
            return null;
        }

        var third = (range.High!.Value - range.Low!.Value) / 3;
        return school == BalanceSchool.Middle
            ? new BalanceTarget(
                configuration.Name,
                range,
                new Band(Numbers.Round(range.Low.Value + third), Numbers.Round(range.High.Value - third), "mm"),
                "middle third"
            )
            : new BalanceTarget(
                configuration.Name,
                range,
                new Band(range.Low, Numbers.Round(range.Low.Value + third), "mm"),
                "forward third"
            );
    }

    /// <summary>
    /// What the sheet allows the aircraft to weigh, g; a single value is a maximum. Null when not stated.
    /// </summary>
    public static Band? AllUpWeight(SpecSheet sheet) =>
        sheet.Asked("weight", sheet.Balance.Says(BalanceFields.AllUpWeight)).Counts switch
        {
            null => null,
            { Form: QuantityForm.Single } q => new Band(null, (double)q.High, "g"),
            { } q => Band.Of(q.Low, q.High, "g"),
        };

    /// <summary>Whose word the limit to either side is.</summary>
    internal static Printed<Quantity> SaidLateral(SpecSheet sheet) =>
        sheet.Asked("lateral", sheet.Balance.Says(BalanceFields.Lateral));

    /// <summary>
    /// How far the centre may lie off the middle, mm either side: the sheet's, else 1 % of the half span (the shop's).
    /// </summary>
    /// <remarks>Asked only where it is decided.</remarks>
    public static (Band Band, bool Shops) Lateral(SpecSheet sheet)
    {
        var stated = SaidLateral(sheet).Counts;
        var limit =
            stated is { } q ? (double)q.High
            : sheet.Geometry.Wing is { } wing ? wing.HalfSpan * 0.01
            : 5;
        return (new Band(Numbers.Round(-limit), Numbers.Round(limit), "mm"), stated is null);
    }
}
