using Xunit;
using Zygotome.Core.Balance;
using Zygotome.Core.Job;
using Zygotome.Core.Receive;
using Zygotome.Core.Safety;

namespace Zygotome.Core.Tests.Balance;

/// <summary>The empty aircraft follows from what was on the scales then, not from what is aboard today.</summary>
public sealed class BudgetThenTests
{
    private static Bench Weighed()
    {
        var bench = Bench.Ready();
        bench.Pack(LampIs.InBay);
        return bench;
    }

    private static BudgetPart Empty(Bench bench) => Budget.Of(bench.State).Parts[0];

    [Fact]
    public void Another_pack_chosen_after_the_weighing_leaves_the_empty_aircraft_as_it_was()
    {
        var bench = Weighed();
        var before = Empty(bench);
        Assert.Equal(985 - 262, before.Grams, 2);
        bench.Do(new PackBrought("heavier", Bench.Battery("310 g")));
        bench.Do(new PackChosen("heavier"));
        Assert.Equal(before, Empty(bench));
    }

    [Fact]
    public void A_pack_moved_and_ballast_fitted_after_it_move_the_empty_aircraft_by_nothing()
    {
        var bench = Weighed();
        var before = Empty(bench);
        bench.Do(new PackMoved(Bench.Q("-40 mm")));
        var station = bench.State.Sheet.Geometry.BallastStations[0];
        bench.Do(new BallastFitted(station.Name, 2));
        Assert.Equal(before, Empty(bench));
        Assert.Equal(
            new BudgetPart($"ballast at {station.Name}", 2 * station.Piece, station.At, "as fitted"),
            Budget.Of(bench.State).Parts[1]
        );

        // Weighed again with it in, it is taken off where it lies.
        bench.Motors(LampIs.On);
        bench.Do(bench.Weighing(160, "-40 mm"));
        Assert.Equal(985 - 262 - (2 * station.Piece), Empty(bench).Grams, 2);
    }

    [Fact]
    public void What_came_aboard_since_is_a_part_of_its_own()
    {
        var bench = Weighed();
        bench.Do(new AddOnBrought("lights", Bench.Q("12 g"), Bench.Q("100 mm")));
        Assert.Contains(Budget.Of(bench.State).Parts, p => p is { Name: "lights", Grams: 12, At: 100 });
    }
}
