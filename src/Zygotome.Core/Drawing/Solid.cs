using System.Collections.Immutable;

namespace Zygotome.Core.Drawing;

/// <summary>
/// A part as rings of points from one end to the other. Its outline from anywhere is swept along where it is seen from
/// the side, and the hull of all its points where it is seen end on. Law: a mirrored part has the mirrored outline from
/// above, below and behind.
/// </summary>
internal sealed record Solid(string Id, PartKind Kind, string Name, ImmutableArray<ImmutableArray<Space>> Rings)
{
    /// <summary>What it lies in or on, as the drawing calls it; empty of a part of its own.</summary>
    public string On { get; init; } = "";

    /// <summary>Its ends are joined by a curve through its rings.</summary>
    public bool IsRound { get; init; }

    /// <summary>Further rings of the same part: the blades of a propeller.</summary>
    public ImmutableArray<ImmutableArray<ImmutableArray<Space>>> More { get; init; } = [];

    /// <summary>How near it is, for who looks: its middle.</summary>
    public double Near(Eye eye) => Rings.SelectMany(r => r).Average(eye.Near);

    /// <summary>Its path, and corners that hold it.</summary>
    public (string Path, ImmutableArray<Corner> Corners) Seen(Eye eye)
    {
        var outlines = More.Insert(0, Rings).Select(r => Around(r, eye)).ToArray();
        return (
            string.Concat(
                outlines.Select(o => IsRound && o.Swept ? Outline.Smooth(o.Corners) : Outline.Closed(o.Corners))
            ),
            [.. outlines.SelectMany(o => o.Corners)]
        );
    }

    private static (ImmutableArray<Corner> Corners, bool Swept) Around(
        ImmutableArray<ImmutableArray<Space>> rings,
        Eye eye
    )
    {
        var seen = rings.Select(r => r.Select(eye.See).ToArray()).ToArray();
        var (first, last) = (Middle(seen[0]), Middle(seen[^1]));
        var (dx, dy) = (last.Across - first.Across, last.Down - first.Down);
        var length = Math.Sqrt((dx * dx) + (dy * dy));
        var widest = seen.Max(Extent);
        if (length < widest * 0.9 && length < widest)
        {
            return (Hull.Of(seen.SelectMany(r => r)), false);
        }

        // Of each ring the two points furthest out to either side of the way it runs.
        double Out(Corner c) => ((c.Across - first.Across) * -dy) + ((c.Down - first.Down) * dx);
        return ([.. seen.Select(r => r.MinBy(Out)), .. seen.Reverse().Select(r => r.MaxBy(Out))], true);
    }

    private static Corner Middle(Corner[] ring) => new(ring.Average(c => c.Across), ring.Average(c => c.Down));

    private static double Extent(Corner[] ring) =>
        Math.Max(ring.Max(c => c.Across) - ring.Min(c => c.Across), ring.Max(c => c.Down) - ring.Min(c => c.Down));
}
