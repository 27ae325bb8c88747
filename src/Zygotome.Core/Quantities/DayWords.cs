using System.Globalization;

namespace Zygotome.Core.Quantities;

/// <summary>A day as people say it, the same everywhere: "24 Nov 2026".</summary>
public static class DayWords
{
    /// <summary>With the month's name, so that no two countries read it otherwise.</summary>
    public static string Of(DateOnly day) => day.ToString("d MMM yyyy", CultureInfo.InvariantCulture);
}
