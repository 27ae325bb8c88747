using Zygotome.Core.Journal;

namespace Zygotome.Core.Wire;

/// <summary>What may be recorded of the wiring.</summary>
public static class WireEntries
{
    public static IReadOnlyList<EntryKind> Kinds { get; } =
    [
        EntryKind.Of<MapLaid>("wire/map-laid", Posters.Bench) with
        {
            Retractable = false,
        },
        EntryKind.Of<LeadPlugged>("wire/plugged", Posters.Bench) with
        {
            Retractable = false,
        },
        EntryKind.Of<LeadPulled>("wire/pulled", Posters.Bench) with
        {
            Retractable = false,
        },
        EntryKind.Of<ServoTurned>("wire/turned", Posters.Bench) with
        {
            Retractable = false,
        },
        EntryKind.Of<WireAnswered>("wire/answered", Posters.Bench) with
        {
            Withdrawable = true,
        },
    ];
}
