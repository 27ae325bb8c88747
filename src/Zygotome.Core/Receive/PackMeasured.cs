using System.Collections.Immutable;
using Zygotome.Core.Journal;

namespace Zygotome.Core.Receive;

/// <summary>
/// A pack looked at and its cells measured: one that is low, swollen or unequal is not connected until it was charged,
/// balanced and measured again, or another flies.
/// </summary>
/// <param name="Cells">V of each cell; empty of a pack nobody puts a meter to, because it is swollen.</param>
public sealed record PackMeasured(string Name, ImmutableArray<double> Cells, bool Swollen = false) : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        state.Receive.Packs.FirstOrDefault(p => p.Name == Name) is not { } pack
            ? new Refusal("receive/pack", $"There is no pack called \"{Name}\".", "body.name")
        : Cells.IsDefaultOrEmpty
            ? Swollen ? null
                : new Refusal("receive/cells", "Measure every cell at the balance plug.", "body.cells")
        : Cells.Length != pack.Battery.Cells
            ? new Refusal(
                "receive/cells",
                $"{Cells.Length} cells were measured, and {Name} has {pack.Battery.Cells}.",
                "body.cells"
            )
        : Cells.Any(v => v is not (>= 0 and <= 5)) ? new Refusal("receive/cells", "A cell has 0 to 5 V.", "body.cells")
        : null;

    public override JobState Apply(JobState state, Entry entry) =>
        state.Receive.Packs.FindIndex(p => p.Name == Name) is >= 0 and var at
            ? state.With(
                state.Receive with
                {
                    Packs = state.Receive.Packs.SetItem(
                        at,
                        state.Receive.Packs[at] with
                        {
                            Seen = new PackCells(Cells.IsDefault ? [] : Cells, Swollen)
                            {
                                Evidence = Evidence.Of(entry),
                            },
                        }
                    ),
                }
            )
            : state.NotSupported(entry);

    public override IEnumerable<string> Shows() => [new CounterId(CounterAsk.PackSound).Written];

    public override string Say(JobState state)
    {
        var seen = new PackCells(Cells.IsDefault ? [] : Cells, Swollen);
        return seen.Wrong.Length > 0 && seen.Wrong != seen.Words
            ? $"{Name}: {seen.Words}, {seen.Wrong}"
            : $"{Name}: {seen.Words}";
    }
}
