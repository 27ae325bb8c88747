using Xunit;
using Zygotome.Core.Balance;
using Zygotome.Core.HandOver;
using Zygotome.Core.Journal;
using Zygotome.Core.Receive;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Table;

namespace Zygotome.Core.Tests.Balance;

/// <summary>Fingertips or a stand at the maker's marks: what they show, and what they do not.</summary>
public sealed class MarksTests
{
    private static readonly SpecSheet Midge = Bench.Sheet("tarn-midge-620");

    [Theory]
    [InlineData(MarkAnswer.Level, Standing.Met, false)]
    [InlineData(MarkAnswer.NoseLow, Standing.Met, false)]
    [InlineData(MarkAnswer.NoseDrops, Standing.NotMet, false)]
    [InlineData(MarkAnswer.TailDrops, Standing.NotMet, true)]
    public void At_one_pair_of_marks_level_or_a_little_nose_low_is_in_and_tail_low_is_out(
        MarkAnswer did,
        Standing standing,
        bool aft
    )
    {
        var (shown, behind, _) = MarkedBalance.Judge([new(MarkPlace.AtTheMarks, did)]);
        Assert.Equal((standing, aft), (shown, behind));
    }

    [Theory]
    [InlineData(MarkAnswer.TailDrops, MarkAnswer.NoseDrops, Standing.Met)]
    [InlineData(MarkAnswer.TailDrops, MarkAnswer.NoseLow, Standing.Met)]
    [InlineData(MarkAnswer.TailDrops, MarkAnswer.TailDrops, Standing.NotMet)]
    [InlineData(MarkAnswer.NoseDrops, MarkAnswer.NoseDrops, Standing.NotMet)]
    [InlineData(MarkAnswer.TailDrops, MarkAnswer.Level, Standing.NotShown)]
    [InlineData(MarkAnswer.Level, MarkAnswer.NoseDrops, Standing.NotShown)]
    [InlineData(MarkAnswer.TailDrops, null, Standing.NotShown)]
    [InlineData(null, MarkAnswer.NoseDrops, Standing.NotShown)]
    [InlineData(null, MarkAnswer.TailDrops, Standing.NotMet)]
    public void Two_ends_enclose_the_centre_or_show_it_out_and_one_alone_shows_it_out_or_nothing(
        MarkAnswer? fore,
        MarkAnswer? aft,
        Standing standing
    ) =>
        Assert.Equal(
            standing,
            MarkedBalance
                .Judge([
                    .. fore is { } f ? [new(MarkPlace.ForwardEnd, f)] : (MarkLook[])[],
                    .. aft is { } a ? [new(MarkPlace.AftEnd, a)] : (MarkLook[])[],
                ])
                .Standing
        );

    private static Bench Built(SpecSheet sheet)
    {
        var bench = new Bench(sheet).Unpacked().Steps(Stage.Build).Steps(Stage.Wire).Bound();
        var pack = bench.State.Receive.Battery!;
        bench.Do(
            new PackBrought(
                "single cell",
                pack with
                {
                    Cells = 1,
                    Mass = Bench.Q("10 g"),
                    Length = Bench.Q("48 mm"),
                    Width = Bench.Q("18 mm"),
                    Height = Bench.Q("8 mm"),
                }
            )
        );
        bench.Do(new PackChosen("single cell"));
        bench.Pack(Core.Safety.LampIs.InBay);
        bench.Steps(Stage.Balance);
        bench.Motors(Core.Safety.LampIs.On);
        return bench;
    }

    private static MarksSeen Seen(params MarkLook[] looks) => new("as flown", [.. looks], Bench.Q("-120 mm"), false);

