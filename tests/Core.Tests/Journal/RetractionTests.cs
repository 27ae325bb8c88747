using Xunit;
using Zygotome.Core.Bind;
using Zygotome.Core.Build;
using Zygotome.Core.HandOver;
using Zygotome.Core.Job;
using Zygotome.Core.Journal;
using Zygotome.Core.Receive;
using Zygotome.Core.Safety;
using Zygotome.Core.Sheets;
using Zygotome.Core.Throws;
using Zygotome.Core.Unpack;

namespace Zygotome.Core.Tests.Journal;

/// <summary>Mistakes of record are withdrawn; what happened at the bench is said anew.</summary>
public sealed class RetractionTests
{
    private const string Target = "throw/elevon-left/aileron/high/up";

    private static readonly Person Sorrel = new("msorrel", "M. Sorrel", Role.Counter);

    private static Bench Measuring() => new Bench().Unpacked().Steps(Stage.Build).Steps(Stage.Wire).Bound();

    private static string? Refused(Bench bench, Entry entry, Person by) =>
        bench.Refused(new Retracted(entry.EntryId, "Recorded by mistake."), by)?.Code;

    [Fact]
    public void What_may_be_withdrawn_is_a_closed_list() =>
        Assert.Equal(
            [
                "balance/marks",
                "balance/weighed",
                "bind/alarm",
                "bind/called",
                "bind/controller",
                "bind/cut-proven",
                "bind/direction",
                "bind/ends",
                "bind/failsafe",
                "bind/memory",
                "bind/motor-turned",
                "bind/output",
                "bind/stabiliser",
                "bind/stabiliser-mode",
                "bind/switch-tried",
                "build/answered",
                "build/left-over",
                "build/marked",
                "build/true-read",
                "check/answered",
                "check/tried",
                "handover/conceded",
                "receive/box-photo",
                "receive/promised",
                "receive/to-buy",
                "receive/value-given",
                "throws/freedom",
                "throws/holes",
                "throws/neutral",
                "throws/read",
                "unpack/bag-counted",
                "unpack/count-set",
                "unpack/counted",
                "unpack/disposition",
                "unpack/erratum",
                "unpack/extra",
                "unpack/finding",
                "unpack/origin",
                "unpack/paper-elsewhere",
                "unpack/paper-photo",
                "unpack/papers",
                "unpack/photo",
                "unpack/regraded",
                "unpack/substitute",
                "unpack/walked",
                "unpack/wrong",
                "unpack/wrong-counted",
                "wire/answered",
            ],
            Stages.Kinds.All.Where(k => k.Withdrawable).Select(k => k.Type).Order(StringComparer.Ordinal)
        );

    [Fact]
    public void A_slip_is_its_authors_in_the_same_look_and_a_leads_later()
    {
        var bench = Measuring();
        var reading = bench.Do(bench.Reading(Target, "13 mm"));
        Assert.Null(Refused(bench, reading, Bench.Vane));
        Assert.Equal("retract/lead", Refused(bench, reading, Sorrel));
        Assert.Null(Refused(bench, reading, Bench.Thorne));
        bench.Look = "look-2";
        Assert.Equal("retract/lead", Refused(bench, reading, Bench.Vane));
        bench.Do(new Retracted(reading.EntryId, "The model was not fixed."), Bench.Thorne);
        Assert.Equal(Standing.NotShown, bench.Line(Target).Standing);
    }

    [Fact]
    public void A_leads_finding_is_nobody_elses_to_withdraw_and_one_that_was_acted_on_nobodys()
    {
        var bench = new Bench();
        var found = bench.Do(
            new FindingRaised("elevon-left", PlaceKind.Hinge, FindingKind.Crack, Bench.Q("4 mm"), 380, -200, ""),
            Bench.Thorne
        );
        Assert.Equal("retract/lead", Refused(bench, found, Bench.Vane));
        Assert.Null(Refused(bench, found, Bench.Thorne));
        var decided = bench.Do(new Disposed(found.EntryId, Disposition.Repair, ""));
        Assert.Equal("retract/acted-on", Refused(bench, found, Bench.Thorne));
        Assert.Null(Refused(bench, decided, Bench.Vane));

        // Once hands were on it, what was decided stays decided: another decision is another entry.
        bench.Pack(LampIs.Out);
        bench.Do(new StepStarted("repair-f1"));
        Assert.Equal("retract/acted-on", Refused(bench, decided, Bench.Vane));
    }

    [Fact]
    public void A_point_of_the_walk_whose_finding_is_withdrawn_is_open_again()
    {
        var bench = new Bench();
        var point = InspectionRoute.Of(bench.State.Sheet).First(p => p.Part == "elevon-left");
        var found = bench.Do(
            new FindingRaised("elevon-left", PlaceKind.Hinge, FindingKind.Crack, Bench.Q("4 mm"), 380, -200, "")
        );
        bench.Do(new Walked(point.Id, WalkAnswer.Finding, found.EntryId));
        Assert.False(bench.Line($"walk/{point.Id}").Open);
        bench.Do(new Retracted(found.EntryId, "A mould line."));
        Assert.True(bench.Line($"walk/{point.Id}").Open);
    }

