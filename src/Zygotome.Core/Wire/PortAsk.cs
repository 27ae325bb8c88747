using System.Collections.Immutable;

namespace Zygotome.Core.Wire;

/// <summary>What is laid to the ports of one receiver.</summary>
/// <param name="Ports">How many carry a channel; the port of a channel has its number, from 1.</param>
public sealed record PortAsk(ImmutableArray<Plug> Plugs, int Ports)
{
    /// <summary>What the owner has on each channel in every model, from the first; empty ones are free.</summary>
    public ImmutableArray<string> Usual { get; init; } = [];

    /// <summary>The maker's order of functions: whatever has no usual channel goes by it.</summary>
    public ImmutableArray<string> Printed { get; init; } = [];

    /// <summary>Paired surfaces share a lead where they can, as chosen; else each has a port while there are
    /// any.</summary>
    public bool SharesPairs { get; init; }

    /// <summary>The port that is needed for binding; 0 where none is.</summary>
    public int BindPort { get; init; }

    /// <summary>What one port may carry through a Y-lead, A stalled; the contacts' limit.</summary>
    public double MostAmps { get; init; } = 5;
}
