using System.Collections.Immutable;
using System.Runtime.InteropServices;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Journal;

/// <summary>
/// The latest disturbance of each aspect, by either clock: a late-recorded one still makes stale what was recorded
/// before it.
/// </summary>
public sealed record Disturbances
{
    private static readonly int Kinds = Enum.GetValues<AspectKind>().Length;

    // By surface, then by kind: what a hand on one linkage disturbs lies together.
    private ImmutableSortedDictionary<string, ImmutableArray<Latest?>> All { get; init; } =
        Ordered.ById<ImmutableArray<Latest?>>();

    private sealed record Latest(Disturbance Recorded, Disturbance Observed);

    /// <summary>With what an entry disturbed; said in any order of either clock.</summary>
    public Disturbances Add(Entry entry, string cause, IEnumerable<Aspect> aspects)
    {
        var disturbance = new Disturbance(entry, cause);
        var first = new Latest(disturbance, disturbance);
        var all = All;
        var surface = "";
        Latest?[]? row = null;
        foreach (var aspect in aspects)
        {
            if (row is null || aspect.Surface != surface)
            {
                Close();
                surface = aspect.Surface;
                row = new Latest?[Kinds];
                if (all.TryGetValue(surface, out var before))
                {
                    before.CopyTo(row);
                }
            }

            ref var latest = ref row[(int)aspect.Kind];
            latest = latest is null ? first : Later(latest, first);
        }

        Close();
        return this with { All = all };

        void Close()
        {
            if (row is not null)
            {
                all = all.SetItem(surface, ImmutableCollectionsMarshal.AsImmutableArray(row));
            }
        }
    }

    private static Latest Later(Latest old, Latest next)
    {
        var recorded = next.Recorded.Seq > old.Recorded.Seq;
        var observed = next.Observed.ObservedAt > old.Observed.ObservedAt;
        return recorded && observed ? next
            : recorded ? old with { Recorded = next.Recorded }
            : observed ? old with { Observed = next.Observed }
            : old;
    }

    /// <summary>The seq of the latest disturbance of any of these; 0 when there was none.</summary>
    public long LastOf(IEnumerable<Aspect> aspects) =>
        aspects.SelectMany(Of).Select(l => l.Recorded.Seq).DefaultIfEmpty().Max();

    /// <summary>
    /// What made the evidence stale: a disturbance of one of its aspects later by either clock; null when none.
    /// </summary>
    public Disturbance? After(Evidence evidence, IEnumerable<Aspect> restsOn) =>
        restsOn
            .SelectMany(Of)
            .Select(l =>
                l.Recorded.Seq > evidence.Seq ? l.Recorded
                : l.Observed.ObservedAt > evidence.ObservedAt ? l.Observed
                : null
            )
            .FirstOrDefault(d => d is not null);

    // Of the surface itself, then of every surface.
    private IEnumerable<Latest> Of(Aspect aspect)
    {
        if (Find(aspect) is { } own)
        {
            yield return own;
        }

        if (aspect.Surface.Length > 0 && Find(aspect.ForEvery()) is { } every)
        {
            yield return every;
        }
    }

    private Latest? Find(Aspect aspect) => All.TryGetValue(aspect.Surface, out var row) ? row[(int)aspect.Kind] : null;
}
