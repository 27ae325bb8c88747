using Zygotome.Core.Journal;

namespace Zygotome.Core.Throws;

/// <summary>
/// A trim or sub-trim was changed: of everything that the commands of this surface move, as nobody says which trim.
/// </summary>
/// <param name="Value">To what; another one than before when it is not said.</param>
public sealed record TrimSet(string Surface, string Value = "") : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        Named.Surface(state, Surface) ?? Texts.Fits(Value, "body.value", 40);

    public override JobState Apply(JobState state, Entry entry) =>
        Channels
            .ByCommand(state.Sheet, Surface)
            .Aggregate(state, (s, moved) => s.Set(entry, new Setting(SettingKind.Trim, moved.Id), Value.Trim()));

    public override string Say(JobState state) =>
        $"Trim of the {state.Sheet.Surface(Surface)?.Name.ToLowerInvariant() ?? Surface} changed";
}
