using System.Globalization;
using System.Text.Json.Nodes;
using Xunit;
using Zygotome.Core.Drawing;
using Zygotome.Core.Sheets;
using Zygotome.Core.Tests.Journal;

namespace Zygotome.Core.Tests.Drawing;

/// <summary>The parts of a step as they are held: the right ones, the right side, and glue only where glue goes.</summary>
public sealed class InHandTests
{
    private static HandDrawing Of(string sheet, string step) => Of(new Bench(Bench.Sheet(sheet)), step);

    private static HandDrawing Of(Bench bench, string step) =>
        InHandView.Of(bench.State.Sheet, bench.State.Sheet.Step(step)!);

    private static string[] InHand(HandDrawing drawing) => [.. drawing.Parts.Where(p => p.InHand).Select(p => p.Id)];

    [Theory]
    [MemberData(nameof(FinishedTests.Sheets), MemberType = typeof(FinishedTests))]
    public void Every_part_that_a_step_fits_is_held_once_and_only_a_joint_is_coated(string name)
    {
        var sheet = new Bench(Bench.Sheet(name)).State.Sheet;
        var parts = DrawnParts.Of(sheet).Select(p => p.Part).ToArray();
        foreach (var step in sheet.Steps)
        {
            var drawing = InHandView.Of(sheet, step);
            var fits = parts.Where(p => step.Fits.Any(f => Places.IsNamed(f, p))).ToArray();
            Assert.All(fits, f => Assert.Single(InHand(drawing), f));
            Assert.Equal(drawing.Parts.Length, drawing.Parts.Select(p => p.Id).Distinct().Count());
            if (step.Bond is null)
            {
                Assert.Empty(drawing.Faces);
            }

            Assert.All(drawing.Parts, p => Assert.DoesNotContain("NaN", p.Body, StringComparison.Ordinal));
            Assert.All(drawing.Parts.Where(p => p.InHand), p => Assert.NotEmpty(p.Body));
            Assert.All(
                drawing.Faces,
                f =>
                    Assert.InRange(
                        f.At.Across,
                        drawing.Bounds.Left - 0.1,
                        drawing.Bounds.Left + drawing.Bounds.Width + 0.1
                    )
            );
        }
    }

    [Fact]
    public void The_fin_is_drawn_off_its_slot_with_both_faces_to_coat_and_the_rod_tube_to_keep_clear()
    {
        var drawing = Of("plimsey-1400", "fit-fin");
        Assert.Equal(["fin", "rudder"], InHand(drawing).Order(StringComparer.Ordinal));
        Assert.Contains(drawing.Parts, p => p is { Id: "body-fuselage", InHand: false });
        Assert.Equal([true, false], drawing.Faces.Where(f => !f.KeepClear).Select(f => f.Away).OrderDescending());
        Assert.Equal(["rudder rod tube"], drawing.Faces.Where(f => f.KeepClear).Select(f => f.Words));

        // The tube is drawn as far as the body is.
        Assert.InRange(
            drawing.Faces.Single(f => f.KeepClear).At.Across,
            drawing.Bounds.Left,
            drawing.Bounds.Left + drawing.Bounds.Width
        );
    }

    [Fact]
    public void Halves_that_are_glued_to_each_other_lie_apart_with_L_on_the_left_and_R_on_the_right()
    {
        var drawing = Of("plimsey-1400", "join-wing");
        Assert.DoesNotContain(drawing.Parts, p => p.Id == "body-fuselage");
        Assert.Contains(drawing.Parts, p => p.Id == "spar");
        var letters = drawing.Letters.OrderBy(l => l.At.Across).Select(l => l.Letter);
        Assert.Equal(["L", "R"], letters);
        Assert.Equal(2, drawing.Faces.Count(f => !f.KeepClear));
    }

    [Fact]
    public void What_is_done_left_and_right_lights_up_only_the_side_in_hand()
    {
        var bench = new Bench(Bench.Sheet("saltern-1500"));
        Assert.Equal(["body-left-float"], InHand(Of(bench, "floats/left")));
        Assert.Equal(["body-right-float"], InHand(Of(bench, "floats/right")));
        Assert.Contains(Of(bench, "floats/left").Parts, p => p.Id == "wing-left");

        var fins = new Bench(Bench.Sheet("carrow-mail-1900"));
        Assert.Equal(["fin-right", "rudder-right"], InHand(Of(fins, "fit-fins/right")).Order(StringComparer.Ordinal));
    }

    [Fact]
    public void What_hangs_below_is_seen_from_below_and_a_nose_from_ahead()
    {
        Assert.Contains("below", Of("saltern-1500", "floats/left").Seen, StringComparison.Ordinal);
        Assert.Contains("ahead", Of("plimsey-1400", "fit-propeller").Seen, StringComparison.Ordinal);
        Assert.Contains("behind", Of("merle-1200", "fit-propeller").Seen, StringComparison.Ordinal);
        Assert.Equal(HandDrawing.None, Of("wicken-1350", "lay-out"));
    }

