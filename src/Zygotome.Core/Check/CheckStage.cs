using Zygotome.Core.Journal;

namespace Zygotome.Core.Check;

/// <summary>The last look before it flies.</summary>
public sealed class CheckStage : IStage
{
    public Stage Stage => Stage.Check;

    public IReadOnlyList<EntryKind> Kinds => CheckEntries.Kinds;

    public object? Initial => new CheckState();

    public IEnumerable<Requirement> Requirements(JobState state, DateTimeOffset asOf) =>
        [.. CheckLines.Of(state), .. StepLines.Of(state, asOf, Stage)];
}
