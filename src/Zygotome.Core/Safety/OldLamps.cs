using Zygotome.Core.Journal;

namespace Zygotome.Core.Safety;

/// <summary>The propeller as older entries saw it, one word for all motors.</summary>
public enum PropellerSeen
{
    Fitted,
    Off,
    WiresOff,
}

/// <summary>The pack as older entries saw it, one word for all packs.</summary>
public enum PackSeen
{
    Out,
    InBay,
    Connected,
}

/// <summary>The transmitter as older entries saw it.</summary>
public enum TransmitterSeen
{
    Off,
    On,

    /// <summary>On, throttle low, cut set.</summary>
    OnCutSet,
}

/// <summary>Three kinds of older entries: read for ever, as said of all motors and all packs; taken no more.</summary>
internal static class OldLamps
{
    public static Refusal Taken { get; } =
        new("lamps/old", "Lamps are said of each motor and pack, in one look: build/lamps.", "type");

    public static JobState Say(JobState state, Entry entry, Func<LampId, LampIs?> word) =>
        state.With(
            state.Safety.Say(
                entry,
                state.Sheet,
                LampBoard.Of(state.Sheet).Where(l => word(l.Id) is not null).Select(l => (l.Id, word(l.Id)!.Value))
            )
        );
}

/// <summary>How the propeller was seen to be.</summary>
public sealed record PropellerSaid(PropellerSeen State) : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) => OldLamps.Taken;

    // Wires off said nothing of the propeller, fitted said that it could turn.
    public override JobState Apply(JobState state, Entry entry)
    {
        var motors = state.Sheet.Power.Motors;
        var off = State == PropellerSeen.WiresOff && motors.Any(m => state.Safety.Last(Wires(m.Id)) != LampIs.Off);
        state = OldLamps.Say(
            state,
            entry,
            id =>
                (id.Kind, State) switch
                {
                    (LampKind.Wires, PropellerSeen.WiresOff) => LampIs.Off,
                    (LampKind.Wires, PropellerSeen.Fitted) => LampIs.On,
                    (LampKind.Propeller, PropellerSeen.Fitted) => LampIs.On,
                    (LampKind.Propeller, PropellerSeen.Off) => LampIs.Off,
                    _ => null,
                }
        );
        return State == PropellerSeen.WiresOff
            ? off
                ? state.Disturb(entry, "Motor wires taken off", motors.Select(DisturbanceMatrix.Motor))
                : state
            : motors.Aggregate(
                state,
                (s, m) =>
                    s.Say(
                        entry,
                        new Setting(SettingKind.Propeller, m.Id),
                        State == PropellerSeen.Fitted ? Setting.Aboard : Setting.Off
                    )
            );
    }

    private static LampId Wires(string motor) => new(LampKind.Wires, motor);

    public override string Say(JobState state) =>
        $"Propeller {(State == PropellerSeen.WiresOff ? "wires off" : State.ToString().ToLowerInvariant())}";
}

/// <summary>How the flight pack was seen to be.</summary>
public sealed record PackSaid(PackSeen State) : EntryBody, IConnects
{
    public bool Connects() => State == PackSeen.Connected;

    public override Refusal? Admit(JobState state, Entry entry) => OldLamps.Taken;

    private LampIs Is =>
        State switch
        {
            PackSeen.Connected => LampIs.Connected,
            PackSeen.InBay => LampIs.InBay,
            _ => LampIs.Out,
        };

    public override JobState Apply(JobState state, Entry entry) =>
        OldLamps.Say(state, entry, id => id.Kind == LampKind.Pack ? Is : null);

    public override string Say(JobState state) => $"Flight pack {LampWords.Of(Is)}";
}

/// <summary>An older entry on the transmitter.</summary>
public sealed record TransmitterSaid(TransmitterSeen State) : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) => OldLamps.Taken;

    private LampIs Is =>
        State switch
        {
            TransmitterSeen.OnCutSet => LampIs.CutSet,
            TransmitterSeen.On => LampIs.Live,
            _ => LampIs.Off,
        };

    public override JobState Apply(JobState state, Entry entry) =>
        OldLamps.Say(state, entry, id => id.Kind == LampKind.Transmitter ? Is : null);

    public override string Say(JobState state) =>
        $"Transmitter {(State == TransmitterSeen.On ? "on" : LampWords.Of(Is))}";
}
