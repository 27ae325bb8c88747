using Xunit;
using Zygotome.Core.Balance;
using Zygotome.Core.Bind;
using Zygotome.Core.Build;
using Zygotome.Core.Check;
using Zygotome.Core.HandOver;
using Zygotome.Core.Job;
using Zygotome.Core.Journal;
using Zygotome.Core.Safety;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Table;
using Zygotome.Core.Throws;
using Zygotome.Core.Wire;

namespace Zygotome.Core.Tests.Safety;

/// <summary>
/// Every declared state of power against every state of the lamps, judged by job.md and not by the rule.
/// </summary>
public sealed class PowerTableTests
{
    // Null is not looked at.
    private sealed record Seen(LampIs? Propeller, LampIs? Wires, LampIs? Transmitter, LampIs? Pack, LampIs? Stabiliser)
    {
        public bool Held { get; init; }

        public bool Fan { get; init; }

        public bool CutSet => Transmitter == LampIs.CutSet;

        public bool Connected => Pack == LampIs.Connected;

        public bool Isolated => Wires == LampIs.Off || (!Fan && Propeller == LampIs.Off);

        public bool Quiet => Stabiliser is LampIs.NotFitted or LampIs.Off;

        public bool Answers => Stabiliser is LampIs.Awake or LampIs.Levelling;

        private bool Turns => Fan ? Wires == LampIs.On : Propeller == LampIs.On && Wires != LampIs.Off;

        public bool Dangerous => Connected && (Turns || Transmitter is LampIs.Off or LampIs.Live or LampIs.FullStick);
    }

    private static readonly Dictionary<string, Func<Seen, bool>> JobMd = new()
    {
        ["powered"] = s => s.CutSet && s.Connected && s.Isolated && !s.Dangerous,
        ["measured"] = s => s.CutSet && s.Connected && s.Isolated && s.Quiet && !s.Dangerous,
        ["tilting"] = s => s.CutSet && s.Connected && s.Isolated && s.Answers && !s.Dangerous,
        ["no state"] = s => !s.Connected,
        ["unpowered"] = s => s.Pack is LampIs.Out or LampIs.InBay,
        ["weighing"] = s => s.Pack == LampIs.InBay && (s.Fan || s.Propeller == LampIs.On),
        ["weighing, propeller placed"] = s => s.Pack == LampIs.InBay,
        ["hand-over"] = s =>
            s.Pack is LampIs.Out or LampIs.InBay && s.Wires is not null && (s.Fan || s.Propeller is not null),
        ["Failsafe"] = s => s.CutSet && (s.Isolated || FanHeld(s)) && !s.Dangerous,
        ["Calibration"] = FromPackOff,
        ["StickMenu"] = FromPackOff,
        ["Arming"] = s => s.CutSet && (s.Isolated || FanHeld(s)) && !s.Dangerous,
        ["Waking"] = s => s.CutSet && s.Connected && (s.Isolated || FanHeld(s)) && !s.Dangerous,
        ["MotorDirection"] = BareShaft,
        ["CutProof"] = BareShaft,
        ["FullPowerRun"] = Running,
        ["RangeWithMotor"] = Running,
        ["Taxi"] = Running,
    };

    // The exceptions: a fan cannot be taken off, so it is held; what is about a running motor is held always.
    private static bool FanHeld(Seen s) => s.Fan && s.Held && s.Wires == LampIs.On;

    // The controller listens for full stick only as it comes under power.
    private static bool FromPackOff(Seen s) =>
        s.CutSet && s.Pack is LampIs.Out or LampIs.InBay && (s.Isolated || FanHeld(s));

    private static bool BareShaft(Seen s) =>
        s.CutSet && (s.Fan ? s.Isolated || FanHeld(s) : s.Propeller == LampIs.Off) && !s.Dangerous;

    private static bool Running(Seen s) =>
        s.CutSet && s.Held && s.Wires == LampIs.On && (s.Fan || s.Propeller == LampIs.On) && !s.Dangerous;