    [Fact]
    public void What_was_set_moved_fitted_or_begun_is_said_anew()
    {
        var bench = Measuring();
        Entry[] said =
        [
            bench.Do(new BatteryGiven(Bench.Battery("290 g"))),
            bench.Do(new ReceiverGiven(9)),
            bench.Do(new TransmitterBrought("blue", "")),
            bench.Do(new AddOnBrought("lights", Bench.Q("12 g"))),
            bench.Do(new TravelSet(Target, Bench.Q("90 %"))),
            bench.Do(new LoopOpened(LoopKind.TrialWeight, "")),
            bench.Pack(LampIs.InBay),
            bench.Journal.First(e => e.Body is Bound),
            bench.Journal.First(e => e.Body is StepDone),
        ];
        Assert.All(said, e => Assert.Equal("retract/not-retractable", Refused(bench, e, Bench.Thorne)));
    }

    [Fact]
    public void A_withdrawn_reading_goes_and_the_number_beside_it_stays()
    {
        var bench = Bench.Ready();
        bench.Power();
        var reading = bench.Do(bench.Reading("throw/elevon-left/elevator/high/up", "14 mm", 92));
        bench.Do(new Retracted(reading.EntryId, "The wing was not fixed."));
        Assert.Equal(Standing.Stale, bench.Line(Target).Standing);
        Assert.Contains("92 % now", bench.Line(Target).Why, StringComparison.Ordinal);
    }

    [Fact]
    public void A_typing_error_says_what_was_meant_and_stands_in_its_place()
    {
        var bench = Measuring();
        bench.Do(bench.Reading(Target, "13 mm"));
        var typo = bench.Do(bench.Reading(Target, "31.2 mm"));
        Refusal? Ask(params string[] meant) =>
            bench.Refused(new Retracted(typo.EntryId, "Typed wrongly.", true, [.. meant.Select(Bench.Q)]));
        Assert.Equal("retract/value", Ask()!.Code);
        Assert.Equal(("throws/impossible", "body.corrected"), (Ask("400 mm")!.Code, Ask("400 mm")!.Where));
        bench.Do(new Retracted(typo.EntryId, "Typed wrongly.", true, [Bench.Q("15.2 mm")]));
        Assert.Equal("15.2 mm", bench.Line(Target).Reading);
        Assert.Equal("Left elevon (aileron), up: 15.2 mm", bench.State.Retracted[^1].Corrected);
    }

    [Fact]
    public void A_wrong_answer_of_yes_or_no_is_no_typing_error_and_the_old_good_one_does_not_come_back()
    {
        var bench = Measuring();
        bench.Do(new FreedomSeen("elevon-left", true));
        var binds = bench.Do(new FreedomSeen("elevon-left", false));
        Assert.Equal(
            "retract/no-value",
            bench.Refused(new Retracted(binds.EntryId, "Typed wrongly.", TypingError: true))!.Code
        );
        bench.Do(new Retracted(binds.EntryId, "It was the other side."));
        Assert.Equal(Standing.NotShown, bench.Line("freedom/elevon-left").Standing);
    }

    [Fact]
    public void A_reading_that_a_concession_rests_on_is_a_leads_to_withdraw()
    {
        var bench = Measuring();
        var reading = bench.Do(bench.Reading(Target, "15 mm"));
        bench.Do(new Conceded(Target, "He flies it gently."), Bench.Thorne);
        Assert.Equal("retract/lead", Refused(bench, reading, Bench.Vane));
    }

    [Fact]
    public void A_step_tapped_done_by_a_slip_is_under_way_again_and_what_it_disturbed_stays_disturbed()
    {
        var bench = new Bench().Unpacked();
        bench.Pack(LampIs.InBay);
        bench.Until("fit-spar");
        bench.Do(new StepStarted("fit-spar"));
        bench.End("fit-spar", new Adhesive("e", "epoxy", 60, 720, true));
        Assert.Equal("text/missing", bench.Refused(new StepUndone("fit-spar", " "))!.Code);
        bench.Do(new StepUndone("fit-spar", "The other half is not glued."));
        Assert.Equal("under way", bench.Line("step/fit-spar").Reading);
        Assert.Null(bench.State.Progress("fit-spar")!.FullAt);
        bench.Do(bench.Weighing(166));
        Assert.Equal(Standing.Stale, bench.Line("balance/as flown").Standing);
        Assert.Equal("build/not-done", bench.Refused(new StepUndone("fit-spar", "Twice."))!.Code);
    }

    [Fact]
    public void A_repair_tapped_done_by_a_slip_is_not_made()
    {
        var bench = new Bench().Unpacked();
        var found = bench.Do(
            new FindingRaised("wing-left", PlaceKind.Skin, FindingKind.Crack, Bench.Q("30 mm"), 200, -60, "")
        );
        bench.Do(new Disposed(found.EntryId, Disposition.Repair, ""));
        bench.Pack(LampIs.Out);
        bench.Do(new StepStarted("repair-f1"));
        bench.End("repair-f1", new Adhesive("c", "contact", 15, 240, false));
        bench.Do(new StepUndone("repair-f1", "Only the first coat."));
        Assert.Equal("unpack/not-repaired", bench.Refused(new Reinspected(found.EntryId, true), Bench.Thorne)!.Code);
    }
}
