using System.Text;
using System.Text.Json.Nodes;
using Zygotome.Core.Balance;
using Zygotome.Core.Bind;
using Zygotome.Core.Build;
using Zygotome.Core.Job;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Receive;
using Zygotome.Core.Safety;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Trueness;
using Zygotome.Core.Tests.Bind;
using Zygotome.Core.Tests.Check;
using Zygotome.Core.Throws;
using Zygotome.Core.Unpack;
using Zygotome.Core.Wire;
using Zygotome.Tests;

namespace Zygotome.Core.Tests;

/// <summary>
/// A job at a bench without a server: entries are admitted as live ones are, and time passes when the test says so.
/// </summary>
internal sealed class Bench
{
    public static readonly Person Vane = new("rvane", "R. Vane", Role.Technician);
    public static readonly Person Thorne = new("ithorne", "I. Thorne", Role.Lead);
    public static readonly Instrument Rule = new("steel rule", 0.5);

    public static readonly SpecSheet Delta = Sheet("skerrow-64");
    public static readonly SpecSheet Parasol = Sheet("plimsey-1400");

    private readonly List<Entry> _journal = [];

    /// <param name="alone">A shop of one, who inspects their own repairs and says so.</param>
    /// <param name="stages">Other stages than the root's.</param>
    public Bench(
        SpecSheet? sheet = null,
        Supplier? supplier = null,
        bool alone = false,
        StageSet? stages = null,
        int channels = 8,
        bool pack = true,
        (string Id, string Choice)? option = null,
        Battery? battery = null
    )
    {
        State = Confirmed(new JobState(stages ?? Stages.All, sheet ?? Delta), sheet ?? Delta);
        Now = new DateTimeOffset(2026, 11, 2, 9, 0, 0, TimeSpan.Zero);
        var rules = new ShopRules("Test shop", "UTC", false, 1.0m);
        Alone = alone;
        Do(
            new JobOpened(
                "J-0001",
                "c-1",
                State.Sheet.Kit.Id,
                1,
                State.Sheet.Hash,
                pack ? battery ?? Battery() : null,
                channels,
                DateOnly.FromDateTime(Now.UtcDateTime).AddDays(5),
                "1",
                BalanceSchool.ForwardThird,
                rules,
                Supplier: supplier,
                Options: option is { } o ? Ordered.ById<string>().Add(o.Id, o.Choice) : null
            )
        );
    }

    /// <summary>Goes on with a job from where its journal ends.</summary>
    public Bench(JobState state, IEnumerable<Entry> journal, DateTimeOffset now, bool alone = false)
    {
        (State, Now, Alone) = (state, now, alone);
        _journal.AddRange(journal);
    }

    public JobState State { get; private set; }

    public DateTimeOffset Now { get; set; }

    public string Look { get; set; } = "look-1";

    /// <summary>Whether the cells are measured by themselves before the first power.</summary>
    public bool Meters { get; init; } = true;

    public IReadOnlyList<Entry> Journal => _journal;

    /// <summary>Whether whoever records is alone in the shop.</summary>
    public bool Alone { get; init; }

    public static SpecSheet Sheet(string name) =>
        SheetReader.Read(File.ReadAllBytes(ProjectFolder.File("demo", "sheets", $"{name}.sheet.json"))).Sheet!;

    /// <summary>A demo sheet with something in its file otherwise.</summary>
    public static SpecSheet Sheet(string name, Action<JsonNode> change)
    {
        var node = JsonNode.Parse(File.ReadAllText(ProjectFolder.File("demo", "sheets", $"{name}.sheet.json")))!;
        change(node);
        return SheetReader.Read(Encoding.UTF8.GetBytes(node.ToJsonString())).Sheet!;
    }

    public static Typed Q(string text) => new(text);

    public static Battery Battery(string mass = "262 g") =>
        new(Q(mass), Q("105 mm"), Q("34 mm"), Q("30 mm"), 4, Q("2400 mAh"));

