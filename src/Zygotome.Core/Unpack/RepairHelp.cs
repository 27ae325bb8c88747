using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;

namespace Zygotome.Core.Unpack;

/// <summary>One way out for a finding: what it takes, and the day the aircraft could then be ready.</summary>
/// <param name="Grams">Mass added, g. <paramref name="Days"/>: days of waiting before work can go on there.</param>
public sealed record WayOut(
    Disposition Disposition,
    bool Allowed,
    string Words,
    double Minutes,
    double CureMinutes,
    string Glue,
    double Grams,
    int Days,
    DateOnly Ready,
    string Effect
)
{
    /// <summary>Ready after the promised day.</summary>
    public required bool Late { get; init; }
}

/// <summary>
/// Helps to decide on a finding: repair here, replace, use as it is, return; each with its effect on the promised date.
/// </summary>
public static class RepairHelp
{
    /// <param name="today">The day it is asked on, in the shop's time zone.</param>
    public static ImmutableArray<WayOut> For(JobState state, Finding f, DateOnly today)
    {
        var plan = RepairPlan.Of(state.Built, f);
        var left = state
            .Sheet.Steps.Where(s => state.Progress(s.Id)?.Done is null && s.Repairs != f.Id)
            .Sum(s => s.HandsOn);
        var parts = state.HandedIn.Supplier?.PartsDays ?? 7;
        WayOut Way(
            Disposition disposition,
            bool allowed,
            string words,
            double minutes,
            double cure,
            string glue,
            double grams,
            int days
        )
        {
            var ready = Ready(state, today, left + minutes, days, cure > state.Rules.DayMinutes);
            return new WayOut(
                Disposition: disposition,
                Allowed: allowed,
                Words: words,
                Minutes: minutes,
                CureMinutes: cure,
                Glue: glue,
                Grams: grams,
                Days: days,
                Ready: ready,
                Effect: Effect(ready, state.HandedIn.Promised)
            )
            {
                Late = ready > state.HandedIn.Promised,
            };
        }

        var asIs = f.Grading.Grade < Grade.FlightCritical && !f.Dries;
        var replacing = RepairPlan.Replacing(f).Minutes;
        return
        [
            Way(
                Disposition.Repair,
                plan.Possible,
                plan.Words,
                plan.Minutes,
                plan.FullMinutes,
                plan.Glue,
                plan.Grams,
                0
            ),
            Way(
                Disposition.Replace,
                true,
                $"A new part, usually {parts} days; fitting it {Numbers.Say(replacing)} min.",
                replacing,
                0,
                "",
                0,
                parts
            ),
            Way(
                Disposition.UseAsIs,
                asIs,
                asIs
                    ? f.Grading.Grade == Grade.Structural
                        ? "Only by a lead, with the reason."
                        : "With the reason."
                    : f.Dries
                        ? "Looked at again when it is dry: that ends it."
                        : "Flight-critical: never as it is.",
                0,
                0,
                "",
                0,
                0
            ),
            Way(
                Disposition.Return,
                true,
                $"The kit goes back; another usually takes {parts * 2} days, and everything begins anew.",
                state.Sheet.Steps.Sum(s => s.HandsOn) - left,
                0,
                "",
                0,
                parts * 2
            ),
        ];
    }

    /// <summary>
    /// The day that many hands-on minutes are over, after so many days of waiting; a cure longer than a day's work adds
    /// a night; nobody works at the weekend.
    /// </summary>
    private static DateOnly Ready(JobState state, DateOnly today, double minutes, int days, bool night)
    {
        var workdays = (int)Math.Ceiling(Math.Max(1, minutes) / Math.Max(60, state.Rules.DayMinutes)) + (night ? 1 : 0);
        static DateOnly Working(DateOnly d) =>
            d.AddDays(
                d.DayOfWeek == DayOfWeek.Saturday ? 2
                : d.DayOfWeek == DayOfWeek.Sunday ? 1
                : 0
            );
        var day = Working(today.AddDays(days));
        for (var left = workdays - 1; left > 0; left--)
        {
            day = Working(day.AddDays(1));
        }

        return day;
    }

    private static string Effect(DateOnly ready, DateOnly promised)
    {
        var days = promised.DayNumber - ready.DayNumber;
        return days switch
        {
            0 => "ready on the promised day",
            > 0 => $"{days} {(days == 1 ? "day" : "days")} before the promised day",
            _ => $"{-days} {(days == -1 ? "day" : "days")} after the promised day",
        };
    }
}
