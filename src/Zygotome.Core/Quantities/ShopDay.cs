namespace Zygotome.Core.Quantities;

/// <summary>Days and hours are the shop's, wherever server and devices stand.</summary>
public static class ShopDay
{
    /// <summary>An instant as the shop's clocks show it.</summary>
    /// <param name="timeZone">An IANA name; UTC where the machine knows none of that name.</param>
    public static DateTimeOffset At(string timeZone, DateTimeOffset instant) =>
        TimeZoneInfo.ConvertTime(
            instant,
            TimeZoneInfo.TryFindSystemTimeZoneById(timeZone, out var zone) ? zone : TimeZoneInfo.Utc
        );
}