    /// <summary>Records it, or fails the test with the refusal.</summary>
    public Entry Do(EntryBody body, Person? by = null, DateTimeOffset? observed = null)
    {
        if (Meters && body is LampsSaid said && said.Connects())
        {
            Metered();
        }

        var (entry, answer) = Ask(body, by, observed);
        if (!answer.Ok)
        {
            throw new InvalidOperationException($"{body}: {answer.Refused?.Text ?? "overtaken"}");
        }

        State = Replay.Add(State, entry);
        _journal.Add(entry);
        return entry;
    }

    /// <summary>Puts a sheet on file for this job to move to.</summary>
    /// <param name="confirmed">Whether a lead looked through it.</param>
    public void Know(SpecSheet sheet, bool confirmed = true)
    {
        State = State with { Revisions = State.Revisions.SetItem(sheet.Hash, sheet) };
        State = confirmed ? Confirmed(State, sheet) : State;
    }

    /// <summary>A lead looked through this revision.</summary>
    public static JobState Confirmed(JobState state, SpecSheet sheet) =>
        state with
        {
            Confirmations = state.Confirmations.SetItem(
                sheet.Hash,
                new SheetConfirmation(Thorne, DateTimeOffset.UnixEpoch)
            ),
        };

    /// <summary>The refusal this would get; null when it would be taken. Nothing is recorded.</summary>
    public Refusal? Refused(EntryBody body, Person? by = null) => Ask(body, by, null).Answer.Refused;

    public Bench Pass(TimeSpan time)
    {
        Now += time;
        return this;
    }

    public LedgerLine Line(string id) => Ledger.Of(State, Now).Single(l => l.Id == id);

    public IReadOnlyList<LedgerLine> Open() => [.. Ledger.Of(State, Now).Where(l => l.Open)];

    /// <summary>Says all lamps of a kind at once, those that take the word.</summary>
    public Entry Say(LampKind kind, LampIs seen, Person? by = null) => Do(Lamp(State.Sheet, kind, seen), by);

    public static LampsSaid Lamp(SpecSheet sheet, LampKind kind, LampIs seen) =>
        LampsSaid.Of([
            .. LampBoard.Of(sheet).Where(l => l.Id.Kind == kind).Select(l => (l.Id, seen)),
            .. seen == LampIs.Connected ? TheMemory : [],
        ]);

    // Read off the transmitter each time a pack is connected.
    private static readonly (LampId Id, LampIs Is)[] TheMemory = [(new(LampKind.Memory), LampIs.TheOneBound)];

    public Entry Pack(LampIs seen, Person? by = null) => Say(LampKind.Pack, seen, by);

    /// <summary>Propellers and wires of every motor; nothing where there is none.</summary>
    public void Motors(LampIs seen)
    {
        if (LampBoard.HasMotor(State.Sheet))
        {
            Do(
                LampsSaid.Of(
                    LampBoard
                        .Of(State.Sheet)
                        .Where(l => l.Id.Kind is LampKind.Propeller or LampKind.Wires)
                        .Select(l => (l.Id, seen))
                )
            );
        }
    }

    /// <summary>One look, everything as powered work needs it: propellers off, the wires of fans too.</summary>
    public static LampsSaid Isolated(SpecSheet sheet, LampIs pack) =>
        LampsSaid.Of(
            LampBoard
                .Of(sheet)
                .Select(l =>
                    (
                        l.Id,
                        l.Id.Kind switch
                        {
                            LampKind.Propeller => LampIs.Off,
                            LampKind.Wires => sheet.Power.Motors.First(m => m.Id == l.Id.Of).IsFan
                                ? LampIs.Off
                                : LampIs.On,
                            LampKind.Transmitter => LampIs.CutSet,
                            LampKind.Pack => pack,
                            LampKind.Memory => LampIs.TheOneBound,
                            _ => LampIs.Off,
                        }
                    )
                )
        );

    public Bench Power()
    {
        Do(Isolated(State.Sheet, LampIs.Connected));
        return this;
    }

    /// <summary>The stabiliser said awake, where there is one.</summary>
    public void Awake()
    {
        if (LampBoard.Find(State.Sheet, new(LampKind.Stabiliser)) is not null)
        {
            Say(LampKind.Stabiliser, LampIs.Awake);
        }
    }

