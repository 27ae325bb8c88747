using System.Text;
using CsCheck;
using Xunit;
using Zygotome.Core.Build;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Trueness;
using Zygotome.Core.Unpack;
using Zygotome.Tests;

namespace Zygotome.Core.Tests.Build;

/// <summary>How true it stands: read while it can still be moved, said how far to move, and read again once set.</summary>
public sealed class TruenessTests
{
    private static readonly Instrument Rule = new("rule", 0.5, "rule", "mm");
    private static readonly Instrument Gauge = new("gauge", 0.2, "gauge", "degrees");

    private static Truth Of(string sheet, string id) => Truths.Find(Bench.Sheet(sheet), id)!;

    private static TruthReading Read(Truth truth, Instrument by, double first, double? second, double? apart = null) =>
        TruthReading
            .Of(truth, by, first, second, apart)
            .Match(r => r, r => throw new InvalidOperationException(r.Text));

    private static Bench AtTheFin()
    {
        var bench = new Bench(Bench.Sheet("plimsey-1400")).Unpacked();
        foreach (var step in new[] { "lay-out", "work-hinges", "try-fin", "fit-tailplane" })
        {
            bench.Begin(step);
            bench.Do(bench.Done(step));
        }

        bench.Do(new StepStarted("fit-fin"));
        bench.Answer("fit-fin", AskWhen.Dry);
        bench.Do(new GlueOpened("fit-fin", Bench.Glue(bench.State.Sheet.Step("fit-fin")!.Bond!), Bench.Q("20 °C")));
        while (bench.State.Progress("fit-fin")!.Glue!.Next is { } next)
        {
            bench.Pass(TimeSpan.FromSeconds(next.After));
            bench.Do(new GlueActed("fit-fin", next.Act));
        }

        return bench;
    }

    private static string Line(Bench bench) => bench.Line("trueness/upright/fin").Why;

    [Fact]
    public void Wing_tips_8_mm_apart_are_turned_about_the_middle_by_what_the_diagonal_says()
    {
        // d = 800, s = 700: 8 · 800 / (2 · √(800² − 700²)) = 3200 / 387.298 = 8.262 mm.
        Assert.Equal(8.262, TruthAdvice.TipShift(8, 800, 700), 3);
        var truth = Of("plimsey-1400", "diagonals/wing");
        var half = Bench.Sheet("plimsey-1400").Geometry.Wing!.HalfSpan;
        Assert.Equal(half, truth.Points.Across);
        var read = Read(truth, Rule, 804 + half - 700, 796 + half - 700);
        Assert.Equal(8, read.Value, 6);
        Assert.Equal(0.5 * Math.Sqrt(2), read.U, 6);
        Assert.StartsWith("Left wing tip back by", TruthAdvice.Of(truth, read), StringComparison.Ordinal);
    }

    [Fact]
    public void A_fin_leans_towards_the_side_of_its_shorter_string_by_the_difference_of_squares()
    {
        // (412² − 405²)/(4 · 250) = 5719/1000 = 5.719 mm over a height of 190 mm: 1.725°.
        var truth = Of("plimsey-1400", "upright/fin");
        Assert.Equal((250, 190), (truth.Points.Half, truth.Points.Base));
        var read = Read(truth, Rule, 412, 405);
        Assert.Equal(1.725, read.Value, 3);
        Assert.Equal("Its tip to the left by 5.7 mm.", TruthAdvice.Of(truth, read));
        // U: 0.5 · √(412² + 405²)/500 = 0.5777 mm, over 190 mm and the cosine.
        Assert.Equal(0.5777 / 190 / Math.Cos(1.725 * Math.PI / 180) * 180 / Math.PI, read.U, 3);
    }

    [Fact]
    public void A_spar_further_out_on_one_side_is_slid_by_half_and_panels_that_do_not_meet_say_which_by_how_much()
    {
        var spar = Of("saltern-1500", "protrusion/spar");
        Assert.Equal("Slide it 2.0 mm to the right.", TruthAdvice.Of(spar, Read(spar, Rule, 14, 10)));
        var canopy = Of("lowen-2600", "lines/canopy");
        Assert.Equal(
            "Left by -1.5 mm, right by 0.5 mm: it is twisted too.",
            TruthAdvice.Of(canopy, Read(canopy, Rule, 1.5, -0.5))
        );
    }

