using Zygotome.Core.Journal;

namespace Zygotome.Core.Build;

/// <summary>Open loops, as the ledger asks for them.</summary>
public static class BuildRequirements
{
    public static IEnumerable<Claim> Claims(JobState state)
    {
        foreach (var loop in state.Build.Loops)
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
