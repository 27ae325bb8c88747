using Xunit;
using Zygotome.Core.Bind;
using Zygotome.Core.Build;
using Zygotome.Core.HandOver;
using Zygotome.Core.Journal;
using Zygotome.Core.Safety;
using Zygotome.Core.Sheets;
using Zygotome.Core.Unpack;

namespace Zygotome.Core.Tests.Journal;

public sealed class AdmissionTests
{
    [Fact]
    public void The_pack_is_not_connected_while_the_motor_can_turn_or_a_lamp_is_not_known()
    {
        var bench = new Bench(Bench.Parasol).Charged();
        var connected = Bench.Lamp(bench.State.Sheet, LampKind.Pack, LampIs.Connected);
        Assert.Equal("lamps/not-known", bench.Refused(connected)!.Code);
        bench.Motors(LampIs.On);
        Assert.Equal(
            ("lamps/not-known", "lamps.transmitter"),
            bench.Refused(connected) is { } refused ? (refused.Code, refused.Where) : default
        );
        bench.Say(LampKind.Transmitter, LampIs.Live);
        Assert.Equal("lamps/not-isolated", bench.Refused(connected)!.Code);
        bench.Say(LampKind.Propeller, LampIs.Off);
        Assert.Equal("lamps/transmitter", bench.Refused(connected)!.Code);
        bench.Say(LampKind.Transmitter, LampIs.CutSet);
        Assert.Null(bench.Refused(connected));
    }

    [Fact]
    public void Lamps_fall_after_ten_idle_minutes_in_another_look_and_for_another_person()
    {
        var bench = new Bench().Power();
        Assert.Null(bench.Refused(new Bound("M", 2, "plug")));
        bench.Look = "look-2";
        Assert.Equal("lamps/not-known", bench.Refused(new Bound("M", 2, "plug"))!.Code);
        bench.Look = "look-1";
        bench.Pass(TimeSpan.FromMinutes(11));
        Assert.Equal("lamps/not-known", bench.Refused(new Bound("M", 2, "plug"))!.Code);
        bench.Power();
        bench.Look = "thorne";
        bench.Do(new PapersFound("manual"), Bench.Thorne);
        bench.Look = "look-1";
        Assert.Null(bench.Refused(new Bound("M", 2, "plug")));
        bench.Look = "thorne";
        bench.Do(new Core.Throws.FreedomSeen("elevon-left", true), Bench.Thorne);
        bench.Look = "look-1";
        Assert.Equal("lamps/not-known", bench.Refused(new Bound("M", 2, "plug"))!.Code);
        bench.Power();
        Assert.Equal("lamps/not-known", bench.Refused(new Bound("M", 2, "plug"), Bench.Thorne)!.Code);
    }

    [Fact]
    public void Lamps_are_physical_facts_and_cannot_be_retracted()
    {
        var bench = new Bench();
        var said = bench.Pack(LampIs.Out);
        Assert.Equal("retract/not-retractable", bench.Refused(new Retracted(said.EntryId, "mistake"))!.Code);
    }

    [Fact]
    public void Weighing_needs_the_pack_in_its_bay_and_not_connected_and_a_level_datum()
    {
        var bench = new Bench().Unpacked().Power();
        Assert.Equal("lamps/pack-connected", bench.Refused(bench.Weighing(166))!.Code);
        bench.Pack(LampIs.Out);
        Assert.Equal("lamps/pack-not-in-bay", bench.Refused(bench.Weighing(166))!.Code);
        bench.Pack(LampIs.InBay);
        Assert.Null(bench.Refused(bench.Weighing(166)));
        Assert.Equal("balance/level", bench.Refused(bench.Weighing(166) with { Level = false })!.Code);
        Assert.Equal("balance/pack-place", bench.Refused(bench.Weighing(166, "40 mm"))!.Code);
    }

    [Theory]
    [InlineData("400 mm", "throws/impossible")]
    [InlineData("14 %", "quantity/dimension")]
    [InlineData("15 deg", "quantity/dimension")]
    public void An_impossible_reading_is_refused_and_says_where(string reading, string code)
    {
        var bench = new Bench().Unpacked().Steps(Stage.Build).Steps(Stage.Wire).Bound();
        var refusal = bench.Refused(bench.Reading("throw/elevon-left/aileron/high/up", reading))!;
        Assert.Equal((code, "body.readings[0]"), (refusal.Code, refusal.Where));
        Assert.Equal("throws/target", bench.Refused(bench.Reading("throw/canard/aileron/high/up", "12 mm"))!.Code);
    }

