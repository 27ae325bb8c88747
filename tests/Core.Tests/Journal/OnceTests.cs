using Xunit;
using Zygotome.Core.Job;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Table;
using Zygotome.Core.Throws;

namespace Zygotome.Core.Tests.Journal;

/// <summary>What follows from a sheet or a state is made once for it, and never taken for another's.</summary>
public sealed class OnceTests
{
    private sealed record Made(object Of);

    [Fact]
    public void A_fact_is_made_once_and_a_copy_has_its_own()
    {
        var state = Stages.Unopened(Bench.Parasol);
        var made = state.Once(s => new Made(s));
        Assert.Same(made, state.Once(s => new Made(s)));
        var copy = state with { Seq = 1 };
        Assert.Same(copy, copy.Once(s => new Made(s)).Of);
        Assert.Same(state, state.Once(s => new Made(s)).Of);
        GC.KeepAlive(made);
    }

    [Fact]
    public void What_was_made_of_a_thing_is_no_part_of_what_it_is()
    {
        var asked = Bench.Parasol with { Hash = "x" };
        var made = asked.Once(s => new Made(s));
        Assert.Equal(Bench.Parasol with { Hash = "x" }, asked);
        GC.KeepAlive(made);
    }

    /// <summary>
    /// A given value, a step less, another shop's tolerance: asked after the facts of the first were made.
    /// </summary>
    [Fact]
    public void A_sheet_otherwise_has_other_facts()
    {
        var sheet = Bench.Parasol;
        var targets = ThrowTargets.Of(sheet, ShopRules.Default);
        var step = sheet.Steps[0].Id;
        Assert.NotNull(sheet.Step(step));
        var less = sheet with { Steps = sheet.Steps.RemoveAt(0), Throws = sheet.Throws.RemoveAt(0) };
        Assert.Null(less.Step(step));
        Assert.NotEqual(targets.Select(t => t.Limits), ThrowTargets.Of(less, ShopRules.Default).Select(t => t.Limits));
        var strict = ShopRules.Default with { ThrowTolerance = 0.1m };
        var bare = sheet with
        {
            Defaults = sheet.Defaults.With(ThrowFields.Tolerance.Is(new Printed<Quantity>.NotStated(false))),
        };
        Assert.NotEqual(
            ThrowTargets.Of(bare, ShopRules.Default).Select(t => t.Limits),
            ThrowTargets.Of(bare, strict).Select(t => t.Limits)
        );
        Assert.Equal(targets.Select(t => t.Limits), ThrowTargets.Of(sheet, ShopRules.Default).Select(t => t.Limits));
    }

    [Fact]
    public void A_ledger_asked_for_at_another_instant_is_another()
    {
        var state = new Bench(Bench.Parasol).Unpacked().Steps(Stage.Build).State;
        var (step, progress) = state.Steps.First(s => s.Value.FullAt is not null);
        var cured = progress.FullAt!.Value;
        Standing At(DateTimeOffset asOf) => Ledger.Of(state, asOf).Single(l => l.Id == $"step/{step}").Standing;
        Assert.Equal(Standing.NotShown, At(cured.AddMinutes(-1)));
        Assert.Equal(Standing.Met, At(cured));
        Assert.Equal(Standing.NotShown, At(cured.AddMinutes(-1)));
    }
}
