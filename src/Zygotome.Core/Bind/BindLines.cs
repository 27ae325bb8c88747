using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Bind;

/// <summary>
/// Bind, failsafe and directions, as the ledger asks for them, and how each is said. Wrong directions and a motor that
/// can start are never conceded.
/// </summary>
internal static class BindLines
{
    public static IEnumerable<Requirement> Of(JobState state)
    {
        yield return Bound(state);
        foreach (var act in BindActLines.Of(state))
        {
            yield return act;
        }

        yield return Failsafe(state);
        // An assumed one is a line of the radio's assumed values.
        if (state.Sheet.Radio.Failsafe.Undisputed is null)
        {
            yield return new Requirement(
                new FailsafeStatedId(),
                Concedable.Never,
                Standing.NotShown,
                new FailsafeNotStated(state.Sheet.Radio.Failsafe)
            );
        }

        foreach (var call in Directions.Calls(state.Sheet))
        {
            yield return Of(state, call);
        }

        foreach (var motor in state.Sheet.Power.Motors)
        {
            yield return Of(state, motor);
        }

        foreach (var call in OutputCalls.Of(state.Sheet))
        {
            yield return Of(state, call);
        }

        foreach (var output in UnknownOutputs.Of(state.Sheet))
        {
            yield return Of(state, output);
        }

        foreach (
            var line in StabiliserLines
                .Of(state)
                .Concat(SwitchLines.Of(state))
                .Concat(TravelLines.Of(state))
                .Concat(CardLines.Of(state))
        )
        {
            yield return line;
        }
    }

    private static Requirement Bound(JobState state) =>
        new(
            new BoundId(),
            Concedable.ByLead,
            state.Bind.Bound is null ? Standing.NotShown : Standing.Met,
            new BoundFacts(state.Bind.Bound)
        )
        {
            Evidence = state.Bind.BoundEvidence,
            RestsOn = Rests
                .On(new Aspect(AspectKind.Bind))
                .And(new Setting(SettingKind.Transmitter), new Setting(SettingKind.Receiver)),
        };

    private static Requirement Failsafe(JobState state)
    {
        var seen = state.Bind.Failsafe;
        return new Requirement(
            new FailsafeId(),
            seen == FailsafeBehaviour.SurfacesDiffer ? Concedable.ByLead : Concedable.Never,
            seen switch
            {
                null => Standing.NotShown,
                FailsafeBehaviour.AsDeclared => Standing.Met,
                _ => Standing.NotMet,
            },
            new FailsafeFacts(state.Sheet.Radio.Failsafe.Likely ?? RadioSpec.Unstated, seen)
        )
        {
            Evidence = state.Bind.FailsafeEvidence,
            RestsOn = Rests
                .On(new Aspect(AspectKind.Failsafe))
                .And([
                    .. RadioSettings.Link,
                    .. RadioSettings.Reverses(state.Sheet),
                    .. RadioSettings.Answers(Schools.Wiring),
                    new Setting(SettingKind.ThrottleCut),
                    SheetValues.OfFailsafe,
                ]),
        };
    }

    private static Requirement Of(JobState state, MotorSpec motor)
    {
        var shown = state.Bind.Motors.GetValueOrDefault(motor.Id);
        return new Requirement(
            new MotorDirectionId(motor.Id),
            Concedable.Never,
            Requirement.Stands(shown is null ? null : shown.Turned == MotorTurn.AsItShould),
            new MotorFacts(motor, shown?.Turned)
        )
        {
            Evidence = shown?.Evidence,
            RestsOn = Rests.On(DisturbanceMatrix.Motor(motor)).And(SheetValues.OfTurning(motor.Id)),
        };
    }

    private static Requirement Of(JobState state, OutputCall call)
    {
        var id = new OutputId(call.Of, call.At);
        var shown = state.Bind.Outputs.GetValueOrDefault(id.Written);
        return new Requirement(
            id,
            call.IsVital ? Concedable.Never : Concedable.ByLead,
            Requirement.Stands(shown?.IsShown(call)),
            new OutputFacts(call, shown)
        )
        {
            Evidence = shown?.Evidence,
            RestsOn = CallRests.Of(state.Sheet, call),
        };
    }

