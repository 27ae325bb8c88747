using Zygotome.Core.Journal;

namespace Zygotome.Core.Build;

/// <summary>Steps and open loops, as the ledger asks for them.</summary>
public static class BuildRequirements
{
    /// <param name="stage">The stage whose steps are asked for; open loops come with Build.</param>
    public static IEnumerable<Claim> Claims(JobState state, DateTimeOffset asOf, Stage stage)
    {
        foreach (var step in state.Sheet.Steps)
        {
            if (step.Stage != stage)
            {
                continue;
            }

            var requirement = new Requirement($"step/{step.Id}", stage, step.Title, Page: step.Page);
            var progress = state.Build.Progress(step.Id);
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

        foreach (var loop in stage == Stage.Build ? state.Build.Loops : [])
        {
            var requirement = new Requirement(
                $"loop/{loop.Id}",
                Stage.Build,
                loop.Detail,
                "changed back",
                Concedable.Never
            );
            yield return loop.Closed is { } closed
                ? new Claim(requirement, Standing.Met, "changed back", "Changed back.", closed)
                : new Claim(requirement, Standing.NotMet, "open", $"Opened {state.At(loop.OpenedAt)}; change it back.");
        }
    }
}
