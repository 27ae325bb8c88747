using System.Collections.Immutable;
using Xunit;
using Zygotome.Core.Balance;
using Zygotome.Core.Bind;
using Zygotome.Core.Build;
using Zygotome.Core.HandOver;
using Zygotome.Core.Job;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Receive;
using Zygotome.Core.Safety;
using Zygotome.Core.Sheets;
using Zygotome.Core.Throws;
using Zygotome.Core.Unpack;

namespace Zygotome.Core.Tests.Journal;

/// <summary>
/// What cannot be so is refused with its place, in words a technician can act on, and nothing of it is recorded.
/// </summary>
public sealed class RefusedTests
{
    private static readonly string Long = new('x', Texts.Most + 1);

    private static void Refuses(Bench bench, EntryBody body, string code, string where, Person? by = null)
    {
        var seq = bench.State.Seq;
        var refusal = bench.Refused(body, by);
        Assert.True(refusal is not null, $"{body} was taken");
        Assert.Equal((code, where), (refusal.Code, refusal.Where));
        Assert.Matches("[.?]$", refusal.Text);
        Assert.Equal(seq, bench.State.Seq);
    }

    private static Bench Hurt(string size = "18 mm", PlaceKind kind = PlaceKind.Skin)
    {
        var bench = new Bench();
        bench.Do(new FindingRaised("wing-left", kind, FindingKind.Crack, Bench.Q(size), 200, -150, ""));
        return bench;
    }

    [Fact]
    public void Packs_that_no_owner_can_bring_are_refused_by_the_measure_that_is_wrong()
    {
        var bench = new Bench();
        var good = Bench.Battery();
        (Battery Pack, string Code, string Where)[] bad =
        [
            (good with { Mass = Bench.Q("0.5 g") }, "quantity/impossible", "mass"),
            (good with { Length = Bench.Q("601 mm") }, "quantity/impossible", "length"),
            (good with { Height = Bench.Q("1 mm") }, "quantity/impossible", "height"),
            (good with { Cells = 15 }, "receive/impossible", "cells"),
            (good with { CRating = 301 }, "receive/impossible", "cRating"),
            (good with { Connector = new string('x', 61) }, "text/too-long", "connector"),
        ];
        foreach (var (pack, code, where) in bad)
        {
            Refuses(bench, new PackBrought("second", pack), code, $"body.battery.{where}");
            Refuses(bench, new BatteryGiven(pack), code, $"body.battery.{where}");
        }

        bench.Do(new PackBrought("second", good));
        Refuses(bench, new PackBrought(" second ", good), "receive/pack-name", "body.name");
        Refuses(bench, new PackBrought(" ", good), "text/missing", "body.name");
        Refuses(bench, new PackChosen("third"), "receive/pack", "body.name");
        for (var n = bench.State.Receive.Packs.Count; n < 12; n++)
        {
            bench.Do(new PackBrought($"pack {n + 1}", good));
        }

        Refuses(bench, new PackBrought("one too many", good), "receive/packs", "body.name");
    }