    private static Requirement Of(JobState state, UnknownOutput output)
    {
        var shown = state.Bind.Called.GetValueOrDefault(output.Id);
        return new Requirement(
            new CalledId(output.Id),
            Concedable.Never,
            Requirement.Stands(shown?.AsItShould),
            new CalledFacts(output, shown)
        )
        {
            Evidence = shown?.Evidence,
            RestsOn = UnknownOutputs.RestsOn(state.Sheet, output),
        };
    }

    private static Requirement Of(JobState state, DirectionCall call)
    {
        var shown = state.Bind.Directions.GetValueOrDefault(call.Function);
        return new Requirement(
            new DirectionId(call.Function),
            Concedable.Never,
            Requirement.Stands(shown is null ? null : Directions.AreRight(state.Sheet, call, shown.Seen)),
            new DirectionFacts(call, shown?.Seen)
        )
        {
            Evidence = shown?.Evidence,
            RestsOn = RestsOn(state.Sheet, call),
        };
    }

    internal static Rests RestsOn(SpecSheet sheet, DirectionCall call) =>
        CallRests.Of(sheet, call.Function, call.Expected.Select(e => e.Surface));

    private static Movement Seen(IReadOnlyDictionary<string, Movement> seen, Expected of) =>
        seen.GetValueOrDefault(of.Surface.Id, Movement.None);

    private sealed record BoundFacts(Bound? Bound) : LineFacts
    {
        public override LineWords Words(JobState state) =>
            new(
                "Bound, model memory recorded",
                "",
                "",
                Bound is null ? "" : $"{Bound.ModelMemory}, mode {Bound.Mode}",
                Bound is null ? "Not bound yet." : "Bound."
            );
    }

    private sealed record FailsafeFacts(string Declared, FailsafeBehaviour? Seen) : LineFacts
    {
        public override LineWords Words(JobState state) =>
            new(
                "Failsafe",
                Declared,
                "",
                Seen is { } seen ? BindWords.Of(seen) : "",
                Seen switch
                {
                    null => "Not shown yet.",
                    FailsafeBehaviour.MotorRuns => "A motor that can start in failsafe is never conceded.",
                    FailsafeBehaviour.SurfacesHardOver => "Surfaces that go hard over in failsafe are never conceded.",
                    _ => "Seen with the transmitter switched off.",
                }
            );
    }

    private sealed record FailsafeNotStated(Printed<string> Said) : LineFacts
    {
        public override LineWords Words(JobState state) =>
            new(
                "What the failsafe does",
                "",
                "",
                "",
                Said is Printed<string>.NotStated
                    ? "The sheet does not say what happens when the signal is lost; a mended revision does."
                    : $"{Said.Why(words => words)} A mended revision says what happens when the signal is lost."
            );
    }

    private sealed record MotorFacts(MotorSpec Motor, MotorTurn? Turned) : LineFacts
    {
        public override LineWords Words(JobState state) =>
            new(
                state.Sheet.Power.Motors.Length == 1 ? "Direction of the motor" : $"Direction of motor {Motor.Id}",
                MotorTurned.Expected(Motor),
                "",
                Turned is { } turned ? MotorTurned.Words(turned) : "",
                Turned switch
                {
                    null => Motor.IsFan ? "Not seen yet: by its airflow." : "Not seen yet: by tape on the bare shaft.",
                    MotorTurn.AsItShould => Motor.IsFan ? "Seen by its airflow." : "Seen by tape on the bare shaft.",
                    MotorTurn.TheOtherWay => "Swap two of its wires, or reverse it in the controller; then look again.",
                    _ => "Look at its wires, the controller and the arming; then look again.",
                }
            );
    }

