using System.Globalization;

namespace Zygotome.Core.Quantities;

/// <summary>A day as people say it, the same everywhere: "24 Nov 2026".</summary>
public static class DayWords
{
    public static string Of(DateOnly day) => day.ToString("d MMM yyyy", CultureInfo.InvariantCulture);
}
