using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;

namespace Zygotome.Core.Throws;

/// <summary>A throw as it was read last.</summary>
public sealed record ThrowShown(ThrowRead Read, Evidence Evidence);

/// <summary>Whether a surface was felt to move freely.</summary>
public sealed record FreedomShown(bool Free, string Note, Evidence Evidence);

/// <summary>Where a surface was seen to stand at rest: mm, up is +, with its uncertainty.</summary>
public sealed record NeutralShown(double Offset, double U, Evidence Evidence);

/// <summary>Whether the pushrod sits in the holes the manual names by their place.</summary>
public sealed record HoleShown(bool AsSheet, Evidence Evidence);

/// <summary>The latest readings; what was set in the radio for them is in <see cref="Settings"/>.</summary>
public sealed record ThrowsState : IMeasuredThrows
{
    bool IMeasuredThrows.IsMeasured(string surface) =>
        Readings.Keys.Any(k => k.StartsWith($"throw/{surface}/", StringComparison.Ordinal));

    ImmutableArray<RequirementId> IMeasuredThrows.Lines(JobState state, string surface, string function) =>
        [
            .. ThrowTargets
                .Of(state.Sheet, state.Rules)
                .Where(t => t.Surface.Id == surface && t.Function == function)
                .Select(t => t.Key),
        ];

    public ImmutableSortedDictionary<string, ThrowShown> Readings { get; init; } = Ordered.ById<ThrowShown>();

    public ImmutableSortedDictionary<string, FreedomShown> Freedom { get; init; } = Ordered.ById<FreedomShown>();

    public ImmutableSortedDictionary<string, NeutralShown> Neutral { get; init; } = Ordered.ById<NeutralShown>();

    public ImmutableSortedDictionary<string, HoleShown> Holes { get; init; } = Ordered.ById<HoleShown>();
}
