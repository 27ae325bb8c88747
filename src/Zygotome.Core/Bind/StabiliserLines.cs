using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Table;

namespace Zygotome.Core.Bind;

/// <summary>
/// What the ledger asks of a stabiliser: awake, told of what is wired, every answer the right way, every mode by its
/// sign. One that corrects the wrong way, or that nobody saw correct, is never conceded.
/// </summary>
internal static class StabiliserLines
{
    public static IEnumerable<Requirement> Of(JobState state)
    {
        if (state.Sheet.Radio.Stabiliser.Likely != true)
        {
            yield break;
        }

        if (IsShownWithout(state))
        {
            foreach (var call in Directions.Calls(state.Sheet))
            {
                yield return Without(state, call);
            }
        }

        yield return Awake(state);
        yield return Count(state);
        foreach (var call in StabiliserCalls.Of(state.Sheet))
        {
            yield return Of(state, call);
        }

        foreach (var mode in StabiliserModes.Of(state.Sheet))
        {
            yield return Of(state, mode);
        }
    }

    /// <summary>
    /// Directions are shown twice: one is in line, and the way chosen is to prove the servos without it first.
    /// </summary>
    internal static bool IsShownWithout(JobState state) =>
        state.Sheet.Radio.Stabiliser.Likely == true
        && state.Sheet.Radio.Get(RadioFields.Sits) == RadioFields.InLine
        && state.School(Schools.Stabiliser) == "proven-without";

    // Putting it in line moves the plugs, and what was shown without it stays shown.
    private static Requirement Without(JobState state, DirectionCall call)
    {
        var shown = state.Bind.Stabiliser.Without.GetValueOrDefault(call.Function);
        return new Requirement(
            new WithoutId(call.Function),
            Concedable.ByLead,
            Requirement.Stands(shown is null ? null : Directions.AreRight(state.Sheet, call, shown.Seen)),
            new WithoutFacts(call, shown)
        )
        {
            Evidence = shown?.Evidence,
            RestsOn = Rests
                .On()
                .And([
                    .. RadioSettings.Link,
                    .. call.Expected.SelectMany(e => RadioSettings.Reverses(state.Sheet, e.Surface)).Distinct(),
                ]),
        };
    }

    private static Requirement Awake(JobState state)
    {
        var shown = state.Bind.Stabiliser.Aligned;
        return new Requirement(
            new StabiliserAwakeId(),
            Concedable.Never,
            Requirement.Stands(shown?.Sign),
            new AwakeFacts(shown)
        )
        {
            Evidence = shown?.Evidence,
            RestsOn = Rests.On().And(RadioSettings.Link),
        };
    }

    private static Requirement Count(JobState state)
    {
        var shown = state.Bind.Stabiliser.Told;
        return new Requirement(
            new StabiliserCountId(),
            Concedable.Never,
            Requirement.Stands(shown is null ? null : Otherwise(state).IsEmpty),
            new CountFacts(shown)
        )
        {
            Evidence = shown?.Evidence,
            RestsOn = Rests.On().And([new Setting(SettingKind.Receiver), new Setting(SettingKind.SurfaceCount)]),
        };
    }

    /// <summary>Where what it was told is not what is wired.</summary>
    internal static ImmutableArray<(string Command, int Told, int Wired)> Otherwise(JobState state) =>
        state.Bind.Stabiliser.Told is not { } told
            ? []
            :
            [
                .. from axis in StabiliserAxes.Of(state.Sheet)
                let wired = Wired(state, axis.Command)
                where told.Told.GetValueOrDefault(axis.Command) != wired
                select (axis.Command, told.Told.GetValueOrDefault(axis.Command), wired),
            ];

    /// <summary>How many of a command it moves by themselves, as wired.</summary>
    internal static int Wired(JobState state, string command) => state.The<ISignals>().Corrected(state, command);

    private static Requirement Of(JobState state, StabiliserCall call)
    {
        var shown = state.Bind.Stabiliser.Calls.GetValueOrDefault(call.Id);
        return new Requirement(
            new StabiliserCallId(call.Id),
            Concedable.Never,
            Requirement.Stands(
                shown is null ? null : call.Expected.All(e => shown.Seen.GetValueOrDefault(e.Surface.Id) == e.Movement)
            ),
            new CallFacts(call, shown)
        )
        {
            Evidence = shown?.Evidence,
            RestsOn = RestsOn(state.Sheet, call),
        };
    }

    // How strongly it corrects is not which way; another gain is an open loop until it is back.
    internal static Rests RestsOn(SpecSheet sheet, StabiliserCall call) =>
        Rests
            .On([.. call.Expected.Select(e => new Aspect(AspectKind.Direction, e.Surface.Id))])
            .And([
                .. call
                    .Expected.SelectMany(e => e.Surface.Functions)
                    .Distinct()
                    .SelectMany(f => RadioSettings.OfCall(sheet, f, call.Expected.Select(e => e.Surface)))
                    .Where(s => s.Kind != SettingKind.Gain)
                    .Distinct(),
                .. StabiliserAxes.Of(sheet).Select(a => new Setting(SettingKind.Correction, a.Name)),
            ]);

