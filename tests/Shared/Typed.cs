using Zygotome.Core.Quantities;

namespace Zygotome.Tests;

/// <summary>A quantity as somebody types it, for whichever field takes it.</summary>
public readonly record struct Typed(string Text)
{
    public static implicit operator Quantity(Typed typed) =>
        QuantityParser.Parse(typed.Text).Match(q => q, r => throw new InvalidOperationException(r.Text));

    public static implicit operator Length(Typed typed) => Read<Length>(typed);

    public static implicit operator Mass(Typed typed) => Read<Mass>(typed);

    public static implicit operator Angle(Typed typed) => Read<Angle>(typed);

    public static implicit operator Capacity(Typed typed) => Read<Capacity>(typed);

    public static implicit operator Current(Typed typed) => Read<Current>(typed);

    public static implicit operator Torque(Typed typed) => Read<Torque>(typed);

    public static implicit operator Percent(Typed typed) => Read<Percent>(typed);

    public static implicit operator Celsius(Typed typed) => Read<Celsius>(typed);

    public static implicit operator Station(Typed typed) => Read<Station>(typed);

    public static implicit operator Lateral(Typed typed) => Read<Lateral>(typed);

    public static implicit operator Offset(Typed typed) => Read<Offset>(typed);

    public static implicit operator AsPrinted(Typed typed) => Read<AsPrinted>(typed);

    public static implicit operator Reading(Typed typed) => Read<Reading>(typed);

    private static T Read<T>(Typed typed)
        where T : Measure, IMeasure<T> =>
        T.Measurand.Read(typed.Text).Match(T.Of, r => throw new InvalidOperationException(r.Text));
}
