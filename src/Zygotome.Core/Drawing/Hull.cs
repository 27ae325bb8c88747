using System.Collections.Immutable;

namespace Zygotome.Core.Drawing;

/// <summary>The smallest convex outline around points.</summary>
internal static class Hull
{
    /// <summary>Its corners in order; the points themselves where there are fewer than three.</summary>
    public static ImmutableArray<Corner> Of(IEnumerable<Corner> points)
    {
        // The lower and the upper chain, each turning one way only.
        var sorted = points.Distinct().OrderBy(p => p.Across).ThenBy(p => p.Down).ToArray();
        return sorted.Length < 3 ? [.. sorted] : [.. Chain(sorted), .. Chain(sorted.Reverse())];
    }

    private static List<Corner> Chain(IEnumerable<Corner> points)
    {
        var chain = new List<Corner>();
        foreach (var point in points)
        {
            while (chain.Count >= 2 && Turn(chain[^2], chain[^1], point) <= 0)
            {
                chain.RemoveAt(chain.Count - 1);
            }

            chain.Add(point);
        }

        chain.RemoveAt(chain.Count - 1);
        return chain;
    }

    private static double Turn(Corner a, Corner b, Corner c) =>
        ((b.Across - a.Across) * (c.Down - a.Down)) - ((b.Down - a.Down) * (c.Across - a.Across));
}
