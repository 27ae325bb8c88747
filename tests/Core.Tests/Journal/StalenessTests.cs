using Xunit;
using Zygotome.Core.Balance;
using Zygotome.Core.Bind;
using Zygotome.Core.Build;
using Zygotome.Core.Journal;
using Zygotome.Core.Receive;
using Zygotome.Core.Safety;
using Zygotome.Core.Sheets;
using Zygotome.Core.Unpack;

namespace Zygotome.Core.Tests.Journal;

public sealed class StalenessTests
{
    private static string[] Stale(Bench bench) =>
        [.. Ledger.Of(bench.State, bench.Now).Where(l => l.Standing == Standing.Stale).Select(l => l.Id)];

    private static string[] StaleAfter(EntryBody body)
    {
        var bench = Bench.Ready();
        Assert.Empty(bench.Open());
        bench.Do(body);
        return Stale(bench);
    }

    [Fact]
    public void Another_battery_makes_the_weighing_stale_and_is_tugged_anew_and_nothing_else() =>
        Assert.Equal(
            ["wire/held/pack", "balance/as flown", "weight/as flown", "lateral/as flown", "check/full-power"],
            StaleAfter(new BatteryGiven(Bench.Battery("290 g")))
        );

    [Fact]
    public void A_moved_pushrod_makes_what_was_measured_through_it_stale_with_the_cause()
    {
        var bench = Bench.Ready();
        bench.Do(new LinkageMoved("elevon-left", LinkagePart.Pushrod));
        var stale = Stale(bench);
        Assert.All(
            stale,
            id =>
                Assert.True(
                    id.Contains("elevon-left", StringComparison.Ordinal)
                        || id.StartsWith("direction/", StringComparison.Ordinal)
                        || id is "ends/elevon left" or "check/run" or "check/keepers/sv-l",
                    id
                )
        );
        // 9 throws, neutral, free movement, both ends, the directions of both functions, its keeper, the run
        Assert.Equal(16, stale.Length);
        Assert.Contains(
            "Pushrod of the left elevon moved",
            bench.Line("throw/elevon-left/aileron/high/up").Why,
            StringComparison.Ordinal
        );
        Assert.Equal(Standing.NotShown, bench.Line("sides/elevon/aileron/high/up").Standing);
        Assert.False(bench.Line("throw/elevon-right/aileron/high/up").Open);
    }

    [Fact]
    public void A_repair_makes_the_balance_stale_and_at_a_surface_its_throws_too()
    {
        var bench = Bench.Ready();
        var finding = bench.Do(
            new FindingRaised("elevon-right", PlaceKind.Hinge, FindingKind.Crack, Bench.Q("4 mm"), 380, 200, "")
        );
        bench.Do(new Disposed(finding.EntryId, Disposition.Repair, ""));
        bench.Do(new Repaired(finding.EntryId, "New hinge tape", NoGlue: true));
        var stale = Stale(bench);
        Assert.Contains("balance/as flown", stale);
        Assert.Contains("throw/elevon-right/elevator/low/down", stale);
        Assert.Contains("freedom/elevon-right", stale);
        Assert.DoesNotContain("throw/elevon-left/elevator/low/down", stale);
        Assert.DoesNotContain("bind/failsafe", stale);
        Assert.Contains("Repair for F1", bench.Line("balance/as flown").Why, StringComparison.Ordinal);
    }

    [Fact]
    public void A_reversed_channel_makes_directions_and_failsafe_stale()
    {
        var stale = StaleAfter(new Reversed("elevator"));
        Assert.Contains("direction/elevator", stale);
        Assert.Contains("bind/failsafe", stale);
        Assert.DoesNotContain("balance/as flown", stale);
    }

    [Fact]
    public void A_pack_moved_after_weighing_makes_the_balance_stale_until_it_is_weighed_again()
    {
        var bench = Bench.Ready();
        bench.Do(new PackMoved(Bench.Q("-40 mm")));
        Assert.Contains("balance/as flown", Stale(bench));
        bench.Do(bench.Weighing(166, "-40 mm"));
        Assert.Empty(Stale(bench));
    }

    [Fact]
    public void A_disturbance_recorded_late_still_makes_stale_what_was_recorded_before_it()
    {
        // Moved before the reading was taken, and told only afterwards: nobody knows whether the reading saw it.
        var bench = Bench.Ready();
        var received = bench.State.Opening!.ObservedAt;
        bench.Do(new LinkageMoved("elevon-left", LinkagePart.Clevis), observed: received);
        Assert.Contains("throw/elevon-left/aileron/high/up", Stale(bench));
    }

    [Fact]
    public void A_reading_observed_before_the_disturbance_stays_stale_though_it_is_recorded_after_it()
    {
        // Typed in from a note: taken before the pushrod was moved.
        var bench = Bench.Ready();
        bench.Power();
        var before = bench.Now;
        bench.Pass(TimeSpan.FromMinutes(2)).Do(new LinkageMoved("elevon-left", LinkagePart.Clevis));
        bench.Do(bench.Reading("throw/elevon-left/aileron/high/up", "13 mm"), observed: before);
        Assert.Contains("throw/elevon-left/aileron/high/up", Stale(bench));
        bench.Do(bench.Reading("throw/elevon-left/aileron/high/up", "13 mm"));
        Assert.DoesNotContain("throw/elevon-left/aileron/high/up", Stale(bench));
    }

    [Fact]
    public void A_step_disturbs_from_its_start_until_it_is_done()
    {
        var bench = new Bench().Unpacked();
        bench.Pack(LampIs.InBay);
        bench.Until("fit-spar");
        bench.Do(new StepStarted("fit-spar"));
        bench.Do(bench.Weighing(166));
        Assert.Contains("under way", bench.Line("balance/as flown").Why, StringComparison.Ordinal);
        bench.End("fit-spar", new Adhesive("e", "epoxy", 60, 720, true));
        Assert.Contains("was done", bench.Line("balance/as flown").Why, StringComparison.Ordinal);
    }

    [Fact]
    public void Closing_a_loop_makes_stale_what_it_touches()
    {
        var bench = new Bench(Bench.Parasol).Unpacked().Steps(Stage.Build).Steps(Stage.Wire).Bound();
        var loop = bench.Do(new LoopOpened(LoopKind.LeadMovedForBinding, "", "rudder"));
        Assert.Equal(Concedable.Never, bench.Line($"loop/{loop.EntryId}").Concedable);
        bench.Do(new LoopClosed(loop.EntryId));
        Assert.Equal(["wire/lead/sv-rud", "bind/failsafe", "direction/rudder"], Stale(bench));
    }

    [Fact]
    public void Re_opening_makes_everything_physical_stale_and_keeps_the_earlier_record()
    {
        var bench = Bench.Ready();
        bench.Do(bench.Release());
        Assert.Equal("job/released", bench.Refused(new BatteryGiven(Bench.Battery()))!.Code);
        bench.Do(new HandOver.Reopened("The owner broke the hatch."));
        Assert.Contains("throw/elevon-left/aileron/high/up", Stale(bench));
        Assert.Contains("balance/as flown", Stale(bench));
        Assert.Equal(1, Assert.Single(bench.State.Releases).Number);
        Assert.Null(bench.State.Release);
    }
}
