using Xunit;
using Zygotome.Core.Build;
using Zygotome.Core.Journal;
using Zygotome.Core.Safety;
using Zygotome.Core.Sheets;
using Zygotome.Core.Unpack;

namespace Zygotome.Core.Tests.Build;

/// <summary>Glue holds by the server's clock, each time anew, whatever a tablet's clock says.</summary>
public sealed class CureClockTests
{
    private static readonly Adhesive Slow = new("slow", "foam-safe contact", 60, 720, false);
    private static readonly DateTimeOffset At = new(2026, 11, 26, 9, 0, 0, TimeSpan.Zero);

    private static StepProgress Done(DateTimeOffset observed, TimeSpan? waited, DateTimeOffset? started = null)
    {
        var bench = new Bench();
        var step = bench.State.Sheet.Steps.First(s => s.Bond is not null).Id;
        static Entry Of(long seq, EntryBody body, DateTimeOffset seen, DateTimeOffset recorded, TimeSpan? w) =>
            new("J-0001", seq, $"e{seq}", body, Bench.Vane, seen, recorded, "look") { Waited = w };
        var began = started ?? At.AddHours(-5);
        var state = Replay.Add(bench.State, Of(2, new StepStarted(step), began, began, TimeSpan.Zero));
        state = Replay.Add(state, Of(3, new StepDone(step, Slow, Bench.Q("20 °C")), observed, At, waited));
        return state.Progress(step)!;
    }

    [Fact]
    public void A_cure_counts_from_when_the_server_knew_of_it_whatever_the_tablets_clock_says()
    {
        Assert.Equal(At.AddMinutes(60), Done(At.AddHours(-3), TimeSpan.Zero).HandleAt);
        Assert.Equal(At.AddMinutes(60), Done(At.AddMinutes(9), TimeSpan.Zero).HandleAt);
        Assert.Equal(At.AddMinutes(720), Done(At, TimeSpan.Zero).FullAt);
    }

    [Fact]
    public void What_waited_on_a_tablet_counts_from_when_it_was_done_but_never_from_before_its_step_was_known()
    {
        var waited = Done(At.AddHours(-2), TimeSpan.FromMinutes(40));
        Assert.Equal((At.AddMinutes(-40), At.AddMinutes(20)), (waited.CuresFrom, waited.HandleAt));
        var began = At.AddMinutes(-10);
        Assert.Equal(began.AddMinutes(60), Done(At, TimeSpan.FromDays(9), began).HandleAt);
    }

    [Fact]
    public void An_older_entry_cures_as_it_did()
    {
        Assert.Equal(At.AddHours(-2), Done(At.AddHours(-3), null).HandleAt);
    }

    [Fact]
    public void A_lead_says_that_a_joint_was_closed_earlier_with_a_reason_and_never_before_its_step_began()
    {
        var bench = new Bench();
        var finding = bench
            .Do(new FindingRaised("wing-left", PlaceKind.Skin, FindingKind.Crease, Bench.Q("60 mm"), 200, -150, ""))
            .EntryId;
        bench.Do(new Disposed(finding, Disposition.Repair, ""));
        var step = bench.State.Sheet.Steps.Single(s => s.Repairs == finding).Id;
        bench.Pack(LampIs.Out);
        var began = bench.Do(new StepStarted(step)).ObservedAt;
        bench.Pass(TimeSpan.FromMinutes(50));
        bench.End(step, Slow);
        var from = bench.State.Progress(step)!.CuresFrom!.Value;
        string? Refused(DateTimeOffset at, string reason = "Left under tape at noon.") =>
            bench.Refused(new CureBegan(step, at, reason), Bench.Thorne)?.Code;
        Assert.Equal("build/not-earlier", Refused(from));
        Assert.Equal("build/before-its-step", Refused(began.AddSeconds(-1)));
        Assert.Equal("text/missing", Refused(from.AddMinutes(-30), ""));
        Assert.Equal("entry/role", bench.Refused(new CureBegan(step, from.AddMinutes(-30), "I know."))!.Code);
        bench.Do(new CureBegan(step, from.AddMinutes(-30), "Left under tape at noon."), Bench.Thorne);
        var moved = bench.State.Progress(step)!;
        Assert.Equal((from.AddMinutes(30), from.AddMinutes(690)), (moved.HandleAt, moved.FullAt));
        Assert.Equal(moved.HandleAt, bench.State.Unpack.Find(finding)!.Repair!.HandleAt);
    }

