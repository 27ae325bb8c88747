using System.Collections.Immutable;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Journal;

/// <summary>
/// The latest disturbance of each aspect, by either clock: a late-recorded one still makes stale what was recorded
/// before it.
/// </summary>
public sealed record Disturbances
{
    private ImmutableDictionary<Aspect, (Disturbance Recorded, Disturbance Observed)> Latest { get; init; } = [];

    public Disturbances Add(Entry entry, string cause, IEnumerable<Aspect> aspects)
    {
        var latest = Latest.ToBuilder();
        foreach (var aspect in aspects)
        {
            var new1 = new Disturbance(aspect, entry.Seq, entry.ObservedAt, entry.EntryId, cause);
            latest[aspect] = latest.TryGetValue(aspect, out var old)
                ? (
                    new1.Seq > old.Recorded.Seq ? new1 : old.Recorded,
                    new1.ObservedAt > old.Observed.ObservedAt ? new1 : old.Observed
                )
                : (new1, new1);
        }

        return this with
        {
            Latest = latest.ToImmutable(),
        };
    }

    /// <summary>The seq of the latest disturbance of any of these; 0 when there was none.</summary>
    public long LastOf(IEnumerable<Aspect> aspects) =>
        aspects
            .SelectMany(a => a.Surface.Length > 0 ? (Aspect[])[a, a.ForEvery()] : [a])
            .Select(a => Latest.TryGetValue(a, out var found) ? found.Recorded.Seq : 0)
            .DefaultIfEmpty()
            .Max();

    /// <summary>
    /// What made the evidence stale: a disturbance of one of its aspects later by either clock; null when none.
    /// </summary>
    public Disturbance? After(Evidence evidence, IEnumerable<Aspect> restsOn)
    {
        foreach (var aspect in restsOn)
        {
            foreach (
                var key in aspect.Surface.Length > 0 ? (ReadOnlySpan<Aspect>)[aspect, aspect.ForEvery()] : [aspect]
            )
            {
                if (!Latest.TryGetValue(key, out var found))
                {
                    continue;
                }

                if (found.Recorded.Seq > evidence.Seq)
                {
                    return found.Recorded;
                }

                if (found.Observed.ObservedAt > evidence.ObservedAt)
                {
                    return found.Observed;
                }
            }
        }

        return null;
    }
}
