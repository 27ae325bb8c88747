using Xunit;
using Zygotome.Core.Bind;
using Zygotome.Core.Build;
using Zygotome.Core.Journal;
using Zygotome.Core.Receive;
using Zygotome.Core.Safety;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Table;
using static Zygotome.Core.Tests.Safety.Hands;

namespace Zygotome.Core.Tests.Safety;

/// <summary>Acts with a power state of their own: nobody says a false lamp to record an honest thing.</summary>
public sealed class HonestActsTests
{
    [Fact]
    public void Failsafe_is_recorded_with_the_transmitter_honestly_off_and_nobody_says_a_false_lamp()
    {
        var bench = Bound(Bench.Parasol);
        var seen = new FailsafeSeen(FailsafeBehaviour.AsDeclared);
        Assert.Equal("power/not-open", bench.Refused(seen)!.Code);
        bench.Do(new ActOpened(PoweredAct.Failsafe));
        Assert.Equal(
            ("power/not-reached", "lamps.transmitter"),
            (bench.Refused(seen)!.Code, bench.Refused(seen)!.Where)
        );
        bench.Say(LampKind.Transmitter, LampIs.Off);
        Assert.Empty(Dangers.Of(bench.State));
        bench.Do(seen);

        // Before anything else: transmitter on, cut set.
        Assert.Equal("danger/transmitter-off", Assert.Single(Dangers.Of(bench.State), d => d.Follows).Code);
        Assert.Equal("danger/transmitter-off", bench.Refused(new Bound("M", 2, "button"))!.Code);
        bench.Say(LampKind.Transmitter, LampIs.CutSet);
        Assert.Null(bench.Refused(new Bound("M", 2, "button")));
        Assert.Equal(Standing.Met, bench.Line("bind/failsafe").Standing);
    }

    [Fact]
    public void A_failsafe_look_ends_with_the_look()
    {
        var bench = Bound(Bench.Parasol);
        bench.Do(new ActOpened(PoweredAct.Failsafe));
        bench.Say(LampKind.Transmitter, LampIs.Off);
        bench.Pass(TimeSpan.FromMinutes(11));
        bench.Say(LampKind.Transmitter, LampIs.Off);
        Assert.Equal("danger/transmitter-off", Assert.Single(Dangers.Of(bench.State)).Code);
        Assert.Equal("danger/transmitter-off", bench.Refused(new FailsafeSeen(FailsafeBehaviour.AsDeclared))!.Code);
    }

    [Theory]
    [InlineData(PoweredAct.Calibration)]
    [InlineData(PoweredAct.StickMenu)]
    public void Full_stick_with_the_pack_comes_only_within_its_act_and_ends_with_the_cut_set(PoweredAct act)
    {
        var bench = Bound(Bench.Parasol);
        bench.Pack(LampIs.InBay);
        bench.Say(LampKind.Transmitter, LampIs.FullStick);
        Assert.Equal("lamps/transmitter", bench.Refused(Connect(Bench.Parasol))!.Code);
        bench.Say(LampKind.Transmitter, LampIs.CutSet);
        bench.Do(LampsSaid.Of((Propeller("nose"), LampIs.On)));
        Assert.Equal("lamps/not-isolated", bench.Refused(new ActOpened(act))!.Code);
        bench.Do(LampsSaid.Of((Propeller("nose"), LampIs.Off)));
        bench.Do(new ActOpened(act));
        Assert.Equal("power/not-reached", bench.Refused(new ActEnded(act, "two tones"))!.Code);
        bench.Say(LampKind.Transmitter, LampIs.FullStick);
        bench.Do(Connect(Bench.Parasol));
        Assert.Empty(Dangers.Of(bench.State));
        bench.Do(new ActEnded(act));
        Assert.Equal("danger/cut-released", Assert.Single(Dangers.Of(bench.State)).Code);
        bench.Say(LampKind.Transmitter, LampIs.CutSet);
        Assert.Empty(Dangers.Of(bench.State));
    }

