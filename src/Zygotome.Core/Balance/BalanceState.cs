using System.Collections.Immutable;

namespace Zygotome.Core.Balance;

/// <summary>The latest weighing of each configuration, and what ballast is in. Where the pack lies is a setting.</summary>
public sealed record BalanceState
{
    public ImmutableSortedDictionary<string, WeighingShown> Weighings { get; init; } =
        ImmutableSortedDictionary.Create<string, WeighingShown>(StringComparer.Ordinal);

    /// <summary>Pieces by station.</summary>
    public ImmutableSortedDictionary<string, int> Ballast { get; init; } =
        ImmutableSortedDictionary.Create<string, int>(StringComparer.Ordinal);

    public int BallastAt(string station) => Ballast.GetValueOrDefault(station);
}