    /// <summary>Failsafe as it is seen: opened, transmitter off, answered, transmitter on again.</summary>
    public Bench Failsafe(FailsafeBehaviour seen = FailsafeBehaviour.AsDeclared)
    {
        Do(new ActOpened(PoweredAct.Failsafe));
        Say(LampKind.Transmitter, LampIs.Off);
        Do(new FailsafeSeen(seen));
        Say(LampKind.Transmitter, LampIs.CutSet);
        return this;
    }

    /// <summary>The memory read off the transmitter, every controller set as it must be.</summary>
    public Bench Compared()
    {
        Do(new MemorySeen(State.Bind.Bound!.ModelMemory, State.Bind.Bound!.Number));
        foreach (var controller in MotorControllers.Of(State.Sheet))
        {
            Do(AsItMust(State.Sheet, controller));
        }

        return this;
    }

    /// <summary>A controller that nothing is wrong with.</summary>
    public static ControllerSet AsItMust(SpecSheet sheet, MotorController controller) =>
        new(
            controller.Id,
            true,
            true,
            controller.WantsBrake,
            sheet.Outputs.Any(o => o.Kind == OutputKind.ReverseThrust),
            3.2
        );

    // Begun with the cut set, wires on, propellers off, a fan held; then the pack.
    private void OnBareShafts(PoweredAct act)
    {
        Pack(LampIs.InBay);
        Motors(LampIs.On);
        if (State.Sheet.Power.Motors.Any(m => !m.IsFan))
        {
            Say(LampKind.Propeller, LampIs.Off);
        }

        Say(LampKind.Transmitter, LampIs.CutSet);
        Do(new ActOpened(act, State.Sheet.Power.Motors.Any(m => m.IsFan) ? Holding : null));
        Pack(LampIs.Connected);
    }

    /// <summary>
    /// The throttle cut tried with the stick up, wires on, shafts bare; a fan held. Leaves the pack in its bay.
    /// </summary>
    public Bench Cut(CutSeen seen = CutSeen.Still)
    {
        OnBareShafts(PoweredAct.CutProof);
        Do(new CutProven("left switch", seen));
        Pack(LampIs.InBay);
        return this;
    }

    /// <summary>
    /// Every motor seen to turn: by tape on the bare shaft, a fan held, by its airflow. Ends unpowered, as flown.
    /// </summary>
    public Bench MotorsTurned(MotorTurn seen = MotorTurn.AsItShould)
    {
        if (!LampBoard.HasMotor(State.Sheet))
        {
            return this;
        }

        if (Line(new CutId().Written).Open)
        {
            Cut();
        }

        OnBareShafts(PoweredAct.MotorDirection);
        Say(LampKind.Transmitter, LampIs.Live);
        foreach (var motor in State.Sheet.Power.Motors)
        {
            Do(new MotorTurned(motor.Id, seen));
        }

        foreach (var call in OutputCalls.Of(State.Sheet).Where(c => c.TurnsMotors))
        {
            Do(RestOfBind.AsExpected(call));
        }

        Say(LampKind.Transmitter, LampIs.CutSet);
        Pack(LampIs.InBay);
        Motors(LampIs.On);
        return this;
    }

    /// <summary>As whoever releases sees it: everything as it flies, nothing connected.</summary>
    public Bench LastLook()
    {
        Pack(LampIs.InBay);
        Motors(LampIs.On);
        return this;
    }

    public static readonly Holding Holding = new(true, true, "I. Thorne");

    public Bench Unpacked()
    {
        foreach (var option in State.Built.Kit.Options.Where(o => !State.Options.ContainsKey(o.Id)))
        {
            Do(new OptionChosen(option.Id, option.Choices[0]));
        }

        Charged();
        foreach (var paper in UnpackEntries.Papers)
        {
            Do(new PapersFound(paper));
        }

        foreach (var bag in State.Sheet.InBox.Select(p => p.Bag).Distinct())
        {
            Do(new BagCounted(bag, true));
        }

        foreach (var point in InspectionRoute.Of(State.Sheet))
        {
            Do(new Walked(point.Id, WalkAnswer.Sound));
        }

        return this;
    }

    // Sound packs that nobody measured within a day.
    private void Metered()
    {
        while (State.Aboard.PackNotMeasured(Now, !State.Safety.WasConnected) is { Length: > 0 } words)
        {
            var pack = State.Receive.Flies.First(p => words.StartsWith(p.Name, StringComparison.Ordinal));
            Do(new PackMeasured(pack.Name, [.. Enumerable.Repeat(4.1, pack.Battery.Cells)]));
        }
    }

