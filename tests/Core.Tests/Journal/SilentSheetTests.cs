using System.Text.Json.Nodes;
using Xunit;
using Zygotome.Core.Job;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Receive;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Table;
using Zygotome.Core.Throws;
using Zygotome.Core.Unpack;

namespace Zygotome.Core.Tests.Journal;

/// <summary>What a sheet does not say in the maker's name is a line, and is judged by nobody's guess.</summary>
public sealed class SilentSheetTests
{
    private static SpecSheet Sheet(string name, Action<JsonNode> change) => Bench.Sheet(name, change);

    private static LedgerLine Line(SpecSheet sheet, string id) => new Bench(sheet).Line(id);

    [Fact]
    public void A_row_marked_assumed_is_assumed_in_every_field_of_it()
    {
        var sheet = Sheet("plimsey-1400", n => n["throws"]![0]!["assumed"] = true);
        var line = Line(sheet, "throw/aileron-left/aileron/high/up");
        Assert.Equal(Standing.NotShown, line.Standing);
        Assert.Contains("is assumed", line.Why, StringComparison.Ordinal);
        Assert.Contains(
            "throw/aileron-left/aileron/high/up",
            Stages.All.Gaps(sheet, ShopRules.Default).Select(g => g.Id)
        );
    }

    [Fact]
    public void A_weight_or_lateral_stated_twice_and_undecided_is_judged_by_neither_and_a_lead_gives_one()
    {
        var twice = JsonNode.Parse("""{"statements":[{"text":"1500 g","page":"2"},{"text":"1700 g","page":"9"}]}""")!;
        var across = JsonNode.Parse("""{"statements":[{"text":"5 mm","page":"2"},{"text":"9 mm","page":"9"}]}""")!;
        var sheet = Sheet(
            "plimsey-1400",
            n =>
            {
                n["balance"]!["allUpWeight"] = twice;
                n["balance"]!["lateral"] = across;
            }
        );
        Assert.Contains(
            "1500 g (page 2) against 1700 g (page 9)",
            Line(sheet, "weight/wheels").Why,
            StringComparison.Ordinal
        );
        Assert.Contains("nobody has decided", Line(sheet, "lateral/wheels").Why, StringComparison.Ordinal);
        var bench = new Bench(sheet);
        bench.Do(new ValueGiven("lateral", Bench.Q("5 mm"), "asked the maker"), Bench.Thorne);
        Assert.Equal("-5 to 5 mm", bench.Line("lateral/wheels").Limits);
    }

    [Fact]
    public void An_assumed_tolerance_gives_way_to_the_shops()
    {
        var sheet = Sheet(
            "plimsey-1400",
            n => n["defaults"]!["throwTolerance"] = new JsonObject { ["assumed"] = "1 mm" }
        );
        Assert.EndsWith(
            "(shop's tolerance)",
            Line(sheet, "throw/elevator-left/elevator/high/up").Limits,
            StringComparison.Ordinal
        );
    }

    [Fact]
    public void A_band_narrower_than_twice_the_uncertainty_shows_nothing_and_clearly_outside_it_is_still_out()
    {
        var band = new Band(10, 10.8, "mm");
        Assert.False(Judgement.Of(10.4, 0.5, band).Shows);
        Assert.False(Judgement.Of(10.4, 0.5, band, guarded: true).Releases);
        Assert.True(Judgement.Of(10.4, 0.4, band).Shows);

        var sheet = Sheet("plimsey-1400", n => n["throws"]![0]!["up"] = "17 mm to 17.4 mm");
        var bench = new Bench(sheet).Unpacked().Steps(Stage.Build).Steps(Stage.Wire).Bound();
        bench.Do(bench.Reading("throw/aileron-left/aileron/high/up", "17.2 mm"));
        var line = bench.Line("throw/aileron-left/aileron/high/up");
        Assert.Equal(Standing.NotShown, line.Standing);
        Assert.Contains("finer", line.Why, StringComparison.Ordinal);
        bench.Do(bench.Reading("throw/aileron-left/aileron/high/up", "19 mm"));
        Assert.Equal(Standing.NotMet, bench.Line("throw/aileron-left/aileron/high/up").Standing);
    }

    [Theory]
    [InlineData("receive")]
    [InlineData("unpack")]
    [InlineData("throws")]
    [InlineData("handover")]
    public void A_step_of_any_stage_has_its_line(string stage)
    {
        var sheet = Sheet("plimsey-1400", n => n["steps"]![0]!["stage"] = stage);
        Assert.Equal(stage, Line(sheet, "step/lay-out").Stage.Key());
    }