    [Fact]
    public void Marks_are_the_requirement_where_the_manual_prints_no_figure_and_nobody_invents_one()
    {
        var bench = Built(Midge);
        Assert.Contains("pinholes", bench.Line("balance/as flown").Why, StringComparison.Ordinal);
        Assert.Equal("balance/mark-place", bench.Refused(Seen(new MarkLook(MarkPlace.AftEnd, MarkAnswer.Level)))!.Code);
        bench.Do(Seen(new MarkLook(MarkPlace.AtTheMarks, MarkAnswer.NoseLow)));
        Assert.Equal(Standing.Met, bench.Line("balance/as flown").Standing);
        Assert.Equal("a little nose-low at the marks", bench.Line("balance/as flown").Reading);

        // What moves aboard asks for it again.
        bench.Do(new PackMoved(Bench.Q("-110 mm")));
        Assert.Equal(Standing.Stale, bench.Line("balance/as flown").Standing);
    }

    [Fact]
    public void Tail_low_at_the_marks_is_conceded_only_with_the_owners_word_and_nose_low_by_a_lead()
    {
        var bench = Built(Midge);
        bench.Do(Seen(new MarkLook(MarkPlace.AtTheMarks, MarkAnswer.TailDrops)));
        Assert.Equal(Concedable.WithOwner, bench.Line("balance/as flown").Concedable);
        Assert.NotNull(bench.Refused(new Conceded("balance/as flown", "he likes it so"), Bench.Thorne));
        bench.Do(Seen(new MarkLook(MarkPlace.AtTheMarks, MarkAnswer.NoseDrops)));
        Assert.Equal(Concedable.ByLead, bench.Line("balance/as flown").Concedable);
    }

    [Fact]
    public void Hung_from_nose_and_tail_it_shows_which_wing_is_heavy()
    {
        var bench = Built(Midge);
        bench.Do(Seen(new MarkLook(MarkPlace.AtTheMarks, MarkAnswer.Level)) with { Across = AcrossAnswer.LeftDrops });
        Assert.Equal(
            (Standing.NotMet, "the left wing drops"),
            (bench.Line("lateral/as flown").Standing, bench.Line("lateral/as flown").Reading)
        );
        bench.Do(Seen(new MarkLook(MarkPlace.AtTheMarks, MarkAnswer.Level)) with { Across = AcrossAnswer.Level });
        Assert.Equal(Standing.Met, bench.Line("lateral/as flown").Standing);
    }

    [Fact]
    public void A_weighing_that_still_holds_is_not_talked_away_by_fingertips()
    {
        var bench = Bench.Ready();
        bench.Do(bench.Weighing(190), Bench.Vane);
        Assert.Equal(Standing.NotMet, bench.Line("balance/as flown").Standing);
        bench.Do(
            new MarksSeen(
                "as flown",
                [new(MarkPlace.ForwardEnd, MarkAnswer.TailDrops), new(MarkPlace.AftEnd, MarkAnswer.NoseLow)],
                Bench.Q("-48 mm"),
                false
            )
        );
        Assert.Equal(Standing.NotMet, bench.Line("balance/as flown").Standing);
    }

    [Fact]
    public void A_range_in_figures_can_be_shown_by_two_bounds_where_nothing_was_weighed()
    {
        var bench = new Bench().Unpacked().Steps(Stage.Build).Steps(Stage.Wire).Bound();
        bench.Pack(Core.Safety.LampIs.InBay);
        bench.Steps(Stage.Balance);
        bench.Motors(Core.Safety.LampIs.On);
        bench.Do(
            new MarksSeen(
                "as flown",
                [new(MarkPlace.ForwardEnd, MarkAnswer.TailDrops), new(MarkPlace.AftEnd, MarkAnswer.NoseLow)],
                Bench.Q("-48 mm"),
                false
            )
        );
        Assert.Equal(Standing.Met, bench.Line("balance/as flown").Standing);
        Assert.Equal(Standing.NotShown, bench.Line("weight/as flown").Standing);
    }

    [Fact]
    public void Without_marks_and_without_a_range_there_is_nowhere_to_hold_it() =>
        Assert.Empty(
            MarkedBalance.Places(
                Bench.Delta,
                Bench
                    .Delta.Balance.Configurations[0]
                    .With(BalanceFields.Configuration.Range.Is(new Printed<Core.Quantities.Quantity>.NotStated(true)))
            )
        );
}