    [Fact]
    public void Two_people_counting_one_bag_both_count()
    {
        var bench = new Bench();
        bench.Do(new Counted("screw-m2x8", 3));
        bench.Do(new Counted("screw-m2x8", 5), Bench.Thorne);
        Assert.Equal(8, bench.State.Unpack.CountOf("screw-m2x8"));
        Assert.Equal("unpack/negative", bench.Refused(new Counted("screw-m2x8", -9))!.Code);
    }

    [Fact]
    public void A_decision_taken_on_an_older_state_is_overtaken_and_a_fact_is_not()
    {
        var bench = new Bench();
        Entry Make(EntryBody body) =>
            new("J-0001", bench.State.Seq + 1, "x", body, Bench.Vane, bench.Now, bench.Now, "look-1");
        bench.Do(new Counted("pushrod", 1));
        Assert.True(Admission.Ask(bench.State, Make(new CountSet("pushrod", 2)), bench.State.Seq - 1).Overtaken);
        Assert.True(Admission.Ask(bench.State, Make(new Counted("pushrod", 1)), bench.State.Seq - 1).Ok);
        Assert.Equal(
            "entry/expected-seq",
            Admission.Ask(bench.State, Make(new CountSet("pushrod", 2)), null).Refused!.Code
        );
    }

    [Fact]
    public void Flight_critical_damage_is_never_used_as_it_is_and_its_repair_is_inspected_by_somebody_else()
    {
        var bench = new Bench();
        var finding = bench.Do(
            new FindingRaised("elevon-left", PlaceKind.Hinge, FindingKind.Crack, Bench.Q("3 mm"), 380, -200, "")
        );
        Assert.Equal(
            "unpack/never-as-is",
            bench.Refused(new Disposed(finding.EntryId, Disposition.UseAsIs, "small"), Bench.Thorne)!.Code
        );
        bench.Do(new Disposed(finding.EntryId, Disposition.Repair, ""));
        bench.Do(new Repaired(finding.EntryId, "New hinge", NoGlue: true));
        Assert.Equal("unpack/own-work", bench.Refused(new Reinspected(finding.EntryId, true))!.Code);
        bench.Do(new Reinspected(finding.EntryId, true), Bench.Thorne);
        Assert.False(bench.Line($"finding/{finding.EntryId}").Open);
    }

    [Fact]
    public void Nobody_who_had_a_hand_in_a_repair_inspects_it_whoever_records_it_again()
    {
        var other = new Person("kmarsh", "K. Marsh", Role.Technician);
        var bench = new Bench();
        var finding = bench
            .Do(new FindingRaised("elevon-left", PlaceKind.Hinge, FindingKind.Crack, Bench.Q("3 mm"), 380, -200, ""))
            .EntryId;
        bench.Do(new Disposed(finding, Disposition.Repair, ""));
        bench.Do(new Repaired(finding, "New hinge", NoGlue: true));
        bench.Do(new Repaired(finding, "New hinge, as said", NoGlue: true), other);
        Assert.Equal("unpack/own-work", bench.Refused(new Reinspected(finding, true))!.Code);
        Assert.Equal("unpack/own-work", bench.Refused(new Reinspected(finding, true), other)!.Code);

        // Not sound, and repaired by the third: the first two still do not inspect.
        bench.Do(new Reinspected(finding, false), Bench.Thorne);
        bench.Do(new Repaired(finding, "Once more", NoGlue: true), Bench.Thorne);
        Assert.All(
            [Bench.Vane, other, Bench.Thorne],
            p => Assert.Equal("unpack/own-work", bench.Refused(new Reinspected(finding, true), p)!.Code)
        );
    }

