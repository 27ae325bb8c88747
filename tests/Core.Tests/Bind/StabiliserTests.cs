using Xunit;
using Zygotome.Core.Bind;
using Zygotome.Core.Build;
using Zygotome.Core.Journal;
using Zygotome.Core.Safety;
using Zygotome.Core.Sheets;
using Zygotome.Core.Tests.Journal;

namespace Zygotome.Core.Tests.Bind;

/// <summary>What is asked of a stabiliser, and where its remedy is.</summary>
public sealed class StabiliserTests
{
    private static Bench Bound(string sheet)
    {
        var bench = new Bench(Bench.Sheet(sheet));
        bench.Do(new Core.Receive.ReceiverGiven(10));
        bench.Power();
        bench.Do(new Bound("MEMORY", 2, bench.State.Sheet.Radio.BindMethods[0]));
        return bench;
    }

    private static StabiliserCall Call(Bench bench, string id) =>
        StabiliserCalls.Of(bench.State.Sheet).Single(c => c.Id == id);

    /// <summary>Tilt right: right aileron down, left up. Nose down: elevator up. Nose left: rudder right.</summary>
    [Theory]
    [InlineData("roll", "aileron-right", Movement.Down)]
    [InlineData("roll", "aileron-left", Movement.Up)]
    [InlineData("roll", "aileron-lower-left", Movement.Up)]
    [InlineData("pitch", "elevator-left", Movement.Up)]
    [InlineData("yaw", "rudder", Movement.Right)]
    public void A_tilt_is_answered_against_it(string axis, string surface, Movement expected) =>
        Assert.Equal(expected, Call(Bound("brindle-pair"), axis).Picture[surface]);

    [Fact]
    public void On_every_sheet_a_tilt_is_answered_as_a_stick_against_it_and_none_is_asked_without_a_stabiliser()
    {
        foreach (var name in FinishedTests.Sheets)
        {
            var sheet = Bench.Sheet(name.Data);
            var calls = StabiliserCalls.Of(sheet);
            Assert.Equal(sheet.Radio.Stabiliser.Likely == true, calls.Length > 0);
            foreach (var tilt in calls.Where(c => c.IsTilt))
            {
                var axis = StabiliserAxes.Of(sheet).Single(a => a.Name == tilt.Id);
                var stick = Directions.Calls(sheet).Single(c => c.Function == axis.Command);
                Assert.All(
                    stick.Expected,
                    e =>
                        Assert.Equal(
                            tilt.Id == "roll" ? Movements.Opposite(e.Movement) : e.Movement,
                            tilt.Picture[e.Surface.Id]
                        )
                );
            }
        }
    }

    [Fact]
    public void A_roll_answered_wrongly_is_reversed_in_the_stabiliser_and_stick_and_tilt_are_asked_again()
    {
        var bench = Bound("brindle-pair");
        foreach (var call in Directions.Calls(bench.State.Sheet))
        {
            bench.Do(
                new DirectionSeen(call.Function, [.. call.Expected.Select(e => new Seen(e.Surface.Id, e.Movement))])
            );
        }

        var roll = Call(bench, "roll");
        Assert.Equal("lamps/stabiliser-asleep", bench.Refused(RestOfBind.Seen(bench.State.Sheet, roll))!.Code);
        bench.Do(new Aligned(5, true));
        bench.Do(RestOfBind.Seen(bench.State.Sheet, roll, Movements.Opposite));
        var line = bench.Line("stabiliser/answers/roll");
        Assert.Equal((Standing.NotMet, Concedable.Never), (line.Standing, line.Concedable));
        Assert.Equal("Reverse roll in the stabiliser, not in the radio; then stick and tilt again.", line.Why);
        bench.Do(new StabiliserReversed("roll"));
        Assert.Equal(Standing.Stale, bench.Line("stabiliser/answers/roll").Standing);
        Assert.Equal(Standing.Stale, bench.Line("direction/aileron").Standing);
        Assert.Equal(Standing.Met, bench.Line("direction/elevator").Standing);
        bench.Do(RestOfBind.Seen(bench.State.Sheet, roll));
        Assert.Equal(Standing.Met, bench.Line("stabiliser/answers/roll").Standing);
    }

