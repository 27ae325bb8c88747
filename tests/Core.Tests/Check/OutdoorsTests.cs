using Xunit;
using Zygotome.Core.Check;
using Zygotome.Core.Journal;
using Zygotome.Core.Safety;

namespace Zygotome.Core.Tests.Check;

/// <summary>One trip: what was safe counts as at the bench, what was not is kept and does not.</summary>
public sealed class OutdoorsTests
{
    public static TheoryData<string> Sheets => Journal.FinishedTests.Sheets;

    [Theory]
    [MemberData(nameof(Sheets))]
    public void What_is_done_safely_outdoors_closes_every_line_of_the_trip(string name)
    {
        var bench = Cut(name);
        foreach (var item in Trip.Of(bench.State))
        {
            Assert.Contains(bench.Open(), l => item.Lines.Any(i => i.Written == l.Id));
            bench.Do(new FieldSeen(item.Id, true, Safe(bench, item), item.Metres));
            Assert.DoesNotContain(bench.Open(), l => item.Lines.Any(i => i.Written == l.Id));
        }
    }

    [Theory]
    [MemberData(nameof(Sheets))]
    public void Whatever_else_was_connected_or_could_turn_is_kept_answered_and_shows_nothing(string name)
    {
        var bench = new Bench(Bench.Sheet(name));
        foreach (var item in Trip.Of(bench.State))
        {
            foreach (
                var said in LastWalk.Every().Where(s => FieldNeeds.Wrong(bench.State.Sheet, item.Needs, s).Length > 0)
            )
            {
                var posted = new FieldSeen(item.Id, true, said, item.Metres);
                bench.Do(posted);
                Assert.Contains("Does not count: ", posted.Say(bench.State), StringComparison.Ordinal);
                Assert.NotEmpty(bench.State.Check.Field[item.Id].Wrong);
            }

            Assert.Contains(bench.Open(), l => item.Lines.Any(i => i.Written == l.Id));
        }
    }

    [Theory]
    [MemberData(nameof(Sheets))]
    public void A_motor_that_could_turn_with_nobody_at_it_is_never_safe(string name)
    {
        var bench = new Bench(Bench.Sheet(name));
        if (!LampBoard.HasMotor(bench.State.Sheet))
        {
            return;
        }

        foreach (var item in Trip.Of(bench.State).Where(i => i.Id != "wings"))
        {
            foreach (var said in LastWalk.Every().Where(Unattended))
            {
                Assert.NotEmpty(FieldNeeds.Wrong(bench.State.Sheet, item.Needs, said));
            }
        }
    }

    [Fact]
    public void No_motor_turns_outdoors_before_the_cut_held_it_and_nobody_is_their_own_second_person()
    {
        var bench = new Bench(Bench.Sheet("wicken-1350"));
        var item = Trip.Of(bench.State).Single(i => i.Id == "range-motor");
        var held = Safe(bench, item);
        bench.Do(new FieldSeen("range-motor", true, held, 30));
        Assert.Contains("throttle cut", bench.State.Check.Field["range-motor"].Wrong[0], StringComparison.Ordinal);

        bench = Cut("wicken-1350");
        bench.Do(new FieldSeen("range-motor", true, held with { Second = "r. vane" }, 30));
        Assert.Equal(["Say who holds it: somebody else."], bench.State.Check.Field["range-motor"].Wrong);
        bench.Do(new FieldSeen("range-motor", true, held, 30));
        Assert.Equal(Standing.Met, bench.Line("check/range-motor").Standing);
    }

    // The throttle cut was seen to hold every motor, where there is one.
    private static Bench Cut(string name)
    {
        var bench = new Bench(Bench.Sheet(name));
        return LampBoard.HasMotor(bench.State.Sheet) ? bench.Power().Cut() : bench;
    }

