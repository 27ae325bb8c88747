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
using Zygotome.Core.Sheets.Catalogue;
using Zygotome.Core.Tests.Bind;
using Zygotome.Core.Tests.Check;
using Zygotome.Core.Throws;
using Zygotome.Core.Unpack;
using Zygotome.Core.Wire;

namespace Zygotome.Core.Tests.Journal;

/// <summary>
/// A patient technician, with a lead at hand or alone in a shop of one: looks at what the ledger still asks for, does
/// it, and looks again until nothing is open.
/// </summary>
/// <param name="scales">How far its scales may be off, g: a light aircraft wants fine ones.</param>
internal sealed class Finisher(Bench bench, double scales = 1)
{
    private readonly Person _lead = bench.Alone ? Bench.Vane with { Alone = true } : Bench.Thorne;

    /// <summary>Finishes the job. Fails with what is still open when a whole round brings nothing further.</summary>
    public Bench Finish()
    {
        Ready();
        bench.LastLook();
        bench.Do(bench.Release());
        return bench;
    }

    /// <summary>Brings the job to where only its release is left.</summary>
    public Bench Ready()
    {
        bench.Look = $"finisher-{bench.State.Seq}";
        bench.Pack(LampIs.Out);
        for (var round = 0; round < 60; round++)
        {
            bench.Pass(TimeSpan.FromHours(14));
            var before = bench.State.Seq;
            Counter();
            Aboard();
            Box();
            Findings();
            Work();
            Plugs();
            Radio();
            Surfaces();
            Weigh();
            Turn();
            Card();
            Look();
            var loops = bench.State.Build.Loops.Where(l => l.Closed is null).ToArray();
            foreach (var loop in loops)
            {
                bench.Do(new LoopClosed(loop.Id, loop.Was));
            }

            if (bench.State.Safety.Connected(bench.State.Sheet))
            {
                bench.Pack(LampIs.InBay);
            }

            if (bench.Open().Count == 0)
            {
                return bench;
            }

            // The pack's lamp is said again each round: that alone is no progress.
            if (bench.State.Seq - before <= 1 && loops.Length == 0)
            {
                break;
            }
        }

        throw new InvalidOperationException(
            $"{bench.State.JobId} cannot be finished: {string.Join("; ", bench.Open().Select(l => $"{l.Id}: {l.Why}"))}"
        );
    }

    private bool Asked(string id) => bench.Open().Any(l => l.Id == id);

    private void Concede(string id, string reason)
    {
        if (Asked(id))
        {
            bench.Do(new Conceded(id, reason), _lead);
        }
    }

    // What the maker does not state a lead gives; a pack that does not fit is changed, too few ports are a larger
    // receiver.
    private void Counter()
    {
        foreach (var option in bench.State.Built.Kit.Options.Where(o => Asked($"receive/option/{o.Id}")))
        {
            bench.Do(new OptionChosen(option.Id, option.Choices[0], "as the owner said"), _lead);
        }

        // Marks need no figure.
        var marked = bench.State.Sheet.Balance.Configurations.Where(c => c.Marks.Length > 0);
        foreach (
            var gap in Stages
                .All.Gaps(bench.State.Sheet, bench.State.Rules)
                .Where(g => marked.All(c => g.Id != $"balance/{c.Name}"))
                .ToArray()
        )
        {
            bench.Do(new ValueGiven(gap.Id, Bench.Q(Value(gap.Id)), "measured on a like one"), _lead);
        }

        if (Asked("receive/pack-suits"))
        {
            Fly(
                "as the sheet says",
                bench.State.Receive.Battery! with
                {
                    Cells = PackPower.Named(bench.State.Sheet)[0],
                    Mass = Light(bench.State),
                    CRating = 100,
                }
            );
        }

        if (Asked("receive/pack-fits"))
        {
            var bay = bench.State.Sheet.Geometry.Bay!;
            static Core.Quantities.Length Mm(double d) =>
                Bench.Q(FormattableString.Invariant($"{Math.Max(1, d):0.#} mm"));
            Fly(
                "another",
                bench.State.Receive.Battery! with
                {
                    Length = Mm(bay.To - bay.From - 20),
                    Width = Mm((bay.Width / PacksTogether.Asked(bench.State.Sheet)) - 1),
                    Height = Mm(bay.Height - 1),
                }
            );
        }

        if (Asked("receive/packs-together"))
        {
            Fly("alike", bench.State.Receive.Packs[0].Battery);
        }

        if (Asked("receive/carried"))
        {
            bench.Do(new Carried(Carriage.Parted, "as it came"));
        }

        if (Asked("receive/ports"))
        {
            bench.Do(new ReceiverGiven(bench.State.Sheet.Radio.Functions.Length + bench.State.Receive.AddOns.Count));
        }

        if (Asked("sheet/confirmed"))
        {
            bench.Do(new SheetConfirmed(bench.State.Built.Hash), _lead);
        }

        foreach (var line in bench.Open().Where(l => l.Id.StartsWith("sheet/", StringComparison.Ordinal)))
        {
            Concede(line.Id, "looked at on the airframe");
        }
    }

