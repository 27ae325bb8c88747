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
}