    [Theory]
    [InlineData(PoweredAct.Calibration)]
    [InlineData(PoweredAct.StickMenu)]
    public void It_is_led_through_stick_and_tones_in_their_order_and_heard_only_at_the_end(PoweredAct act)
    {
        var bench = Bound(Bench.Parasol);
        Assert.Equal("lamps/pack-connected", bench.Refused(new ActOpened(act))!.Code);
        bench.Pack(LampIs.InBay);
        bench.Do(new ActOpened(act));
        Assert.Equal(LampIs.FullStick, Due(bench)!.Stick);
        bench.Say(LampKind.Transmitter, LampIs.FullStick);
        Assert.Null(Due(bench)!.Stick);
        bench.Do(Connect(Bench.Parasol));
        Assert.Equal(LampIs.CutSet, Due(bench)!.Stick);
        Assert.Equal("power/move", bench.Refused(new ActEnded(act, "two tones"))!.Code);
        bench.Say(LampKind.Transmitter, LampIs.CutSet);
        Assert.Null(Due(bench));
        bench.Do(new ActEnded(act, "three short, one long"));
        Assert.Empty(Dangers.Of(bench.State));

        static ActMove? Due(Bench bench) => bench.State.Safety.Act!.Next(bench.State.Sheet);
    }

    [Fact]
    public void No_motor_turns_before_the_throttle_cut_was_seen_to_hold_it()
    {
        var bench = Bound(Bench.Parasol);
        Assert.Equal("power/cut", bench.Refused(new ActOpened(PoweredAct.MotorDirection))!.Code);
        bench.Cut(CutSeen.Turned);
        Assert.Equal("power/cut", bench.Refused(new ActOpened(PoweredAct.MotorDirection))!.Code);
        bench.Cut();
        Assert.Null(bench.Refused(new ActOpened(PoweredAct.MotorDirection)));
        bench.Do(new TransmitterBrought("the owner's", "ten"));
        bench.Cut();
        bench.Do(new TransmitterBrought("the club's", "ten"));
        Assert.Equal("power/cut", bench.Refused(new ActOpened(PoweredAct.MotorDirection))!.Code);
    }

    [Fact]
    public void Each_power_up_has_the_memory_read_off_the_transmitter_and_anothers_is_refused()
    {
        var bench = Bound(Bench.Parasol);
        LampId pack = new(LampKind.Pack),
            memory = new(LampKind.Memory);
        bench.Pack(LampIs.InBay);
        bench.Say(LampKind.Transmitter, LampIs.Off);
        bench.Say(LampKind.Transmitter, LampIs.CutSet);
        Assert.Equal(
            ("lamps/memory", "lamps.memory"),
            bench.Refused(LampsSaid.Of((pack, LampIs.Connected))) is { } r ? (r.Code, r.Where) : default
        );
        Assert.Equal(
            "lamps/another-memory",
            bench.Refused(LampsSaid.Of((pack, LampIs.Connected), (memory, LampIs.Another)))!.Code
        );
        bench.Do(LampsSaid.Of((pack, LampIs.Connected), (memory, LampIs.TheOneBound)));
        Assert.Contains("memory MEMORY", bench.Journal[^1].Body.Say(bench.State), StringComparison.Ordinal);
        bench.Do(LampsSaid.Of((memory, LampIs.Another)));
        Assert.Equal("danger/another-memory", Assert.Single(Dangers.Of(bench.State)).Code);
        bench.Pack(LampIs.InBay);
        bench.Look = "tomorrow";
        bench.Do(
            LampsSaid.Of(
                Bench
                    .Isolated(Bench.Parasol, LampIs.InBay)
                    .Said.Where(s => s.Lamp != LampKind.Memory)
                    .Select(s => (new LampId(s.Lamp, s.Of), s.Is))
            )
        );
        Assert.Equal("lamps/memory", bench.Refused(LampsSaid.Of((pack, LampIs.Connected)))!.Code);
    }

