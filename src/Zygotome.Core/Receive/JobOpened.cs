using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Catalogue;

namespace Zygotome.Core.Receive;

/// <summary>A kit comes in. The first entry of every job.</summary>
/// <param name="Battery">Null where the pack is still to be chosen.</param>
/// <param name="ReceiverChannels">0 where the receiver is still to be bought.</param>
/// <param name="Options">As what the kit is built, as far as the counter was told, by option.</param>
/// <param name="SheetHash">SHA-256 of the sheet revision's file.</param>
public sealed record JobOpened(
    string Number,
    string CustomerId,
    string SheetId,
    int SheetRevision,
    string SheetHash,
    Battery? Battery,
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
    SheetConfirmation? Confirmed = null,
    ImmutableSortedDictionary<string, string>? Options = null
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
            : Battery?.Admit("body.battery")
                ?? (ReceiverChannels == 0 ? null : ReceiverKind.Possible(ReceiverChannels, "body.receiverChannels"))
                ?? PromiseChanged.Possible(Promised, ShopDay.Of(Rules.TimeZone, entry.ObservedAt), "body.promised")
                ?? Texts.Fits(Shelf, "body.shelf", 40)
                ?? Texts.Fits(Number, "body.number", 20)
                ?? Texts.Fits(Order, "body.order", 40)
                ?? Texts.Fits(CartonNote, "body.cartonNote")
                ?? Texts.Fits(PackName, "body.packName", 60)
                ?? Supplier?.Admit("body.supplier")
                ?? Receiver?.Admit("body.receiver")
                ?? OptionsAsked(state.Built)
                ?? (
                    ReceivedOn is { } on
                    && Math.Abs(on.DayNumber - ShopDay.Of(Rules.TimeZone, entry.ObservedAt).DayNumber) > 366
                        ? new Refusal(
                            "receive/received-on",
                            $"{DayWords.Of(on)} is more than a year from today.",
                            "body.receivedOn"
                        )
                        : null
                );

    public override JobState Apply(JobState state, Entry entry)
    {
        var opened = (
            state with
            {
                Opening = Evidence.Of(entry),
                Options = Options ?? Ordered.ById<string>(),
                Rules = Rules,
                Schools =
                    BalanceSchool == BalanceSchool.Middle
                        ? state.Schools.SetItem(
                            Sheets.Schools.FirstFlightBalance,
                            new SchoolAnswer("middle", "", entry.By)
                        )
                        : state.Schools,
            }
        ).With(
            new ReceiveState
            {
                Number = Number,
                CustomerId = CustomerId,
                Battery = Battery,
                Flying = Battery is null ? [] : [PackName],
                ReceiverChannels = ReceiverChannels,
                Promised = Promised,
                Shelf = Shelf,
                SheetRevision = SheetRevision,
                Order = Order,
                ReceivedOn = ReceivedOn ?? ShopDay.Of(Rules.TimeZone, entry.ObservedAt),
                Supplier = Supplier,
                Receiver = Receiver,
                Packs = Battery is null ? [] : [new PackHeld(PackName, Battery)],
                Carton = Carton,
                CartonNote = CartonNote,
            }
        );
        if (Battery is not null)
        {
            opened = opened.Say(entry, new Setting(SettingKind.Pack), new PackHeld(PackName, Battery).Words);
        }

        if (ReceiverChannels > 0)
        {
            var receiver = ReceiverGiven.ReceiverWords(Receiver, ReceiverChannels);
            opened = opened.Say(entry, new Setting(SettingKind.Receiver), receiver);
        }

        foreach (var (option, choice) in opened.Options)
        {
            opened = opened.Say(entry, new Setting(SettingKind.KitOption, option), choice);
        }

        return opened.SayValues(entry, opened.Chosen).Knowing(SheetHash, Confirmed).Resheet(entry);
    }

    private Refusal? OptionsAsked(SpecSheet sheet) =>
        Options
            ?.Select(o => OptionChosen.Known(sheet, o.Key, o.Value, $"body.options.{o.Key}"))
            .FirstOrDefault(r => r is not null);

    public override string Say(JobState state) => $"{state.Sheet.Kit.Name} received";
}
