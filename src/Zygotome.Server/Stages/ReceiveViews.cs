using System.Collections.Immutable;
using Zygotome.Core.Job;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Receive;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Catalogue;
using Zygotome.Core.Sheets.Table;

namespace Zygotome.Server.Stages;

/// <summary>The owner: one on file by id, or a new one by name.</summary>
public sealed record PostedCustomer(string Name, string? Id = null, string Contact = "", string Notes = "");

/// <summary>A pack on the counter's scale.</summary>
public sealed record PostedPack(string Name, Battery Battery);

/// <summary>A kit handed over the counter. The first pack is the one to fly until another is chosen.</summary>
/// <param name="Battery">Null where the pack is still to be chosen. <paramref name="ReceiverChannels"/>: 0 where the
/// receiver is still to be bought.</param>
/// <param name="Order">The order of another job when several kits came together; empty for a new one.</param>
public sealed record ReceivePost(
    string EntryId,
    PostedCustomer Customer,
    string SheetId,
    int SheetRevision,
    Battery? Battery,
    int ReceiverChannels,
    DateOnly Promised,
    string Shelf,
    BalanceSchool BalanceSchool,
    DateTimeOffset ObservedAt,
    string Look,
    string Order = "",
    DateOnly? ReceivedOn = null,
    string SupplierId = "",
    ReceiverKind? Receiver = null,
    Carton Carton = Carton.NotLooked,
    string CartonNote = "",
    string PackName = "pack 1",
    IReadOnlyList<PostedPack>? MorePacks = null,
    IReadOnlyList<AddOnBrought>? AddOns = null,
    TransmitterBrought? Transmitter = null,
    ImmutableSortedDictionary<string, string>? Options = null,
    Carriage Carried = Carriage.NotSaid
);

public sealed record OutlookPost(
    string SheetId,
    int SheetRevision,
    IReadOnlyList<PostedPack> Packs,
    int ReceiverChannels,
    BalanceSchool BalanceSchool,
    ReceiverKind? Receiver = null,
    IReadOnlyList<AddOnBrought>? AddOns = null,
    string Protocol = "",
    ImmutableSortedDictionary<string, string>? Options = null
);

/// <summary>What the counter asks of a kit before there is a job.</summary>
public sealed record CounterSheetView(IReadOnlyList<OptionView> Options);

/// <summary>What can be said while the owner is still there.</summary>
/// <param name="PortsEnough">Null while the receiver is still to be bought.</param>
/// <param name="SpeaksAlike">Whether transmitter and receiver do; null where nobody said of one of them.</param>
public sealed record OutlookView(
    bool? PortsEnough,
    string PortsWhy,
    bool? SpeaksAlike,
    string SpeaksWhy,
    BudgetView Budget,
    DrawingView Drawing
);

public sealed record BudgetPartView(string Name, double Grams, double? At, string Source);

/// <summary>
/// Mass and moment from the numbers that are known; g and mm aft of the datum. BestPack: the one to fly, of those
/// brought.
/// </summary>
public sealed record BudgetView(
    IReadOnlyList<BudgetPartView> Parts,
    double? TargetLow,
    double? TargetHigh,
    string School,
    string Words,
    string WeightLimits,
    IReadOnlyList<PackOutlook> Packs,
    string? BestPack
)
{
    internal static BudgetView Of(Budget b, Core.Sheets.SpecSheet sheet) =>
        new(
            Parts:
            [
                .. b.Parts.Select(p => new BudgetPartView(
                    p.Name,
                    Math.Round(p.Grams, 1),
                    p.At is { } at ? Math.Round(at, 1) : null,
                    p.Source
                )),
            ],
            TargetLow: Rounded(b.Target?.Low),
            TargetHigh: Rounded(b.Target?.High),
            School: b.School,
            Words: b.Words,
            WeightLimits: Core.Balance.BalanceTarget.AllUpWeight(sheet)?.ToString() ?? "",
            Packs: b.Packs,
            BestPack: b.Best?.Name
        );

    private static double? Rounded(double? mm) => mm is { } v ? Math.Round(v, 1) : null;
}

/// <param name="Undone">How it is undone later; empty of what is only set or shown.</param>
public sealed record SchoolOptionView(string Id, string Text, string Reason, string Effect, string Undone);

public sealed record SchoolView(
    string Id,
    string Question,
    string Chosen,
    bool IsDefault,
    string Reason,
    string By,
    IReadOnlyList<SchoolOptionView> Options
);

/// <param name="Flies">As which of those that fly it is connected, from 1; 0 of one that stays on the ground.</param>
/// <param name="Cells">How its cells were found; empty while nobody measured. <paramref name="Wrong"/>: why it is not
/// to be connected.</param>
public sealed record PackHeldView(string Name, Battery Battery, int Flies, string Cells, string Wrong)
{
    internal static PackHeldView Of(ReceiveState held, PackHeld pack) =>
        new(
            pack.Name,
            pack.Battery,
            held.Flying.IndexOf(pack.Name) + 1,
            pack.Seen?.Words ?? "",
            pack.Seen?.Wrong ?? ""
        );
}

