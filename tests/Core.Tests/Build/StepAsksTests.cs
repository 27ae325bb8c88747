using System.Text;
using System.Text.Json.Nodes;
using Xunit;
using Zygotome.Core.Build;
using Zygotome.Core.Drawing;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Safety;
using Zygotome.Core.Sheets;
using Zygotome.Core.Unpack;
using Zygotome.Tests;

namespace Zygotome.Core.Tests.Build;

/// <summary>What steps ask, and what waits for it.</summary>
public sealed class StepAsksTests
{
    private static string[] Asks(Bench bench, string step) =>
        [.. StepAsks.Of(bench.State, bench.State.Sheet.Step(step)!).Select(a => a.Id)];

    [Fact]
    public void A_joint_asks_for_its_leads_drawn_through_before_it_closes()
    {
        var bench = new Bench(Bench.Parasol).Unpacked().Until("join-wing");
        Assert.Contains("through/lead-ail-l", Asks(bench, "join-wing"));
        bench.Do(new StepStarted("join-wing"));
        bench.Answer("join-wing", AskWhen.Dry);
        bench.Do(new Answered("join-wing", "through/lead-ail-r", false));
        Assert.Equal(
            "ask/through/lead-ail-r",
            bench.Refused(new GlueOpened("join-wing", Bench.Glue(new BondSpec("EPO", "carbon", "structural"))))!.Where
        );
    }

    [Fact]
    public void What_no_page_tells_apart_is_asked_top_up_and_left_on_the_left_before_screw_or_glue()
    {
        var bench = new Bench(Bench.Sheet("merle-1200")).Unpacked().Until("foreplane");
        // Its wing is told apart by what the sheet says where it is tried dry.
        Assert.DoesNotContain("way-round", Asks(bench, "join-wing"));
        bench.Do(new StepStarted("foreplane"));
        var ask = StepAsks.Of(bench.State, bench.State.Sheet.Step("foreplane")!).Single(a => a.Id == "way-round");
        Assert.Equal("Foreplane: top up, L on the pilot's left?", ask.Words);
        bench.Answer("foreplane", AskWhen.Dry, AskWhen.Closing);
        bench.Do(new Answered("foreplane", "way-round", false));
        Assert.Equal("ask/way-round", bench.Refused(bench.Done("foreplane"))!.Where);
    }

    [Fact]
    public void Surfaces_of_a_tail_that_is_glued_on_by_a_silent_sheet_are_tried_before_it_sets_and_after()
    {
        var bench = new Bench(Bench.Sheet("wicken-1350"));
        Assert.Contains("moves/1", Asks(bench, "tail"));
        Assert.Equal(
            "Left elevator, right elevator, rudder: free to move, now that it has set?",
            StepAsks.Of(bench.State, bench.State.Sheet.Step("tail")!).Single(a => a.Id == "free/1").Words
        );
        // The sheet's own words come before ours; a wing is glued far from what hangs on it.
        Assert.Equal(
            "Rudder rod: still free to move?",
            StepAsks
                .Of(new Bench(Bench.Parasol).State, Bench.Parasol.Step("fit-fin")!)
                .Single(a => a.Id == "moves/1")
                .Words
        );
        Assert.DoesNotContain("moves/1", Asks(bench, "join-wing"));
    }

    [Fact]
    public void Nothing_with_a_left_and_a_right_is_put_on_by_a_silent_sheet_without_being_asked_which_is_which()
    {
        foreach (var path in Directory.GetFiles(ProjectFolder.File("demo", "sheets")))
        {
            var file = JsonNode.Parse(File.ReadAllText(path))!;
            foreach (var step in file["steps"]!.AsArray())
            {
                step!.AsObject().Remove("orientation");
            }

            var bench = new Bench(SheetReader.Read(Encoding.UTF8.GetBytes(file.ToJsonString())).Sheet!);
            var halves = bench.State.Sheet.Geometry.Lifting.Select(l => l.Id).ToArray();
            Assert.All(
                bench.State.Sheet.Steps.Where(s => halves.Any(h => s.Fits.Contains(h))),
                s => Assert.Contains(s.Side.Length > 0 ? "side" : "way-round", Asks(bench, s.Id))
            );
        }
    }

