using Xunit;
using Zygotome.Core.HandOver;
using Zygotome.Core.Job;
using Zygotome.Core.Journal;
using Zygotome.Core.Sheets;
using Zygotome.Store;

namespace Zygotome.Core.Tests.Check;

/// <summary>A stage is a folder of its own and a line at the root: everything else takes it as it comes.</summary>
public sealed class StageSetTests
{
    private static readonly StageSet WithBell = Stages.All.With(new BellStage());

    private static Standing Bell(Bench bench) => bench.Line("bell/canopy").Standing;

    [Fact]
    public void Its_entry_is_read_admitted_and_shown_goes_stale_and_is_withdrawn()
    {
        var bench = new Bench(stages: WithBell);
        Assert.Equal(Standing.NotShown, Bell(bench));
        bench.Do(new BellRung(false));
        Assert.Equal(Standing.NotMet, Bell(bench));
        var rung = bench.Do(new BellRung(true));
        Assert.Equal(Standing.Met, Bell(bench));
        Assert.Equal(rung.Body, Envelope.Read(Envelope.Write(rung, WithBell.Kinds), WithBell.Kinds).Body);

        bench.Do(new Retracted(rung.EntryId, "another bell"));
        Assert.Equal(Standing.NotShown, Bell(bench));
        Assert.Equal("A reading was retracted; a new one is asked for.", bench.Line("bell/canopy").Why);
    }

    [Fact]
    public void A_lead_concedes_its_line_and_a_hand_on_the_aircraft_makes_it_stale()
    {
        var bench = new Bench(stages: WithBell);
        bench.Do(new BellRung(false));
        bench.Do(new Conceded("bell/canopy", "the owner has no ears for it"), Bench.Thorne);
        Assert.Equal(Standing.Conceded, Bell(bench));
        var shown = bench.Do(new BellRung(true));
        var knocked = bench.State.Disturb(
            shown with
            {
                Seq = shown.Seq + 1,
            },
            "Knocked",
            new Aspect(AspectKind.Trueness)
        );
        Assert.Equal(Standing.Stale, Ledger.Of(knocked, bench.Now).Single(l => l.Id == "bell/canopy").Standing);
    }

    [Fact]
    public void It_stands_in_the_order_of_the_work_and_whoever_has_no_hands_on_the_model_is_refused()
    {
        var bench = new Bench(stages: WithBell);
        var stages = Ledger.Of(bench.State, bench.Now).Select(l => l.Stage).ToArray();
        Assert.Equal(stages.Order(), stages);
        Assert.Contains(Stage.Check, stages);
        Assert.Equal("entry/role", bench.Refused(new BellRung(true), new Person("x", "X", Role.Counter))?.Code);
    }

    [Fact]
    public void A_job_without_that_stage_says_which_part_is_missing()
    {
        var missing = Assert.Throws<InvalidOperationException>(() => new Bench().State.The<BellState>());
        Assert.Contains(nameof(BellState), missing.Message, StringComparison.Ordinal);
    }

    [Fact]
    public void Two_stages_of_one_name_are_one() =>
        Assert.Equal(
            WithBell.Kinds.All.Select(k => k.Type),
            WithBell.With(new BellStage()).Kinds.All.Select(k => k.Type)
        );
}
