using Zygotome.Core.Journal;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Safety;

/// <summary>The state of power a step of the sheet declares, and the motors it makes ready.</summary>
public static class StepPowers
{
    /// <summary>
    /// As the sheet states it; on older sheets <c>needs.power</c> is transmitter on, cut set, motors isolated, and
    /// <c>needs.unpowered</c> the pack not connected. What readies a motor is never done with the pack connected.
    /// </summary>
    public static PowerState Of(StepSpec step)
    {
        var state =
            step.Power is { } power ? Stated(power)
            : step.Needs.Power ? PowerState.Powered
            : step.Needs.Unpowered ? PowerState.Unpowered
            : PowerState.Unstated;
        return step.Readies.IsEmpty || state.Pack == PackNeed.InBay
            ? state
            : state with
            {
                Pack = PackNeed.NotConnected,
            };
    }

    /// <summary>
    /// What is asked before a step begins. Where a motor may turn, or the throttle is live, the pack is connected only
    /// once the step is open.
    /// </summary>
    public static PowerState ToStart(StepSpec step) =>
        Of(step) is var state && IsOpen(state)
            ? state with
            {
                Pack = PackNeed.NotAsked,
                Transmitter = state.Transmitter.IsEmpty ? [] : [LampIs.CutSet],
            }
            : state;

    /// <summary>Whether the step, like an act, is open from its start for what would be dangerous without it.</summary>
    public static bool IsOpen(PowerState state) =>
        state.IsPowered && (state.Held != Held.Never || !state.Transmitter.All(t => t == LampIs.CutSet));

    /// <summary>The motors as they are once it has begun: propellers on, wires of a fan joined.</summary>
    public static IEnumerable<(LampId Id, LampIs Is)> Readied(SpecSheet sheet, StepSpec step) =>
        sheet
            .Power.Motors.Where(m => step.Readies.Contains(m.Id))
            .Select(m => (new LampId(m.IsFan ? LampKind.Wires : LampKind.Propeller, m.Id), LampIs.On));

    /// <summary>
    /// The state in words, for the step's card: "transmitter on, cut set · motors isolated · pack connected".
    /// </summary>
    public static string Words(SpecSheet sheet, StepSpec step)
    {
        var state = Of(step);
        var transmitter = new LampId(LampKind.Transmitter);
        var motors = LampBoard.HasMotor(sheet);
        return string.Join(
            " · ",
            new[]
            {
                state.Transmitter.IsEmpty
                    ? ""
                    : "transmitter "
                        + string.Join(" or ", state.Transmitter.Select(t => LampWords.Of(sheet, transmitter, t))),
                !motors ? ""
                : state.Held != Held.Never ? "motors may turn: held, disc clear, second person"
                : state.Motor == MotorNeed.Isolated ? "motors isolated"
                : "",
                state.Pack switch
                {
                    PackNeed.Connected => "pack connected",
                    PackNeed.NotConnected => "pack not connected",
                    PackNeed.InBay => "pack in its bay",
                    _ => "",
                },
                state.Stabiliser switch
                {
                    StabiliserNeed.Awake => "stabiliser awake",
                    StabiliserNeed.NotCorrecting => "stabiliser off",
                    _ => "",
                },
            }.Where(w => w.Length > 0)
        );
    }

    /// <summary>The lamps of the motors it readies, as they stay.</summary>
    internal static JobState Ready(JobState state, Entry entry, StepSpec step)
    {
        var readied = Readied(state.Sheet, step).ToArray();
        if (readied.Length == 0)
        {
            return state;
        }

        var before = state.Safety;
        return readied.Aggregate(
            state.With(before.Say(entry, state.Sheet, readied)),
            (s, lamp) => LampsSaid.Stays(s, entry, lamp.Id, before.Last(lamp.Id), lamp.Is)
        );
    }

    private static PowerState Stated(StepPower power)
    {
        var on = power.Transmitter == "on";
        return new PowerState
        {
            Transmitter = (power.Transmitter, power.Throttle) switch
            {
                ("off", _) => [LampIs.Off],
                ("on", "live") => [LampIs.Live],
                ("on", "full") => [LampIs.FullStick],
                ("on", _) => [LampIs.CutSet],
                _ => [],
            },
            Pack = power.Pack switch
            {
                "connected" => PackNeed.Connected,
                "in bay" => PackNeed.InBay,
                "not connected" => PackNeed.NotConnected,
                _ => on ? PackNeed.Connected : PackNeed.NotSaidConnected,
            },
            Motor = power.Motor.Length > 0 || on || power.Pack == "connected" ? MotorNeed.Isolated : MotorNeed.NotAsked,
            Held = power.Motor == StepPower.CannotBeIsolated ? Held.Any : Held.Never,
            Stabiliser = power.Stabiliser switch
            {
                "awake" => StabiliserNeed.Awake,
                "off" => StabiliserNeed.NotCorrecting,
                _ => StabiliserNeed.NotAsked,
            },
        };
    }
}
