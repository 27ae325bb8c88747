using Zygotome.Core.Journal;

namespace Zygotome.Core.Balance;

/// <summary>What may be recorded of weight and balance.</summary>
public static class BalanceEntries
{
    public static IReadOnlyList<EntryKind> Kinds { get; } =
    [
        EntryKind.Of<Weighed>("balance/weighed", Posters.Bench) with
        {
            Withdrawable = true,
            LooksUp = [new("instrument", ShopFact.Instrument)],
        },
        EntryKind.Of<MarksSeen>("balance/marks", Posters.Bench) with
        {
            Withdrawable = true,
        },
        EntryKind.Of<PackMoved>("balance/pack-moved", Posters.Bench) with
        {
            Retractable = false,
        },
        EntryKind.Of<BallastFitted>("balance/ballast", Posters.Bench) with
        {
            Retractable = false,
        },
    ];
}
