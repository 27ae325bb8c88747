using Zygotome.Core.Journal;

namespace Zygotome.Core.Unpack;

/// <summary>
/// The bag is counted: what is not there is missing. <c>AllHere</c> takes every part of it as listed.
/// </summary>
public sealed record BagCounted(string Bag, bool AllHere) : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        state.Sheet.InBox.All(p => p.Bag != Bag)
            ? new Refusal("unpack/bag", $"There is no bag {Bag} in the parts list.", "body.bag")
        : AllHere && Wanting(state) is { Length: > 0 } wanting
            ? new Refusal(
                "unpack/not-all-here",
                $"Not all is here: {string.Join(", ", wanting)}. Count what came; what is wrong is changed first.",
                "body.allHere"
            )
        : null;

    // What was counted and found wanting does not come by a word for the whole bag.
    private string[] Wanting(JobState state) =>
        [
            .. state
                .Sheet.InBox.Where(p => p.Bag == Bag)
                .Select(p => Counting.Of(state, p))
                .Where(c => c.WrongOnes > 0 || c.Standing == CountStanding.Missing)
                .Select(c =>
                    c.WrongOnes > 0 ? $"{c.WrongOnes} × {c.Part.Name} wrong" : $"{c.Short} × {c.Part.Name} missing"
                ),
        ];

    public override JobState Apply(JobState state, Entry entry)
    {
        var present = state.Unpack.Present;
        if (AllHere)
        {
            present = present.SetItems(
                state
                    .Sheet.InBox.Where(p => p.Bag == Bag && state.Unpack.CountOf(p.Id) < p.Quantity)
                    .Select(p => KeyValuePair.Create(p.Id, p.Quantity))
            );
        }

        return state.With(
            state.Unpack with
            {
                Present = present,
                CountedBags = state.Unpack.CountedBags.SetItem(Bag, Evidence.Of(entry)),
            }
        );
    }

    public override IEnumerable<string> Shows() => [new BagId(Bag).Written];

    public override string Say(JobState state) => AllHere ? $"Bag {Bag}: all here" : $"Bag {Bag} counted";
}
