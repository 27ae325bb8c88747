using System.Globalization;

namespace Zygotome.Store;

/// <summary>Instants as the tables hold them: UTC, to the last tick, in the order of their text.</summary>
public static class Instants
{
    public static string Write(DateTimeOffset at) => at.UtcDateTime.ToString("O", CultureInfo.InvariantCulture);

    public static DateTimeOffset Read(string text) =>
        DateTimeOffset.Parse(text, CultureInfo.InvariantCulture, DateTimeStyles.RoundtripKind);
}
