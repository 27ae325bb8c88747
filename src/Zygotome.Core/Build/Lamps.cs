using Zygotome.Core.Jobs;

namespace Zygotome.Core.Build;

/// <summary>The propeller as seen. A fan cannot come off: its wires can.</summary>
public enum PropellerSeen
{
    Fitted,
    Off,
    WiresOff,
}

public enum PackSeen
{
    Out,
    InBay,
    Connected,
}

public enum TransmitterSeen
{
    Off,
    On,

    /// <summary>On, throttle low, cut set.</summary>
    OnCutSet,
}

/// <summary>What somebody said about a thing that can hurt, and when.</summary>
public sealed record Lamp<T>(T Value, Person By, DateTimeOffset At, string Look);

/// <summary>
/// Propeller, flight pack and transmitter. Physical facts: said anew, never retracted. Not known counts as fitted and
/// connected. A lamp is known to an entry of the same person in the same look, with no ten idle minutes between.
/// </summary>
public sealed record Lamps
{
    public static readonly TimeSpan Idle = TimeSpan.FromMinutes(10);

    public Lamp<PropellerSeen>? Propeller { get; init; }

    public Lamp<PackSeen>? Pack { get; init; }

    public Lamp<TransmitterSeen>? Transmitter { get; init; }

    public string Look { get; init; } = "";

    public DateTimeOffset LastActive { get; init; }

    /// <summary>
    /// Every entry shows somebody at the bench; another look, or too long a pause, lets all lamps fall to not known.
    /// </summary>
    internal Lamps Seen(Entry e) =>
        e.Look == Look && e.RecordedAt - LastActive <= Idle
            ? this with
            {
                LastActive = e.RecordedAt,
            }
            : this with
            {
                Look = e.Look,
                LastActive = e.RecordedAt,
                Propeller = Fall(Propeller),
                Pack = Fall(Pack),
                Transmitter = Fall(Transmitter),
            };

    /// <summary>Whether a lamp is known in this look at this instant.</summary>
    public bool Known<T>(Lamp<T>? lamp, string look, DateTimeOffset at) =>
        lamp is not null && look.Length > 0 && lamp.Look == look && Look == look && at - LastActive <= Idle;

    // The value stays for "last said"; no entry can be of the look it then has.
    private static Lamp<T>? Fall<T>(Lamp<T>? lamp) => lamp is null ? null : lamp with { Look = "" };
}