    /// <summary>As many packs as the sheet flies on, all like the first, and every one that nobody measured has sound
    /// cells.</summary>
    public Bench Charged()
    {
        while (State.Receive.Battery is not null && State.Receive.Packs.Count < PacksTogether.Asked(State.Sheet))
        {
            Do(new PackBrought($"pack {State.Receive.Packs.Count + 1}", State.Receive.Packs[0].Battery));
        }

        foreach (var pack in State.Receive.Packs.Where(p => p.Seen is null))
        {
            Do(new PackMeasured(pack.Name, [.. Enumerable.Repeat(4.1, pack.Battery.Cells)]));
        }

        return this;
    }

    /// <summary>What a joint is glued with here: the adviser's own, an hour to handle, twelve to full
    /// strength.</summary>
    public static Adhesive Glue(BondSpec bond) =>
        new(
            "slow",
            AdhesiveAdviser.For(bond.A, bond.B, bond.Kind).Name,
            60,
            720,
            AdhesiveAdviser.For(bond.A, bond.B, bond.Kind).Name.Contains("epoxy", StringComparison.Ordinal)
        );

    /// <summary>Does every step of a stage that can be done, waiting for glue as long as it takes.</summary>
    public Bench Steps(Stage stage)
    {
        Stand();
        while (
            StepGraph.Of(State, Now).FirstOrDefault(s => s.Step.Stage == stage && s.Standing == StepStanding.CanStart)
                is { } next
        )
        {
            if (StepPowers.Of(next.Step).IsPowered)
            {
                Power();
                Awake();
            }
            else
            {
                Pack(LampIs.InBay);
            }

            Work(next.Step);
        }

        return stage == Stage.Wire ? Plugged() : this;
    }

    /// <summary>Does what a step waits for, so that nothing but itself is in its way.</summary>
    public Bench Until(string step)
    {
        foreach (var before in State.Sheet.Step(step)!.After.Select(a => State.Sheet.Step(a)!))
        {
            if (State.Progress(before.Id)?.Done is null)
            {
                Until(before.Id).Work(before);
            }
        }

        return this;
    }

    /// <summary>Every servo at its reference, by the tester, trims zero.</summary>
    public Bench Stand()
    {
        foreach (var servo in State.Sheet.Servos.Where(s => !References.HasStood(State, s)).ToArray())
        {
            if (State.Safety.Connected(State.Sheet))
            {
                Pack(LampIs.InBay);
            }

            Do(new ServoStood(servo.Id, StoodBy.Tester, true));
        }

        return this;
    }

    /// <summary>Answers what a step asks at these times, as it should be.</summary>
    public Bench Answer(string step, params AskWhen[] when)
    {
        foreach (var ask in StepAsks.Unsettled(State, State.Sheet.Step(step)!, when).ToArray())
        {
            if (ask.Truth is { } truth)
            {
                True(truth);
                continue;
            }

            if (ask.Mark is { } mark)
            {
                var at = Q(FormattableString.Invariant($"{mark.Wanted} mm"));
                Do(new Marked(step, mark.Id, at, new Instrument("rule", 0.5, "rule", "mm")));
                continue;
            }

            Do(new Answered(step, ask.Id, true, ask.How == AskHow.Note ? "as the sheet says" : null));
            Pass(TimeSpan.FromSeconds(ask.Wait));
        }

        return this;
    }

    /// <summary>Reads how true something stands: in the middle of its limits, or so far off it.</summary>
    public Entry True(Truth truth, double off = 0)
    {
        var (by, first, second, apart) = TrueReadings.Of(truth, off);
        return Do(
            new TrueRead(
                truth.Id,
                new Reading(Q(first)),
                by,
                second is null ? null : new Reading(Q(second)),
                apart is null ? null : new Length(Q(apart))
            )
        );
    }

    /// <summary>Begins a step and answers all it asks before it is done; its glue is said when it is.</summary>
    public Bench Begin(string step)
    {
        Stand();
        Do(new StepStarted(step, With: State.Sheet.Step(step)!.People > 1 ? "I. Thorne" : null));
        return Asked(step);
    }

