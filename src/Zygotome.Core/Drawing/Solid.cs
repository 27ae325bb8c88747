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

    /// <summary>The same, elsewhere.</summary>
    public Solid Moved(Space by) => this with { Rings = Moved(Rings, by), More = [.. More.Select(m => Moved(m, by))] };

    /// <summary>As much of it as lies between two stations, mm from the datum; all of it where none does.</summary>
    public Solid Between(double from, double to)
    {
        var cut = Rings.Zip(Rings.Skip(1)).SelectMany(p => Clipped(p.First, p.Second, from, to)).ToImmutableArray();
        return cut.Length < 2 ? this : this with { Rings = cut };
    }

    // Both ends of a piece, moved along it to where it comes into view and goes out of it.
    private static ImmutableArray<ImmutableArray<Space>> Clipped(
        ImmutableArray<Space> a,
        ImmutableArray<Space> b,
        double from,
        double to
    )
    {
        var (xa, xb) = (a.Average(p => p.X), b.Average(p => p.X));
        if (Math.Max(xa, xb) < from || Math.Min(xa, xb) > to)
        {
            return [];
        }

        ImmutableArray<Space> At(double x) =>
            Math.Abs(xb - xa) < 1e-9
                ? a
                : [.. a.Zip(b, (p, q) => p.Towards(q, Math.Clamp((Math.Clamp(x, from, to) - xa) / (xb - xa), 0, 1)))];
        return Math.Abs(xb - xa) < 1e-9 ? [a, b] : [At(xa), At(xb)];
    }

    /// <summary>
    /// Every piece between two rings as seen, each turning the same way, so that filled together they are its outline.
    /// </summary>
    public IEnumerable<ImmutableArray<Corner>> Pieces(Eye eye) =>
        More.Insert(0, Rings)
            .SelectMany(rings => rings.Zip(rings.Skip(1), (a, b) => Hull.Of([.. a.Concat(b).Select(eye.See)])));

    private static ImmutableArray<ImmutableArray<Space>> Moved(ImmutableArray<ImmutableArray<Space>> rings, Space by) =>
        [.. rings.Select(r => (ImmutableArray<Space>)[.. r.Select(p => p + by)])];

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
