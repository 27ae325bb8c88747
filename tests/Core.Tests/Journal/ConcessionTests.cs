using Xunit;
using Zygotome.Core.Balance;
using Zygotome.Core.HandOver;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Receive;
using Zygotome.Core.Safety;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Table;
using Zygotome.Core.Unpack;

namespace Zygotome.Core.Tests.Journal;

/// <summary>A concession covers what a lead looked at, and nothing further.</summary>
public sealed class ConcessionTests
{
    private const string Balance = "balance/as flown";

    private static Bench Weighed(double x)
    {
        var bench = Bench.Ready();
        bench.Pack(LampIs.InBay);
        bench.Do(bench.Weighing(x));
        return bench;
    }

    private static void Again(Bench bench, double x) => bench.Do(bench.Weighing(x));

    [Fact]
    public void The_server_writes_into_it_what_was_looked_at()
    {
        var bench = Weighed(161);
        var entry = bench.Do(new Conceded(Balance, "He flies it nose-heavy.", Saw: null), Bench.Thorne);
        var saw = ((Conceded)entry.Body).Saw!;
        Assert.Equal((Side.TooLittle, "164 to 176 mm aft"), (saw.Side, saw.Limits));
        Assert.Equal(3, saw.Amount, 3);
        Assert.StartsWith("pack 1, 262 g", saw.Object, StringComparison.Ordinal);
        Assert.Equal(bench.State.Balance.Weighings["as flown"].Evidence.EntryId, saw.Evidence);
    }

    [Fact]
    public void A_new_reading_no_further_out_keeps_it_and_one_further_out_or_on_the_other_side_does_not()
    {
        var bench = Weighed(161);
        bench.Do(new Conceded(Balance, "He flies it nose-heavy."), Bench.Thorne);
        Again(bench, 161.5);
        Assert.Equal(Standing.Conceded, bench.Line(Balance).Standing);
        Again(bench, 160);
        Assert.Equal(Standing.NotMet, bench.Line(Balance).Standing);
        Again(bench, 161);
        Assert.Equal(Standing.Conceded, bench.Line(Balance).Standing);
        Again(bench, 177);
        Assert.Equal(
            (Standing.NotMet, Concedable.WithOwner),
            (bench.Line(Balance).Standing, bench.Line(Balance).Concedable)
        );
    }

    [Fact]
    public void A_blank_word_of_the_owner_on_a_forward_balance_covers_no_aft_one()
    {
        var bench = Weighed(161);
        bench.Do(new Conceded(Balance, "He flies it nose-heavy.", " "), Bench.Thorne);
        Again(bench, 178);
        Assert.Equal(Standing.NotMet, bench.Line(Balance).Standing);
        Assert.Equal(
            "handover/owner",
            bench.Refused(new Conceded(Balance, "He asks for it.", " "), Bench.Thorne)!.Code
        );
        bench.Do(new Conceded(Balance, "He asks for it.", "I fly it at 178."), Bench.Thorne);
        Assert.Equal(Standing.Conceded, bench.Line(Balance).Standing);
        Again(bench, 179);
        Assert.Equal(Standing.NotMet, bench.Line(Balance).Standing);
    }

    [Fact]
    public void Another_pack_is_another_concession_though_it_balances_no_worse()
    {
        var bench = Weighed(161);
        bench.Do(new Conceded(Balance, "He flies it nose-heavy."), Bench.Thorne);
        bench.Do(new PackBrought("other", Bench.Battery("265 g")));
        bench.Do(new PackChosen("other"));
        Assert.Equal(Standing.Stale, bench.Line(Balance).Standing);
        Again(bench, 162);
        Assert.Equal(Standing.NotMet, bench.Line(Balance).Standing);
    }

    [Fact]
    public void A_pack_with_too_few_cells_conceded_covers_no_other_pack()
    {
        var bench = new Bench();
        bench.Do(new BatteryGiven(Bench.Battery() with { Cells = 3 }));
        bench.Do(new Conceded("receive/pack-suits", "He flies it slowly."), Bench.Thorne);
        Assert.Equal(Standing.Conceded, bench.Line("receive/pack-suits").Standing);
        bench.Do(new BatteryGiven(Bench.Battery() with { Cells = 14 }));
        Assert.Equal(Standing.NotMet, bench.Line("receive/pack-suits").Standing);
    }

    [Fact]
    public void A_bag_conceded_short_of_one_screw_is_not_conceded_short_of_two()
    {
        var bench = new Bench();
        var bag = bench.State.Sheet.Parts.First(p => p.Quantity > 2);
        bench.Do(new BagCounted(bag.Bag, true));
        bench.Do(new Counted(bag.Id, -1));
        bench.Do(new Conceded($"bag/{bag.Bag}", "One is spare."), Bench.Thorne);
        bench.Do(new Counted(bag.Id, -1));
        Assert.Equal(Standing.NotMet, bench.Line($"bag/{bag.Bag}").Standing);
    }

    [Fact]
    public void Changed_limits_are_another_concession()
    {
        var bench = Weighed(161);
        bench.Do(new Conceded(Balance, "He flies it nose-heavy."), Bench.Thorne);
        var wider = Bench.Delta with
        {
            Kit = Bench.Delta.Kit.With(KitFields.Revision.Is(2)),
            Hash = new string('c', 64),
            Balance = Bench.Delta.Balance.With(
                BalanceFields.Configuration.List.Is([
                    Bench
                        .Delta.Balance.Configurations[0]
                        .With(BalanceFields.Configuration.Range.Is(Bench.Q("163 mm to 176 mm"))),
                ])
            ),
        };
        bench.Know(wider);
        bench.Do(new SheetMoved(2, wider.Hash, "Wider range."), Bench.Thorne);
        Assert.Equal(Standing.NotMet, bench.Line(Balance).Standing);
    }

    [Fact]
    public void Who_measured_it_does_not_concede_it_and_who_found_it_does_not_grade_it_down_but_alone_in_a_shop()
    {
        var bench = Weighed(170);
        bench.Pack(LampIs.InBay, Bench.Thorne);
        bench.Look = "look-2";
        bench.Pack(LampIs.InBay, Bench.Thorne);
        bench.Do(bench.Weighing(161) with { PropellerPlaced = true }, Bench.Thorne);
        Assert.Equal("handover/own-reading", bench.Refused(new Conceded(Balance, "Fine."), Bench.Thorne)!.Code);
        var found = bench.Do(
            new FindingRaised("wing-left", PlaceKind.Skin, FindingKind.Crush, Bench.Q("40 mm"), 200, -60, ""),
            Bench.Thorne
        );
        Assert.Equal(
            "unpack/own-finding",
            bench.Refused(new Regraded(found.EntryId, Grade.Cosmetic, "Only paint."), Bench.Thorne)!.Code
        );

        var alone = Bench.Ready(alone: true);
        alone.Pack(LampIs.InBay);
        alone.Do(alone.Weighing(161));
        Assert.Null(alone.Refused(new Conceded(Balance, "He flies it nose-heavy.")));
    }

    [Fact]
    public void A_lead_who_opened_the_job_may_concede_what_the_opening_shows()
    {
        var bench = new Bench(alone: false);
        bench.Do(new BatteryGiven(Bench.Battery() with { Cells = 3 }), Bench.Thorne);
        Assert.Null(bench.Refused(new Conceded("receive/pack-suits", "He flies it slowly."), Bench.Thorne));
    }
}
