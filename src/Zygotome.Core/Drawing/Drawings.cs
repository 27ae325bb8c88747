using System.Collections.Immutable;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Drawing;

/// <summary>
/// Draws the sheet's own geometry: from above with the nose up the page, and from behind as the technician stands.
/// </summary>
public static class Drawings
{
    /// <summary>Drawn once for a sheet.</summary>
    public static AircraftDrawing Of(SpecSheet sheet, DrawingSide side) => sheet.Once(s => new Sides(s)).Of(side);

    /// <summary>From above, the nose up the page.</summary>
    public static AircraftDrawing Plan(SpecSheet sheet) => Of(sheet, DrawingSide.Plan);

    private sealed class Sides(SpecSheet sheet)
    {
        private AircraftDrawing? _plan;
        private AircraftDrawing? _below;
        private AircraftDrawing? _side;

        public AircraftDrawing Of(DrawingSide side) =>
            side switch
            {
                DrawingSide.Below => _below ??= DrawingSides.Below(Of(DrawingSide.Plan)),
                DrawingSide.Side => _side ??= DrawingSides.FromLeft(sheet),
                _ => _plan ??= Drawn(sheet),
            };
    }

    private static AircraftDrawing Drawn(SpecSheet sheet)
    {
        var g = sheet.Geometry;
        var parts = new List<(DrawnPart Part, ImmutableArray<Corner> Corners)>();
        void Add(string id, PartKind kind, string name, ImmutableArray<Corner> corners) =>
            parts.Add((new DrawnPart(id, kind, name, Outline.Closed(corners), Middle(corners)), corners));

        foreach (var (wheel, i) in g.Wheels.Select((w, i) => (w, i)))
        {
            Add(g.WheelPart(i), PartKind.Wheel, wheel.Name, Box(wheel.Y - 7, wheel.X - 22, 14, 44));
        }

        void Bodies()
        {
            foreach (var body in g.Bodies)
            {
                Add(
                    $"body-{body.Name}",
                    PartKind.Body,
                    body.Name,
                    Outline.Body(body.From, body.To, body.Width, body.At)
                );
            }
        }

        void Lifting(LiftingSurface lifting, PartKind kind)
        {
            Add($"{lifting.Id}-left", kind, $"left {lifting.Id}", Half(lifting, -1));
            Add($"{lifting.Id}-right", kind, $"right {lifting.Id}", Half(lifting, +1));
        }

        foreach (var tail in g.Lifting.Where(l => l.Role != "wing"))
        {
            Lifting(tail, PartKind.Tail);
        }

        var wingUnder = g.Wing is { Height: < 0 };
        if (!wingUnder)
        {
            Bodies();
        }

        foreach (var wing in g.Lifting.Where(l => l.Role == "wing"))
        {
            Lifting(wing, PartKind.Wing);
        }

        foreach (var surface in sheet.Surfaces.Where(s => g.Find(s.On) is not null))
        {
            Add(surface.Id, PartKind.Surface, surface.Name, OnWing(g.Find(surface.On)!, surface));
        }

        if (wingUnder)
        {
            Bodies();
        }

        foreach (var (fin, i) in g.Fins.Select((f, i) => (f, i)))
        {
            Add(g.FinPart(i), PartKind.Fin, "fin", Box(fin.Y - 3, fin.X, 6, fin.Root));
        }

        foreach (var surface in sheet.Surfaces.Where(s => g.Find(s.On) is null))
        {
            var fin = FinOf(g, surface);
            Add(
                surface.Id,
                PartKind.Surface,
                surface.Name,
                [
                    new(fin.Y - 4, fin.X + fin.Root - (surface.Chord * 0.3)),
                    new(fin.Y + 4, fin.X + fin.Root - (surface.Chord * 0.3)),
                    new(fin.Y + 2, fin.X + fin.Root + (surface.Chord * 0.7)),
                    new(fin.Y - 2, fin.X + fin.Root + (surface.Chord * 0.7)),
                ]
            );
        }

        foreach (var motor in sheet.Power.Motors)
        {
            var half =
                motor.Kind == "fan" ? 32
                : Quantities.PropellerSize.Parse(motor.Propeller).Try(out var size, out _) ? (double)size.DiameterMm / 2
                : 100;
            Add(
                $"motor-{motor.Id}",
                PartKind.Motor,
                motor.Kind == "fan" ? "fan" : "propeller",
                Box(motor.Y - half, motor.At - 4, 2 * half, 8)
            );
        }

        var corners = parts.SelectMany(p => p.Corners).ToArray();
        return new AircraftDrawing(
            [.. parts.Select(p => p.Part)],
            Bounds.Of(corners),
            Tip(g.Wing, -1),
            Tip(g.Wing, +1)
        );
    }

    private static Corner Tip(LiftingSurface? wing, int side) =>
        wing is null
            ? new Corner(0, 0)
            : new Corner(
                side * wing.HalfSpan,
                Planform.At(wing, wing.HalfSpan) is var (edge, chord) ? edge + chord : 0
            );

    // "fin-2" is the second; "fin" alone, or one that is not there, the first.
    internal static Fin FinOf(Geometry g, Surface surface) =>
        g.Fins.Where((_, i) => surface.On == g.FinPart(i)).FirstOrDefault(g.Fins[0]);

    private static ImmutableArray<Corner> Half(LiftingSurface lifting, int side)
    {
        var corners = new List<Corner>();
        double x = lifting.RootLeadingEdge,
            y = lifting.RootGap;
        var back = new List<Corner>();
        corners.Add(new(side * y, x));
        back.Add(new(side * y, x + lifting.Panels[0].Root));
        foreach (var p in lifting.Panels)
        {
            (x, y) = (x + p.Sweep, y + p.Span);
            corners.Add(new(side * y, x));
            back.Add(new(side * y, x + p.Tip));
        }

        back.Reverse();
        return [.. corners, .. back];
    }

    private static ImmutableArray<Corner> OnWing(LiftingSurface lifting, Surface surface)
    {
        var span = lifting.HalfSpan;
        var (from, to) = (surface.From * span, surface.To * span);
        (double Edge, double Chord) a = Planform.At(lifting, from),
            b = Planform.At(lifting, to);
        var side = surface.Side == "left" ? -1 : 1;

        // Of one that turns as a whole there is no hinge line.
        var (ca, cb) = lifting.Pivot is null
            ? (Math.Min(surface.Chord, a.Chord * 0.8), Math.Min(surface.Chord, b.Chord * 0.8))
            : (a.Chord, b.Chord);
        ImmutableArray<Corner> right =
        [
            new(from, a.Edge + a.Chord - ca),
            new(to, b.Edge + b.Chord - cb),
            new(to, b.Edge + b.Chord),
            new(from, a.Edge + a.Chord),
        ];
        return surface.Side == "centre"
            ? [.. right, .. right.Reverse().Select(c => new Corner(-c.Across, c.Down))]
            : [.. right.Select(c => new Corner(side * c.Across, c.Down))];
    }

    internal static ImmutableArray<Corner> Box(double left, double top, double width, double height) =>
        [new(left, top), new(left + width, top), new(left + width, top + height), new(left, top + height)];

    internal static Corner Middle(ImmutableArray<Corner> corners) =>
        new(Math.Round(corners.Average(c => c.Across), 1), Math.Round(corners.Average(c => c.Down), 1));
}
