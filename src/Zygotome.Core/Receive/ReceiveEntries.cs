using Zygotome.Core.Journal;

namespace Zygotome.Core.Receive;

/// <summary>What may be recorded at the counter, and of the sheet a job is built to.</summary>
public static class ReceiveEntries
{
    public static IReadOnlyList<EntryKind> Kinds { get; } =
    [
        EntryKind.Of<JobOpened>("receive/opened", Posters.Anybody) with
        {
            Opens = true,
            Retractable = false,
            OwnDoor = true,
            LooksUp = [new("confirmed", ShopFact.Job)],
        },
        EntryKind.Of<BatteryGiven>("receive/battery", Posters.Anybody),
        EntryKind.Of<ReceiverGiven>("receive/receiver", Posters.Anybody),
        EntryKind.Of<PromiseChanged>("receive/promised", Posters.Anybody) with
        {
            Decides = Decides.Always,
            Withdrawable = true,
        },
        EntryKind.Of<ValueGiven>("receive/value-given", Posters.Lead) with
        {
            Decides = Decides.Always,
            Withdrawable = true,
        },
        EntryKind.Of<SheetMoved>("receive/sheet-moved", Posters.Lead) with
        {
            Decides = Decides.Always,
            LooksUp = [new("confirmed", ShopFact.Job)],
        },
        EntryKind.Of<SheetConfirmed>("receive/sheet-confirmed", Posters.Lead) with
        {
            Retractable = false,
            OwnDoor = true,
        },
        EntryKind.Of<PackBrought>("receive/pack-brought", Posters.Anybody),
        EntryKind.Of<PackMeasured>("receive/pack-measured", Posters.Anybody),
        EntryKind.Of<PackChosen>("receive/pack-chosen", Posters.Anybody) with
        {
            Decides = Decides.Always,
        },
        EntryKind.Of<ServoBrought>("receive/servo", Posters.Anybody),
        EntryKind.Of<DriveBrought>("receive/drive", Posters.Anybody),
        EntryKind.Of<ChannelsSaid>("receive/channels", Posters.Anybody),
        EntryKind.Of<Carried>("receive/carried", Posters.Anybody) with
        {
            Decides = Decides.Always,
        },
        EntryKind.Of<TransmitterBrought>("receive/transmitter", Posters.Anybody),
        EntryKind.Of<AddOnBrought>("receive/add-on", Posters.Anybody),
        EntryKind.Of<CartonSeen>("receive/carton", Posters.Anybody),
        EntryKind.Of<SupplierSaid>("receive/supplier", Posters.Anybody) with
        {
            LooksUp = [new("supplier", ShopFact.Supplier)],
        },
        EntryKind.Of<BoxPhotographed>("receive/box-photo", Posters.Anybody) with
        {
            Withdrawable = true,
        },
        EntryKind.Of<SchoolChosen>("receive/school", Posters.Anybody) with
        {
            Decides = Decides.Always,
        },
        EntryKind.Of<OptionChosen>("receive/option", Posters.Anybody) with
        {
            Decides = Decides.Always,
        },
        EntryKind.Of<ToBuySaid>("receive/to-buy", Posters.Anybody) with
        {
            Withdrawable = true,
        },
    ];
}
