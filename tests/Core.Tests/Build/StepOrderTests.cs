using System.Collections.Immutable;
using System.Text.Json.Nodes;
using Xunit;
using Zygotome.Core.Build;
using Zygotome.Core.Journal;
using Zygotome.Core.Receive;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Table;
using Zygotome.Tests;

namespace Zygotome.Core.Tests.Build;

/// <summary>The order of the job's own steps: from the page, from what steps are, and from a lead.</summary>
public sealed class StepOrderTests
{
    public static TheoryData<string> Sheets { get; } =
    [
        .. Directory
            .GetFiles(ProjectFolder.File("demo", "sheets"))
            .Order(StringComparer.Ordinal)
            .Select(p => Path.GetFileName(p).Split('.')[0]),
    ];

    private static StepSpec Step(string id, string kind = "", params string[] after) =>
        StepFields.List.Of(
            StepFields.Id.Is(id),
            StepFields.Title.Is(id),
            StepFields.Kind.Is(kind),
            StepFields.After.Is([.. after])
        );

    private static ImmutableArray<StepSpec> Ordered(params ImmutableArray<StepSpec> steps) =>
        StepOrder.Applied(steps, StepOrder.Of(steps, propellerLast: true));

    private static string[] After(ImmutableArray<StepSpec> steps, string id) =>
        [.. steps.Single(s => s.Id == id).After];

    [Theory]
    [MemberData(nameof(Sheets))]
    public void Every_job_of_every_sheet_under_every_school_can_be_done_to_its_end_in_some_order(string name)
    {
        var sheet = Bench.Sheet(name);
        foreach (var (school, option) in Schools.All.SelectMany(s => s.Options.Select(o => (s.Id, o.Id))))
        {
            var bench = new Bench(sheet);
            var state = bench.State.Answering(new Dictionary<string, string> { [school] = option });
            var steps = state.Sheet.Steps.ToDictionary(s => s.Id, StringComparer.Ordinal);
            Assert.All(steps.Keys, id => Assert.Empty(StepOrder.Circle(steps, id)));
            Assert.All(steps.Values, s => Assert.All(s.After, a => Assert.Contains(a, steps.Keys)));
            Assert.All(
                state.Sheet.Edges,
                e => Assert.True(Comes(steps, e.Before, e.After), $"{e.Before} before {e.After}")
            );
        }
    }

    // Whether one is done before the other whatever else is done.
    private static bool Comes(Dictionary<string, StepSpec> steps, string before, string after) =>
        steps[after].After.Any(a => a == before || Comes(steps, before, a));

    [Fact]
    public void Paint_comes_before_cut_outs_decals_before_the_canopy_and_leads_before_the_joint()
    {
        Assert.Equal(["paint"], After(Ordered(Step("cut", "cut-out"), Step("paint", "finish")), "cut"));
        var canopy = Step("canopy", "cover").With(StepFields.Fits.Is(["canopy"]));
        Assert.Equal(["panel"], After(Ordered(canopy, Step("panel", "decal")), "canopy"));
        var wing = Step("join", "joint").With(StepFields.Fits.Is(["wing"]));
        var leads = Step("leads", "wiring").With(StepFields.Fits.Is(["wing"]));
        Assert.Equal(["leads"], After(Ordered(wing, leads), "join"));
        Assert.Empty(After(Ordered(wing, leads.With(StepFields.Fits.Is(["fin"]))), "join"));
    }

    [Fact]
    public void What_a_step_covers_is_needed_before_it()
    {
        var mount = Step("mount").With(StepFields.Covers.Is(["motor screws"]));
        var screws = Step("screws").With(StepFields.Reaches.Is(["motor screws"]));
        Assert.Equal(["screws"], After(Ordered(mount, screws), "mount"));
    }

    [Fact]
    public void A_page_that_has_two_of_them_the_other_way_round_gives_way()
    {
        var steps = Ordered(Step("fit"), Step("cut", "cut-out", "fit"), Step("paint", "finish", "cut"));
        Assert.Equal(["fit"], After(steps, "paint"));
        Assert.Equal(["fit", "paint"], After(steps, "cut"));
    }

    [Fact]
    public void Where_the_page_has_more_between_them_it_stands_and_is_said_to()
    {
        ImmutableArray<StepSpec> steps =
        [
            Step("cut", "cut-out"),
            Step("glue", "", "cut"),
            Step("paint", "finish", "glue"),
        ];
        var edges = StepOrder.Of(steps, propellerLast: true);
        var applied = StepOrder.Applied(steps, edges);
        Assert.Equal(["glue"], After(applied, "paint"));
        Assert.Equal("paint", Assert.Single(StepOrder.Against(applied, edges)).Before);
    }

    [Fact]
    public void The_propeller_goes_on_last_unless_the_job_does_it_when_the_manual_says()
    {
        var bench = new Bench(Bench.Parasol);
        var propeller = bench.State.Sheet.Steps.Single(s => s.Readies.Length > 0);
        Assert.Contains("lock-linkages", propeller.After);
        bench.Do(new SchoolChosen(Schools.Propeller, "manual", "as printed"));
        Assert.DoesNotContain("lock-linkages", bench.State.Sheet.Step(propeller.Id)!.After);
    }

