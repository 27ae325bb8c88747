using System.Globalization;

namespace Zygotome.Core.Quantities;

/// <summary>Rounding shared by every computation, and the way numbers are said.</summary>
public static class Numbers
{
    public const double RadiansPerDegree = Math.PI / 180;

    /// <summary>To 10⁻⁶, before any value meets a limit: in binary floating point 11.9 + 0.1 is not 12.</summary>
    public static double Round(double value) => Math.Round(value, 6, MidpointRounding.AwayFromZero) + 0.0;

    /// <summary>At most two decimals, without trailing zeros, invariant.</summary>
    public static string Say(double value) =>
        (Math.Round(value, 2, MidpointRounding.AwayFromZero) + 0.0).ToString("0.##", CultureInfo.InvariantCulture);

    /// <summary>An uncertainty: one decimal, or its first digit where that would say it is none.</summary>
    public static string Uncertainty(double u) =>
        u is >= 0.05 or 0 ? OneDecimal(u) : u.ToString("G1", CultureInfo.InvariantCulture);

    /// <summary>One decimal, always: for readings that stand under each other.</summary>
    public static string OneDecimal(double value) =>
        (Math.Round(value, 1, MidpointRounding.AwayFromZero) + 0.0).ToString("0.0", CultureInfo.InvariantCulture);
}
