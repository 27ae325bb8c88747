namespace Zygotome.Core.Quantities;

/// <summary>How long something takes, in the one form it is said in: "40 s", "38 min", "1 h 20", "12 h".</summary>
public static class Spans
{
    /// <param name="seconds">Not below 0; of ten minutes and more the seconds are left out.</param>
    public static string Say(double seconds)
    {
        var whole = (long)Math.Round(Math.Clamp(seconds, 0, 1e9));
        if (whole < 100)
        {
            return $"{whole} s";
        }

        if (whole < 600 && whole % 60 != 0)
        {
            return $"{whole / 60} min {whole % 60} s";
        }

        var minutes = (long)Math.Round(whole / 60.0);
        return minutes < 100 ? $"{minutes} min"
            : minutes % 60 == 0 ? $"{minutes / 60} h"
            : $"{minutes / 60} h {minutes % 60:00}";
    }
}