    /// <summary>Opens the glue of a step and has it let go, with everything answered.</summary>
    public Bench Asked(string step, Adhesive? glue = null)
    {
        var spec = State.Sheet.Step(step)!;
        Answer(step, AskWhen.Dry);
        if (spec.Bond is { } bond && StepAsks.Unsettled(State, spec, AskWhen.Open).Any())
        {
            Do(new GlueOpened(step, glue ?? Glue(bond), Q("20 °C")));
            while (State.Progress(step)!.Glue!.Next is { } next)
            {
                Pass(TimeSpan.FromSeconds(next.After));
                Do(new GlueActed(step, next.Act));
            }

            Answer(step, AskWhen.Open);
        }

        return Answer(step, AskWhen.Closing);
    }

    /// <summary>Done, with the glue said then where it was not opened before.</summary>
    public StepDone Done(string step, Adhesive? glue = null) =>
        State.Sheet.Step(step) is { Bond: { } bond } && State.Progress(step)?.Glue is null
            ? new StepDone(step, glue ?? Glue(bond), Q("20 °C"))
            : new StepDone(step);

    /// <summary>A step under way is done, with everything it asks answered.</summary>
    public Entry End(string step, Adhesive? glue = null) => Asked(step, glue).Do(Done(step, glue));

    private void Work(StepSpec step)
    {
        Begin(step.Id);
        Pass(TimeSpan.FromMinutes(5));
        Do(Done(step.Id));
        Pass(step.Bond is null ? TimeSpan.FromMinutes(1) : TimeSpan.FromHours(13));
        Answer(step.Id, AskWhen.Cured);
    }

    /// <summary>
    /// Follows every lead that is not shown and plugs it where it belongs, turns round what would go apart, and answers
    /// what else is asked of the wiring.
    /// </summary>
    public Bench Plugged()
    {
        if (State.Safety.Connected(State.Sheet))
        {
            Pack(LampIs.InBay);
        }

        while (Wiring.Of(State).ApartBehind().FirstOrDefault().Apart is { IsDefault: false } apart)
        {
            var first = apart.First(c => c.Turn is not null).Turn;
            Do(new ServoTurned(apart.Last(c => c.Turn == -first).Id, TurnedBy.ArmSide));
        }

        var open = Open().Select(l => l.Id).ToHashSet(StringComparer.Ordinal);
        foreach (var lead in Wiring.Of(State).Leads.Where(l => open.Contains($"wire/lead/{l.Id}")))
        {
            var wiggled = State.Wire.Unproven.ContainsKey(lead.Id) && lead.IsOfConsumer ? lead.Id : null;
            Do(new LeadPlugged(lead.Id, lead.To.Key, true, wiggled));
        }

        foreach (var ask in WireAsks.Of(State).Where(a => open.Contains($"wire/{a.Id}")))
        {
            Do(Yes(ask));
        }

        return this;
    }

    /// <summary>That it is so, with what yes says beside itself.</summary>
    public static WireAnswered Yes(WireAsk ask) =>
        new(ask.Id, true, By: ask.Ways.IsEmpty ? null : ask.Ways[0], Measured: ask.Most is null ? null : Q("180 mm"));

    public Bench Bound()
    {
        Power();
        Do(new Bound("MEMORY", 2, State.Sheet.Radio.BindMethods[0]));
        Compared();
        Failsafe();
        foreach (var call in Directions.Calls(State.Sheet))
        {
            Do(new DirectionSeen(call.Function, [.. call.Expected.Select(e => new Seen(e.Surface.Id, e.Movement))]));
        }

        foreach (var call in OutputCalls.Of(State.Sheet).Where(c => !c.TurnsMotors))
        {
            Do(RestOfBind.AsExpected(call));
        }

        return this;
    }

    public ThrowRead Reading(string target, string value, double? travel = null) =>
        new(
            target,
            [Q(value)],
            ThrowMeasure.UprightRuler,
            Rule,
            travel is { } said ? (Percent)Q(FormattableString.Invariant($"{said} %")) : null
        );