    [Theory]
    [InlineData("brindle-pair", "cowl", "cowl", "ahead")]
    [InlineData("lowen-2600", "seats", "canopy", "above")]
    [InlineData("skerrow-64", "hatch", "hatch", "above")]
    [InlineData("saltern-1500", "seal", "drain", "below")]
    public void A_cowl_canopy_or_hatch_is_held_off_what_it_closes(string sheet, string step, string part, string seen)
    {
        var drawing = Of(sheet, step);
        Assert.Contains(part, InHand(drawing));
        Assert.Contains(drawing.Parts, p => !p.InHand && p.Id.StartsWith("body-", StringComparison.Ordinal));
        Assert.Contains(seen, drawing.Seen, StringComparison.Ordinal);
    }

    [Fact]
    public void A_tail_that_lies_on_a_fin_of_the_same_step_is_drawn_off_the_fin_and_the_fin_off_the_body()
    {
        var drawing = Of("saltern-1500", "fit-tail");
        double Top(string part) => Tops(drawing.Parts.Single(p => p.Id == part).Body);
        // Up the page is up on the aircraft.
        Assert.True(Top("tailplane-left") < Top("fin-1"));
        Assert.True(Top("fin-1") < Top("body-hull"));
    }

    // The least "down" of a path's corners.
    private static double Tops(string path) =>
        path.Split(['M', 'L', 'Z'], StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries)
            .Min(p => double.Parse(p.Split([' ', ','])[1], CultureInfo.InvariantCulture));

    [Fact]
    public void What_is_tried_dry_is_drawn_apart_as_it_will_be_glued_and_nothing_is_coated()
    {
        var dry = Of("plimsey-1400", "try-wing");
        Assert.Equal(
            InHand(Of("plimsey-1400", "join-wing")).Order(StringComparer.Ordinal),
            InHand(dry).Order(StringComparer.Ordinal)
        );
        Assert.Empty(dry.Faces);
        Assert.Equal(HandDrawing.None, Of("plimsey-1400", "work-hinges"));
    }

    [Theory]
    [MemberData(nameof(FinishedTests.Sheets), MemberType = typeof(FinishedTests))]
    public void What_is_done_on_one_side_lights_nothing_of_the_other(string name)
    {
        var sheet = new Bench(Bench.Sheet(name)).State.Sheet;
        foreach (var step in sheet.Steps.Where(s => s.Side.Length > 0))
        {
            var lit = LitParts.Of(sheet, Drawings.Plan(sheet), step);
            Assert.NotEmpty(lit);
            Assert.All(lit, p => Assert.Contains(Places.SideOf(p), new[] { "", step.Side }));
        }
    }

    [Fact]
    public void A_motor_is_held_without_its_propeller_until_the_step_that_fits_that()
    {
        static int Pieces(HandDrawing drawing, string motor) =>
            drawing.Parts.Single(p => p.Id == motor).Body.Count(c => c == 'Z');
        Assert.Equal(1, Pieces(Of("carrow-mail-1900", "nacelles"), "motor-left"));
        Assert.True(Pieces(Of("carrow-mail-1900", "fit-propellers"), "motor-nose") > 2);
    }

    [Fact]
    public void Letters_are_never_mirrored_wherever_one_stands()
    {
        foreach (var sheet in FinishedTests.Sheets.Select(s => new Bench(Bench.Sheet(s)).State.Sheet))
        {
            var letters = sheet.Steps.SelectMany(s => InHandView.Of(sheet, s).Letters);
            Assert.All(letters, l => Assert.True((l.Along.Across * l.Foot.Down) - (l.Along.Down * l.Foot.Across) > 0));
        }
    }

    [Fact]
    public void A_motor_that_is_glued_on_is_its_own_heat()
    {
        var sheet = Bench.Sheet("tarn-midge-620");
        Assert.Equal("motor", JointHeat.Beside(sheet, sheet.Step("pods-on")!));
        Assert.Equal("", JointHeat.Beside(sheet, sheet.Step("tail-on")!));
    }

    [Theory]
    [InlineData(700, "controller")]
    [InlineData(400, "")]
    public void A_joint_within_60_mm_of_a_controller_grows_hot_and_hot_melt_is_refused_there(int at, string heat)
    {
        var sheet = Bench.Sheet(
            "plimsey-1400",
            file =>
                file["geometry"]!["places"]!
                    .AsArray()
                    .Add(
                        new JsonObject
                        {
                            ["id"] = "controller",
                            ["kind"] = "controller",
                            ["at"] = new JsonArray($"{at} mm", "0 mm"),
                        }
                    )
        );
        Assert.Equal(heat, JointHeat.Beside(sheet, sheet.Step("fit-fin")!));
        var harm = HarmfulGlue.Of(
            new Adhesive("melt", "hot melt", 2, 10, Epoxy: false),
            new BondSpec("EPO", "EPO", "service"),
            hotMeltAnywhere: true,
            heat: heat
        );
        Assert.Equal(heat.Length > 0 ? "it softens beside the controller" : null, harm);
    }
}
