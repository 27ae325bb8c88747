namespace Zygotome.Core.Journal;

/// <summary>Steps of the sheet and of repairs, as the ledger asks for them: every stage asks for its own.</summary>
public static class StepLines
{
    public static IEnumerable<Claim> Of(JobState state, DateTimeOffset asOf, Stage stage)
    {
        foreach (var step in state.Sheet.Steps)
        {
            if (step.Stage != stage)
            {
                continue;
            }

            var requirement = new Requirement($"step/{step.Id}", stage, step.Title, Page: step.Page);
            var progress = state.Progress(step.Id);
            yield return progress switch
            {
                { Done: { } done, FullAt: { } full } when full > asOf => new Claim(
                    requirement,
                    Standing.NotShown,
                    "curing",
                    $"{progress.Adhesive}: full strength {state.At(full)}.",
                    done
                ),
                { Done: { } done } => new Claim(
                    requirement,
                    Standing.Met,
                    "done",
                    progress.Adhesive.Length > 0 ? $"{progress.Adhesive}, cured." : "Done.",
                    done
                ),
                { } => new Claim(requirement, Standing.NotShown, "under way", "Started, not done yet."),
                null => Claim.NotShown(requirement, "Not done yet."),
            };
        }
    }
}
