using Zygotome.Core.Quantities;

namespace Zygotome.Core.Receive;

/// <summary>Who the kit came from, and how many days after receipt a claim still stands.</summary>
/// <param name="PartsDays">Days until a spare part usually comes.</param>
public sealed record Supplier(string Id, string Name, string Contact, int ClaimDays, int PartsDays = 7)
{
    internal Refusal? Admit(string where) =>
        ClaimDays is < 0 or > 3650
            ? new Refusal(
                "receive/claim-days",
                $"A claim window of {ClaimDays} days is not possible.",
                $"{where}.claimDays"
            )
        : PartsDays is < 0 or > 3650
            ? new Refusal("receive/parts-days", $"{PartsDays} days for parts is not possible.", $"{where}.partsDays")
        : Texts.Reason(Name, $"{where}.name", "A supplier has a name.") ?? Texts.Fits(Contact, $"{where}.contact", 200);
}

/// <summary>How the carton looked before it was opened: it decides who pays for what is broken inside.</summary>
public enum Carton
{
    NotLooked,
    Sound,
    Scuffed,
    Crushed,
    Torn,
    Wet,
}

/// <summary>A receiver from the shop's catalogue or as typed in. Mass in g; ports are places to plug a lead.</summary>
public sealed record ReceiverKind(string Name, int Channels, int Ports, Quantity? Mass = null)
{
    internal Refusal? Admit(string where) =>
        ReceiverGiven.Possible(Channels, $"{where}.channels")
        ?? (
            Ports is < 1 or > 40
                ? new Refusal(
                    "receive/impossible",
                    $"A receiver with {Ports} ports is not possible; 1 to 40 is.",
                    $"{where}.ports"
                )
                : null
        )
        ?? Texts.Fits(Name, $"{where}.name", 80)
        ?? Masses.Possible(Mass, $"{where}.mass", 500);
}

internal static class Masses
{
    public static Refusal? Possible(Quantity? mass, string where, decimal most) =>
        mass is null || (mass.Dimension == Dimension.Mass && mass.Nominal >= 0 && mass.Nominal <= most)
            ? null
            : new Refusal("receive/impossible", $"\"{mass.Text}\" is not a mass from 0 to {most} g.", where);

    /// <summary>What work added to the aircraft, or took off it; null where nobody said.</summary>
    public static Refusal? Added(Quantity? grams, string where) =>
        grams is null
        || (grams.Dimension == Dimension.Mass && grams.Form == QuantityForm.Single && Math.Abs(grams.Nominal) <= 2000)
            ? null
            : new Refusal("receive/impossible", $"\"{grams.Text}\" is not what a repair adds, in grams.", where);
}

/// <summary>A pack the owner brought, beside the one chosen to fly.</summary>
public sealed record PackHeld(string Name, Battery Battery)
{
    /// <summary>"blue 2600, 262 g, 105 mm × 34 mm × 30 mm": two of the same size are two packs.</summary>
    public string Words =>
        $"{Name}, {Battery.Mass.Text}, {Battery.Length.Text} × {Battery.Width.Text} × {Battery.Height.Text}";
}

/// <summary>What the owner wants aboard beside the kit.</summary>
public sealed record AddOn(string Name, Quantity Mass, Quantity? At, AddOnState State);

public enum AddOnState
{
    Recorded,
    Tested,
    NotConnected,
}

/// <summary>The owner's transmitter and the memories in it.</summary>
public sealed record TransmitterHeld(string Name, string Memories, int? FreeMemories);

/// <summary>Where a line of the to-buy list has got to.</summary>
public enum BuyState
{
    Open,
    Ordered,
    Here,
    NotNeeded,
}

/// <summary>A line of the to-buy list that somebody dealt with.</summary>
public sealed record Bought(BuyState State, DateOnly? Due, string Note, Jobs.Evidence Evidence);
