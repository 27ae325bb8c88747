using Zygotome.Core.Journal;

namespace Zygotome.Core.HandOver;

/// <summary>What may be recorded of concessions, release and what comes after it.</summary>
public static class HandOverEntries
{
    public static IReadOnlyList<EntryKind> Kinds { get; } =
    [
        EntryKind.Of<Conceded>("handover/conceded", Posters.Lead) with
        {
            Decides = Decides.Always,
            Withdrawable = true,
            LooksUp = [new("saw", ShopFact.Job)],
        },
        EntryKind.Of<Released>("handover/released", Posters.Bench) with
        {
            Decides = Decides.Always,
            Retractable = false,
            OwnDoor = true,
        },
        EntryKind.Of<RecordSent>("handover/sent", Posters.Anybody) with
        {
            Retractable = false,
            AfterRelease = true,
        },
        EntryKind.Of<OwnerAnswered>("handover/owner-answered", Posters.Anybody) with
        {
            Retractable = false,
            AfterRelease = true,
        },
        EntryKind.Of<Reopened>("handover/reopened", Posters.Bench) with
        {
            Decides = Decides.Always,
            Retractable = false,
            AfterRelease = true,
        },
    ];
}
