using System.Collections.Immutable;

namespace Zygotome.Core.Quantities;

/// <summary>
/// What is found by its id, in the order of the ids: the same in every process, where the order of hashes is not.
/// </summary>
public static class Ordered
{
    /// <summary>Nothing yet.</summary>
    public static ImmutableSortedDictionary<string, T> ById<T>() => Empty<T>.Map;

    /// <summary>Each of these by its id; of two with one id, the first.</summary>
    public static ImmutableSortedDictionary<string, T> ById<TOf, T>(
        this IEnumerable<TOf> all,
        Func<TOf, string> id,
        Func<TOf, T> value
    )
    {
        var map = ById<T>().ToBuilder();
        foreach (var one in all)
        {
            map.TryAdd(id(one), value(one));
        }

        return map.ToImmutable();
    }

    private static class Empty<T>
    {
        public static readonly ImmutableSortedDictionary<string, T> Map = ImmutableSortedDictionary.Create<string, T>(
            StringComparer.Ordinal
        );
    }
}