    [Fact]
    public void What_else_is_said_at_the_counter_is_refused_at_its_field()
    {
        var bench = new Bench();
        var today = DateOnly.FromDateTime(bench.Now.UtcDateTime);
        Refuses(bench, new ReceiverGiven(0), "receive/impossible", "body.channels");
        Refuses(bench, new PromiseChanged(today.AddDays(-2), "late"), "receive/promised", "body.promised");
        Refuses(bench, new PromiseChanged(today.AddDays(9), " "), "text/missing", "body.reason");
        Refuses(bench, new TransmitterBrought("eight channels", "two", -1), "receive/memories", "body.freeMemories");
        Refuses(bench, new TransmitterBrought("", ""), "text/missing", "body.name");
        Refuses(bench, new AddOnBrought("camera", Bench.Q("40 g"), Bench.Q("6 m")), "quantity/impossible", "body.at");
        Refuses(bench, new CartonSeen(Carton.Crushed, Long), "text/too-long", "body.note");
        Refuses(
            bench,
            new SupplierSaid(new Supplier("marrack", "Marrack Wholesale", "", 4000, 10)),
            "receive/claim-days",
            "body.supplier.claimDays"
        );
        Refuses(
            bench,
            new SupplierSaid(new Supplier("marrack", "Marrack Wholesale", "", 30, -1)),
            "receive/parts-days",
            "body.supplier.partsDays"
        );
        Refuses(
            bench,
            new SupplierSaid(new Supplier("marrack", "Marrack Wholesale", "", 30, 10), today.AddDays(3)),
            "receive/received-on",
            "body.receivedOn"
        );
        Refuses(bench, new SchoolChosen("which way up", "any"), "receive/school", "body.school");
        Refuses(bench, new SchoolChosen(Schools.FirstFlightBalance, "aft"), "receive/school-option", "body.option");
        Refuses(bench, new SchoolChosen(Schools.FirstFlightBalance, "owners"), "receive/lead", "body.option");
        Refuses(bench, new ToBuySaid("glue", BuyState.Ordered, today.AddDays(800)), "receive/due", "body.due");
        Refuses(bench, new BoxPhotographed("not a hash"), "photo/hash", "body.hash");
        Refuses(
            bench,
            new ValueGiven("weight", Bench.Q("900 g"), "scales"),
            "receive/no-gap",
            "body.for",
            Bench.Thorne
        );
        Refuses(bench, new SheetMoved(2, "0000", "new numbers"), "receive/sheet", "body.sheetHash", Bench.Thorne);
    }

    [Fact]
    public void What_is_not_in_the_box_cannot_be_counted_found_or_answered()
    {
        var bench = new Bench();
        Refuses(bench, new PapersFound("poster"), "unpack/paper", "body.paper");
        Refuses(bench, new PaperFromElsewhere("poster", "the maker"), "unpack/paper", "body.paper");
        Refuses(bench, new PaperFromElsewhere("throws", ""), "text/missing", "body.source");
        Refuses(bench, new Counted("moon", 1), "unpack/part", "body.part");
        Refuses(bench, new Counted("pushrod", 0), "unpack/delta", "body.delta");
        Refuses(bench, new Counted("pushrod", -1), "unpack/negative", "body.delta");
        Refuses(bench, new CountSet("pushrod", -1), "unpack/count", "body.count");
        Refuses(bench, new BagCounted("Z", true), "unpack/bag", "body.bag");
        Refuses(bench, new WrongPart("pushrod", -1, ""), "unpack/count", "body.quantity");
        Refuses(bench, new WrongCounted("pushrod", -1), "unpack/delta", "body.delta");
        Refuses(bench, new ExtraPart("", 1), "text/missing", "body.name");
        Refuses(bench, new ExtraPart("sticker", 0), "unpack/count", "body.quantity");
        Refuses(bench, new Walked("walk-moon", WalkAnswer.Sound), "unpack/point", "body.point");
    }

    [Fact]
    public void A_finding_is_somewhere_on_this_aircraft_and_has_a_size()
    {
        var bench = new Bench();
        static FindingRaised At(string place, string size, double x, double y) =>
            new(place, PlaceKind.Skin, FindingKind.Crack, Bench.Q(size), x, y, "");
        Refuses(bench, At("third-wing", "18 mm", 200, -150), "unpack/place", "body.place");
        Refuses(bench, At("wing-left", "4000 mm", 200, -150), "quantity/impossible", "body.size");
        Refuses(bench, At("wing-left", "18 mm", 20_000, -150), "unpack/where", "body.x");
        Refuses(bench, At("wing-left", "18 mm", double.NaN, -150), "unpack/where", "body.x");
        Refuses(bench, At("wing-left", "18 mm", 200, -150) with { Note = "bell \a" }, "text/control", "body.note");
    }

