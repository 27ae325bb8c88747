using Xunit;
using Zygotome.Core.Bind;
using Zygotome.Core.Journal;
using Zygotome.Core.Safety;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Table;
using Zygotome.Core.Tests.Journal;
using Zygotome.Core.Throws;

namespace Zygotome.Core.Tests.Bind;

/// <summary>Everything that moves or switches is called position by position, and seen, before release.</summary>
public sealed class OutputTests
{
    private static readonly SpecSheet Midge = Bench.Sheet("tarn-midge-620");
    private static readonly SpecSheet Mail = Bench.Sheet("carrow-mail-1900");
    private static readonly SpecSheet Amphibian = Bench.Sheet("saltern-1500");

    private static string Called(SpecSheet sheet, string of, string at) =>
        OutputCalls.Of(sheet).Single(c => c.Of == of && c.At == at).Expected;

    private static Bench Ready(SpecSheet sheet)
    {
        var bench = new Bench(sheet).Unpacked().Steps(Stage.Build).Steps(Stage.Wire);
        bench.Power();
        bench.Do(new Bound("MEMORY", 2, sheet.Radio.BindMethods[0]));
        return bench.Failsafe();
    }

    [Theory]
    [MemberData(nameof(FinishedTests.Sheets), MemberType = typeof(FinishedTests))]
    public void Every_position_of_every_output_is_asked_for_and_what_steers_drives_or_arms_is_never_conceded(
        string name
    )
    {
        var sheet = Bench.Sheet(name);
        var ledger = Ledger.Of(new Bench(sheet).State, DateTimeOffset.UnixEpoch);
        foreach (var output in sheet.Outputs)
        {
            var lines = ledger.Where(l => l.Id.StartsWith($"output/{output.Id}/", StringComparison.Ordinal)).ToArray();
            Assert.True(lines.Length >= 2, $"{output.Id} is asked for at {lines.Length} position");
            Assert.All(lines, l => Assert.Equal(Standing.NotShown, l.Standing));
            Assert.All(
                lines,
                l => Assert.Equal(output.Kind == OutputKind.Light ? Concedable.ByLead : Concedable.Never, l.Concedable)
            );
        }

        foreach (var position in sheet.Positions)
        {
            Assert.Equal(
                Concedable.Never,
                ledger.Single(l => l.Id == $"output/{position.Function}/{position.Name}").Concedable
            );
        }
    }

    [Fact]
    public void With_stick_right_the_motor_on_the_outside_of_the_turn_is_the_faster_one()
    {
        Assert.Equal("left motor faster", Called(Midge, "thrust-difference", "right"));
        Assert.Equal("right motor faster", Called(Midge, "thrust-difference", "left"));
        var named = Midge with
        {
            Power = Midge.Power.With(
                PowerFields.Motor.List.Is(Midge.Power.Motors.Select(m => m.With(PowerFields.Motor.Y.Is(-m.Y))))
            ),
        };
        Assert.Equal("right motor faster", Called(named, "thrust-difference", "right"));
    }

    [Fact]
    public void A_nose_wheel_points_where_the_stick_does_and_a_tail_wheel_moves_as_the_rudder()
    {
        Assert.Equal("the wheel's rear goes right, as the rudder", Called(Mail, "tail-wheel", "right"));
        var ahead = Mail with
        {
            Geometry = Mail.Geometry.With(
                GeometryFields.Wheel.List.Is(
                    Mail.Geometry.Wheels.Select(w => w.Id == "tail" ? w.With(GeometryFields.Wheel.X.Is(-200d)) : w)
                )
            ),
        };
        Assert.Equal("the wheel points right", Called(ahead, "tail-wheel", "right"));
    }

    [Fact]
    public void What_the_sheet_says_of_a_position_counts_and_what_holds_it_back_is_tried_too()
    {
        Assert.Equal("lit", Called(Mail, "landing-light", "down"));
        var held = Mail with
        {
            Outputs =
            [
                .. Mail.Outputs.Select(o =>
                    o.Id == "gear" ? o.With(OutputFields.Output.InhibitedBy.Is("throttle lock")) : o
                ),
            ],
        };
        Assert.Equal("nothing happens", Called(held, "gear", "held back"));
        Assert.Equal("left main wheel and right main wheel go in, doors close", Called(Mail, "gear", "up"));
    }

