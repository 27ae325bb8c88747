using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Safety;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Bind;

public static class BindEntries
{
    public static IReadOnlyList<EntryKind> Kinds { get; } =
    [
        EntryKind.Of<Bound>("bind/bound", Posters.Bench),
        EntryKind.Of<FailsafeSeen>("bind/failsafe", Posters.Bench) with
        {
            Withdrawable = true,
        },
        EntryKind.Of<DirectionSeen>("bind/direction", Posters.Bench) with
        {
            Withdrawable = true,
        },
        EntryKind.Of<Reversed>("bind/reversed", Posters.Bench) with
        {
            Retractable = false,
        },
        EntryKind.Of<CalledSeen>("bind/called", Posters.Bench) with
        {
            Withdrawable = true,
        },
        EntryKind.Of<RadioSet>("bind/set", Posters.Bench) with
        {
            Retractable = false,
        },
        EntryKind.Of<MotorWiresChanged>("bind/motor-wires", Posters.Bench) with
        {
            Retractable = false,
        },
        EntryKind.Of<MotorTurned>("bind/motor-turned", Posters.Bench) with
        {
            Withdrawable = true,
        },
        EntryKind.Of<ActOpened>("bind/act-opened", Posters.Bench) with
        {
            Retractable = false,
        },
        EntryKind.Of<ActEnded>("bind/act-ended", Posters.Bench) with
        {
            Retractable = false,
        },
    ];
}

/// <summary>Transmitter and receiver are bound: which model memory, which mode.</summary>
/// <param name="Mode">Stick mode 1 to 4 of the owner's transmitter.</param>
/// <param name="Method">How, as the sheet lists it: button, plug.</param>
public sealed record Bound(string ModelMemory, int Mode, string Method) : EntryBody, IPowered
{
    public PowerState Needs(JobState state) => PowerState.Powered;

    public override Refusal? Admit(JobState state, Entry entry) =>
        Texts.Reason(ModelMemory, "body.modelMemory", "Say which model memory was bound.")
        ?? Texts.Fits(ModelMemory, "body.modelMemory", 60)
        ?? (
            Mode is < 1 or > 4 ? new Refusal("bind/mode", $"Mode {Mode} does not exist; 1 to 4 do.", "body.mode") : null
        )
        ?? (
            state.Sheet.Radio.BindMethods.Length > 0 && !state.Sheet.Radio.BindMethods.Contains(Method)
                ? new Refusal(
                    "bind/method",
                    $"The sheet binds by {string.Join(" or ", state.Sheet.Radio.BindMethods)}.",
                    "body.method"
                )
                : null
        );

    // The receiver stores its failsafe anew at each binding; what else was shown rests on the memory it was shown with.
    public override JobState Apply(JobState state, Entry entry) =>
        state
            .With(
                state.Bind with
                {
                    Bound = this,
                    BoundEvidence = Evidence.Of(entry, state.Bind.BoundEvidence?.Attempt + 1 ?? 1),
                }
            )
            .Set(entry, new Setting(SettingKind.Memory), ModelMemory.Trim())
            .Disturb(entry, $"Bound to \"{ModelMemory.Trim()}\"", DisturbanceMatrix.Bound);

    public override IEnumerable<string> Shows() => ["bind/bound"];

    public override string Say(JobState state) => $"Bound to \"{ModelMemory}\", mode {Mode}";
}

/// <summary>What the motor and surfaces did when the transmitter was switched off.</summary>
public enum FailsafeBehaviour
{
    /// <summary>As the sheet declares.</summary>
    AsDeclared,

    /// <summary>The motor keeps its last setting or starts.</summary>
    MotorRuns,

    /// <summary>The motor stops, but surfaces do something else than declared.</summary>
    SurfacesDiffer,

    /// <summary>A surface goes as far as it can and stays there.</summary>
    SurfacesHardOver,
}

/// <summary>Seen within the failsafe look: the transmitter switched off, the pack still connected.</summary>
public sealed record FailsafeSeen(FailsafeBehaviour Behaviour, string Note = "") : EntryBody, IPowered
{
    public PowerState Needs(JobState state) => PowerState.Of(PoweredAct.Failsafe);

