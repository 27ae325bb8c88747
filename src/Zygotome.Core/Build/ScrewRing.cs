using System.Collections.Immutable;

namespace Zygotome.Core.Build;

/// <summary>In which order the screws of a ring are tightened.</summary>
public static class ScrewRing
{
    /// <summary>The most screws that are one ring: more are several, each by itself.</summary>
    public const int Most = 12;

    /// <summary>
    /// Places of a ring of <paramref name="count"/> screws, from 1 clockwise, in the order they are tightened: each is
    /// the farthest from every one already tight, of those alike the farthest from the last. Empty for fewer than three
    /// and more than <see cref="Most"/>, which are no ring.
    /// </summary>
    public static ImmutableArray<int> Order(int count)
    {
        if (count is < 3 or > Most)
        {
            return [];
        }

        int Apart(int a, int b) => Math.Min(Math.Abs(a - b), count - Math.Abs(a - b));
        var tight = new List<int> { 0 };
        while (tight.Count < count)
        {
            tight.Add(
                Enumerable
                    .Range(0, count)
                    .Except(tight)
                    .OrderByDescending(p => tight.Min(t => Apart(p, t)))
                    .ThenByDescending(p => Apart(p, tight[^1]))
                    .ThenBy(p => p)
                    .First()
            );
        }

        return [.. tight.Select(p => p + 1)];
    }
}
