namespace Zygotome.Core.Quantities;

/// <summary>Where a value stands against its band. Only <see cref="In"/> and <see cref="InClose"/> release.</summary>
public enum Verdict
{
    In,
    InClose,
    OutClose,
    Out,
}

/// <summary>On which side of the band a value lies.</summary>
public enum Side
{
    Within,
    TooLittle,
    TooMuch,
}

/// <summary>
/// A value with its expanded uncertainty U (95 %) judged against a band, by JCGM 106 with guard band w = U,
/// tested in this order: in (lo + U ≤ x ≤ hi − U); in, close (lo ≤ x ≤ hi); out, close (outside by at most U); out.
/// </summary>
/// <param name="By">How far outside, in the band's unit; 0 within.</param>
/// <param name="Releases">Whether release takes it; under guarded acceptance only <see cref="Verdict.In"/>.</param>
/// <param name="Hint">Said when the band is too narrow for the instrument; else empty.</param>
public sealed record Judgement(Verdict Verdict, Side Side, double By, bool Releases, string Phrase, string Hint)
{
    /// <summary>
    /// Whether the instrument can tell in from out: false where the band is narrower than 2U. What lies within such a
    /// band is not shown, under either rule; what lies clearly outside it is still out.
    /// </summary>
    public bool Shows { get; init; } = true;

    /// <summary>How far outside and on which side, in words: "1.2 mm too little"; empty within.</summary>
    public string OutBy { get; init; } = "";

    /// <param name="value">In the band's unit; rounded to 10⁻⁶ before it meets a limit.</param>
    /// <param name="u">Expanded uncertainty, same unit, ≥ 0.</param>
    /// <param name="guarded">The shop takes <see cref="Verdict.In"/> only.</param>
    public static Judgement Of(double value, double u, Band band, bool guarded = false)
    {
        (value, u) = (Numbers.Round(value), Numbers.Round(u));
        var below = band.Low is { } lo ? Numbers.Round(lo - value) : double.NegativeInfinity;
        var above = band.High is { } hi ? Numbers.Round(value - hi) : double.NegativeInfinity;
        var outside = Math.Max(below, above);
        var verdict =
            outside <= Numbers.Round(-u) ? Verdict.In
            : outside <= 0 ? Verdict.InClose
            : outside <= u ? Verdict.OutClose
            : Verdict.Out;
        var side =
            outside <= 0 ? Side.Within
            : below > above ? Side.TooLittle
            : Side.TooMuch;
        var outBy =
            outside <= 0 ? "" : $"{Amount(outside, band.Unit)} too {(side == Side.TooLittle ? "little" : "much")}";
        var shows = band.Width is not { } width || Numbers.Round(width - (2 * u)) >= 0;
        var releases = shows && (verdict == Verdict.In || (verdict == Verdict.InClose && !guarded));
        return new Judgement(
            Verdict: verdict,
            Side: side,
            By: Math.Max(0, outside),
            Releases: releases,
            Phrase: Say(verdict, outBy),
            Hint: Hardly(band, u, shows)
        )
        {
            Shows = shows,
            OutBy = outBy,
        };
    }

    private static string Say(Verdict verdict, string outBy) =>
        verdict switch
        {
            Verdict.In => "In",
            Verdict.InClose => "In, close",
            _ => $"{(verdict == Verdict.Out ? "Out" : "Out, close")}: {outBy}",
        };

    // Never "0.0 mm too much": what is displayed must not contradict the verdict.
    private static string Amount(double by, string unit)
    {
        var gap = unit == "°" ? "" : " ";
        return by < 0.05 ? $"under 0.1{gap}{unit}" : $"{Numbers.OneDecimal(by)}{gap}{unit}";
    }

    private static string Hardly(Band band, double u, bool shows) =>
        !shows ? "Not shown: the band is narrower than twice this instrument's uncertainty; a finer one can show it."
        : band.Width is { } width && Numbers.Round(width - (4 * u)) < 0
            ? "This instrument can hardly show it: the band is narrower than four times its uncertainty."
        : "";
}
