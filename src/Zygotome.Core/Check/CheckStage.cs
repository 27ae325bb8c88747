using Zygotome.Core.Journal;

namespace Zygotome.Core.Check;

/// <summary>The last look before it flies. So far its steps alone.</summary>
public sealed class CheckStage : IStage
{
    public Stage Stage => Stage.Check;

    public IReadOnlyList<EntryKind> Kinds => [];

    public object? Initial => null;

    public IEnumerable<Requirement> Requirements(JobState state, DateTimeOffset asOf) =>
        StepLines.Of(state, asOf, Stage);
}
