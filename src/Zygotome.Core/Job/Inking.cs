using Zygotome.Core.Drawing;
using Zygotome.Core.Journal;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Job;

/// <summary>The drawing inks itself in as the job is done.</summary>
public static class Inking
{
    /// <summary>
    /// Of a place on a part: as its part is, and dim once it is closed in: a step that covers it is done, or a spar,
    /// tube or lead lies in a joint that is glued.
    /// </summary>
    public static Ink Of(JobState state, string placeId, string on) =>
        Of(state, on) is var ink && ink == Ink.Fitted && IsClosedIn(state, placeId, on) ? Ink.ClosedIn : ink;

    private static bool IsClosedIn(JobState state, string placeId, string on)
    {
        if (state.Sheet.Geometry.PlacedPart(placeId) is not { Thing: { IsOpened: false } thing })
        {
            return false;
        }

        var inside = thing.Kind is PlacedKind.Spar or PlacedKind.Tube or PlacedKind.Lead;
        return state
            .Sheet.Steps.Where(s => state.Progress(s.Id)?.Done is not null)
            .Any(s =>
                s.Covers.Contains(thing.Id)
                || (inside && s.Bond is { Kind: "structural" } && s.Fits.Any(f => Places.IsNamed(f, on)))
            );
    }

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
