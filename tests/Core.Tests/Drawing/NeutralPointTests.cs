using Xunit;
using Zygotome.Core.Drawing;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Tests.Drawing;

public sealed class NeutralPointTests
{
    [Fact]
    public void The_lift_slopes_of_the_worked_example_come_out()
    {
        Assert.Equal(3.7423, NeutralPoint.LiftSlope(3.692, 0), 3);
        Assert.Equal(4.6587, NeutralPoint.LiftSlope(6.587, 0), 2);
    }

    /// <summary>
    /// The wing of the planform example with 62 400 mm² of tail, aspect ratio 3.692, its aerodynamic centre 620 mm
    /// behind the wing's: 0.487 of the mean chord.
    /// </summary>
    [Fact]
    public void The_neutral_point_of_the_worked_example_is_at_0_487_of_the_mean_chord()
    {
        var wing = Outlines.Lifting("wing", 0, Outlines.Panel(260, 220, 300, 12), Outlines.Panel(220, 140, 380, 40));
        var quarter = 17.859 + (212.498 / 4);
        var half = Math.Sqrt(62_400 * 3.692) / 2;
        var chord = 62_400 / (2 * half);
        var tail = Outlines.Lifting("tail", quarter + 620 - (chord / 4), Outlines.Panel(chord, chord, half, 0));
        var found = NeutralPoint.Of(Outlines.Of(wing, tail))!;
        Assert.Equal(0.487, found.OfChord, 2);
        Assert.Equal(0.25, NeutralPoint.Of(Outlines.Of(wing))!.OfChord, 6);
    }

    [Fact]
    public void Where_the_formula_does_not_hold_nothing_is_computed()
    {
        Assert.Null(NeutralPoint.Of(Bench.Sheet("brindle-pair").Geometry));
        Assert.Null(NeutralPoint.Of(Bench.Sheet("merle-1200").Geometry));
    }

    [Fact]
    public void Turned_over_left_and_right_change_sides_and_every_place_carries_over()
    {
        var sheet = Bench.Sheet("saltern-1500");
        var (plan, below) = (Drawings.Of(sheet, DrawingSide.Plan), Drawings.Of(sheet, DrawingSide.Below));
        Assert.Equal(plan.Parts.Select(p => p.Id).Order(), below.Parts.Select(p => p.Id).Order());
        Assert.All(plan.Parts, p => Assert.Equal(-p.At.Across, below.Parts.Single(b => b.Id == p.Id).At.Across, 1));
        Assert.Equal(plan.RightTip.Across, -below.RightTip.Across);
        Assert.Equal(new Corner(-40, 100), DrawingSides.Place(DrawingSide.Below, 100, 40));
        Assert.Equal(new Corner(100, -40), DrawingSides.Place(DrawingSide.Side, 100, 40));
        Assert.True(Drawings.Of(sheet, DrawingSide.Side).Around(0, 20));
    }
}
