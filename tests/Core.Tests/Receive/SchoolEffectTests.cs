using System.Text.Json.Nodes;
using Xunit;
using Zygotome.Core.Bind;
using Zygotome.Core.Check;
using Zygotome.Core.Job;
using Zygotome.Core.Journal;
using Zygotome.Core.Receive;
using Zygotome.Core.Sheets;
using Zygotome.Core.Tests.Journal;

namespace Zygotome.Core.Tests.Receive;

/// <summary>What an answer's text says is what it changes: steps, ledger, to-buy list.</summary>
public sealed class SchoolEffectTests
{
    private static readonly Stock Shelf = new(["masking tape"], ["slow epoxy", "foam-safe contact"], [300, 600]);

    // All that is asked for and bought, without what any answer changes by being given.
    private static HashSet<string> Asks(Bench bench) =>
        [
            .. bench.State.Sheet.Steps.Select(s => $"step {s.Id}"),
            .. Ledger.Of(bench.State, bench.Now).Select(l => $"line {l.Id} {l.Limits} {l.Standing}"),
            .. bench.State.Stages.Requirements(bench.State, bench.Now).Select(r => $"asked {r.Id.Written}"),
            .. ToBuy.Of(bench.State, Shelf).Select(l => $"buy {l.Id} {l.What}"),
            .. CheckAsks.Of(bench.State).Select(a => $"look {a.Id} {a.Words}"),
            .. SetUpCard.Of(bench.State).Select(l => $"key {l.Id} {l.Value}"),
        ];

    public static TheoryData<string> Sheets => FinishedTests.Sheets;

    [Theory]
    [MemberData(nameof(Sheets))]
    public void An_answer_says_what_it_changes_and_one_that_changes_nothing_says_so(string name)
    {
        var sheet = Bench.Sheet(name);
        foreach (var school in Schools.All)
        {
            var state = new Bench(sheet).State;
            var effects = SchoolEffect.Of(state, school, Shelf);
            var asked = new List<(SchoolOption Option, string Effect, HashSet<string> Asks)>();
            foreach (var (option, effect) in school.Options.Zip(effects))
            {
                var bench = new Bench(sheet);
                var chosen = new SchoolChosen(school.Id, option.Id, "Asked for.");
                if (bench.Refused(chosen, Bench.Thorne) is null)
                {
                    bench.Do(chosen, Bench.Thorne);
                    asked.Add((option, effect, Asks(bench)));
                }
            }

            foreach (var one in asked)
            {
                var changes = asked.Any(o => !o.Asks.SetEquals(one.Asks));
                var says = one.Effect is not (SchoolEffect.Nothing or SchoolEffect.Noted);
                Assert.True(
                    says == (changes || one.Option.Acts.Length > 0),
                    $"{name}, {school.Id}, {one.Option.Id}: \"{one.Effect}\", and it changes "
                        + (changes ? "something" : "nothing")
                );
            }
        }
    }

    [Fact]
    public void The_words_name_what_is_bought_and_done_and_a_kit_without_such_steps_says_nothing()
    {
        var bench = new Bench(Bench.Sheet("brindle-pair"));
        string Effect(string school, string option) =>
            SchoolEffect.Of(bench.State, Schools.Find(school)!, Shelf)[
                Schools.Find(school)!.Options.IndexOf(Schools.Find(school)!.Option(option)!)
            ];
        Assert.StartsWith("A step: ", Effect(Schools.TailFixing, "screws"), StringComparison.Ordinal);
        Assert.Equal(SchoolEffect.Nothing, Effect("hinges", "stiffen"));
        Assert.StartsWith("Keyed: expo, aileron, high: 50 %", Effect("expo", "softer"), StringComparison.Ordinal);
        Assert.Equal(SchoolEffect.Noted, Effect("throw-measure", "ruler"));
        Assert.EndsWith(" more.", Effect(Schools.SuppliedServos, "replace"), StringComparison.Ordinal);
        Assert.StartsWith(
            "To buy: Separate receiver power",
            Effect(Schools.ReceiverPower, "separate"),
            StringComparison.Ordinal
        );
        Assert.Contains("Not to buy: ", Effect(Schools.ReceiverPower, "computed"), StringComparison.Ordinal);
    }

    [Fact]
    public void The_kits_own_glue_is_not_bought_where_it_is_used()
    {
        var sheet = Bench.Sheet(
            "plimsey-1400",
            n => n["kit"]!["glue"] = JsonNode.Parse("""{ "kind": "foam-safe contact", "handle": "20 min" }""")
        );
        var bench = new Bench(sheet);
        bool Buys() =>
            ToBuy.Of(bench.State, new Stock([], [], [])).Any(l => l.Id.StartsWith("glue/", StringComparison.Ordinal));
        Assert.True(Buys());
        bench.Do(new SchoolChosen(Schools.KitGlue, "supplied"));
        Assert.False(Buys());
    }

    /// <summary>Five servos of 0.2 A working and 0.9 A stalled.</summary>
    [Fact]
    public void What_hangs_on_the_receivers_power_is_added_up_with_the_two_worst_stalled()
    {
        var (working, peak) = ReceiverLoad.Of(Bench.Parasol);
        Assert.Equal((1.0, 2.4), (working, peak));
    }

    [Fact]
    public void A_way_of_building_says_its_minutes_against_the_shops_and_how_it_is_undone()
    {
        var state = new Bench(Bench.Sheet("brindle-pair")).State;
        var tail = Schools.Find(Schools.TailFixing)!;
        double Minutes(string option) =>
            state.Answering(new Dictionary<string, string> { [tail.Id] = option }).Sheet.Steps.Sum(s => s.HandsOn);
        var by = Minutes("screws") - Minutes("glue");
        Assert.NotEqual(0, by);
        Assert.Contains(
            $"{Math.Abs(by)} min {(by > 0 ? "more" : "less")}",
            SchoolEffect.Of(state, tail, Shelf)[1],
            StringComparison.Ordinal
        );
        string[] built = [Schools.TailFixing, "servo-fixing", "hinges", Schools.WiringCovers, Schools.SparThreads];
        Assert.All(built.SelectMany(b => Schools.Find(b)!.Options), o => Assert.NotEmpty(o.Undone));
    }
}