    [Fact]
    public void A_motors_direction_is_seen_by_tape_on_the_bare_shaft_with_its_wires_on()
    {
        var bench = Bound(Bench.Parasol).Cut();
        bench.Pack(LampIs.Connected);
        var turned = new MotorTurned("nose", MotorTurn.TheOtherWay);
        Assert.Equal("power/not-open", bench.Refused(turned)!.Code);
        bench.Do(new ActOpened(PoweredAct.MotorDirection));
        bench.Say(LampKind.Transmitter, LampIs.Live);
        bench.Do(turned);
        Assert.Null(bench.State.Safety.Act);
        Assert.Equal(
            (Standing.NotMet, Concedable.Never),
            (bench.Line("motor-direction/nose").Standing, bench.Line("motor-direction/nose").Concedable)
        );
        bench.Say(LampKind.Transmitter, LampIs.CutSet);
        bench.Pack(LampIs.Out);
        bench.Do(LampsSaid.Of((new(LampKind.Wires, "nose"), LampIs.Off)));
        bench.Do(new ActOpened(PoweredAct.MotorDirection));
        Assert.Equal("lamps/wires", bench.Refused(new MotorTurned("nose", MotorTurn.AsItShould))!.Code);
    }

    [Fact]
    public void Wires_taken_off_after_it_ask_for_the_direction_again()
    {
        var bench = Bound(Bench.Parasol).MotorsTurned();
        Assert.Equal(Standing.Met, bench.Line("motor-direction/nose").Standing);
        bench.Do(LampsSaid.Of((new(LampKind.Wires, "nose"), LampIs.Off)));
        Assert.Equal(Standing.Stale, bench.Line("motor-direction/nose").Standing);
    }

    [Fact]
    public void A_fan_shows_its_direction_by_airflow_held_by_somebody_else()
    {
        var bench = new Bench();
        bench.Do(Bench.Isolated(Bench.Delta, LampIs.InBay));
        bench.Cut();
        bench.Say(LampKind.Wires, LampIs.On);
        Assert.Equal("power/held", bench.Refused(new ActOpened(PoweredAct.MotorDirection))!.Code);
        var alone = new ActOpened(PoweredAct.MotorDirection, Bench.Holding with { Second = "r. vane " });
        Assert.Equal("power/second", bench.Refused(alone)!.Code);
        Assert.Equal("body.held.restrained", Where(bench, Bench.Holding with { Restrained = false }));
        Assert.Equal("body.held.discClear", Where(bench, Bench.Holding with { DiscClear = false }));
        Assert.Equal("body.held.second", Where(bench, Bench.Holding with { Second = " " }));
        bench.Do(new ActOpened(PoweredAct.MotorDirection, Bench.Holding));
        Assert.Equal("power/held", bench.Refused(new ActOpened(PoweredAct.Taxi))!.Code);
        bench.MotorsTurned();
        Assert.Equal(Standing.Met, bench.Line("motor-direction/fan").Standing);

        static string Where(Bench bench, Holding held) =>
            bench.Refused(new ActOpened(PoweredAct.MotorDirection, held))!.Where;
    }

    [Fact]
    public void A_propeller_is_not_excused_by_being_held_where_it_can_be_taken_off()
    {
        var bench = new Bench(Bench.Parasol);
        bench.Do(Bench.Isolated(Bench.Parasol, LampIs.InBay));
        bench.Cut();
        bench.Do(LampsSaid.Of((Propeller("nose"), LampIs.On)));
        foreach (var act in (PoweredAct[])[PoweredAct.Failsafe, PoweredAct.Calibration, PoweredAct.MotorDirection])
        {
            Assert.Equal("lamps/not-isolated", bench.Refused(new ActOpened(act, Bench.Holding))!.Code);
        }
    }

