using System.Collections.Immutable;

namespace Zygotome.Core.Journal;

/// <summary>
/// Every setting with all it has been, so that evidence can be asked whether what it rests on is still so. Two orders
/// are kept, by seq and by the clock of who observed; a change in either suffices.
/// </summary>
public sealed record Settings
{
    private const string NotKnown = "not known";

    private ImmutableSortedDictionary<Setting, History> All { get; init; } =
        ImmutableSortedDictionary.Create<Setting, History>(Setting.Order);

    /// <summary>Every setting that was ever said, with its value now, in the order of their names.</summary>
    public IEnumerable<(Setting Setting, Said Now)> Now => All.Select(s => (s.Key, s.Value.Now));

    /// <summary>The value now; what it counts as unsaid; null when it is not known.</summary>
    public string? Of(Setting setting) => All.TryGetValue(setting, out var said) ? said.Now.Value : setting.Unsaid;

    /// <summary>What it has been since a seq, that one included, oldest first.</summary>
    public IEnumerable<string> Since(Setting setting, long seq) =>
        All.TryGetValue(setting, out var said)
            ? said.Backwards.TakeWhile(h => h.Now.Seq >= seq).Select(h => h.Now.Value).Reverse()
            : [];

    /// <summary>The seq at which it was last said to be something else; 0 when never.</summary>
    public long ChangedAt(Setting setting) =>
        All.TryGetValue(setting, out var said)
            ? said.Backwards.First(h => h.Before is null || h.Before.Now.Value != h.Now.Value).Now.Seq
            : 0;

    /// <summary>The same value said again is kept too: who looked last, and when.</summary>
    public Settings Say(Entry entry, Setting setting, string value, bool act) =>
        this with
        {
            All = All.SetItem(setting, Next(All.GetValueOrDefault(setting), new Said(value, act, entry))),
        };

    /// <summary>Several at once, each as <see cref="Say(Entry, Setting, string, bool)"/> does.</summary>
    public Settings Say(Entry entry, IEnumerable<(Setting Setting, string Value)> seen)
    {
        var all = All.ToBuilder();
        foreach (var (setting, value) in seen)
        {
            all[setting] = Next(all.GetValueOrDefault(setting), new Said(value, false, entry));
        }

        return this with
        {
            All = all.ToImmutable(),
        };
    }

    /// <summary>How the setting stood when evidence was taken, by seq; null when that was not known.</summary>
    public string? At(Evidence evidence, Setting setting) =>
        All.TryGetValue(setting, out var said) ? Recorded(setting, said, evidence).Then : setting.Unsaid;

    /// <summary>
    /// What is another value now than when evidence was taken; null when nothing is, in either order.
    /// </summary>
    public SettingChange? After(Evidence evidence, Setting setting)
    {
        // Most were said once, at the counter, before anything was shown.
        if (
            !All.TryGetValue(setting, out var said)
            || (said.Before is null && said.Now.Seq <= evidence.Seq && said.Now.ObservedAt <= evidence.ObservedAt)
        )
        {
            return null;
        }

        return Changed(Recorded(setting, said, evidence)) ?? Changed(Observed(setting, said, evidence));

        SettingChange? Changed((string? Then, Said Now) order) =>
            order.Then == order.Now.Value ? null : new SettingChange(setting, order.Then ?? NotKnown, order.Now);
    }

    /// <summary>One word on a setting, and all that were said of it before, latest first.</summary>
    /// <param name="InOrder">Each was observed no earlier than the one before it: both orders are one.</param>
    private sealed record History(Said Now, History? Before, bool InOrder)
    {
        public IEnumerable<History> Backwards
        {
            get
            {
                for (var at = this; at is not null; at = at.Before)
                {
                    yield return at;
                }
            }
        }
    }

    private static History Next(History? before, Said now) =>
        new(now, before, before is null || (before.InOrder && before.Now.ObservedAt <= now.ObservedAt));

    // As it stood by the order in which it was recorded.
    private static (string? Then, Said Now) Recorded(Setting setting, History said, Evidence evidence)
    {
        for (var at = said; ; at = at.Before)
        {
            if (at.Now.Seq <= evidence.Seq)
            {
                return (at.Now.Value, said.Now);
            }

            if (at.Before is null)
            {
                return (BeforeItsFirstWord(setting, at.Now), said.Now);
            }
        }
    }

    // As it stood by the order in which it was observed.
    private static (string? Then, Said Now) Observed(Setting setting, History said, Evidence evidence)
    {
        Said latest = said.Now,
            first = said.Now;
        Said? then = null;
        for (var at = said; at is not null; at = at.Before)
        {
            if (Seen(at.Now))
            {
                then = then is null || Earlier(then, at.Now) ? at.Now : then;
                if (said.InOrder)
                {
                    break;
                }
            }

            latest = Earlier(latest, at.Now) ? at.Now : latest;
            first = Earlier(at.Now, first) ? at.Now : first;
        }

        return (then is not null ? then.Value : BeforeItsFirstWord(setting, first), latest);

        bool Seen(Said s) =>
            s.ObservedAt < evidence.ObservedAt || (s.ObservedAt == evidence.ObservedAt && s.Seq <= evidence.Seq);

        static bool Earlier(Said a, Said b) => (a.ObservedAt, a.Seq).CompareTo((b.ObservedAt, b.Seq)) < 0;
    }

    // What counts unsaid; where that is not known, it was what somebody then saw, but not what somebody then set.
    private static string? BeforeItsFirstWord(Setting setting, Said first) =>
        setting.Unsaid ?? (first.Act ? null : first.Value);
}