    [Fact]
    public void A_horn_4_mm_right_of_its_arms_line_goes_4_mm_to_the_left()
    {
        var horn = Of("plimsey-1400", "horn-line/rudder");
        Assert.Equal("Its hole 4.0 mm to the left.", TruthAdvice.Of(horn, Read(horn, Rule, 4, null)));
    }

    [Fact]
    public void Two_degrees_of_thrust_line_are_washers_by_the_tangent()
    {
        Assert.Equal(1.048, TruthAdvice.Washer(2, 30), 3);
        var truth = Of("wicken-1350", "thrust-right/nose");
        var read = Read(truth, Rule, 10, 10, 30);
        Assert.Equal(0, read.Value);
        Assert.StartsWith(
            "1.0 mm of washers for 30.0 mm between the screws, under the left ones.",
            TruthAdvice.Of(truth, read),
            StringComparison.Ordinal
        );
        Assert.Equal("build/truth-apart", TruthReading.Of(truth, Rule, 10, 10, null).Refused?.Code);
    }

    [Theory]
    // Too little to the right: out on the left, of a pusher on the right. Too little down: out above, behind below.
    [InlineData("thrust-right/nose", true, 1, "left")]
    [InlineData("thrust-right/nose", true, 3, "right")]
    [InlineData("thrust-down/nose", true, 1, "upper")]
    [InlineData("thrust-down/nose", true, 3, "lower")]
    [InlineData("thrust-right/nose", false, 1, "right")]
    [InlineData("thrust-down/nose", false, 3, "upper")]
    public void A_mount_is_packed_at_the_edge_that_has_to_come_out(string id, bool pulls, double read, string edge)
    {
        var truth = Of("wicken-1350", id) with { Pulls = pulls };
        var tilt = MountTilt.Of(truth, Read(truth, Gauge, read, null), stays: false)!;
        Assert.Equal(new MountTilt(id.Contains("right", StringComparison.Ordinal), pulls, 2, read, edge), tilt);
        Assert.Contains($"under the {edge} ones.", TruthAdvice.Of(truth, Read(truth, Gauge, read, null)));
        Assert.Equal("", MountTilt.Of(truth, Read(truth, Gauge, 2, null), stays: true)!.Pack);
    }

    [Theory]
    [InlineData("plimsey-1400", "-250 mm", "-250 mm", true)]
    [InlineData("saltern-1500", "-5 mm", "-5 mm", true)]
    [InlineData("merle-1200", "262 mm", "262 mm", false)]
    // Amidships nobody can tell, and both are said.
    [InlineData("plimsey-1400", "-250 mm", "100 mm", null)]
    public void A_motor_pulls_at_the_front_end_of_a_body_and_pushes_at_its_rear_end(
        string kit,
        string said,
        string at,
        bool? pulls
    )
    {
        var file = File.ReadAllText(ProjectFolder.File("demo", "sheets", $"{kit}.sheet.json"))
            .Replace(
                $"\"at\": \"{said}\",",
                $"\"at\": \"{at}\", \"thrustLine\": {{ \"right\": \"2 deg\" }},",
                StringComparison.Ordinal
            );
        var sheet = SheetReader.Read(Encoding.UTF8.GetBytes(file)).Sheet!;
        var truth = Truths.Of(sheet).Single(t => t.Kind == TruthKind.RightThrust);
        Assert.Equal(pulls, truth.Pulls);
        Assert.Equal(pulls is null, MountTilt.Of(truth, null, stays: false) is null);
    }

    [Fact]
    public void A_mount_that_no_step_puts_on_is_read_at_the_step_that_packs_it()
    {
        Assert.Equal(["firewall"], Of("wicken-1350", "thrust-right/nose").Steps);
        var bench = new Bench(Bench.Sheet("wicken-1350"));
        var step = bench.State.Sheet.Step("firewall")!;
        Assert.Equal(
            ["thrust-right/nose", "thrust-down/nose"],
            StepAsks.Of(bench.State, step).Where(a => a.Truth is not null).Select(a => a.Truth!.Id)
        );
    }

