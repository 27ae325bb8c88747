using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Build;

/// <summary>What should be left of a bag.</summary>
public sealed record LeftOverId(string Bag) : RequirementId(Stage.Build)
{
    public override string Written => $"leftover/{Bag}";
}

/// <summary>
/// Leftovers told: supplied and fitted in the factory, less what steps used, is what should be left. What does not come
/// out even names the step that was probably skipped, or the screws that were swapped.
/// </summary>
public static class Leftovers
{
    /// <summary>Bags with screws in them of which steps take something, in the sheet's order.</summary>
    public static IEnumerable<string> Bags(JobState state) =>
        state
            .Sheet.InBox.GroupBy(p => p.Bag)
            .Where(bag => bag.Any(p => p.Fastener is not null) && Takers(state, bag.Key).Any())
            .Select(bag => bag.Key);

    /// <summary>How many of each part of a bag should be left.</summary>
    public static IEnumerable<(PartSpec Part, int Left)> Expected(JobState state, string bag) =>
        state
            .Sheet.InBox.Where(p => p.Bag == bag)
            .Select(p => (p, Math.Max(0, state.The<IPartsInHand>().Spare(state, p.Id))));

    /// <summary>The first step that still takes from a bag; null once none does.</summary>
    public static StepSpec? Waits(JobState state, string bag) =>
        Takers(state, bag).FirstOrDefault(s => state.Progress(s.Id)?.Done is null);

    internal static ImmutableSortedDictionary<string, int> Differences(
        JobState state,
        string bag,
        ImmutableSortedDictionary<string, int> counts
    ) =>
        Expected(state, bag)
            .Where(e => counts.ContainsKey(e.Part.Id) && counts[e.Part.Id] != e.Left)
            .ToImmutableSortedDictionary(e => e.Part.Id, e => counts[e.Part.Id] - e.Left, StringComparer.Ordinal);

    internal static IEnumerable<Requirement> Of(JobState state) =>
        Bags(state).Where(bag => Waits(state, bag) is null).Select(bag => Of(state, bag));

    /// <summary>Where what was counted differs, what it points to, a sentence each.</summary>
    public static IEnumerable<string> Explain(JobState state, ImmutableSortedDictionary<string, int> differences)
    {
        var swapped = new HashSet<string>(StringComparer.Ordinal);
        foreach (var (id, by) in differences.Where(d => d.Value < 0))
        {
            // As many too few of one as too many of a like one: they sit in each other's place.
            var other = differences.FirstOrDefault(d =>
                d.Value == -by && !swapped.Contains(d.Key) && AreLike(state, id, d.Key)
            );
            if (other.Key is { } like)
            {
                swapped.UnionWith([id, like]);
                yield return Swapped(state, id, like, -by);
            }
        }

        foreach (var (id, by) in differences.Where(d => !swapped.Contains(d.Key)))
        {
            var takers = state.Sheet.Steps.Where(s => s.Parts.ContainsKey(id)).ToArray();
            var likely = takers.Where(s => s.Parts[id] == by).ToArray();
            var named = string.Join(" or ", (likely.Length > 0 ? likely : takers).Select(s => $"\"{s.Title}\""));
            yield return by > 0
                ? $"{by} × {Name(state, id)} too many: were they all put in at {named}?"
                : $"{-by} × {Name(state, id)} too few: dropped, or one too many in {named}.";
        }
    }

    private static IEnumerable<StepSpec> Takers(JobState state, string bag) =>
        state.Sheet.Steps.Where(s =>
            s.Parts.Keys.Any(p => state.Sheet.Part(p) is { IsInBox: true } part && part.Bag == bag)
        );

    private static bool AreLike(JobState state, string one, string other) =>
        (state.Sheet.Part(one)?.Fastener, state.Sheet.Part(other)?.Fastener) is ({ } a, { } b)
        && a.Diameter == b.Diameter;

    private static string Swapped(JobState state, string used, string left, int count)
    {
        var (wrong, right) = (state.Sheet.Part(used)!, state.Sheet.Part(left)!);
        var where = string.Join(
            " or ",
            state.Sheet.Steps.Where(s => s.Parts.ContainsKey(left)).Select(s => $"\"{s.Title}\"")
        );
        var harm =
            wrong.Fastener!.Length > right.Fastener!.Length
                ? "the longer one bites into what lies behind"
                : "the shorter one hardly holds";
        return $"{count} × {wrong.Name} in place of {right.Name}, at {where}: {harm}.";
    }

    private static string Name(JobState state, string part) => state.Sheet.Part(part)?.Name ?? part;

    private static Requirement Of(JobState state, string bag)
    {
        var last = Takers(state, bag).Max(s => state.Progress(s.Id)?.Done?.Seq ?? 0);
        var said = state.Build.LeftOver.GetValueOrDefault(bag);
        var counted = said?.Evidence.Seq > last ? said : null;
        return new Requirement(
            new LeftOverId(bag),
            Concedable.ByLead,
            Requirement.Stands(counted?.Differences.IsEmpty),
            new LeftFacts(bag, counted)
        )
        {
            Evidence = counted?.Evidence,
        };
    }

    private sealed record LeftFacts(string Bag, LeftCounted? Counted) : LineFacts
    {
        public override LineWords Words(JobState state)
        {
            var left = Expected(state, Bag).Where(e => e.Left > 0).Select(e => $"{e.Left} × {e.Part.Name}").ToArray();
            return new LineWords(
                $"Left over of bag {Bag}",
                left.Length == 0 ? "nothing" : string.Join(", ", left),
                "",
                Counted switch
                {
                    null => "",
                    { Differences.IsEmpty: true } => "as it should be",
                    _ => "it differs",
                },
                Counted is null ? "Count what is left once everything is in."
                    : Counted.Differences.IsEmpty ? "What was supplied, less what the steps used, is what is left."
                    : string.Join(" ", Explain(state, Counted.Differences))
            );
        }
    }
}
