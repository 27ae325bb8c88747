using Zygotome.Core.Journal;

namespace Zygotome.Core.Receive;

/// <summary>A kit comes in: what was handed over, promised and chosen.</summary>
public sealed class ReceiveStage : IStage
{
    public Stage Stage => Stage.Receive;

    public IReadOnlyList<EntryKind> Kinds => ReceiveEntries.Kinds;

    public object? Initial => new ReceiveState();

    public IEnumerable<Requirement> Requirements(JobState state, DateTimeOffset asOf) =>
        [.. ReceiveLines.Of(state), .. StepLines.Of(state, asOf, Stage)];
}

/// <summary>A job's part of this stage.</summary>
public static class ReceiveOfJob
{
    extension(JobState state)
    {
        public ReceiveState Receive => state.The<ReceiveState>();
    }
}
