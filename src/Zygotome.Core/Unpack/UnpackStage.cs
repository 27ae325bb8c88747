using Zygotome.Core.Journal;

namespace Zygotome.Core.Unpack;

/// <summary>The box is opened: papers, parts, damage, claims.</summary>
public sealed class UnpackStage : IStage
{
    public Stage Stage => Stage.Unpack;

    public IReadOnlyList<EntryKind> Kinds => UnpackEntries.Kinds;

    public object? Initial => new UnpackState();

    public IEnumerable<Requirement> Requirements(JobState state, DateTimeOffset asOf) =>
        [.. UnpackLines.Of(state), .. StepLines.Of(state, asOf, Stage)];
}

/// <summary>A job's part of this stage.</summary>
public static class UnpackOfJob
{
    extension(JobState state)
    {
        public UnpackState Unpack => state.The<UnpackState>();
    }
}