    [Fact]
    public void A_hinge_may_take_a_quarter_of_what_its_servo_has_at_the_trailing_edge()
    {
        // 2.4 kg cm · 12/10 / 4 over 52 mm, shared by the two ailerons of one servo: 720/5.2/2 = 69.2 g.
        var truth = Of("brindle-pair", "hinge-force/aileron-left");
        Assert.Equal("0 to 69 g", truth.Band!.ToString());
        var scales = new Instrument("scales", 1, "scales", "g");
        Assert.StartsWith(
            "Work it free",
            TruthAdvice.Of(truth, Read(truth, scales, 90, null)),
            StringComparison.Ordinal
        );
        Assert.Equal("build/truth-by", TruthReading.Of(truth, Rule, 90, null, null).Refused?.Code);
    }

    [Fact]
    public void A_diagonal_shorter_than_the_wing_is_wide_and_a_missing_second_reading_are_refused()
    {
        var truth = Of("plimsey-1400", "diagonals/wing");
        Assert.Equal("build/truth-short", TruthReading.Of(truth, Rule, 300, 900, null).Refused?.Code);
        Assert.Equal("build/truth-second", TruthReading.Of(truth, Rule, 900, null, null).Refused?.Code);
        Assert.Equal("build/truth-by", TruthReading.Of(truth, Gauge, 1, null, null).Refused?.Code);
    }

    public static TheoryData<string> Sheets =>
        [
            .. Directory
                .GetFiles(ProjectFolder.File("demo", "sheets"))
                .Select(f => Path.GetFileName(f).Split('.')[0])
                .Order(StringComparer.Ordinal),
        ];

    [Theory]
    [MemberData(nameof(Sheets))]
    public void Every_truth_of_every_sheet_can_be_read_and_in_the_middle_there_is_nothing_to_move(string name)
    {
        var all = Truths.Of(Bench.Sheet(name));
        Assert.NotEmpty(all);
        Assert.Equal(all.Length, all.Select(t => t.Id).Distinct().Count());
        foreach (var truth in all)
        {
            Assert.NotNull(truth.Band);
            var (by, first, second, apart) = TrueReadings.Of(truth);
            static double? Mm(string? text) => text is null ? null : (double)((Quantity)Bench.Q(text)).Nominal;
            var read = Read(truth, by, Mm(first)!.Value, Mm(second), Mm(apart));
            Assert.InRange(read.Value - truth.Wanted, -0.02, 0.02);
            var judged = Judgement.Of(read.Value, read.U, truth.Band);
            Assert.True(judged.Releases, $"{truth.Id}: {judged.Phrase} {judged.Hint}");
        }
    }

    /// <summary>Moved as it is told, what was out stands in the middle.</summary>
    [Fact]
    public void A_wing_turned_as_the_advice_says_has_two_diagonals_alike() =>
        Gen.Select(Gen.Double[300, 1500], Gen.Double[200, 1400], Gen.Double[-0.02, 0.02])
            .Sample(
                (half, length, angle) =>
                {
                    // The tips of a wing turned about its middle, read to a point so far behind it.
                    (double Left, double Right) Diagonals(double a) =>
                        (
                            Math.Sqrt(Math.Pow(length + (half * Math.Sin(a)), 2) + Math.Pow(half * Math.Cos(a), 2)),
                            Math.Sqrt(Math.Pow(length - (half * Math.Sin(a)), 2) + Math.Pow(half * Math.Cos(a), 2))
                        );
                    var (left, right) = Diagonals(angle);
                    var shift = TruthAdvice.TipShift(left - right, (left + right) / 2, half);
                    var after = Diagonals(angle - Math.Asin(shift / half));
                    var within = (0.02 * Math.Abs(left - right)) + 1e-6;
                    Assert.InRange(after.Left - after.Right, -within, within);
                }
            );