    [Fact]
    public void Whoever_started_a_repairs_step_does_not_inspect_what_somebody_else_finished()
    {
        var bench = new Bench();
        var finding = bench
            .Do(new FindingRaised("wing-left", PlaceKind.Skin, FindingKind.Crease, Bench.Q("60 mm"), 200, -150, ""))
            .EntryId;
        bench.Do(new Disposed(finding, Disposition.Repair, ""));
        var step = bench.State.Sheet.Steps.Single(s => s.Repairs == finding).Id;
        bench.Pack(LampIs.Out);
        bench.Do(new StepStarted(step));
        bench.Asked(step);
        bench.Do(
            new StepDone(step, new Adhesive("c", "foam-safe contact", 60, 720, false), Bench.Q("20 °C")),
            Bench.Thorne
        );
        bench.Pass(TimeSpan.FromHours(14));
        Assert.Equal("unpack/own-work", bench.Refused(new Reinspected(finding, true))!.Code);
        Assert.Equal("unpack/own-work", bench.Refused(new Reinspected(finding, true), Bench.Thorne)!.Code);

        // It is structural, so a lead's; but the only lead repaired it.
        var other = new Person("kmarsh", "K. Marsh", Role.Technician);
        Assert.Equal("unpack/lead", bench.Refused(new Reinspected(finding, true), other)!.Code);
        Assert.Equal(
            "unpack/lead",
            bench.Refused(new Reinspected(finding, true, Leads: ["ithorne", "osmith"]), other)!.Code
        );
        Assert.Null(bench.Refused(new Reinspected(finding, true, Leads: ["ithorne"]), other));
        Assert.Null(bench.Refused(new Reinspected(finding, true), new Person("osmith", "O. Smith", Role.Lead)));
    }

    [Fact]
    public void What_only_works_less_well_is_inspected_by_any_other_hands_but_the_counters()
    {
        var bench = new Bench();
        var finding = bench
            .Do(new FindingRaised("body-fuselage", PlaceKind.Canopy, FindingKind.Crack, Bench.Q("26 mm"), -100, 0, ""))
            .EntryId;
        Assert.Equal(Grade.Functional, bench.State.Unpack.Find(finding)!.Grading.Grade);
        bench.Do(new Disposed(finding, Disposition.Repair, ""));
        bench.Do(new Repaired(finding, "Taped from inside", NoGlue: true), Bench.Thorne);
        Assert.Null(bench.Refused(new Reinspected(finding, true)));
        var counter = new Person("msorrel", "M. Sorrel", Role.Counter);
        Assert.Equal("entry/role", bench.Refused(new Reinspected(finding, true), counter)!.Code);
    }

    [Fact]
    public void In_a_shop_of_one_that_person_is_its_lead()
    {
        var bench = new Bench(alone: true);
        var finding = bench
            .Do(new FindingRaised("elevon-left", PlaceKind.Hinge, FindingKind.Crack, Bench.Q("3 mm"), 380, -200, ""))
            .EntryId;
        bench.Do(new Disposed(finding, Disposition.Repair, ""));
        bench.Do(new Repaired(finding, "New hinge", NoGlue: true));
        bench.Do(new Reinspected(finding, true));
        bench.Do(new Regraded(finding, Grade.Structural, "Looked at twice."));
        Assert.Equal(Role.Technician, Bench.Vane.Role);
    }

    [Fact]
    public void Once_somebody_else_works_in_the_shop_nobody_inspects_their_own_repair_whenever_the_kit_came()
    {
        var bench = new Bench(alone: true);
        var finding = bench
            .Do(new FindingRaised("elevon-left", PlaceKind.Hinge, FindingKind.Crack, Bench.Q("3 mm"), 380, -200, ""))
            .EntryId;
        bench.Do(new Disposed(finding, Disposition.Repair, ""));
        bench.Do(new Repaired(finding, "New hinge", NoGlue: true));
        Assert.Equal("unpack/own-work", bench.Refused(new Reinspected(finding, true), Bench.Vane)!.Code);
        Assert.Null(bench.Refused(new Reinspected(finding, true), Bench.Vane with { Alone = true }));
    }

    [Fact]
    public void A_finding_is_of_a_kind_that_can_be_at_its_place_and_at_a_place_its_part_has()
    {
        var bench = new Bench();
        static FindingRaised Raised(PlaceKind place, FindingKind kind, string part = "wing-left") =>
            new(part, place, kind, Bench.Q("300 mm"), 200, -150, "");
        Assert.Equal("unpack/kind", bench.Refused(Raised(PlaceKind.Decal, FindingKind.Crack))!.Code);
        Assert.Equal("unpack/place-kind", bench.Refused(Raised(PlaceKind.Propeller, FindingKind.Crack))!.Code);
        Assert.Equal(
            "unpack/place-kind",
            bench.Refused(Raised(PlaceKind.Decal, FindingKind.Scuff, "elevon-left"))!.Code
        );
        Assert.Null(bench.Refused(Raised(PlaceKind.Spar, FindingKind.Crack)));
        Assert.Null(bench.Refused(Raised(PlaceKind.Decal, FindingKind.Scuff)));
    }