    private sealed record OutputFacts(OutputCall Call, OutputShown? Shown) : LineFacts
    {
        public override LineWords Words(JobState state) =>
            new(
                Call.IsPosition ? Call.Name : $"{Call.Name}: {Call.Call.ToLowerInvariant()}",
                Call.Note.Length > 0 ? $"{Call.Expected}; {Call.Note}" : Call.Expected,
                Call.Page,
                Shown is null
                    ? ""
                    : OutputShown.Words(Shown.Answer, Shown.Seen)
                        + (Shown.Seconds is { } s ? $", {Numbers.Say(s)} s" : ""),
                Shown?.Answer switch
                {
                    null => "Not called yet.",
                    OutputAnswer.AsExpected when Call.Takes is { } takes => Shown.Timed(Call) is { } timed
                        ? timed.Releases
                            ? "Called, and seen as expected, in its time."
                            : timed.OutBy.Length > 0
                                ? $"{Texts.Capital(timed.OutBy)}: {takes} is asked. Set its speed, then time it again."
                                : $"{timed.Hint} {takes} is asked."
                        : $"Seen as expected, not timed yet: {takes} from the switch until it stands.",
                    OutputAnswer.AsExpected => "Called, and seen as expected.",
                    _ when Advised(state) is { Length: > 0 } line => $"{line}.",
                    OutputAnswer.DidNothing =>
                        "It did nothing: its plug, half of a Y-lead, the outlet of a board, or what holds it back.",
                    _ when Call.Picture.IsEmpty && Call.Motors.Length > 1 =>
                        "Turn the mix of the throttles round, or change their two plugs over; then call it again.",
                    _ when Call.TurnsMotors => "Look at the mix, and which motor is plugged where; then call it again.",
                    _ => "Look at its channel's reversing, its arm and its plug; then call it again.",
                }
            );

        // What the signs of everything on its channel say.
        private string Advised(JobState state) =>
            !Call.IsPosition && DirectionAsks.About(state, Call.Function) is { } advice ? advice.Line : "";
    }

    private sealed record CalledFacts(UnknownOutput Output, CalledShown? Shown) : LineFacts
    {
        public override LineWords Words(JobState state) =>
            new(
                Output.Text,
                "seen to do what it should",
                "",
                Shown?.Seen ?? "",
                Shown switch
                {
                    null => $"{Output.Why} Call it, and say what it was seen to do.",
                    { AsItShould: true } => $"{Output.Why} Called, and seen.",
                    _ => $"{Output.Why} It does not do what it should.",
                }
            );
    }

    /// <param name="Saw">Which way each surface went, by its id; null while nobody looked.</param>
    private sealed record DirectionFacts(DirectionCall Call, ImmutableSortedDictionary<string, Movement>? Saw)
        : LineFacts
    {
        public override LineWords Words(JobState state) =>
            new(
                $"Direction of {Call.Function}",
                BindWords.Moves(Call.Expected, e => e.Movement),
                "",
                Saw is null ? "" : BindWords.Moves(Call.Expected, e => Seen(Saw, e)) + Also(state, Saw, Call),
                Saw is null ? "Not answered yet."
                    : Directions.AreRight(state.Sheet, Call, Saw) ? "As the picture shows."
                    : Awake(state, Saw, Call) is { Length: > 0 } awake ? awake
                    : DirectionAsks.About(state, Call.Function) is { Line.Length: > 0 } advice ? $"{advice.Line}."
                    : "Call it again."
            );

        // Only what the stabiliser lets go along moved besides: that is no fault of plugs or mixes.
        private static string Awake(
            JobState state,
            ImmutableSortedDictionary<string, Movement> saw,
            DirectionCall call
        ) =>
            Directions.Besides(state.Sheet, call, saw).Select(e => e.Surface).ToArray() is { Length: > 0 } also
            && also.All(StabiliserCalls.GoAlong(state.Sheet, call.Function).Contains)
                ? "What went along goes along only while the stabiliser corrects: it is awake. Switch it off, see its "
                    + "sign, then call again."
                : "";

        private static string Also(
            JobState state,
            ImmutableSortedDictionary<string, Movement> saw,
            DirectionCall call
        ) =>
            string.Concat(
                Directions
                    .Besides(state.Sheet, call, saw)
                    .Select(a => $", and {a.Surface.Name.ToLowerInvariant()} {BindWords.Of(a.Movement)}")
            );
    }
}
