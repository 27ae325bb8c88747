using Xunit;
using Zygotome.Core.Bind;
using Zygotome.Core.Build;
using Zygotome.Core.Journal;
using Zygotome.Core.Receive;
using Zygotome.Core.Safety;
using Zygotome.Core.Sheets;
using Zygotome.Core.Wire;

namespace Zygotome.Core.Tests.Bind;

/// <summary>What is done with the radio before anything is called.</summary>
public sealed class BindActTests
{
    private static Bench Bound(string sheet = "plimsey-1400")
    {
        var bench = new Bench(Bench.Sheet(sheet)).Power();
        bench.Do(new Bound("WICKEN 2", 2, bench.State.Sheet.Radio.BindMethods[0], "4"));
        return bench;
    }

    private static (Standing, Concedable) Line(Bench bench, string id) =>
        bench.Line(id) is var line ? (line.Standing, line.Concedable) : default;

    [Fact]
    public void Before_the_first_power_cells_are_measured_within_a_day_and_no_pack_is_connected_unmeasured()
    {
        var bench = new Bench(Bench.Parasol) { Meters = false };
        var look = Bench.Isolated(Bench.Parasol, LampIs.Connected);
        Assert.Equal("lamps/pack-volts", bench.Refused(look)!.Code);
        Assert.Contains("was not measured yet", bench.Refused(look)!.Text, StringComparison.Ordinal);
        bench.Do(new PackMeasured("pack 1", [4.1, 4.1, 4.1, 4.1]));
        Assert.Null(bench.Refused(look));
        bench.Pass(TimeSpan.FromHours(25));
        Assert.Contains("measured a day ago", bench.Refused(look)!.Text, StringComparison.Ordinal);
        bench.Do(new PackMeasured("pack 1", [4.1, 4.1, 4.1, 4.1]));
        bench.Do(look);
        bench.Pack(LampIs.InBay);
        bench.Pass(TimeSpan.FromDays(3));
        Assert.Null(bench.Refused(look));

        // Another pack that nobody measured is no better for what was connected before it.
        bench.Do(new PackBrought("second", Bench.Battery()));
        bench.Do(new PackChosen("second"));
        Assert.Contains("second was not measured yet", bench.Refused(look)!.Text, StringComparison.Ordinal);
    }

    [Fact]
    public void A_low_pack_found_so_before_first_power_is_not_connected()
    {
        var bench = new Bench(Bench.Parasol) { Meters = false };
        bench.Do(new PackMeasured("pack 1", [4.1, 4.1, 3.4, 4.1]));
        Assert.Equal("lamps/pack-unfit", bench.Refused(Bench.Isolated(Bench.Parasol, LampIs.Connected))!.Code);
    }

    [Fact]
    public void The_cut_is_proven_in_its_own_act_with_the_wires_on_and_a_motor_that_turns_is_never_conceded()
    {
        var bench = Bound();
        Assert.Equal((Standing.NotShown, Concedable.Never), Line(bench, "bind/cut"));
        Assert.Equal("power/not-open", bench.Refused(new CutProven("left switch", CutSeen.Still))!.Code);
        bench.Do(new ActOpened(PoweredAct.CutProof));

        bench.Say(LampKind.Wires, LampIs.Off);
        bench.Say(LampKind.Transmitter, LampIs.CutSet);
        Assert.Equal("lamps/wires", bench.Refused(new CutProven("left switch", CutSeen.Still))!.Code);
        bench.Say(LampKind.Wires, LampIs.On);
        Assert.Equal("body.on", bench.Refused(new CutProven(" ", CutSeen.Still))!.Where);
        bench.Do(new CutProven("left switch", CutSeen.Turned));
        Assert.Equal((Standing.NotMet, Concedable.Never), Line(bench, "bind/cut"));
        Assert.Equal("power/not-open", bench.Refused(new CutProven("left switch", CutSeen.Still))!.Code);
        bench.Cut();
        Assert.Equal(Standing.Met, bench.Line("bind/cut").Standing);

        // Set otherwise it is tried again; what was plugged elsewhere leaves it alone.
        bench.Do(new RadioSet(RadioSetting.ThrottleCut, "", "right switch"));
        Assert.Equal(Standing.Stale, bench.Line("bind/cut").Standing);
    }

    [Fact]
    public void A_fan_is_held_while_its_cut_is_tried()
    {
        var bench = Bound("skerrow-64");
        bench.Pack(LampIs.InBay);
        bench.Motors(LampIs.On);
        Assert.Equal("power/held", bench.Refused(new ActOpened(PoweredAct.CutProof))!.Code);
        bench.Cut();
        Assert.Equal(Standing.Met, bench.Line("bind/cut").Standing);
    }

