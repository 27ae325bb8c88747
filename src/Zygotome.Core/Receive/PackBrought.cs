using Zygotome.Core.Journal;

namespace Zygotome.Core.Receive;

/// <summary>Another pack the owner has: weighed and measured, so that it can be chosen.</summary>
public sealed record PackBrought(string Name, Battery Battery) : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        Texts.Reason(Name, "body.name", "Give the pack a name, such as \"blue 2600\".")
        ?? Texts.Fits(Name, "body.name", 60)
        ?? (
            state.Receive.Packs.Count >= 12
                ? new Refusal("receive/packs", "Twelve packs are recorded already.", "body.name")
            : state.Receive.Packs.Any(p => p.Name == Name.Trim())
                ? new Refusal("receive/pack-name", $"There is a pack called {Name.Trim()} already.", "body.name")
            : null
        )
        ?? Battery.Admit("body.battery");

    // The first one flies until another is chosen; of a kit that flies on several, the first so many, in that order.
    public override JobState Apply(JobState state, Entry entry)
    {
        var pack = new PackHeld(Name.Trim(), Battery);
        var brought = state.With(state.Receive with { Packs = state.Receive.Packs.Add(pack) });
        if (brought.Receive.Flying.Count >= PacksTogether.Asked(state.Sheet))
        {
            return brought;
        }

        var receive = brought.Receive with { Flying = brought.Receive.Flying.Add(pack.Name) };
        var flying = brought.With(
            receive with
            {
                Battery = PacksTogether.AsOne(state.Sheet, [.. receive.Flies.Select(p => p.Battery)]),
            }
        );
        var (setting, words) = (new Setting(SettingKind.Pack), string.Join("; ", receive.Flies.Select(p => p.Words)));
        return state.Receive.Battery is null ? flying.Say(entry, setting, words) : flying.Set(entry, setting, words);
    }

    public override string Say(JobState state) => $"Pack {Name.Trim()}, {Battery.Mass.Text}";
}
