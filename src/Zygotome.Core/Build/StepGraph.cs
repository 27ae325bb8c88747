using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Build;

/// <summary>The step graph: what may be done now, and what everything else waits for.</summary>
public static class StepGraph
{
    /// <summary>Steps in sheet order.</summary>
    public static ImmutableArray<StepNow> Of(JobState state, DateTimeOffset asOf) =>
        [.. state.Sheet.Steps.Select(s => Of(state, s, asOf))];

    /// <summary>One step: cures are judged at the instant, by the server's clock.</summary>
    public static StepNow Of(JobState state, StepSpec step, DateTimeOffset asOf)
    {
        var progress = state.Progress(step.Id);
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
            var progress = state.Progress(before);
            var title = state.Sheet.Step(before)?.Title ?? before;
            if (progress?.Done is null)
            {
                yield return state.Sheet.Edges.FirstOrDefault(e => e.Before == before && e.After == step.Id) is { } edge
                    ? $"{title}. {edge.Why}"
                    : title;
            }
            else if (progress.HandleAt > asOf && progress.HandledEarly.Length == 0)
            {
                yield return $"{title}: glue, can be handled {state.At(progress.HandleAt.Value)}";
            }
        }

        if (References.Wanting(state, step) is { } servos)
        {
            yield return servos;
        }

        var parts = state.The<IPartsInHand>();
        foreach (var (part, needed) in step.Parts)
        {
            var have = parts.Left(state, step, part);
            if (have < needed)
            {
                yield return $"{Math.Min(needed, needed - have)} × {state.Sheet.Part(part)?.Name ?? part} "
                    + $"({(parts.IsCounted(state.Sheet.Part(part)?.Bag ?? "") ? "missing" : "not counted yet")})";
            }
        }

        foreach (var repair in state.The<IRepairs>().Glued.Where(r => r.HandleAt > asOf))
        {
            if (step.Fits.Any(f => Places.IsNamed(f, repair.Place)))
            {
                yield return $"Repair of {repair.Tag}: glue, can be handled {state.At(repair.HandleAt)}";
            }
        }

        foreach (var kept in state.The<IRepairs>().Keeps(state, step))
        {
            yield return kept;
        }

        if (step.Hides.Length > 0)
        {
            foreach (var line in Ledger.Lines(state, asOf))
            {
                if (line.Open && step.Hides.Any(line.Id.IsHiddenBy))
                {
                    yield return $"Test before you close: {line.Text(state)}";
                }
            }
        }
    }
}
