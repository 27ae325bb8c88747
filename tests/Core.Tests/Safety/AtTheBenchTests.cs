using Xunit;
using Zygotome.Core.Bind;
using Zygotome.Core.Build;
using Zygotome.Core.Journal;
using Zygotome.Core.Safety;
using Zygotome.Core.Throws;
using static Zygotome.Core.Tests.Safety.Hands;

namespace Zygotome.Core.Tests.Safety;

/// <summary>What happens at benches, slip by slip, and what the rules say then.</summary>
public sealed class AtTheBenchTests
{
    [Fact]
    public void With_three_motors_one_propeller_on_keeps_every_pack_off_and_is_named()
    {
        var bench = new Bench(Transport);
        bench.Do(Bench.Isolated(Transport, LampIs.InBay));
        bench.Do(LampsSaid.Of((Propeller("left"), LampIs.On)));
        var refused = bench.Refused(Connect(Transport))!;
        Assert.Equal(("lamps/not-isolated", "lamps.propeller.left"), (refused.Code, refused.Where));
        Assert.Contains("(left)", refused.Text, StringComparison.Ordinal);
        bench.Do(LampsSaid.Of((new(LampKind.Wires, "left"), LampIs.Off)));
        bench.Do(Connect(Transport));
    }

    [Fact]
    public void A_propeller_fitted_by_a_step_is_known_to_be_on_two_taps_later()
    {
        var bench = new Bench(Bench.Parasol).Unpacked().Steps(Stage.Build).Steps(Stage.Wire).Until("fit-propeller");
        bench.Do(Bench.Isolated(Bench.Parasol, LampIs.InBay));
        bench.Do(new StepStarted("fit-propeller"));
        Assert.Equal("lamps/not-isolated", bench.Refused(Connect(Bench.Parasol))!.Code);
        bench.Do(new StepDone("fit-propeller"));
        Assert.Equal("lamps/not-isolated", bench.Refused(Connect(Bench.Parasol))!.Code);
        Assert.Equal(Setting.Aboard, bench.State.Settings.Of(new Setting(SettingKind.Propeller, "nose")));
    }

    [Fact]
    public void A_fans_wires_joined_by_a_step_are_known_to_be_on()
    {
        var bench = new Bench().Unpacked().Steps(Stage.Build).Steps(Stage.Wire).Until("fan-wires");
        bench.Do(Bench.Isolated(Bench.Delta, LampIs.InBay));
        bench.Do(new StepStarted("fan-wires"));
        Assert.Equal("lamps.wires.fan", bench.Refused(Connect(Bench.Delta))!.Where);
    }

    [Fact]
    public void Nothing_that_readies_a_motor_is_begun_with_the_pack_connected_or_not_looked_at()
    {
        var bench = new Bench(Bench.Parasol).Unpacked().Steps(Stage.Build).Steps(Stage.Wire).Until("fit-propeller");
        bench.Pass(TimeSpan.FromMinutes(11));
        Assert.Equal("lamps/not-known", bench.Refused(new StepStarted("fit-propeller"))!.Code);
        bench.Power();
        Assert.Equal("lamps/pack-connected", bench.Refused(new StepStarted("fit-propeller"))!.Code);
    }

    [Fact]
    public void A_step_without_a_state_asks_nobody_to_look_and_waits_only_while_the_pack_is_said_connected()
    {
        var bench = new Bench(Bench.Parasol).Unpacked();
        Assert.Null(bench.Refused(new StepStarted("lay-out")));
        bench.Power();
        Assert.Equal("lamps/pack-connected", bench.Refused(new StepStarted("lay-out"))!.Code);
        bench.Pass(TimeSpan.FromHours(3));
        Assert.Equal("lamps/pack-connected", bench.Refused(new StepStarted("lay-out"))!.Code);
        bench.Pack(LampIs.Out);
        bench.Pass(TimeSpan.FromHours(3));
        Assert.Null(bench.Refused(new StepStarted("lay-out")));
    }

    [Fact]
    public void Dangerous_words_are_taken_and_answered_with_what_to_do_until_it_is_done()
    {
        var bench = Bound(Bench.Parasol);
        bench.Say(LampKind.Transmitter, LampIs.Off);
        Assert.Contains("disconnect the pack", Assert.Single(Dangers.Of(bench.State)).Now, StringComparison.Ordinal);
        bench.Say(LampKind.Transmitter, LampIs.Live);
        Assert.Contains("set the cut", Assert.Single(Dangers.Of(bench.State)).Now, StringComparison.Ordinal);
        bench.Say(LampKind.Transmitter, LampIs.CutSet);
        Assert.Empty(Dangers.Of(bench.State));

        // Said off again: the hand was at a live shaft, and only the pack off puts that right.
        bench.Do(LampsSaid.Of((Propeller("nose"), LampIs.On)));
        bench.Do(LampsSaid.Of((Propeller("nose"), LampIs.Off)));
        Assert.Contains(
            "Disconnect the pack now",
            Assert.Single(Dangers.Of(bench.State)).Now,
            StringComparison.Ordinal
        );
        Assert.Equal("danger/motor-ready", bench.Refused(new Bound("M", 2, "button"))!.Code);
        bench.Pass(TimeSpan.FromDays(1));
        bench.Look = "tomorrow";
        Assert.NotEmpty(Dangers.Of(bench.State));
        bench.Do(Bench.Isolated(Bench.Parasol, LampIs.InBay));
        Assert.Empty(Dangers.Of(bench.State));
    }

