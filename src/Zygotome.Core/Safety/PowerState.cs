using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Safety;

/// <summary>How the packs must be.</summary>
public enum PackNeed
{
    NotAsked,

    /// <summary>Nobody is asked to look; but while a pack is said to be connected, it waits.</summary>
    NotSaidConnected,
    NotConnected,

    /// <summary>In its bay, not connected.</summary>
    InBay,
    Connected,
}

/// <summary>How every motor must be.</summary>
public enum MotorNeed
{
    NotAsked,

    /// <summary>Somebody looked, whatever was seen.</summary>
    Known,

    /// <summary>Its propeller off, or its wires.</summary>
    Isolated,

    /// <summary>Its propeller off, so that the shaft can be seen to turn. A fan stays.</summary>
    Bare,

    /// <summary>Propeller aboard, as flown.</summary>
    Aboard,

    /// <summary>Propeller and wires on.</summary>
    Ready,
}

/// <summary>What something powered needs of the stabiliser, where there is one.</summary>
public enum StabiliserNeed
{
    NotAsked,

    /// <summary>None in line, or off: it must not correct what is measured.</summary>
    NotCorrecting,

    /// <summary>It must answer.</summary>
    Awake,
}

/// <summary>
/// Which motors may be able to turn all the same, with the aircraft held, the disc clear and a second person.
/// </summary>
public enum Held
{
    Never,

    /// <summary>Fans, which cannot be taken off.</summary>
    Fans,

    /// <summary>Any motor: it is about turning it.</summary>
    Any,
}

/// <summary>
/// The state of power that an act or a step declares it needs. Everything that is not asked may be as it likes; a lamp
/// is asked for only where it is named here.
/// </summary>
public sealed record PowerState
{
    /// <summary>One of these; empty where it is not asked.</summary>
    public ImmutableArray<LampIs> Transmitter { get; init; } = [];

    public PackNeed Pack { get; init; }

    public MotorNeed Motor { get; init; }

    public StabiliserNeed Stabiliser { get; init; }

    public Held Held { get; init; }

    /// <summary>
    /// The act within which it is done, having come to the act's own state; null where it needs none.
    /// </summary>
    public PoweredAct? Within { get; init; }

    /// <summary>No state is declared.</summary>
    public static PowerState Unstated { get; } = new() { Pack = PackNeed.NotSaidConnected };

    /// <summary>Hands may reach into the disc.</summary>
    public static PowerState Unpowered { get; } = new() { Pack = PackNeed.NotConnected };

    /// <summary>The state for everything that is shown under power.</summary>
    public static PowerState Powered { get; } =
        new()
        {
            Transmitter = [LampIs.CutSet],
            Pack = PackNeed.Connected,
            Motor = MotorNeed.Isolated,
        };

    /// <summary>For what a correcting stabiliser would falsify: neutral, throws, directions.</summary>
    public static PowerState Measured { get; } = Powered with { Stabiliser = StabiliserNeed.NotCorrecting };

    /// <summary>As flown, but for the plug.</summary>
    public static PowerState Weighing { get; } = new() { Pack = PackNeed.InBay, Motor = MotorNeed.Aboard };

    /// <summary>The last look: everything said, nothing connected. What is wrong with it, the ledger says.</summary>
    public static PowerState HandOver { get; } = new() { Pack = PackNeed.NotConnected, Motor = MotorNeed.Known };

    /// <summary>What an act leads to is recorded within it.</summary>
    public static PowerState Of(PoweredAct act) => new() { Within = act };

    /// <summary>Whether anything on the aircraft is under power in this state.</summary>
    public bool IsPowered => Pack == PackNeed.Connected;

    /// <summary>Whether it may turn with restraint, clear disc and a second person.</summary>
    public bool Covers(MotorSpec motor) => Held == Held.Any || (Held == Held.Fans && motor.IsFan);

    public bool Equals(PowerState? other) =>
        other is not null
        && (Pack, Motor, Stabiliser, Held, Within)
            == (other.Pack, other.Motor, other.Stabiliser, other.Held, other.Within)
        && Transmitter.SequenceEqual(other.Transmitter);

    public override int GetHashCode() => HashCode.Combine(Pack, Motor, Stabiliser, Held, Within, Transmitter.Length);
}

/// <summary>An entry that is admitted only in a state of power.</summary>
public interface IPowered : IGuarded
{
    /// <summary>Asked of the job as it stands before the entry.</summary>
    PowerState Needs(JobState state);

    /// <summary>How the aircraft is held from here on, where that is said with the entry.</summary>
    Holding? Held => null;

    Refusal? IGuarded.Guarded(JobState state, Entry entry) => Power.Refused(state, entry, Needs(state), Held);
}