    [Fact]
    public void A_fin_that_leans_holds_its_step_says_how_far_to_move_and_stays_so_only_with_a_reason()
    {
        var bench = AtTheFin();
        bench.Answer("fit-fin", AskWhen.Open);
        bench.Do(new TrueRead("upright/fin", new Reading(Bench.Q("412 mm")), Rule, new Reading(Bench.Q("405 mm"))));
        var refusal = bench.Refused(bench.Done("fit-fin"))!;
        Assert.Equal("build/untrue", refusal.Code);
        Assert.Contains("Its tip to the left by 5.7 mm.", refusal.Text, StringComparison.Ordinal);
        var done = bench.Do(bench.Done("fit-fin") with { Reason = "It had grabbed." });
        Assert.Equal("Done: Glue the fin. It had grabbed.", done.Body.Say(bench.State));
        bench.Pass(TimeSpan.FromHours(13));
        bench.True(Of("plimsey-1400", "upright/fin"), off: 1.7);
        Assert.Equal(Standing.NotMet, bench.Line("trueness/upright/fin").Standing);
    }

    [Fact]
    public void What_was_read_before_the_glue_set_is_read_again_once_it_has_and_not_before()
    {
        var bench = AtTheFin();
        bench.Answer("fit-fin", AskWhen.Open, AskWhen.Closing);
        Assert.Contains("while it can still be moved", Line(bench), StringComparison.Ordinal);
        bench.Do(bench.Done("fit-fin"));
        Assert.Equal("Read before it had set; read again once it has.", Line(bench));
        bench.True(Of("plimsey-1400", "upright/fin"));
        Assert.Equal(Standing.NotShown, bench.Line("trueness/upright/fin").Standing);
        bench.Pass(TimeSpan.FromHours(13));
        bench.True(Of("plimsey-1400", "upright/fin"));
        Assert.False(bench.Line("trueness/upright/fin").Open);
    }

    [Fact]
    public void A_reading_is_not_ticked_and_a_mended_joint_is_read_anew()
    {
        var bench = AtTheFin();
        Assert.Equal("build/read", bench.Refused(new Answered("fit-fin", "true/upright/fin", true))?.Code);
        bench.Answer("fit-fin", AskWhen.Open, AskWhen.Closing);
        bench.Do(bench.Done("fit-fin"));
        bench.Pass(TimeSpan.FromHours(13));
        bench.Answer("fit-fin", AskWhen.Cured);
        Assert.False(bench.Line("trueness/upright/fin").Open);
        var finding = bench.Do(
            new FindingRaised("fin", PlaceKind.Joint, FindingKind.Parting, Bench.Q("12 mm"), 600, 0, "")
        );
        bench.Do(new Disposed(finding.EntryId, Disposition.Repair, ""), Bench.Thorne);
        bench.Do(new Repaired(finding.EntryId, "Glued", NoGlue: true));
        Assert.Equal(Standing.Stale, bench.Line("trueness/upright/fin").Standing);
    }

    [Theory]
    [MemberData(nameof(Sheets))]
    public void Whatever_is_mended_where_something_was_read_has_it_read_again(string name)
    {
        var sheet = new Bench(Bench.Sheet(name)).State.Sheet;
        foreach (var truth in Truths.Of(sheet).Where(t => t.Part.Length > 0))
        {
            PlaceKind[] kinds = truth.Kind switch
            {
                TruthKind.HornLine or TruthKind.HornSquare => [PlaceKind.Horn, PlaceKind.Servo, PlaceKind.Linkage],
                TruthKind.HingeForce => [PlaceKind.Hinge],
                TruthKind.RightThrust or TruthKind.DownThrust => [PlaceKind.MotorMount],
                _ => [PlaceKind.Joint],
            };
            var restsOn = DisturbanceMatrix.Trueness(sheet, truth).ToArray();
            Assert.All(
                kinds,
                kind =>
                    Assert.True(restsOn.Intersect(DisturbanceMatrix.Repaired(sheet, truth.Part, kind)).Any(), truth.Id)
            );
        }
    }

