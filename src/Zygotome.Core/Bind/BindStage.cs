using Zygotome.Core.Journal;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Bind;

/// <summary>The radio: bound, its failsafe, which way everything goes.</summary>
public sealed class BindStage : IStage
{
    public Stage Stage => Stage.Bind;

    public IReadOnlyList<EntryKind> Kinds => BindEntries.Kinds;

    public object? Initial => new BindState();

    public IEnumerable<Requirement> Requirements(JobState state, DateTimeOffset asOf) =>
        [.. BindLines.Of(state), .. StepLines.Of(state, asOf, Stage)];

    public bool Ties(SpecSheet sheet, RequirementId line) =>
        line is CalledId called && UnknownOutputs.IsTied(sheet, called.Output);
}

/// <summary>A job's part of this stage.</summary>
public static class BindOfJob
{
    extension(JobState state)
    {
        public BindState Bind => state.The<BindState>();
    }
}