    [Fact]
    public void A_lead_moves_adds_splits_and_leaves_out_with_a_reason_and_order_minutes_and_ledger_follow()
    {
        var bench = new Bench(Bench.Parasol).Unpacked();
        var before = bench.State.Sheet.Steps.Sum(s => s.HandsOn);
        Assert.Equal("entry/role", bench.Refused(new StepSkipped("try-fin", "it is plain"))!.Code);
        Assert.Equal("text/missing", bench.Refused(new StepSkipped("try-fin", " "), Bench.Thorne)!.Code);
        bench.Do(new StepSkipped("try-fin", "it was tried at the box"), Bench.Thorne);
        Assert.DoesNotContain("try-fin", bench.State.Sheet.Step("fit-fin")!.After);
        Assert.Equal(
            (Standing.Met, "left out"),
            (bench.Line("step/try-fin").Standing, bench.Line("step/try-fin").Reading)
        );
        bench.Do(new StepMoved("fit-gear", "lay-out", "it stands on its own then"), Bench.Thorne);
        Assert.Equal(["lay-out"], bench.State.Sheet.Step("fit-gear")!.After);
        bench.Do(new StepSplit("linkages", "Pushrods", 20, "horns set overnight"), Bench.Thorne);
        Assert.Equal(["linkages"], bench.State.Sheet.Step("linkages+")!.After);
        Assert.Contains("linkages+", bench.State.Sheet.Step("lock-linkages")!.After);
        bench.Do(
            new StepAdded("Plate round the horn", 12, "the foam is soft", "linkages", "lock-linkages"),
            Bench.Thorne
        );
        var added = bench.State.Sheet.Steps.Single(s => s.Title == "Plate round the horn").Id;
        Assert.Contains(added, bench.State.Sheet.Step("lock-linkages")!.After);
        Assert.Equal(before - 6 + 12, bench.State.Sheet.Steps.Sum(s => s.HandsOn));
        bench.Do(new StepPutBack("try-fin", "tried after all"), Bench.Thorne);
        Assert.Contains("try-fin", bench.State.Sheet.Step("fit-fin")!.After);
        Assert.Equal("", bench.Line("step/try-fin").Reading);
    }

    [Fact]
    public void An_order_that_goes_round_is_refused_with_its_chain_and_what_is_begun_stays()
    {
        var bench = new Bench(Bench.Parasol).Unpacked();
        var refused = bench.Refused(new StepMoved("join-wing", "linkages", "why not"), Bench.Thorne)!;
        Assert.Equal("build/circle", refused.Code);
        Assert.Contains("Join the wing halves after Horns and pushrods", refused.Text, StringComparison.Ordinal);
        Assert.Equal("build/readies", bench.Refused(new StepSkipped("fit-propeller", "later"), Bench.Thorne)!.Code);
        bench.Do(new StepStarted("lay-out"));
        Assert.Equal("build/begun", bench.Refused(new StepSkipped("lay-out", "no"), Bench.Thorne)!.Code);
    }

    [Fact]
    public void What_is_done_left_and_right_is_two_steps_and_the_second_shows_the_first()
    {
        var bench = new Bench(Bench.Sheet("wicken-1350")).Unpacked();
        var (left, right) = (bench.State.Sheet.Step("slot-hinges/left")!, bench.State.Sheet.Step("slot-hinges/right")!);
        Assert.Equal(("Slit the hinge pockets, left", "left"), (left.Title, left.Side));
        Assert.Equal(bench.State.Built.Step("slot-hinges")!.HandsOn, left.HandsOn + right.HandsOn);
        Assert.Contains(right.Id, bench.State.Sheet.Step("hinge-surfaces")!.After);
        bench.Do(new StepStarted(right.Id));
        Assert.Equal("text/missing", bench.Refused(new Answered(right.Id, "done-so", true))!.Code);
        bench.Do(new Answered(right.Id, "done-so", true, "40 mm from the tip, 3 mm deep"));
        bench.End(right.Id);
        bench.Do(new StepStarted(left.Id));
        var ask = StepAsks.Of(bench.State, left).Single(a => a.Id == "done-so");
        Assert.Equal(AskHow.Same, ask.How);
        Assert.Contains("40 mm from the tip", ask.Words, StringComparison.Ordinal);
        Assert.Equal("text/missing", bench.Refused(new Answered(left.Id, "done-so", false))!.Code);
        bench.Do(new Answered(left.Id, "done-so", false, "42 mm, the slot was cut already"));
        bench.End(left.Id);
    }

    [Fact]
    public void Every_sheet_keeps_its_parts_when_a_step_is_done_twice()
    {
        var sheet = Bench.Sheet(
            "plimsey-1400",
            s =>
                s["steps"]!.AsArray().Single(x => x!["id"]!.GetValue<string>() == "linkages")!["mirror"] =
                    JsonValue.Create(true)
        );
        var bench = new Bench(sheet);
        var sides = bench.State.Sheet.Steps.Where(s => MirroredSteps.WholeOf(s.Id) == "linkages").ToArray();
        Assert.Equal(2, sides.Length);
        Assert.Equal(5, sides.Sum(s => s.Parts["horn"]));
        Assert.Equal(3, sides[0].Parts["horn"]);
    }
}