    [Fact]
    public void A_new_servo_on_the_right_leaves_the_left_horn_as_it_was_read()
    {
        var sheet = new Bench(Bench.Sheet("plimsey-1400")).State.Sheet;
        var left = DisturbanceMatrix.Trueness(sheet, Truths.Find(sheet, "horn-line/aileron-left")!);
        Assert.Empty(left.Intersect(DisturbanceMatrix.Repaired(sheet, "aileron-right", PlaceKind.Servo)));
    }

    [Theory]
    [MemberData(nameof(Sheets))]
    public void Every_horn_that_a_step_puts_on_is_read_once_and_none_that_the_factory_put_on(string name)
    {
        var sheet = new Bench(Bench.Sheet(name)).State.Sheet;
        var put = sheet.Steps.Where(s => Truths.PutsHorns(sheet, s)).SelectMany(s => ClosedRods.By(sheet, s));
        Assert.Equal(
            put.Select(s => $"horn-line/{s.Id}").Order(StringComparer.Ordinal),
            Truths.Of(sheet).Where(t => t.Kind == TruthKind.HornLine).Select(t => t.Id).Order(StringComparer.Ordinal)
        );
    }

    [Fact]
    public void A_horn_that_is_glued_in_is_read_dry_and_a_slot_at_a_wrong_angle_keeps_the_glue_shut()
    {
        const string row = """{ "kind": "horn in line", "of": "rudder", "limit": "± 1 mm", "at": ["fit-fin"] }, """;
        var file = File.ReadAllText(ProjectFolder.File("demo", "sheets", "plimsey-1400.sheet.json"))
            .Replace("\"trueness\": [", $"\"trueness\": [{row}", StringComparison.Ordinal);
        var bench = new Bench(SheetReader.Read(Encoding.UTF8.GetBytes(file)).Sheet!).Unpacked();
        foreach (var step in new[] { "lay-out", "work-hinges", "try-fin", "fit-tailplane" })
        {
            bench.Begin(step);
            bench.Do(bench.Done(step));
        }

        bench.Do(new StepStarted("fit-fin"));
        var spec = bench.State.Sheet.Step("fit-fin")!;
        var horn = StepAsks.Of(bench.State, spec).Single(a => a is { When: AskWhen.Dry, Truth: not null }).Truth!;
        Assert.Equal(TruthKind.HornLine, horn.Kind);
        foreach (var ask in StepAsks.Unsettled(bench.State, spec, AskWhen.Dry).Where(a => a.Truth is null).ToArray())
        {
            bench.Do(new Answered("fit-fin", ask.Id, true));
        }

        var glue = new GlueOpened("fit-fin", Bench.Glue(spec.Bond!), Bench.Q("20 °C"), Reason: "it is all there is");
        Assert.Equal("build/asked", bench.Refused(glue)!.Code);
        bench.Do(new TrueRead(horn.Id, new Reading(Bench.Q("4 mm")), Rule));
        // A reason for another glue is none for a horn askew.
        Assert.Equal("build/untrue", bench.Refused(glue)!.Code);
        Assert.Null(bench.Refused(glue with { Stays = "the owner wants it so" }));
        bench.Do(new TrueRead(horn.Id, new Reading(Bench.Q("0.2 mm")), Rule));
        bench.Do(glue);
        // What was true dry is read again in the wet glue.
        Assert.Contains(StepAsks.Unsettled(bench.State, spec, AskWhen.Open), a => a.Truth?.Id == horn.Id);
    }

    [Fact]
    public void A_limit_in_words_that_nobody_can_read_is_refused_at_import_and_never_judged_by_another()
    {
        var file = File.ReadAllText(ProjectFolder.File("demo", "sheets", "plimsey-1400.sheet.json"))
            .Replace("\"limit\": \"± 4 mm\"", "\"limit\": \"about right\"", StringComparison.Ordinal);
        Assert.Contains(
            SheetReader.Read(Encoding.UTF8.GetBytes(file)).Errors,
            e => e.Path == "$.trueness[0].limit" && e.Text.Contains("is no limit", StringComparison.Ordinal)
        );
    }
}