    [Fact]
    public void A_pack_that_is_seen_connected_in_another_look_is_said_so_and_answered()
    {
        var bench = Bound(Bench.Parasol);
        bench.Look = "later";
        bench.Do(
            LampsSaid.Of(
                (Propeller("nose"), LampIs.On),
                (new(LampKind.Wires, "nose"), LampIs.On),
                (Transmitter, LampIs.CutSet),
                (new(LampKind.Pack), LampIs.Connected)
            )
        );
        Assert.Equal("danger/motor-ready", Assert.Single(Dangers.Of(bench.State)).Code);
    }

    [Fact]
    public void The_whole_look_is_one_act_pack_and_all_and_is_judged_as_it_leaves_it()
    {
        var bench = new Bench(Bench.Parasol).Charged();
        var look = Bench.Isolated(Bench.Parasol, LampIs.Connected);
        Assert.True(Core.Job.Stages.Kinds.Of(look)!.IsDecision(look));
        Assert.Null(bench.Refused(look));
        var on = LampsSaid.Of(look.Said.Select(s => (new LampId(s.Lamp, s.Of), s.Is == LampIs.Off ? LampIs.On : s.Is)));
        Assert.Equal("lamps/not-isolated", bench.Refused(on)!.Code);
    }

    [Fact]
    public void Neutral_throws_and_directions_wait_while_the_stabiliser_corrects_and_tilting_until_it_is_awake()
    {
        var bench = Bound(Biplane);
        var neutral = new NeutralRead("rudder", Bench.Q("0 mm"), Bench.Rule);
        var tilt = new StepStarted("stabiliser-sense");
        Assert.Null(bench.Refused(neutral));
        foreach (var corrects in (LampIs[])[LampIs.Aligning, LampIs.Awake, LampIs.Levelling])
        {
            bench.Say(LampKind.Stabiliser, corrects);
            Assert.Equal("lamps/stabiliser-corrects", bench.Refused(neutral)!.Code);
        }

        bench.Say(LampKind.Stabiliser, LampIs.Aligning);
        Assert.Equal("lamps/stabiliser-asleep", bench.Refused(tilt)!.Code);
        bench.Say(LampKind.Stabiliser, LampIs.Off);
        Assert.Equal("lamps/stabiliser-asleep", bench.Refused(tilt)!.Code);
        bench.Do(new ActOpened(PoweredAct.Waking));
        bench.Say(LampKind.Transmitter, LampIs.Live);
        bench.Say(LampKind.Transmitter, LampIs.CutSet);
        bench.Do(new ActEnded(PoweredAct.Waking, "servos twitched once"));
        bench.Say(LampKind.Stabiliser, LampIs.Awake);
        Assert.Null(bench.Refused(tilt));
    }

    [Fact]
    public void Weighing_wants_each_propeller_on_or_its_mass_placed()
    {
        var bench = new Bench(Transport);
        bench.Do(Bench.Isolated(Transport, LampIs.InBay));
        bench.Motors(LampIs.On);
        bench.Do(LampsSaid.Of((Propeller("right"), LampIs.Off)));
        var weighing = bench.Weighing(60);
        Assert.Equal(
            ("balance/propeller", "lamps.propeller.right"),
            Power.Refused(bench.State, bench.Journal[^1], weighing.Needs(bench.State)) is { } refused
                ? (refused.Code, refused.Where)
                : default
        );
        var placed = weighing with { PropellerPlaced = true };
        Assert.Null(Power.Refused(bench.State, bench.Journal[^1], placed.Needs(bench.State)));
    }

    [Fact]
    public void It_is_released_as_it_flies_said_in_the_look_of_whoever_releases()
    {
        var bench = Bench.Ready();
        Assert.Equal(Standing.Met, bench.Line("handover/motors").Standing);
        bench.Look = "tomorrow";
        Assert.Equal("lamps/not-known", bench.Refused(bench.Release())!.Code);
        bench.Do(Bench.Isolated(Bench.Delta, LampIs.InBay));
        Assert.Equal(Standing.NotMet, bench.Line("handover/motors").Standing);
        Assert.Equal("handover/open", bench.Refused(Bench.Ready().Release())?.Code ?? "handover/open");
    }

    [Fact]
    public void Lamps_said_by_the_lead_do_not_count_for_a_technician_who_posts_in_the_leads_look()
    {
        var bench = new Bench(Bench.Parasol);
        bench.Do(Bench.Isolated(Bench.Parasol, LampIs.Connected), Bench.Thorne);
        Assert.Null(bench.Refused(new Bound("M", 2, "button"), Bench.Thorne));
        Assert.Equal("lamps/not-known", bench.Refused(new Bound("M", 2, "button"), Bench.Vane)!.Code);
    }
}
