using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Receive;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Job;

/// <summary>
/// What an answer to a question of schools changes on one job, computed from the job itself: steps and purchases that
/// it has and another answer has not. An answer that changes nothing says so.
/// </summary>
public static class SchoolEffect
{
    /// <summary>The question is one of steps, and this kit has none that answer it.</summary>
    public const string Nothing = "Nothing on this kit.";

    /// <summary>It changes nothing the program asks for.</summary>
    public const string Noted = "Noted on the record.";

    /// <summary>Most things named; the rest is counted.</summary>
    private const int Most = 3;

    /// <summary>In words, for each option of a question, in its order.</summary>
    public static ImmutableArray<string> Of(JobState state, School school, Stock stock)
    {
        var with = school.Options.Select(o => Found(state, school, o, stock)).ToArray();
        var everywhere = with.Aggregate((a, b) => a.Intersect(b));
        var anywhere = with.Aggregate((a, b) => a.Union(b));
        return
        [
            .. school.Options.Select(
                (o, i) =>
                    Words(o, with[i].Except(everywhere), anywhere.Except(with[i])) is { Length: > 0 } words ? words
                    : Schools.OfSteps.Contains(school.Id) ? Nothing
                    : Noted
            ),
        ];
    }

    private static ImmutableSortedSet<(bool Buys, string What)> Found(
        JobState state,
        School school,
        SchoolOption option,
        Stock stock
    )
    {
        var answered = state.Answering(school.Id, option.Id);
        return
        [
            .. answered.Sheet.Steps.Select(s => (false, s.Title)),
            .. ToBuy.Of(answered, stock).Select(l => (true, l.What)),
        ];
    }

    private static string Words(
        SchoolOption option,
        ImmutableSortedSet<(bool Buys, string What)> has,
        ImmutableSortedSet<(bool Buys, string What)> lacks
    )
    {
        static string Said(string how, bool buys, IEnumerable<(bool Buys, string What)> of)
        {
            var all = of.Where(w => w.Buys == buys).Select(w => w.What).ToArray();
            return all.Length == 0 ? ""
                : all.Length > Most ? $"{how}{string.Join("; ", all.Take(Most - 1))}; and {all.Length - Most + 1} more."
                : $"{how}{string.Join("; ", all)}.";
        }

        return string.Join(
            ' ',
            new[]
            {
                Said(has.Count(w => !w.Buys) == 1 ? "A step: " : "Steps: ", false, has),
                Said("To buy: ", true, has),
                has.IsEmpty ? Said("Not done: ", false, lacks) : "",
                has.IsEmpty ? Said("Not to buy: ", true, lacks) : "",
                option.Acts,
            }.Where(w => w.Length > 0)
        );
    }
}