    [Fact]
    public void What_is_reversed_in_the_radio_makes_the_tilt_stale_too()
    {
        var bench = Bound("brindle-pair");
        bench.Do(new Aligned(5, true));
        bench.Do(RestOfBind.Seen(bench.State.Sheet, Call(bench, "yaw")));
        bench.Do(new Reversed("rudder"));
        Assert.Equal(Standing.Stale, bench.Line("stabiliser/answers/yaw").Standing);
    }

    [Fact]
    public void One_that_holds_still_half_of_a_pair_is_told_of_too_few()
    {
        var bench = Bound("brindle-pair");
        var wired = bench.State.The<ISignals>().Corrected(bench.State, "aileron");
        Assert.Equal(2, wired);
        bench.Do(new StabiliserTold([new("aileron", 1), new("elevator", 1), new("rudder", 1)]));
        var count = bench.Line("stabiliser/count");
        Assert.Equal((Standing.NotMet, Concedable.Never), (count.Standing, count.Concedable));
        Assert.StartsWith("Told of 1 aileron, wired for 2: set 2", count.Why, StringComparison.Ordinal);
        bench.Do(new Aligned(5, true));
        var roll = Call(bench, "roll");
        bench.Do(
            new StabiliserSeen(
                "roll",
                "rate",
                [
                    .. roll.Expected.Select(e => new Seen(
                        e.Surface.Id,
                        e.Surface.Side == "left" ? Movement.None : e.Movement
                    )),
                ]
            )
        );
        Assert.EndsWith(
            "it is told of 1 aileron, and 2 are wired.",
            bench.Line("stabiliser/answers/roll").Why,
            StringComparison.Ordinal
        );
        bench.Do(RestOfBind.Told(bench));
        Assert.Equal(Standing.Met, bench.Line("stabiliser/count").Standing);
        Assert.Equal(Standing.Stale, bench.Line("stabiliser/answers/roll").Standing);
    }

    [Fact]
    public void It_is_awake_after_its_seconds_without_a_touch_and_by_its_sign_alone()
    {
        var bench = Bound("saltern-1500");
        Assert.Equal("bind/still", bench.Refused(new Aligned(6, true))!.Code);
        Assert.Equal("text/missing", bench.Refused(new Aligned(20, false))!.Code);
        bench.Do(new Aligned(20, false, "twitched once"));
        Assert.Equal(Standing.NotMet, bench.Line("stabiliser/awake").Standing);
        Assert.NotEqual(LampIs.Awake, bench.State.Safety.Last(new(LampKind.Stabiliser)));
        bench.Do(new Aligned(8, true));
        Assert.Equal(Standing.Met, bench.Line("stabiliser/awake").Standing);
        Assert.Equal(LampIs.Awake, bench.State.Safety.Last(new(LampKind.Stabiliser)));
    }

    [Fact]
    public void What_goes_along_while_it_levels_is_expected_then_and_with_it_off_says_that_it_is_awake()
    {
        var bench = Bound("saltern-1500");
        var ailerons = Directions.Calls(bench.State.Sheet).Single(c => c.Function == "aileron");
        bench.Do(
            new DirectionSeen(
                "aileron",
                [.. ailerons.Expected.Select(e => new Seen(e.Surface.Id, e.Movement)), new("rudder", Movement.Right)]
            )
        );
        Assert.Contains("it is awake", bench.Line("direction/aileron").Why, StringComparison.Ordinal);

        bench.Do(new Aligned(8, true));
        var along = StabiliserCalls.Of(bench.State.Sheet).Single(c => !c.IsTilt);
        Assert.Equal(Movement.Right, along.Picture["rudder"]);
        Assert.Equal(
            "bind/stabiliser-mode",
            bench.Refused(RestOfBind.Seen(bench.State.Sheet, along) with { Mode = "rate" })!.Code
        );
        bench.Do(RestOfBind.Seen(bench.State.Sheet, along));
        Assert.Equal(Standing.Met, bench.Line($"stabiliser/answers/{along.Id}").Standing);
    }

