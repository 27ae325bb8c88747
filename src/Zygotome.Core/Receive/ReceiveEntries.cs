using Zygotome.Core.Jobs;
using Zygotome.Core.Quantities;

namespace Zygotome.Core.Receive;

public static class ReceiveEntries
{
    public static IReadOnlyList<EntryKind> Kinds { get; } =
    [
        EntryKind.Of<JobOpened>("receive/opened", Posters.Anybody) with
        {
            Retractable = false,
            OwnDoor = true,
            LooksUp = [new("confirmed", ShopFact.Job)],
        },
        EntryKind.Of<BatteryGiven>("receive/battery", Posters.Anybody),
        EntryKind.Of<ReceiverGiven>("receive/receiver", Posters.Anybody),
        EntryKind.Of<PromiseChanged>("receive/promised", Posters.Anybody) with
        {
            Withdrawable = true,
        },
        EntryKind.Of<ValueGiven>("receive/value-given", Posters.Lead) with
        {
            Withdrawable = true,
        },
        EntryKind.Of<SheetMoved>("receive/sheet-moved", Posters.Lead) with
        {
            LooksUp = [new("confirmed", ShopFact.Job)],
        },
        EntryKind.Of<SheetConfirmed>("receive/sheet-confirmed", Posters.Lead) with
        {
            Retractable = false,
            OwnDoor = true,
        },
        EntryKind.Of<PackBrought>("receive/pack-brought", Posters.Anybody),
        EntryKind.Of<PackChosen>("receive/pack-chosen", Posters.Anybody),
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
        EntryKind.Of<SchoolChosen>("receive/school", Posters.Anybody),
        EntryKind.Of<ToBuySaid>("receive/to-buy", Posters.Anybody) with
        {
            Withdrawable = true,
        },
    ];
}

/// <summary>
/// A flight pack as it lies on the counter's scale: real mass, g; size, mm; capacity, mAh; C rating, 1/h.
/// </summary>
public sealed record Battery(
    Quantity Mass,
    Quantity Length,
    Quantity Width,
    Quantity Height,
    int Cells,
    Quantity Capacity,
    double? CRating = null,
    string Connector = ""
)
{
    internal Refusal? Admit(string where)
    {
        static Refusal? Between(
            Quantity q,
            Dimension dimension,
            decimal least,
            decimal most,
            string unit,
            string what,
            string at
        ) =>
            q.Dimension != dimension ? new Refusal("receive/unit", $"\"{q.Text}\" is not {what}.", at)
            : q.Nominal < least || q.Nominal > most
                ? new Refusal(
                    "receive/impossible",
                    $"{what} of \"{q.Text}\" is not possible; {least} to {most} {unit} is.",
                    at
                )
            : null;

        return Between(Mass, Dimension.Mass, 5, 5000, "g", "a pack's mass", $"{where}.mass")
            ?? Between(Length, Dimension.Length, 10, 400, "mm", "a pack's length", $"{where}.length")
            ?? Between(Width, Dimension.Length, 5, 200, "mm", "a pack's width", $"{where}.width")
            ?? Between(Height, Dimension.Length, 5, 200, "mm", "a pack's height", $"{where}.height")
            ?? Between(Capacity, Dimension.Charge, 50, 30_000, "mAh", "a pack's capacity", $"{where}.capacity")
            ?? (
                Cells is < 1 or > 14
                    ? new Refusal(
                        "receive/impossible",
                        $"{Cells} cells in a pack is not possible; 1 to 14 is.",
                        $"{where}.cells"
                    )
                    : null
            )
            ?? (
                CRating is < 1 or > 300
                    ? new Refusal(
                        "receive/impossible",
                        $"{CRating} C is not possible; 1 to 300 is.",
                        $"{where}.cRating"
                    )
                    : null
            )
            ?? Texts.Fits(Connector, $"{where}.connector", 60);
    }
}

