using Zygotome.Core.Journal;

namespace Zygotome.Core.Throws;

/// <summary>What may be recorded of throws, neutral and free movement.</summary>
public static class ThrowsEntries
{
    public static IReadOnlyList<EntryKind> Kinds { get; } =
    [
        EntryKind.Of<ThrowRead>("throws/read", Posters.Bench) with
        {
            Withdrawable = true,
            LooksUp = [new("instrument", ShopFact.Instrument)],
        },
        EntryKind.Of<TravelSet>("throws/travel-set", Posters.Bench) with
        {
            Retractable = false,
        },
        EntryKind.Of<FreedomSeen>("throws/freedom", Posters.Bench) with
        {
            Withdrawable = true,
        },
        EntryKind.Of<NeutralRead>("throws/neutral", Posters.Bench) with
        {
            Withdrawable = true,
            LooksUp = [new("instrument", ShopFact.Instrument)],
        },
        EntryKind.Of<HolesSeen>("throws/holes", Posters.Bench) with
        {
            Withdrawable = true,
        },
        EntryKind.Of<TrimSet>("throws/trim-set", Posters.Bench) with
        {
            Retractable = false,
        },
    ];
}
