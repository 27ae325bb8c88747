using Zygotome.Core.Journal;

namespace Zygotome.Core.Unpack;

/// <summary>A lead grades a finding otherwise than the table: up as they see it, down only with a reason.</summary>
public sealed record Regraded(string Finding, Grade Grade, string Reason) : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        state.Unpack.Find(Finding) is not { } f ? UnpackRules.NoFinding(Finding)
        : Grade == f.Grading.Grade
            ? new Refusal("unpack/same-grade", $"{f.Tag} is {FindingWords.Grade(Grade)} already.", "body.grade")
        : Grade < f.Grading.Grade && f.Evidence.By.Id == entry.By.Id && !entry.By.Alone
            ? new Refusal(
                "unpack/own-finding",
                $"{entry.By.Name} found {f.Tag}: another lead lowers its grade.",
                "body.grade"
            )
        : Grade < f.Grading.Grade
            ? Texts.Reason(
                Reason,
                "body.reason",
                $"Lowering {f.Tag} from {FindingWords.Grade(f.Grading.Grade)} needs a reason."
            )
        : Texts.Fits(Reason, "body.reason");

    public override JobState Apply(JobState state, Entry entry)
    {
        if (state.Unpack.Find(Finding) is not { } f)
        {
            return state.NotSupported(entry);
        }

        // What was decided on the milder grade is decided anew.
        var grading = new Grading(
            Grade,
            f.Grading.Row,
            Reason.Length > 0 ? $"{f.Grading.Text} {entry.By.Name}: {Reason}" : f.Grading.Text,
            entry.By.Name
        );
        var next =
            Grade > f.Grading.Grade && f.Disposition == Disposition.UseAsIs
                ? f with
                {
                    Grading = grading,
                    Disposition = null,
                    DispositionReason = "",
                }
                : f with
                {
                    Grading = grading,
                };
        return state.With(state.Unpack.With(next)).Resheet(entry);
    }

    public override string Say(JobState state) =>
        $"{state.Unpack.Find(Finding)?.Tag ?? "Finding"} graded {FindingWords.Grade(Grade)}";
}
