using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Safety;

namespace Zygotome.Core.Check;

/// <summary>What one motor drew.</summary>
/// <param name="Amps">A, the most that was read at its own wires.</param>
public sealed record MotorAmps(string Motor, double Amps);

/// <summary>
/// A full-power run as it was read off, within its own act: held, disc clear, a second person. All motors together, and
/// of several each: one that draws less than its likes hides in the sum.
/// </summary>
/// <param name="Amps">A, the most that was read at the pack; of several motors their sum where it is not said.</param>
/// <param name="Volts">V of the pack, the least.</param>
/// <param name="Seconds">s at full stick.</param>
/// <param name="Each">Of several motors, each once.</param>
public sealed record PowerRun(double? Amps, double Volts, double Seconds, ImmutableArray<MotorAmps>? Each = null)
    : EntryBody,
        IPowered
{
    /// <summary>A, of all motors together: never less than what they were read to draw one by one.</summary>
    internal double Together => Math.Max(Amps ?? 0, Numbers.Round((Each ?? []).Sum(m => m.Amps)));

    /// <summary>A of one motor; null where it was not read by itself.</summary>
    internal double? Of(string motor) => Each?.FirstOrDefault(m => m.Motor == motor)?.Amps;

    public PowerState Needs(JobState state) => PowerState.Of(PoweredAct.FullPowerRun);

    public override Refusal? Admit(JobState state, Entry entry) =>
        !LampBoard.HasMotor(state.Sheet) ? new Refusal("check/no-motor", "There is no motor on this aircraft.")
        : Unread(state) is { } unread ? unread
        : Together is not (> 0 and <= 500) ? new Refusal("check/amps", "Amperes lie at 0.1 to 500.", "body.amps")
        : Volts is not (> 1 and <= 60) ? new Refusal("check/volts", "Volts under load lie at 1 to 60.", "body.volts")
        : Seconds is not (>= 1 and <= 120)
            ? new Refusal("check/seconds", "A run takes 1 to 120 seconds.", "body.seconds")
        : null;

    // Of several motors each is read; of one there is nothing to tell apart.
    private Refusal? Unread(JobState state)
    {
        string[] motors = [.. state.Sheet.Power.Motors.Select(m => m.Id)];
        MotorAmps[] each = [.. Each ?? []];
        return each.FirstOrDefault(m => !motors.Contains(m.Motor)) is { } none
                ? new Refusal("check/no-motor", $"There is no motor \"{none.Motor}\" on this aircraft.", "body.each")
            : each.DistinctBy(m => m.Motor).Count() < each.Length
                ? new Refusal("check/each-once", "Each motor once.", "body.each")
            : each.Any(m => m.Amps is not (> 0 and <= 200))
                ? new Refusal("check/amps", "Amperes of a motor lie at 0.1 to 200.", "body.each")
            : motors.Length > 1 && each.Length < motors.Length
                ? new Refusal(
                    "check/each",
                    $"Read each motor by itself: {string.Join(", ", motors.Except(each.Select(m => m.Motor)))}.",
                    "body.each"
                )
            : null;
    }

    // The act is over with it; throttle low and cut come before anything else.
    public override JobState Apply(JobState state, Entry entry) =>
        state
            .With(state.Safety.Act?.Act == PoweredAct.FullPowerRun ? state.Safety.End(state.Sheet) : state.Safety)
            .With(
                state.Check with
                {
                    PowerRun = new PowerRunShown(
                        this,
                        Evidence.Of(entry, state.Check.PowerRun?.Evidence.Attempt + 1 ?? 1)
                    ),
                }
            );

    public override IEnumerable<string> Shows() => [new PowerRunId().Written];

    public override string Say(JobState state) => $"Full power: {Words}";

    /// <summary>"31.2 A (left 15.4, right 15.8), 14.1 V, 8 s".</summary>
    internal string Words =>
        $"{Numbers.Say(Together)} A{(Each is { Length: > 0 } each ? $" ({Apart(each)})" : "")}, "
        + $"{Numbers.Say(Volts)} V, {Numbers.Say(Seconds)} s";

    private static string Apart(ImmutableArray<MotorAmps> each) =>
        string.Join(", ", each.Select(m => $"{m.Motor} {Numbers.Say(m.Amps)}"));
}
