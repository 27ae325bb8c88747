using Zygotome.Core.Sheets;

namespace Zygotome.Core.Unpack;

/// <summary>
/// How damage of a kind at a place is mended at the bench: glued, by hand without glue, or never, so that only a new
/// part does.
/// </summary>
/// <param name="Minutes">Hands-on for mending without glue; a glued joint's come from its length.</param>
public sealed record Mending(bool Possible, bool Glued, double Minutes, string Words)
{
    private const string NewPropeller = "A damaged propeller or fan is never mended: a new one, balanced.",
        NewHorn = "A horn that is cracked or bent is not glued: a new one.";

    private static readonly Mending Glue = new(true, true, 0, "");

    /// <summary>The shop's own rule, printed in docs/grading.md. Scuffs are cleaned, but for a propeller's.</summary>
    public static Mending Of(PlaceKind place, FindingKind kind) =>
        (place, kind) switch
        {
            (_, FindingKind.MissingScrew) => ByHand(
                8,
                "A screw of the listed size in, or one that stack and hole allow; snug, and counted again."
            ),
            (_, FindingKind.AssembledWrongly) => ByHand(
                20,
                "Taken apart and put together as its page shows; what it moves is shown again."
            ),
            (_, FindingKind.OutOfHousing) => ByHand(
                15,
                "Colours in the order of its neighbour, each contact in until it clicks, and tugged; wiggled while it "
                    + "is called out."
            ),
            (_, FindingKind.Tacky) => ByHand(
                5,
                "Left open in a warm room, nothing on it; no tape and no decal near it until it was looked at again."
            ),
            (PlaceKind.Hinge, FindingKind.Stiff) => ByHand(
                10,
                "Worked free, a little further each time; the force at its trailing edge measured."
            ),
            (PlaceKind.Hinge, FindingKind.Binding) => ByHand(
                15,
                "What it catches on eased away, full both ways by hand, no tight spot, no tear."
            ),
            (PlaceKind.Spar, FindingKind.Bent or FindingKind.Twisted) => Never(
                "A spar that is bent or twisted is not straightened: a new one."
            ),
            (PlaceKind.Propeller, FindingKind.Twisted) => Never(NewPropeller),
            (PlaceKind.Horn, FindingKind.Twisted) => Never(NewHorn),
            (_, FindingKind.Twisted) => ByHand(
                30,
                "Warmed, held straight until it is cold, and sighted again; it must stay so over night."
            ),
            (PlaceKind.Motor, FindingKind.Scuff or FindingKind.Dent) => ByHand(8, "Turned by hand: nothing rubs."),
            (PlaceKind.Motor, FindingKind.Rough or FindingKind.Binding or FindingKind.Stiff) => ByHand(
                20,
                "Magnets and bell looked at, filings out; turned by hand, free. Rough again: a new one."
            ),
            (PlaceKind.Motor, FindingKind.Loose) => ByHand(
                15,
                "Its set screw on the flat, circlip and bell in their place; rocked again: no play."
            ),
            (PlaceKind.Motor, _) => Never(
                "A motor with a bent shaft or a crack, or that is dead, is not mended: a new one."
            ),
            (PlaceKind.Light, FindingKind.Dead) => Never("A light that is dead with its plug in is replaced."),
            (PlaceKind.Light, _) => ByHand(10, "Fixed again, its lead held; called out."),
            (PlaceKind.Lead, FindingKind.Scuff) => ByHand(8, "Sleeved where it is rubbed."),
            (PlaceKind.Lead, _) => ByHand(
                20,
                "A new plug or lead, colours in order, soldered and sleeved; pulled, and wiggled while it is "
                    + "called out."
            ),
            (
                PlaceKind.GearRetention
                    or PlaceKind.Linkage,
                FindingKind.Stiff
                    or FindingKind.Binding
                    or FindingKind.Rough
            ) => ByHand(15, "What rubs found and eased; full both ways by hand, free."),
            (PlaceKind.Propeller, FindingKind.Binding or FindingKind.Loose) => ByHand(
                12,
                "Off, hub and shaft looked at, and on again: centred, tight, clear all round."
            ),
            (PlaceKind.Propeller, FindingKind.Scuff) => ByHand(
                12,
                "Edge dressed smooth, then balanced anew; a nick that holds a nail is a crack."
            ),
            (_, FindingKind.Scuff) => ByHand(8, "Clean it, touch in the colour."),
            (PlaceKind.Propeller, _) => Never(NewPropeller),
            (PlaceKind.Servo, FindingKind.Loose or FindingKind.Parting) => Glue,
            (PlaceKind.Servo, _) => Never(
                "A servo that took a blow, is dead or runs rough is not opened: a new one, proven before it is "
                    + "closed in."
            ),
            (PlaceKind.Linkage, FindingKind.Loose or FindingKind.Parting) => ByHand(
                10,
                "Clevis set anew with its keeper on and at least five threads in; no slop."
            ),
            (PlaceKind.Linkage, _) => Never(
                "A rod or clevis once bent or cracked is not straightened: a new one of the same length."
            ),
            (PlaceKind.Horn, FindingKind.Loose or FindingKind.Parting) => Glue,
            (PlaceKind.Horn, _) => Never(NewHorn),
            (PlaceKind.GearRetention, FindingKind.Bent) => ByHand(
                15,
                "Straighten the leg cold, once; with a crack, or bent before, a new one."
            ),
            (PlaceKind.GearRetention or PlaceKind.MotorMount, FindingKind.Loose) => ByHand(
                15,
                "Screws out, looked at, and in again across the diagonal; thread-lock metal to metal only."
            ),
            (PlaceKind.ReceiverPower, _) => ByHand(
                20,
                "A new plug or lead soldered and sleeved; pulled, and wiggled under power."
            ),
            _ => Glue,
        };

    private static Mending ByHand(double minutes, string words) => new(true, false, minutes, words);

    private static Mending Never(string words) => new(false, false, 0, words);
}