    [Fact]
    public void Retracting_a_reading_asks_for_a_new_one_unless_it_was_typed_wrongly()
    {
        var bench = new Bench().Unpacked().Steps(Stage.Build).Steps(Stage.Wire).Bound();
        const string Target = "throw/elevon-left/aileron/high/up";
        bench.Do(bench.Reading(Target, "13 mm"));
        var wrong = bench.Do(bench.Reading(Target, "19 mm"));
        bench.Do(new Retracted(wrong.EntryId, "The ruler slipped."));
        Assert.Equal(Standing.NotShown, bench.Line(Target).Standing);
        bench.Do(bench.Reading(Target, "13.2 mm"));
        var typo = bench.Do(bench.Reading(Target, "31.2 mm"));
        bench.Do(new Retracted(typo.EntryId, "Typed wrongly.", TypingError: true, [Bench.Q("12.3 mm")]));
        Assert.Equal("12.3 mm", bench.Line(Target).Reading);
        Assert.Equal(2, bench.State.Retracted.Count);
    }

    [Fact]
    public void A_concession_is_a_leads_with_a_reason_and_lapses_with_a_worse_value()
    {
        var bench = Bench.Ready();
        bench.Power();
        const string Target = "throw/elevon-left/aileron/high/up";
        bench.Do(bench.Reading(Target, "15 mm"));
        var concede = new Conceded(Target, "The owner flies it gently.");
        Assert.Equal("entry/role", bench.Refused(concede)!.Code);
        Assert.Equal("text/missing", bench.Refused(concede with { Reason = " " }, Bench.Thorne)!.Code);
        bench.Do(concede, Bench.Thorne);
        Assert.Equal(Standing.Conceded, bench.Line(Target).Standing);
        bench.Look = "look-2";
        bench.Power();
        bench.Do(bench.Reading(Target, "14.8 mm"));
        Assert.Equal(Standing.Conceded, bench.Line(Target).Standing);
        bench.Do(bench.Reading(Target, "15.4 mm"));
        Assert.Equal(Standing.NotMet, bench.Line(Target).Standing);
    }

    [Fact]
    public void A_wrong_direction_and_a_motor_that_runs_in_failsafe_are_never_conceded()
    {
        var bench = new Bench().Unpacked().Steps(Stage.Build).Steps(Stage.Wire).Bound();
        bench.Do(
            new DirectionSeen("elevator", [new("elevon-left", Movement.Down), new("elevon-right", Movement.Down)])
        );
        bench.Failsafe(FailsafeBehaviour.MotorRuns);
        Assert.Equal("handover/never", bench.Refused(new Conceded("direction/elevator", "no"), Bench.Thorne)!.Code);
        Assert.Equal("handover/never", bench.Refused(new Conceded("bind/failsafe", "no"), Bench.Thorne)!.Code);
    }

    [Fact]
    public void Balance_aft_of_the_sheet_is_conceded_only_with_the_owners_written_words()
    {
        var bench = Bench.Ready();
        bench.Do(bench.Weighing(181));
        Assert.Equal(
            "handover/owner",
            bench.Refused(new Conceded("balance/as flown", "He wants it so."), Bench.Thorne)!.Code
        );
        bench.Do(new Conceded("balance/as flown", "He wants it so.", "I accept 181 mm. P. O."), Bench.Thorne);
        Assert.Equal(Standing.Conceded, bench.Line("balance/as flown").Standing);
    }

    [Fact]
    public void Release_is_refused_with_the_open_requirements_named()
    {
        var bench = Bench.Ready();
        bench.Do(new LoopOpened(LoopKind.TrialWeight, ""));
        var refusal = Released.From(bench.State, bench.Now).Refused!;
        Assert.Contains("1 requirement is open: Trial weight fitted", refusal.Text, StringComparison.Ordinal);
    }
}
