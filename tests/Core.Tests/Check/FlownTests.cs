using CsCheck;
using Xunit;
using Zygotome.Core.Check;
using Zygotome.Core.Journal;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Table;
using Zygotome.Core.Tests.Journal;

namespace Zygotome.Core.Tests.Check;

/// <summary>The shop's own flight: its trims become turns, its dive a place of the pack.</summary>
public sealed class FlownTests
{
    private static readonly Flown Level = new(
        PitchSeen.Level,
        DiveSeen.Straight,
        StallSeen.Straight,
        TurnSeen.Straight,
        [],
        []
    );

    [Theory]
    [InlineData("owner", false)]
    [InlineData("shop", true)]
    [InlineData("glide", true)]
    public void It_is_asked_only_where_the_shop_flies(string school, bool asked)
    {
        var bench = Flies(school);
        Assert.Equal(asked, bench.Open().Any(l => l.Id == "check/flown"));
        Assert.Equal(asked ? null : "check/owner-flies", bench.Refused(Level)?.Code);
    }

    [Fact]
    public void Level_flight_alone_does_not_show_it_and_a_flight_that_went_well_does()
    {
        var bench = Flies("shop");
        Assert.Equal("check/dive-stall", bench.Refused(Level with { Dive = DiveSeen.NotTried })!.Code);
        bench.Do(Level with { Dive = DiveSeen.PullsUp });
        Assert.Equal(Standing.NotMet, bench.Line("check/flown").Standing);
        bench.Do(Level);
        Assert.DoesNotContain(bench.Open(), l => l.Id == "check/flown");
        bench.Do(Level with { Turn = TurnSeen.Left });
        Assert.Equal(Standing.NotMet, bench.Line("check/flown").Standing);
    }

    [Fact]
    public void A_trim_that_was_flown_makes_neutral_and_throws_of_its_surface_stale()
    {
        var bench = Finished("shop");
        Assert.Equal(["check/flown"], bench.Open().Select(l => l.Id));
        bench.Do(Level with { Trims = [new TrimFlown("elevon-left", Bench.Q("2 mm up"))] });
        string[] stale = [.. bench.Open().Where(l => l.Standing == Standing.Stale).Select(l => l.Id)];
        Assert.Contains("neutral/elevon-left", stale);
        Assert.Contains(stale, l => l.StartsWith("throw/elevon-left/", StringComparison.Ordinal));
        Assert.All(stale, l => Assert.Contains("elevon", l, StringComparison.Ordinal));
    }

    [Fact]
    public void Turned_so_a_rod_stands_the_surface_where_it_flew_to_within_half_of_half_a_turn() =>
        Gen.Select(Gen.Int[0, All.Length - 1], Gen.Double[-8, 8])
            .Sample(
                (i, offset) =>
                {
                    var (sheet, surface) = All[i];
                    var turns = RodTurns.Of(sheet, surface, offset)!;
                    var servo = sheet.Servos.First(s => s.Drives.Contains(surface.Id));
                    var horn = servo.Says(RadioFields.Servo.HornHole).Counts!.Value;
                    var pitch = servo.Says(RadioFields.Servo.RodPitch).Likely ?? RodTurns.UsualPitch;
                    var half = pitch / 2 * surface.Chord / horn;
                    Assert.True(Math.Abs(turns.Left) <= (half / 2) + 1e-6, $"{turns} at {offset} mm");
                    // What is turned and what is left are the whole offset.
                    Assert.Equal(Math.Abs(offset), (turns.HalfTurns * half) + (Math.Sign(offset) * turns.Left), 1e-5);
                }
            );

    // Surfaces whose sheets say enough of their rods.
    private static readonly (SpecSheet Sheet, Surface Surface)[] All =
    [
        .. from name in FinishedTests.Sheets
        let sheet = Bench.Sheet(name.Data)
        from surface in sheet.Surfaces
        where RodTurns.Of(sheet, surface, 1) is not null
        select (sheet, surface),
    ];

    [Theory]
    [InlineData(DiveSeen.PullsUp, true)]
    [InlineData(DiveSeen.Tucks, false)]
    public void A_dive_tells_which_way_the_centre_goes_and_never_out_of_the_sheets_range(DiveSeen dive, bool aft)
    {
        var bench = Finished("shop");
        var flown = Level with { Dive = dive };
        bench.Do(flown);
        var advice = Assert.Single(FlightAdvice.Of(bench.State, flown), a => a.At == Stage.Balance);
        Assert.Contains(aft ? "Nose-heavy" : "Tail-heavy", advice.Why, StringComparison.Ordinal);
        Assert.Contains("mm", advice.Words, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData(Feel.TooQuick, "20 to 40 %")]
    [InlineData(Feel.TooSlow, "20 to 0 %")]
    public void A_stick_too_quick_is_a_quarter_softer_around_the_middle(Feel feel, string words)
    {
        var bench = Flies("shop");
        bench.Do(new Core.Bind.RadioSet(Core.Bind.RadioSetting.Expo, "elevator", "20 %"));
        var flown = Level with { Felt = [new FeltFlown("elevator", feel)] };
        var advice = Assert.Single(FlightAdvice.Of(bench.State, flown));
        Assert.Contains(words, advice.Words, StringComparison.Ordinal);
    }

    [Fact]
    public void Another_place_of_the_pack_asks_for_another_flight_and_a_turned_clevis_does_not()
    {
        var bench = Finished("glide");
        bench.Do(Level with { Dive = DiveSeen.NotTried, Stall = StallSeen.NotTried });
        bench.Do(new Core.Build.LinkageMoved("elevon-left", Core.Build.LinkagePart.Clevis));
        Assert.DoesNotContain(bench.Open(), l => l.Id == "check/flown");
        bench.Do(new Core.Balance.BallastFitted(bench.State.Sheet.Geometry.BallastStations[0].Name, 1));
        Assert.Equal(Standing.Stale, bench.Line("check/flown").Standing);
    }

    private static Bench Flies(string school)
    {
        var bench = new Bench(Bench.Sheet("wicken-1350"));
        bench.Do(new Core.Receive.SchoolChosen(Schools.TestFlight, school, "asked for"));
        return bench;
    }

    private static Bench Finished(string school)
    {
        var bench = Bench.Ready();
        bench.Do(new Core.Receive.SchoolChosen(Schools.TestFlight, school, "asked for"));
        return bench;
    }
}