    [Fact]
    public void A_repair_is_decided_before_it_is_made_and_made_before_it_is_looked_at()
    {
        var bench = Hurt();
        var id = bench.State.Unpack.Findings[0].Id;
        Refuses(bench, new Disposed("none", Disposition.Repair, ""), "unpack/finding-unknown", "body.finding");
        Refuses(bench, new Repaired(id, "glued", NoGlue: true), "unpack/not-decided", "body.finding");
        Refuses(bench, new Reinspected(id, true), "unpack/not-repaired", "body.finding");
        bench.Do(new Disposed(id, Disposition.Repair, ""));
        Refuses(bench, new Repaired(id, "glued", -5), "unpack/cure", "body.handleMinutes");
        Refuses(bench, new Repaired(id, "", NoGlue: true), "text/missing", "body.how");
        bench.Do(new Repaired(id, "glued", 30));
        Refuses(bench, new Reinspected(id, true), "unpack/curing", "body.finding");
        Refuses(bench, new FindingPhotographed("none", new string('a', 64)), "unpack/finding-unknown", "body.finding");
        Refuses(bench, new OriginSaid(id, Origin.Shop, ""), "text/missing", "body.reason");
        Refuses(
            bench,
            new Regraded(id, bench.State.Unpack.Findings[0].Grading.Grade, "same"),
            "unpack/same-grade",
            "body.grade",
            Bench.Thorne
        );
        Refuses(bench, new Regraded(id, Grade.FlightCritical, "worse"), "entry/role", "type");
    }

    [Fact]
    public void A_claim_that_was_never_sent_is_not_answered_and_nothing_of_it_arrives()
    {
        var bench = new Bench(supplier: new Supplier("marrack", "Marrack Wholesale", "", 30, 10));
        Refuses(bench, new ClaimAnswered("none", ClaimAnswerKind.Accepted, ""), "claim/unknown", "body.claim");
        Refuses(bench, new PartsArrived("none"), "claim/unknown", "body.claim");
        bench.Do(new BagCounted("A", false));
        var claim = bench.Do(
            new ClaimSent(
                [],
                [bench.State.Sheet.Parts.First(p => p.Bag == "A").Id],
                "",
                1,
                bench.State.Receive.Supplier,
                [],
                "letter"
            )
        );
        Refuses(
            bench,
            new ClaimAnswered(
                claim.EntryId,
                ClaimAnswerKind.Accepted,
                "",
                DateOnly.FromDateTime(bench.Now.UtcDateTime).AddDays(900)
            ),
            "claim/due",
            "body.partsDue"
        );
        bench.Do(new PartsArrived(claim.EntryId));
        Refuses(bench, new PartsArrived(claim.EntryId), "claim/arrived", "body.claim");
    }

    [Fact]
    public void A_step_is_started_once_ended_once_and_a_bond_says_its_glue()
    {
        var bench = new Bench().Unpacked();
        Refuses(bench, new StepStarted("fly"), "build/step-unknown", "body.step");
        Refuses(bench, new StepDone("fly"), "build/step-unknown", "body.step");
        StepNow[] CanStart() =>
            [.. StepGraph.Of(bench.State, bench.Now).Where(s => s.Standing == StepStanding.CanStart)];
        while (CanStart().All(s => s.Step.Bond is null))
        {
            bench.Do(new StepStarted(CanStart()[0].Step.Id));
            bench.End(bench.State.Steps.Single(s => s.Value.Done is null).Key);
        }

        var bond = CanStart().First(s => s.Step.Bond is not null).Step.Id;
        var glue = Bench.Glue(bench.State.Sheet.Step(bond)!.Bond!);
        Refuses(bench, new StepDone(bond, glue), "build/not-started", "body.step");
        Refuses(bench, new StepHandled(bond), "build/no-cure", "body.step");
        bench.Do(new StepStarted(bond));
        Refuses(bench, new StepStarted(bond), "build/started", "body.step");
        Refuses(bench, new StepDone(bond), "build/adhesive", "body.adhesive");
        Refuses(bench, new StepDone(bond, glue with { FullMinutes = 10 }), "build/adhesive", "body.adhesive");
        Refuses(bench, new StepDone(bond, glue, Bench.Q("70 °C")), "build/temperature", "body.benchCelsius");
        Refuses(bench, new StepDone(bond, glue, Bench.Q("20 °C")), "build/asked", "ask/way-round");
        bench.End(bond, glue);
        Refuses(bench, new StepHandled(bond), "build/curing", "body.reason");
        Refuses(bench, new LinkageMoved("canard", LinkagePart.Clevis), "surface/unknown", "body.surface");
    }