    [Fact]
    public void A_sailplane_has_no_cut_and_no_controller_to_show()
    {
        var bench = new Bench(Bench.Sheet("lowen-2600"));
        Assert.DoesNotContain(Ledger.Of(bench.State, bench.Now), l => l.Id is "bind/cut");
        Assert.DoesNotContain(
            Ledger.Of(bench.State, bench.Now),
            l => l.Id.StartsWith("controller/", StringComparison.Ordinal)
        );
        Assert.Contains(Ledger.Of(bench.State, bench.Now), l => l.Id is "bind/memory");
    }

    [Fact]
    public void Another_memory_on_the_transmitter_is_not_met_and_never_conceded()
    {
        var bench = Bound();
        bench.Do(new MemorySeen("MERLE"));
        Assert.Equal((Standing.NotMet, Concedable.Never), Line(bench, "bind/memory"));
        bench.Do(new MemorySeen("Wicken 2", "5"));
        Assert.Equal(Standing.NotMet, bench.Line("bind/memory").Standing);
        bench.Do(new MemorySeen("wicken 2 ", "4"));
        Assert.Equal(Standing.Met, bench.Line("bind/memory").Standing);
        bench.Power();
        bench.Do(new Bound("WICKEN 3", 2, "button"));
        Assert.Equal(Standing.Stale, bench.Line("bind/memory").Standing);
    }

    [Theory]
    [InlineData(false, true, false, false, 3.2, "reverse the throttle channel")]
    [InlineData(true, false, false, false, 3.2, "calibrate it")]
    [InlineData(true, true, false, true, 3.2, "no reverse")]
    [InlineData(true, true, false, false, 2.9, "3 V a cell or more")]
    [InlineData(true, true, false, false, 3.6, "3.5 V a cell or less")]
    [InlineData(true, true, false, false, 0, "cut-off on")]
    public void A_controller_that_is_set_wrongly_says_what_to_set(
        bool low,
        bool ends,
        bool brake,
        bool reverses,
        double cutOff,
        string says
    )
    {
        var bench = Bound();
        bench.Do(new ControllerSet("main", low, ends, brake, reverses, cutOff > 0 ? cutOff : null));
        var line = bench.Line("controller/main");
        Assert.Equal(Standing.NotMet, line.Standing);
        Assert.Equal(low ? Concedable.ByLead : Concedable.Never, line.Concedable);
        Assert.Contains(says, line.Why, StringComparison.OrdinalIgnoreCase);
    }

    [Fact]
    public void Blades_that_fold_want_the_brake_and_a_boat_that_backs_wants_its_reverse()
    {
        var folding = new Bench(Bench.Sheet("tansy-needle"));
        folding.Do(new ControllerSet("main", true, true, false, false, 3.0));
        Assert.Contains("Brake on", folding.Line("controller/main").Why, StringComparison.Ordinal);
        folding.Do(new ControllerSet("main", true, true, true, false, 3.5));
        Assert.Equal(Standing.Met, folding.Line("controller/main").Standing);

        var boat = new Bench(Bench.Sheet("saltern-1500"));
        boat.Do(new ControllerSet("main", true, true, false, false, 3.2));
        Assert.Contains("Let it reverse", boat.Line("controller/main").Why, StringComparison.Ordinal);
        boat.Do(new ControllerSet("main", true, true, false, true, 3.2));
        Assert.Equal(Standing.Met, boat.Line("controller/main").Standing);
    }

    [Fact]
    public void What_was_looked_at_when_it_did_not_bind_is_forgotten_once_it_binds()
    {
        var bench = new Bench(Bench.Parasol);
        bench.Do(new BindFailed("button", BindCause.TooNear));
        bench.Do(new BindFailed("button", BindCause.WrongPlug));
        Assert.Equal([BindCause.TooNear, BindCause.WrongPlug], bench.State.Bind.RuledOut);
        bench.Power();
        bench.Do(new Bound("P", 2, "button"));
        Assert.Empty(bench.State.Bind.RuledOut);
    }

    [Fact]
    public void A_delta_whose_elevons_go_the_wrong_way_says_in_one_line_what_to_set_and_stands_right_after_it()
    {
        var bench = Bound("skerrow-64");
        void Seen(string function, Movement left, Movement right) =>
            bench.Do(new DirectionSeen(function, [new("elevon-left", left), new("elevon-right", right)]));
        var (up, down) = (Movement.Up, Movement.Down);
        Seen("aileron", up, up);
        Assert.Equal("Call elevator too: one stick alone leaves two set-ups.", bench.Line("direction/aileron").Why);
        Seen("elevator", up, down);
        var advice = Assert.Single(DirectionAsks.Advice(bench.State));
        Assert.True(advice.Settles);
        Assert.Equal($"{advice.Line}.", bench.Line("direction/elevator").Why);
        Assert.Equal([FixKind.SwapPlugs, FixKind.Reverse], advice.Fixes.Select(f => f.Kind));

        // What is done makes stale what was seen with the old set-up; then all is asked again, and no advice is left.
        foreach (var fix in advice.Fixes)
        {
            bench.Pack(LampIs.InBay);
            bench.Do(fix.Kind == FixKind.Reverse ? new Reversed(fix.Of) : new PlugsSwapped(fix.Of, fix.And));
        }

        Assert.Equal(Standing.Stale, bench.Line("direction/aileron").Standing);
        Assert.Empty(DirectionAsks.Advice(bench.State));
        bench.Power();
        Seen("aileron", down, up);
        Seen("elevator", up, up);
        Assert.Equal(Standing.Met, bench.Line("direction/aileron").Standing);
        Assert.Equal(Standing.Met, bench.Line("direction/elevator").Standing);
    }