    private static Dictionary<string, PowerState> Declared =>
        new(PoweredActs.All.Select(a => KeyValuePair.Create(a.Act.ToString(), a.Opens)))
        {
            ["powered"] = PowerState.Powered,
            ["measured"] = PowerState.Measured,
            ["tilting"] = StepPowers.Of(Bench.Sheet("brindle-pair").Step("stabiliser-sense")!),
            ["no state"] = PowerState.Unstated,
            ["unpowered"] = PowerState.Unpowered,
            ["weighing"] = PowerState.Weighing,
            ["weighing, propeller placed"] = PowerState.Weighing with { Motor = MotorNeed.NotAsked },
            ["hand-over"] = PowerState.HandOver,
        };

    public static TheoryData<string> Names => [.. JobMd.Keys];

    [Theory]
    [MemberData(nameof(Names))]
    public void A_declared_state_is_admitted_in_the_states_of_the_bench_that_the_job_allows_and_in_no_other(string name)
    {
        var need = Declared[name];
        var (admitted, asked) = (0, 0);
        foreach (var fan in (bool[])[false, true])
        {
            var sheet = fan ? WithStabiliser(Bench.Delta) : Bench.Sheet("brindle-pair");
            var bench = new Bench(sheet);
            foreach (var seen in States(fan))
            {
                var state = Looked(bench, seen);
                var entry = EntryOf(bench, new ActEnded(PoweredAct.Taxi));
                var refused = Power.Refused(state, entry, need, seen.Held ? Bench.Holding : null);
                Assert.True(refused is null == JobMd[name](seen), $"{name}, {seen}: {refused?.Text ?? "admitted"}");
                admitted += refused is null ? 1 : 0;
                asked++;
            }
        }

        Assert.InRange(admitted, 1, asked - 1);
    }

    [Fact]
    public void Every_act_has_its_row_and_so_has_every_kind_of_entry_that_declares_a_state()
    {
        Assert.Equal(Declared.Keys.Order(), JobMd.Keys.Order());
        var bench = new Bench(Bench.Sheet("brindle-pair"));
        Dictionary<Type, EntryBody> bodies = new()
        {
            [typeof(Bound)] = new Bound("M", 2, "button"),
            [typeof(FailsafeSeen)] = new FailsafeSeen(FailsafeBehaviour.AsDeclared),
            [typeof(DirectionSeen)] = new DirectionSeen("rudder", []),
            [typeof(CalledSeen)] = new CalledSeen("x", "y", true),
            [typeof(OutputSeen)] = new OutputSeen("x", "on", OutputAnswer.AsExpected),
            [typeof(MarksSeen)] = new MarksSeen("x", [], Bench.Q("0 mm"), false),
            [typeof(MotorTurned)] = new MotorTurned("nose", MotorTurn.AsItShould),
            [typeof(MotorWiresChanged)] = new MotorWiresChanged("nose"),
            [typeof(CutProven)] = new CutProven("left switch", CutSeen.Still),
            [typeof(StabiliserSeen)] = new StabiliserSeen("roll", "rate", []),
            [typeof(Aligned)] = new Aligned(5, true),
            [typeof(ModeSeen)] = new ModeSeen("rate", true),
            [typeof(SwitchTried)] = new SwitchTried("left switch", SwitchAt.Away, true),
            [typeof(EndsHeard)] = new EndsHeard("rudder", true),
            [typeof(Cycled)] = new Cycled("gear", Attitude.AsItFlies, true),
            [typeof(PlugsSwapped)] = new PlugsSwapped("sv-rud", "sv-ele"),
            [typeof(CalledOut)] = new CalledOut("x", CalledAnswer.AsExpected),
            [typeof(PowerRun)] = new PowerRun(30, 14, 8),
            [typeof(RangeHeld)] = new RangeHeld(30, true, true),
            [typeof(Taxied)] = new Taxied(true),
            [typeof(ActOpened)] = new ActOpened(PoweredAct.Taxi),
            [typeof(ServoStood)] = new ServoStood("sv-rud", StoodBy.Radio, true),
            [typeof(StepStarted)] = new StepStarted("fit-propeller"),
            [typeof(ThrowRead)] = bench.Reading("x", "1 mm"),
            [typeof(NeutralRead)] = new NeutralRead("rudder", Bench.Q("0 mm"), Bench.Rule),
            [typeof(Weighed)] = bench.Weighing(60),
            [typeof(PackMoved)] = new PackMoved(Bench.Q("0 mm")),
            [typeof(BallastFitted)] = new BallastFitted("nose", 1),
            [typeof(Released)] = new Released(1, "", [], ""),
            [typeof(LeadPlugged)] = new LeadPlugged("sv-rud", "receiver/1", true),
            [typeof(LeadPulled)] = new LeadPulled("sv-rud", "y"),
            [typeof(LeadMended)] = new LeadMended("sv-rud", LeadWork.PlugAnew, true, true, true),
            [typeof(ServoTurned)] = new ServoTurned("sv-rud", TurnedBy.ArmSide),
        };
        var powered = Stages.Kinds.All.Where(k => k.Body.IsAssignableTo(typeof(IPowered))).Select(k => k.Body);
        Assert.Equal(powered.OrderBy(t => t.Name), bodies.Keys.OrderBy(t => t.Name));
        PowerState[] results = [.. PoweredActs.All.Select(a => PowerState.Of(a.Act))];
        Assert.All(
            bodies.Values,
            b =>
                Assert.Contains(
                    ((IPowered)b).Needs(bench.State),
                    (IEnumerable<PowerState>)[.. Declared.Values, .. results]
                )
        );
    }

