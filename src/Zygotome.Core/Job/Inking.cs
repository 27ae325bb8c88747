using Zygotome.Core.Drawing;
using Zygotome.Core.Journal;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Job;

/// <summary>The drawing inks itself in as the job is done.</summary>
public static class Inking
{
    /// <summary>
    /// Fitted when every step that fits it is done; in hand while one is under way. What no step fits came fitted.
    /// </summary>
    public static Ink Of(JobState state, string partId)
    {
        var ink = Ink.Fitted;
        foreach (var step in state.Sheet.Steps)
        {
            if (!step.Fits.Any(f => Places.IsNamed(f, partId)))
            {
                continue;
            }

            var progress = state.Progress(step.Id);
            if (progress is { Done: null })
            {
                return Ink.InHand;
            }

            ink = progress is null ? Ink.NotFitted : ink;
        }

        return ink;
    }

    /// <summary>The worst standing of a surface's throws, or null while none is measured.</summary>
    /// <param name="rate">One rate or position only; empty for all of them.</param>
    public static Standing? Throws(IReadOnlyList<LedgerLine> ledger, string surface, string rate = "")
    {
        var lines = ledger
            .Where(l =>
                l.Id.StartsWith($"throw/{surface}/", StringComparison.Ordinal)
                && (rate.Length == 0 || l.Id.Split('/')[3] == rate)
            )
            .ToArray();
        return lines.Length == 0 || lines.All(l => l.Standing == Standing.NotShown) ? null
            : lines.Any(l => l.Standing == Standing.NotMet) ? Standing.NotMet
            : lines.Any(l => l.Standing == Standing.Stale) ? Standing.Stale
            : lines.Any(l => l.Standing == Standing.NotShown) ? Standing.NotShown
            : lines.Any(l => l.Standing == Standing.Close) ? Standing.Close
            : Standing.Met;
    }
}
