using Zygotome.Core.Check;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Safety;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Tests.Check;

/// <summary>What a patient technician does of the last look, where a line asks for it. Ends unpowered, as flown.</summary>
internal static class LastWalk
{
    /// <summary>Called out and walked away with while isolated; then looked at as it flies, run, and rolled.</summary>
    public static void Of(Bench bench)
    {
        Isolated(bench);
        AsItFlies(bench);
    }

    /// <summary>What is done isolated: a fan's wires are off for it, so its direction is seen afterwards.</summary>
    public static void Isolated(Bench bench)
    {
        if (Asks(bench, new FieldCallId()))
        {
            bench.Do(new FieldSeen("called", true, Quiet(bench.State.Sheet)));
        }

        if (Asks(bench, new RunId()) || Asks(bench, new RangeId(false)))
        {
            bench.Power();
            CallOut(bench);
            if (Asks(bench, new RangeId(false)))
            {
                bench.Do(new RangeHeld(RangeHeld.Far(bench.State.Sheet), false, true));
            }

            bench.LastLook();
        }
    }

    /// <summary>Outdoors, the motor isolated or a fan held, everything on.</summary>
    public static FieldState Quiet(SpecSheet sheet) =>
        !LampBoard.HasMotor(sheet) ? new(true, LampIs.CutSet, null)
        : sheet.Power.Motors.All(m => m.IsFan) ? new(true, LampIs.CutSet, FieldMotors.Held, "I. Thorne")
        : new(true, LampIs.CutSet, FieldMotors.Isolated);

    /// <summary>Outdoors, as one thing of the trip needs it.</summary>
    public static FieldState Safe(SpecSheet sheet, TripItem item) =>
        Every().First(s => FieldNeeds.Wrong(sheet, item.Needs, s).IsEmpty);

    /// <summary>However power may be outdoors.</summary>
    public static IEnumerable<FieldState> Every() =>
        from connected in (bool[])[true, false]
        from transmitter in (LampIs[])[LampIs.CutSet, LampIs.Live, LampIs.Off]
        from motors in (FieldMotors?[])[FieldMotors.Isolated, FieldMotors.Held, FieldMotors.Free, null]
        from second in (string[])["I. Thorne", ""]
        select new FieldState(connected, transmitter, motors, second);

    private static void AsItFlies(Bench bench)
    {
        LookAt(bench);
        if (Asks(bench, new PowerRunId()))
        {
            Held(bench, PoweredAct.FullPowerRun, LampIs.FullStick, Full(bench.State));
        }

        if (Asks(bench, new RangeId(true)))
        {
            Held(
                bench,
                PoweredAct.RangeWithMotor,
                LampIs.Live,
                new RangeHeld(RangeHeld.Far(bench.State.Sheet), true, true)
            );
        }

        if (Asks(bench, new TaxiId()))
        {
            Held(bench, PoweredAct.Taxi, LampIs.Live, new Taxied(true));
        }

        // What only the field card asks.
        foreach (var item in Trip.Of(bench.State).Where(i => i.Own is { } own && Asks(bench, own.Id)))
        {
            bench.Do(new FieldSeen(item.Id, true, Safe(bench.State.Sheet, item)));
        }
    }

    /// <summary>One unbroken run.</summary>
    public static void CallOut(Bench bench)
    {
        if (Asks(bench, new RunId()))
        {
            foreach (var call in Core.Check.CallOut.Of(bench.State.Sheet))
            {
                bench.Do(new CalledOut(call.Id, CalledAnswer.AsExpected));
            }
        }
    }

    /// <summary>Everything looked at that is open.</summary>
    public static void LookAt(Bench bench)
    {
        foreach (var ask in CheckAsks.Of(bench.State).Where(a => Asks(bench, new CheckAskId(a.Id))))
        {
            bench.Do(Yes(ask));
        }
    }

    /// <summary>As it should be.</summary>
    public static CheckAnswered Yes(CheckAsk ask) =>
        new(
            ask.Id,
            true,
            Measured: ask.Gauge is { } gauge ? [.. gauge.Measures.Select(_ => (Length)Bench.Q("12 mm"))] : null
        );

    /// <summary>A run within every limit.</summary>
    public static PowerRun Full(JobState state)
    {
        var limits = PowerLimits.Of(state);
        var together = limits.Where(l => l.IsAmps && l.Motor.Length == 0).Select(l => l.Value).DefaultIfEmpty(20).Min();
        var motors = state.Sheet.Power.Motors;
        return new PowerRun(
            together * 0.8,
            limits.Where(l => !l.IsAmps).Select(l => l.Value).DefaultIfEmpty(7).Max() + 0.4,
            8,
            motors.Length > 1 ? [.. motors.Select(m => new MotorAmps(m.Id, together * 0.8 / motors.Length))] : null
        );
    }

    // Held by a second person, as it flies; then the stick low, the pack off.
    private static void Held(Bench bench, PoweredAct act, LampIs stick, EntryBody seen)
    {
        bench.LastLook();
        bench.Say(LampKind.Transmitter, LampIs.CutSet);
        bench.Do(new ActOpened(act, Bench.Holding));
        bench.Pack(LampIs.Connected);
        bench.Say(LampKind.Transmitter, stick);
        bench.Do(seen);
        bench.Say(LampKind.Transmitter, LampIs.CutSet);
        bench.Pack(LampIs.InBay);
    }

    private static bool Asks(Bench bench, RequirementId id) => bench.Open().Any(l => l.Id == id.Written);
}
