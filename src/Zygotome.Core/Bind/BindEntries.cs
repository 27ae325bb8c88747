using Zygotome.Core.Journal;
using Zygotome.Core.Safety;

namespace Zygotome.Core.Bind;

/// <summary>What may be recorded of radio and directions.</summary>
public static class BindEntries
{
    public static IReadOnlyList<EntryKind> Kinds { get; } =
    [
        EntryKind.Of<Bound>("bind/bound", Posters.Bench),
        EntryKind.Of<BindFailed>("bind/failed", Posters.Bench) with
        {
            Retractable = false,
        },
        EntryKind.Of<MemorySeen>("bind/memory", Posters.Bench) with
        {
            Withdrawable = true,
        },
        EntryKind.Of<CutProven>("bind/cut-proven", Posters.Bench) with
        {
            Withdrawable = true,
        },
        EntryKind.Of<ControllerSet>("bind/controller", Posters.Bench) with
        {
            Withdrawable = true,
        },
        EntryKind.Of<PlugsSwapped>("bind/plugs-swapped", Posters.Bench) with
        {
            Retractable = false,
        },
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
        EntryKind.Of<OutputSeen>("bind/output", Posters.Bench) with
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
        EntryKind.Of<StabiliserSeen>("bind/stabiliser", Posters.Bench) with
        {
            Withdrawable = true,
        },
        EntryKind.Of<Aligned>("bind/aligned", Posters.Bench) with
        {
            Retractable = false,
        },
        EntryKind.Of<StabiliserTold>("bind/stabiliser-told", Posters.Bench) with
        {
            Retractable = false,
        },
        EntryKind.Of<ModeSeen>("bind/stabiliser-mode", Posters.Bench) with
        {
            Withdrawable = true,
        },
        EntryKind.Of<StabiliserReversed>("bind/stabiliser-reversed", Posters.Bench) with
        {
            Retractable = false,
        },
        EntryKind.Of<SwitchSet>("bind/switch", Posters.Bench) with
        {
            Retractable = false,
        },
        EntryKind.Of<SwitchTried>("bind/switch-tried", Posters.Bench) with
        {
            Withdrawable = true,
        },
        EntryKind.Of<EndsHeard>("bind/ends", Posters.Bench) with
        {
            Withdrawable = true,
        },
        EntryKind.Of<Cycled>("bind/cycled", Posters.Bench) with
        {
            Retractable = false,
        },
        EntryKind.Of<AlarmHeard>("bind/alarm", Posters.Bench) with
        {
            Withdrawable = true,
        },
        EntryKind.Of<Keyed>("bind/keyed", Posters.Bench) with
        {
            Retractable = false,
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
