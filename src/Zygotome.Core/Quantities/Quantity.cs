using System.Text.Json.Serialization;

namespace Zygotome.Core.Quantities;

/// <summary>The way a manual prints behind a throw or an offset. Up and right are positive (trailing edge).</summary>
public enum Way
{
    Up,
    Down,
    Right,
    Left,
    Out,
}

/// <summary>How the number was printed; what a single value means is decided by the field it stands in.</summary>
public enum QuantityForm
{
    /// <summary><c>12 mm</c></summary>
    Single,

    /// <summary><c>14 mm to 18 mm</c></summary>
    Range,

    /// <summary><c>12 ± 1 mm</c> or <c>12 mm +2/-1</c></summary>
    Tolerance,

    /// <summary><c>16 to 12</c>: a band, or two rates? It has no limits until somebody has decided.</summary>
    Descending,
}

/// <summary>
/// A quantity as the manual prints it and what it says. <see cref="First"/> and <see cref="Second"/> are in the printed
/// <see cref="Unit"/>; <see cref="Low"/>, <see cref="High"/> and <see cref="Nominal"/> are canonical (mm, g, degrees,
/// A, V, mAh, %, N·m, minutes, °C) and signed by <see cref="Way"/> (down and left negative).
/// Values are decimals, so 25.4/64 is exact. Equality compares meaning and form, not the text.
/// </summary>
[JsonConverter(typeof(QuantityJson))]
public sealed class Quantity : IEquatable<Quantity>
{
    private Quantity(string text, QuantityForm form, Unit unit, decimal first, decimal second, decimal minus, Way? way)
    {
        (Text, Form, Unit, First, Second, Minus, Way) = (text, form, unit, first, second, minus, way);
        var sign = way is Quantities.Way.Down or Quantities.Way.Left ? -1 : 1;
        var (a, b, n) = form switch
        {
            QuantityForm.Single => (first, first, first),
            QuantityForm.Tolerance => (first - minus, first + second, first),
            _ => (first, second, (first + second) / 2),
        };
        Nominal = sign * n * unit.Factor;
        var (low, high) = sign > 0 ? (a, b) : (-b, -a);
        Low = low * unit.Factor;
        High = high * unit.Factor;
    }

    /// <summary>The manual's own words.</summary>
    public string Text { get; }

    public QuantityForm Form { get; }

    public Unit Unit { get; }

    public Dimension Dimension => Unit.Dimension;

    /// <summary>
    /// Printed unit: the single value, the lower end, the nominal, or the first of a descending pair.
    /// </summary>
    public decimal First { get; }

    /// <summary>Printed unit: the upper end, the plus tolerance, or the second of a descending pair.</summary>
    public decimal Second { get; }

    /// <summary>Printed unit: the minus tolerance, as a positive number.</summary>
    public decimal Minus { get; }

    public Way? Way { get; }

    /// <summary>Canonical: the single value, the middle of a range, the nominal of a tolerance.</summary>
    public decimal Nominal { get; }

    /// <summary>Canonical lower limit. Meaningless for <see cref="QuantityForm.Descending"/> until decided.</summary>
    public decimal Low { get; }

    /// <summary>Canonical upper limit.</summary>
    public decimal High { get; }

    /// <summary>One value; text as printed, else made from the value.</summary>
    public static Quantity Single(decimal value, Unit unit, Way? way = null, string? text = null) =>
        Make(text, QuantityForm.Single, unit, value, 0, 0, way);

    /// <summary>
    /// A printed pair; lower first is a range, higher first is <see cref="QuantityForm.Descending"/>.
    /// </summary>
    public static Quantity Pair(decimal first, decimal second, Unit unit, Way? way = null, string? text = null) =>
        Make(text, first <= second ? QuantityForm.Range : QuantityForm.Descending, unit, first, second, 0, way);

    /// <summary>A nominal with tolerances, both as positive numbers.</summary>
    public static Quantity Tolerance(
        decimal nominal,
        decimal plus,
        decimal minus,
        Unit unit,
        Way? way = null,
        string? text = null
    ) => Make(text, QuantityForm.Tolerance, unit, nominal, plus, minus, way);

    private static Quantity Make(
        string? text,
        QuantityForm form,
        Unit unit,
        decimal a,
        decimal b,
        decimal minus,
        Way? way
    )
    {
        var made = new Quantity(text ?? "", form, unit, a, b, minus, way);
        return text is null ? new Quantity(QuantityPrinter.Print(made), form, unit, a, b, minus, way) : made;
    }

    public bool Equals(Quantity? other) =>
        other is not null
        && (Form, Unit, First, Second, Minus, Way)
            == (other.Form, other.Unit, other.First, other.Second, other.Minus, other.Way);

    public override bool Equals(object? obj) => Equals(obj as Quantity);

    public override int GetHashCode() => HashCode.Combine(Form, Unit, First, Second, Minus, Way);

    public override string ToString() => Text;
}
