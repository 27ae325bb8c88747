using Zygotome.Core.Journal;
using Zygotome.Core.Safety;

namespace Zygotome.Core.Bind;

/// <summary>A switch was put to one of its positions, and all that it does there was looked at.</summary>
/// <param name="Switch">As it is marked on the transmitter.</param>
/// <param name="AsExpected">Everything stands as the table says; else <paramref name="Instead"/> says what did
/// not.</param>
public sealed record SwitchTried(string Switch, SwitchAt At, bool AsExpected, string Instead = "") : EntryBody, IPowered
{
    public PowerState Needs(JobState state) => PowerState.Powered;

    public override Refusal? Admit(JobState state, Entry entry) =>
        SwitchTable.Wholes(state).All(w => w.Switch != Switch || w.At != At)
            ? new Refusal(
                "bind/switch-tried",
                $"Nothing is tried as a whole at {Switch}, {BindWords.Of(At)}.",
                "body.switch"
            )
        : state.Bind.Bound is null ? new Refusal("bind/not-bound", "Bind first; switches are tried afterwards.")
        : AsExpected ? null
        : Texts.Reason(Instead, "body.instead", "Say what did not stand as the table says.");

    public override JobState Apply(JobState state, Entry entry)
    {
        var key = new SwitchWholeId(Switch, At).Written;
        return state.With(
            state.Bind with
            {
                Tried = state.Bind.Tried.SetItem(
                    key,
                    new TriedShown(
                        AsExpected,
                        Instead.Trim(),
                        Evidence.Of(entry, state.Bind.Tried.GetValueOrDefault(key)?.Evidence.Attempt + 1 ?? 1)
                    )
                ),
            }
        );
    }

    public override IEnumerable<string> Shows() => [new SwitchWholeId(Switch, At).Written];

    public override string Say(JobState state) =>
        $"{Texts.Capital(Switch)}, {BindWords.Of(At)}: {(AsExpected ? "as the table says" : Instead.Trim())}";
}

/// <summary>What was seen where all is as it should be, or what instead.</summary>
public sealed record TriedShown(bool AsExpected, string Instead, Evidence Evidence);
