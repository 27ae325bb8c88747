using Zygotome.Core.Journal;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Bind;

/// <summary>
/// One axis was reversed in the stabiliser, never in the radio: what the stick does stays as it is. Twice is as it was.
/// </summary>
/// <param name="Axis">roll, pitch or yaw.</param>
public sealed record StabiliserReversed(string Axis) : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        StabiliserAxes.Of(state.Sheet).Any(a => a.Name == Axis)
            ? null
            : new Refusal("bind/axis", $"No stabiliser of this aircraft corrects \"{Axis}\".", "body.axis");

    public override JobState Apply(JobState state, Entry entry)
    {
        var axis = new Setting(SettingKind.Correction, Axis);
        return state.Set(entry, axis, state.Settings.Of(axis) == Reversed.Turned ? Reversed.Normal : Reversed.Turned);
    }

    public override string Say(JobState state) => $"{Texts.Capital(Axis)} reversed in the stabiliser";
}
