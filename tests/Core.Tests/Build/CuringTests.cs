using Xunit;
using Zygotome.Core.Build;
using Zygotome.Core.Journal;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Tests.Build;

public sealed class CuringTests
{
    private static readonly Adhesive Epoxy = new("e", "epoxy", 60, 720, true);
    private static readonly DateTimeOffset Start = new(2026, 11, 2, 9, 0, 0, TimeSpan.Zero);

    [Theory]
    [InlineData(20, 60)]
    [InlineData(10, 120)]
    [InlineData(30, 30)]
    [InlineData(40, 30)]
    public void Epoxy_takes_twice_as_long_ten_degrees_colder_and_never_less_than_half(double celsius, double minutes)
    {
        Assert.True(Curing.Of(Epoxy, celsius, Start).Try(out var ends, out _));
        Assert.Equal(minutes, (ends.Handle - Start).TotalMinutes, 6);
    }

    [Fact]
    public void Epoxy_on_a_bench_below_ten_degrees_is_refused() =>
        Assert.Equal("build/too-cold", Curing.Of(Epoxy, 9, Start).Refused!.Code);

    [Fact]
    public void What_comes_after_a_bond_waits_until_it_can_be_handled_and_release_until_full_strength()
    {
        var bench = new Bench().Unpacked();
        bench.Until("fit-spar");
        bench.Do(new StepStarted("fit-spar"));
        bench.End("fit-spar", Epoxy);
        Assert.Equal("build/waits", bench.Refused(new StepStarted("fit-fins"))!.Code);
        bench.Do(new StepStarted("try-fins"));
        bench.End("try-fins");
        bench.Pass(TimeSpan.FromMinutes(61));
        Assert.Null(bench.Refused(new StepStarted("fit-fins")));
        Assert.Equal("curing", bench.Line("step/fit-spar").Reading);
        bench.Pass(TimeSpan.FromHours(12));
        Assert.Equal(Standing.Met, bench.Line("step/fit-spar").Standing);
    }

    [Fact]
    public void A_step_waits_for_its_parts_and_a_bond_asks_for_its_glue()
    {
        var bench = new Bench();
        bench.Until("fit-spar");
        Assert.Contains("Carbon spar", bench.Refused(new StepStarted("fit-spar"))!.Text, StringComparison.Ordinal);
        bench.Unpacked();
        bench.Do(new StepStarted("fit-spar"));
        Assert.Equal("build/adhesive", bench.Refused(new StepDone("fit-spar"))!.Code);
    }
}
