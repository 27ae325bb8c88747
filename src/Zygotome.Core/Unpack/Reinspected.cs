using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Unpack;

/// <summary>
/// Somebody looked at the repair again: nobody who recorded a repair of it, or started or ended its step, whoever
/// recorded it last; unless the shop is one person. What grounds or carries is a lead's to inspect, unless every lead
/// had a hand in the repair.
/// </summary>
/// <param name="Leads">Ids of the shop's leads when it was posted, by the server; null in older entries.</param>
/// <param name="Sealed">What was opened for it is sealed again all round; null where nothing was.</param>
/// <param name="Wiggled">Its lead was wiggled while it was called out; null where it is no lead's.</param>
public sealed record Reinspected(
    string Finding,
    bool Sound,
    string Note = "",
    ImmutableArray<string>? Leads = null,
    bool? Sealed = null,
    bool? Wiggled = null
) : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        state.Unpack.Find(Finding) is not { } finding ? UnpackRules.NoFinding(Finding)
        : finding.Repair is null && !finding.Dries
            ? new Refusal("unpack/not-repaired", $"{finding.Tag} has no repair to inspect.", "body.finding")
        : finding.Repair?.HandleAt is { } at && at > entry.RecordedAt
            ? new Refusal(
                "unpack/curing",
                $"The repair of {finding.Tag} is still curing; it can be handled {state.At(at)}.",
                "body.finding"
            )
        : finding.Repairers.Contains(entry.By.Id) && !entry.By.Alone
            ? new Refusal(
                "unpack/own-work",
                $"{finding.Tag}: somebody other than {entry.By.Name} must inspect the repair.",
                "body.finding"
            )
        : finding.Grading.Grade >= Grade.Structural
        && !Rights.Leads(entry.By)
        && Leads?.All(finding.Repairers.Contains) != true
            ? new Refusal(
                "unpack/lead",
                $"{finding.Tag} is {FindingWords.Grade(finding.Grading.Grade)}: a lead who had no hand in the repair "
                    + "inspects it.",
                "body.finding"
            )
        : (Sound ? Unseen(state, finding) : null) ?? Texts.Fits(Note, "body.note");

    // What else must have been looked at before it is said to be sound.
    private Refusal? Unseen(JobState state, Finding finding) =>
        finding.Behind.Length > 0 && Sealed != true
            ? new Refusal(
                "unpack/seal",
                $"{Texts.Capital(state.Sheet.Geometry.Called(finding.Behind))} was opened for {finding.Tag}: look at "
                    + "its seal all round, and say that it holds.",
                "body.sealed"
            )
        : finding is not { PlaceKind: PlaceKind.Lead, Repair: { } repair } ? null
        : state.The<ICalledOut>().NotSince(state.Sheet, Neighbours.Of(state.Sheet, finding.Place).Surfaces, repair.Seq)
            is { IsEmpty: false } unseen
            ? new Refusal(
                "unpack/not-called",
                $"Call out {string.Join(" and ", unseen)} while the plug is wiggled: nothing has proven this lead "
                    + "since it was put back.",
                "body.finding"
            )
        : Wiggled != true
            ? new Refusal("unpack/wiggle", "Say that its plug was wiggled while it was called out.", "body.wiggled")
        : null;

    public override JobState Apply(JobState state, Entry entry) =>
        state.Unpack.Find(Finding) is { } f && (f.Repair is not null || f.Dries)
            ? RepairSteps.Inspected(
                state.With(
                    state.Unpack.With(
                        f with
                        {
                            Sound = Sound,
                            ReinspectedBy = entry.By,
                            Reinspection = Evidence.Of(entry),
                            Repair = Sound ? f.Repair : null,
                            LookAgain = f.Dries && !Sound ? Drying.LookAgain(state, entry) : f.LookAgain,
                        }
                    )
                ),
                f,
                Sound
            )
            : state.NotSupported(entry);

    public override IEnumerable<string> Shows() => [new FindingId(Finding).Written];

    public override string Say(JobState state) =>
        $"{state.Unpack.Find(Finding)?.Tag ?? "Finding"} re-inspected: {(Sound ? "sound" : "not sound")}";
}
