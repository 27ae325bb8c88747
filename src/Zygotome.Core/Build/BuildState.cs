using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Build;

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
