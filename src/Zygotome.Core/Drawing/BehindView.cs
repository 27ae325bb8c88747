using System.Collections.Immutable;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Drawing;

/// <summary>
/// The aircraft as seen standing behind it: right wing to the right, up the page is up. For a called function each of
/// its surfaces is drawn where it must go, far enough to be told apart across a bench.
/// </summary>
public static class BehindView
{
    private const double Thickness = 9;

    /// <summary>Nothing called.</summary>
    public static IReadOnlyDictionary<string, Movement> AtRest { get; } = Ordered.ById<Movement>();

    /// <param name="moved">Which way surfaces stand, by their ids; one that is not named is at rest.</param>
    public static AircraftDrawing Of(SpecSheet sheet, IReadOnlyDictionary<string, Movement> moved)
    {
        var g = sheet.Geometry;
        var parts = new List<(DrawnPart Part, ImmutableArray<Corner> Corners)>();
        void Add(string id, PartKind kind, string name, ImmutableArray<Corner> corners) =>
            parts.Add((new DrawnPart(id, kind, name, Outline.Closed(corners), Drawings.Middle(corners)), corners));

        foreach (var fin in g.Fins.Select((f, i) => (f, i)))
        {
            Add(g.FinPart(fin.i), PartKind.Fin, "fin", Drawings.Box(fin.f.Y - 4, -fin.f.Height - 20, 8, fin.f.Height));
        }

        foreach (var body in g.Bodies)
        {
            Add($"body-{body.Name}", PartKind.Body, body.Name, Oval(body.At, 0, body.Width / 2, body.Width * 0.6));
        }

        foreach (var lifting in g.Lifting)
        {
            foreach (var side in (ReadOnlySpan<int>)[-1, 1])
            {
                Add(
                    $"{lifting.Id}-{(side < 0 ? "left" : "right")}",
                    lifting.Role == "wing" ? PartKind.Wing : PartKind.Tail,
                    lifting.Id,
                    Half(lifting, side)
                );
            }
        }

        foreach (var surface in sheet.Surfaces)
        {
            var movement = moved.GetValueOrDefault(surface.Id, Movement.None);
            Add(
                surface.Id,
                PartKind.Surface,
                surface.Name,
                g.Find(surface.On) is { } on
                    ? Flap(on, surface, movement)
                    : Rudder(Drawings.FinOf(g, surface), surface, movement)
            );
        }

        var bounds = Bounds.Of(parts.SelectMany(p => p.Corners));
        return new AircraftDrawing([.. parts.Select(p => p.Part)], bounds, Tip(g.Wing, -1), Tip(g.Wing, +1));
    }

    private static Corner Tip(LiftingSurface? wing, int side) =>
        wing is null ? new(0, 0) : new(side * wing.HalfSpan, -HeightAt(wing, wing.HalfSpan));

    private static double HeightAt(LiftingSurface lifting, double y)
    {
        double height = lifting.Height,
            from = lifting.RootGap;
        foreach (var p in lifting.Panels)
        {
            var along = Math.Clamp(y - from, 0, p.Span);
            height += along * Math.Tan(p.Dihedral * Quantities.Numbers.RadiansPerDegree);
            from += p.Span;
        }

        return height;
    }

    private static ImmutableArray<Corner> Half(LiftingSurface lifting, int side)
    {
        double[] stations =
        [
            lifting.RootGap,
            .. lifting.Panels.Select((_, i) => lifting.RootGap + lifting.Panels.Take(i + 1).Sum(p => p.Span)),
        ];
        return
        [
            .. stations.Select(y => new Corner(side * y, -HeightAt(lifting, y) - (Thickness / 2))),
            .. stations.Reverse().Select(y => new Corner(side * y, -HeightAt(lifting, y) + (Thickness / 2))),
        ];
    }

    private static ImmutableArray<Corner> Flap(LiftingSurface on, Surface surface, Movement movement)
    {
        var side = surface.Side == "left" ? -1 : 1;
        var (from, to) = (
            surface.Side == "centre" ? -surface.To * on.HalfSpan : surface.From * on.HalfSpan,
            surface.To * on.HalfSpan
        );
        var rise =
            movement switch
            {
                Movement.Up or Movement.Out => 1,
                Movement.Down => -1,
                _ => 0,
            } * Math.Clamp(surface.Chord, 34, 70);
        double a = -HeightAt(on, Math.Abs(from)),
            b = -HeightAt(on, to);
        return
        [
            new(side * from, a),
            new(side * to, b),
            new(side * to, b - rise - (rise == 0 ? 5 : 0)),
            new(side * from, a - rise - (rise == 0 ? 5 : 0)),
        ];
    }

    private static ImmutableArray<Corner> Rudder(Fin fin, Surface surface, Movement movement)
    {
        var swing =
            movement switch
            {
                Movement.Right => 1,
                Movement.Left => -1,
                _ => 0,
            } * Math.Clamp(surface.Chord, 34, 70);
        return
        [
            new(fin.Y, -20),
            new(fin.Y, -fin.Height - 20),
            new(fin.Y + swing + (swing == 0 ? 5 : 0), -fin.Height - 14),
            new(fin.Y + swing + (swing == 0 ? 5 : 0), -26),
        ];
    }

    private static ImmutableArray<Corner> Oval(double across, double down, double halfWidth, double halfHeight) =>
        [
            .. Enumerable
                .Range(0, 24)
                .Select(i => i * Math.PI / 12)
                .Select(a => new Corner(across + (halfWidth * Math.Cos(a)), down + (halfHeight * Math.Sin(a)))),
        ];
}