    [Fact]
    public void Screws_are_started_all_and_tightened_across_snug_in_plastic_and_a_hidden_one_is_asked_for()
    {
        var bench = new Bench(Bench.Parasol);
        var ask = StepAsks
            .Of(bench.State, bench.State.Sheet.Step("mount-wing")!)
            .First(a => a.Id == "screws/screw-m3x12");
        Assert.Contains("1 3 2 4", ask.Words, StringComparison.Ordinal);
        Assert.Contains("snug, not hard", ask.Words, StringComparison.Ordinal);
        Assert.Contains("no thread-lock", ask.Words, StringComparison.Ordinal);
        var mail = new Bench(Bench.Sheet("carrow-mail-1900"));
        Assert.Contains("caught/screw-m3x16", Asks(mail, "nacelles"));
    }

    [Fact]
    public void A_new_servo_stands_at_its_reference_before_its_rod_goes_on_and_its_repair_says_so()
    {
        var bench = new Bench(Bench.Parasol).Unpacked();
        var finding = bench.Do(
            new FindingRaised("aileron-left", PlaceKind.Servo, FindingKind.Dead, Bench.Q("1 mm"), 150, -300, "")
        );
        bench.Do(new Disposed(finding.EntryId, Disposition.Replace, ""), Bench.Thorne);
        var repair = bench.State.Sheet.Steps.Single(s => s.Repairs.Length > 0);
        Assert.Contains(
            StepAsks.Of(bench.State, repair),
            a => a.When == AskWhen.Closing && a.Words.Contains("reference", StringComparison.Ordinal)
        );
        Assert.Equal(["aileron-left"], repair.WorksOn);
    }

    [Fact]
    public void Hot_melt_at_a_repair_is_judged_by_what_grows_hot_beside_it()
    {
        static string Heat(string part, double x) => JointHeat.At(Bench.Parasol, part, x, 0);
        Assert.Equal("motor", Heat("body-fuselage", -220));
        Assert.Equal("", Heat("body-fuselage", 700));
        var bench = new Bench(Bench.Parasol).Unpacked();
        foreach (var x in new[] { -220, 700 })
        {
            var finding = bench.Do(
                new FindingRaised("body-fuselage", PlaceKind.Skin, FindingKind.Crack, Bench.Q("40 mm"), x, 0, "")
            );
            bench.Do(new Disposed(finding.EntryId, Disposition.Repair, ""), Bench.Thorne);
        }

        var hot = new Adhesive("gun", "hot melt", 1, 10, Epoxy: false) { Kind = AdhesiveKind.HotMelt };
        var harms = bench
            .State.Sheet.Steps.Where(s => s.Repairs.Length > 0)
            .Select(s => GlueOfJoint.Harm(bench.State, hot, s)!.Contains("beside the motor", StringComparison.Ordinal));
        Assert.Equal([true, false], harms);
    }

    [Theory]
    [InlineData("metal", true, "one drop of medium thread-lock")]
    [InlineData("metal", false, "no lock")]
    [InlineData("plastic", true, "no thread-lock")]
    [InlineData("foam anchor", true, "no lock")]
    public void Thread_lock_goes_on_metal_alone_whatever_the_page_says(string into, bool locked, string words) =>
        Assert.Contains(
            words,
            StepAsks.Tight(new FastenerSpec(3, 12) { Into = into, Locked = locked }, 1),
            StringComparison.Ordinal
        );

    [Theory]
    [InlineData(4, "1 3 2 4")]
    [InlineData(6, "1 4 2 5 3 6")]
    [InlineData(8, "1 5 3 7 2 6 4 8")]
    [InlineData(2, "")]
    [InlineData(13, "")]
    public void A_ring_is_tightened_across(int count, string order) =>
        Assert.Equal(order, string.Join(' ', ScrewRing.Order(count)));

    [Fact]
    public void Every_ring_has_every_screw_once_and_the_second_lies_farthest_from_the_first()
    {
        for (var n = 3; n <= ScrewRing.Most; n++)
        {
            var order = ScrewRing.Order(n);
            Assert.Equal(Enumerable.Range(1, n), order.Order());
            Assert.Equal(n / 2, Math.Min(order[1] - 1, n - order[1] + 1));
        }
    }

