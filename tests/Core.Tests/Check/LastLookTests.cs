using Xunit;
using Zygotome.Core.Bind;
using Zygotome.Core.Check;
using Zygotome.Core.Journal;
using Zygotome.Core.Safety;
using Zygotome.Core.Sheets;
using static Zygotome.Core.Tests.Safety.Hands;

namespace Zygotome.Core.Tests.Check;

/// <summary>The last look: what is asked follows from the aircraft, and only an unbroken run counts.</summary>
public sealed class LastLookTests
{
    public static TheoryData<string> Sheets => Journal.FinishedTests.Sheets;

    [Theory]
    [MemberData(nameof(Sheets))]
    public void Everything_that_moves_or_switches_is_called_and_nothing_twice(string name)
    {
        var sheet = Bench.Sheet(name);
        var calls = CallOut.Of(sheet);
        Assert.Equal(calls.Length, calls.Select(c => c.Call).Distinct().Count());
        foreach (var surface in sheet.Surfaces.Where(s => s.Functions.Length > 0))
        {
            Assert.True(calls.Count(c => c.Picture.ContainsKey(surface.Id)) >= 2, $"{surface.Id} goes one way only");
        }

        foreach (var call in OutputCalls.Of(sheet).Where(c => !c.TurnsMotors))
        {
            Assert.Contains(
                calls,
                c => c.Call == call.Call && c.Expected.Contains(call.Expected, StringComparison.Ordinal)
            );
        }
    }

    [Theory]
    [MemberData(nameof(Sheets))]
    public void Each_place_is_asked_where_the_sheet_has_it_and_only_there(string name)
    {
        var sheet = Bench.Sheet(name);
        string[] asks = [.. CheckAsks.Of(new Bench(sheet).State).Select(a => a.Id)];
        int Of(string start) => asks.Count(a => a.StartsWith(start, StringComparison.Ordinal));
        bool Drives(ServoSpec s) => s.Drives.Any(d => sheet.Surface(d) is not null);
        Assert.Equal(asks.Length, asks.Distinct().Count());
        Assert.Equal(sheet.Servos.Count(Drives), Of("keepers/"));
        Assert.Equal(sheet.Geometry.Wheels.Length, asks.Count(a => a.EndsWith("/runs", StringComparison.Ordinal)));
        Assert.Equal(sheet.Geometry.Placed.Where(p => p.IsOpened).Sum(p => PlacedPart.Of(p).Length), Of("shut/"));
        Assert.Equal(
            sheet.Power.Motors.Count(m => !m.IsFan),
            asks.Count(a => a.EndsWith("/nut", StringComparison.Ordinal))
        );
        Assert.Equal(
            sheet.Power.Motors.Count(m => m.IsFan),
            asks.Count(a => a.EndsWith("/fan", StringComparison.Ordinal))
        );
        string[] lines = [.. new Bench(sheet).Open().Select(l => l.Id)];
        Assert.Equal(LampBoard.HasMotor(sheet), lines.Contains("check/full-power"));
        Assert.Equal(LampBoard.HasMotor(sheet), lines.Contains("check/range-motor"));
        Assert.Equal(LampBoard.HasMotor(sheet) && sheet.Geometry.Wheels.Length > 0, lines.Contains("check/taxi"));
    }

    [Fact]
    public void Broken_at_any_call_the_run_counts_for_nothing_and_all_are_called_again()
    {
        var calls = CallOut.Of(Bench.Delta);
        for (var at = 0; at < calls.Length; at++)
        {
            foreach (var answer in (CalledAnswer[])[CalledAnswer.Wrong, CalledAnswer.Nothing])
            {
                var bench = Ready();
                for (var i = 0; i < at; i++)
                {
                    bench.Do(new CalledOut(calls[i].Id, CalledAnswer.AsExpected));
                }

                bench.Do(new CalledOut(calls[at].Id, answer, "the left one"));
                Assert.Equal((Standing.NotMet, Concedable.Never), Line(bench));
                if (at + 1 < calls.Length)
                {
                    Assert.Equal("check/order", bench.Refused(Seen(calls[at + 1]))!.Code);
                }

                LastWalk.CallOut(bench);
                Assert.Equal(Standing.Met, Line(bench).Standing);
            }
        }
    }

    [Fact]
    public void What_was_called_out_and_seen_wrong_is_solved_in_bind_before_it_leaves()
    {
        var bench = Ready();
        Assert.Equal(Standing.Met, bench.Line("direction/aileron").Standing);
        bench.Do(new CalledOut("aileron/right", CalledAnswer.Wrong, "both down"));
        LastWalk.CallOut(bench);
        Assert.Equal(Standing.Stale, bench.Line("direction/aileron").Standing);
    }

