using System.Text.Json.Serialization;

namespace Zygotome.Core.Quantities;

/// <summary>
/// A quantity of the one kind its field takes, as somebody typed it. Whoever posts or asks sends the text; the type
/// says what a bare number is and what is refused. What is stored is read for ever, whatever it says.
/// </summary>
public abstract record Measure(Quantity Typed)
{
    /// <summary>What such a field takes.</summary>
    public abstract Measurand Takes { get; }

    /// <summary>In the words it was typed in.</summary>
    public string Text => Typed.Text;

    /// <summary>In the canonical unit of its dimension (mm, g, degrees, %, mAh), signed by its way.</summary>
    public decimal Nominal => Typed.Nominal;

    /// <summary>As <see cref="Nominal"/>, to reckon with.</summary>
    public double Value => (double)Typed.Nominal;

    /// <summary>The refusal of one that nothing on a model aircraft has; both ends are possible.</summary>
    /// <param name="what">What it is of: "a pack's mass".</param>
    public Refusal? Outside(decimal least, decimal most, string what, string where) =>
        Nominal < least || Nominal > most
            ? new Refusal(
                "quantity/impossible",
                $"{Texts.Capital(what)} of \"{Text}\" is not possible; {QuantityPrinter.Plain(least)} to "
                    + $"{QuantityPrinter.Plain(most)} {Takes.Units[0]} is.",
                where
            )
            : null;

    public sealed override string ToString() => Text;
}

/// <summary>A kind of it that says by itself what it takes.</summary>
public abstract record Measure<TSelf>(Quantity Typed) : Measure(Typed)
    where TSelf : Measure<TSelf>, IMeasure<TSelf>
{
    public sealed override Measurand Takes => TSelf.Measurand;
}

/// <summary>How each kind of <see cref="Measure"/> is made.</summary>
public interface IMeasure<TSelf>
    where TSelf : Measure, IMeasure<TSelf>
{
    /// <summary>What it takes.</summary>
    static abstract Measurand Measurand { get; }

    /// <summary>Of any quantity, fitting or not: what is stored was taken once.</summary>
    static abstract TSelf Of(Quantity typed);

    /// <summary>Whether it is written as a plain number of its unit, as once it was; else as the text.</summary>
    static virtual bool IsNumber => false;
}

/// <summary>How long, wide or thick something is, mm.</summary>
[JsonConverter(typeof(MeasureJson))]
public sealed record Length(Quantity Typed) : Measure<Length>(Typed), IMeasure<Length>
{
    public static Measurand Measurand { get; } = new("a length", Unit.Millimetre);

    public static Length Of(Quantity typed) => new(typed);
}

/// <summary>How heavy something is, g; below zero where work took something off.</summary>
[JsonConverter(typeof(MeasureJson))]
public sealed record Mass(Quantity Typed) : Measure<Mass>(Typed), IMeasure<Mass>
{
    public static Measurand Measurand { get; } = new("a mass", Unit.Gram);

    public static Mass Of(Quantity typed) => new(typed);
}

/// <summary>An angle, degrees.</summary>
[JsonConverter(typeof(MeasureJson))]
public sealed record Angle(Quantity Typed) : Measure<Angle>(Typed), IMeasure<Angle>
{
    public static Measurand Measurand { get; } = new("an angle", Unit.Degree);

    public static Angle Of(Quantity typed) => new(typed);
}

/// <summary>What a pack holds, mAh.</summary>
[JsonConverter(typeof(MeasureJson))]
public sealed record Capacity(Quantity Typed) : Measure<Capacity>(Typed), IMeasure<Capacity>
{
    public static Measurand Measurand { get; } = new("a capacity", Unit.MilliampereHour);

    public static Capacity Of(Quantity typed) => new(typed);
}

/// <summary>What flows, A.</summary>
[JsonConverter(typeof(MeasureJson))]
public sealed record Current(Quantity Typed) : Measure<Current>(Typed), IMeasure<Current>
{
    public static Measurand Measurand { get; } = new("a current", Unit.Ampere);

    public static Current Of(Quantity typed) => new(typed);
}

/// <summary>How strongly a servo turns, N·m; typed and shown in kg cm.</summary>
[JsonConverter(typeof(MeasureJson))]
public sealed record Torque(Quantity Typed) : Measure<Torque>(Typed), IMeasure<Torque>
{
    public static Measurand Measurand { get; } = new("a torque", Unit.KilogramCentimetre, Unit.NewtonMetre);

