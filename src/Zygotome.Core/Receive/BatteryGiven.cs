using Zygotome.Core.Journal;

namespace Zygotome.Core.Receive;

/// <summary>Another battery than the one on the counter.</summary>
public sealed record BatteryGiven(Battery Battery) : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) => Battery.Admit("body.battery");

    public override JobState Apply(JobState state, Entry entry) =>
        Flies(state, entry, new PackHeld(Free(state), Battery));

    // A name that no other pack has.
    private static string Free(JobState state) =>
        Enumerable
            .Range(state.Receive.Packs.Count + 1, state.Receive.Packs.Count + 1)
            .Select(n => $"pack {n}")
            .First(n => state.Receive.Packs.All(p => p.Name != n));

    private static JobState Flies(JobState state, Entry entry, PackHeld pack) =>
        state
            .With(
                state.Receive with
                {
                    Battery = pack.Battery,
                    Flying = [pack.Name],
                    Packs = state.Receive.Packs.Add(pack),
                }
            )
            .Set(entry, new Setting(SettingKind.Pack), pack.Words);

    public override string Say(JobState state) => $"Another battery, {Battery.Mass.Text}";
}
