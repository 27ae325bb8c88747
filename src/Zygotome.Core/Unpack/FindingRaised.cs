using System.Collections.Immutable;
using Zygotome.Core.Drawing;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Unpack;

/// <summary>Something is wrong with the aircraft, at this or any later stage.</summary>
/// <param name="Place">A part of the drawing, such as <c>wing-left</c> or <c>aileron-right</c>.</param>
/// <param name="X">Where it was tapped, mm aft of the datum. <paramref name="Y"/>: mm to the right wing; on a side view
/// mm up.</param>
/// <param name="Behind">The sealed canopy or hatch that has to be opened to come at it; empty for none.</param>
public sealed record FindingRaised(
    string Place,
    PlaceKind PlaceKind,
    FindingKind Kind,
    Length Size,
    double X,
    double Y,
    string Note,
    DrawingSide View = DrawingSide.Plan,
    string? Behind = null
) : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry)
    {
        var drawing = Drawings.Of(state.Sheet, View);
        return drawing.Parts.All(p => p.Id != Place)
                ? new Refusal("unpack/place", $"There is no \"{Place}\" on the drawing.", "body.place")
            : !FindingGrades.PlacesOn(state.Sheet, Place).Contains(PlaceKind)
                ? new Refusal(
                    "unpack/place-kind",
                    $"There is no {UnpackWords.Place(PlaceKind)} on {state.Sheet.Geometry.Called(Place)}.",
                    "body.placeKind"
                )
            : !FindingKinds.CanBe(PlaceKind, Kind)
                ? new Refusal(
                    "unpack/kind",
                    $"A {UnpackWords.Place(PlaceKind)} has no {UnpackWords.Kind(Kind)}; say what of it, or what is "
                        + "under it.",
                    "body.kind"
                )
            : Behind is { Length: > 0 } && state.Sheet.Geometry.PlacedPart(Behind) is not { Thing.IsOpened: true }
                ? new Refusal(
                    "unpack/behind",
                    $"There is no \"{Behind}\" on this aircraft that is opened.",
                    "body.behind"
                )
            : FindingGrades.Wrong(Size, "body.size") is { } wrong ? wrong
            : !double.IsFinite(X) || !double.IsFinite(Y) || !drawing.Around(X, Y)
                ? new Refusal("unpack/where", "That place is not on the aircraft.", "body.x")
            : Texts.Fits(Note, "body.note");
    }

    public override JobState Apply(JobState state, Entry entry)
    {
        var size = (double)Size.Nominal;
        var finding = new Finding(
            Id: entry.EntryId,
            Tag: $"F{state.Unpack.Raised + 1}",
            Place: Place,
            PlaceKind: PlaceKind,
            Kind: Kind,
            Size: size,
            X: X,
            Y: Y,
            Note: Note,
            Grading: FindingGrades.Of(PlaceKind, Kind, size),
            Evidence: Evidence.Of(entry)
        )
        {
            View = View,
            Behind = Behind ?? "",
            LookAgain = Kind == FindingKind.Tacky ? Drying.LookAgain(state, entry) : null,
            Origin = Origins.Of(state, Place, PlaceKind, Kind),
        };
        return state.With(
            state.Unpack with
            {
                Findings = state.Unpack.Findings.Add(finding),
                Raised = state.Unpack.Raised + 1,
            }
        );
    }

    public override Refusal? ActedOn(JobState state, Entry entry) =>
        state.Unpack.Find(entry.EntryId) is { Disposition: not null } decided ? UnpackState.ActedOn(decided) : null;

    public override JobState TakenBack(JobState state, Entry entry) =>
        state.With(state.Unpack with { Raised = state.Unpack.Raised + 1 });

    public override string Say(JobState state) =>
        $"{Texts.Capital(UnpackWords.Sized(Kind, (double)Size.Nominal))} found, {state.Sheet.Geometry.Called(Place)}";
}