    private void Fly(string name, Battery each)
    {
        string[] names =
        [
            .. Enumerable
                .Range(1, PacksTogether.Asked(bench.State.Sheet))
                .Select(i => $"{name} {i}, {bench.State.Seq}"),
        ];
        foreach (var pack in names)
        {
            bench.Do(new PackBrought(pack, each));
        }

        bench.Do(new PackChosen(names[0], [.. names.Skip(1)]));
        bench.Charged();
    }

    // No more than a third of what the sheet lets it weigh.
    private static Mass Light(JobState state) =>
        BalanceTarget.AllUpWeight(state.Sheet) is { High: { } most } && most / 3 < state.Receive.Battery!.Mass.Value
            ? Bench.Q(FormattableString.Invariant($"{most / 3:0} g"))
            : state.Receive.Battery!.Mass;

    private string Value(string gap) =>
        gap switch
        {
            "weight" => "1800 g",
            _ when gap.StartsWith("balance/", StringComparison.Ordinal) => "60 mm to 70 mm",
            _ when gap.StartsWith("neutral/", StringComparison.Ordinal) => "0 mm",
            _ => FormattableString.Invariant($"{bench.State.Sheet.Surface(gap.Split('/')[1])!.Chord * 0.2:0.#} mm"),
        };

    private void Aboard()
    {
        foreach (var pack in bench.State.Receive.Packs.Where(p => p.Seen is null or { Wrong.Length: > 0 }))
        {
            bench.Do(new PackMeasured(pack.Name, [.. Enumerable.Repeat(4.1, pack.Battery.Cells)]));
        }

        foreach (var addOn in bench.State.Receive.AddOns.Where(a => a.State == AddOnState.Recorded))
        {
            bench.Do(new AddOnBrought(addOn.Name, addOn.Mass, addOn.At, AddOnState.Tested, addOn.Port));
        }
    }

    private void Box()
    {
        foreach (var paper in UnpackEntries.Papers.Where(p => Asked($"papers/{p}")))
        {
            bench.Do(new PapersFound(paper));
        }

        // What is short came later, what was wrong was changed.
        foreach (var part in bench.State.Sheet.InBox)
        {
            if (bench.State.Unpack.Wrong.GetValueOrDefault(part.Id) is > 0 and var wrong)
            {
                bench.Do(new WrongCounted(part.Id, -wrong));
            }

            if (Counting.Of(bench.State, part).Short is > 0 and var missing)
            {
                bench.Do(new Counted(part.Id, missing));
            }
        }

        foreach (
            var bag in bench.State.Sheet.InBox.Select(p => p.Bag).Distinct().Where(b => Asked($"bag/{b}")).ToArray()
        )
        {
            bench.Do(new BagCounted(bag, true));
        }

        foreach (var point in InspectionRoute.Of(bench.State.Sheet).Where(p => Asked($"walk/{p.Id}")))
        {
            if (bench.Refused(new Walked(point.Id, WalkAnswer.Sound)) is null)
            {
                bench.Do(new Walked(point.Id, WalkAnswer.Sound));
            }
        }
    }

    private void Findings()
    {
        foreach (var finding in bench.State.Unpack.Findings.Where(f => !f.Cleared).ToArray())
        {
            if (finding.Disposition is not (Disposition.Repair or Disposition.Replace))
            {
                bench.Do(
                    new Disposed(
                        finding.Id,
                        Mending.Of(finding.PlaceKind, finding.Kind).Possible ? Disposition.Repair : Disposition.Replace,
                        "mended here"
                    ),
                    _lead
                );
            }
            else if (finding.Repair is not null)
            {
                bench.Do(
                    new Reinspected(finding.Id, true),
                    finding.Repairers.Contains(_lead.Id) && !_lead.Alone ? Bench.Vane : _lead
                );
            }
        }
    }

