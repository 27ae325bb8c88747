using Zygotome.Core.Jobs;

namespace Zygotome.Core.Build;

/// <summary>How the propeller was seen to be. A fact: taken whatever it says, and never retracted.</summary>
public sealed record PropellerSaid(PropellerSeen State) : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        !Isolation.HasMotor(state.Sheet) ? new Refusal("lamps/no-motor", "This aircraft has no motor.", "body.state")
        : State == PropellerSeen.Off && state.Sheet.Power.Motors[0].Kind == "fan"
            ? new Refusal("lamps/fan", "A fan does not come off; take the motor wires off.", "body.state")
        : LampRules.Look(entry);

    // One word for all motors. Wires off says nothing of the propeller; wires that come off come on again somehow, so that
    // which way the motor turns is to be seen again.
    public override JobState Apply(JobState state, Entry entry)
    {
        var before = state.Build.Lamps.Propeller?.Value;
        state = LampRules.Set(state, l => l with { Propeller = new(State, entry.By, entry.ObservedAt, entry.Look) });
        var motors = state.Sheet.Power.Motors;
        return State == PropellerSeen.WiresOff
            ? before == PropellerSeen.WiresOff
                ? state
                : state.Disturb(entry, "Motor wires taken off", motors.Select(DisturbanceMatrix.Motor))
            : motors.Aggregate(
                state,
                (s, m) =>
                    s.Say(
                        entry,
                        new Setting(SettingKind.Propeller, m.Id),
                        State == PropellerSeen.Fitted ? Balance.BalanceGround.Aboard : Balance.BalanceGround.Off
                    )
            );
    }

    public override string Say(JobState state) => $"Propeller {LampRules.Words(State)}";
}

/// <summary>
/// How the flight pack is. Connecting is a decision with the interlock before it; the rest are facts.
/// </summary>
public sealed record PackSaid(PackSeen State) : EntryBody
{
    public override bool IsDecision() => State == PackSeen.Connected;

    public override Refusal? Admit(JobState state, Entry entry) =>
        LampRules.Look(entry) ?? (State == PackSeen.Connected ? Isolation.Connect(state, entry) : null);

    public override JobState Apply(JobState state, Entry entry) =>
        LampRules.Set(state, l => l with { Pack = new(State, entry.By, entry.ObservedAt, entry.Look) });

    public override string Say(JobState state) => $"Flight pack {LampRules.Words(State)}";
}

public sealed record TransmitterSaid(TransmitterSeen State) : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) => LampRules.Look(entry);

    public override JobState Apply(JobState state, Entry entry) =>
        LampRules.Set(state, l => l with { Transmitter = new(State, entry.By, entry.ObservedAt, entry.Look) });

    public override string Say(JobState state) => $"Transmitter {LampRules.Words(State)}";
}

/// <summary>Lamps in words.</summary>
public static class LampRules
{
    public static string Words(PropellerSeen s) =>
        s switch
        {
            PropellerSeen.Off => "off",
            PropellerSeen.WiresOff => "wires off",
            _ => "fitted",
        };

    public static string Words(PackSeen s) =>
        s switch
        {
            PackSeen.Connected => "connected",
            PackSeen.InBay => "in bay",
            _ => "out",
        };

    public static string Words(TransmitterSeen s) =>
        s switch
        {
            TransmitterSeen.OnCutSet => "on, cut set",
            TransmitterSeen.On => "on",
            _ => "off",
        };

    internal static Refusal? Look(Entry e) =>
        string.IsNullOrEmpty(e.Look)
            ? new Refusal("lamps/look", "A lamp is said by somebody looking: the look is missing.", "look")
            : null;

    internal static JobState Set(JobState state, Func<Lamps, Lamps> change) =>
        state with
        {
            Build = state.Build with { Lamps = change(state.Build.Lamps) },
        };
}
