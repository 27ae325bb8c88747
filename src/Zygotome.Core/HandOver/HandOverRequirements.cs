using Zygotome.Core.Build;
using Zygotome.Core.Jobs;

namespace Zygotome.Core.HandOver;

/// <summary>The last look before the aircraft leaves: no pack connected.</summary>
public static class HandOverRequirements
{
    public static IEnumerable<Claim> Claims(JobState state)
    {
        var requirement = new Requirement(
            "handover/pack",
            Stage.HandOver,
            "Flight pack not connected",
            "in its bay or out",
            Concedable.Never
        );
        var pack = state.Build.Lamps.Pack;
        yield return pack is { Value: not PackSeen.Connected }
            ? new Claim(requirement, Standing.Met, LampRules.Words(pack.Value), $"Said by {pack.By.Name}.")
            : Claim.NotShown(
                requirement,
                pack is null ? "Not known counts as connected: look, and say how it is." : "Disconnect the flight pack."
            );
    }
}
