using System.Collections.Immutable;
using Zygotome.Core.Jobs;
using Zygotome.Core.SpecSheets;

namespace Zygotome.Core.Build;

/// <summary>How far a step has got. Holds instants: whether a joint is still curing depends on when one asks.</summary>
public sealed record StepProgress(
    Evidence Started,
    Evidence? Done,
    string Adhesive,
    DateTimeOffset? HandleAt,
    DateTimeOffset? FullAt
)
{
    /// <summary>When its glue was closed; null without glue.</summary>
    public DateTimeOffset? CuresFrom { get; init; }

    /// <summary>Whether somebody tapped "handled" when the joint could be handled.</summary>
    public bool Handled { get; init; }
}

/// <summary>Something changed for now, until it is changed back. Blocks release while open.</summary>
public sealed record OpenLoop(
    string Id,
    LoopKind Kind,
    string Detail,
    Person By,
    DateTimeOffset OpenedAt,
    ImmutableArray<Aspect> Touches
)
{
    public Evidence? Closed { get; init; }
}

public sealed record BuildState
{
    public ImmutableDictionary<string, StepProgress> Steps { get; init; } = [];

    public ImmutableList<OpenLoop> Loops { get; init; } = [];

    /// <summary>Pushrods, clevises and arms moved after the build, latest last.</summary>
    public ImmutableList<string> Moved { get; init; } = [];

    public StepProgress? Progress(string step) => Steps.GetValueOrDefault(step);

    /// <summary>What steps under way disturb.</summary>
    internal IEnumerable<(Aspect Aspect, string Title)> Disturbing(SpecSheet sheet) =>
        from step in Steps
        where step.Value.Done is null
        let spec = sheet.Step(step.Key)
        where spec is not null
        from aspect in DisturbanceMatrix.Step(spec).Concat(spec.Repairs.Length > 0 ? DisturbanceMatrix.Weight : [])
        select (aspect, spec.Title);
}
