using Zygotome.Core.Journal;

namespace Zygotome.Core.Check;

/// <summary>What may be recorded of the last look.</summary>
public static class CheckEntries
{
    public static IReadOnlyList<EntryKind> Kinds { get; } =
    [
        // A wrong answer has set things moving: it is called again, not taken back.
        EntryKind.Of<CalledOut>("check/called", Posters.Bench) with
        {
            Retractable = false,
        },
        EntryKind.Of<CheckAnswered>("check/answered", Posters.Bench) with
        {
            Withdrawable = true,
        },
        EntryKind.Of<PowerRun>("check/full-power", Posters.Bench) with
        {
            Retractable = false,
        },
        EntryKind.Of<RangeHeld>("check/range", Posters.Bench) with
        {
            Retractable = false,
        },
        EntryKind.Of<Taxied>("check/taxied", Posters.Bench) with
        {
            Retractable = false,
        },
        EntryKind.Of<PropellerTried>("check/tried", Posters.Bench) with
        {
            Withdrawable = true,
        },
        EntryKind.Of<FieldSeen>("check/field", Posters.Bench) with
        {
            Retractable = false,
        },
        EntryKind.Of<Flown>("check/flown", Posters.Bench) with
        {
            Retractable = false,
        },
    ];
}
