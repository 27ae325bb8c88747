using Zygotome.Core.HandOver;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;

namespace Zygotome.Core.Job;

/// <summary>Where a job stands in one line: the stage the work is at, and what holds it up.</summary>
/// <param name="HandleAt">Where the bench waits for glue: when it can be handled.</param>
/// <param name="Shown">Requirements shown, of <paramref name="All"/>.</param>
public sealed record JobOutlook(Stage Stage, string Holds, DateTimeOffset? HandleAt, int Shown, int All)
{
    /// <summary>What holds it up, with the hour as one says it at <paramref name="now"/>.</summary>
    public string Words(string timeZone, DateTimeOffset now) =>
        HandleAt is { } at ? $"{Holds}: can be handled {Clock.At(timeZone, now, at)}" : Holds;

    /// <summary>What is to be done next on this job, and what holds it up, at an instant.</summary>
    public static JobOutlook Of(JobState state, IReadOnlyList<LedgerLine> ledger, DateTimeOffset asOf)
    {
        var shown = ledger.Count(l => !l.Open);
        if (state.Released)
        {
            return new JobOutlook(
                Stage.HandOver,
                state.HandOver.Accepted == true ? "Released, accepted by its owner" : "Released",
                null,
                shown,
                ledger.Count
            );
        }

        // The stage with something open where work has begun last; a room, not a lock.
        var open = ledger.Where(l => l.Open).ToArray();
        var stage = open.Length == 0 ? Stage.HandOver : open[0].Stage;
        var (holds, handleAt) = Hold(state, open, asOf);
        return new JobOutlook(stage, holds, handleAt, shown, ledger.Count);
    }

    private static (string Holds, DateTimeOffset? HandleAt) Hold(JobState state, LedgerLine[] open, DateTimeOffset asOf)
    {
        // What nobody may concede holds it up first.
        var wrong =
            open.Where(l => l.Standing == Standing.NotMet).OrderBy(l => l.Concedable).FirstOrDefault()
            ?? open.FirstOrDefault(l => l.Standing == Standing.Stale);
        if (wrong is not null)
        {
            var why =
                wrong.Standing == Standing.Stale ? "stale"
                : wrong.Verdict is null ? wrong.Why
                : $"{wrong.Reading} against {wrong.Limits}";
            return ($"{wrong.Text}: {why}", null);
        }

        var curing = state.Steps.Where(s => s.Value.HandleAt > asOf).OrderBy(s => s.Value.HandleAt).FirstOrDefault();
        return curing.Value is { HandleAt: { } at } ? (state.Sheet.Step(curing.Key)?.Title ?? curing.Key, at)
            : open.Length == 0 ? ("Ready to release", null)
            : ($"Next: {open[0].Text}", null);
    }
}
