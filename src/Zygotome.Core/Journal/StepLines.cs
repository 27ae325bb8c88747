using Zygotome.Core.Sheets;

namespace Zygotome.Core.Journal;

/// <summary>A step of the sheet or of a repair.</summary>
public sealed record StepId(Stage Stage, string Step) : RequirementId(Stage)
{
    public override string Written => $"step/{Step}";
}

/// <summary>Steps as the ledger asks for them, and how each is said: every stage asks for its own.</summary>
public static class StepLines
{
    /// <summary>In the order of the sheet, repairs last.</summary>
    public static IEnumerable<Requirement> Of(JobState state, DateTimeOffset asOf, Stage stage)
    {
        foreach (var step in state.Sheet.Steps.Where(s => s.Stage == stage))
        {
            var progress = state.Progress(step.Id);
            var cures = progress is { Done: not null, FullAt: { } full } && full > asOf;
            yield return new Requirement(
                new StepId(stage, step.Id),
                Concedable.ByLead,
                progress?.Done is null || cures ? Standing.NotShown
                    : progress.Harm.Length > 0 ? Standing.NotMet
                    : Standing.Met,
                new StepFacts(step, progress, cures)
            )
            {
                Evidence = progress?.Done,
                Object = progress is { Done: not null, Harm.Length: > 0 } ? progress.Harm : null,
            };
        }
    }

    private sealed record StepFacts(StepSpec Step, StepProgress? Progress, bool Cures) : LineFacts
    {
        public override LineWords Words(JobState state)
        {
            var (reading, why) = Progress switch
            {
                null => ("", "Not done yet."),
                { Done: null } => ("under way", "Started, not done yet."),
                { FullAt: { } full } when Cures => ("curing", $"{Progress.Adhesive}: full strength {state.At(full)}."),
                { Harm.Length: > 0 } => ("harmful glue", $"{Texts.Capital(Progress.Harm)}."),
                { Adhesive.Length: > 0 } => ("done", $"{Progress.Adhesive}, cured."),
                _ => ("done", "Done."),
            };
            return new LineWords(Step.Title, "", Step.Page, reading, why);
        }
    }
}
