using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Safety;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Table;

namespace Zygotome.Core.Check;

/// <summary>
/// The last look as the ledger asks for it, and how each is said. What Bind has shown is not asked twice: the run is
/// one line, resting on all that was called in it.
/// </summary>
internal static class CheckLines
{
    public static IEnumerable<Requirement> Of(JobState state)
    {
        if (CallOut.Of(state.Sheet) is { IsEmpty: false } calls)
        {
            yield return Run(state, calls);
        }

        foreach (var ask in CheckAsks.Of(state))
        {
            yield return Of(state, ask);
        }

        if (LampBoard.HasMotor(state.Sheet))
        {
            yield return FullPower(state);
        }

        foreach (var item in Trip.Of(state))
        {
            if (Outdoors(state, item) is { } line)
            {
                yield return line;
            }
        }

        foreach (var flight in FlightLines.Of(state))
        {
            yield return flight;
        }
    }

    // That the wing holds is asked by itself, place by place.
    private static Requirement? Outdoors(JobState state, TripItem item) =>
        item.Own is { } own
            ? own.Of(state.Check.Outdoors.GetValueOrDefault(item.Id))
            : item.Id switch
            {
                "range" => Range(state, false),
                "range-motor" => Range(state, true),
                "taxi" => Taxi(state),
                _ => null,
            };

    /// <summary>Whether it has wheels and a motor to roll by.</summary>
    internal static bool Rolls(SpecSheet sheet) => LampBoard.HasMotor(sheet) && sheet.Geometry.Wheels.Length > 0;

    private static Requirement Run(JobState state, ImmutableArray<CheckCall> calls)
    {
        var run = state.Check.Run;
        var whole = run.Whole.SequenceEqual(calls.Select(c => c.Id));
        return new Requirement(
            new RunId(),
            Concedable.Never,
            run.Broke is not null ? Standing.NotMet
                : whole ? Standing.Met
                : Standing.NotShown,
            new RunFacts(calls, run, whole)
        )
        {
            Evidence = run.Broke is null && whole ? run.WholeEvidence : run.BrokeEvidence,
            RestsOn = run.Broke is null ? CallOut.RestsOn(state.Sheet) : null,
        };
    }

    private static Requirement Of(JobState state, CheckAsk ask)
    {
        var shown = state.Check.Asks.GetValueOrDefault(ask.Id);
        return new Requirement(
            new CheckAskId(ask.Id),
            ask.IsVital ? Concedable.Never : Concedable.ByLead,
            Requirement.Stands(shown is null ? null : ask.IsSo(shown.Right, shown.Measured)),
            new AskFacts(ask, shown)
        )
        {
            Evidence = shown?.Evidence,
            RestsOn = ask.RestsOn,
        };
    }

    private static Requirement FullPower(JobState state)
    {
        var limits = PowerLimits.Of(state);
        var run = state.Check.PowerRun?.Run;
        PowerLimit[] over = run is null ? [] : [.. limits.Where(l => !l.Holds(run))];
        ImmutableArray<string> unlike = run is null ? [] : PowerLimits.Unlike(state.Sheet, run);
        return new Requirement(
            new PowerRunId(),
            Concedable.ByLead,
            Requirement.Stands(run is null ? null : over.Length == 0 && unlike.IsEmpty),
            new PowerFacts(limits, run, over, unlike)
        )
        {
            Evidence = state.Check.PowerRun?.Evidence,
            RestsOn = Rests
                .On([.. state.Sheet.Power.Motors.Select(m => DisturbanceMatrix.Fit($"motor-{m.Id}"))])
                .And([
                    new Setting(SettingKind.Pack),
                    .. state.Sheet.Power.Motors.Select(m => SheetValues.OfTurning(m.Id)),
                ]),
        };
    }

    private static Requirement Range(JobState state, bool motor)
    {
        var shown = motor ? state.Check.RangeWithMotor : state.Check.Range;
        var far = RangeHeld.Far(state.Sheet);
        return new Requirement(
            new RangeId(motor),
            motor ? Concedable.ByLead : Concedable.Never,
            Requirement.Stands(shown is null ? null : shown.Held.Holds && Numbers.Round(shown.Held.Metres - far) >= 0),
            new RangeFacts(motor, far, state.Sheet.Radio.RangeCheck is null, shown?.Held)
        )
        {
            Evidence = shown?.Evidence,
            RestsOn = Rests
                .On(new Aspect(AspectKind.Range))
                .And([
                    .. RadioSettings.Link,
                    .. state.Aboard.AddOns.Select(a => new Setting(SettingKind.Payload, a.Name)),
                ]),
        };
    }

