using Xunit;
using Zygotome.Core.Bind;
using Zygotome.Core.Journal;
using Zygotome.Core.Sheets;
using Zygotome.Core.Tests.Journal;

namespace Zygotome.Core.Tests.Bind;

/// <summary>Both ends, legs in and out, positions in their time, and straight wheels.</summary>
public sealed class TravelTests
{
    private static Bench Bound(string sheet = "carrow-mail-1900")
    {
        var bench = new Bench(Bench.Sheet(sheet)).Power();
        bench.Do(new Bound("MEMORY", 2, bench.State.Sheet.Radio.BindMethods[0]));
        return bench;
    }

    [Fact]
    public void Legs_go_in_and_out_five_times_in_a_row_as_it_flies_and_a_hang_starts_over()
    {
        var bench = Bound();
        Standing Now() => bench.Line("cycles/gear").Standing;
        void Clean(int times, Attitude held = Attitude.AsItFlies)
        {
            for (var i = 0; i < times; i++)
            {
                bench.Do(new Cycled("gear", held, true));
            }
        }

        Clean(8, Attitude.OnItsBack);
        Assert.Equal(Standing.NotShown, Now());
        Assert.Contains("held up as it flies counts", bench.Line("cycles/gear").Why, StringComparison.Ordinal);
        Clean(4);
        Assert.Equal(Standing.NotShown, Now());
        bench.Do(new Cycled("gear", Attitude.OnItsBack, false, "left leg stayed in"));
        Assert.Equal((Standing.NotMet, Concedable.Never), (Now(), bench.Line("cycles/gear").Concedable));
        Assert.Contains("how it lies", bench.Line("cycles/gear").Why, StringComparison.Ordinal);
        Clean(5);
        Assert.Equal(Standing.Met, Now());

        // Reversed, the first clean one is the first of a new row.
        bench.Do(new Reversed("gear"));
        Assert.Equal(Standing.Stale, Now());
        Clean(1);
        Assert.Equal("1 in a row", bench.Line("cycles/gear").Reading);
        Assert.Equal(Standing.NotShown, Now());
    }

    [Fact]
    public void A_channel_is_quiet_at_both_ends_and_asked_again_with_another_end_point()
    {
        var bench = Bound("plimsey-1400");
        bench.Do(new EndsHeard("rudder", false, "hums at full left"));
        Assert.Contains("Take its end point in", bench.Line("ends/rudder").Why, StringComparison.Ordinal);
        bench.Do(new EndsHeard("rudder", true));
        Assert.Equal(Standing.Met, bench.Line("ends/rudder").Standing);
        bench.Do(bench.Reading("throw/rudder/rudder/high/right", "20 mm", 90));
        Assert.Equal(Standing.Stale, bench.Line("ends/rudder").Standing);
    }

    [Fact]
    public void No_motor_no_light_and_every_surface_has_ends_to_be_heard()
    {
        foreach (var name in FinishedTests.Sheets)
        {
            var bench = new Bench(Bench.Sheet(name.Data));
            var moves = EndChannels.Of(bench.State).SelectMany(c => c.Moves).ToHashSet();
            Assert.Superset(bench.State.Sheet.Surfaces.Select(s => s.Id).ToHashSet(), moves);
            Assert.DoesNotContain(moves, m => bench.State.Sheet.Output(m)?.Kind == OutputKind.Light);
            Assert.DoesNotContain(moves, m => m.StartsWith("motor-", StringComparison.Ordinal));
        }
    }

    [Theory]
    [InlineData(null, Standing.NotShown, "not timed yet")]
    [InlineData(2.1, Standing.Met, "in its time")]
    [InlineData(4.0, Standing.NotMet, "1.0 s too much")]
    [InlineData(0.2, Standing.NotMet, "0.8 s too little")]
    public void A_position_with_seconds_is_timed(double? seconds, Standing standing, string why)
    {
        var bench = Bound();
        bench.Do(new OutputSeen("flap", "landing", OutputAnswer.AsExpected, Seconds: seconds));
        var line = bench.Line("output/flap/landing");
        Assert.Equal(standing, line.Standing);
        Assert.Contains(why, line.Why, StringComparison.Ordinal);
    }

    [Fact]
    public void A_steered_wheel_stands_straight_with_the_stick_let_go_and_a_light_names_its_outlet()
    {
        var calls = OutputCalls.Of(Bench.Sheet("carrow-mail-1900"));
        Assert.Contains(calls, c => c is { Of: "tail-wheel", At: "centre", IsVital: true });
        Assert.All(
            calls.Where(c => c.Of == "landing-light"),
            c => Assert.Contains("outlet 2", c.Note, StringComparison.Ordinal)
        );
        Assert.Equal(Concedable.Never, Bound().Line("output/tail-wheel/centre").Concedable);
    }
}
