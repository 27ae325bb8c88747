using Xunit;
using Zygotome.Core.Bind;
using Zygotome.Core.Journal;
using Zygotome.Core.Sheets;
using Zygotome.Core.Tests.Journal;

namespace Zygotome.Core.Tests.Bind;

/// <summary>Which switch does what, what must not share one, and what is tried as a whole.</summary>
public sealed class SwitchTests
{
    private static Bench Proven(string sheet)
    {
        var bench = new Bench(Bench.Sheet(sheet)).Power();
        bench.Do(new Bound("MEMORY", 2, bench.State.Sheet.Radio.BindMethods[0]));
        bench.Cut().Power();
        return bench;
    }

    private static SwitchUse Use(Bench bench, string id) => SwitchUses.Of(bench.State.Sheet).Single(u => u.Id == id);

    private static SwitchSet Put(Bench bench, string use, string named) => RestOfBind.On(Use(bench, use), named);

    [Fact]
    public void A_use_is_the_same_however_often_its_sheet_is_read()
    {
        foreach (var name in FinishedTests.Sheets)
        {
            Assert.Equal(SwitchUses.Of(Bench.Sheet(name.Data)), SwitchUses.Of(Bench.Sheet(name.Data)));
            Assert.Equal(
                SwitchUses.Of(Bench.Sheet(name.Data)).Length,
                SwitchUses.Of(Bench.Sheet(name.Data)).Distinct().Count()
            );
        }
    }

    [Fact]
    public void A_cut_that_shares_its_switch_with_the_gear_is_named_and_never_conceded()
    {
        var bench = Proven("carrow-mail-1900");
        Assert.Equal(Standing.Met, bench.Line("switch/throttle cut").Standing);
        bench.Do(Put(bench, "gear", "Left  Switch"));
        foreach (var id in (string[])["switch/throttle cut", "switch/gear"])
        {
            var line = bench.Line(id);
            Assert.Equal((Standing.NotMet, Concedable.Never), (line.Standing, line.Concedable));
            Assert.Contains("throttle cut and gear", line.Why, StringComparison.Ordinal);
        }

        bench.Do(Put(bench, "gear", "right switch"));
        Assert.Equal(
            (Standing.Met, Standing.Met),
            (bench.Line("switch/throttle cut").Standing, bench.Line("switch/gear").Standing)
        );
    }

    /// <summary>Every pair of uses on one switch, of every sheet: with the cut or with reverse it is deadly.</summary>
    [Fact]
    public void Whatever_shares_a_switch_with_cut_or_reverse_is_deadly_and_nothing_else_is()
    {
        foreach (var name in FinishedTests.Sheets)
        {
            var uses = SwitchUses.Of(Bench.Sheet(name.Data)).Where(u => u.Id != SwitchUses.Cut).ToArray();
            foreach (var first in uses)
            {
                foreach (var second in uses.Where(u => u != first))
                {
                    var bench = new Bench(Bench.Sheet(name.Data));
                    bench.Do(RestOfBind.On(first, "a"));
                    bench.Do(RestOfBind.On(second, "A "));
                    var clashes = SwitchTable.Clashes(bench.State);
                    Assert.Equal(first.Reverses || second.Reverses, clashes.Any(c => c.IsDeadly));
                    Assert.All(clashes, c => Assert.Contains(first.Id, c.Uses));
                    Assert.All(SwitchTable.Wholes(bench.State), w => Assert.DoesNotContain(w.Uses, u => u.Reverses));
                }
            }
        }
    }

    [Fact]
    public void Reverse_beside_the_cut_is_named_and_so_is_a_switch_that_still_does_what_it_did()
    {
        var bench = Proven("saltern-1500");
        bench.Do(Put(bench, "reverse thrust", "left button") with { NextTo = "left switch" });
        Assert.StartsWith(
            "Reverse thrust lies beside the throttle cut",
            bench.Line("switch/reverse thrust").Why,
            StringComparison.Ordinal
        );
        bench.Do(Put(bench, "reverse thrust", "right button") with { NextTo = "nothing" });
        Assert.Equal(Standing.Met, bench.Line("switch/reverse thrust").Standing);

        var level = Put(bench, SwitchUses.StabiliserMode, "centre lever") with { Before = "flaps" };
        bench.Do(level);
        Assert.Contains("still does flaps too", bench.Line("switch/stabiliser mode").Why, StringComparison.Ordinal);
        bench.Do(level with { BeforeGone = true });
        Assert.Equal(Standing.Met, bench.Line("switch/stabiliser mode").Standing);
    }

    [Fact]
    public void A_shared_switch_is_tried_at_every_position_as_a_whole_and_again_after_any_reverse()
    {
        var bench = Proven("carrow-mail-1900");
        bench.Do(Put(bench, "gear", "right switch"));
        Assert.Empty(SwitchTable.Wholes(bench.State));
        bench.Do(Put(bench, "lights", "right switch"));
        var wholes = SwitchTable.Wholes(bench.State);
        Assert.Equal([SwitchAt.Away, SwitchAt.Towards], wholes.Select(w => w.At));
        Assert.Contains("takes 3 s to 6 s", wholes[0].Expected, StringComparison.Ordinal);
        Assert.Contains("begins after 1 s", wholes[0].Expected, StringComparison.Ordinal);
        Assert.All(
            wholes,
            w => Assert.Equal(Standing.NotShown, bench.Line($"switched/right switch/{BindWords.Of(w.At)}").Standing)
        );
        Assert.Equal("text/missing", bench.Refused(new SwitchTried("right switch", SwitchAt.Away, false))!.Code);
        bench.Do(new SwitchTried("right switch", SwitchAt.Away, true));
        bench.Do(new SwitchTried("right switch", SwitchAt.Towards, false, "legs stayed in"));
        Assert.Equal(Concedable.Never, bench.Line("switched/right switch/towards you").Concedable);
        Assert.Equal(Standing.NotMet, bench.Line("switched/right switch/towards you").Standing);
        Assert.Equal(Standing.Met, bench.Line("switched/right switch/away").Standing);
        bench.Do(new Reversed("rudder"));
        Assert.Equal(Standing.Stale, bench.Line("switched/right switch/away").Standing);
    }

    [Fact]
    public void What_was_called_at_a_switch_is_called_again_when_it_is_on_another()
    {
        var bench = Proven("carrow-mail-1900");
        bench.Do(Put(bench, "flap", "lever"));
        var landing = OutputCalls.Of(bench.State.Sheet).Single(c => c.At == "landing");
        bench.Do(RestOfBind.AsExpected(landing));
        Assert.Equal(Standing.Met, bench.Line("output/flap/landing").Standing);
        bench.Do(Put(bench, "flap", "slider"));
        Assert.Equal(Standing.Stale, bench.Line("output/flap/landing").Standing);
    }

    [Fact]
    public void Each_state_is_somewhere_on_the_switch_and_the_cut_is_said_where_it_is_proven()
    {
        var bench = Proven("carrow-mail-1900");
        Assert.Equal("bind/switch-cut", bench.Refused(new SwitchSet(SwitchUses.Cut, "left", []))!.Code);
        Assert.Equal("bind/switch-use", bench.Refused(new SwitchSet("smoke", "left", []))!.Code);
        var flap = Put(bench, "flap", "lever");
        Assert.Equal("body.places", bench.Refused(flap with { Places = flap.Places[..2] })!.Where);
        Assert.Equal("body.places", bench.Refused(flap with { Places = [.. flap.Places, flap.Places[0]] })!.Where);
        Assert.Equal("body.on", bench.Refused(flap with { On = " " })!.Where);
    }
}
