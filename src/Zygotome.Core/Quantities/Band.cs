namespace Zygotome.Core.Quantities;

/// <summary>Inclusive limits in the unit of the requirement; either may be absent.</summary>
public sealed record Band(double? Low, double? High, string Unit)
{
    /// <summary>From low to high, both in.</summary>
    public static Band Of(decimal low, decimal high, string unit) =>
        new(Numbers.Round((double)low), Numbers.Round((double)high), unit);

    /// <summary>The middle of a closed band; the one limit of a half-open band.</summary>
    public double Middle => Low is { } l && High is { } h ? (l + h) / 2 : Low ?? High ?? 0;

    public double? Width => High - Low;

    /// <summary>As people say it: "24 to 28 mm", "at most 1620 g".</summary>
    /// <summary>Whether a value lies within the limits, ends included.</summary>
    public bool Contains(double value) =>
        (Low is not { } lo || Numbers.Round(value - lo) >= 0) && (High is not { } hi || Numbers.Round(hi - value) >= 0);

    public override string ToString()
    {
        var unit = Unit == "°" ? "°" : " " + Unit;
        return (Low, High) switch
        {
            ({ } l, { } h) when l == h => $"{Numbers.Say(l)}{unit}",
            ({ } l, { } h) => $"{Numbers.Say(l)} to {Numbers.Say(h)}{unit}",
            ({ } l, null) => $"at least {Numbers.Say(l)}{unit}",
            (null, { } h) => $"at most {Numbers.Say(h)}{unit}",
            _ => "not stated",
        };
    }
}
