using System.Collections.Immutable;

namespace Zygotome.Core.Bind;

/// <summary>
/// What <see cref="DirectionSolver"/> is asked: channels, what hangs on each, which way all of it must go, and what was
/// seen. Signs throughout: +1 up, right, out or as the output must; −1 the opposite; 0 did not move.
/// </summary>
public sealed record DirectionAsk(
    ImmutableArray<AskedChannel> Channels,
    ImmutableArray<AskedDrive> Drives,
    ImmutableSortedDictionary<string, ImmutableSortedDictionary<string, int>> Seen
)
{
    /// <summary>Ports of the receiver that nothing hangs on.</summary>
    public int FreePorts { get; init; }

    /// <summary>What a place did at a call; null while nobody said.</summary>
    public int? SeenOf(string function, string place) =>
        Seen.TryGetValue(function, out var places) && places.TryGetValue(place, out var went) ? went : null;
}

/// <summary>A channel of the receiver.</summary>
/// <param name="Port">From 1; 0 where it is not known.</param>
/// <param name="Reversed">As it is set in the radio now.</param>
public sealed record AskedChannel(string Name, int Port, bool Reversed)
{
    /// <summary>"channel 2 (elevon right)"; "the elevon right channel".</summary>
    public string Words => Port > 0 ? $"channel {Port} ({Name})" : $"the {Name} channel";
}

/// <summary>One servo or unit on a channel.</summary>
/// <param name="Channel">Its own, by the port map: which of the asked ones, from 0.</param>
/// <param name="Through">What lies between: "its half of the Y-lead on port 3".</param>
public sealed record AskedDrive(string Id, string Name, string Through, int Channel, ImmutableArray<AskedPlace> Places)
{
    /// <summary>What it moves was measured already: another side of its arm costs that anew.</summary>
    public bool WasMeasured { get; init; }

    /// <summary>A servo, whose arm has another side; a controller or a retract unit has none.</summary>
    public bool HasArm { get; init; } = true;
}

/// <summary>A surface or output that a drive moves.</summary>
/// <param name="Wanted">Which way it must go, ±1, by the function that is called.</param>
public sealed record AskedPlace(string Id, string Name, ImmutableSortedDictionary<string, int> Wanted);
