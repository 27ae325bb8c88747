using Zygotome.Core.Sheets;

namespace Zygotome.Core.Unpack;

/// <summary>
/// How damage of a kind at a place is mended at the bench: glued, by hand without glue, or never, so that only a new
/// part does.
/// </summary>
/// <param name="Minutes">Hands-on for mending without glue; a glued joint's come from its length.</param>
public sealed record Mending(bool Possible, bool Glued, double Minutes, string Words)
{
    private static readonly Mending Glue = new(true, true, 0, "");

    /// <summary>The shop's own rule, printed in docs/grading.md. Scuffs are cleaned, but for a propeller's.</summary>
    public static Mending Of(PlaceKind place, FindingKind kind) =>
        (place, kind) switch
        {
            (PlaceKind.Propeller, FindingKind.Scuff) => ByHand(
                12,
                "Edge dressed smooth, then balanced anew; a nick that holds a nail is a crack."
            ),
            (_, FindingKind.Scuff) => ByHand(8, "Clean it, touch in the colour."),
            (PlaceKind.Propeller, _) => Never("A damaged propeller or fan is never mended: a new one, balanced."),
            (PlaceKind.Servo, FindingKind.Loose or FindingKind.Parting) => Glue,
            (PlaceKind.Servo, _) => Never(
                "A servo that took a blow is not opened: a new one, proven before it is closed in."
            ),
            (PlaceKind.Linkage, FindingKind.Loose or FindingKind.Parting) => ByHand(
                10,
                "Clevis set anew with its keeper on and at least five threads in; no slop."
            ),
            (PlaceKind.Linkage, _) => Never(
                "A rod or clevis once bent or cracked is not straightened: a new one of the same length."
            ),
            (PlaceKind.Horn, FindingKind.Loose or FindingKind.Parting) => Glue,
            (PlaceKind.Horn, _) => Never("A horn that is cracked or bent is not glued: a new one."),
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
