using System.Globalization;
using System.Text.RegularExpressions;
using Xunit;
using Zygotome.Core.Drawing;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Table;
using Zygotome.Core.Tests.Journal;

namespace Zygotome.Core.Tests.Drawing;

/// <summary>The drawing is the aircraft on the bench, from the sheet's geometry alone.</summary>
public sealed partial class DrawingTests
{
    private static readonly DrawingSide[] Sides = Enum.GetValues<DrawingSide>();

    [GeneratedRegex(@"-?\d+(\.\d+)?")]
    private static partial Regex Number();

    // Every point that a path names; a curve keeps within the points it is bent by.
    private static (double Across, double Down)[] Points(DrawnPart part) =>
        [
            .. Number()
                .Matches(part.Path)
                .Select(m => double.Parse(m.Value, CultureInfo.InvariantCulture))
                .Chunk(2)
                .Select(p => (p[0], p[1])),
        ];

    [Theory]
    [MemberData(nameof(FinishedTests.Sheets), MemberType = typeof(FinishedTests))]
    public void Nothing_but_a_propeller_reaches_beyond_the_stated_length_and_span(string name)
    {
        var sheet = Bench.Sheet(name);
        var g = sheet.Geometry;
        var span = g.Lifting.Max(l => l.HalfSpan);
        var outer = Math.Max(span, g.Fins.Select(f => Math.Abs(f.Y) + 6).DefaultIfEmpty(0).Max()) + 4;
        var wheels = g.Wheels.Select(w => Math.Abs(w.Y) + 20).Concat(g.Bodies.Select(b => Math.Abs(b.At) + b.Width));
        outer = Math.Max(outer, wheels.DefaultIfEmpty(0).Max());
        var from = g.Bodies.Min(b => b.From);
        var to = g
            .Bodies.Select(b => b.To)
            .Concat(g.Lifting.Select(l => l.RootLeadingEdge + l.Panels.Sum(p => p.Sweep) + l.Panels[^1].Tip))
            .Concat(g.Lifting.Select(l => l.RootLeadingEdge + l.Panels[0].Root))
            .Concat(g.Fins.Select(f => f.X + Math.Max(f.Root, f.Sweep + f.Tip)))
            .Max();
        var most = to + sheet.Surfaces.Select(s => s.Chord).DefaultIfEmpty(0).Max();
        foreach (var part in Drawings.Plan(sheet).Parts.Where(p => p.Kind != PartKind.Motor))
        {
            Assert.All(
                Points(part),
                p =>
                {
                    Assert.InRange(Math.Abs(p.Across), 0, outer + 1);
                    Assert.InRange(p.Down, from - 5, most);
                }
            );
        }
    }

    /// <summary>From below: nose up the page, the right wing to the left.</summary>
    [Fact]
    public void A_tail_wheel_called_right_is_drawn_with_its_rear_to_the_right_and_a_nose_wheel_with_its_front()
    {
        var mail = Bench.Sheet("carrow-mail-1900");
        var call = OutputCalls.Of(mail).Single(c => c is { Of: "tail-wheel", At: "right" });
        Assert.True(RearOf("wheel-tail", mail, call) < 0);
        var left = OutputCalls.Of(mail).Single(c => c is { Of: "tail-wheel", At: "left" });
        Assert.True(RearOf("wheel-tail", mail, left) > 0);
        var nose = Bench.Sheet(
            "merle-1200",
            n =>
            {
                var wheel = n["geometry"]!["wheels"]!.AsArray().Single(w => (string?)w!["id"] == "nose")!;
                wheel["steered"] = true;
                n["outputs"] = System.Text.Json.Nodes.JsonNode.Parse(
                    """[{ "id": "nose-wheel", "kind": "steering", "wheel": "nose", "function": "rudder" }]"""
                );
            }
        );
        Assert.True(
            RearOf("wheel-nose", nose, OutputCalls.Of(nose).Single(c => c is { Of: "nose-wheel", At: "right" })) > 0
        );

        // How far its rearmost point lies across from its foremost, as the page has it.
        static double RearOf(string part, SpecSheet sheet, OutputCall call)
        {
            var points = Points(BelowView.Of(sheet, call.Picture).Parts.Single(p => p.Id == part));
            return points.MaxBy(p => p.Down).Across - points.MinBy(p => p.Down).Across;
        }
    }