    [Fact]
    public void What_closes_over_a_motor_asks_for_air_and_a_glider_does_not()
    {
        Assert.Contains("air", Asks(new Bench(Bench.Sheet("brindle-pair")), "cowl"));
        Assert.DoesNotContain("air", Asks(new Bench(Bench.Sheet("lowen-2600")), "seats"));
    }

    [Fact]
    public void Taps_of_a_procedure_are_done_in_their_order_each_with_its_own_wait()
    {
        var bench = new Bench(Bench.Sheet("lowen-2600")).Unpacked().Until("panel-decals");
        bench.Do(new StepStarted("panel-decals"));
        Assert.Equal("build/in-order", bench.Refused(new Answered("panel-decals", "tap/2", true))!.Code);
        bench.Do(new Answered("panel-decals", "tap/1", true));
        Assert.Equal("build/wait", bench.Refused(new Answered("panel-decals", "tap/2", true))!.Code);
        bench.Pass(TimeSpan.FromSeconds(20));
        bench.Do(new Answered("panel-decals", "tap/2", true));
        Assert.Equal("build/asked", bench.Refused(new StepDone("panel-decals"))!.Code);
    }

    [Fact]
    public void No_linkage_is_closed_before_its_servo_stood_at_its_reference_with_trims_at_zero()
    {
        var bench = new Bench(Bench.Sheet("lowen-2600")).Unpacked().Until("brakes");
        var waits = StepGraph.Of(bench.State, bench.State.Sheet.Step("brakes")!, bench.Now).WaitsFor;
        Assert.Contains(waits, w => w.Contains("left brake at brake closed; right brake", StringComparison.Ordinal));
        Assert.Equal("build/trims", bench.Refused(new ServoStood("sv-brake-l", StoodBy.Tester, false))!.Code);
        Assert.Equal("build/servo", bench.Refused(new ServoStood("sv-nowhere", StoodBy.Tester, true))!.Code);
        Assert.NotNull(bench.Refused(new ServoStood("sv-brake-l", StoodBy.Radio, true))!.Lamp);
        bench.Do(new ServoStood("sv-brake-l", StoodBy.Tester, true));
        bench.Power();
        bench.Do(new ServoStood("sv-brake-r", StoodBy.Radio, true));
        bench.Pack(LampIs.InBay);
        Assert.Null(bench.Refused(new StepStarted("brakes")));
    }

    [Fact]
    public void A_step_for_two_pairs_of_hands_asks_whose_and_keeps_the_name()
    {
        var bench = new Bench(Bench.Sheet("brindle-pair")).Unpacked().Until("upper-wing");
        Assert.Equal("body.with", bench.Refused(new StepStarted("upper-wing"))!.Where);
        bench.Do(new StepStarted("upper-wing", With: "I. Thorne"));
        Assert.Equal("I. Thorne", bench.State.Progress("upper-wing")!.With);
    }

    [Fact]
    public void Minutes_are_recorded_by_themselves_stop_with_hands_off_and_can_be_put_right()
    {
        var bench = new Bench().Unpacked();
        bench.Do(new StepStarted("lay-out"));
        bench.Pass(TimeSpan.FromMinutes(7));
        bench.Do(new StepPaused("lay-out"));
        Assert.Equal("build/not-running", bench.Refused(new StepPaused("lay-out"))!.Code);
        bench.Pass(TimeSpan.FromHours(1));
        bench.Do(new StepResumed("lay-out"));
        bench.Pass(TimeSpan.FromMinutes(3));

        // Whoever takes something else up has let go of it.
        bench.Do(new StepStarted("try-spar"));
        bench.Pass(TimeSpan.FromMinutes(9));
        Assert.InRange(bench.State.Progress("lay-out")!.Minutes(bench.Now), 10, 10.5);
        Assert.InRange(bench.State.Progress("try-spar")!.Minutes(bench.Now), 9, 9.5);
        bench.Do(new StepDone("lay-out"));
        bench.Do(new MinutesSaid("lay-out", 12, "M. Sorrel"));
        Assert.Equal(
            (12, "M. Sorrel"),
            (bench.State.Progress("lay-out")!.Minutes(bench.Now), bench.State.Progress("lay-out")!.With)
        );
        Assert.Equal("build/minutes", bench.Refused(new MinutesSaid("lay-out", -1))!.Code);
    }