/// <summary>The place of a servo: what it drives, what is asked of one there, what is in the kit's place.</summary>
/// <param name="Asks">"1.8 kg cm; well 23 × 12 × 24 mm; the kit's own weighs 9 g"; empty where the sheet is
/// silent.</param>
/// <param name="Kind">Null: the kit's own is in.</param>
public sealed record ServoPlaceView(string Id, string Place, string Asks, ServoKind? Kind)
{
    internal static ServoPlaceView Of(ServoSpec servo, JobState state)
    {
        double?[] room =
        [
            servo.Says(RadioFields.Servo.RoomLength).Counts,
            servo.Says(RadioFields.Servo.RoomWidth).Counts,
            servo.Says(RadioFields.Servo.RoomHeight).Counts,
        ];
        string[] asks =
        [
            servo.Says(RadioFields.Servo.Torque).Counts?.Text ?? "",
            room.All(r => r is not null)
                ? $"a well of {string.Join(" × ", room.Select(r => Numbers.Say(r!.Value)))} mm"
                : "",
            servo.Says(RadioFields.Servo.Mass).Counts is { } mass ? $"the kit's own weighs {Numbers.Say(mass)} g" : "",
        ];
        return new(
            servo.Id,
            ServoFit.Place(state.Sheet, servo.Id),
            string.Join("; ", asks.Where(a => a.Length > 0)),
            state.Receive.Servos.GetValueOrDefault(servo.Id)?.Kind
        );
    }
}

/// <summary>What drives one motor's propeller: as the sheet says, and what was chosen apart.</summary>
/// <param name="Kind">Null: the kit's own.</param>
public sealed record DriveView(string Motor, bool IsFan, string Own, DriveKind? Kind)
{
    internal static DriveView Of(MotorSpec motor, JobState state)
    {
        var controller = state.Sheet.Power.Controllers.FirstOrDefault(c => c.Id == motor.Controller);
        string[] own =
        [
            motor.Propeller.Length > 0 ? $"propeller {motor.Propeller}" : "",
            motor.Says(PowerFields.Motor.Draw).Counts is { } draw ? $"draws {draw.Text}" : "",
            controller?.Says(PowerFields.Controller.Rating).Counts is { } rating ? $"controller {rating.Text}" : "",
            controller?.Says(PowerFields.Controller.Cells).Counts is { } cells ? $"{cells.Text} cells" : "",
        ];
        return new(
            motor.Id,
            motor.IsFan,
            string.Join(", ", own.Where(o => o.Length > 0)),
            state.Receive.Drives.GetValueOrDefault(motor.Id)?.Kind
        );
    }
}

/// <summary>What the owner has on which channel, and this kit laid to it.</summary>
/// <param name="Usual">As said on this job, from the first channel on.</param>
/// <param name="Before">As on their last job where it was said; null where none was. <paramref name="BeforeOn"/>: that
/// job.</param>
public sealed record ChannelsView(
    IReadOnlyList<string> Usual,
    IReadOnlyList<string>? Before,
    string BeforeOn,
    IReadOnlyList<ChannelLaid> Laid
)
{
    internal static ChannelsView Of(JobState state, RememberedChannels? before) =>
        new(
            state.Receive.Channels,
            before?.Channels,
            before?.Job ?? "",
            state.Receive.Channels.IsEmpty
                ? []
                : OwnerChannels.Lay(state.Sheet, state.Receive.Channels, state.Receive.ReceiverChannels)
        );
}

/// <param name="Effect">What it changes on this job: steps, purchases.</param>
public sealed record CarriageView(Carriage How, string Effect);

public sealed record AddOnView(string Name, Mass Mass, Station? At, AddOnState State, string Port, string Why);

public sealed record PhotoMark(string Hash, string Note);

/// <summary>A value the maker does not state and a lead may give.</summary>
public sealed record GapView(string Id, string Text, string Why);

/// <summary>Another kit of the same order.</summary>
public sealed record OrderLine(string Job, string Kit, string Holds);

/// <summary>A way in which this kit's box can be built as one thing or another.</summary>
/// <param name="Taken">What counts now; empty while all are asked about. <paramref name="Said"/>: somebody chose
/// it.</param>
public sealed record OptionView(string Id, string Name, string Taken, bool Said, IReadOnlyList<ChoiceView> Choices);

/// <param name="Brings">What is there with this choice alone.</param>
public sealed record ChoiceView(string Choice, string Brings);

public sealed record ReceiveView(
    string CustomerId,
    string Customer,
    string Contact,
    string Notes,
    string Order,
    IReadOnlyList<OrderLine> OrderOthers,
    string SheetId,
    string Sheet,
    int Revision,
    IReadOnlyList<int> OtherRevisions,
    string Source,
    Battery? Battery,
    IReadOnlyList<PackHeldView> Packs,
    int ReceiverChannels,
    ReceiverKind? Receiver,
    TransmitterHeld? Transmitter,
    IReadOnlyList<AddOnView> AddOns,
    DateOnly Promised,
    string BalanceSchool,
    string ReceivedBy,
    DateTimeOffset ReceivedAt,
    DateOnly ReceivedOn,
    Supplier? Supplier,
    DateOnly? ClaimUntil,
    int? ClaimDaysLeft,
    Carton Carton,
    string CartonWords,
    string CartonNote,
    IReadOnlyList<PhotoMark> BoxPhotos,
    int PacksAsked,
    IReadOnlyList<ServoPlaceView> Servos,
    IReadOnlyList<DriveView> Drives,
    IReadOnlyList<string> Back,
    ChannelsView Channels,
    Carriage Carried,
    IReadOnlyList<CarriageView> Carriages,
    IReadOnlyList<OptionView> Options,
    IReadOnlyList<SchoolView> Schools,
    BudgetView Budget,
    IReadOnlyList<ToBuyLine> ToBuy,
    IReadOnlyList<GapView> Gaps,
    IReadOnlyList<LedgerLine> Lines
);

/// <summary>What moving a job to another revision would change, before it is done.</summary>
public sealed record MoveView(int Revision, string Hash, IReadOnlyList<MovePreview> Lines);
