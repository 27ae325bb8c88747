using Zygotome.Core.Journal;

namespace Zygotome.Core.Receive;

/// <summary>Which of the packs flies. Weight and balance are shown anew.</summary>
public sealed record PackChosen(string Name) : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        state.Receive.Packs.Any(p => p.Name == Name)
            ? null
            : new Refusal("receive/pack", $"There is no pack called \"{Name}\".", "body.name");

    public override JobState Apply(JobState state, Entry entry) =>
        state.Receive.Packs.FirstOrDefault(p => p.Name == Name) is { } pack
            ? state
                .With(state.Receive with { Battery = pack.Battery, PackName = pack.Name })
                .Set(entry, new Setting(SettingKind.Pack), pack.Words)
            : state.NotSupported(entry);

    public override string Say(JobState state) => $"Pack {Name} chosen to fly";
}