    [Theory]
    [MemberData(nameof(Sheets))]
    public void It_is_tried_afloat_and_sent_home_where_its_sheet_says_so_and_nowhere_else(string name)
    {
        var sheet = Bench.Sheet(name);
        string[] asked = [.. Trip.Of(new Bench(sheet).State).Select(i => i.Id)];
        Assert.Equal(sheet.Kit.Afloat, asked.Contains("taxi-water"));
        Assert.Equal(sheet.Radio.FliesHome, asked.Contains("home"));
    }

    [Fact]
    public void What_flies_home_is_never_conceded_unseen_and_is_seen_with_the_transmitter_off_and_the_motor_isolated()
    {
        var bench = Cut("saltern-1500");
        static FieldSeen Home(LampIs transmitter, FieldMotors motors) =>
            new("home", true, new FieldState(true, transmitter, motors, "I. Thorne"));
        Assert.Equal(Concedable.Never, bench.Line("check/home").Concedable);
        bench.Do(Home(LampIs.CutSet, FieldMotors.Isolated));
        Assert.Equal(["Motor isolated first; then switch it off."], bench.State.Check.Field["home"].Wrong);
        bench.Do(Home(LampIs.Off, FieldMotors.Held));
        Assert.Equal(Standing.NotShown, bench.Line("check/home").Standing);
        bench.Do(Home(LampIs.Off, FieldMotors.Isolated));
        Assert.Equal(Standing.Met, bench.Line("check/home").Standing);
        bench.Do(new Core.Receive.ReceiverGiven(8));
        Assert.Equal(Standing.Stale, bench.Line("check/home").Standing);
    }

    [Fact]
    public void The_memory_that_was_bound_is_said_with_the_transmitter()
    {
        var sheet = Bench.Sheet("wicken-1350");
        var asked = FieldNeeds.Of(sheet, PowerState.Powered, "4, WICKEN").Single(n => n.Ask == FieldAsk.Transmitter);
        Assert.Equal("on, throttle low, cut set, memory \"4, WICKEN\"", asked.Answers.Single(a => a.Safe).Words);
        // Whoever sees another need not call it off.
        var another = new FieldState(true, LampIs.Another, FieldMotors.Isolated);
        Assert.Equal(
            ["Pack off; choose memory \"4, WICKEN\" on the transmitter, then again."],
            FieldNeeds.Wrong(sheet, PowerState.Powered, another, "4, WICKEN")
        );
    }

    [Fact]
    public void What_was_answered_before_a_hand_at_the_bench_and_sent_after_it_is_stale()
    {
        var bench = new Bench(Bench.Sheet("merle-1200"));
        var outdoors = bench.Now;
        bench.Now = outdoors.AddMinutes(20);
        bench.Do(new Core.Receive.ReceiverGiven(8));
        bench.Now = outdoors.AddMinutes(40);
        bench.Do(
            new FieldSeen("range", true, LastWalk.Quiet(bench.State.Sheet), 30),
            observed: outdoors.AddMinutes(10)
        );
        Assert.Equal(Standing.Stale, bench.Line("check/range").Standing);
    }

    [Fact]
    public void What_glitches_outdoors_is_not_met_and_what_is_walked_too_near_neither()
    {
        var bench = new Bench(Bench.Sheet("merle-1200"));
        var quiet = LastWalk.Quiet(bench.State.Sheet);
        Standing Range() => bench.Line("check/range").Standing;
        bench.Do(new FieldSeen("range", false, quiet, 60));
        Assert.Equal(Standing.NotMet, Range());
        bench.Do(new FieldSeen("range", true, quiet, 6));
        Assert.Equal(Standing.NotMet, Range());
        Assert.Equal("check/metres", bench.Refused(new FieldSeen("range", true, quiet))!.Code);
        Assert.Equal("check/no-item", bench.Refused(new FieldSeen("swim", true, quiet))!.Code);
    }

    private static bool Unattended(FieldState said) =>
        said.Motors == FieldMotors.Free || (said.Motors == FieldMotors.Held && said.Second.Length == 0);

    private static FieldState Safe(Bench bench, TripItem item) => LastWalk.Safe(bench.State.Sheet, item);
}
