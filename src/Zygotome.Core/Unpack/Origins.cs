using Zygotome.Core.Journal;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Unpack;

/// <summary>
/// Infers a finding's origin from what was recorded before it. The first rule that fits decides; the table is printed
/// in docs/grading.md.
/// </summary>
public static class Origins
{
    private static readonly FindingKind[] FromBlows =
    [
        FindingKind.Crush,
        FindingKind.Crease,
        FindingKind.Dent,
        FindingKind.Crack,
        FindingKind.Bent,
    ];

    /// <param name="place">The drawn part it was found on.</param>
    public static OriginInferred Of(JobState state, string place, PlaceKind placeKind, FindingKind kind)
    {
        var walked = state.Unpack.Walk.Values.FirstOrDefault(w =>
            w.Answer == WalkAnswer.Sound && InspectionRoute.Covers(state.Sheet, w.Point, place, placeKind)
        );
        if (walked is not null)
        {
            return new(
                Origin.Shop,
                "O1",
                $"It was seen sound by {walked.Evidence.By.Name} "
                    + $"{state.At(walked.Evidence.ObservedAt)}; it happened since, here."
            );
        }

        var step = state.Sheet.Steps.FirstOrDefault(s =>
            state.Progress(s.Id) is not null && s.Fits.Any(f => Places.IsNamed(f, place))
        );
        if (step is not null)
        {
            return new(Origin.Shop, "O2", $"It was handled in \"{step.Title}\" before anybody reported it.");
        }

        var battered = state.HandedIn.Carton is Carton.Crushed or Carton.Torn or Carton.Wet;
        if (battered && FromBlows.Contains(kind))
        {
            return new(
                Origin.Transport,
                "O3",
                $"The carton came {CartonWords.Of(state.HandedIn.Carton)}, and nothing was built there yet."
            );
        }

        if (kind is FindingKind.Parting or FindingKind.Loose || !FromBlows.Contains(kind))
        {
            return new(Origin.Factory, "O4", "Glue, fit and finish are the maker's; nothing was built there yet.");
        }

        return state.HandedIn.Carton is Carton.Sound or Carton.Scuffed
            ? new(Origin.Factory, "O5", "The carton came whole: it was packed so.")
            : new(Origin.Transport, "O6", "Nobody recorded the carton; a blow is taken to be the carrier's.");
    }
}
