using Xunit;
using Zygotome.Core.Bind;
using Zygotome.Core.Build;
using Zygotome.Core.HandOver;
using Zygotome.Core.Jobs;
using Zygotome.Core.Unpack;

namespace Zygotome.Core.Tests.Jobs;

public sealed class AdmissionTests
{
    [Fact]
    public void The_pack_is_not_connected_while_the_motor_can_turn_or_a_lamp_is_not_known()
    {
        var bench = new Bench(Bench.Parasol);
        Assert.Equal("lamps/not-known", bench.Refused(new PackSaid(PackSeen.Connected))!.Code);
        bench.Do(new TransmitterSaid(TransmitterSeen.On));
        Assert.Equal("lamps/transmitter", bench.Refused(new PackSaid(PackSeen.Connected))!.Code);
        bench.Do(new TransmitterSaid(TransmitterSeen.OnCutSet));
        Assert.Equal("lamps.propeller", bench.Refused(new PackSaid(PackSeen.Connected))!.Where);
        bench.Do(new PropellerSaid(PropellerSeen.Fitted));
        Assert.Equal("lamps/not-isolated", bench.Refused(new PackSaid(PackSeen.Connected))!.Code);
        bench.Do(new PropellerSaid(PropellerSeen.Off));
        Assert.Null(bench.Refused(new PackSaid(PackSeen.Connected)));
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
        Assert.Equal("lamps/not-known", bench.Refused(new Bound("M", 2, "plug"))!.Code);
    }

    [Fact]
    public void Lamps_are_physical_facts_and_cannot_be_retracted()
    {
        var bench = new Bench();
        var said = bench.Do(new PackSaid(PackSeen.Out));
        Assert.Equal("retract/not-retractable", bench.Refused(new Retracted(said.EntryId, "mistake"))!.Code);
    }

    [Fact]
    public void Weighing_needs_the_pack_in_its_bay_and_not_connected_and_a_level_datum()
    {
        var bench = new Bench().Unpacked().Power();
        Assert.Equal("lamps/pack-connected", bench.Refused(bench.Weighing(166))!.Code);
        bench.Do(new PackSaid(PackSeen.Out));
        Assert.Equal("lamps/pack-not-in-bay", bench.Refused(bench.Weighing(166))!.Code);
        bench.Do(new PackSaid(PackSeen.InBay));
        Assert.Null(bench.Refused(bench.Weighing(166)));
        Assert.Equal("balance/level", bench.Refused(bench.Weighing(166) with { Level = false })!.Code);
        Assert.Equal("balance/pack-place", bench.Refused(bench.Weighing(166, "40 mm"))!.Code);
    }

    [Theory]
    [InlineData("400 mm", "throws/impossible")]
    [InlineData("12 g", "throws/unit")]
    [InlineData("11 to 13 mm", "throws/reading")]
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
        bench.Do(new Repaired(finding.EntryId, "New hinge"));
        Assert.Equal("unpack/own-work", bench.Refused(new Reinspected(finding.EntryId, true))!.Code);
        bench.Do(new Reinspected(finding.EntryId, true), Bench.Thorne);
        Assert.False(bench.Line($"finding/{finding.EntryId}").Open);
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
        bench.Do(new Retracted(typo.EntryId, "Typed wrongly.", TypingError: true));
        Assert.Equal("13.2 mm", bench.Line(Target).Reading);
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
        Assert.Equal("handover/lead", bench.Refused(concede)!.Code);
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
        bench.Do(new FailsafeSeen(FailsafeBehaviour.MotorRuns));
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
