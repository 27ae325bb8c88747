using System.Collections.Immutable;

namespace Zygotome.Core.Wire;

/// <summary>Which plug goes to which port.</summary>
/// <param name="At">By the order of the plugs; from 1, 0 where it has none. Several on one port share a Y-lead.</param>
public sealed record PortMap(ImmutableArray<int> At)
{
    public bool Equals(PortMap? other) => other is not null && At.SequenceEqual(other.At);

    public override int GetHashCode() => At.Aggregate(17, HashCode.Combine);
}
