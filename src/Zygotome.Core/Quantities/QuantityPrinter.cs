using System.Globalization;

namespace Zygotome.Core.Quantities;

/// <summary>Writes quantities so that the parser reads the same back.</summary>
public static class QuantityPrinter
{
    /// <summary>
    /// The quantity in its own unit: inch values that are whole 64ths as fractions, all else as decimals.
    /// </summary>
    public static string Print(Quantity q)
    {
        var way = q.Way is { } w ? " " + w.Word() : "";
        var unit =
            q.Unit.Symbol.Length == 0 ? ""
            : q.Unit.Symbol is "°" or "%" ? q.Unit.Symbol
            : " " + q.Unit.Symbol;
        return q.Form switch
        {
            QuantityForm.Single => $"{Value(q.First, q.Unit)}{unit}{way}",
            QuantityForm.Tolerance when q.Second == q.Minus =>
                $"{Value(q.First, q.Unit)}{unit}{way} ± {Value(q.Second, q.Unit)}{unit}",
            QuantityForm.Tolerance =>
                $"{Value(q.First, q.Unit)}{unit}{way} +{Value(q.Second, q.Unit)}/-{Value(q.Minus, q.Unit)}",
            _ => $"{Value(q.First, q.Unit)}{unit} to {Value(q.Second, q.Unit)}{unit}{way}",
        };
    }

    /// <summary>A number in <paramref name="unit"/>, shortest exact form, invariant.</summary>
    public static string Value(decimal value, Unit unit)
    {
        var sixtyFourths = value * 64;
        if (unit != Unit.Inch || sixtyFourths != decimal.Truncate(sixtyFourths) || value == decimal.Truncate(value))
        {
            return Plain(value);
        }

        var sign = value < 0 ? "-" : "";
        var whole = decimal.Truncate(Math.Abs(value));
        var (n, d) = ((int)((Math.Abs(value) - whole) * 64), 64);
        while (n % 2 == 0)
        {
            (n, d) = (n / 2, d / 2);
        }

        return whole == 0 ? $"{sign}{n}/{d}" : $"{sign}{Plain(whole)} {n}/{d}";
    }

    /// <summary>A decimal without trailing zeros.</summary>
    public static string Plain(decimal value) =>
        value.ToString("0.############################", CultureInfo.InvariantCulture);

    /// <summary>
    /// The same in the other system: inches as mm, mm as inches, ounces as g, g as ounces; empty for all else, metres
    /// too.
    /// </summary>
    public static string InOtherUnit(Quantity q)
    {
        if (q.Dimension is not (Dimension.Length or Dimension.Mass) || q.Unit == Unit.Metre)
        {
            return "";
        }

        var metric = q.Unit == Unit.Inch || q.Unit == Unit.Ounce || q.Unit == Unit.Pound;
        var to = (q.Dimension, metric) switch
        {
            (Dimension.Length, true) => Unit.Millimetre,
            (Dimension.Length, _) => Unit.Inch,
            (_, true) => Unit.Gram,
            _ => Unit.Ounce,
        };
        string Of(decimal canonical) =>
            Math.Round(Math.Abs(canonical) / to.Factor, to == Unit.Inch ? 2 : 1, MidpointRounding.AwayFromZero)
                .ToString("0.##", CultureInfo.InvariantCulture);
        var sign = q.Way is null && q.Nominal < 0 ? "-" : "";
        return q.Form switch
        {
            QuantityForm.Single => $"{sign}{Of(q.Nominal)} {to.Symbol}",
            QuantityForm.Tolerance => $"{sign}{Of(q.Nominal)} {to.Symbol}, {Of(q.Low)} to {Of(q.High)}",
            QuantityForm.Range when q.Way is not (Way.Down or Way.Left) =>
                $"{(q.Low < 0 ? "-" : "")}{Of(q.Low)} to {(q.High < 0 ? "-" : "")}{Of(q.High)} {to.Symbol}",
            _ => $"{Of(q.First * q.Unit.Factor)} to {Of(q.Second * q.Unit.Factor)} {to.Symbol}",
        };
    }
}