    private static Requirement Of(JobState state, string mode)
    {
        var shown = state.Bind.Stabiliser.Modes.GetValueOrDefault(mode);
        return new Requirement(
            new StabiliserModeId(mode),
            Concedable.Never,
            Requirement.Stands(shown?.AsExpected),
            new ModeFacts(mode, shown)
        )
        {
            Evidence = shown?.Evidence,
            RestsOn = Rests
                .On()
                .And([.. RadioSettings.Link, new Setting(SettingKind.Switch, SwitchUses.StabiliserMode)]),
        };
    }

    private sealed record WithoutFacts(DirectionCall Call, DirectionShown? Shown) : LineFacts
    {
        public override LineWords Words(JobState state) =>
            new(
                $"Direction of {Call.Function}, stabiliser by-passed",
                BindWords.Moves(Call.Expected, e => e.Movement),
                "",
                Shown is null ? "" : BindWords.Moves(Call.Expected, e => Shown.Seen.GetValueOrDefault(e.Surface.Id)),
                Shown is null ? "Not seen yet: by-pass it, as an open loop, its plugs straight in the receiver."
                    : Directions.AreRight(state.Sheet, Call, Shown.Seen) ? "Faults are found one at a time."
                    : "Mend it before the stabiliser goes in line; then call it again."
            );
    }

    private sealed record AwakeFacts(AlignedShown? Shown) : LineFacts
    {
        public override LineWords Words(JobState state)
        {
            var radio = state.Sheet.Radio;
            return new(
                "Stabiliser awake",
                string.Join(
                    ", ",
                    new[]
                    {
                        radio.StillSeconds is { } s ? $"held still {Numbers.Say(s)} s" : "held still",
                        radio.Wake.Length > 0 ? $"woken by {radio.Wake}" : "",
                        radio.Awake.Length > 0 ? radio.Awake : "its sign seen",
                    }.Where(w => w.Length > 0)
                ),
                "",
                Shown is null ? ""
                    : Shown.Sign ? $"still {Numbers.Say(Shown.Seconds)} s"
                    : Shown.Instead,
                Shown?.Sign switch
                {
                    null => "Not seen yet.",
                    true => "Its sign was seen.",
                    _ => "Without its sign it corrects nothing, or what nobody knows: pack off, on again, hands off.",
                }
            );
        }
    }

    private sealed record CountFacts(ToldShown? Shown) : LineFacts
    {
        public override LineWords Words(JobState state) =>
            new(
                "Surfaces the stabiliser is told of",
                $"as wired: {Said(StabiliserAxes.Of(state.Sheet).Select(a => (Wired(state, a.Command), a.Command)))}"
                    + (
                        state.Sheet.Radio.Get(RadioFields.SurfaceCount) is { Length: > 0 } told
                            ? $"; the sheet: {told}"
                            : ""
                    ),
                "",
                Shown is null ? "" : Said(Shown.Told.Select(t => (t.Value, t.Key))),
                Shown is null ? "Not read off it yet."
                    : Otherwise(state) is [var wrong, ..]
                        ? $"Told of {wrong.Told} {wrong.Command}, wired for {wrong.Wired}: set {wrong.Wired} in the "
                            + "stabiliser, or it moves one and holds the other."
                    : "It is told what is wired."
            );

        private static string Said(IEnumerable<(int Count, string Command)> counts) =>
            string.Join(", ", counts.Select(c => $"{c.Count} {c.Command}"));
    }

    private sealed record CallFacts(StabiliserCall Call, StabiliserShown? Shown) : LineFacts
    {
        public override LineWords Words(JobState state) =>
            new(
                Call.Call,
                BindWords.Moves(Call.Expected, e => e.Movement) + (Call.Note.Length > 0 ? $" ({Call.Note})" : ""),
                "",
                Shown is null ? "" : BindWords.Moves(Call.Expected, e => Shown.Seen.GetValueOrDefault(e.Surface.Id)),
                Shown is null ? "Not seen yet." : StabiliserAdvice.Line(state, Call, Shown)
            );
    }

    private sealed record ModeFacts(string Mode, ModeShown? Shown) : LineFacts
    {
        public override LineWords Words(JobState state) =>
            new(
                $"Stabiliser, mode {Mode}",
                StabiliserModes.Sign(state.Sheet, Mode),
                "",
                Shown is null ? ""
                    : Shown.AsExpected ? "as expected"
                    : Shown.Instead,
                Shown?.AsExpected switch
                {
                    null => StabiliserModes.Bound(state.Sheet, Mode) is { Length: > 0 } bound
                        ? $"Not seen yet. Bound by: {bound}."
                        : "Not seen yet.",
                    true => "Told by its sign.",
                    _ =>
                        "Another mode than the switch says: look at the switch, and how it was bound; then look again.",
                }
            );
    }
}
