using System.Collections;
using System.Runtime.CompilerServices;

namespace Zygotome.Core.Journal;

/// <summary>
/// What was recorded so far, in order; never changed. A longer one shares the shorter one's storage: adding costs one
/// place, and adding a second time to the same one a copy. Threads may read and add at once.
/// </summary>
[CollectionBuilder(typeof(Log), nameof(Log.Of))]
public sealed class Log<T> : IReadOnlyList<T>
    where T : class
{
    private readonly T?[] _all;

    internal Log(T?[] all, int count) => (_all, Count) = (all, count);

    internal static Log<T> Empty { get; } = new([], 0);

    public int Count { get; }

    /// <exception cref="ArgumentOutOfRangeException">There is no such place.</exception>
    public T this[int index] =>
        (uint)index < (uint)Count ? _all[index]! : throw new ArgumentOutOfRangeException(nameof(index));

    /// <summary>With one more; this one stays as it is.</summary>
    public Log<T> Add(T next)
    {
        if (Count < _all.Length && Interlocked.CompareExchange(ref _all[Count], next, null) is null)
        {
            return new(_all, Count + 1);
        }

        var larger = new T?[Math.Max(4, Count + (Count / 2) + 1)];
        _all.AsSpan(0, Count).CopyTo(larger);
        larger[Count] = next;
        return new(larger, Count + 1);
    }

    public IEnumerator<T> GetEnumerator()
    {
        for (var i = 0; i < Count; i++)
        {
            yield return _all[i]!;
        }
    }

    IEnumerator IEnumerable.GetEnumerator() => GetEnumerator();
}

/// <summary>Logs of what there is already.</summary>
public static class Log
{
    /// <summary>Of these, in their order.</summary>
    public static Log<T> Of<T>(ReadOnlySpan<T> all)
        where T : class => all.IsEmpty ? Log<T>.Empty : new([.. all], all.Length);

    /// <summary>These; the same when they are one already.</summary>
    public static Log<T> Of<T>(IReadOnlyList<T> all)
        where T : class => all as Log<T> ?? new([.. all], all.Count);
}