    [Fact]
    public void Doors_hang_either_side_of_each_leg_that_goes_in_and_of_no_other()
    {
        var sheet = Bench.Sheet("carrow-mail-1900");
        var doors = Drawings
            .Of(sheet, DrawingSide.Below)
            .Parts.Where(p => p.Id.StartsWith("door-", StringComparison.Ordinal))
            .ToArray();
        Assert.Equal(["wheel-main-left", "wheel-main-right"], doors.Select(d => d.On).Distinct().Order());
        Assert.Equal(4, doors.Length);
        Assert.All(
            doors.GroupBy(d => d.On),
            pair => Assert.Equal(2, pair.Select(d => Math.Sign(d.At.Across - Wheel(d.On))).Distinct().Count())
        );

        double Wheel(string part) => Drawings.Of(sheet, DrawingSide.Below).Parts.Single(p => p.Id == part).At.Across;
    }

    [Theory]
    [MemberData(nameof(FinishedTests.Sheets), MemberType = typeof(FinishedTests))]
    public void Left_mirrors_right_where_the_sheet_does(string name)
    {
        var sheet = Bench.Sheet(name);
        foreach (
            var drawing in new[]
            {
                Drawings.Plan(sheet),
                Drawings.Of(sheet, DrawingSide.Below),
                BehindView.Of(sheet, BehindView.AtRest),
            }
        )
        {
            foreach (var lifting in sheet.Geometry.Lifting)
            {
                var (left, right) = (Named(drawing, $"{lifting.Id}-left"), Named(drawing, $"{lifting.Id}-right"));
                Assert.Equal(
                    Points(left).Select(p => (-p.Across + 0.0, p.Down)).Order(),
                    Points(right).Select(p => (p.Across + 0.0, p.Down)).Order()
                );
            }
        }
    }

    private static DrawnPart Named(AircraftDrawing drawing, string id) => drawing.Parts.Single(p => p.Id == id);

    [Theory]
    [MemberData(nameof(FinishedTests.Sheets), MemberType = typeof(FinishedTests))]
    public void Every_surface_wheel_motor_and_place_can_be_touched_on_some_view_and_stands_on_a_part_of_it(string name)
    {
        var sheet = Bench.Sheet(name);
        var g = sheet.Geometry;
        string[] ids =
        [
            .. sheet.Surfaces.Select(s => s.Id),
            .. g.Wheels.Select((_, i) => g.WheelPart(i)),
            .. g.Fins.Select((_, i) => g.FinPart(i)),
            .. g.Bodies.Select(b => $"body-{b.Name}"),
            .. sheet.Power.Motors.Select(m => $"motor-{m.Id}"),
            .. g.Placed.SelectMany(p => p.Mirror ? [$"{p.Id}-left", $"{p.Id}-right"] : (string[])[p.Id]),
        ];
        foreach (var side in Sides)
        {
            var drawing = Drawings.Of(sheet, side);
            Assert.Equal(drawing.Parts.Length, drawing.Parts.Select(p => p.Id).Distinct().Count());
            Assert.All(ids, id => Assert.StartsWith("M", Named(drawing, id).Path, StringComparison.Ordinal));
            Assert.All(
                drawing.Parts.Where(p => p.Kind is PartKind.Place or PartKind.Hidden),
                p => Assert.Contains(drawing.Parts, on => on.Id == p.On)
            );
        }

        Assert.NotEmpty(g.Placed);
    }

