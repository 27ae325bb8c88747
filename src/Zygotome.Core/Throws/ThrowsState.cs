using System.Collections.Immutable;
using Zygotome.Core.Journal;

namespace Zygotome.Core.Throws;

public sealed record ThrowShown(ThrowRead Read, Evidence Evidence);

public sealed record FreedomShown(bool Free, string Note, Evidence Evidence);

public sealed record NeutralShown(double Offset, double U, Evidence Evidence);

/// <summary>Whether the pushrod sits in the holes the manual names by their place.</summary>
public sealed record HoleShown(bool AsSheet, Evidence Evidence);

/// <summary>The latest readings; what was set in the radio for them is in <see cref="Settings"/>.</summary>
public sealed record ThrowsState
{
    public ImmutableDictionary<string, ThrowShown> Readings { get; init; } = [];

    public ImmutableDictionary<string, FreedomShown> Freedom { get; init; } = [];

    public ImmutableDictionary<string, NeutralShown> Neutral { get; init; } = [];

    public ImmutableDictionary<string, HoleShown> Holes { get; init; } = [];
}
