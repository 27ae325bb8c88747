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

    /// <summary>
    /// A value in the band's unit with the decimals it is usually said with, and more, up to six, where fewer would put
    /// it on the other side of a limit than it is on: 27.04 beside at most 27 is not 27.0.
    /// </summary>
    public string Beside(double value, int decimals = 1)
    {
        for (; decimals < 6; decimals++)
        {
            if (Contains(Math.Round(value, decimals, MidpointRounding.AwayFromZero)) == Contains(value))
            {
                break;
            }
        }

        return (Math.Round(value, decimals, MidpointRounding.AwayFromZero) + 0.0).ToString(
            $"F{decimals}",
            System.Globalization.CultureInfo.InvariantCulture
        );
    }

    /// <summary>Whether a value lies within the limits, ends included.</summary>
    public bool Contains(double value) =>
        (Low is not { } lo || Numbers.Round(value - lo) >= 0) && (High is not { } hi || Numbers.Round(hi - value) >= 0);

    /// <summary>As people say it: "24 to 28 mm", "at most 1620 g".</summary>
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
