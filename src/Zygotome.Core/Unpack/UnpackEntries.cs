using Zygotome.Core.Journal;

namespace Zygotome.Core.Unpack;

/// <summary>What may be recorded of papers, parts and findings.</summary>
public static class UnpackEntries
{
    /// <summary>The papers asked for, in order.</summary>
    public static IReadOnlyList<string> Papers { get; } = ["manual", "throws", "balance", "parts list"];

    public static IReadOnlyList<EntryKind> Kinds { get; } =
    [
        EntryKind.Of<PapersFound>("unpack/papers", Posters.Anybody) with
        {
            Withdrawable = true,
        },
        EntryKind.Of<PaperPhotographed>("unpack/paper-photo", Posters.Anybody) with
        {
            Withdrawable = true,
        },
        EntryKind.Of<Counted>("unpack/counted", Posters.Anybody) with
        {
            Withdrawable = true,
        },
        EntryKind.Of<CountSet>("unpack/count-set", Posters.Anybody) with
        {
            Decides = Decides.Always,
            Withdrawable = true,
        },
        EntryKind.Of<BagCounted>("unpack/bag-counted", Posters.Anybody) with
        {
            Withdrawable = true,
        },
        EntryKind.Of<WrongPart>("unpack/wrong", Posters.Anybody) with
        {
            Withdrawable = true,
        },
        EntryKind.Of<ExtraPart>("unpack/extra", Posters.Anybody) with
        {
            Withdrawable = true,
        },
        EntryKind.Of<FindingRaised>("unpack/finding", Posters.Anybody) with
        {
            Withdrawable = true,
        },
        EntryKind.Of<ErratumProposed>("unpack/erratum", Posters.Bench) with
        {
            Withdrawable = true,
        },
        EntryKind.Of<Disposed>("unpack/disposition", Posters.Bench) with
        {
            Decides = Decides.Always,
            Withdrawable = true,
        },
        EntryKind.Of<Repaired>("unpack/repaired", Posters.Bench) with
        {
            LooksUp =
            [
                new("adhesive", ShopFact.Adhesive),
                new("benchCelsius", ShopFact.BenchTemperature),
                new("handleMinutes", ShopFact.OlderOnly),
            ],
        },
        EntryKind.Of<Reinspected>("unpack/reinspected", Posters.Bench) with
        {
            LooksUp = [new("leads", ShopFact.Leads)],
        },
        EntryKind.Of<WrongCounted>("unpack/wrong-counted", Posters.Anybody) with
        {
            Withdrawable = true,
        },
        EntryKind.Of<PaperFromElsewhere>("unpack/paper-elsewhere", Posters.Anybody) with
        {
            Withdrawable = true,
        },
        EntryKind.Of<SubstituteAccepted>("unpack/substitute", Posters.Bench) with
        {
            Withdrawable = true,
        },
        EntryKind.Of<Walked>("unpack/walked", Posters.Bench) with
        {
            Withdrawable = true,
        },
        EntryKind.Of<FindingPhotographed>("unpack/photo", Posters.Anybody) with
        {
            Withdrawable = true,
        },
        EntryKind.Of<OriginSaid>("unpack/origin", Posters.Anybody) with
        {
            Decides = Decides.Always,
            Withdrawable = true,
        },
        EntryKind.Of<Regraded>("unpack/regraded", Posters.Lead) with
        {
            Decides = Decides.Always,
            Withdrawable = true,
        },
        EntryKind.Of<ClaimSent>("unpack/claim-sent", Posters.Anybody) with
        {
            Decides = Decides.Always,
            Retractable = false,
            OwnDoor = true,
        },
        EntryKind.Of<ClaimPosted>("unpack/claim-posted", Posters.Anybody),
        EntryKind.Of<ClaimAnswered>("unpack/claim-answered", Posters.Anybody) with
        {
            AfterRelease = true,
        },
        EntryKind.Of<PartsArrived>("unpack/parts-arrived", Posters.Anybody) with
        {
            Retractable = false,
            AfterRelease = true,
        },
    ];
}
