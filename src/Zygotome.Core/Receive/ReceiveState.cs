using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;

namespace Zygotome.Core.Receive;

/// <summary>What was taken in and promised.</summary>
public sealed record ReceiveState : IAboard, IHandedIn
{
    public string Number { get; init; } = "";

    public string CustomerId { get; init; } = "";

    /// <summary>Null while the pack is still to be chosen.</summary>
    public Battery? Battery { get; init; }

    /// <summary>What the one that flies is called; empty where none was chosen. Two may be alike in every
    /// number.</summary>
    public string PackName { get; init; } = "";

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

    /// <summary>Every pack measured at the counter; <see cref="Battery"/> is the one that flies.</summary>
    public ImmutableList<PackHeld> Packs { get; init; } = [];

    public ImmutableList<AddOn> AddOns { get; init; } = [];

    public Carton Carton { get; init; }

    public string CartonNote { get; init; } = "";

    public ImmutableList<PhotoKept> BoxPhotos { get; init; } = [];

    public ImmutableSortedDictionary<string, Bought> Bought { get; init; } = Ordered.ById<Bought>();

    /// <summary>Of the pack that flies; null where none was chosen.</summary>
    public PackHeld? Flies => Battery is null ? null : Packs.FirstOrDefault(p => p.Name == PackName);

    string IAboard.PackUnfit => Flies is { Seen: { Wrong.Length: > 0 } seen } pack ? $"{pack.Name}: {seen.Wrong}" : "";

    /// <summary>The last day on which a claim still stands; null while no supplier is known.</summary>
    public DateOnly? ClaimUntil => Supplier is { } s ? ReceivedOn.AddDays(s.ClaimDays) : null;
}
