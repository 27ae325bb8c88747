using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;

namespace Zygotome.Core.Balance;

/// <summary>
/// The latest weighing of each configuration, and what ballast is in. Where the pack lies is a setting.
/// </summary>
public sealed record BalanceState : IMovesCentre
{
    Outcome<string> IMovesCentre.Step(JobState state, bool aft) => CentreStep.Of(state, aft);

    public ImmutableSortedDictionary<string, WeighingShown> Weighings { get; init; } = Ordered.ById<WeighingShown>();

    /// <summary>The latest look at its marks of each configuration.</summary>
    public ImmutableSortedDictionary<string, MarksShown> Marks { get; init; } = Ordered.ById<MarksShown>();

    /// <summary>Pieces by station.</summary>
    public ImmutableSortedDictionary<string, int> Ballast { get; init; } = Ordered.ById<int>();

    /// <summary>Pieces at a station now; 0 where none ever were.</summary>
    public int BallastAt(string station) => Ballast.GetValueOrDefault(station);
}