    [Fact]
    public void A_full_power_run_starts_with_restraint_clear_disc_and_second_person_or_not_at_all()
    {
        var bench = new Bench(Bench.Parasol);
        bench.Do(Bench.Isolated(Bench.Parasol, LampIs.InBay));
        bench.Cut();
        Assert.Equal("lamps/not-ready", bench.Refused(new ActOpened(PoweredAct.FullPowerRun, Bench.Holding))!.Code);
        bench.Motors(LampIs.On);
        Assert.Equal("power/held", bench.Refused(new ActOpened(PoweredAct.FullPowerRun))!.Code);
        bench.Do(new ActOpened(PoweredAct.FullPowerRun, Bench.Holding));
        bench.Do(Connect(Bench.Parasol));
        bench.Say(LampKind.Transmitter, LampIs.FullStick);
        Assert.Empty(Dangers.Of(bench.State));
        bench.Do(new ActEnded(PoweredAct.FullPowerRun, "38 A, 14.2 V"));
        Assert.Equal(["danger/cut-released", "danger/motor-ready"], Dangers.Of(bench.State).Select(d => d.Code));
        Assert.All(Dangers.Of(bench.State), d => Assert.True(d.Follows));
        bench.Say(LampKind.Transmitter, LampIs.CutSet);
        Assert.Equal("danger/motor-ready", bench.Refused(new Bound("M", 2, "button"))!.Code);
        bench.Pack(LampIs.InBay);
        Assert.Empty(Dangers.Of(bench.State));
    }

    [Fact]
    public void Whoever_goes_away_from_a_running_motor_finds_it_said_when_they_look_again()
    {
        var bench = new Bench(Bench.Parasol);
        bench.Do(Bench.Isolated(Bench.Parasol, LampIs.InBay));
        bench.Cut();
        bench.Motors(LampIs.On);
        bench.Do(new ActOpened(PoweredAct.Taxi, Bench.Holding));
        bench.Do(Connect(Bench.Parasol));
        bench.Pass(TimeSpan.FromMinutes(11));
        bench.Say(LampKind.Transmitter, LampIs.CutSet);
        Assert.Equal("danger/motor-ready", Assert.Single(Dangers.Of(bench.State)).Code);
    }

    [Fact]
    public void A_step_whose_motor_cannot_be_isolated_is_open_like_an_act_once_it_is_held()
    {
        var sheet = WithStep(
            Bench.Parasol,
            "fit-propeller",
            s =>
                s.With(
                    StepFields.Id.Is("run-in"),
                    StepFields.Title.Is("Run the motor in"),
                    StepFields.Readies.Is([]),
                    StepFields.After.Is([]),
                    StepFields.Parts.Is(s.Parts.Clear()),
                    StepFields.Transmitter.Is("on"),
                    StepFields.Throttle.Is("live"),
                    StepFields.Pack.Is(""),
                    StepFields.Motor.Is(StepPower.CannotBeIsolated),
                    StepFields.Stabiliser.Is("")
                )
        );
        var bench = new Bench(sheet);
        bench.Do(Bench.Isolated(sheet, LampIs.InBay));
        bench.Motors(LampIs.On);
        Assert.Equal("power/held", bench.Refused(new StepStarted("run-in"))!.Code);
        bench.Do(new StepStarted("run-in", Bench.Holding));
        bench.Do(Connect(sheet));
        bench.Say(LampKind.Transmitter, LampIs.Live);
        Assert.Empty(Dangers.Of(bench.State));
        bench.Do(new StepDone("run-in"));
        Assert.DoesNotContain(Dangers.Of(bench.State), d => d.Follows);
        Assert.Equal(["danger/motor-ready", "danger/cut-released"], Dangers.Of(bench.State).Select(d => d.Code));
    }

    private static SpecSheet WithStep(SpecSheet sheet, string like, Func<StepSpec, StepSpec> change) =>
        sheet with
        {
            Steps = [.. sheet.Steps, change(sheet.Step(like)!)],
        };
}
