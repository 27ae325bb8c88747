using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Unpack;

/// <summary>
/// The decision table place × kind × size (mm, the longest extent). The first rule that fits decides; grades never fall
/// with size. The table is printed in docs/grading.md.
/// </summary>
public static class FindingGrades
{
    private static readonly PlaceKind[] Grounding =
    [
        PlaceKind.Hinge,
        PlaceKind.Spar,
        PlaceKind.Joint,
        PlaceKind.Horn,
        PlaceKind.Linkage,
        PlaceKind.Servo,
        PlaceKind.MotorMount,
        PlaceKind.Propeller,
        PlaceKind.GearRetention,
        PlaceKind.ReceiverPower,
    ];

    /// <summary>The refusal of a size that nothing on a model aircraft has.</summary>
    public static Refusal? Wrong(Length size, string where) => size.Outside(0, 3000, "a finding", where);

    private sealed record Rule(
        string Id,
        Func<PlaceKind, bool> Place,
        Func<FindingKind, bool> Kind,
        double From,
        Grade Grade,
        string Text
    );

    private static readonly Rule[] Table =
    [
        new(
            Id: "G1",
            Place: p => Grounding.Contains(p),
            Kind: k => k != FindingKind.Scuff,
            From: 0,
            Grade: Grade.FlightCritical,
            Text: "Damage to a hinge, spar, joint, horn, linkage, servo, motor mount, propeller, gear retention or "
                + "receiver power grounds the aircraft, whatever its size."
        ),
        new(
            Id: "G2",
            Place: p => Grounding.Contains(p),
            Kind: _ => true,
            From: 10,
            Grade: Grade.Structural,
            Text: "A scuff of 10 mm or more there is structural."
        ),
        new(
            Id: "G3",
            Place: p => Grounding.Contains(p),
            Kind: _ => true,
            From: 0,
            Grade: Grade.Functional,
            Text: "A scuff under 10 mm there is functional."
        ),
        new(
            Id: "S1",
            Place: p => p == PlaceKind.Skin,
            Kind: k => k is FindingKind.Crack or FindingKind.Parting or FindingKind.Bent,
            From: 10,
            Grade: Grade.Structural,
            Text: "A crack, a parting seam or a bend of 10 mm or more in a wing, tail or fuselage is structural."
        ),
        new(
            Id: "S2",
            Place: p => p == PlaceKind.Skin,
            Kind: k => k is FindingKind.Crack or FindingKind.Parting or FindingKind.Bent or FindingKind.Loose,
            From: 0,
            Grade: Grade.Functional,
            Text: "A shorter crack, parting or bend, or something loose there, is functional."
        ),
        new(
            Id: "S3",
            Place: p => p == PlaceKind.Skin,
            Kind: k => k is FindingKind.Crush or FindingKind.Crease,
            From: 30,
            Grade: Grade.Structural,
            Text: "A crush or crease of 30 mm or more in a wing, tail or fuselage is structural."
        ),
        new(
            Id: "S4",
            Place: p => p == PlaceKind.Skin,
            Kind: k => k is FindingKind.Crush or FindingKind.Crease or FindingKind.Dent,
            From: 15,
            Grade: Grade.Functional,
            Text: "A crush, crease or dent of 15 mm or more there is functional."
        ),
        new(
            Id: "C1",
            Place: p => p == PlaceKind.Canopy,
            Kind: k => k is FindingKind.Crack or FindingKind.Loose or FindingKind.Parting,
            From: 0,
            Grade: Grade.Functional,
            Text: "A canopy or hatch that is cracked, loose or parting can come off in flight: functional."
        ),
        new(
            Id: "C2",
            Place: p => p == PlaceKind.ScalePart,
            Kind: k => k is FindingKind.Loose or FindingKind.Parting,
            From: 0,
            Grade: Grade.Functional,
            Text: "A loose scale part can come off in flight: functional."
        ),
        new(Id: "Z1", Place: _ => true, Kind: _ => true, From: 0, Grade: Grade.Cosmetic, Text: "All else is cosmetic."),
    ];

    /// <summary>Every rule in order: id, from which size, grade, text.</summary>
    public static IEnumerable<(string Id, double From, Grade Grade, string Text)> Rules =>
        Table.Select(r => (r.Id, r.From, r.Grade, r.Text));

    /// <param name="size">Longest extent in mm, ≥ 0.</param>
    public static Grading Of(PlaceKind place, FindingKind kind, double size)
    {
        // A size below nothing is nothing: what a journal holds is graded whatever it says.
        var rule = Table.First(r => r.Place(place) && r.Kind(kind) && Math.Max(0, size) >= r.From);
        return new Grading(rule.Grade, rule.Id, rule.Text);
    }

    /// <summary>
    /// Whether it can happen there: a film or a decal creases, parts, comes loose or is rubbed, and breaks nothing.
    /// </summary>
    public static bool CanBe(PlaceKind place, FindingKind kind) =>
        place != PlaceKind.Decal
        || kind is FindingKind.Crease or FindingKind.Parting or FindingKind.Loose or FindingKind.Scuff;

    /// <summary>Whether damage there keeps the aircraft on the ground until it is repaired and inspected.</summary>
    public static bool Grounds(PlaceKind place) => Grounding.Contains(place);

    /// <summary>The kinds of place that make sense on a drawn part, most likely first.</summary>
    public static IReadOnlyList<PlaceKind> PlacesOn(SpecSheet sheet, string part) =>
        sheet.Surface(part) is not null
            ? [PlaceKind.Skin, PlaceKind.Hinge, PlaceKind.Horn, PlaceKind.Linkage, PlaceKind.Servo]
        : Places.IsNamed("wheel", part) ? [PlaceKind.GearRetention, PlaceKind.ScalePart]
        : Places.IsNamed("motor", part) ? [PlaceKind.Propeller, PlaceKind.MotorMount]
        : Places.IsNamed("body", part)
            ?
            [
                PlaceKind.Skin,
                PlaceKind.Canopy,
                PlaceKind.Joint,
                PlaceKind.MotorMount,
                PlaceKind.GearRetention,
                PlaceKind.ReceiverPower,
                PlaceKind.ScalePart,
                PlaceKind.Decal,
            ]
        : [PlaceKind.Skin, PlaceKind.Spar, PlaceKind.Joint, PlaceKind.Servo, PlaceKind.ScalePart, PlaceKind.Decal];
}