    [Fact]
    public void A_surface_that_moved_with_another_stick_is_not_met_unless_the_sheet_mixes_it_in()
    {
        var bench = Bound();
        bench.Do(new DirectionSeen("rudder", [new("rudder", Movement.Right), new("elevator-left", Movement.Up)]));
        var line = bench.Line("direction/rudder");
        Assert.Equal(Standing.NotMet, line.Standing);
        Assert.Contains("and left elevator up", line.Reading, StringComparison.Ordinal);
        Assert.Equal(
            "bind/surfaces",
            bench.Refused(new DirectionSeen("rudder", [new("rudder", Movement.Right), new("fin", Movement.Up)]))!.Code
        );

        var mail = Bound("carrow-mail-1900");
        string[] flaps = ["flap-inner-left", "flap-inner-right", "flap-outer-left", "flap-outer-right"];
        mail.Do(
            new DirectionSeen(
                "flap",
                [.. flaps.Select(f => new Seen(f, Movement.Down)), new("elevator-left", Movement.Down)]
            )
        );
        Assert.Equal(Standing.Met, mail.Line("direction/flap").Standing);
    }

    [Fact]
    public void A_wheel_beside_its_rudder_that_turns_the_other_way_is_turned_at_its_own_rod()
    {
        var bench = Bound("carrow-mail-1900");
        bench.Do(
            new DirectionSeen("rudder", [new("rudder-left", Movement.Right), new("rudder-right", Movement.Right)])
        );
        bench.Do(new OutputSeen("tail-wheel", "right", OutputAnswer.TheOtherWay));
        var line = bench.Line("output/tail-wheel/right");
        Assert.Equal(Standing.NotMet, line.Standing);
        Assert.Contains("tail wheel", line.Why, StringComparison.OrdinalIgnoreCase);
        Assert.DoesNotContain("rudder-left", line.Why, StringComparison.Ordinal);
    }

    [Fact]
    public void Every_channel_and_every_arm_that_may_be_advised_of_a_demo_aircraft_can_be_recorded()
    {
        foreach (var sheet in new[] { "plimsey-1400", "skerrow-64", "tansy-needle", "carrow-mail-1900", "lowen-2600" })
        {
            var bench = new Bench(Bench.Sheet(sheet), channels: 12);
            var ask = DirectionAsks.Of(bench.State);
            foreach (var drive in ask.Drives.Where(d => d.HasArm))
            {
                Assert.Null(bench.Refused(new Reversed(ask.Channels[drive.Channel].Name)));
                Assert.Null(bench.Refused(new LinkageMoved(drive.Places[0].Id, LinkagePart.ArmSide)));
            }
        }
    }

    [Fact]
    public void An_arm_turned_because_of_what_was_seen_leaves_what_may_share_a_lead_as_the_sheet_says()
    {
        var bench = Bound("carrow-mail-1900");
        var before = Wiring.Of(bench.State).Map;
        bench.Do(new LinkageMoved("tail-wheel", LinkagePart.ArmSide));
        bench.Do(new LinkageMoved("flap-inner-left", LinkagePart.ArmSide));
        Assert.Equal(before, Wiring.Of(bench.State).Map);
    }

    [Theory]
    [InlineData("aileron", 1, true, 1, 0)]
    [InlineData("aileron", 3, false, 1, 0)]
    [InlineData("elevator", 1, false, 0, -1)]
    [InlineData("elevator", 2, true, 0, -1)]
    [InlineData("rudder", 2, false, 1, 0)]
    [InlineData("rudder", 4, true, 1, 0)]
    [InlineData("throttle", 2, false, 0, 1)]
    [InlineData("throttle", 3, true, 0, 1)]
    public void Each_mode_has_its_sticks(string function, int mode, bool right, int across, int up) =>
        Assert.Equal(new StickMove(right, across, up), Sticks.Of(function, mode));

    [Fact]
    public void Two_functions_never_share_a_sticks_way_in_any_mode()
    {
        foreach (var mode in new[] { 1, 2, 3, 4 })
        {
            var moves = new[] { "aileron", "elevator", "rudder", "throttle" }
                .Select(f => Sticks.Of(f, mode)!)
                .ToArray();
            Assert.Equal(4, moves.Select(m => (m.Right, m.Across != 0)).Distinct().Count());
        }

        Assert.Null(Sticks.Of("flap", 2));
        Assert.Null(Sticks.Of("aileron", 5));
    }
}
