using System.Collections.Immutable;
using Zygotome.Core.Jobs;

namespace Zygotome.Core.Bind;

/// <summary>
/// Bind, failsafe and directions, as the ledger asks for them. Wrong directions and a motor that can start are never
/// conceded.
/// </summary>
public static class BindRequirements
{
    public static IEnumerable<Claim> Claims(JobState state)
    {
        var bind = state.Bind;
        var bound = new Requirement("bind/bound", Stage.Bind, "Bound, model memory recorded");
        yield return bind.Bound is { } b
            ? new Claim(
                bound,
                Standing.Met,
                $"{b.ModelMemory}, mode {b.Mode}",
                "Bound.",
                bind.BoundEvidence,
                [new(AspectKind.Bind)]
            )
            : Claim.NotShown(bound, "Not bound yet.");

        var failsafe = new Requirement(
            "bind/failsafe",
            Stage.Bind,
            "Failsafe",
            state.Sheet.Radio.Failsafe,
            Concedable.Never
        );
        yield return bind.Failsafe is { } behaviour
            ? new Claim(
                behaviour == FailsafeBehaviour.SurfacesDiffer
                    ? failsafe with
                    {
                        Concedable = Concedable.ByLead,
                    }
                    : failsafe,
                behaviour == FailsafeBehaviour.AsDeclared ? Standing.Met : Standing.NotMet,
                Words(behaviour),
                behaviour == FailsafeBehaviour.MotorRuns
                    ? "A motor that can start in failsafe is never conceded."
                    : "Seen with the transmitter switched off.",
                bind.FailsafeEvidence,
                [new(AspectKind.Failsafe)]
            )
            : Claim.NotShown(failsafe, "Not shown yet.");

        foreach (var call in Directions.Calls(state.Sheet))
        {
            yield return Of(state, call);
        }
    }

    private static Claim Of(JobState state, DirectionCall call)
    {
        var requirement = new Requirement(
            $"direction/{call.Function}",
            Stage.Bind,
            $"Direction of {call.Function}",
            string.Join(", ", call.Expected.Select(e => $"{e.Surface.Name.ToLowerInvariant()} {Words(e.Movement)}")),
            Concedable.Never
        );
        if (!state.Bind.Directions.TryGetValue(call.Function, out var shown))
        {
            return Claim.NotShown(requirement, "Not answered yet.");
        }

        var right = call.Expected.All(e => shown.Seen.GetValueOrDefault(e.Surface.Id, Movement.None) == e.Movement);
        var seen = string.Join(
            ", ",
            call.Expected.Select(e =>
                $"{e.Surface.Name.ToLowerInvariant()} "
                + $"{Words(shown.Seen.GetValueOrDefault(e.Surface.Id, Movement.None))}"
            )
        );
        ImmutableArray<Aspect> rests = [.. call.Expected.Select(e => new Aspect(AspectKind.Direction, e.Surface.Id))];
        return new Claim(
            requirement,
            right ? Standing.Met : Standing.NotMet,
            seen,
            right ? "As the picture shows." : Directions.Remedy(state.Sheet, call.Function, shown.Seen),
            shown.Evidence,
            rests
        );
    }

    public static string Words(Movement movement) =>
        movement == Movement.None ? "did not move" : movement.ToString().ToLowerInvariant();

    public static string Words(FailsafeBehaviour behaviour) =>
        behaviour switch
        {
            FailsafeBehaviour.AsDeclared => "as declared",
            FailsafeBehaviour.MotorRuns => "motor runs",
            _ => "surfaces differ",
        };
}
