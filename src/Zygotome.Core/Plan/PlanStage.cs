using Zygotome.Core.Journal;

namespace Zygotome.Core.Plan;

/// <summary>When what is done. So far its steps alone.</summary>
public sealed class PlanStage : IStage
{
    public Stage Stage => Stage.Plan;

    public IReadOnlyList<EntryKind> Kinds => [];

    public object? Initial => null;

    public IEnumerable<Requirement> Requirements(JobState state, DateTimeOffset asOf) =>
        StepLines.Of(state, asOf, Stage);
}