    [Fact]
    public void A_server_whose_clock_was_put_back_cures_nothing_early()
    {
        var bench = new Bench();
        var step = bench.State.Sheet.Steps.First(s => s.Bond is not null).Id;
        static Entry Of(long seq, EntryBody body, DateTimeOffset recorded) =>
            new("J-0001", seq, $"e{seq}", body, Bench.Vane, recorded, recorded, "look") { Waited = TimeSpan.Zero };
        var state = Replay.Add(bench.State, Of(2, new StepStarted(step), At));
        state = Replay.Add(state, Of(3, new StepDone(step, Slow, Bench.Q("20 °C")), At.AddMinutes(5)));
        var line = Ledger.Of(state, At.AddHours(-9)).Single(l => l.Id == $"step/{step}");
        Assert.True(line.Open, line.Why);
        Assert.False(Ledger.Of(state, At.AddHours(13)).Single(l => l.Id == $"step/{step}").Open);
    }

    [Fact]
    public void A_glued_repair_has_its_handling_and_its_full_strength_and_another_repair_has_its_own()
    {
        var bench = new Bench();
        var finding = bench
            .Do(new FindingRaised("wing-left", PlaceKind.Skin, FindingKind.Crease, Bench.Q("60 mm"), 200, -150, ""))
            .EntryId;
        bench.Do(new Disposed(finding, Disposition.Repair, ""));
        var unsaid = bench.Refused(new Repaired(finding, "closed under tape"))!;
        Assert.Equal(("unpack/glue", "body.adhesive"), (unsaid.Code, unsaid.Where));
        bench.Do(new Repaired(finding, "closed under tape", Adhesive: Slow, BenchCelsius: Bench.Q("20 °C")));
        var step = bench.State.Sheet.Steps.Single(s => s.Repairs == finding).Id;
        var first = bench.State.Progress(step)!;
        Assert.Equal((bench.Now.AddMinutes(60), bench.Now.AddMinutes(720)), (first.HandleAt, first.FullAt));
        Assert.Equal("unpack/curing", bench.Refused(new Reinspected(finding, true), Bench.Thorne)!.Code);
        Assert.True(bench.Line($"step/{step}").Open);

        bench.Pass(TimeSpan.FromHours(13));
        Assert.False(bench.Line($"step/{step}").Open);
        bench.Do(new Repaired(finding, "once more, thinner", Adhesive: Slow, BenchCelsius: Bench.Q("20 °C")));
        var second = bench.State.Progress(step)!;
        Assert.Equal((bench.Now.AddMinutes(60), bench.Now.AddMinutes(720)), (second.HandleAt, second.FullAt));
        Assert.Equal("unpack/curing", bench.Refused(new Reinspected(finding, true), Bench.Thorne)!.Code);
        Assert.True(bench.Line($"step/{step}").Open);

        // Tape over wet glue does not cure it.
        bench.Do(new Repaired(finding, "taped over", NoGlue: true));
        var taped = bench.State.Progress(step)!;
        Assert.Equal((second.HandleAt, second.FullAt), (taped.HandleAt, taped.FullAt));
        Assert.Equal("unpack/curing", bench.Refused(new Reinspected(finding, true), Bench.Thorne)!.Code);
        bench.Pass(TimeSpan.FromHours(13));
        bench.Do(new Repaired(finding, "tape off, a new piece let in dry", NoGlue: true));
        Assert.Null(bench.State.Progress(step)!.HandleAt);
    }
}