    [Theory]
    [MemberData(nameof(FinishedTests.Sheets), MemberType = typeof(FinishedTests))]
    public void A_spar_lies_within_the_chord_of_its_wing(string name)
    {
        var g = Bench.Sheet(name).Geometry;
        foreach (var spar in g.Placed.Where(p => p.Kind == PlacedKind.Spar))
        {
            Assert.All(
                [(spar.X, spar.Y), (spar.ToX, spar.ToY)],
                end =>
                    Assert.Contains(
                        g.Lifting,
                        l =>
                            Planform.At(l, Math.Abs(end.Item2)) is var (edge, chord)
                            && end.Item1 > edge
                            && end.Item1 < edge + chord
                    )
            );
        }
    }

    [Fact]
    public void What_is_nearer_is_painted_over_what_is_further_away()
    {
        var sheet = Bench.Sheet("plimsey-1400");
        int Order(DrawingSide side, string id) => Drawings.Of(sheet, side).Parts.Select(p => p.Id).ToList().IndexOf(id);
        Assert.True(Order(DrawingSide.Plan, "wing-left") > Order(DrawingSide.Plan, "body-fuselage"));
        Assert.True(Order(DrawingSide.Below, "wing-left") < Order(DrawingSide.Below, "body-fuselage"));
        Assert.True(Order(DrawingSide.Below, "wheel-main-left") > Order(DrawingSide.Below, "wing-left"));
        Assert.All(
            Sides,
            side => Assert.True(Order(side, "aileron-left") > Order(side, "wing-left"), $"{side}: under its wing")
        );
    }

    [Theory]
    [InlineData("brindle-pair", 3)]
    [InlineData("plimsey-1400", 2)]
    public void A_propeller_has_its_blades_at_their_true_diameter(string name, int blades)
    {
        var sheet = Bench.Sheet(name);
        var motor = sheet.Power.Motors[0];
        var part = Named(BehindView.Of(sheet, BehindView.AtRest), $"motor-{motor.Id}");

        // The spinner and each blade are an outline of their own.
        Assert.Equal(blades + 1, part.Path.Count(c => c == 'M'));
        var diameter = (double)Core.Quantities.PropellerSize.Parse(motor.Propeller).Match(s => s.DiameterMm, _ => 0);
        Assert.Equal(diameter / 2, Points(part).Max(p => Math.Abs(p.Across)), 0);
    }

    [Fact]
    public void A_tail_that_turns_as_a_whole_is_drawn_turning_about_its_pivot()
    {
        var sheet = Bench.Sheet("wicken-1350");
        var rest = Named(BehindView.Of(sheet, BehindView.AtRest), "elevator-left");
        var up = Named(
            BehindView.Of(sheet, Core.Quantities.Ordered.ById<Movement>().Add("elevator-left", Movement.Up)),
            "elevator-left"
        );

        // Its trailing edge goes up and its leading edge down: it covers more up and down than at rest.
        static double Tall(DrawnPart p) => Points(p).Max(c => c.Down) - Points(p).Min(c => c.Down);
        Assert.True(Tall(up) > Tall(rest) + 20, $"{Tall(rest):0} at rest, {Tall(up):0} moved");
        var (width, chord) = (
            Points(Named(Drawings.Plan(sheet), "elevator-left")),
            sheet.Geometry.Lifting[1].Panels[0].Root
        );
        Assert.Equal(chord, width.Max(p => p.Down) - width.Min(p => p.Down), chord * 0.2);
    }

    [Fact]
    public void A_body_of_which_the_sheet_says_only_its_ends_is_a_spindle_within_them()
    {
        var sheet = Bench.Sheet("plimsey-1400");
        var plain = sheet with
        {
            Geometry = sheet.Geometry.With(
                GeometryFields.Body.List.Is(
                    sheet.Geometry.Bodies.Select(b => b.With(GeometryFields.Section.List.Is([])))
                )
            ),
        };
        var body = Points(Named(Drawings.Plan(plain), "body-fuselage"));
        Assert.Equal(sheet.Geometry.Bodies[0].From, body.Min(p => p.Down), 0);
        Assert.Equal(sheet.Geometry.Bodies[0].To, body.Max(p => p.Down), 0);
        Assert.Equal(sheet.Geometry.Bodies[0].Width / 2, body.Max(p => p.Across), 4.0);
    }
}