    public override Refusal? Admit(JobState state, Entry entry) =>
        Texts.Fits(Note, "body.note")
        ?? (
            state.Bind.Bound is null
                ? new Refusal("bind/not-bound", "Bind first; failsafe is proven afterwards.")
                : null
        );

    // The look is over with it: transmitter on and cut set come next.
    public override JobState Apply(JobState state, Entry entry) =>
        state
            .With(state.Safety.Act?.Act == PoweredAct.Failsafe ? state.Safety.End(state.Sheet) : state.Safety)
            .With(
                state.Bind with
                {
                    Failsafe = Behaviour,
                    FailsafeEvidence = Evidence.Of(entry, state.Bind.FailsafeEvidence?.Attempt + 1 ?? 1),
                }
            );

    public override IEnumerable<string> Shows() => ["bind/failsafe"];

    public override string Say(JobState state) => $"Failsafe: {BindRequirements.Words(Behaviour)}";
}

/// <summary>What one surface did.</summary>
public sealed record Seen(string Surface, Movement Moved);

/// <summary>One function called out, every surface of it answered.</summary>
public sealed record DirectionSeen(string Function, ImmutableArray<Seen> Seen) : EntryBody, IPowered
{
    public PowerState Needs(JobState state) => PowerState.Measured;

    public override Refusal? Admit(JobState state, Entry entry)
    {
        var call = Directions.Calls(state.Sheet).FirstOrDefault(c => c.Function == Function);
        if (call is null)
        {
            return new Refusal(
                "bind/function",
                $"Nothing on this aircraft is moved by \"{Function}\".",
                "body.function"
            );
        }

        if (
            Seen.Select(s => s.Surface).Distinct().Count() != Seen.Length
            || !call.Expected.Select(e => e.Surface.Id).ToHashSet().SetEquals(Seen.Select(s => s.Surface))
        )
        {
            return new Refusal(
                "bind/surfaces",
                $"Answer for each of {string.Join(", ", call.Expected.Select(e => e.Surface.Id))}, once.",
                "body.seen"
            );
        }

        return state.Bind.Bound is null
            ? new Refusal("bind/not-bound", "Bind first; directions are answered afterwards.")
            : null;
    }

    public override JobState Apply(JobState state, Entry entry)
    {
        var attempt = state.Bind.Directions.TryGetValue(Function, out var before) ? before.Evidence.Attempt + 1 : 1;
        var seen = Seen.DistinctBy(s => s.Surface).ToImmutableDictionary(s => s.Surface, s => s.Moved);
        return state.With(
            state.Bind with
            {
                Directions = state.Bind.Directions.SetItem(
                    Function,
                    new DirectionShown(seen, Evidence.Of(entry, attempt))
                ),
            }
        );
    }

    public override IEnumerable<string> Shows() => [$"direction/{Function}"];

    public override string Say(JobState state) => $"Directions of {Function} answered";
}

/// <summary>A channel was reversed in the radio: throttle too. Twice is as it was.</summary>
/// <param name="Function">A channel by the sheet's name for it, or a function that moves surfaces.</param>
public sealed record Reversed(string Function) : EntryBody
{
    public const string Normal = "normal",
        Turned = "reversed";

    public override Refusal? Admit(JobState state, Entry entry) =>
        RadioSettings.Channels(state.Sheet).Contains(Function)
            ? null
            : new Refusal(
                "bind/function",
                $"The radio of this aircraft has no channel \"{Function}\"; it has "
                    + $"{string.Join(", ", RadioSettings.Channels(state.Sheet))}.",
                "body.function"
            );

    public override JobState Apply(JobState state, Entry entry)
    {
        var channel = new Setting(SettingKind.Reverse, Function);
        return state.Set(entry, channel, state.Settings.Of(channel) == Turned ? Normal : Turned);
    }

    public override string Say(JobState state) => $"{Function} channel reversed";
}
