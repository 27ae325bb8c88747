using CsCheck;
using Xunit;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Receive;

namespace Zygotome.Core.Tests.Receive;

/// <summary>Several packs that fly together.</summary>
public sealed class PacksTogetherTests
{
    private static readonly Stock Nothing = new([], [], []);

    [Fact]
    public void Packs_one_after_the_other_have_the_cells_of_all_of_them()
    {
        var series = Bench.Sheet("carrow-mail-1900", n => n["power"]!["packs"]![0]!["joined"] = "series");
        var one = Bench.Battery() with { Cells = 3 };
        PowerTrain train = new(series, Ordered.ById<DriveHeld>());
        Assert.True(PackPower.Cells(series, train, PacksTogether.AsOne(series, [one, one]))!.Value.Suits);
        Assert.False(PackPower.Cells(series, train, one)!.Value.Suits);
    }

    [Fact]
    public void Packs_flown_together_are_one_weight_one_capacity_and_lie_as_they_fit()
    {
        var sheet = Bench.Sheet("carrow-mail-1900");
        var one = Bench.Battery("215 g") with { Cells = 3, CRating = 30 };
        var two = PacksTogether.AsOne(sheet, [one, one with { CRating = 20 }]);
        Assert.Equal(430, two.Mass.Value);
        Assert.Equal(4800, two.Capacity.Value);
        Assert.Equal(3, two.Cells);
        Assert.Equal(25, two.CRating);
        Assert.True(CounterChecks.PackFits(sheet, two).Fits);

        // In series the cells add up, and the weaker one limits.
        var series = Bench.Sheet("carrow-mail-1900", n => n["power"]!["packs"]![0]!["joined"] = "series");
        var chain = PacksTogether.AsOne(series, [one, one with { CRating = 20 }]);
        Assert.Equal((6, 2400, 20), (chain.Cells, chain.Capacity.Value, chain.CRating));
    }

    [Fact]
    public void Two_packs_lie_beside_upon_or_behind_one_another_and_mass_is_never_lost() =>
        (
            from length in Gen.Double[40, 150]
            from width in Gen.Double[10, 60]
            from height in Gen.Double[10, 40]
            from grams in Gen.Double[20, 400]
            select (length, width, height, grams)
        ).Sample(p =>
        {
            static string Of(double d, string unit) => FormattableString.Invariant($"{d:0.0} {unit}");
            var sheet = Bench.Sheet("carrow-mail-1900");
            var one = Bench.Battery() with
            {
                Mass = Bench.Q(Of(p.grams, "g")),
                Length = Bench.Q(Of(p.length, "mm")),
                Width = Bench.Q(Of(p.width, "mm")),
                Height = Bench.Q(Of(p.height, "mm")),
            };
            var two = PacksTogether.AsOne(sheet, [one, one]);
            Assert.Equal(2 * one.Mass.Value, two.Mass.Value, 6);
            Assert.Equal(
                2 * one.Length.Value * one.Width.Value * one.Height.Value,
                two.Length.Value * two.Width.Value * two.Height.Value,
                3
            );

            // Where any of the three ways fits, it is one that fits.
            Battery[] ways =
            [
                one with
                {
                    Width = Bench.Q(Of(2 * one.Width.Value, "mm")),
                },
                one with
                {
                    Height = Bench.Q(Of(2 * one.Height.Value, "mm")),
                },
                one with
                {
                    Length = Bench.Q(Of(2 * one.Length.Value, "mm")),
                },
            ];
            Assert.Equal(ways.Any(w => CounterChecks.PackFits(sheet, w).Fits), CounterChecks.PackFits(sheet, two).Fits);
        });

    [Fact]
    public void Packs_flown_together_are_as_many_as_the_sheet_says_alike_and_each_ones_cells_are_measured()
    {
        var bench = new Bench(Bench.Sheet("carrow-mail-1900"));
        const string line = "receive/packs-together";
        Assert.Equal(Standing.NotShown, bench.Line(line).Standing);
        Assert.Contains(ToBuy.Of(bench.State, Nothing), l => l.Id == "pack/more");
        bench.Do(new PackBrought("b", Bench.Battery() with { Cells = 3 }));
        Assert.Equal(["pack 1", "b"], bench.State.Receive.Flying);

        // Four cells beside three: the one would charge the other.
        var unlike = bench.Line(line);
        Assert.Equal((Standing.NotMet, Concedable.Never), (unlike.Standing, unlike.Concedable));
        bench.Do(new PackBrought("c", Bench.Battery() with { Cells = 3 }));
        Assert.Equal(["pack 1", "b"], bench.State.Receive.Flying);
        Assert.Equal("receive/pack-count", bench.Refused(new PackChosen("c", ["b", "pack 1"]))!.Code);
        Assert.Equal("receive/pack-twice", bench.Refused(new PackChosen("c", ["c"]))!.Code);
        Assert.Equal("body.with[0]", bench.Refused(new PackChosen("c", ["d"]))!.Where);
        bench.Do(new PackChosen("c", ["b"]));
        Assert.Equal(524, bench.State.Receive.Battery!.Mass.Value);
        Assert.Equal(Standing.NotShown, bench.Line("receive/pack-sound").Standing);
        bench.Do(new PackMeasured("c", [4.1, 4.1, 4.1]));
        Assert.Equal(Standing.NotShown, bench.Line("receive/pack-sound").Standing);
        bench.Do(new PackMeasured("b", [3.9, 3.9, 3.9]));
        Assert.Equal(Standing.Met, bench.Line("receive/pack-sound").Standing);

        // One fuller than the other is charged first.
        Assert.Equal((Standing.NotMet, Concedable.Never), (bench.Line(line).Standing, bench.Line(line).Concedable));
        bench.Do(new PackMeasured("b", [4.1, 4.1, 4.08]));
        Assert.Equal(Standing.Met, bench.Line(line).Standing);
        Assert.Contains("c, then b", bench.Line(line).Why, StringComparison.Ordinal);

        // The other of the two is swollen: the aircraft is not powered.
        bench.Do(new PackMeasured("b", [], true));
        Assert.Contains("b: swollen", bench.State.Aboard.PackUnfit, StringComparison.Ordinal);
    }
}
