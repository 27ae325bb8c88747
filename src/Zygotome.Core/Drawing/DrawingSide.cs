using System.Collections.Immutable;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Drawing;

/// <summary>Which way the aircraft lies on the mat.</summary>
public enum DrawingSide
{
    /// <summary>From above, nose up the page, right wing to the right.</summary>
    Plan,

    /// <summary>Turned over: nose up the page, right wing to the left.</summary>
    Below,

    /// <summary>From its left, nose to the left.</summary>
    Side,
}

/// <summary>The same airframe from below and from the side, and how places carry over.</summary>
public static class DrawingSides
{
    /// <summary>
    /// A place on the aircraft (x mm aft; y mm to the right wing, or mm up on a side view) as a place on the drawing.
    /// </summary>
    public static Corner Place(DrawingSide side, double x, double y) =>
        side switch
        {
            DrawingSide.Below => new(-y, x),
            DrawingSide.Side => new(x, -y),
            _ => new(y, x),
        };

    /// <summary>How the aircraft lies, for who stands before it.</summary>
    public static string Words(DrawingSide side) =>
        side switch
        {
            DrawingSide.Below => "seen from below: left and right change sides",
            DrawingSide.Side => "seen from its left, nose to the left",
            _ => "seen from above, nose up",
        };

    internal static AircraftDrawing Below(AircraftDrawing plan)
    {
        var parts = plan
            .Parts.Select(p => p with { Path = Mirrored(p.Path), At = new Corner(-p.At.Across, p.At.Down) })
            .ToImmutableArray();
        return new AircraftDrawing(
            parts,
            plan.Bounds with
            {
                Left = -(plan.Bounds.Left + plan.Bounds.Width),
            },
            new(-plan.LeftTip.Across, plan.LeftTip.Down),
            new(-plan.RightTip.Across, plan.RightTip.Down)
        )
        {
            Side = DrawingSide.Below,
        };
    }

    internal static AircraftDrawing FromLeft(SpecSheet sheet)
    {
        var g = sheet.Geometry;
        var parts = new List<(DrawnPart Part, ImmutableArray<Corner> Corners)>();
        void Add(string id, PartKind kind, string name, ImmutableArray<Corner> corners) =>
            parts.Add((new DrawnPart(id, kind, name, Outline.Closed(corners), Drawings.Middle(corners)), corners));

        foreach (var (wheel, i) in g.Wheels.Select((w, i) => (w, i)))
        {
            Add(
                g.WheelPart(i),
                PartKind.Wheel,
                wheel.Name,
                Round(wheel.X, (g.Bodies.FirstOrDefault()?.Width ?? 80) * 0.6 + 40, 24)
            );
        }

        foreach (var body in g.Bodies)
        {
            var flat = Outline.Body(body.From, body.To, body.Width * 1.15, 0);
            Add($"body-{body.Name}", PartKind.Body, body.Name, [.. flat.Select(c => new Corner(c.Down, c.Across))]);
        }

        foreach (var (fin, i) in g.Fins.Select((f, i) => (f, i)))
        {
            Add(
                g.FinPart(i),
                PartKind.Fin,
                "fin",
                [
                    new(fin.X, -10),
                    new(fin.X + fin.Sweep, -10 - fin.Height),
                    new(fin.X + fin.Sweep + fin.Tip, -10 - fin.Height),
                    new(fin.X + fin.Root, -10),
                ]
            );
        }

        foreach (var surface in sheet.Surfaces.Where(s => g.Find(s.On) is null && g.Fins.Length > 0))
        {
            var fin = Drawings.FinOf(g, surface);
            Add(
                surface.Id,
                PartKind.Surface,
                surface.Name,
                [
                    new(fin.X + fin.Root, -10),
                    new(fin.X + fin.Sweep + fin.Tip, -10 - fin.Height),
                    new(fin.X + fin.Sweep + fin.Tip + (surface.Chord * 0.8), -10 - fin.Height),
                    new(fin.X + fin.Root + surface.Chord, -10),
                ]
            );
        }

        foreach (var lifting in g.Lifting)
        {
            var (edge, chord) = (lifting.RootLeadingEdge, lifting.Panels.Length > 0 ? lifting.Panels[0].Root : 100);
            var thick = lifting.Role == "wing" ? chord * 0.12 : chord * 0.06;
            Add(
                $"{lifting.Id}-left",
                lifting.Role == "wing" ? PartKind.Wing : PartKind.Tail,
                $"left {lifting.Id}",
                [
                    new(edge, -lifting.Height),
                    new(edge + (chord * 0.25), -lifting.Height - (thick * 0.7)),
                    new(edge + chord, -lifting.Height),
                    new(edge + (chord * 0.3), -lifting.Height + (thick * 0.3)),
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
                Drawings.Box(motor.At - 4, -half, 8, 2 * half)
            );
        }

        var bounds = Bounds.Of(parts.SelectMany(p => p.Corners));
        return new AircraftDrawing([.. parts.Select(p => p.Part)], bounds, new(bounds.Left, 0), new(bounds.Left, 0))
        {
            Side = DrawingSide.Side,
        };
    }

    private static ImmutableArray<Corner> Round(double across, double down, double radius) =>
        [
            .. Enumerable
                .Range(0, 16)
                .Select(i => i * Math.PI / 8)
                .Select(a => new Corner(across + (radius * Math.Cos(a)), down + (radius * Math.Sin(a)))),
        ];

    // Paths are M and L with plain numbers, across first.
    private static string Mirrored(string path) =>
        string.Concat(
            path.Split(['M', 'L'], StringSplitOptions.RemoveEmptyEntries)
                .Select(
                    (pair, i) =>
                    {
                        var space = pair.IndexOf(' ');
                        var across = double.Parse(
                            pair.AsSpan(0, space),
                            System.Globalization.CultureInfo.InvariantCulture
                        );
                        return $"{(i == 0 ? 'M' : 'L')}{Outline.Number(-across)}{pair[space..]}";
                    }
                )
        );
}
