using Zygotome.Core.Journal;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Throws;

/// <summary>How far the surfaces go, where they stand at rest, how freely they move.</summary>
public sealed class ThrowsStage : IStage
{
    public Stage Stage => Stage.Throws;

    public IReadOnlyList<EntryKind> Kinds => ThrowsEntries.Kinds;

    public object? Initial => new ThrowsState();

    public IEnumerable<Requirement> Requirements(JobState state, DateTimeOffset asOf) =>
        [.. ThrowLines.Of(state), .. StepLines.Of(state, asOf, Stage)];

    public IEnumerable<SheetGap> Gaps(SpecSheet sheet, ShopRules rules) => ThrowGaps.Of(sheet, rules);
}

/// <summary>A job's part of this stage.</summary>
public static class ThrowsOfJob
{
    extension(JobState state)
    {
        public ThrowsState Throws => state.The<ThrowsState>();
    }
}
