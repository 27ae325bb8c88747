using Xunit;
using Zygotome.Core.Journal;
using Zygotome.Core.Receive;
using Zygotome.Core.Sheets;
using Zygotome.Core.Unpack;

namespace Zygotome.Core.Tests.Unpack;

public sealed class ClaimTests
{
    private static readonly Supplier Maker = new("m", "The maker", "claims@maker.invalid", 10, 5);

    private static Bench Damaged(bool supplier = true)
    {
        var bench = new Bench(supplier: supplier ? Maker : null);
        bench.Do(new BagCounted("A", true));
        bench.Do(new Counted("screw-m2x8", 8));
        bench.Do(new Counted("pushrod", 1));
        bench.Do(new BagCounted("B", false));
        bench.Do(new FindingRaised("body-fuselage", PlaceKind.Skin, FindingKind.Crack, Bench.Q("34 mm"), 100, 10, ""));
        return bench;
    }

    private static ClaimSent Letter(Bench bench, params string[] parts) =>
        new(
            [bench.State.Unpack.Findings[0].Id],
            [.. parts],
            "",
            1,
            Maker,
            [
                .. parts.Select(p => new ClaimedShortage(
                    p,
                    p,
                    Claims.Short(bench.State, p),
                    bench.State.Sheet.Part(p)!.Bag
                )),
            ],
            new string('a', 64),
            new string('b', 64)
        );

    [Fact]
    public void Findings_and_shortages_are_gathered_by_themselves_and_the_window_runs_from_receipt()
    {
        var bench = Damaged();
        Assert.Equal(["pushrod", "hatch-latch"], Claims.Of(bench.State).Where(c => c.IsPart).Select(c => c.Id));
        Assert.Equal(10, Claims.DaysLeft(bench.State, bench.State.Receive.ReceivedOn));
        Assert.Equal(-2, Claims.DaysLeft(bench.State, bench.State.Receive.ReceivedOn.AddDays(12)));
        bench.Do(Letter(bench, "pushrod", "hatch-latch"));
        Assert.Null(Claims.DaysLeft(bench.State, bench.State.Receive.ReceivedOn));
    }

    [Theory]
    [InlineData(ClaimAnswerKind.AskedForMore, true)]
    [InlineData(ClaimAnswerKind.Accepted, false)]
    [InlineData(ClaimAnswerKind.Refused, false)]
    public void Where_the_supplier_asks_for_more_it_waits_to_be_claimed_again_and_the_window_still_runs(
        ClaimAnswerKind answer,
        bool waits
    )
    {
        var bench = Damaged();
        bench.Do(Letter(bench, "pushrod", "hatch-latch"));
        bench.Do(new ClaimAnswered(bench.State.Unpack.Claims[0].Id, answer, "Pictures of the label, please."));
        Assert.Equal(waits, Claims.Waiting(bench.State));
        Assert.Equal(waits ? 3 : 0, Claims.Of(bench.State).Count(c => c.Stands && !c.Sent));
        Assert.Equal(waits ? 10 : null, Claims.DaysLeft(bench.State, bench.State.Receive.ReceivedOn));
    }

    [Fact]
    public void What_happened_here_is_claimed_from_nobody()
    {
        var bench = Damaged();
        var f = bench.State.Unpack.Findings[0];
        bench.Do(new OriginSaid(f.Id, Origin.Shop, "Fell off the bench."));
        Assert.Equal("claim/ours", bench.Refused(Letter(bench))!.Code);
        Assert.False(Claims.Of(bench.State).Single(c => c.Id == f.Id).Stands);
    }

    [Fact]
    public void A_claim_needs_a_supplier_a_letter_and_something_to_claim()
    {
        Assert.Equal(
            "claim/supplier",
            Damaged(supplier: false) is var without ? without.Refused(Letter(without))!.Code : ""
        );
        var late = Damaged(supplier: false);
        late.Do(new SupplierSaid(Maker, late.State.Receive.ReceivedOn.AddDays(-4)));
        Assert.Equal(6, Claims.DaysLeft(late.State, late.State.Receive.ReceivedOn.AddDays(4)));
        Assert.Equal(
            "receive/received-on",
            late.Refused(new SupplierSaid(Maker, late.State.Receive.ReceivedOn.AddDays(30)))!.Code
        );
        var bench = Damaged();
        Assert.Equal("claim/letter", bench.Refused(Letter(bench) with { LetterHash = "" })!.Code);
        Assert.Equal("claim/empty", bench.Refused(Letter(bench) with { Findings = [] })!.Code);
        Assert.Equal("claim/not-short", bench.Refused(Letter(bench, "spar"))!.Code);
    }

    [Fact]
    public void An_answer_brings_a_date_and_parts_that_arrive_open_the_count_again()
    {
        var bench = Damaged();
        var sent = bench.Do(Letter(bench, "pushrod"));
        var due = bench.State.Receive.ReceivedOn.AddDays(6);
        bench.Do(new ClaimAnswered(sent.EntryId, ClaimAnswerKind.Accepted, "On its way.", due));
        bench.Do(new ClaimAnswered(sent.EntryId, ClaimAnswerKind.PartlyAccepted, "Not the fuselage."));
        Assert.Equal(due, bench.State.Unpack.Claims[0].Answer!.PartsDue);
        Assert.True(bench.State.Unpack.CountedBags.ContainsKey("B"));
        bench.Do(new PartsArrived(sent.EntryId));
        Assert.False(bench.State.Unpack.CountedBags.ContainsKey("B"));
        Assert.Equal("claim/arrived", bench.Refused(new PartsArrived(sent.EntryId))!.Code);
        bench.Do(new Counted("pushrod", 1));
        bench.Do(new Counted("hatch-latch", 1));
        bench.Do(new BagCounted("B", false));
        Assert.False(bench.Line("bag/B").Open);
    }

    [Fact]
    public void A_picture_is_named_by_its_hash_and_twelve_are_the_most()
    {
        var bench = Damaged();
        var f = bench.State.Unpack.Findings[0].Id;
        Assert.Equal("photo/hash", bench.Refused(new FindingPhotographed(f, "../secret"))!.Code);
        for (var i = 0; i < Photos.Most; i++)
        {
            bench.Do(new FindingPhotographed(f, new string((char)('a' + (i % 6)), 64)));
        }

        Assert.Equal("photo/many", bench.Refused(new FindingPhotographed(f, new string('f', 64)))!.Code);
    }
}
