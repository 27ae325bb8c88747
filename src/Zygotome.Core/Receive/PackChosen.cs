using System.Collections.Immutable;
using Zygotome.Core.Journal;

namespace Zygotome.Core.Receive;

/// <summary>Which of the packs flies, or which fly together. Weight and balance are shown anew.</summary>
/// <param name="With">The others of a kit that flies on several; the order they are said in is the order they are
/// connected in. Null of a single one.</param>
public sealed record PackChosen(string Name, ImmutableArray<string>? With = null) : EntryBody
{
    private ImmutableArray<string> Names => [Name, .. With ?? []];

    public override Refusal? Admit(JobState state, Entry entry) =>
        Names.Select((n, i) => (Name: n, At: i)).FirstOrDefault(n => state.Receive.Packs.All(p => p.Name != n.Name))
            is { Name: not null } unknown
            ? new Refusal(
                "receive/pack",
                $"There is no pack called \"{unknown.Name}\".",
                unknown.At == 0 ? "body.name" : $"body.with[{unknown.At - 1}]"
            )
        : Names.Distinct().Count() < Names.Length
            ? new Refusal("receive/pack-twice", "The same pack flies once.", "body.with")
        : Names.Length > PacksTogether.Asked(state.Sheet)
            ? new Refusal(
                "receive/pack-count",
                PacksTogether.Asked(state.Sheet) == 1
                    ? "The sheet flies on one pack: a revision that says otherwise comes first."
                    : $"The sheet flies on {PacksTogether.Asked(state.Sheet)} packs, not on {Names.Length}.",
                "body.with"
            )
        : null;

    public override JobState Apply(JobState state, Entry entry)
    {
        PackHeld[] flying =
        [
            .. Names.Select(n => state.Receive.Packs.FirstOrDefault(p => p.Name == n)).OfType<PackHeld>(),
        ];
        return flying.Length < Names.Length
            ? state.NotSupported(entry)
            : state
                .With(
                    state.Receive with
                    {
                        Battery = PacksTogether.AsOne(state.Sheet, [.. flying.Select(p => p.Battery)]),
                        Flying = [.. Names],
                    }
                )
                .Set(entry, new Setting(SettingKind.Pack), string.Join("; ", flying.Select(p => p.Words)));
    }

    public override string Say(JobState state) =>
        Names.Length == 1
            ? $"Pack {Name} chosen to fly"
            : $"Packs {string.Join(", then ", Names)} chosen to fly together";
}
