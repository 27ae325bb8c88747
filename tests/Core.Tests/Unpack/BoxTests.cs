using Xunit;
using Zygotome.Core.Build;
using Zygotome.Core.Drawing;
using Zygotome.Core.Journal;
using Zygotome.Core.Receive;
using Zygotome.Core.Safety;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Table;
using Zygotome.Core.Unpack;

namespace Zygotome.Core.Tests.Unpack;

public sealed class BoxTests
{
    private static readonly SpecSheet Biplane = Bench.Sheet("brindle-pair");

    private static Finding Raise(
        Bench bench,
        PlaceKind kind = PlaceKind.Skin,
        FindingKind what = FindingKind.Crack,
        string size = "34 mm",
        string place = "body-fuselage"
    )
    {
        var entry = bench.Do(new FindingRaised(place, kind, what, Bench.Q(size), 100, 10, ""));
        return bench.State.Unpack.Find(entry.EntryId)!;
    }

    // The fastener rule: 3 mm in plastic, stack 8, hole 12: 14 to 20 mm.
    [Theory]
    [InlineData("3 mm", "16 mm", true, "fits")]
    [InlineData("3 mm", "14 mm", true, "fits")]
    [InlineData("3 mm", "20 mm", true, "fits")]
    [InlineData("3 mm", "12 mm", false, "2 mm too short")]
    [InlineData("3 mm", "22 mm", false, "2 mm too long")]
    [InlineData("2.5 mm", "16 mm", false, "Another thread")]
    public void A_substitute_is_judged_by_the_fastener_rule_with_its_numbers(
        string diameter,
        string length,
        bool fits,
        string words
    )
    {
        var verdict = new SubstituteAccepted("screw-m3x16", 1, Bench.Q(diameter), Bench.Q(length))
            .Judge(Bench.Parasol)
            .OrDefault()!;
        Assert.Equal(fits, verdict.Fits);
        Assert.Contains(words, verdict.Why, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("plastic", 2)]
    [InlineData("metal", 1.5)]
    public void Engagement_is_twice_the_diameter_in_plastic_and_one_and_a_half_in_metal(string into, double times)
    {
        var place = new FastenerSpec(3, 16)
        {
            Stack = 8,
            Depth = 12,
            Into = into,
        };
        Assert.Equal(8 + (3 * times), Fasteners.Judge(place, 3, 16).Least);
        Assert.Equal(20, Fasteners.Judge(place, 3, 16).Most);
    }

    [Fact]
    public void What_the_sheet_does_not_state_is_measured_at_the_bench_and_a_misfit_is_refused()
    {
        var bench = new Bench(
            Biplane with
            {
                Parts =
                [
                    .. Biplane.Parts.Select(p =>
                        p.Id == "screw-m3x12"
                            ? p.With(
                                PartFields.Stack.Is(new Printed<double>.NotStated(false)),
                                PartFields.Depth.Is(new Printed<double>.NotStated(false))
                            )
                            : p
                    ),
                ],
            }
        );
        var other = new SubstituteAccepted("screw-m3x12", 2, Bench.Q("3 mm"), Bench.Q("14 mm"));
        Assert.Contains("measure both", bench.Refused(other)!.Text, StringComparison.Ordinal);
        bench.Do(new Counted("screw-m3x12", 10));
        bench.Do(new WrongCounted("screw-m3x12", 2, "3 × 14"));
        bench.Do(other with { Stack = Bench.Q("5 mm"), Depth = Bench.Q("12 mm") });
        Assert.Equal((12, 0), (bench.State.Unpack.CountOf("screw-m3x12"), bench.State.Unpack.Wrong["screw-m3x12"]));
        Assert.Equal(
            "unpack/substitute",
            bench
                .Refused(other with { Length = Bench.Q("40 mm"), Stack = Bench.Q("5 mm"), Depth = Bench.Q("12 mm") })!
                .Code
        );
        Assert.Equal("unpack/not-a-fastener", bench.Refused(other with { Part = "cowl" })!.Code);
    }

    [Fact]
    public void Two_people_counting_one_bag_lose_no_count()
    {
        var bench = new Bench(Biplane);
        bench.Do(new Counted("wheel", 1), Bench.Vane);
        bench.Do(new Counted("wheel", 1), Bench.Thorne);
        bench.Do(new WrongCounted("wheel", 1), Bench.Vane);
        bench.Do(new WrongCounted("wheel", 1), Bench.Thorne);
        Assert.Equal((2, 2), (bench.State.Unpack.CountOf("wheel"), bench.State.Unpack.Wrong["wheel"]));
        Assert.Equal("unpack/delta", bench.Refused(new WrongCounted("wheel", -3))!.Code);
    }

    [Fact]
    public void A_missing_paper_needs_a_source_for_its_numbers()
    {
        var bench = new Bench(Biplane);
        Assert.Contains("need a source", bench.Line("papers/balance").Why, StringComparison.Ordinal);
        Assert.Equal("text/missing", bench.Refused(new PaperFromElsewhere("balance", " "))!.Code);
        bench.Do(new PaperFromElsewhere("balance", "the maker's file, edition 3"));
        Assert.Contains("edition 3", bench.Line("papers/balance").Why, StringComparison.Ordinal);
    }

    public static TheoryData<string> Sheets =>
        [
            "plimsey-1400",
            "carrow-mail-1900",
            "tansy-needle",
            "brindle-pair",
            "skerrow-64",
            "lowen-2600",
            "wicken-1350",
            "merle-1200",
            "saltern-1500",
            "tarn-midge-620",
        ];

    [Theory]
    [MemberData(nameof(Sheets))]
    public void The_walk_passes_every_hinge_horn_wing_leg_motor_and_lead_once_and_the_ledger_asks_for_each(string name)
    {
        var sheet = Bench.Sheet(name);
        var points = InspectionRoute.Of(sheet);
        Assert.Equal(points.Length, points.Select(p => p.Id).Distinct().Count());
        Assert.All(
            sheet.Surfaces,
            s => Assert.Equal(2, points.Count(p => p.Part == s.Id && p.Kind is PlaceKind.Hinge or PlaceKind.Horn))
        );
        Assert.All(
            sheet.Geometry.Wheels.Select((w, i) => $"leg/{(w.Id.Length > 0 ? w.Id : $"{i + 1}")}"),
            id => Assert.Contains(points, p => p.Id == id)
        );
        Assert.All(sheet.Power.Motors, m => Assert.Contains(points, p => p.Id == $"motor/{m.Id}"));
        Assert.All(sheet.Leads, l => Assert.Contains(points, p => p.Id == $"lead/{l.Id}"));
        Assert.All(
            sheet.Geometry.Lifting.Where(l => l.Role == "wing"),
            w => Assert.Contains(points, p => p.Id == $"spar/{w.Id}-right")
        );
        var parts = Drawings.Plan(sheet).Parts.Select(p => p.Id).ToHashSet();
        Assert.All(points, p => Assert.Contains(p.Part, parts));
        var bench = new Bench(sheet);
        Assert.All(points, p => Assert.Equal(Standing.NotShown, bench.Line($"walk/{p.Id}").Standing));
    }

    public static TheoryData<string, string[]> Ways =>
        new()
        {
            {
                "plimsey-1400",
                [
                    "motor/nose",
                    "joint/wing-left",
                    "hinge/aileron-left",
                    "skin/body",
                    "hinge/rudder",
                    "hinge/aileron-right",
                    "joint/wing-right",
                    "under",
                ]
            },
            {
                "merle-1200",
                [
                    "canopy/canopy",
                    "skin/foreplane-left",
                    "joint/wing-left",
                    "joint/fin-left",
                    "skin/body",
                    "motor/tail",
                    "joint/fin-right",
                    "joint/wing-right",
                ]
            },
            {
                "carrow-mail-1900",
                [
                    "motor/nose",
                    "canopy/cockpit",
                    "motor/left",
                    "joint/wing-left",
                    "skin/body",
                    "joint/fin-left",
                    "joint/fin-right",
                    "joint/wing-right",
                    "motor/right",
                ]
            },
        };

    [Theory]
    [MemberData(nameof(Ways))]
    public void Hands_go_out_along_the_left_wing_with_what_stands_on_it_round_the_tail_and_back_along_the_right(
        string name,
        string[] order
    )
    {
        var ids = InspectionRoute.Of(Bench.Sheet(name)).Select(p => p.Id).ToList();
        Assert.All(order, id => Assert.Contains(id, ids));
        Assert.Equal(order, order.OrderBy(ids.IndexOf));
    }

    [Fact]
    public void A_place_with_an_open_finding_is_not_called_sound()
    {
        var bench = new Bench();
        var hinge = Raise(bench, PlaceKind.Hinge, FindingKind.Parting, place: "elevon-left");
        Assert.Equal("unpack/walk-open", bench.Refused(new Walked("hinge/elevon-left", WalkAnswer.Sound))!.Code);
        bench.Do(new Walked("hinge/elevon-left", WalkAnswer.Finding, hinge.Id));
        Assert.Equal("F1", bench.Line("walk/hinge/elevon-left").Reading);
        Assert.Equal("unpack/walk-finding", bench.Refused(new Walked("bay", WalkAnswer.Finding, "nothing"))!.Code);
        Assert.Equal("unpack/point", bench.Refused(new Walked("anchor", WalkAnswer.Sound))!.Code);
    }

    [Fact]
    public void The_origin_follows_from_what_was_recorded_before()
    {
        var untouched = new Bench();
        Assert.Equal((Origin.Transport, "O6"), Inferred(untouched, FindingKind.Crack));
        Assert.Equal((Origin.Factory, "O4"), Inferred(untouched, FindingKind.Parting));
        var crushed = new Bench();
        crushed.Do(new CartonSeen(Carton.Crushed, ""));
        Assert.Equal((Origin.Transport, "O3"), Inferred(crushed, FindingKind.Crush));
        var sound = new Bench();
        sound.Do(new CartonSeen(Carton.Sound, ""));
        Assert.Equal((Origin.Factory, "O5"), Inferred(sound, FindingKind.Dent));
        sound.Do(new Walked("skin/body", WalkAnswer.Sound));
        Assert.Equal((Origin.Shop, "O1"), Inferred(sound, FindingKind.Dent));
        var built = new Bench().Unpacked();
        built.Until("fit-spar");
        built.Do(new StepStarted("fit-spar"));
        Assert.Equal((Origin.Shop, "O1"), Inferred(built, FindingKind.Crack, "wing-left"));

        static (Origin, string) Inferred(Bench bench, FindingKind kind, string place = "body-fuselage") =>
            Origins.Of(bench.State, place, PlaceKind.Skin, kind) is var o ? (o.Origin, o.Rule) : default;
    }

    [Fact]
    public void A_lead_raises_a_grade_freely_and_lowers_it_only_with_a_reason()
    {
        var bench = new Bench();
        var f = Raise(bench, size: "6 mm");
        Assert.Equal(Grade.Functional, f.Grading.Grade);
        Assert.Equal("entry/role", bench.Refused(new Regraded(f.Id, Grade.Structural, ""))!.Code);
        bench.Do(new Disposed(f.Id, Disposition.UseAsIs, "Shallow."));
        bench.Do(new Regraded(f.Id, Grade.Structural, ""), Bench.Thorne);
        Assert.Null(bench.State.Unpack.Find(f.Id)!.Disposition);
        Assert.Equal("text/missing", bench.Refused(new Regraded(f.Id, Grade.Cosmetic, ""), Bench.Thorne)!.Code);
        bench.Do(new Regraded(f.Id, Grade.Cosmetic, "Only the paint."), Bench.Thorne);
        Assert.Contains("Only the paint.", bench.State.Unpack.Find(f.Id)!.Grading.Text, StringComparison.Ordinal);
    }

    [Fact]
    public void A_repair_decided_on_is_a_step_with_its_bond_and_doing_it_is_the_repair()
    {
        var bench = new Bench().Unpacked();
        var f = Raise(bench);
        bench.Do(new Disposed(f.Id, Disposition.Repair, ""));
        var step = bench.State.Sheet.Step("repair-f1")!;
        Assert.NotNull(step.Bond);
        Assert.Contains(step.Disturbs, a => a.Kind == AspectKind.Trueness);
        Assert.True(bench.Line("step/repair-f1").Open);
        bench.Pack(LampIs.Out);
        bench.Do(new StepStarted("repair-f1"));
        bench.End("repair-f1", new Adhesive("c", "foam-safe contact", 15, 240, false));
        Assert.Equal("unpack/curing", bench.Refused(new Reinspected(f.Id, true), Bench.Thorne)!.Code);
        bench.Pass(TimeSpan.FromHours(5));
        bench.Do(new Reinspected(f.Id, true), Bench.Thorne);
        Assert.False(bench.Line($"finding/{f.Id}").Open);
        Assert.False(bench.Line("step/repair-f1").Open);
    }

    [Fact]
    public void A_repair_that_was_not_sound_opens_its_step_again()
    {
        var bench = new Bench().Unpacked();
        var f = Raise(bench);
        bench.Do(new Disposed(f.Id, Disposition.Repair, ""));
        bench.Do(new Repaired(f.Id, "Glued", NoGlue: true));
        Assert.False(bench.Line("step/repair-f1").Open);
        bench.Do(new Reinspected(f.Id, false), Bench.Thorne);
        Assert.True(bench.Line("step/repair-f1").Open);
    }

    [Fact]
    public void The_ways_out_say_what_each_takes_and_what_it_does_to_the_promised_day()
    {
        var bench = new Bench().Unpacked();
        var f = Raise(bench, PlaceKind.Hinge, FindingKind.Parting, "22 mm", "elevon-right");
        var ways = RepairHelp.For(bench.State, f, new DateOnly(2026, 11, 2)).ToDictionary(w => w.Disposition);
        Assert.False(ways[Disposition.UseAsIs].Allowed);
        Assert.True(ways[Disposition.Repair] is { Minutes: > 20, Grams: > 0, Glue: "foam-safe contact" });
        Assert.True(ways[Disposition.Replace].Ready > ways[Disposition.Repair].Ready);
        Assert.Contains("after the promised day", ways[Disposition.Replace].Effect, StringComparison.Ordinal);
        Assert.All(ways.Values, w => Assert.False(w.Ready.DayOfWeek is DayOfWeek.Saturday or DayOfWeek.Sunday));
    }

    /// <summary>The paper tag is tied to the aircraft and its letter is sent: its number is its own.</summary>
    [Fact]
    public void A_tag_keeps_its_number_and_its_repair_when_an_earlier_finding_is_retracted()
    {
        var bench = new Bench();
        var first = Raise(bench);
        var second = Raise(bench, PlaceKind.Skin, FindingKind.Crack, "34 mm");
        bench.Do(new Disposed(second.Id, Disposition.Repair, ""));
        bench.Do(new Repaired(second.Id, "splinted", NoGlue: true));
        bench.Do(new Retracted(first.Id, "A mould line."));
        var left = Assert.Single(bench.State.Unpack.Findings);
        Assert.Equal(("F2", "splinted"), (left.Tag, left.Repair!.How));
        Assert.NotNull(bench.State.Progress("repair-f2")?.Done);
        Assert.Equal("F3", Raise(bench).Tag);
    }

    [Fact]
    public void A_larger_finding_never_takes_less_to_repair()
    {
        var bench = new Bench();
        var small = Raise(bench, size: "10 mm");
        foreach (var size in new[] { 20, 80, 300 })
        {
            Assert.True(
                RepairPlan.Of(bench.State.Sheet, small with { Size = size }).Minutes
                    >= RepairPlan.Of(bench.State.Sheet, small).Minutes
            );
        }
    }
}
