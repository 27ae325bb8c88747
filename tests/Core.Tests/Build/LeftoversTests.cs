using System.Collections.Immutable;
using Xunit;
using Zygotome.Core.Build;
using Zygotome.Core.Journal;

namespace Zygotome.Core.Tests.Build;

/// <summary>Supplied less used is what is left: a difference names the step skipped or the screws swapped.</summary>
public sealed class LeftoversTests
{
    private static Bench Built() => new Bench(Bench.Sheet("wicken-1350")).Unpacked().Steps(Stage.Build);

    private static string Bag(Bench bench) =>
        Leftovers.Bags(bench.State).First(b => Leftovers.Waits(bench.State, b) is null);

    private static ImmutableSortedDictionary<string, int> Counts(params (string Part, int Left)[] of) =>
        of.ToImmutableSortedDictionary(c => c.Part, c => c.Left, StringComparer.Ordinal);

    [Fact]
    public void Nothing_is_asked_of_a_bag_that_steps_still_take_from()
    {
        var bench = new Bench(Bench.Sheet("wicken-1350")).Unpacked();
        var bag = Leftovers.Bags(bench.State).First();
        Assert.Equal("build/left-early", bench.Refused(new LeftOver(bag))?.Code);
        Assert.DoesNotContain(bench.Open(), l => l.Id.StartsWith("leftover/", StringComparison.Ordinal));
    }

    [Fact]
    public void What_comes_out_even_is_met_with_one_word()
    {
        var bench = Built();
        var bag = Bag(bench);
        Assert.True(bench.Line($"leftover/{bag}").Open);
        bench.Do(new LeftOver(bag));
        Assert.False(bench.Line($"leftover/{bag}").Open);
    }

    [Fact]
    public void Too_many_left_name_the_step_that_takes_just_so_many()
    {
        var bench = Built();
        var bag = Bag(bench);
        var (part, left) = Leftovers.Expected(bench.State, bag).First(e => e.Part.Fastener is not null);
        var taker = bench.State.Sheet.Steps.First(s => s.Parts.ContainsKey(part.Id));
        bench.Do(new LeftOver(bag, Counts((part.Id, left + taker.Parts[part.Id]))));
        var line = bench.Line($"leftover/{bag}");
        Assert.Equal(Standing.NotMet, line.Standing);
        Assert.Contains($"\"{taker.Title}\"", line.Why, StringComparison.Ordinal);
    }

    [Fact]
    public void As_many_too_few_of_a_long_screw_as_too_many_of_a_short_one_are_swapped()
    {
        var bench = new Bench(Bench.Sheet("plimsey-1400")).Unpacked().Steps(Stage.Build);
        var screws = bench.State.Sheet.Parts.Where(p => p.Fastener is not null).ToArray();
        var (shorter, longer) = (
            from a in screws
            from b in screws
            where a.Fastener!.Diameter == b.Fastener!.Diameter && a.Fastener.Length < b.Fastener.Length
            select (a, b)
        ).First();
        var why = Assert.Single(Leftovers.Explain(bench.State, Counts((shorter.Id, 2), (longer.Id, -2))));
        Assert.StartsWith($"2 × {longer.Name} in place of {shorter.Name}", why, StringComparison.Ordinal);
        Assert.EndsWith("the longer one bites into what lies behind.", why, StringComparison.Ordinal);
    }

    [Fact]
    public void A_part_of_another_bag_and_a_number_below_none_are_refused()
    {
        var bench = Built();
        var bag = Bag(bench);
        Assert.Equal("build/part", bench.Refused(new LeftOver(bag, Counts(("nowhere", 1))))?.Code);
        var part = Leftovers.Expected(bench.State, bag).First().Part.Id;
        Assert.Equal("build/count", bench.Refused(new LeftOver(bag, Counts((part, -1))))?.Code);
        Assert.Equal("build/bag", bench.Refused(new LeftOver("Z"))?.Code);
    }
}
