using System.Collections.Immutable;

namespace Zygotome.Core.Journal;

/// <summary>
/// Every setting with all it has been, so that evidence can be asked whether what it rests on is still so. Two orders are
/// kept, by seq and by the clock of who observed; a change in either suffices.
/// </summary>
public sealed record Settings
{
    private const string NotKnown = "not known";

    private ImmutableDictionary<Setting, ImmutableList<Said>> All { get; init; } = [];

    /// <summary>Every setting that was ever said, with its value now, in the order of their names.</summary>
    public IEnumerable<(Setting Setting, Said Now)> Now =>
        All.OrderBy(s => s.Key.Kind)
            .ThenBy(s => s.Key.Of, StringComparer.Ordinal)
            .ThenBy(s => s.Key.Rate, StringComparer.Ordinal)
            .ThenBy(s => s.Key.At, StringComparer.Ordinal)
            .Select(s => (s.Key, s.Value[^1]));

    /// <summary>The value now; what it counts as unsaid; null when it is not known.</summary>
    public string? Of(Setting setting) => All.TryGetValue(setting, out var said) ? said[^1].Value : setting.Unsaid;

    /// <summary>What it has been since a seq, that one included.</summary>
    public IEnumerable<string> Since(Setting setting, long seq) =>
        All.TryGetValue(setting, out var said) ? said.Where(s => s.Seq >= seq).Select(s => s.Value) : [];

    /// <summary>The seq at which it was last said to be something else; 0 when never.</summary>
    public long ChangedAt(Setting setting) =>
        All.TryGetValue(setting, out var said)
            ? said.Where((s, i) => i == 0 || said[i - 1].Value != s.Value).Select(s => s.Seq).DefaultIfEmpty().Max()
            : 0;

    /// <summary>The same value said again is kept too: who looked last, and when.</summary>
    public Settings Say(Entry entry, Setting setting, string value, bool act) =>
        this with
        {
            All = All.SetItem(
                setting,
                All.GetValueOrDefault(setting, [])
                    .Add(new Said(value, act, entry.Seq, entry.ObservedAt, entry.EntryId, entry.By))
            ),
        };

    /// <summary>How the setting stood when evidence was taken, by seq; null when that was not known.</summary>
    public string? At(Evidence evidence, Setting setting) =>
        All.TryGetValue(setting, out var said) ? Then(setting, said, s => s.Seq <= evidence.Seq) : setting.Unsaid;

    /// <summary>What is another value now than when evidence was taken; null when nothing is, in either order.</summary>
    public SettingChange? After(Evidence evidence, Setting setting)
    {
        // Most were said once, at the counter, before anything was shown.
        if (
            !All.TryGetValue(setting, out var said)
            || (said.Count == 1 && said[0].Seq <= evidence.Seq && said[0].ObservedAt <= evidence.ObservedAt)
        )
        {
            return null;
        }

        return Differs(said, s => s.Seq <= evidence.Seq)
            ?? Differs(
                said.Sort((a, b) => (a.ObservedAt, a.Seq).CompareTo((b.ObservedAt, b.Seq))),
                s =>
                    s.ObservedAt < evidence.ObservedAt || (s.ObservedAt == evidence.ObservedAt && s.Seq <= evidence.Seq)
            );

        SettingChange? Differs(ImmutableList<Said> order, Func<Said, bool> seen) =>
            Then(setting, order, seen) is var then && then == order[^1].Value
                ? null
                : new SettingChange(setting, then ?? NotKnown, order[^1]);
    }

    // Before its first word it was what counts unsaid; where that is not known, it was what somebody then saw, but not
    // what somebody then set.
    private static string? Then(Setting setting, ImmutableList<Said> order, Func<Said, bool> seen) =>
        order.FindLastIndex(s => seen(s)) is >= 0 and var last ? order[last].Value
        : setting.Unsaid is { } unsaid ? unsaid
        : order[0].Act ? null
        : order[0].Value;
}
