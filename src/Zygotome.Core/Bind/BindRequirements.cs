using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Sheets;

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
                Rests
                    .On(new Aspect(AspectKind.Bind))
                    .And(new Setting(SettingKind.Transmitter), new Setting(SettingKind.Receiver))
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
                behaviour switch
                {
                    FailsafeBehaviour.MotorRuns => "A motor that can start in failsafe is never conceded.",
                    FailsafeBehaviour.SurfacesHardOver => "Surfaces that go hard over in failsafe are never conceded.",
                    _ => "Seen with the transmitter switched off.",
                },
                bind.FailsafeEvidence,
                Rests
                    .On(new Aspect(AspectKind.Failsafe))
                    .And([
                        .. RadioSettings.Link,
                        .. RadioSettings.Reverses(state.Sheet),
                        .. RadioSettings.Answers(Schools.Wiring),
                        new Setting(SettingKind.ThrottleCut),
                        SheetValues.OfFailsafe,
                    ])
            )
            : Claim.NotShown(failsafe, "Not shown yet.");

        if (!state.Sheet.Radio.StatesFailsafe)
        {
            yield return Claim.NotShown(
                new Requirement("sheet/failsafe", Stage.Bind, "What the failsafe does", "", Concedable.Never),
                "The sheet does not say what happens when the signal is lost; a mended revision does."
            );
        }

        foreach (var call in Directions.Calls(state.Sheet))
        {
            yield return Of(state, call);
        }

        foreach (var motor in state.Sheet.Power.Motors)
        {
            yield return Of(state, motor);
        }

        foreach (var output in UnknownOutputs.Of(state.Sheet))
        {
            yield return Of(state, output);
        }
    }

    private static Claim Of(JobState state, MotorSpec motor)
    {
        var requirement = new Requirement(
            $"motor-direction/{motor.Id}",
            Stage.Bind,
            state.Sheet.Power.Motors.Length == 1 ? "Direction of the motor" : $"Direction of motor {motor.Id}",
            MotorTurned.Expected(motor),
            Concedable.Never
        );
        return state.Bind.Motors.TryGetValue(motor.Id, out var shown)
            ? new Claim(
                requirement,
                shown.Turned == MotorTurn.AsItShould ? Standing.Met : Standing.NotMet,
                MotorTurned.Words(shown.Turned),
                shown.Turned switch
                {
                    MotorTurn.AsItShould => motor.IsFan ? "Seen by its airflow." : "Seen by tape on the bare shaft.",
                    MotorTurn.TheOtherWay => "Swap two of its wires, or reverse it in the controller; then look again.",
                    _ => "Look at its wires, the controller and the arming; then look again.",
                },
                shown.Evidence,
                Rests.On(DisturbanceMatrix.Motor(motor)).And(SheetValues.OfTurning(motor.Id))
            )
            : Claim.NotShown(
                requirement,
                motor.IsFan ? "Not seen yet: by its airflow." : "Not seen yet: by tape on the bare shaft."
            );
    }

    private static Claim Of(JobState state, UnknownOutput output)
    {
        var requirement = new Requirement(
            $"called/{output.Id}",
            Stage.Bind,
            output.Text,
            "seen to do what it should",
            Concedable.Never
        );
        return state.Bind.Called.TryGetValue(output.Id, out var shown)
            ? new Claim(
                requirement,
                shown.AsItShould ? Standing.Met : Standing.NotMet,
                shown.Seen,
                shown.AsItShould ? $"{output.Why} Called, and seen." : $"{output.Why} It does not do what it should.",
                shown.Evidence,
                UnknownOutputs.RestsOn(state.Sheet, output)
            )
            : Claim.NotShown(requirement, $"{output.Why} Call it, and say what it was seen to do.");
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
        var rests = Rests
            .On([.. call.Expected.Select(e => new Aspect(AspectKind.Direction, e.Surface.Id))])
            .And(RadioSettings.OfCall(state.Sheet, call.Function, call.Expected.Select(e => e.Surface)));
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
            FailsafeBehaviour.SurfacesHardOver => "surfaces go hard over",
            _ => "surfaces differ",
        };
}
