using System.Globalization;

namespace Zygotome.Store;

/// <summary>Which of many backups are worth keeping: near ones closely, far ones apart.</summary>
public static class Rotation
{
    private const int Days = 7,
        Weeks = 5,
        Months = 12;

    /// <summary>
    /// The last of each of the latest seven days, five weeks and twelve months that have any. The latest of all is
    /// always kept, and keeping again what was kept keeps all of it.
    /// </summary>
    public static IReadOnlySet<DateTimeOffset> Keep(IEnumerable<DateTimeOffset> taken)
    {
        var latestFirst = taken.OrderDescending().ToArray();
        return (
            (IEnumerable<DateTimeOffset>)
                [
                    .. Last(latestFirst, Days, at => at.UtcDateTime.Date),
                    .. Last(
                        latestFirst,
                        Weeks,
                        at => (ISOWeek.GetYear(at.UtcDateTime), ISOWeek.GetWeekOfYear(at.UtcDateTime))
                    ),
                    .. Last(latestFirst, Months, at => (at.UtcDateTime.Year, at.UtcDateTime.Month)),
                ]
        ).ToHashSet();
    }

    private static IEnumerable<DateTimeOffset> Last<T>(
        IEnumerable<DateTimeOffset> latestFirst,
        int spans,
        Func<DateTimeOffset, T> span
    ) => latestFirst.GroupBy(span).Take(spans).Select(g => g.First());
}
