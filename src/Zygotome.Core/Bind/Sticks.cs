namespace Zygotome.Core.Bind;

/// <summary>Which stick is moved for a call, and which way, as whoever holds the transmitter sees it.</summary>
/// <param name="Right">The right stick; else the left.</param>
/// <param name="Across">+1 right, −1 left. <paramref name="Up"/>: +1 away from oneself, −1 towards.</param>
public sealed record StickMove(bool Right, int Across, int Up)
{
    /// <summary>"right stick".</summary>
    public string Words => Right ? "right stick" : "left stick";
}

/// <summary>
/// The four modes: which stick carries throttle and elevator, and which aileron and rudder. Mode 1: elevator and rudder
/// left; mode 2: throttle and rudder left; mode 3: elevator and aileron left; mode 4: throttle and aileron left.
/// </summary>
public static class Sticks
{
    /// <summary>For a positive input: aileron and rudder right, elevator towards oneself. Null for a switch, and in a
    /// mode that does not exist.</summary>
    public static StickMove? Of(string function, int mode) =>
        (function, mode) switch
        {
            (_, < 1 or > 4) => null,
            ("aileron", _) => new(mode is 1 or 2, 1, 0),
            ("rudder", _) => new(mode is 3 or 4, 1, 0),
            ("elevator", _) => new(mode is 2 or 4, 0, -1),
            ("throttle", _) => new(mode is 1 or 3, 0, 1),
            _ => null,
        };
}