    public static Torque Of(Quantity typed) => new(typed);
}

/// <summary>A share, as a radio shows it, %. Stored as a plain number.</summary>
[JsonConverter(typeof(MeasureJson))]
public sealed record Percent(Quantity Typed) : Measure<Percent>(Typed), IMeasure<Percent>
{
    public static Measurand Measurand { get; } = new("a percentage", Unit.PerCent);

    public static bool IsNumber => true;

    public static Percent Of(Quantity typed) => new(typed);
}

/// <summary>How warm it is, °C. Stored as a plain number.</summary>
[JsonConverter(typeof(MeasureJson))]
public sealed record Celsius(Quantity Typed) : Measure<Celsius>(Typed), IMeasure<Celsius>
{
    public static Measurand Measurand { get; } = new("a temperature", Unit.Celsius);

    public static bool IsNumber => true;

    public static Celsius Of(Quantity typed) => new(typed);
}

/// <summary>A place along the aircraft, mm from the sheet's datum, aft +.</summary>
[JsonConverter(typeof(MeasureJson))]
public sealed record Station(Quantity Typed) : Measure<Station>(Typed), IMeasure<Station>
{
    public static Measurand Measurand { get; } = new("a place in mm from the datum", Unit.Millimetre);

    public static Station Of(Quantity typed) => new(typed);
}

/// <summary>How far out to the side, mm from the centre line, right +.</summary>
[JsonConverter(typeof(MeasureJson))]
public sealed record Lateral(Quantity Typed) : Measure<Lateral>(Typed), IMeasure<Lateral>
{
    public static Measurand Measurand { get; } =
        new("a distance to the side", Unit.Millimetre) { Ways = [Way.Left, Way.Right] };

    public static Lateral Of(Quantity typed) => new(typed);
}

/// <summary>How far a trailing edge stands off its line, mm, up and right +.</summary>
[JsonConverter(typeof(MeasureJson))]
public sealed record Offset(Quantity Typed) : Measure<Offset>(Typed), IMeasure<Offset>
{
    public static Measurand Measurand { get; } =
        new("an offset", Unit.Millimetre) { Ways = Measurand.AnyWay, IsReadOff = true };

    public static Offset Of(Quantity typed) => new(typed);
}

/// <summary>A value, a band or a limit as a manual prints one; what it is for says what a bare number is.</summary>
[JsonConverter(typeof(MeasureJson))]
public sealed record AsPrinted(Quantity Typed) : Measure<AsPrinted>(Typed), IMeasure<AsPrinted>
{
    public static Measurand Measurand { get; } =
        new(
            "a length, an angle, a percentage or a mass",
            Unit.One,
            Unit.Millimetre,
            Unit.Degree,
            Unit.PerCent,
            Unit.Gram
        )
        {
            IsBand = true,
            Ways = Measurand.AnyWay,
        };

    public static AsPrinted Of(Quantity typed) => new(typed);
}

/// <summary>
/// One reading with its way, of whatever is under the instrument. What measures it says what a bare number is.
/// </summary>
[JsonConverter(typeof(MeasureJson))]
public sealed record Reading(Quantity Typed) : Measure<Reading>(Typed), IMeasure<Reading>
{
    private static readonly Measurand Percents = new("a reading in radio percent", Unit.PerCent)
    {
        Ways = Measurand.AnyWay,
    };

    private static readonly Measurand Angles = new("a reading in degrees", Unit.Degree) { Ways = Measurand.AnyWay };

    private static readonly Measurand Lengths = new("a reading in mm", Unit.Millimetre)
    {
        Ways = Measurand.AnyWay,
        IsReadOff = true,
    };

    private static readonly Measurand Forces = new("a reading in g", Unit.Gram);

    public static Measurand Measurand { get; } =
        new("one reading", Unit.One, Unit.Millimetre, Unit.Degree, Unit.PerCent, Unit.Gram) { Ways = Measurand.AnyWay };

    /// <summary>What a reading by this unit takes: mm, degrees, percent or g.</summary>
    public static Measurand By(Unit unit) =>
        unit == Unit.PerCent ? Percents
        : unit == Unit.Gram ? Forces
        : unit == Unit.Degree ? Angles
        : Lengths;

    public static Reading Of(Quantity typed) => new(typed);
}