    [Theory]
    [InlineData("hex driver 2.5 mm, reach 180 mm", "hex driver 2.5 mm, reach 140 mm", true)]
    [InlineData("hex driver 2.5 mm", "hex driver 2.5 mm, reach 140 mm", false)]
    [InlineData("hex driver 2 mm, reach 180 mm", "hex driver 2.5 mm, reach 140 mm", false)]
    [InlineData("hex driver 2.5 mm, reach 180 mm", "hex driver 2.5 mm", true)]
    public void A_tool_does_what_is_asked_by_its_tip_and_its_reach(string has, string asked, bool does) =>
        Assert.Equal(does, Tools.Does(has, asked));

    [Theory]
    [InlineData("hex driver 2.5 mm, reach 80 mm", "the shop's reaches 80 mm")]
    [InlineData("hex driver 2.5 mm", "how far the shop's reaches nobody said")]
    [InlineData("hex driver 2.5 mm, reach 140 mm", "")]
    [InlineData("hex driver 2 mm, reach 180 mm", "")]
    public void A_tool_of_the_right_tip_that_does_not_get_there_says_how_far_it_does(string has, string why) =>
        Assert.Equal(why, Tools.Short([has], "hex driver 2.5 mm, reach 140 mm"));

    [Theory]
    [InlineData(40, "40 s")]
    [InlineData(95, "95 s")]
    [InlineData(150, "2 min 30 s")]
    [InlineData(900, "15 min")]
    [InlineData(7200, "2 h")]
    [InlineData(43200, "12 h")]
    [InlineData(8400, "2 h 20")]
    public void How_long_is_said_in_one_form(double seconds, string words) => Assert.Equal(words, Spans.Say(seconds));

    [Fact]
    public void Magnets_are_covered_before_anything_is_filed()
    {
        var filed = Bench.Sheet(
            "plimsey-1400",
            n =>
                n["steps"]!.AsArray().Single(s => (string?)s!["id"] == "fit-gear")!["tools"] = new JsonArray(
                    "metal file"
                )
        );
        var bench = new Bench(filed).Unpacked();
        bench.Do(new StepStarted("fit-gear"));
        Assert.Equal(
            AskWhen.Dry,
            StepAsks.Of(bench.State, filed.Step("fit-gear")!).Single(a => a.Id == "magnets").When
        );
    }

    [Fact]
    public void What_is_held_by_tape_for_now_blocks_release_and_what_is_taped_for_good_is_a_joint()
    {
        var bench = new Bench(Bench.Sheet("tarn-midge-620"));
        var loop = bench.Do(new LoopOpened(LoopKind.HeldByTape, "nose")).EntryId;
        Assert.True(bench.Line($"loop/{loop}").Open);
        var pods = bench.State.Sheet.Step("pods-on")!;
        var tape = new Adhesive("tape", "fibre tape", 0, 10, Epoxy: false) { Kind = AdhesiveKind.Tape };
        Assert.Null(GlueOfJoint.Harm(bench.State, tape, pods));
        Assert.Contains(Asks(bench, "set-dihedral"), a => a.StartsWith("true/dihedral/", StringComparison.Ordinal));
    }

    [Fact]
    public void A_dropped_screw_stays_counted_until_it_is_found()
    {
        var bench = new Bench().Unpacked();
        Assert.Equal("text/missing", bench.Refused(new LoopOpened(LoopKind.Dropped, ""))!.Code);
        var loop = bench.Do(new LoopOpened(LoopKind.Dropped, "screw 2 × 8 mm, in the hull")).EntryId;
        Assert.Equal(Concedable.Never, bench.Line($"loop/{loop}").Concedable);
        bench.Do(new LoopClosed(loop));
        Assert.Equal(Standing.Met, bench.Line($"loop/{loop}").Standing);
    }
}
