using Zygotome.Core.Journal;
using Zygotome.Core.Safety;

namespace Zygotome.Core.Bind;

/// <summary>The stabiliser was switched to one of its modes, and somebody looked by what it shows that.</summary>
/// <param name="AsExpected">The mode's sign was seen; else <paramref name="Instead"/> says what was.</param>
public sealed record ModeSeen(string Mode, bool AsExpected, string Instead = "") : EntryBody, IPowered
{
    public PowerState Needs(JobState state) => PowerState.Powered;

    public override Refusal? Admit(JobState state, Entry entry) =>
        !StabiliserModes.Of(state.Sheet).Contains(Mode)
            ? new Refusal(
                "bind/stabiliser-mode",
                $"The stabiliser has no mode \"{Mode}\"; it has "
                    + $"{string.Join(", ", StabiliserModes.Of(state.Sheet))}.",
                "body.mode"
            )
        : AsExpected ? null
        : Texts.Reason(Instead, "body.instead", "Say what was seen instead.");

    public override JobState Apply(JobState state, Entry entry) =>
        state.With(
            state.Bind with
            {
                Stabiliser = state.Bind.Stabiliser with
                {
                    Modes = state.Bind.Stabiliser.Modes.SetItem(
                        Mode,
                        new ModeShown(
                            AsExpected,
                            Instead.Trim(),
                            Evidence.Of(
                                entry,
                                state.Bind.Stabiliser.Modes.GetValueOrDefault(Mode)?.Evidence.Attempt + 1 ?? 1
                            )
                        )
                    ),
                },
            }
        );

    public override IEnumerable<string> Shows() => [new StabiliserModeId(Mode).Written];

    public override string Say(JobState state) =>
        $"Stabiliser, mode {Mode}: {(AsExpected ? StabiliserModes.Sign(state.Sheet, Mode) : Instead.Trim())}";
}

/// <summary>What was seen of a mode.</summary>
public sealed record ModeShown(bool AsExpected, string Instead, Evidence Evidence);