    [Fact]
    public void A_mode_is_told_by_its_sign_and_asked_again_when_its_switch_is_another()
    {
        var bench = Bound("saltern-1500");
        bench.Do(new ModeSeen("level", false, "surfaces cycle once"));
        Assert.Equal(
            (Standing.NotMet, Concedable.Never),
            (bench.Line("stabiliser/mode/level").Standing, bench.Line("stabiliser/mode/level").Concedable)
        );
        bench.Do(new ModeSeen("level", true));
        Assert.Equal("surfaces cycle twice", bench.Line("stabiliser/mode/level").Limits);
        var use = SwitchUses.Of(bench.State.Sheet).Single(u => u.Id == SwitchUses.StabiliserMode);
        bench.Do(RestOfBind.On(use, "left lever"));
        Assert.Equal(Standing.Met, bench.Line("stabiliser/mode/level").Standing);
        bench.Do(RestOfBind.On(use, "right lever"));
        Assert.Equal(Standing.Stale, bench.Line("stabiliser/mode/level").Standing);
    }

    [Fact]
    public void Directions_are_shown_twice_where_servos_are_proven_without_it_and_once_where_it_is_in_from_the_start()
    {
        var bench = Bound("brindle-pair");
        var aileron = Directions.Calls(bench.State.Sheet).Single(c => c.Function == "aileron");
        Assert.Equal(Standing.NotShown, bench.Line("stabiliser/without/aileron").Standing);
        bench.Do(RestOfBind.Without(aileron));
        Assert.Equal(Standing.Met, bench.Line("stabiliser/without/aileron").Standing);
        Assert.Equal(Standing.NotShown, bench.Line("direction/aileron").Standing);

        // It goes in line by its loop: what was shown without it stays shown, and directions are called again.
        bench.Do(RestOfBind.Without(aileron) with { Bypassed = false });
        var loop = bench.Do(new LoopOpened(LoopKind.StabiliserBypassed, "")).EntryId;
        bench.Do(new LoopClosed(loop));
        Assert.Equal(Standing.Met, bench.Line("stabiliser/without/aileron").Standing);
        Assert.Equal(Standing.Stale, bench.Line("direction/aileron").Standing);

        bench.Do(new Core.Receive.SchoolChosen(Schools.Stabiliser, "in-line"), Bench.Thorne);
        Assert.DoesNotContain(
            Ledger.Of(bench.State, bench.Now),
            l => l.Id.StartsWith("stabiliser/without/", StringComparison.Ordinal)
        );
        Assert.Equal("bind/bypassed", bench.Refused(RestOfBind.Without(aileron))!.Code);
    }

    [Fact]
    public void A_wing_that_goes_on_again_takes_its_plugs_with_it_and_what_passes_them_is_called_out_again()
    {
        var bench = new Bench(Bench.Sheet("plimsey-1400")).Unpacked().Steps(Stage.Build).Steps(Stage.Wire).Bound();
        Assert.Equal(Standing.Met, bench.Line("direction/aileron").Standing);
        bench.Do(new StepUndone("join-wing", "It went on without its bolts."));
        Assert.Equal(Standing.Stale, bench.Line("direction/aileron").Standing);
        Assert.Equal(Standing.Met, bench.Line("direction/rudder").Standing);
    }

    [Fact]
    public void A_raised_gain_keeps_its_old_value_and_holds_up_release_until_that_is_read_off_again()
    {
        var bench = Bound("brindle-pair");
        Assert.Equal("text/missing", bench.Refused(new LoopOpened(LoopKind.GainRaised, ""))!.Code);
        var loop = bench.Do(new LoopOpened(LoopKind.GainRaised, "40 %")).EntryId;
        Assert.Equal(
            (Standing.NotMet, Concedable.Never),
            (bench.Line($"loop/{loop}").Standing, bench.Line($"loop/{loop}").Concedable)
        );
        Assert.Equal("build/loop-value", bench.Refused(new LoopClosed(loop))!.Code);
        Assert.Contains("40 %", bench.Refused(new LoopClosed(loop, "60 %"))!.Text, StringComparison.Ordinal);
        bench.Do(new LoopClosed(loop, "40%"));
        Assert.Equal(Standing.Met, bench.Line($"loop/{loop}").Standing);
    }
}
