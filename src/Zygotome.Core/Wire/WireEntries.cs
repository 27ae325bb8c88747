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
        EntryKind.Of<LeadMended>("wire/mended", Posters.Bench) with
        {
            Retractable = false,
        },
        EntryKind.Of<DeviceSaid>("wire/device", Posters.Bench) with
        {
            Retractable = false,
            LooksUp = [new("kind", ShopFact.Device)],
        },
        EntryKind.Of<ConnectorSaid>("wire/connector", Posters.Bench) with
        {
            Retractable = false,
            LooksUp = [new("kind", ShopFact.Connector)],
        },
        EntryKind.Of<WireAnswered>("wire/answered", Posters.Bench) with
        {
            Withdrawable = true,
        },
    ];
}
