using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Safety;

namespace Zygotome.Core.Check;

/// <summary>
/// A full-power run as it was read off, within its own act: held, disc clear, a second person. All motors together.
/// </summary>
/// <param name="Amps">A, the most that was read. <paramref name="Volts"/>: V of the pack, the least.</param>
/// <param name="Seconds">s at full stick.</param>
public sealed record PowerRun(double Amps, double Volts, double Seconds) : EntryBody, IPowered
{
    public PowerState Needs(JobState state) => PowerState.Of(PoweredAct.FullPowerRun);

    public override Refusal? Admit(JobState state, Entry entry) =>
        !LampBoard.HasMotor(state.Sheet) ? new Refusal("check/no-motor", "There is no motor on this aircraft.")
        : Amps is not (> 0 and <= 500) ? new Refusal("check/amps", "Amperes lie at 0.1 to 500.", "body.amps")
        : Volts is not (> 1 and <= 60) ? new Refusal("check/volts", "Volts under load lie at 1 to 60.", "body.volts")
        : Seconds is not (>= 1 and <= 120)
            ? new Refusal("check/seconds", "A run takes 1 to 120 seconds.", "body.seconds")
        : null;

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

    /// <summary>"31.2 A, 14.1 V, 8 s".</summary>
    internal string Words => $"{Numbers.Say(Amps)} A, {Numbers.Say(Volts)} V, {Numbers.Say(Seconds)} s";
}