    [Fact]
    public void What_an_act_allows_meanwhile_is_its_own_and_ends_with_the_cut_set_or_the_pack_off()
    {
        Assert.Equal(
            [
                (PoweredAct.Failsafe, [LampIs.Off], Held.Fans),
                (PoweredAct.CutProof, [LampIs.CutSet], Held.Fans),
                (PoweredAct.MotorDirection, [LampIs.Live, LampIs.FullStick], Held.Fans),
                (PoweredAct.Calibration, [LampIs.FullStick], Held.Fans),
                (PoweredAct.StickMenu, [LampIs.FullStick], Held.Fans),
                (PoweredAct.Arming, [LampIs.Live, LampIs.FullStick], Held.Fans),
                (PoweredAct.Waking, [LampIs.Live, LampIs.FullStick], Held.Fans),
                (PoweredAct.FullPowerRun, [LampIs.FullStick], Held.Any),
                (PoweredAct.RangeWithMotor, [LampIs.Live, LampIs.FullStick], Held.Any),
                (PoweredAct.Taxi, [LampIs.Live, LampIs.FullStick], Held.Any),
            ],
            PoweredActs.All.Select(a => (a.Act, a.During.Transmitter.ToArray(), a.During.Held))
        );
        Assert.All(PoweredActs.All, a => Assert.Contains("cut set", a.Afterwards, StringComparison.OrdinalIgnoreCase));
    }

    private static IEnumerable<Seen> States(bool fan) =>
        from propeller in fan ? [null] : (LampIs?[])[null, LampIs.On, LampIs.Off]
        from wires in (LampIs?[])[null, LampIs.On, LampIs.Off]
        from transmitter in (LampIs?[])[null, LampIs.Off, LampIs.CutSet, LampIs.Live, LampIs.FullStick]
        from pack in (LampIs?[])[null, LampIs.Out, LampIs.InBay, LampIs.Connected]
        from stabiliser in (LampIs?[])
            [null, LampIs.NotFitted, LampIs.Off, LampIs.Aligning, LampIs.Awake, LampIs.Levelling]
        from held in (bool[])[false, true]
        select new Seen(propeller, wires, transmitter, pack, stabiliser) { Held = held, Fan = fan };

    private static JobState Looked(Bench bench, Seen seen)
    {
        var motor = bench.State.Sheet.Power.Motors[0].Id;
        var said = LampsSaid.Of(
            new (LampId, LampIs?)[]
            {
                (new(LampKind.Propeller, motor), seen.Propeller),
                (new(LampKind.Wires, motor), seen.Wires),
                (new(LampKind.Transmitter), seen.Transmitter),
                (new(LampKind.Pack), seen.Pack),
                (new(LampKind.Stabiliser), seen.Stabiliser),
            }
                .Where(l => l.Item2 is not null)
                .Select(l => (l.Item1, l.Item2!.Value))
        );
        return said.Apply(bench.State, EntryOf(bench, said));
    }

    private static Entry EntryOf(Bench bench, EntryBody body) =>
        new(bench.State.JobId, bench.State.Seq + 1, "table", body, Bench.Vane, bench.Now, bench.Now, bench.Look);

    private static SpecSheet WithStabiliser(SpecSheet sheet) =>
        sheet with
        {
            Radio = sheet.Radio.With(RadioFields.Stabiliser.Is(true)),
        };
}
