using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Catalogue;

namespace Zygotome.Core.Receive;

/// <summary>What was taken in and promised.</summary>
public sealed record ReceiveState : IAboard, IHandedIn
{
    public string Number { get; init; } = "";

    public string CustomerId { get; init; } = "";

    /// <summary>Null while the pack is still to be chosen.</summary>
    public Battery? Battery { get; init; }

    /// <summary>What those that fly are called, in the order they are connected; none where none was chosen. Two may be
    /// alike in every number.</summary>
    public ImmutableList<string> Flying { get; init; } = [];

    /// <summary>0 while the receiver is still to be bought.</summary>
    public int ReceiverChannels { get; init; }

    public DateOnly Promised { get; init; }

    public string Shelf { get; init; } = "";

    public int SheetRevision { get; init; }

    /// <summary>Revisions of this job that a lead confirmed, by hash.</summary>
    public ImmutableSortedDictionary<string, SheetConfirmation> Confirmed { get; init; } =
        Ordered.ById<SheetConfirmation>();

    /// <summary>What a lead said is not on this aircraft, when the job moved to a revision without it.</summary>
    public ImmutableList<NotOnAircraft> NotOnAircraft { get; init; } = [];

    /// <summary>Several kits handed over together share an order; empty for a single one.</summary>
    public string Order { get; init; } = "";

    /// <summary>The day it came in: the claim clock runs from here.</summary>
    public DateOnly ReceivedOn { get; init; }

    public Supplier? Supplier { get; init; }

    public ReceiverKind? Receiver { get; init; }

    public TransmitterHeld? Transmitter { get; init; }

    /// <summary>Every pack measured at the counter; <see cref="Battery"/> is the one that flies, or those that fly
    /// together as one.</summary>
    public ImmutableList<PackHeld> Packs { get; init; } = [];

    public ImmutableList<AddOn> AddOns { get; init; } = [];

    /// <summary>Servos that take the place of the kit's own, by the sheet's id of its servo.</summary>
    public ImmutableSortedDictionary<string, ServoHeld> Servos { get; init; } = Ordered.ById<ServoHeld>();

    /// <summary>Drives chosen apart from the kit, by the sheet's id of its motor.</summary>
    public ImmutableSortedDictionary<string, DriveHeld> Drives { get; init; } = Ordered.ById<DriveHeld>();

    /// <summary>What the owner has on each channel in every model, from the first on; empty places are free. None
    /// where nobody said.</summary>
    public ImmutableList<string> Channels { get; init; } = [];

    public Carriage Carried { get; init; }

    public Carton Carton { get; init; }

    public string CartonNote { get; init; } = "";

    public ImmutableList<PhotoKept> BoxPhotos { get; init; } = [];

    public ImmutableSortedDictionary<string, Bought> Bought { get; init; } = Ordered.ById<Bought>();

    /// <summary>The packs that fly, in the order they are connected.</summary>
    public ImmutableArray<PackHeld> Flies =>
        [.. Flying.Select(n => Packs.FirstOrDefault(p => p.Name == n)).OfType<PackHeld>()];

    string IAboard.PackUnfit =>
        Flies.FirstOrDefault(p => p.Seen is { Wrong.Length: > 0 }) is { Seen: { } seen } pack
            ? $"{pack.Name}: {seen.Wrong}"
            : "";

    string IAboard.PackNotMeasured(DateTimeOffset now, bool first) =>
        Flies
            .Select(p =>
                p.Seen?.Evidence is not { } seen ? $"{p.Name} was not measured yet"
                : first && now - seen.RecordedAt is { TotalHours: > 24 } ago ? $"{p.Name} was measured {Days(ago)} ago"
                : ""
            )
            .FirstOrDefault(w => w.Length > 0, "");

    private static string Days(TimeSpan ago) => (int)ago.TotalDays is > 1 and var days ? $"{days} days" : "a day";

    int IAboard.ReceiverPorts => Math.Min(ReceiverChannels, Receiver?.Ports ?? ReceiverChannels);

    IReadOnlyList<string> IAboard.UsualChannels => Channels;

    (double Working, double Stall)? IAboard.ServoDraw(string servo) =>
        Servos.GetValueOrDefault(servo)?.Kind is { } kind ? (kind.Working?.Value ?? 0, kind.Stall?.Value ?? 0) : null;

    double? IAboard.MostDraw(SpecSheet sheet) => new PowerTrain(sheet, Drives).Draw()?.High;

    double? IAboard.FullDraw(SpecSheet sheet) => new PowerTrain(sheet, Drives).Draw()?.Nominal;

    /// <summary>The last day on which a claim still stands; null while no supplier is known.</summary>
    public DateOnly? ClaimUntil => Supplier is { } s ? ReceivedOn.AddDays(s.ClaimDays) : null;
}
