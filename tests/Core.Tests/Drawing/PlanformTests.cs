using Xunit;
using Zygotome.Core.Bind;
using Zygotome.Core.Drawing;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Table;

namespace Zygotome.Core.Tests.Drawing;

public sealed class PlanformTests
{
    [Fact]
    public void Two_panels_give_area_mean_chord_and_its_leading_edge()
    {
        var wing = Outlines.Lifting("wing", 0, Outlines.Panel(260, 220, 300, 12), Outlines.Panel(220, 140, 380, 40));
        var p = Planform.Of(wing);
        Assert.Equal(140_400, p.HalfArea, 6);
        Assert.Equal(212.498, p.MeanChord, 3);
        Assert.Equal(17.859, p.MeanLeadingEdge, 3);
    }

    [Theory]
    [InlineData("plimsey-1400")]
    [InlineData("skerrow-64")]
    public void The_drawing_shows_every_surface_and_both_halves_mirror_each_other(string name)
    {
        var sheet = Bench.Sheet(name);
        foreach (var drawing in new[] { Drawings.Plan(sheet), BehindView.Of(sheet, BehindView.AtRest) })
        {
            Assert.All(
                sheet.Surfaces,
                s => Assert.Contains(drawing.Parts, p => p.Id == s.Id && p.Path.StartsWith('M') && p.Path.EndsWith('Z'))
            );
            var (left, right) = (
                drawing.Parts.Single(p => p.Id == "wing-left"),
                drawing.Parts.Single(p => p.Id == "wing-right")
            );
            Assert.Equal(left.At.Down, right.At.Down);
            Assert.Equal(-left.At.Across, right.At.Across);
            Assert.Equal(drawing.Parts.Length, drawing.Parts.Select(p => p.Id).Distinct().Count());
        }
    }

    [Fact]
    public void From_behind_the_right_aileron_is_drawn_up_for_the_stick_right()
    {
        var call = Directions.Calls(Bench.Parasol).Single(c => c.Function == "aileron");
        var (rest, picture) = (
            BehindView.Of(Bench.Parasol, BehindView.AtRest),
            BehindView.Of(Bench.Parasol, call.Picture)
        );
        double Rise(string id) =>
            rest.Parts.Single(p => p.Id == id).At.Down - picture.Parts.Single(p => p.Id == id).At.Down;
        Assert.True(Rise("aileron-right") > 5, "the right aileron goes up the page");
        Assert.True(Rise("aileron-left") < -5, "the left one goes down");
        Assert.Equal(0, Rise("elevator-left"));
    }

    [Fact]
    public void A_foreplane_goes_down_for_up_elevator_and_an_upright_v_tail_splits_for_the_rudder()
    {
        var g = Bench.Parasol.Geometry;
        static Surface On(string on, string side) =>
            SurfaceFields.List.Of(
                SurfaceFields.Id.Is("s"),
                SurfaceFields.Kind.Is("elevator"),
                SurfaceFields.Functions.Is(["elevator", "rudder"]),
                SurfaceFields.Side.Is(side),
                SurfaceFields.On.Is(on)
            );
        var canard = Bench.Parasol with
        {
            Geometry = g.With(
                GeometryFields.Lifting.List.Is([
                    .. g.Lifting,
                    Outlines
                        .Lifting("foreplane", -300, Outlines.Panel(100, 80, 200, 0))
                        .With(GeometryFields.Lifting.Id.Is("fore")),
                    Outlines
                        .Lifting("v-tail", 600, Outlines.Panel(100, 80, 200, 0, 40))
                        .With(GeometryFields.Lifting.Id.Is("v")),
                ])
            ),
        };
        Assert.Equal(Movement.Down, Movements.Natural(canard, On("fore", "left"), "elevator"));
        Assert.Equal(Movement.Up, Movements.Natural(canard, On("v", "left"), "rudder"));
        Assert.Equal(Movement.Down, Movements.Natural(canard, On("v", "right"), "rudder"));
    }
}
