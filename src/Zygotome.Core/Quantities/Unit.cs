namespace Zygotome.Core.Quantities;

/// <summary>What a quantity measures. Quantities of different dimensions never compare.</summary>
public enum Dimension
{
    /// <summary>A bare number, as in a count.</summary>
    None,
    Length,
    Angle,
    Mass,
    Current,
    Voltage,
    Charge,
    Percent,
    Torque,
    Time,
    Temperature,
    Power,
}

/// <summary>A unit as a manual prints it, with its factor to the canonical unit of its dimension
/// (mm, g, degrees, A, V, mAh, %, N·m, minutes, °C, W). Factors are exact but for the second's.</summary>
public sealed record Unit(string Symbol, Dimension Dimension, decimal Factor, params string[] Spellings)
{
    public static readonly Unit One = new("", Dimension.None, 1);
    public static readonly Unit Millimetre = new("mm", Dimension.Length, 1, "millimetre", "millimetres");
    public static readonly Unit Centimetre = new("cm", Dimension.Length, 10);
    public static readonly Unit Metre = new("m", Dimension.Length, 1000);
    public static readonly Unit Inch = new("in", Dimension.Length, 25.4m, "\"", "″", "inch", "inches");
    public static readonly Unit Degree = new("°", Dimension.Angle, 1, "º", "deg", "degree", "degrees");
    public static readonly Unit Gram = new("g", Dimension.Mass, 1, "gram", "grams");
    public static readonly Unit Kilogram = new("kg", Dimension.Mass, 1000);
    public static readonly Unit Ounce = new("oz", Dimension.Mass, 28.349523125m);
    public static readonly Unit Pound = new("lb", Dimension.Mass, 453.59237m, "lbs");
    public static readonly Unit Ampere = new("A", Dimension.Current, 1);
    public static readonly Unit Volt = new("V", Dimension.Voltage, 1);
    public static readonly Unit MilliampereHour = new("mAh", Dimension.Charge, 1);
    public static readonly Unit AmpereHour = new("Ah", Dimension.Charge, 1000);
    public static readonly Unit PerCent = new("%", Dimension.Percent, 1);

    /// <summary>Kilogram-force centimetre: 0.0980665 N·m.</summary>
    public static readonly Unit KilogramCentimetre = new(
        "kg cm",
        Dimension.Torque,
        0.0980665m,
        "kg·cm",
        "kgcm",
        "kgf cm"
    );
    public static readonly Unit NewtonMetre = new("N m", Dimension.Torque, 1, "N·m", "Nm");

    /// <summary>A sixtieth of a minute: exact to 28 digits.</summary>
    public static readonly Unit Second = new("s", Dimension.Time, 1m / 60, "sec", "second", "seconds");

    public static readonly Unit Minute = new("min", Dimension.Time, 1, "minutes");
    public static readonly Unit Hour = new("h", Dimension.Time, 60);
    public static readonly Unit Watt = new("W", Dimension.Power, 1, "watt", "watts");
    public static readonly Unit Celsius = new("°C", Dimension.Temperature, 1, "C");

    /// <summary>Every unit the parser knows.</summary>
    public static readonly IReadOnlyList<Unit> All =
    [
        Millimetre,
        Centimetre,
        Metre,
        Inch,
        Degree,
        Gram,
        Kilogram,
        Ounce,
        Pound,
        Ampere,
        Volt,
        MilliampereHour,
        AmpereHour,
        PerCent,
        KilogramCentimetre,
        NewtonMetre,
        Second,
        Minute,
        Hour,
        Celsius,
        Watt,
    ];

    // Longest spelling first, so that "mAh" is not read as "m" and "kg cm" not as "kg".
    internal static readonly IReadOnlyList<(string Spelling, Unit Unit)> BySpelling =
    [
        .. All.SelectMany(u => u.Spellings.Append(u.Symbol).Select(s => (s, u)))
            .OrderByDescending(p => p.s.Length)
            .ThenBy(p => p.s, StringComparer.Ordinal),
    ];

    public bool Equals(Unit? other) => other is not null && Symbol == other.Symbol;

    public override int GetHashCode() => StringComparer.Ordinal.GetHashCode(Symbol);

    public override string ToString() => Symbol;
}
