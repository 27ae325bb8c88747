using System.Collections.Immutable;

namespace Zygotome.Core.Wire;

/// <summary>Something that a signal must reach: a servo, a controller, a light, a setting of the stabiliser.</summary>
/// <param name="Id">The sheet's: of its servo, controller or output; else of the radio function.</param>
/// <param name="Command">What must come to it, one channel's worth: "aileron"; of a mixed surface its own.</param>
public sealed record Consumer(string Id, string Name, string Command)
{
    /// <summary>
    /// +1 where it goes the way it must on a rising signal, −1 where the other; two on one signal must be alike. Null
    /// where the sheet does not say.
    /// </summary>
    public int? Turn { get; init; }

    /// <summary>What is served as a whole or not at all, as two flaps are.</summary>
    public required string Unit { get; init; }

    /// <summary>Without it nothing is flown; of a light or a figure not so.</summary>
    public bool IsVital { get; init; } = true;

    /// <summary>What it draws stalled, A; 0 where nobody says.</summary>
    public double Stall { get; init; }

    /// <summary>Surfaces, outputs and motors that move when it works, as the drawing and Bind call them.</summary>
    public ImmutableArray<string> Moves { get; init; } = [];

    /// <summary>left, right or empty.</summary>
    public string Side { get; init; } = "";

    /// <summary>It takes power to the receiver beside the signal.</summary>
    public bool IsController { get; init; }
}
