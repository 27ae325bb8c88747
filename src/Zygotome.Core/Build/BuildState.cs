using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Build;

/// <summary>What is changed for now, what steps were answered, and how their order was changed.</summary>
public sealed record BuildState : IOrdersSteps
{
    public ImmutableList<OpenLoop> Loops { get; init; } = [];

    /// <summary>Pushrods, clevises and arms moved after the build, latest last.</summary>
    public Log<LinkageMoved> Moved { get; init; } = [];

    /// <summary>What steps asked and somebody answered, by step and question; the latest.</summary>
    public ImmutableSortedDictionary<string, StepAnswer> Answers { get; init; } = Ordered.ById<StepAnswer>();

    /// <summary>Servos that stood at their reference, by id; the latest.</summary>
    public ImmutableSortedDictionary<string, ServoAtReference> Stood { get; init; } = Ordered.ById<ServoAtReference>();

    /// <summary>What was read of how true it stands, by truth; the latest.</summary>
    public ImmutableSortedDictionary<string, TruthShown> True { get; init; } = Ordered.ById<TruthShown>();

    /// <summary>Marks that were drawn and measured, by step and mark; the latest.</summary>
    public ImmutableSortedDictionary<string, MarkShown> Marks { get; init; } = Ordered.ById<MarkShown>();

    /// <summary>What was left of each bag; the latest count.</summary>
    public ImmutableSortedDictionary<string, LeftCounted> LeftOver { get; init; } = Ordered.ById<LeftCounted>();

    /// <summary>How a lead changed the order of the kit's steps, in turn.</summary>
    public ImmutableList<OrderChange> Changes { get; init; } = [];

    public ImmutableArray<StepSpec> Reordered(ImmutableArray<StepSpec> steps) =>
        Changes.Aggregate(steps, (now, change) => change.Apply(now));
}
