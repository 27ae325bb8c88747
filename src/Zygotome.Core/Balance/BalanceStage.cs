using Zygotome.Core.Journal;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Balance;

/// <summary>What it weighs, and where its weight lies.</summary>
public sealed class BalanceStage : IStage
{
    public Stage Stage => Stage.Balance;

    public IReadOnlyList<EntryKind> Kinds => BalanceEntries.Kinds;

    public object? Initial => new BalanceState();

    public IEnumerable<Requirement> Requirements(JobState state, DateTimeOffset asOf) =>
        [.. BalanceLines.Of(state), .. StepLines.Of(state, asOf, Stage)];

    public IEnumerable<SheetGap> Gaps(SpecSheet sheet, ShopRules rules) => BalanceGaps.Of(sheet);
}

/// <summary>A job's part of this stage.</summary>
public static class BalanceOfJob
{
    extension(JobState state)
    {
        public BalanceState Balance => state.The<BalanceState>();
    }
}
