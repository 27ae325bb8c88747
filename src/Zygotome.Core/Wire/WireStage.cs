using Zygotome.Core.Journal;

namespace Zygotome.Core.Wire;

/// <summary>Which lead goes where, what hangs on which power, and what holds it all.</summary>
public sealed class WireStage : IStage
{
    public Stage Stage => Stage.Wire;

    public IReadOnlyList<EntryKind> Kinds => WireEntries.Kinds;

    public object? Initial => new WireState();

    public IEnumerable<Requirement> Requirements(JobState state, DateTimeOffset asOf) =>
        [.. WireLines.Of(state), .. StepLines.Of(state, asOf, Stage)];
}