    private static Requirement Taxi(JobState state) =>
        new(
            new TaxiId(),
            Concedable.ByLead,
            Requirement.Stands(state.Check.Taxi?.Taxied.Right),
            new TaxiFacts(state.Check.Taxi?.Taxied)
        )
        {
            Evidence = state.Check.Taxi?.Evidence,
            RestsOn = Rests.On([
                .. state.Sheet.Geometry.Wheels.Select(
                    (_, i) => DisturbanceMatrix.Fit(state.Sheet.Geometry.WheelPart(i))
                ),
            ]),
        };

    private sealed record RunFacts(ImmutableArray<CheckCall> Calls, RunState State, bool Whole) : LineFacts
    {
        public override LineWords Words(JobState state)
        {
            var broke = State.Broke is { } b ? Calls.FirstOrDefault(c => c.Id == b.Call) : null;
            return new LineWords(
                "Unbroken run of every call",
                $"{Calls.Length} calls",
                "",
                State.Broke is { } wrong ? wrong.Words
                    : State.Done > 0 ? $"{State.Done} of {Calls.Length}"
                    : Whole ? $"{Calls.Length} as expected"
                    : "",
                broke is not null
                        ? $"Broken at {broke.Call.ToLowerInvariant()}, {State.Broke!.Words}: mend it, then all are "
                            + "called again."
                    : State.Broke is not null ? "Broken: all are called again."
                    : State.Done > 0 ? $"Next: {Calls[Math.Min(State.Done, Calls.Length - 1)].Call}."
                    : Whole ? "One after the other, in one look."
                    : "Not called out yet."
            );
        }
    }

    private sealed record AskFacts(CheckAsk Ask, CheckShown? Shown) : LineFacts
    {
        public override LineWords Words(JobState state) =>
            new(
                Ask.Words,
                Ask.Gauge?.Limits ?? "",
                "",
                Shown switch
                {
                    null => "",
                    { Note.Length: > 0 } => Shown.Note,
                    { Measured.Length: > 0 } => string.Join(" and ", Shown.Measured.Select(m => m.Text)),
                    { Right: true } => "yes",
                    _ => "no",
                },
                Shown is null ? "Not looked at yet."
                    : Ask.IsSo(Shown.Right, Shown.Measured) ? Ask.Why
                    : Ask.Judge(Shown.Measured) is { Right: false, Words.Length: > 0 } gauged ? gauged.Words
                    : Ask.Mend
            );
    }

    private sealed record PowerFacts(
        ImmutableArray<PowerLimit> Limits,
        PowerRun? Run,
        PowerLimit[] Over,
        ImmutableArray<string> Unlike
    ) : LineFacts
    {
        public override LineWords Words(JobState state) =>
            new(
                "Full-power run",
                string.Join("; ", Tightest.Select(l => $"{(l.IsAmps ? "at most" : "at least")} {l.Words}")),
                "",
                Run?.Words ?? "",
                Run is null ? "Not run yet."
                    : Over.Length == 0 && Unlike.IsEmpty ? "Held, read off at full stick."
                    : Over.Length == 0
                        ? $"{Texts.Capital(string.Join("; ", Unlike))}: its propeller, its wires, its controller's "
                            + "travel; then run again."
                    : $"Not within {string.Join(", nor within ", Over.Select(l => l.Words))}: a smaller propeller, "
                        + "or what carries more."
            );

        // Of amperes the least that anything allows, and volts.
        private IEnumerable<PowerLimit> Tightest =>
            Limits.Where(l => l.IsAmps && l.Motor.Length == 0).Take(1).Concat(Limits.Where(l => !l.IsAmps));
    }

    private sealed record RangeFacts(bool Motor, double Far, bool ByShop, RangeHeld? Held) : LineFacts
    {
        public override IEnumerable<string> SheetPaths => [$"$.{RadioFields.RangeCheck.Name}"];

        public override LineWords Words(JobState state) =>
            new(
                Motor ? "Range, motor running" : "Range, motor off",
                $"{Numbers.Say(Far)} m, power reduced{(ByShop ? ", the shop's distance" : "")}",
                "",
                Held?.Words ?? "",
                Held is null ? "Not walked yet."
                    : !Held.Holds ? "Walk back, pack off first; then aerials, leads, the receiver's place."
                    : Held.Metres < Far ? $"Too near: {Numbers.Say(Far)} m."
                    : "Every surface followed at once."
            );
    }

    private sealed record TaxiFacts(Taxied? Taxied) : LineFacts
    {
        public override LineWords Words(JobState state) =>
            new(
                "Taxi",
                "straight, steers, stops",
                "",
                Taxied?.Words ?? "",
                Taxied is null ? "Not rolled yet."
                    : Taxied.Right ? "Rolled under its own power."
                    : "Wheels, collars and steering again, then taxi again."
            );
    }
}
