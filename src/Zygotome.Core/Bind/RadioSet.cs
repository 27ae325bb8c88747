using Zygotome.Core.Journal;

namespace Zygotome.Core.Bind;

/// <summary>What is set in radio or stabiliser beside travel, trim and reversing.</summary>
public enum RadioSetting
{
    /// <summary>What is mixed into a function.</summary>
    Mix,

    /// <summary>How soft a function is around the middle.</summary>
    Expo,

    ThrottleCut,
    StabiliserGain,
    SurfaceCount,
}

/// <summary>Something in the radio or stabiliser was set.</summary>
/// <param name="Function">The function that is mixed into or softened; all of them when empty.</param>
/// <param name="Value">To what; another one than before when it is not said.</param>
public sealed record RadioSet(RadioSetting Setting, string Function = "", string Value = "") : EntryBody
{
    private bool OfFunction => Setting is RadioSetting.Mix or RadioSetting.Expo;

    public override Refusal? Admit(JobState state, Entry entry) =>
        Function.Length > 0 && !(OfFunction && Functions(state).Contains(Function))
            ? new Refusal(
                "bind/function",
                OfFunction
                    ? $"Nothing on this aircraft is moved by \"{Function}\"; {string.Join(", ", Functions(state))} are."
                    : $"{Texts.Capital(Words(Setting))} is not set for one function.",
                "body.function"
            )
            : Texts.Fits(Value, "body.value", 80);

    public override JobState Apply(JobState state, Entry entry) =>
        (OfFunction && Function.Length == 0 ? Functions(state) : [Function]).Aggregate(
            state,
            (s, function) => s.Set(entry, new Setting(Kind, function), Value.Trim())
        );

    public override string Say(JobState state) =>
        $"{Texts.Capital(Words(Setting))}{(Function.Length > 0 ? $" of {Function}" : "")}"
        + (Value.Length > 0 ? $" set to {Value.Trim()}" : " changed");

    private static IEnumerable<string> Functions(JobState state) =>
        state.Sheet.Surfaces.SelectMany(s => s.Functions).Distinct();

    private SettingKind Kind =>
        Setting switch
        {
            RadioSetting.Mix => SettingKind.Mix,
            RadioSetting.Expo => SettingKind.Expo,
            RadioSetting.ThrottleCut => SettingKind.ThrottleCut,
            RadioSetting.StabiliserGain => SettingKind.Gain,
            _ => SettingKind.SurfaceCount,
        };

    /// <summary>What is set: "throttle cut".</summary>
    internal static string Words(RadioSetting setting) =>
        setting switch
        {
            RadioSetting.Mix => "mix",
            RadioSetting.Expo => "expo",
            RadioSetting.ThrottleCut => "throttle cut",
            RadioSetting.StabiliserGain => "stabiliser gain",
            _ => "surface count of the stabiliser",
        };
}