/// <summary>What the shop holds to, copied in so that the job can be read without the shop's settings.</summary>
/// <param name="Guarded">Guarded acceptance: only "in" releases, "in, close" does not.</param>
/// <param name="ThrowTolerance">Where the sheet states none, mm.</param>
/// <param name="DayMinutes">Hands-on minutes of one working day, for dates said before a plan is made.</param>
/// <param name="SelfInspects">Of older jobs: what the shop said when they were opened. Whether somebody is alone is counted
/// with each entry, <see cref="Person.Alone"/>; nothing asks this any more.</param>
public sealed record ShopRules(
    string Shop,
    string TimeZone,
    bool Guarded,
    decimal ThrowTolerance,
    bool SelfInspects = false,
    int DayMinutes = 360
)
{
    public static readonly ShopRules Default = new("", "UTC", false, 1.0m);
}

/// <summary>Which part of the balance range to aim for on the first flight.</summary>
public enum BalanceSchool
{
    ForwardThird,
    Middle,
}

/// <summary>A kit comes in. The first entry of every job.</summary>
/// <param name="SheetHash">SHA-256 of the sheet revision's file.</param>
public sealed record JobOpened(
    string Number,
    string CustomerId,
    string SheetId,
    int SheetRevision,
    string SheetHash,
    Battery Battery,
    int ReceiverChannels,
    DateOnly Promised,
    string Shelf,
    BalanceSchool BalanceSchool,
    ShopRules Rules,
    string Order = "",
    DateOnly? ReceivedOn = null,
    Supplier? Supplier = null,
    ReceiverKind? Receiver = null,
    Carton Carton = Carton.NotLooked,
    string CartonNote = "",
    string PackName = "pack 1",
    SheetConfirmation? Confirmed = null
) : EntryBody
{
    public override EntryBody Composed(JobState state, Entry entry) =>
        this with
        {
            Confirmed = state.Confirmations.GetValueOrDefault(SheetHash),
        };

    public override Refusal? Admit(JobState state, Entry entry) =>
        SheetHash != state.Sheet.Hash
            ? new Refusal("receive/sheet", "The sheet this job names is not the one on file.", "body.sheetHash")
            : Battery.Admit("body.battery")
                ?? ReceiverGiven.Possible(ReceiverChannels, "body.receiverChannels")
                ?? PromiseChanged.Possible(Promised, entry, "body.promised")
                ?? Texts.Fits(Shelf, "body.shelf", 40)
                ?? Texts.Fits(Number, "body.number", 20)
                ?? Texts.Fits(Order, "body.order", 40)
                ?? Texts.Fits(CartonNote, "body.cartonNote")
                ?? Texts.Fits(PackName, "body.packName", 60)
                ?? Supplier?.Admit("body.supplier")
                ?? Receiver?.Admit("body.receiver")
                ?? (
                    ReceivedOn is { } on
                    && Math.Abs(on.DayNumber - DateOnly.FromDateTime(entry.ObservedAt.UtcDateTime).DayNumber) > 366
                        ? new Refusal(
                            "receive/received-on",
                            $"{DayWords.Of(on)} is more than a year from today.",
                            "body.receivedOn"
                        )
                        : null
                );

    public override JobState Apply(JobState state, Entry entry)
    {
        var opened = state with
        {
            Receive = new ReceiveState
            {
                OpenedAt = entry.RecordedAt,
                OpenedBy = entry.By,
                Number = Number,
                CustomerId = CustomerId,
                Battery = Battery,
                ReceiverChannels = ReceiverChannels,
                Promised = Promised,
                Shelf = Shelf,
                BalanceSchool = BalanceSchool,
                Rules = Rules,
                SheetRevision = SheetRevision,
                OpenedEvidence = Evidence.Of(entry),
                Order = Order,
                ReceivedOn = ReceivedOn ?? DateOnly.FromDateTime(entry.ObservedAt.UtcDateTime),
                Supplier = Supplier,
                Receiver = Receiver,
                Packs = [new PackHeld(PackName, Battery)],
                Carton = Carton,
                CartonNote = CartonNote,
                Schools =
                    BalanceSchool == BalanceSchool.Middle
                        ? state.Receive.Schools.SetItem(
                            Schools.FirstFlightBalance,
                            new SchoolAnswer("middle", "", entry.By)
                        )
                        : state.Receive.Schools,
            },
        };
        return opened
            .Say(entry, new Setting(SettingKind.Pack), new PackHeld(PackName, Battery).Words)
            .Say(entry, new Setting(SettingKind.Receiver), ReceiverGiven.ReceiverWords(Receiver, ReceiverChannels))
            .SayValues(entry, state.Built)
            .Knowing(SheetHash, Confirmed)
            .Resheet(entry);
    }

    public override string Say(JobState state) => $"{state.Sheet.Kit.Name} received";
}