    [Fact]
    public void A_position_is_called_as_a_whole_with_every_surface_in_its_picture()
    {
        var landing = OutputCalls.Of(Mail).Single(c => c is { Of: "flap", At: "landing" });
        Assert.Equal("flap 32 mm ± 2 mm down, elevator 2 mm down by its mix", landing.Expected);
        Assert.Equal("takes 2 s", landing.Note);
        Assert.Equal(
            [
                "elevator-left",
                "elevator-right",
                "flap-inner-left",
                "flap-inner-right",
                "flap-outer-left",
                "flap-outer-right",
            ],
            landing.Picture.Keys
        );
        Assert.All(landing.Picture.Values, m => Assert.Equal(Movement.Down, m));
    }

    [Fact]
    public void It_is_answered_under_power_once_bound_and_what_moved_instead_is_said()
    {
        var bench = new Bench(Amphibian).Unpacked().Steps(Stage.Build).Steps(Stage.Wire);
        var up = new OutputSeen("gear", "up", OutputAnswer.AsExpected);
        bench.Power();
        Assert.Equal("bind/not-bound", bench.Refused(up)!.Code);
        bench.Do(new Bound("MEMORY", 2, Amphibian.Radio.BindMethods[0]));
        Assert.Equal("bind/output-call", bench.Refused(up with { At = "sideways" })!.Code);
        Assert.Equal("bind/output-seen", bench.Refused(up with { Answer = OutputAnswer.Otherwise, Seen = " " })!.Code);
        bench.Do(up with { Answer = OutputAnswer.Otherwise, Seen = "only the left leg" });
        Assert.Equal((Standing.NotMet, "only the left leg"), At(bench, "output/gear/up"));
        bench.Do(up with { Answer = OutputAnswer.DidNothing });
        Assert.Equal((Standing.NotMet, "did nothing"), At(bench, "output/gear/up"));
        bench.Do(up);
        Assert.Equal((Standing.NotShown, "as expected"), At(bench, "output/gear/up"));
        bench.Do(up with { Seconds = 3 });
        Assert.Equal((Standing.Met, "as expected, 3 s"), At(bench, "output/gear/up"));
        bench.Pack(LampIs.Out);
        Assert.Equal("lamps/pack-not-connected", bench.Refused(up)!.Code);
    }

    private static (Standing, string) At(Bench bench, string line) =>
        (bench.Line(line).Standing, bench.Line(line).Reading);

    [Fact]
    public void Motors_that_steer_are_called_with_bare_shafts_within_their_own_act_and_a_swapped_pair_is_never_conceded()
    {
        var bench = Ready(Midge);
        var right = new OutputSeen("thrust-difference", "right", OutputAnswer.AsExpected);
        Assert.NotNull(bench.Refused(right));
        bench.Cut();
        bench.Do(new ActOpened(PoweredAct.MotorDirection));
        bench.Pack(LampIs.Connected);
        bench.Say(LampKind.Transmitter, LampIs.Live);
        bench.Do(right with { Answer = OutputAnswer.Otherwise, Seen = "the right motor faster" });
        Assert.Equal(
            (Standing.NotMet, Concedable.Never),
            (
                bench.Line("output/thrust-difference/right").Standing,
                bench.Line("output/thrust-difference/right").Concedable
            )
        );
        bench.Do(right);
        bench.Do(right with { At = "left" });
        Assert.NotNull(bench.State.Safety.Act);
        bench.Do(new MotorTurned("left", MotorTurn.AsItShould));
        bench.Do(new MotorTurned("right", MotorTurn.AsItShould));
        Assert.Null(bench.State.Safety.Act);

        // Plugged again, which motor answers is not known any more.
        bench.Say(LampKind.Transmitter, LampIs.CutSet);
        bench.Pack(LampIs.InBay);
        bench.Do(new MotorWiresChanged("left"));
        Assert.Equal(Standing.Stale, bench.Line("output/thrust-difference/right").Standing);
    }

