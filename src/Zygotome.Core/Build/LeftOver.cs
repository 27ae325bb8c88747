using System.Collections.Immutable;
using Zygotome.Core.Journal;

namespace Zygotome.Core.Build;

/// <summary>What is left on the bench of a bag once every step has taken its parts from it.</summary>
/// <param name="Counts">
/// How many of each part, by id; what is not named is as it should be. Left out: all of it is.
/// </param>
public sealed record LeftOver(string Bag, ImmutableSortedDictionary<string, int>? Counts = null) : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry)
    {
        if (!Leftovers.Bags(state).Contains(Bag))
        {
            return new Refusal("build/bag", $"No bag {Bag} has screws that steps take.", "body.bag");
        }

        foreach (var (part, count) in Counts ?? ImmutableSortedDictionary<string, int>.Empty)
        {
            if (state.Sheet.Part(part)?.Bag != Bag)
            {
                return new Refusal("build/part", $"\"{part}\" is not in bag {Bag}.", "body.counts");
            }

            if (count is < 0 or > 10_000)
            {
                return new Refusal("build/count", $"{count} is no number that can be left.", "body.counts");
            }
        }

        return Leftovers.Waits(state, Bag) is { } step
            ? new Refusal("build/left-early", $"\"{step.Title}\" still takes from bag {Bag}.", "body.bag")
            : null;
    }

    public override JobState Apply(JobState state, Entry entry) =>
        state.With(
            state.Build with
            {
                LeftOver = state.Build.LeftOver.SetItem(
                    Bag,
                    new LeftCounted(
                        Leftovers.Differences(state, Bag, Counts ?? ImmutableSortedDictionary<string, int>.Empty),
                        Evidence.Of(entry)
                    )
                ),
            }
        );

    public override IEnumerable<string> Shows() => [new LeftOverId(Bag).Written];

    public override string Say(JobState state)
    {
        var counted = Counts is null
            ? "as it should be"
            : string.Join(", ", Counts.Select(c => $"{c.Value} × {state.Sheet.Part(c.Key)?.Name ?? c.Key}"));
        return $"Left over of bag {Bag}: {counted}";
    }
}

/// <summary>By how many of each part a count differed, + too many left; and by which entry.</summary>
public sealed record LeftCounted(ImmutableSortedDictionary<string, int> Differences, Evidence Evidence);
