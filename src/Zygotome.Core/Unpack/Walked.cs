using Zygotome.Core.Journal;

namespace Zygotome.Core.Unpack;

/// <summary>A point of the inspection walk: sound, a finding, or not fitted to this aircraft.</summary>
/// <param name="Finding">The finding's id when something was found.</param>
public sealed record Walked(string Point, WalkAnswer Answer, string Finding = "") : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        InspectionRoute.Of(state.Sheet).FirstOrDefault(p => p.Id == Point) is not { } point
            ? new Refusal("unpack/point", $"\"{Point}\" is not on this aircraft's walk.", "body.point")
        : Answer == WalkAnswer.Finding && state.Unpack.Find(Finding) is null
            ? new Refusal("unpack/walk-finding", "Record what was found first, then say so here.", "body.finding")
        : Answer == WalkAnswer.Finding && state.Unpack.Find(Finding) is { } elsewhere && elsewhere.Place != point.Part
            ? new Refusal(
                "unpack/walk-elsewhere",
                $"{elsewhere.Tag} is on {state.Sheet.Geometry.Called(elsewhere.Place)}: nobody looked here yet.",
                "body.finding"
            )
        : Answer == WalkAnswer.NotFitted && !InspectionRoute.MayBeLeftOff(state.Sheet, point)
            ? new Refusal(
                "unpack/walk-fitted",
                $"The sheet says that this aircraft has it: {point.Title}. Look at it, or record what is wrong.",
                "body.answer"
            )
        : Answer == WalkAnswer.Sound
        && state.Unpack.Findings.FirstOrDefault(f => !f.Cleared && f.Place == point.Part && f.PlaceKind == point.Kind)
            is { } open
            ? new Refusal("unpack/walk-open", $"{open.Tag} is open at this very place: it is not sound.", "body.answer")
        : null;

    public override JobState Apply(JobState state, Entry entry) =>
        state.With(
            state.Unpack with
            {
                Walk = state.Unpack.Walk.SetItem(Point, new WalkAnswered(Point, Answer, Finding, Evidence.Of(entry))),
            }
        );

    public override IEnumerable<string> Shows() => [new WalkId(Point).Written];

    public override string Say(JobState state) =>
        $"{InspectionRoute.Of(state.Sheet).FirstOrDefault(p => p.Id == Point)?.Title ?? Point}: "
        + (state.Unpack.Find(Answer == WalkAnswer.Finding ? Finding : "")?.Tag ?? UnpackWords.Answer(Answer));
}
