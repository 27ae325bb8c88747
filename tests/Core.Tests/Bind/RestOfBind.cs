using Zygotome.Core.Bind;
using Zygotome.Core.Journal;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Tests.Bind;

/// <summary>What a patient technician does of Bind beside binding and directions, where a line asks for it.</summary>
internal static class RestOfBind
{
    /// <summary>As it is called and seen, in the time the sheet gives it.</summary>
    public static OutputSeen AsExpected(OutputCall call) =>
        new(call.Of, call.At, OutputAnswer.AsExpected, Seconds: call.Takes?.Middle);

    /// <summary>Switches, the stabiliser, legs in and out: under power, after directions.</summary>
    public static void Radio(Bench bench)
    {
        Switches(bench);
        foreach (var output in Cycles.Of(bench.State.Sheet).Where(o => Asks(bench, new CyclesId(o.Id))))
        {
            for (var i = 0; i < Cycles.Wanted; i++)
            {
                bench.Do(new Cycled(output.Id, Attitude.AsItFlies, true));
            }
        }

        if (StabiliserLinesOpen(bench))
        {
            Stabiliser(bench);
        }
    }

    /// <summary>What follows from throws and pack: ends, alarms, the card. Under power.</summary>
    public static void Last(Bench bench)
    {
        foreach (var channel in EndChannels.Of(bench.State).Where(c => Asks(bench, new EndsId(c.Name))))
        {
            bench.Do(new EndsHeard(channel.Name, true));
        }

        foreach (var alarm in Alarms.Of(bench.State).Where(a => Asks(bench, new AlarmId(a.Kind))))
        {
            bench.Do(new AlarmHeard(alarm.Kind, true));
        }

        KeyIn(bench);
    }

    /// <summary>Every line of the card that is known, as it says.</summary>
    public static void KeyIn(Bench bench)
    {
        KeyedLine[] lines =
        [
            .. SetUpCard
                .Of(bench.State)
                .Where(l => l.Value.Length > 0 && SetUpCard.Standing(bench.State, l) is not CardStanding.Keyed)
                .Select(l => new KeyedLine(l.Id, l.Value)),
        ];
        if (lines.Length > 0 || Asks(bench, new CardId()))
        {
            bench.Do(new Keyed([.. lines.Length > 0 ? lines : [.. All(bench)]]));
        }
    }

    private static IEnumerable<KeyedLine> All(Bench bench) =>
        SetUpCard.Of(bench.State).Where(l => l.Value.Length > 0).Select(l => new KeyedLine(l.Id, l.Value));

    /// <summary>Each use on a switch of its own, its positions tried.</summary>
    public static void Switches(Bench bench)
    {
        foreach (
            var (use, i) in SwitchUses
                .Of(bench.State.Sheet)
                .Select((u, i) => (u, i))
                .Where(u => u.u.Id != SwitchUses.Cut && Asks(bench, new SwitchId(u.u.Id)))
        )
        {
            bench.Do(On(use, $"switch {i + 1}"));
        }

        foreach (
            var whole in SwitchTable
                .Wholes(bench.State)
                .Where(w => Asks(bench, new SwitchWholeId(w.Switch, w.At)))
                .ToArray()
        )
        {
            bench.Do(new SwitchTried(whole.Switch, whole.At, true));
        }
    }

    /// <summary>A use on a switch, its states from away to towards.</summary>
    public static SwitchSet On(SwitchUse use, string named) =>
        new(use.Id, named, [.. use.States.Select((s, i) => new SwitchPlace(At(i, use.States.Length), s))]);

    private static SwitchAt At(int i, int of) =>
        i == 0 ? SwitchAt.Away
        : i == 1 && of > 2 ? SwitchAt.Middle
        : SwitchAt.Towards;

    private static bool StabiliserLinesOpen(Bench bench) =>
        bench.Open().Any(l => l.Id.StartsWith("stabiliser/", StringComparison.Ordinal));

    private static void Stabiliser(Bench bench)
    {
        var sheet = bench.State.Sheet;
        foreach (var call in Directions.Calls(sheet).Where(c => Asks(bench, new WithoutId(c.Function))))
        {
            bench.Do(Without(call));
        }

        if (Asks(bench, new StabiliserCountId()))
        {
            bench.Do(Told(bench));
        }

        bench.Do(new Aligned(sheet.Radio.StillSeconds ?? 10, true));
        foreach (var call in StabiliserCalls.Of(sheet).Where(c => Asks(bench, new StabiliserCallId(c.Id))))
        {
            bench.Do(Seen(sheet, call));
        }

        foreach (var mode in StabiliserModes.Of(sheet).Where(m => Asks(bench, new StabiliserModeId(m))))
        {
            bench.Do(new ModeSeen(mode, true));
        }

        bench.Power();
    }

    /// <summary>As it must go, with the stabiliser by-passed.</summary>
    public static DirectionSeen Without(DirectionCall call) =>
        new(call.Function, [.. call.Expected.Select(e => new Seen(e.Surface.Id, e.Movement))], true);

    /// <summary>As wired.</summary>
    public static StabiliserTold Told(Bench bench) =>
        new([
            .. StabiliserAxes
                .Of(bench.State.Sheet)
                .Select(a => new ToldOf(a.Command, bench.State.The<ISignals>().Corrected(bench.State, a.Command))),
        ]);

    /// <summary>As it should answer, or each surface as somebody saw it.</summary>
    public static StabiliserSeen Seen(SpecSheet sheet, StabiliserCall call, Func<Movement, Movement>? saw = null) =>
        new(
            call.Id,
            call.Mode.Length > 0 ? call.Mode : StabiliserCalls.Correcting(sheet).FirstOrDefault(""),
            [.. call.Expected.Select(e => new Seen(e.Surface.Id, saw is null ? e.Movement : saw(e.Movement)))]
        );

    private static bool Asks(Bench bench, RequirementId id) => bench.Open().Any(l => l.Id == id.Written);
}