    [Fact]
    public void A_pause_another_person_or_another_look_breaks_the_run()
    {
        var calls = CallOut.Of(Bench.Delta);
        var bench = Ready();
        bench.Do(Seen(calls[0]));
        bench.Pass(TimeSpan.FromMinutes(11));
        bench.Power();
        Assert.Equal("check/order", bench.Refused(Seen(calls[1]))!.Code);
        bench.Do(Seen(calls[0]));
        bench.Do(Bench.Isolated(Bench.Delta, LampIs.Connected), Bench.Thorne);
        Assert.Equal("check/order", bench.Refused(Seen(calls[1]), Bench.Thorne)!.Code);
        bench.Look = "another";
        bench.Power();
        Assert.Equal("check/order", bench.Refused(Seen(calls[1]))!.Code);
    }

    [Fact]
    public void Whatever_is_set_otherwise_after_a_run_or_within_it_asks_for_another()
    {
        var calls = CallOut.Of(Bench.Delta);
        var bench = Ready();
        bench.Do(Seen(calls[0]));
        bench.Do(new Reversed("elevon left"));
        Assert.Equal("check/order", bench.Refused(Seen(calls[1]))!.Code);
        LastWalk.CallOut(bench);
        Assert.Equal(Standing.Met, Line(bench).Standing);
        bench.Do(new Reversed("elevon left"));
        Assert.Equal(Standing.Stale, Line(bench).Standing);
    }

    [Fact]
    public void A_keeper_is_looked_at_again_after_its_rod_was_moved_and_a_wheel_after_its_repair()
    {
        var bench = Ready();
        LastWalk.LookAt(bench);
        Assert.Equal(Standing.Met, bench.Line("check/keepers/sv-l").Standing);
        bench.Do(new Core.Build.LinkageMoved("elevon-left", Core.Build.LinkagePart.Clevis));
        Assert.Equal(Standing.Stale, bench.Line("check/keepers/sv-l").Standing);
        Assert.Equal(Standing.Met, bench.Line("check/keepers/sv-r").Standing);
        Assert.Contains(
            DisturbanceMatrix.Fit("wheel-nose"),
            DisturbanceMatrix.Repaired(Bench.Delta, "wheel-nose", PlaceKind.GearRetention)
        );
    }

    [Fact]
    public void A_propeller_that_came_off_has_face_hub_and_nut_looked_at_again()
    {
        var bench = Bound(Bench.Parasol);
        bench.LastLook();
        LastWalk.LookAt(bench);
        Assert.Equal(Standing.Met, bench.Line("check/propeller/nose/face").Standing);
        bench.Do(LampsSaid.Of((Propeller("nose"), LampIs.Off)));
        bench.Do(LampsSaid.Of((Propeller("nose"), LampIs.On)));
        Assert.All(
            (string[])["hub", "face", "nut"],
            what => Assert.Equal(Standing.Stale, bench.Line($"check/propeller/nose/{what}").Standing)
        );
    }

    [Theory]
    [InlineData("2.9 mm", Standing.NotMet)]
    [InlineData("3 mm", Standing.Met)]
    public void A_propeller_nearer_than_the_gap_refuses_release_whatever_was_said(string gap, Standing expected)
    {
        var bench = new Bench(Bench.Sheet("merle-1200"));
        Assert.Equal("check/measure", bench.Refused(new CheckAnswered("propeller/tail/gap", true))!.Code);
        bench.Do(new CheckAnswered("propeller/tail/gap", true, Measured: [Bench.Q(gap)]));
        var line = bench.Line("check/propeller/tail/gap");
        Assert.Equal((expected, Concedable.Never), (line.Standing, line.Concedable));
    }

    [Fact]
    public void The_gap_is_reckoned_where_the_disc_passes_an_edge_and_nowhere_else()
    {
        var merle = Bench.Sheet("merle-1200");
        var behind = merle.Power.Motors[0];
        var (leading, chord) = Planform.At(merle.Geometry.Wing!, 0);
        Assert.InRange(PropellerGap.Of(merle, behind)!.Value, 0, behind.At - leading - chord + 80);
        Assert.Null(PropellerGap.Of(Bench.Parasol, Bench.Parasol.Power.Motors[0]));
    }

    [Theory]
    [InlineData(20, 15.0, true)]
    [InlineData(500, 15.0, false)]
    [InlineData(20, 13.1, false)]
    public void Full_power_is_judged_by_what_carries_it_and_by_volts_a_cell(double amps, double volts, bool held)
    {
        var bench = Ready();
        Assert.Equal("power/not-open", bench.Refused(new PowerRun(amps, volts, 8))!.Code);
        bench.Pack(LampIs.InBay);
        bench.LastLook();
        bench.Do(new ActOpened(PoweredAct.FullPowerRun, Bench.Holding));
        bench.Pack(LampIs.Connected);
        Assert.Equal("power/not-reached", bench.Refused(new PowerRun(amps, volts, 8))!.Code);
        bench.Say(LampKind.Transmitter, LampIs.FullStick);
        bench.Do(new PowerRun(amps, volts, 8));
        Assert.Equal(held ? Standing.Met : Standing.NotMet, bench.Line("check/full-power").Standing);
        Assert.Null(bench.State.Safety.Act);
    }

