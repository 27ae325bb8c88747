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
        PlaceKind.Lead,
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
            Kind: k => k is not (FindingKind.Scuff or FindingKind.Stiff or FindingKind.Tacky),
            From: 0,
            Grade: Grade.FlightCritical,
            Text: "Damage to a hinge, spar, joint, horn, linkage, servo, motor mount, propeller, gear retention, "
                + "receiver power or a lead grounds the aircraft, whatever its size."
        ),
        new(
            Id: "G4",
            Place: p => Grounding.Contains(p),
            Kind: k => k == FindingKind.Stiff,
            From: 0,
            Grade: Grade.Functional,
            Text: "Stiff there is functional: the force it takes decides. What stops on its way is binding."
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
            Id: "M1",
            Place: p => p == PlaceKind.Motor,
            Kind: k => k is FindingKind.Bent or FindingKind.Crack or FindingKind.MissingScrew,
            From: 0,
            Grade: Grade.FlightCritical,
            Text: "A motor with a bent shaft, a crack or a screw missing can throw its propeller: it grounds."
        ),
        new(
            Id: "M2",
            Place: p => p is PlaceKind.Motor or PlaceKind.Light,
            Kind: k => k is not (FindingKind.Scuff or FindingKind.Dent or FindingKind.Tacky),
            From: 0,
            Grade: Grade.Functional,
            Text: "A motor that runs rough, rocks or rubs, and a light that does not answer or hangs, is functional."
        ),
        new(
            Id: "S1",
            Place: p => p == PlaceKind.Skin,
            Kind: k => k is FindingKind.Crack or FindingKind.Parting or FindingKind.Bent or FindingKind.Twisted,
            From: 10,
            Grade: Grade.Structural,
            Text: "A crack, a parting seam, a bend or a twist of 10 mm or more in a wing, tail or fuselage is "
                + "structural."
        ),
        new(
            Id: "S2",
            Place: p => p == PlaceKind.Skin,
            Kind: k =>
                k
                    is FindingKind.Crack
                        or FindingKind.Parting
                        or FindingKind.Bent
                        or FindingKind.Twisted
                        or FindingKind.Loose
                        or FindingKind.Gap,
            From: 0,
            Grade: Grade.Functional,
            Text: "A shorter crack, parting, bend or twist, a gap, or something loose there, is functional."
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
            Kind: k =>
                k
                    is FindingKind.Crack
                        or FindingKind.Loose
                        or FindingKind.Parting
                        or FindingKind.Gap
                        or FindingKind.MissingScrew,
            From: 0,
            Grade: Grade.Functional,
            Text: "A canopy or hatch that is cracked, loose, parting, gaping or lacks a screw can come off in flight: "
                + "functional."
        ),
        new(
            Id: "C2",
            Place: p => p == PlaceKind.ScalePart,
            Kind: k => k is FindingKind.Loose or FindingKind.Parting or FindingKind.MissingScrew,
            From: 0,
            Grade: Grade.Functional,
            Text: "A scale part that is loose or lacks a screw can come off in flight: functional."
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

    /// <summary>Whether damage there keeps the aircraft on the ground until it is repaired and inspected.</summary>
    public static bool Grounds(PlaceKind place) => Grounding.Contains(place);

    /// <summary>The kinds of place that make sense on a drawn part, most likely first.</summary>
    public static IReadOnlyList<PlaceKind> PlacesOn(SpecSheet sheet, string part) =>
        sheet.Surface(part) is not null
            ? [PlaceKind.Skin, PlaceKind.Hinge, PlaceKind.Horn, PlaceKind.Linkage, PlaceKind.Servo]
        : sheet.Geometry.PlacedPart(part) is { } placed ? PlacesAt(placed.Thing.Kind)
        : Places.IsNamed("door", part) ? [PlaceKind.GearRetention, PlaceKind.ScalePart]
        : Places.IsNamed("wheel", part) ? [PlaceKind.GearRetention, PlaceKind.ScalePart]
        : Places.IsNamed("motor", part) ? [PlaceKind.Propeller, PlaceKind.Motor, PlaceKind.MotorMount]
        : Places.IsNamed("body", part)
            ?
            [
                PlaceKind.Skin,
                PlaceKind.Canopy,
                PlaceKind.Joint,
                PlaceKind.MotorMount,
                PlaceKind.GearRetention,
                PlaceKind.ReceiverPower,
                PlaceKind.Lead,
                PlaceKind.Light,
                PlaceKind.ScalePart,
                PlaceKind.Decal,
            ]
        :
        [
            PlaceKind.Skin,
            PlaceKind.Spar,
            PlaceKind.Joint,
            PlaceKind.Servo,
            PlaceKind.Lead,
            PlaceKind.Light,
            PlaceKind.ScalePart,
            PlaceKind.Decal,
        ];

    private static PlaceKind[] PlacesAt(PlacedKind kind) =>
        kind switch
        {
            PlacedKind.Spar or PlacedKind.Tube => [PlaceKind.Spar, PlaceKind.Joint],
            PlacedKind.Canopy => [PlaceKind.Canopy, PlaceKind.ScalePart, PlaceKind.Decal],
            PlacedKind.Hatch => [PlaceKind.Canopy, PlaceKind.Skin, PlaceKind.Decal],
            PlacedKind.Servo => [PlaceKind.Servo, PlaceKind.Linkage],
            PlacedKind.Horn => [PlaceKind.Horn, PlaceKind.Linkage],
            PlacedKind.Receiver or PlacedKind.Board or PlacedKind.Controller =>
            [
                PlaceKind.ReceiverPower,
                PlaceKind.Lead,
            ],
            PlacedKind.Connector => [PlaceKind.Lead, PlaceKind.ReceiverPower],
            PlacedKind.Lead => [PlaceKind.Lead],
            _ => [PlaceKind.Skin, PlaceKind.ScalePart, PlaceKind.Decal],
        };
}