    [Fact]
    public void Reversing_its_channel_a_new_binding_or_another_word_of_the_sheet_asks_again()
    {
        foreach (
            var body in (Core.Journal.EntryBody[])
                [new Reversed("gear"), new Bound("ANOTHER", 2, Amphibian.Radio.BindMethods[0])]
        )
        {
            var bench = Ready(Amphibian);
            bench.Do(new OutputSeen("gear", "up", OutputAnswer.AsExpected));
            bench.Do(body);
            Assert.Equal(Standing.Stale, bench.Line("output/gear/up").Standing);
        }
    }

    [Theory]
    [InlineData("carrow-mail-1900", "output/tail-wheel/right", "rudder 2", true)]
    [InlineData("carrow-mail-1900", "output/tail-wheel/right", "flap", false)]
    [InlineData("carrow-mail-1900", "output/gear/up", "gear", true)]
    [InlineData("tarn-midge-620", "output/thrust-difference/right", "throttle", true)]
    public void Any_channel_that_may_be_the_one_to_an_output_asks_for_it_again_when_it_is_reversed(
        string sheet,
        string line,
        string channel,
        bool stale
    )
    {
        var bench = new Bench(Bench.Sheet(sheet)).Unpacked().Steps(Stage.Build).Steps(Stage.Wire).Bound();
        bench.MotorsTurned();
        Assert.Equal(Standing.Met, bench.Line(line).Standing);
        bench.Do(new Reversed(channel));
        Assert.Equal(stale ? Standing.Stale : Standing.Met, bench.Line(line).Standing);
    }

    [Fact]
    public void A_wheel_that_is_steered_is_asked_about_though_the_sheet_gives_it_no_id()
    {
        var sheet = Bench.Parasol with
        {
            Geometry = Bench.Parasol.Geometry.With(
                GeometryFields.Wheel.List.Is([
                    GeometryFields.Wheel.List.Of(
                        GeometryFields.Wheel.Name.Is("tail wheel"),
                        GeometryFields.Wheel.Steered.Is(true)
                    ),
                ])
            ),
        };
        Assert.Equal(Concedable.Never, new Bench(sheet).Line("called/steers/1").Concedable);
    }

    [Fact]
    public void A_linkage_that_its_servo_shares_asks_for_the_steered_wheel_again()
    {
        var shared = Mail with
        {
            Servos =
            [
                .. Mail.Servos.Select(s =>
                    s.Id == "sv-rud-l" ? s.With(RadioFields.Servo.Drives.Is(["rudder-left", "tail-wheel"])) : s
                ),
            ],
        };
        var bench = Ready(shared);
        bench.Do(new OutputSeen("tail-wheel", "right", OutputAnswer.AsExpected));
        bench.Do(new Core.Build.LinkageMoved("rudder-left", Core.Build.LinkagePart.ArmHole));
        Assert.Equal(Standing.Stale, bench.Line("output/tail-wheel/right").Standing);
    }

    [Theory]
    [InlineData("flap/flap/landing/down", 4)]
    [InlineData("aileron/aileron/high/up", 2)]
    [InlineData("rudder/rudder/high/right", 2)]
    public void Four_flaps_are_compared_inner_with_inner_and_outer_with_outer_and_twin_rudders_left_with_right(
        string throwOf,
        int surfaces
    )
    {
        var kind = throwOf.Split('/')[0];
        var state = new Bench(Mail).State;
        var sides = Ledger
            .Of(state, DateTimeOffset.UnixEpoch)
            .Where(l => l.Id.StartsWith($"sides/{kind}", StringComparison.Ordinal))
            .Where(l => l.Id.EndsWith(throwOf[(kind.Length + 1)..], StringComparison.Ordinal))
            .ToArray();
        Assert.Equal(surfaces / 2, sides.Length);
        Assert.Equal(surfaces, Mail.Surfaces.Count(s => s.Kind == kind));
    }

    [Fact]
    public void Each_of_four_flaps_has_a_band_of_its_own()
    {
        var state = new Bench(Mail).State;
        var landing = ThrowTargets.Of(state.Sheet, state.Rules).Where(t => t is { Rate: "landing", Function: "flap" });
        Assert.Equal(4, landing.Select(t => t.Surface.Id).Distinct().Count());
        Assert.All(landing, t => Assert.Equal((30, 34), (t.Band!.Low, t.Band.High)));
    }
}
