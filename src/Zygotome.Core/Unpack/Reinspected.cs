using System.Collections.Immutable;
using Zygotome.Core.Journal;

namespace Zygotome.Core.Unpack;

/// <summary>
/// Somebody looked at the repair again: nobody who recorded a repair of it, or started or ended its step, whoever
/// recorded it last; unless the shop is one person. What grounds or carries is a lead's to inspect, unless every lead
/// had a hand in the repair.
/// </summary>
/// <param name="Leads">Ids of the shop's leads when it was posted, by the server; null in older entries.</param>
public sealed record Reinspected(string Finding, bool Sound, string Note = "", ImmutableArray<string>? Leads = null)
    : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        state.Unpack.Find(Finding) is not { } finding ? UnpackRules.NoFinding(Finding)
        : finding.Repair is not { } repair
            ? new Refusal("unpack/not-repaired", $"{finding.Tag} has no repair to inspect.", "body.finding")
        : repair.HandleAt is { } at && at > entry.RecordedAt
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
        : Texts.Fits(Note, "body.note");

    public override JobState Apply(JobState state, Entry entry) =>
        state.Unpack.Find(Finding) is { Repair: not null } f
            ? RepairSteps.Inspected(
                state.With(
                    state.Unpack.With(
                        f with
                        {
                            Sound = Sound,
                            ReinspectedBy = entry.By,
                            Reinspection = Evidence.Of(entry),
                            Repair = Sound ? f.Repair : null,
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