/// <summary>Another battery than the one on the counter.</summary>
public sealed record BatteryGiven(Battery Battery) : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) => Battery.Admit("body.battery");

    public override JobState Apply(JobState state, Entry entry) =>
        Flies(state, entry, new PackHeld($"pack {state.Receive.Packs.Count + 1}", Battery));

    private static JobState Flies(JobState state, Entry entry, PackHeld pack) =>
        (
            state with
            {
                Receive = state.Receive with { Battery = pack.Battery, Packs = state.Receive.Packs.Add(pack) },
            }
        ).Set(entry, new Setting(SettingKind.Pack), pack.Words);

    public override string Say(JobState state) => $"Another battery, {Battery.Mass.Text}";
}

/// <summary>Another receiver than the one on the counter.</summary>
public sealed record ReceiverGiven(int Channels, ReceiverKind? Receiver = null) : EntryBody
{
    internal static Refusal? Possible(int channels, string where) =>
        channels is < 1 or > 32
            ? new Refusal(
                "receive/impossible",
                $"A receiver with {channels} channels is not possible; 1 to 32 is.",
                where
            )
            : null;

    public override Refusal? Admit(JobState state, Entry entry) =>
        Possible(Channels, "body.channels") ?? Receiver?.Admit("body.receiver");

    public override JobState Apply(JobState state, Entry entry) =>
        (state with { Receive = state.Receive with { ReceiverChannels = Channels, Receiver = Receiver } })
            .Disturb(entry, $"Another receiver, {Channels} channels", DisturbanceMatrix.AnotherReceiver)
            .Set(entry, new Setting(SettingKind.Receiver), ReceiverWords(Receiver, Channels));

    internal static string ReceiverWords(ReceiverKind? receiver, int channels) =>
        $"{receiver?.Name} {channels} channels".Trim();

    public override string Say(JobState state) => $"Another receiver, {Channels} channels";
}

public sealed record PromiseChanged(DateOnly Promised, string Reason) : EntryBody
{
    public override bool IsDecision() => true;

    internal static Refusal? Possible(DateOnly promised, Entry entry, string where)
    {
        // The shop's day may still be yesterday's by this clock.
        var today = DateOnly.FromDateTime(entry.ObservedAt.UtcDateTime);
        return promised < today.AddDays(-1) || promised > today.AddYears(2)
            ? new Refusal(
                "receive/promised",
                $"{DayWords.Of(promised)} cannot be promised: it must be from today to two years on.",
                where
            )
            : null;
    }

    public override Refusal? Admit(JobState state, Entry entry) =>
        Possible(Promised, entry, "body.promised") ?? Texts.Reason(Reason, "body.reason", "Say why the date changes.");

    public override JobState Apply(JobState state, Entry entry) =>
        state with
        {
            Receive = state.Receive with { Promised = Promised },
        };

    public override string Say(JobState state) => $"Promised for {DayWords.Of(Promised)}";
}