    [Fact]
    public void A_place_of_the_walk_is_closed_only_by_a_finding_of_its_own()
    {
        var bench = new Bench();
        var left = InspectionRoute.Of(bench.State.Sheet).First(p => p.Part == "elevon-left");
        var found = bench.Do(
            new FindingRaised("elevon-right", PlaceKind.Hinge, FindingKind.Crack, Bench.Q("4 mm"), 380, 200, "")
        );
        Assert.Equal(
            "unpack/walk-elsewhere",
            bench.Refused(new Walked(left.Id, WalkAnswer.Finding, found.EntryId))!.Code
        );
        Assert.Equal("unpack/walk-fitted", bench.Refused(new Walked(left.Id, WalkAnswer.NotFitted))!.Code);

        // A sheet that places nothing on its drawing is asked by custom, and may have none; one that places it has it.
        Assert.Equal("unpack/walk-fitted", bench.Refused(new Walked("canopy/canopy", WalkAnswer.NotFitted))!.Code);
        var bare = new Bench(
            Sheet(
                "skerrow-64",
                n =>
                {
                    n["geometry"]!["places"] = new JsonArray();
                    foreach (var step in n["steps"]!.AsArray())
                    {
                        step!.AsObject().Remove("worksOn");
                        step.AsObject().Remove("fits");
                    }
                }
            )
        );
        Assert.Null(bare.Refused(new Walked("canopy", WalkAnswer.NotFitted)));
    }

    [Fact]
    public void All_here_is_refused_while_something_of_that_bag_stands_wrong_or_missing()
    {
        var bench = new Bench();
        var part = bench.State.Sheet.Parts.First(p => p.Quantity > 1);
        bench.Do(new Counted(part.Id, 1));
        bench.Do(new BagCounted(part.Bag, false));
        Assert.Equal("unpack/not-all-here", bench.Refused(new BagCounted(part.Bag, true))!.Code);
        bench.Do(new WrongCounted(part.Id, 1, "too long"));
        Assert.Contains("1 × ", bench.Refused(new BagCounted(part.Bag, true))!.Text, StringComparison.Ordinal);
    }

    private static Surface Flap(string id, string side, double from, double to) =>
        Bench
            .Sheet("carrow-mail-1900")
            .Surface("flap-inner-left")!
            .With(
                SurfaceFields.Id.Is(id),
                SurfaceFields.Side.Is(side),
                SurfaceFields.From.Is(Bench.Q(FormattableString.Invariant($"{from * 100} %"))),
                SurfaceFields.To.Is(Bench.Q(FormattableString.Invariant($"{to * 100} %")))
            );

    private static SpecSheet Four(params Surface[] flaps)
    {
        var mail = Bench.Sheet("carrow-mail-1900");
        return mail with { Surfaces = [.. mail.Surfaces.Where(s => s.Kind != "flap"), .. flaps] };
    }

    private static IEnumerable<string> Compared(SpecSheet sheet, string kind) =>
        SideBySide
            .Pairs(ThrowTargets.Of(sheet, ShopRules.Default))
            .Where(p => p.Left.Surface.Kind == kind)
            .Select(p => $"{p.Left.Surface.Id} {p.Right.Surface.Id}")
            .Distinct();

    [Fact]
    public void Of_four_flaps_inner_is_compared_with_inner_and_outer_with_outer() =>
        Assert.Equal(
            ["flap-inner-left flap-inner-right", "flap-outer-left flap-outer-right"],
            Compared(
                Four(
                    Flap("flap-inner-left", "left", 0.14, 0.3),
                    Flap("flap-outer-left", "left", 0.32, 0.54),
                    Flap("flap-inner-right", "right", 0.14, 0.3),
                    Flap("flap-outer-right", "right", 0.32, 0.54)
                ),
                "flap"
            )
        );

    /// <summary>Shares read off a drawing differ by a hair; the sheet says once which belong together.</summary>
    [Fact]
    public void What_the_sheet_says_is_compared_goes_before_what_its_places_say() =>
        Assert.Equal(
            ["flap-a-left flap-d-right", "flap-b-left flap-c-right"],
            Compared(
                Four(
                    Flap("flap-a-left", "left", 0.14, 0.3).With(SurfaceFields.Pair.Is("flap-d-right")),
                    Flap("flap-b-left", "left", 0.32, 0.54),
                    Flap("flap-c-right", "right", 0.15, 0.31).With(SurfaceFields.Pair.Is("flap-b-left")),
                    Flap("flap-d-right", "right", 0.32, 0.54)
                ),
                "flap"
            )
        );

    [Fact]
    public void Rudders_on_two_fins_are_compared_with_each_other()
    {
        Assert.Equal(["rudder-left rudder-right"], Compared(Bench.Sheet("carrow-mail-1900"), "rudder"));
    }

    [Theory]
    [InlineData("motor holds its last setting", true)]
    [InlineData("throttle full", true)]
    [InlineData("throttle low, surfaces hold", false)]
    public void A_failsafe_by_which_no_motor_stops_is_doubted(string declared, bool doubted) =>
        Assert.Equal(
            doubted,
            Core.Sheets.Plausibility.Plausible.Of(Sheet("plimsey-1400", n => n["radio"]!["failsafe"] = declared))
                .Any(f => f.Path == "$.radio.failsafe")
        );
}
