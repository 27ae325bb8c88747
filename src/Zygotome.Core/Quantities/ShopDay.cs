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

    /// <summary>The day it is in the shop at an instant.</summary>
    /// <param name="timeZone">As for <see cref="At"/>.</param>
    public static DateOnly Of(string timeZone, DateTimeOffset instant) =>
        DateOnly.FromDateTime(At(timeZone, instant).DateTime);
}