    [Fact]
    public void Lamps_are_said_by_somebody_looking_and_only_of_what_is_there()
    {
        var glider = new Bench(Bench.Sheet("lowen-2600"));
        Refuses(
            glider,
            LampsSaid.Of((new(LampKind.Propeller, "nose"), LampIs.Off)),
            "lamps/unknown",
            "body.said[0].of"
        );
        var bench = new Bench();
        LampId fan = new(LampKind.Wires, "fan");
        Refuses(bench, LampsSaid.Of((new(LampKind.Propeller, "fan"), LampIs.Off)), "lamps/unknown", "body.said[0].of");
        Refuses(bench, LampsSaid.Of((fan, LampIs.BladesOff)), "lamps/word", "body.said[0].is");
        Refuses(bench, LampsSaid.Of((fan, LampIs.Off), (fan, LampIs.On)), "lamps/twice", "body.said[1].of");
        Refuses(bench, LampsSaid.Of(), "lamps/nothing", "body.said");
        Refuses(bench, new PackSaid(PackSeen.Out), "lamps/old", "type");
        Refuses(bench, new Bound("M", 2, "plug"), "lamps/not-known", "lamps.wires.fan");
        bench.Do(Bench.Isolated(bench.State.Sheet, LampIs.Out));
        Refuses(bench, new Bound("M", 2, "plug"), "lamps/pack-not-connected", "lamps.pack");
        bench.Look = "";
        Refuses(bench, LampsSaid.Of((fan, LampIs.Off)), "lamps/look", "look");
        Refuses(bench, new ActOpened(PoweredAct.Calibration), "lamps/look", "look");
    }

    [Fact]
    public void Loops_are_opened_with_what_they_are_about_and_closed_once()
    {
        var bench = new Bench();
        Refuses(
            bench,
            new LoopOpened(LoopKind.LeadMovedForBinding, "", "smoke"),
            "build/loop-function",
            "body.function"
        );
        Refuses(bench, new LoopOpened(LoopKind.Other, " "), "text/missing", "body.detail");
        Refuses(bench, new LoopClosed("none"), "build/loop-unknown", "body.loop");
        var loop = bench.Do(new LoopOpened(LoopKind.TrayOut, ""));
        bench.Do(new LoopClosed(loop.EntryId));
        Refuses(bench, new LoopClosed(loop.EntryId), "build/loop-closed", "body.loop");
    }

    [Fact]
    public void Bind_comes_before_failsafe_and_directions_and_every_surface_is_answered_once()
    {
        var bench = new Bench().Power();
        Refuses(bench, new FailsafeSeen(FailsafeBehaviour.AsDeclared), "bind/not-bound", "");
        Refuses(bench, new Bound("M", 5, "plug"), "bind/mode", "body.mode");
        Refuses(bench, new Bound("M", 2, "by voice"), "bind/method", "body.method");
        Refuses(bench, new Bound("", 2, "plug"), "text/missing", "body.modelMemory");
        ImmutableArray<Seen> both = [new("elevon-left", Movement.Down), new("elevon-right", Movement.Up)];
        Refuses(bench, new DirectionSeen("aileron", both), "bind/not-bound", "");
        bench.Do(new Bound("M", 2, bench.State.Sheet.Radio.BindMethods[0]));
        Refuses(bench, new DirectionSeen("smoke", both), "bind/function", "body.function");
        Refuses(bench, new DirectionSeen("aileron", both[..1]), "bind/surfaces", "body.seen");
        Refuses(bench, new DirectionSeen("aileron", [both[0], both[0]]), "bind/surfaces", "body.seen");
        Refuses(bench, new Reversed("smoke"), "bind/function", "body.function");
    }

