using Zygotome.Core.Journal;

namespace Zygotome.Core.Unpack;

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
        EntryKind.Of<Counted>("unpack/counted", Posters.Anybody) with
        {
            Withdrawable = true,
        },
        EntryKind.Of<CountSet>("unpack/count-set", Posters.Anybody) with
        {
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
        EntryKind.Of<Disposed>("unpack/disposition", Posters.Bench) with
        {
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
            Withdrawable = true,
        },
        EntryKind.Of<Regraded>("unpack/regraded", Posters.Lead) with
        {
            Withdrawable = true,
        },
        EntryKind.Of<ClaimSent>("unpack/claim-sent", Posters.Anybody) with
        {
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

/// <summary>A sheet of the manual is in the box.</summary>
public sealed record PapersFound(string Paper) : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        UnpackEntries.Papers.Contains(Paper)
            ? null
            : new Refusal(
                "unpack/paper",
                $"\"{Paper}\" is not asked for; {string.Join(", ", UnpackEntries.Papers)} are.",
                "body.paper"
            );

    public override JobState Apply(JobState state, Entry entry) =>
        state.With(state.Unpack with { Papers = state.Unpack.Papers.SetItem(Paper, Evidence.Of(entry)) });

    public override IEnumerable<string> Shows() => [$"papers/{Paper}"];

    public override string Say(JobState state) => $"{Paper} found";
}

/// <summary>So many more of a part, or fewer: a delta, so that two people can count one bag.</summary>
public sealed record Counted(string Part, int Delta) : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        UnpackRules.KnownPart(state, Part)
        ?? (
            Delta is 0 or < -1000 or > 1000
                ? new Refusal("unpack/delta", $"A count of {Delta} at once is not possible.", "body.delta")
            : state.Unpack.CountOf(Part) + Delta < 0
                ? new Refusal(
                    "unpack/negative",
                    $"There are {state.Unpack.CountOf(Part)}; {-Delta} cannot be taken away.",
                    "body.delta"
                )
            : null
        );

    public override JobState Apply(JobState state, Entry entry) =>
        state.With(
            state.Unpack with
            {
                Present = state.Unpack.Present.SetItem(Part, Math.Max(0, state.Unpack.CountOf(Part) + Delta)),
            }
        );

    public override string Say(JobState state) => $"{Delta:+0;-0} {state.Sheet.Part(Part)?.Name ?? Part}";
}

/// <summary>"There are n": decides against what others may have counted meanwhile.</summary>
public sealed record CountSet(string Part, int Count) : EntryBody
{
    public override bool IsDecision() => true;

    public override Refusal? Admit(JobState state, Entry entry) =>
        UnpackRules.KnownPart(state, Part)
        ?? (
            Count is < 0 or > 10_000
                ? new Refusal("unpack/count", $"A count of {Count} is not possible.", "body.count")
                : null
        );

    public override JobState Apply(JobState state, Entry entry) =>
        state.With(state.Unpack with { Present = state.Unpack.Present.SetItem(Part, Count) });

    public override string Say(JobState state) => $"{Count} × {state.Sheet.Part(Part)?.Name ?? Part}";
}

/// <summary>
/// The bag is counted: what is not there is missing. <c>AllHere</c> takes every part of it as listed.
/// </summary>
public sealed record BagCounted(string Bag, bool AllHere) : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        state.Sheet.Parts.All(p => p.Bag != Bag)
            ? new Refusal("unpack/bag", $"There is no bag {Bag} in the parts list.", "body.bag")
        : AllHere && Wanting(state) is { Length: > 0 } wanting
            ? new Refusal(
                "unpack/not-all-here",
                $"Not all is here: {string.Join(", ", wanting)}. Count what came; what is wrong is changed first.",
                "body.allHere"
            )
        : null;

    // What was counted and found wanting does not come by a word for the whole bag.
    private string[] Wanting(JobState state) =>
        [
            .. state
                .Sheet.Parts.Where(p => p.Bag == Bag)
                .Select(p => Counting.Of(state, p))
                .Where(c => c.WrongOnes > 0 || c.Standing == CountStanding.Missing)
                .Select(c =>
                    c.WrongOnes > 0 ? $"{c.WrongOnes} × {c.Part.Name} wrong" : $"{c.Short} × {c.Part.Name} missing"
                ),
        ];

    public override JobState Apply(JobState state, Entry entry)
    {
        var present = state.Unpack.Present;
        if (AllHere)
        {
            present = present.SetItems(
                state
                    .Sheet.Parts.Where(p => p.Bag == Bag && state.Unpack.CountOf(p.Id) < p.Quantity)
                    .Select(p => KeyValuePair.Create(p.Id, p.Quantity))
            );
        }

        return state.With(
            state.Unpack with
            {
                Present = present,
                CountedBags = state.Unpack.CountedBags.SetItem(Bag, Evidence.Of(entry)),
            }
        );
    }

    public override IEnumerable<string> Shows() => [$"bag/{Bag}"];

    public override string Say(JobState state) => AllHere ? $"Bag {Bag}: all here" : $"Bag {Bag} counted";
}

/// <summary>Parts that are there but are not what the list says.</summary>
public sealed record WrongPart(string Part, int Quantity, string Note) : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        UnpackRules.KnownPart(state, Part)
        ?? (
            Quantity is < 0 or > 1000
                ? new Refusal("unpack/count", $"{Quantity} wrong ones is not possible.", "body.quantity")
                : Texts.Fits(Note, "body.note")
        );

    public override JobState Apply(JobState state, Entry entry) =>
        state.With(state.Unpack with { Wrong = state.Unpack.Wrong.SetItem(Part, Quantity) });

    public override string Say(JobState state) => $"{Quantity} wrong: {state.Sheet.Part(Part)?.Name ?? Part}";
}

/// <summary>Something in the box that is on no list.</summary>
public sealed record ExtraPart(string Name, int Quantity) : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        Texts.Reason(Name, "body.name", "Say what it is.")
        ?? (
            Quantity is < 1 or > 1000
                ? new Refusal("unpack/count", $"{Quantity} extra is not possible.", "body.quantity")
                : null
        );

    public override JobState Apply(JobState state, Entry entry) =>
        state.With(state.Unpack with { Extra = state.Unpack.Extra.Add((Name, Quantity)) });

    public override string Say(JobState state) => $"Not on the list: {Quantity} × {Name}";
}
