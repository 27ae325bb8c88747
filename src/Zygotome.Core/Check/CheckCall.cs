using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Check;

/// <summary>One call of the function check: what is done at the transmitter, and what must be seen.</summary>
/// <param name="Id">Stable: <c>aileron/right</c>, <c>gear/down</c>.</param>
/// <param name="Call">"Rudder stick left".</param>
/// <param name="Expected">"rudder left, water rudder left".</param>
public sealed record CheckCall(string Id, string Call, string Expected)
{
    /// <summary>Of one stick, switch or output: "Rudder".</summary>
    public required string Group { get; init; }

    /// <summary>Its position: "left".</summary>
    public required string At { get; init; }

    /// <summary>The stick that is moved; empty where it is a switch. <see cref="Back"/>: against its positive
    /// way.</summary>
    public string Stick { get; init; } = "";

    public bool Back { get; init; }

    public SeenFrom From { get; init; }

    /// <summary>Surfaces that move, by id, with the way of each.</summary>
    public ImmutableSortedDictionary<string, Movement> Picture { get; init; } = Ordered.ById<Movement>();

    /// <summary>What moves, as the drawing calls it.</summary>
    public ImmutableArray<string> Parts { get; init; } = [];

    /// <summary>Its delay, its time, what holds it back; empty where nothing is said.</summary>
    public string Note { get; init; } = "";

    /// <summary>What it was seen with; another one of these, and the run is stale.</summary>
    public required Rests RestsOn { get; init; }
}
