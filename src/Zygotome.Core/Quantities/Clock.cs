using System.Globalization;

namespace Zygotome.Core.Quantities;

/// <summary>Instants as people at the shop say them.</summary>
public static class Clock
{
    /// <summary>
    /// "at 14:20" in the shop's time zone; with the day when it is another one than <paramref name="from"/>'s.
    /// </summary>
    public static string At(string timeZone, DateTimeOffset from, DateTimeOffset instant)
    {
        var (local, now) = (ShopDay.At(timeZone, instant), ShopDay.At(timeZone, from));
        return local.Date == now.Date
            ? string.Create(CultureInfo.InvariantCulture, $"at {local:HH:mm}")
            : string.Create(CultureInfo.InvariantCulture, $"on {local:ddd d MMM} at {local:HH:mm}");
    }
}