    [Fact]
    public void Readings_that_no_surface_can_give_are_refused()
    {
        var bench = new Bench().Power();
        var target = ThrowTargets.Of(bench.State.Sheet, bench.State.Rules)[0].Id;
        var read = bench.Reading(target, "9 mm");
        Refuses(bench, read with { Readings = [] }, "throws/readings", "body.readings");
        Refuses(
            bench,
            read with
            {
                Readings = [.. Enumerable.Repeat<Reading>(Bench.Q("9 mm"), 21)],
            },
            "throws/readings",
            "body.readings"
        );
        Refuses(
            bench,
            read with
            {
                Readings = [Bench.Q("9 mm"), Bench.Q("3 %")],
            },
            "quantity/dimension",
            "body.readings[1]"
        );
        Refuses(bench, read with { Travel = Bench.Q("201 %") }, "quantity/impossible", "body.travel");
        Refuses(
            bench,
            read with
            {
                Instrument = new Instrument("rule", 0),
            },
            "instrument/uncertainty",
            "body.instrument.u"
        );
        Refuses(
            bench,
            read with
            {
                Instrument = new Instrument("rule", double.PositiveInfinity),
            },
            "instrument/uncertainty",
            "body.instrument.u"
        );
        Refuses(bench, new TravelSet(target, Bench.Q("4 %")), "quantity/impossible", "body.percent");
        Refuses(bench, new NeutralRead("canard", Bench.Q("1 mm"), Bench.Rule), "surface/unknown", "body.surface");
        Refuses(
            bench,
            new NeutralRead("elevon-left", Bench.Q("900 mm"), Bench.Rule),
            "throws/impossible",
            "body.offset"
        );
        Refuses(bench, new HolesSeen("canard", true), "surface/unknown", "body.surface");
    }

    [Fact]
    public void A_weighing_names_the_support_that_cannot_be()
    {
        var bench = new Bench();
        bench.Pack(LampIs.InBay);
        var good = bench.Weighing(166);
        Weighed With(int at, Func<WeighedSupport, WeighedSupport> change) =>
            good with
            {
                Supports = good.Supports.SetItem(at, change(good.Supports[at])),
            };
        Refuses(bench, good with { Configuration = "on floats" }, "balance/configuration", "body.configuration");
        Refuses(
            bench,
            With(0, s => s with { Reading = Bench.Q("0 g") }),
            "balance/impossible",
            "body.supports[0].reading"
        );
        Refuses(bench, With(0, s => s with { X = Bench.Q("20000 mm") }), "balance/impossible", "body.supports[0].x");
        Refuses(bench, good with { Supports = good.Supports[..1] }, "balance/supports", "body.supports");
        Refuses(
            bench,
            good with
            {
                Supports = [.. good.Supports.Select(s => s with { X = Bench.Q("60 mm") })],
            },
            "balance/one-line",
            "body.supports"
        );
        Refuses(
            bench,
            good with
            {
                Level = false,
                Pitch = Bench.Q("45 deg"),
                Height = Bench.Q("60 mm"),
            },
            "balance/pitch",
            "body.pitch"
        );
        Refuses(
            bench,
            good with
            {
                Supports = [.. good.Supports.Select(s => s with { Reading = Bench.Q("80 g") })],
            },
            "balance/impossible",
            "body.supports"
        );
        Refuses(
            bench,
            good with
            {
                Instrument = new Instrument("kitchen scales", 60),
            },
            "instrument/uncertainty",
            "body.instrument.u"
        );
        Refuses(bench, new BallastFitted("moon", 1), "balance/station", "body.station");
        Refuses(
            bench,
            new BallastFitted(bench.State.Sheet.Geometry.BallastStations[0].Name, 0),
            "balance/pieces",
            "body.pieces"
        );
        Refuses(
            bench,
            new BallastFitted(bench.State.Sheet.Geometry.BallastStations[0].Name, 1000),
            "balance/limit",
            "body.pieces"
        );
    }

