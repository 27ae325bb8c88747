using Xunit;
using Zygotome.Core.Build;
using Zygotome.Core.HandOver;
using Zygotome.Core.Job;
using Zygotome.Core.Journal;
using Zygotome.Core.Receive;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Catalogue;
using Zygotome.Core.Unpack;

namespace Zygotome.Core.Tests.Journal;

/// <summary>The one line that says where a job stands and what holds it up.</summary>
public sealed class OutlookTests
{
    private static JobOutlook Of(Bench bench) =>
        JobOutlook.Of(bench.State, Ledger.Of(bench.State, bench.Now), bench.Now);

    [Fact]
    public void A_job_just_received_waits_for_its_papers_and_one_ready_for_its_release()
    {
        var bench = new Bench();
        Assert.Equal((Stage.Receive, "Next: The pack's cells are sound"), (Of(bench).Stage, Of(bench).Holds));
        bench.Charged();
        bench.Do(new TransmitterBrought("the owner's", "", Protocol: "wave 2"));
        bench.Do(new ReceiverGiven(8, new ReceiverKind("eight", 8, 8, Protocol: "wave 2")));
        Assert.Equal((Stage.Unpack, "Next: Manual found"), (Of(bench).Stage, Of(bench).Holds));
        var ready = Bench.Ready();
        var outlook = Of(ready);
        Assert.Equal((Stage.HandOver, "Ready to release", outlook.All), (outlook.Stage, outlook.Holds, outlook.Shown));
        ready.Do(ready.Release());
        Assert.Equal("Released", Of(ready).Holds);
        ready.Do(new OwnerAnswered(true));
        Assert.Equal("Released, accepted by its owner", Of(ready).Holds);
    }

    [Fact]
    public void What_is_wrong_is_said_before_what_is_only_not_done_and_what_nobody_may_concede_before_all()
    {
        var bench = new Bench();
        bench.Do(new PackBrought("long", Bench.Battery() with { Length = Bench.Q("190 mm") }));
        bench.Do(new PackChosen("long"));
        Assert.Equal(
            (Stage.Receive, "The pack fits its bay: The pack is 20 mm too long for its bay."),
            (Of(bench).Stage, Of(bench).Holds)
        );
        bench.Do(new FindingRaised("wing-left", PlaceKind.Spar, FindingKind.Crack, Bench.Q("30 mm"), 200, -150, ""));
        Assert.Equal(Grade.FlightCritical, bench.State.Unpack.Findings[0].Grading.Grade);
        Assert.StartsWith("F1: crack of 30 mm, wing left", Of(bench).Holds, StringComparison.Ordinal);
    }

    [Fact]
    public void A_reading_out_of_its_band_is_said_with_its_numbers_and_one_gone_stale_by_its_name()
    {
        var bench = Bench.Ready();
        bench.Do(bench.Weighing(181));
        Assert.Contains("against 164 to 176 mm aft", Of(bench).Holds, StringComparison.Ordinal);
        bench.Do(bench.Weighing(166));
        bench.Do(new LinkageMoved("elevon-left", LinkagePart.Pushrod));
        Assert.EndsWith(": stale", Of(bench).Holds, StringComparison.Ordinal);
        Assert.Equal(Stage.Bind, Of(bench).Stage);
    }

    [Fact]
    public void Glue_that_sets_is_what_the_bench_waits_for_and_is_not_said_any_more_once_it_can_be_handled()
    {
        var bench = new Bench().Unpacked();
        while (
            StepGraph.Of(bench.State, bench.Now).FirstOrDefault(s => s.Standing == StepStanding.CanStart) is { } next
        )
        {
            bench.Do(new StepStarted(next.Step.Id));
            bench.End(next.Step.Id);
            if (next.Step.Bond is not null)
            {
                break;
            }
        }

        Assert.Contains(
            ": can be handled at ",
            Of(bench).Words(bench.State.Rules.TimeZone, bench.Now),
            StringComparison.Ordinal
        );
        bench.Pass(TimeSpan.FromMinutes(61));
        Assert.StartsWith("Next: ", Of(bench).Holds, StringComparison.Ordinal);
    }

    [Fact]
    public void The_two_pairs_of_a_biplanes_ailerons_are_compared_each_for_itself()
    {
        var bench = new Bench(Bench.Sheet("brindle-pair"));
        string[] ids = [.. Ledger.Of(bench.State, bench.Now).Select(l => l.Id)];
        Assert.Equal(ids.Length, ids.Distinct().Count());
        Assert.Contains("sides/aileron/aileron/high/up", ids);
        Assert.Contains("sides/aileron-lower/aileron/high/up", ids);
        Assert.Equal(
            "Left against right, aileron lower up, high",
            bench.Line("sides/aileron-lower/aileron/high/up").Text
        );
    }
}
