using Zygotome.Core.Journal;

namespace Zygotome.Core.Build;

/// <summary>Steps of the build, and what is changed for now.</summary>
public sealed class BuildStage : IStage
{
    public Stage Stage => Stage.Build;

    public IReadOnlyList<EntryKind> Kinds => BuildEntries.Kinds;

    public object? Initial => new BuildState();

    public IEnumerable<Requirement> Requirements(JobState state, DateTimeOffset asOf) =>
        [
            .. StepLines.Of(state, asOf, Stage),
            .. OrderLines.Of(state),
            .. AskLines.Of(state),
            .. TruthLines.Of(state),
            .. MarkLines.Of(state),
            .. Leftovers.Of(state),
            .. LoopLines.Of(state),
        ];
}

/// <summary>A job's part of this stage.</summary>
public static class BuildOfJob
{
    extension(JobState state)
    {
        public BuildState Build => state.The<BuildState>();
    }
}