    [Fact]
    public void Nothing_is_done_to_a_job_that_is_released_and_nothing_of_the_end_to_one_that_is_not()
    {
        var bench = new Bench();
        Refuses(bench, new OwnerAnswered(true), "handover/not-released", "");
        Refuses(bench, new Reopened("again"), "handover/not-released", "");
        Refuses(bench, new Conceded("no/such", "because"), "entry/role", "type");
        Refuses(bench, new Conceded("no/such", "because"), "handover/requirement", "body.requirement", Bench.Thorne);
        Refuses(bench, new Conceded("bind/bound", "because"), "handover/not-unmet", "body.requirement", Bench.Thorne);
        Refuses(bench, new Released(1, "1", [], "hash"), "handover/open", "");
        Refuses(bench, new Retracted("none", "mistake"), "retract/not-found", "body.entry");
        var said = bench.Do(new Counted("pushrod", 1));
        bench.Do(new Retracted(said.EntryId, "mistake"));
        Refuses(bench, new Retracted(said.EntryId, "mistake"), "retract/already", "body.entry");

        var ready = Bench.Ready();
        Refuses(ready, ready.Release() with { PdfHash = "" }, "handover/record", "body.pdfHash");
        ready.Do(ready.Release());
        Refuses(ready, new Counted("pushrod", 1), "job/released", "");
        Refuses(ready, new Reopened(""), "text/missing", "body.reason");
    }

    [Fact]
    public void A_device_whose_clock_is_minutes_off_is_taken_as_now_or_as_the_opening_and_hours_off_is_refused()
    {
        var bench = new Bench();
        var opened = bench.Journal[0].ObservedAt;
        bench.Pass(TimeSpan.FromHours(2));
        Assert.Equal(
            bench.Now.AddSeconds(5),
            bench.Do(new PapersFound("manual"), observed: bench.Now.AddMinutes(9)).ObservedAt
        );
        Assert.Equal(opened, bench.Do(new PapersFound("throws"), observed: opened.AddMinutes(-9)).ObservedAt);
        Assert.Equal(
            opened.AddMinutes(3),
            bench.Do(new PapersFound("balance"), observed: opened.AddMinutes(3)).ObservedAt
        );
        foreach (var observed in new[] { opened.AddMinutes(-11), bench.Now.AddMinutes(11), DateTimeOffset.MinValue })
        {
            var refused = Assert.Throws<InvalidOperationException>(() =>
                bench.Do(new PapersFound("parts list"), observed: observed)
            );
            Assert.Contains("look at the clock of this device", refused.Message, StringComparison.Ordinal);
        }
    }

    [Fact]
    public void A_job_is_opened_once_and_nothing_comes_before_it_or_from_tomorrow()
    {
        var fresh = Stages.Unopened(Bench.Delta);
        var at = new DateTimeOffset(2026, 11, 2, 9, 0, 0, TimeSpan.Zero);
        Assert.Equal(
            "job/not-opened",
            Admission
                .Ask(fresh, new Entry("J-1", 1, "e1", new PapersFound("manual"), Bench.Vane, at, at, "l"), 0)
                .Refused!.Code
        );
        var bench = new Bench();
        Refuses(bench, bench.Journal[0].Body, "job/opened", "");
        Assert.Equal(
            ("entry/future", "observedAt"),
            Admission
                .Ask(
                    bench.State,
                    new Entry("J-0001", 2, "e2", new PapersFound("manual"), Bench.Vane, at.AddHours(1), at, "l"),
                    1
                )
                .Refused
                is { } r
                ? (r.Code, r.Where)
                : default
        );
    }
}
