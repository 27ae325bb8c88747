using System.Collections.Immutable;
using Zygotome.Core.Journal;

namespace Zygotome.Core.Bind;

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
