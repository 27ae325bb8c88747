using System.Collections.Immutable;
using Zygotome.Core.Bind;
using Zygotome.Core.Check;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Receive;
using Zygotome.Core.Sheets;
using Zygotome.Core.Wire;

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
    public static ImmutableArray<string> Of(JobState state, School school, Stock stock) =>
        [
            .. Of(
                    state,
                    [.. school.Options.Select(o => new Dictionary<string, string> { [school.Id] = o.Id })],
                    [.. school.Options.Select(o => o.Acts)],
                    stock
                )
                .Select(words =>
                    words.Length > 0 ? words
                    : Schools.OfSteps.Contains(school.Id) ? Nothing
                    : Noted
                ),
        ];

    /// <summary>In words, for each way in which an owner may carry it, in their order.</summary>
    public static ImmutableArray<(Carriage How, string Effect)> OfCarriage(JobState state, Stock stock)
    {
        Carriage[] ways = [Carriage.Whole, Carriage.Parted, Carriage.Boxed];
        var effects = Of(state, [.. ways.Select(Carriages.Answers)], [.. ways.Select(_ => "")], stock);
        return [.. ways.Select((w, i) => (w, effects[i].Length > 0 ? effects[i] : Noted))];
    }

    private static ImmutableArray<string> Of(
        JobState state,
        ImmutableArray<IReadOnlyDictionary<string, string>> ways,
        ImmutableArray<string> acts,
        Stock stock
    )
    {
        var answered = ways.Select(state.Answering).ToArray();
        var with = answered.Select(a => Found(a, stock)).ToArray();
        var everywhere = with.Aggregate((a, b) => a.Intersect(b));
        var anywhere = with.Aggregate((a, b) => a.Union(b));
        return
        [
            .. with.Select(
                (w, i) => Words(acts[i], Work(answered[0], answered[i]), w.Except(everywhere), anywhere.Except(w))
            ),
        ];
    }

    // Hands-on minutes and grams of all steps, against the first way's; a step without grams adds none that is known.
    private static string Work(JobState first, JobState other)
    {
        var minutes = other.Sheet.Steps.Sum(s => s.HandsOn) - first.Sheet.Steps.Sum(s => s.HandsOn);
        var grams = other.Sheet.Steps.Sum(s => s.Grams ?? 0) - first.Sheet.Steps.Sum(s => s.Grams ?? 0);
        string[] said =
        [
            .. new[] { (By: minutes, Unit: "min"), (By: grams, Unit: "g") }
                .Where(d => Numbers.Round(d.By) != 0)
                .Select(d => $"{Numbers.Say(Math.Abs(d.By))} {d.Unit} {(d.By > 0 ? "more" : "less")}"),
        ];
        return said.Length == 0 ? "" : $"{string.Join(", ", said)} than the shop's way.";
    }

    // What a way of doing things may bring with it.
    private enum Brings
    {
        Step,
        Purchase,
        Plug,
        Look,
        Key,
    }

    private static ImmutableSortedSet<(Brings Kind, string What)> Found(JobState answered, Stock stock) =>
        [
            .. answered.Sheet.Steps.Select(s => (Brings.Step, s.Title)),
            .. ToBuy.Of(answered, stock).Select(l => (Brings.Purchase, l.What)),
            .. Wiring.Of(answered).Leads.Select(l => (Brings.Plug, $"{l.Name.ToLowerInvariant()} to {l.To.Words}")),
            .. WireAsks.Of(answered).Select(a => (Brings.Look, a.Words.TrimEnd('?'))),
            .. CheckAsks.Of(answered).Select(a => (Brings.Look, a.Words.TrimEnd('?'))),
            .. FlightLines.Of(answered).Select(f => (Brings.Look, f.Facts.Words(answered).Text)),
            .. StabiliserLines.IsShownWithout(answered)
                ? [(Brings.Look, "Every direction twice, first with the stabiliser by-passed")]
                : ((Brings, string)[])[],
            .. SetUpCard.Of(answered).Where(l => l.Value.Length > 0).Select(l => (Brings.Key, Keyed(l))),
        ];

    private static string Keyed(CardLine line) =>
        $"{line.Section.ToLowerInvariant()}, {line.What.ToLowerInvariant()}: {line.Value}";

    private static string Words(
        string acts,
        string work,
        ImmutableSortedSet<(Brings Kind, string What)> has,
        ImmutableSortedSet<(Brings Kind, string What)> lacks
    )
    {
        static string Said(string how, Brings kind, IEnumerable<(Brings Kind, string What)> of)
        {
            var all = of.Where(w => w.Kind == kind).Select(w => w.What).ToArray();
            return all.Length == 0 ? ""
                : all.Length > Most ? $"{how}{string.Join("; ", all.Take(Most - 1))}; and {all.Length - Most + 1} more."
                : $"{how}{string.Join("; ", all)}.";
        }

        return string.Join(
            ' ',
            new[]
            {
                Said(has.Count(w => w.Kind == Brings.Step) == 1 ? "A step: " : "Steps: ", Brings.Step, has),
                Said("To buy: ", Brings.Purchase, has),
                Said("Plugged: ", Brings.Plug, has),
                Said("Asked: ", Brings.Look, has),
                Said("Keyed: ", Brings.Key, has),
                has.IsEmpty ? Said("Not done: ", Brings.Step, lacks) : "",
                has.IsEmpty ? Said("Not to buy: ", Brings.Purchase, lacks) : "",
                has.IsEmpty ? Said("Not asked: ", Brings.Look, lacks) : "",
                work,
                acts,
            }.Where(w => w.Length > 0)
        );
    }
}
