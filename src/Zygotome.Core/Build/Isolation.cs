using Zygotome.Core.Jobs;
using Zygotome.Core.SpecSheets;

namespace Zygotome.Core.Build;

/// <summary>
/// The isolation interlock: no power on an aircraft whose motor could turn a propeller while somebody works on it.
/// </summary>
public static class Isolation
{
    /// <summary>
    /// Whether the pack may be connected now: transmitter on with throttle cut, motor isolated, all three known.
    /// </summary>
    public static Refusal? Connect(JobState state, Entry e) => TransmitterFirst(state, e) ?? MotorIsolated(state, e);

    /// <summary>
    /// Whether a powered step may be done now: pack connected and everything that connecting it needed still so.
    /// </summary>
    public static Refusal? Powered(JobState state, Entry e)
    {
        var lamps = state.Build.Lamps;
        return !lamps.Known(lamps.Pack, e.Look, e.RecordedAt) ? NotKnown("pack", "Flight pack")
            : lamps.Pack!.Value != PackSeen.Connected
                ? new Refusal(
                    "lamps/pack-not-connected",
                    "This is done under power: connect the flight pack first (transmitter on and cut set, motor "
                        + "isolated).",
                    "lamps.pack"
                )
            : Connect(state, e);
    }

    /// <summary>
    /// Whether the aircraft is without power: for fitting a propeller, and for anything reaching into the disc.
    /// </summary>
    public static Refusal? Unpowered(JobState state, Entry e)
    {
        var lamps = state.Build.Lamps;
        return !lamps.Known(lamps.Pack, e.Look, e.RecordedAt) ? NotKnown("pack", "Flight pack")
            : lamps.Pack!.Value == PackSeen.Connected
                ? new Refusal("lamps/pack-connected", "Disconnect the flight pack first.", "lamps.pack")
            : null;
    }

    /// <summary>Whether a weighing shows the aircraft as flown and safe: pack in its bay and not connected.</summary>
    public static Refusal? Weighing(JobState state, Entry e) =>
        Unpowered(state, e)
        ?? (
            state.Build.Lamps.Pack!.Value == PackSeen.InBay
                ? null
                : new Refusal("lamps/pack-not-in-bay", "Weigh with the pack in its bay, not connected.", "lamps.pack")
        );

    public static bool HasMotor(SpecSheet sheet) => sheet.Power.Motors.Length > 0;

    private static Refusal? TransmitterFirst(JobState state, Entry e)
    {
        var lamps = state.Build.Lamps;
        return !lamps.Known(lamps.Transmitter, e.Look, e.RecordedAt) ? NotKnown("transmitter", "Transmitter")
            : lamps.Transmitter!.Value != TransmitterSeen.OnCutSet
                ? new Refusal(
                    "lamps/transmitter",
                    "Transmitter first: switch it on, throttle low, cut set.",
                    "lamps.transmitter"
                )
            : null;
    }

    private static Refusal? MotorIsolated(JobState state, Entry e)
    {
        var lamps = state.Build.Lamps;
        return !HasMotor(state.Sheet) ? null
            : !lamps.Known(lamps.Propeller, e.Look, e.RecordedAt)
                ? NotKnown("propeller", state.Sheet.Power.Motors[0].Kind == "fan" ? "Fan" : "Propeller")
            : lamps.Propeller!.Value == PropellerSeen.Fitted
                ? new Refusal(
                    "lamps/not-isolated",
                    state.Sheet.Power.Motors[0].Kind == "fan"
                        ? "The fan can turn: take the motor wires off first."
                        : "The propeller is fitted: take it off, or take the motor wires off, first.",
                    "lamps.propeller"
                )
            : null;
    }

    private static Refusal NotKnown(string lamp, string name) =>
        new("lamps/not-known", $"{name} not known: look, and say how it is.", $"lamps.{lamp}");
}