    private void Work()
    {
        bench.Stand();
        foreach (
            var step in bench.State.Sheet.Steps.Where(s => bench.State.Progress(s.Id) is { Done: not null }).ToArray()
        )
        {
            bench.Answer(step.Id, AskWhen.Cured);
        }

        bench.True();
        foreach (
            var step in StepGraph
                .Of(bench.State, bench.Now)
                .Where(s => s.Standing is StepStanding.CanStart or StepStanding.UnderWay)
        )
        {
            if (step.Standing == StepStanding.CanStart)
            {
                bench.Pack(LampIs.InBay);
                if (StepPowers.Of(step.Step).IsPowered)
                {
                    bench.Power();
                    bench.Awake();
                }

                bench.Begin(step.Step.Id);
            }

            bench.Asked(step.Step.Id);
            bench.Do(bench.Done(step.Step.Id));
        }
    }

    // A larger receiver where ports are wanting.
    private void Plugs()
    {
        if (Asked("wire/ports"))
        {
            bench.Do(new ReceiverGiven(Math.Min(32, Wiring.Of(bench.State).Plugs.Length)));
        }

        if (Asked("wire/connector"))
        {
            bench.Do(new ConnectorSaid(new ConnectorKind("one for any pack", 200)));
        }

        bench.Plugged();
        Concede("wire/supply", "a supply of its own is on the way");
    }

    // Last of all that is done under power: a fan's wires come off for everything else.
    private void Turn()
    {
        if (
            !bench.Open().Any(l => l.Stage == Stage.Throws)
            && (
                bench.Open().Any(l => l.Id.StartsWith("motor-direction/", StringComparison.Ordinal))
                || Asked("bind/cut")
                || OutputCalls.Of(bench.State.Sheet).Any(c => c.TurnsMotors && Asked(Id(c)))
            )
        )
        {
            bench.MotorsTurned();
        }

        if (Asked("handover/motors"))
        {
            bench.Pack(LampIs.InBay);
            bench.Motors(LampIs.On);
        }
    }

    private static string Id(OutputCall call) => $"output/{call.Of}/{call.At}";

    private void Radio()
    {
        if (
            !bench
                .Open()
                .Any(l =>
                    l.Id.StartsWith("bind/", StringComparison.Ordinal)
                    || l.Id.StartsWith("called/", StringComparison.Ordinal)
                    || l.Id.StartsWith("controller/", StringComparison.Ordinal)
                    || l.Id.StartsWith("output/", StringComparison.Ordinal)
                    || l.Id.StartsWith("direction/", StringComparison.Ordinal)
                    || l.Id.StartsWith("stabiliser/", StringComparison.Ordinal)
                    || l.Id.StartsWith("switch", StringComparison.Ordinal)
                    || l.Id.StartsWith("cycles/", StringComparison.Ordinal)
                )
        )
        {
            return;
        }

        bench.Power();
        if (Asked("bind/bound"))
        {
            bench.Do(new Bound("MEMORY", 2, bench.State.Sheet.Radio.BindMethods.FirstOrDefault("button")));
        }

        if (Asked("bind/memory"))
        {
            bench.Do(new MemorySeen(bench.State.Bind.Bound!.ModelMemory, bench.State.Bind.Bound!.Number));
        }

        foreach (var controller in MotorControllers.Of(bench.State.Sheet).Where(c => Asked($"controller/{c.Id}")))
        {
            bench.Do(Bench.AsItMust(bench.State.Sheet, controller));
        }

        if (Asked("bind/failsafe"))
        {
            bench.Failsafe();
        }

        foreach (var call in Directions.Calls(bench.State.Sheet).Where(c => Asked($"direction/{c.Function}")))
        {
            bench.Do(
                new DirectionSeen(call.Function, [.. call.Expected.Select(e => new Seen(e.Surface.Id, e.Movement))])
            );
        }

        foreach (var call in OutputCalls.Of(bench.State.Sheet).Where(c => !c.TurnsMotors && Asked(Id(c))))
        {
            bench.Do(RestOfBind.AsExpected(call));
        }

        foreach (var output in UnknownOutputs.Of(bench.State.Sheet).Where(o => Asked($"called/{o.Id}")))
        {
            bench.Do(new CalledSeen(output.Id, "moved as the manual says", true));
        }

        RestOfBind.Radio(bench);
    }

    // What rests on throws, on the pack and on all that was set: last.
    // Once everything else stands: the last look breaks with whatever is done after it.
    private void Look()
    {
        if (bench.Open().All(l => l.Id.StartsWith("check/", StringComparison.Ordinal)))
        {
            LastWalk.Of(bench);
        }
    }

