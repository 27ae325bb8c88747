using Zygotome.Core.Journal;

namespace Zygotome.Core.Wire;

/// <summary>Which lead goes where. So far its steps alone.</summary>
public sealed class WireStage : IStage
{
    public Stage Stage => Stage.Wire;

    public IReadOnlyList<EntryKind> Kinds => [];

    public object? Initial => null;

    public IEnumerable<Requirement> Requirements(JobState state, DateTimeOffset asOf) =>
        StepLines.Of(state, asOf, Stage);
}
