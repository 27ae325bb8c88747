using Zygotome.Core.Journal;

namespace Zygotome.Core.HandOver;

/// <summary>What is conceded, the release and its record.</summary>
public sealed class HandOverStage : IStage
{
    public Stage Stage => Stage.HandOver;

    public IReadOnlyList<EntryKind> Kinds => HandOverEntries.Kinds;

    public object? Initial => new HandOverState();

    public IEnumerable<Requirement> Requirements(JobState state, DateTimeOffset asOf) =>
        [.. StepLines.Of(state, asOf, Stage), .. LastLookLines.Of(state)];
}

/// <summary>A job's part of this stage.</summary>
public static class HandOverOfJob
{
    extension(JobState state)
    {
        public HandOverState HandOver => state.The<HandOverState>();
    }
}