    private void Card()
    {
        string[] last = ["ends/", "alarm/", "bind/card"];
        if (
            bench.Open().Any(l => last.Any(start => l.Id.StartsWith(start, StringComparison.Ordinal)))
            && !bench.Open().Any(l => l.Stage == Stage.Throws)
        )
        {
            bench.Power();
            RestOfBind.Last(bench);
        }
    }

    // By the measure of the row, in the middle of its band.
    private void Surfaces()
    {
        if (!bench.Open().Any(l => l.Stage == Stage.Throws))
        {
            return;
        }

        bench.Power();
        foreach (var target in ThrowTargets.Of(bench.State.Sheet, bench.State.Rules).Where(t => Asked(t.Id)))
        {
            var middle = Bench.Q(
                FormattableString.Invariant($"{target.Band!.Middle:0.###} {(target.Unit == "°" ? "deg" : target.Unit)}")
            );
            bench.Do(
                new ThrowRead(
                    target.Id,
                    [middle],
                    target.Measure,
                    target.Measure == ThrowMeasure.Angle ? new Instrument("gauge", 0.3) : Bench.Rule,
                    Bench.Q("100 %")
                )
            );
        }

        foreach (var line in bench.Open().Where(l => l.Stage == Stage.Throws).ToArray())
        {
            var surface = line.Id.Split('/')[1];
            switch (line.Id.Split('/')[0])
            {
                case "neutral":
                    var rest = bench.State.Sheet.Neutral.First(n =>
                        bench.State.Sheet.Named(n.Surfaces).Any(s => s.Id == surface)
                    );
                    var offset = bench.State.Sheet.Asked(line.Id, rest.Offset).Counts!.Nominal;
                    bench.Do(
                        new NeutralRead(surface, Bench.Q(FormattableString.Invariant($"{offset} mm")), Bench.Rule)
                    );
                    break;
                case "freedom":
                    bench.Do(new FreedomSeen(surface, true));
                    break;
                case "hole":
                    bench.Do(new HolesSeen(surface, true));
                    break;
            }
        }
    }

    // As flown, on three supports, in the middle of the target band and of the weight allowed.
    private void Weigh()
    {
        foreach (
            var configuration in bench.State.Sheet.Balance.Configurations.Where(c =>
                Asked($"balance/{c.Name}") || Asked($"weight/{c.Name}") || Asked($"lateral/{c.Name}")
            )
        )
        {
            var target = BalanceTarget.Of(bench.State.Sheet, configuration, bench.State.BalanceSchool);
            if (
                BalanceTarget.AllUpWeight(bench.State.Sheet) is not { } weight
                || (target is null && configuration.Marks.Length == 0)
            )
            {
                continue;
            }

            bench.Pack(LampIs.InBay);
            if (LampBoard.HasMotor(bench.State.Sheet))
            {
                bench.Motors(LampIs.On);
            }

            var (x, g) = (
                target?.Target.Middle ?? 40,
                weight.Low is { } low ? (low + weight.High!.Value) / 2 : weight.High!.Value * 0.97
            );
            WeighedSupport On(double at, double across, double share) =>
                new(
                    Bench.Q(FormattableString.Invariant($"{at:0.####} mm")),
                    Bench.Q(FormattableString.Invariant($"{across} mm")),
                    Bench.Q(FormattableString.Invariant($"{g * share:0.####} g"))
                );
            var front = PackPlaces.Fronts(bench.State)?.First ?? 0;
            bench.Do(
                new Weighed(
                    configuration.Name,
                    [On(x - 150, 0, 0.5), On(x + 150, -140, 0.25), On(x + 150, 140, 0.25)],
                    Bench.Q(FormattableString.Invariant($"{front} mm")),
                    false,
                    true,
                    new Instrument("scales", scales)
                )
            );
            if (target is null)
            {
                bench.Do(
                    new MarksSeen(
                        configuration.Name,
                        [.. MarkedBalance.Places(bench.State.Sheet, configuration).Select(Held)],
                        Bench.Q(FormattableString.Invariant($"{front} mm")),
                        false
                    )
                );
            }
        }
    }

    // As it hangs with its centre where it belongs.
    private static MarkLook Held(MarkPlace at) =>
        new(at, at == MarkPlace.ForwardEnd ? MarkAnswer.TailDrops : MarkAnswer.NoseLow);
}
