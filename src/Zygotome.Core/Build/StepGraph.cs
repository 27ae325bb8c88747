using System.Collections.Immutable;
using Zygotome.Core.Jobs;
using Zygotome.Core.SpecSheets;

namespace Zygotome.Core.Build;

public enum StepStanding
{
    CanStart,
    WaitsFor,
    UnderWay,
    Curing,
    Done,
}

/// <summary>A step as it stands at one instant, with what it waits for in words.</summary>
public sealed record StepNow(
    StepSpec Step,
    StepStanding Standing,
    ImmutableArray<string> WaitsFor,
    StepProgress? Progress
);

/// <summary>The step graph: what may be done now, and what everything else waits for.</summary>
public static class StepGraph
{
    /// <summary>Steps in sheet order.</summary>
    public static ImmutableArray<StepNow> Of(JobState state, DateTimeOffset asOf) =>
        [.. state.Sheet.Steps.Select(s => Of(state, s, asOf))];

    public static StepNow Of(JobState state, StepSpec step, DateTimeOffset asOf)
    {
        var progress = state.Build.Progress(step.Id);
        if (progress is { Done: not null })
        {
            return new StepNow(step, progress.FullAt > asOf ? StepStanding.Curing : StepStanding.Done, [], progress);
        }

        if (progress is not null)
        {
            return new StepNow(step, StepStanding.UnderWay, [], progress);
        }

        var waits = Waits(state, step, asOf).ToImmutableArray();
        return new StepNow(step, waits.Length == 0 ? StepStanding.CanStart : StepStanding.WaitsFor, waits, null);
    }

    private static IEnumerable<string> Waits(JobState state, StepSpec step, DateTimeOffset asOf)
    {
        foreach (var before in step.After)
        {
            var progress = state.Build.Progress(before);
            var title = state.Sheet.Step(before)?.Title ?? before;
            if (progress?.Done is null)
            {
                yield return $"{title}";
            }
            else if (progress.HandleAt > asOf)
            {
                yield return $"{title}: glue, can be handled {Clock.At(state, progress.HandleAt.Value)}";
            }
        }

        foreach (var (part, needed) in step.Parts)
        {
            var have = Unpack.Counting.Left(state, step, part);
            if (have < needed)
            {
                yield return $"{Math.Min(needed, needed - have)} × {state.Sheet.Part(part)?.Name ?? part} "
                    + $"({(state.Unpack.CountedBags.ContainsKey(state.Sheet.Part(part)?.Bag ?? "") ? "missing" : "not counted yet")})";
            }
        }

        foreach (var finding in state.Unpack.Findings)
        {
            if (step.Fits.Any(f => Airframe.Drawing.IsNamed(f, finding.Place)) && finding.Repair?.HandleAt > asOf)
            {
                yield return $"Repair of {finding.Tag}: glue, can be handled "
                    + $"{Clock.At(state, finding.Repair.HandleAt.Value)}";
            }
        }

        if (step.Hides.Length > 0)
        {
            foreach (var line in Ledger.Of(state, asOf))
            {
                if (line.Open && step.Hides.Any(h => line.Id.StartsWith(h, StringComparison.Ordinal)))
                {
                    yield return $"Test before you close: {line.Text}";
                }
            }
        }
    }
}

/// <summary>Instants as people at the shop say them.</summary>
public static class Clock
{
    /// <summary>
    /// "at 14:20" in the shop's time zone; with the day when it is another one than the last entry's.
    /// </summary>
    public static string At(JobState state, DateTimeOffset instant) =>
        At(state.Receive.Rules.TimeZone, state.LastRecordedAt, instant);

    public static string At(string timeZone, DateTimeOffset from, DateTimeOffset instant)
    {
        var (local, now) = (Quantities.ShopDay.At(timeZone, instant), Quantities.ShopDay.At(timeZone, from));
        return local.Date == now.Date
            ? string.Create(System.Globalization.CultureInfo.InvariantCulture, $"at {local:HH:mm}")
            : string.Create(
                System.Globalization.CultureInfo.InvariantCulture,
                $"on {local:ddd d MMM} at {local:HH:mm}"
            );
    }
}
