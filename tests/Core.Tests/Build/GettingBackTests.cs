using Xunit;
using Zygotome.Core.Build;

namespace Zygotome.Core.Tests.Build;

/// <summary>What was closed over something comes off again in the order it went on, and each says how.</summary>
public sealed class GettingBackTests
{
    private const string Nacelles = "Nacelles and outer motors: screws out.";

    private static string[] Under(Bench bench, string step) =>
        [.. GettingBack.Under(bench.State, bench.State.Sheet.Step(step)!)];

    private static string[] To(Bench bench, string step) =>
        [.. GettingBack.To(bench.State, bench.State.Sheet.Step(step)!)];

    [Fact]
    public void A_cover_says_before_it_starts_how_one_gets_back()
    {
        var bench = new Bench(Bench.Sheet("carrow-mail-1900")).Unpacked();
        Assert.Equal(["screws out."], Under(bench, "nacelles"));
        Assert.Empty(To(bench, "motors-wired"));
        Assert.Empty(Under(bench, "join-wing"));
    }

    [Fact]
    public void A_step_taken_back_under_a_cover_says_what_comes_off_first()
    {
        var bench = new Bench(Bench.Sheet("carrow-mail-1900")).Unpacked().Until("nacelles");
        bench.Begin("nacelles").Do(bench.Done("nacelles"));
        bench.Do(new StepUndone("motors-wired", "One wire was pulled."));
        Assert.Equal([Nacelles], To(bench, "motors-wired"));
        Assert.Equal([Nacelles], Under(bench, "nacelles"));
    }

    [Fact]
    public void What_is_glued_says_how_its_glue_lets_go()
    {
        var bench = new Bench(Bench.Sheet("wicken-1350"));
        Assert.Equal(["canopy glue. Rolls off clear plastic when warm."], Under(bench, "glazing"));
    }
}