    public Bench Measured()
    {
        Power();
        foreach (var target in ThrowTargets.Of(State.Sheet, State.Rules))
        {
            Do(Reading(target.Id, FormattableString.Invariant($"{target.Band!.Middle:0.0} {target.Unit}")));
        }

        foreach (var row in State.Sheet.Neutral)
        {
            foreach (var surface in State.Sheet.Named(row.Surfaces))
            {
                Do(new NeutralRead(surface.Id, Q($"{row.Offset.Counts!.Nominal} mm"), Rule));
            }
        }

        foreach (var surface in State.Sheet.Surfaces)
        {
            Do(new FreedomSeen(surface.Id, true));
        }

        return this;
    }

    /// <summary>985 g with the centre at x.</summary>
    public Weighed Weighing(double x, string front = "-48 mm")
    {
        var rear = 985 * (x - 60) / 240;
        static Typed G(double g) => Q(FormattableString.Invariant($"{g:0.####} g"));
        return new Weighed(
            State.Sheet.Balance.Configurations[0].Name,
            [
                new(Q("60 mm"), Q("0 mm"), G(985 - rear)),
                new(Q("300 mm"), Q("-150 mm"), G(rear / 2)),
                new(Q("300 mm"), Q("150 mm"), G(rear / 2)),
            ],
            Q(front),
            false,
            true,
            new Instrument("scales", 1)
        );
    }

    /// <summary>The rest of Bind, which rests on throws too; ends unpowered, as flown.</summary>
    public Bench Carded()
    {
        if (LampBoard.HasMotor(State.Sheet) && Line(new CutId().Written).Open)
        {
            Cut();
        }

        Power();
        RestOfBind.Radio(this);
        RestOfBind.Last(this);
        return LastLook();
    }

    public Bench Balanced()
    {
        Pack(LampIs.InBay);
        Steps(Stage.Balance);
        Pass(TimeSpan.FromMinutes(1));
        Pack(LampIs.InBay);
        Carded();
        LastWalk.Isolated(this);
        MotorsTurned();
        Do(Weighing(166));
        return this;
    }

    /// <summary>A delta from the box to the last check; only release is left.</summary>
    public static Bench Ready(bool alone = false)
    {
        var bench = new Bench(alone: alone)
            .Unpacked()
            .Steps(Stage.Build)
            .Steps(Stage.Wire)
            .Bound()
            .Measured()
            .Balanced();
        return bench.Steps(Stage.Check).True().LookedOver();
    }

    /// <summary>The last look: called out in one run, every place looked at, run at full power, walked away from.</summary>
    public Bench LookedOver()
    {
        LastWalk.Of(this);
        return this;
    }

    /// <summary>Reads anew what of the whole does not stand shown true, and counts what is left over.</summary>
    public Bench True()
    {
        var open = Open().Select(l => l.Id).ToHashSet(StringComparer.Ordinal);
        foreach (var truth in Truths.Of(State.Sheet).Where(t => open.Contains($"trueness/{t.Id}")))
        {
            True(truth);
        }

        foreach (var bag in Leftovers.Bags(State).Where(b => open.Contains($"leftover/{b}")).ToArray())
        {
            Do(new LeftOver(bag));
        }

        return this;
    }

    public HandOver.Released Release() =>
        HandOver
            .Released.From(State, Now)
            .Match(
                r => r with { PdfHash = "hash" },
                r =>
                    throw new InvalidOperationException(
                        r.Text
                            + "; "
                            + string.Join("; ", Open().Select(l => $"{l.Id}, {l.Standing}: {l.Reading}, {l.Why}"))
                    )
            );

    private (Entry Entry, AdmissionAnswer Answer) Ask(EntryBody body, Person? by, DateTimeOffset? observed)
    {
        Now += TimeSpan.FromSeconds(5);
        var entry = new Entry(
            _journal.Count > 0 ? State.JobId : "J-0001",
            State.Seq + 1,
            $"e{State.Seq + 1}",
            body,
            by ?? Vane with { Alone = Alone },
            observed ?? Now,
            Now,
            Look
        )
        {
            Waited = Now - (observed ?? Now),
        };
        entry = Admission.Composed(State, entry);
        return (entry, Admission.Ask(State, entry, State.Seq));
    }
}