    [Theory]
    [MemberData(nameof(Sheets))]
    public void Each_question_has_a_name_of_its_own_in_its_list(string name)
    {
        string[] names = [.. CheckAsks.Of(new Bench(Bench.Sheet(name)).State).Select(a => a.Brief)];
        Assert.Equal(names.Distinct(), names);
        Assert.All(names, n => Assert.InRange(n.Length, 3, 60));
    }

    [Fact]
    public void What_is_the_same_of_each_motor_is_said_once()
    {
        var said = PowerLimits.Said(new Bench(Bench.Sheet("carrow-mail-1900")).State);
        Assert.Single(said, "at most 30 A, the controller of each");
    }

    [Fact]
    public void Of_three_motors_each_is_read_and_one_that_draws_less_than_its_likes_does_not_hide_in_the_sum()
    {
        var bench = FullStick("carrow-mail-1900");
        Assert.Equal("check/each", bench.Refused(new PowerRun(51, 15.0, 8))!.Code);
        Assert.Equal("check/each", bench.Refused(Drew(17, 17))!.Code);
        Assert.Equal("check/each-once", bench.Refused(Drew(17, 17, 17, 17))!.Code);
        bench.Do(Drew(17, 12, 18));
        var line = bench.Line("check/full-power");
        Assert.Equal(Standing.NotMet, line.Standing);
        Assert.StartsWith("Left draws 12 A, its likes 17.5 A", line.Why, StringComparison.Ordinal);
        Assert.StartsWith("47 A (nose 17, left 12, right 18)", line.Reading, StringComparison.Ordinal);

        bench = FullStick("carrow-mail-1900");
        bench.Do(Drew(17, 16.5, 18));
        Assert.Equal(Standing.Met, bench.Line("check/full-power").Standing);
    }

    [Fact]
    public void A_motor_over_its_own_controller_is_named_though_together_they_carry_it()
    {
        var sheet = Bench.Sheet("carrow-mail-1900");
        var bench = new Bench(sheet);
        var limit = PowerLimits.Of(bench.State).Single(l => l.Motor == "left");
        Assert.False(limit.Holds(Drew(5, 31, 5)));
        Assert.True(limit.Holds(Drew(40, 30, 5)));
        // Read before each was asked: judged together, as it was then.
        Assert.True(limit.Holds(new PowerRun(80, 15, 8)));
        // A sum that is said too small does not hide what each was read to draw.
        var most = PowerLimits.Of(bench.State).Single(l => l is { Motor: "", Value: 57 });
        Assert.False(most.Holds(Drew(25, 25, 25) with { Amps = 10 }));
    }

    private static PowerRun Drew(params double[] amps)
    {
        string[] motors = ["nose", "left", "right", "nose"];
        return new PowerRun(null, 15.0, 8, [.. amps.Select((a, i) => new MotorAmps(motors[i], a))]);
    }

    private static Bench FullStick(string sheet)
    {
        var bench = new Bench(Bench.Sheet(sheet)).Power().Cut();
        bench.Pack(LampIs.InBay);
        bench.LastLook();
        bench.Do(new ActOpened(PoweredAct.FullPowerRun, Bench.Holding));
        bench.Pack(LampIs.Connected);
        bench.Say(LampKind.Transmitter, LampIs.FullStick);
        return bench;
    }

    [Fact]
    public void Range_is_walked_motor_off_first_as_far_as_the_sheet_says_and_again_with_another_payload()
    {
        var bench = Ready();
        var far = RangeHeld.Far(Bench.Delta);
        bench.Do(new RangeHeld(far - 1, false, true));
        Assert.Equal(Standing.NotMet, bench.Line("check/range").Standing);
        bench.Do(new RangeHeld(far, false, false, "rudder twitched"));
        Assert.Equal(
            (Standing.NotMet, Concedable.Never),
            (bench.Line("check/range").Standing, bench.Line("check/range").Concedable)
        );
        bench.Pack(LampIs.InBay);
        bench.LastLook();
        bench.Do(new ActOpened(PoweredAct.RangeWithMotor, Bench.Holding));
        bench.Pack(LampIs.Connected);
        bench.Say(LampKind.Transmitter, LampIs.Live);
        Assert.Equal("check/range-first", bench.Refused(new RangeHeld(far, true, true))!.Code);
        bench.Say(LampKind.Transmitter, LampIs.CutSet);
        bench.Pack(LampIs.InBay);
        bench.Power();
        bench.Do(new RangeHeld(far, false, true));
        Assert.Equal(Standing.Met, bench.Line("check/range").Standing);
        bench.Do(new Core.Receive.AddOnBrought("camera", Bench.Q("40 g")));
        Assert.Equal(Standing.Stale, bench.Line("check/range").Standing);
    }

    // Bound, its directions shown, the cut proven, isolated and under power.
    private static Bench Ready() => new Bench().Unpacked().Steps(Stage.Build).Steps(Stage.Wire).Bound().Cut().Power();

    private static CalledOut Seen(CheckCall call) => new(call.Id, CalledAnswer.AsExpected);

    private static (Standing Standing, Concedable Concedable) Line(Bench bench) =>
        (bench.Line("check/run").Standing, bench.Line("check/run").Concedable);
}
