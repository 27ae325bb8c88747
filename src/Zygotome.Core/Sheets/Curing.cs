using Zygotome.Core.Quantities;

namespace Zygotome.Core.Sheets;

/// <summary>When a joint can be handled and when it has its full strength.</summary>
public static class Curing
{
    private const double MostMinutes = 10 * 365 * 24 * 60;

    /// <summary>
    /// Instants of <c>handle</c> and <c>full strength</c> for a joint closed at <paramref name="start"/> at a constant
    /// bench temperature in °C. Epoxies: t = t₂₀ · 2^((20 − T)/10), refused below 10 °C, held at × 0.5 above 30 °C;
    /// others by their table.
    /// </summary>
    public static Outcome<(DateTimeOffset Handle, DateTimeOffset Full)> Of(
        Adhesive adhesive,
        double celsius,
        DateTimeOffset start
    )
    {
        if (!double.IsFinite(celsius) || celsius is < -20 or > 60)
        {
            return new Refusal(
                "build/temperature",
                $"{celsius} °C at the bench is not possible; -20 to 60 is.",
                "body.benchCelsius"
            );
        }

        if (adhesive.Epoxy && celsius < 10)
        {
            return new Refusal(
                "build/too-cold",
                $"{adhesive.Name} does not cure properly at {Numbers.Say(celsius)} °C; warm the bench to at least "
                    + $"10 °C.",
                "body.benchCelsius"
            );
        }

        var factor = Factor(adhesive, celsius);
        return (After(start, adhesive.HandleMinutes * factor), After(start, adhesive.FullMinutes * factor));
    }

    /// <summary>How much longer it takes than at 20 °C: of an epoxy by the doubling rule, else 1.</summary>
    internal static double Factor(Adhesive adhesive, double celsius) =>
        adhesive.Epoxy ? Math.Max(0.5, Math.Pow(2, (20 - celsius) / 10)) : 1;

    /// <summary>
    /// So many minutes later, from now to ten years on: what a journal holds has an instant, whatever number it says.
    /// </summary>
    public static DateTimeOffset After(DateTimeOffset start, double minutes) =>
        start.AddMinutes(double.IsNaN(minutes) ? 0 : Math.Clamp(minutes, 0, MostMinutes));
}
