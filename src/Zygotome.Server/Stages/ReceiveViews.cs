using Zygotome.Core.Job;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Receive;
using Zygotome.Core.Sheets;

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
    TransmitterBrought? Transmitter = null
);

public sealed record OutlookPost(
    string SheetId,
    int SheetRevision,
    IReadOnlyList<PostedPack> Packs,
    int ReceiverChannels,
    BalanceSchool BalanceSchool,
    ReceiverKind? Receiver = null,
    IReadOnlyList<AddOnBrought>? AddOns = null,
    string Protocol = ""
);

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

public sealed record SchoolOptionView(string Id, string Text, string Reason, string Effect);

public sealed record SchoolView(
    string Id,
    string Question,
    string Chosen,
    bool IsDefault,
    string Reason,
    string By,
    IReadOnlyList<SchoolOptionView> Options
);

/// <param name="Cells">How its cells were found; empty while nobody measured. <paramref name="Wrong"/>: why it is not
/// to be connected.</param>
public sealed record PackHeldView(string Name, Battery Battery, bool Flies, string Cells, string Wrong);

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
    IReadOnlyList<OptionView> Options,
    IReadOnlyList<SchoolView> Schools,
    BudgetView Budget,
    IReadOnlyList<ToBuyLine> ToBuy,
    IReadOnlyList<GapView> Gaps,
    IReadOnlyList<LedgerLine> Lines
);

/// <summary>What moving a job to another revision would change, before it is done.</summary>
public sealed record MoveView(int Revision, string Hash, IReadOnlyList<MovePreview> Lines);
