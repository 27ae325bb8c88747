using System.Collections.Immutable;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Drawing;

/// <summary>
/// The sheet's geometry as solids: bodies, wings, fins, surfaces, wheels, propellers and what lies in them.
/// </summary>
internal static class Solids
{
    private const int Round = 20;

    // Larger than life, so that it is told apart across a bench.
    private const double Deflection = 35;

    /// <param name="moved">Which way surfaces stand, by id; one that is not named is at rest.</param>
    public static ImmutableArray<Solid> Of(SpecSheet sheet, IReadOnlyDictionary<string, Movement> moved)
    {
        var g = sheet.Geometry;
        var solids = ImmutableArray.CreateBuilder<Solid>();
        solids.AddRange(
            g.Wheels.Select((w, i) => Wheel(g, w, i, moved.GetValueOrDefault(g.WheelPart(i), Movement.None)))
        );
        solids.AddRange(Doors(sheet));
        solids.AddRange(g.Bodies.Select(Body));
        foreach (var lifting in g.Lifting)
        {
            var kind = lifting.Role == "wing" ? PartKind.Wing : PartKind.Tail;
            solids.Add(new($"{lifting.Id}-left", kind, $"left {lifting.Id}", Half(lifting, -1)));
            solids.Add(new($"{lifting.Id}-right", kind, $"right {lifting.Id}", Half(lifting, 1)));
        }

        solids.AddRange(g.Fins.Select((f, i) => new Solid(g.FinPart(i), PartKind.Fin, FinName(g, i), Fin(g, f))));
        solids.AddRange(
            sheet.Surfaces.Select(s => new Solid(
                s.Id,
                PartKind.Surface,
                s.Name,
                Surface(sheet, s, moved.GetValueOrDefault(s.Id, Movement.None))
            ))
        );
        solids.AddRange(sheet.Power.Motors.Select(m => Motor(g, m)));
        solids.AddRange(Placed.Of(sheet));
        return solids.ToImmutable();
    }

    private static string FinName(Geometry g, int index) =>
        g.Fins[index].Id is { Length: > 0 } id ? Places.Words(id) : "fin";

    /// <summary>Half the height of a body's section at a station, and its middle; null where no body is.</summary>
    public static Girth? At(Geometry g, double x, double y) =>
        g
            .Bodies.Where(b => x >= b.From && x <= b.To && Math.Abs(y - b.At) <= b.Width / 2)
            .Select(b => (Girth?)Girth.Of(b, x))
            .FirstOrDefault();

    // A body's rings, nose to tail.
    private static Solid Body(Body body) =>
        new($"body-{body.Name}", PartKind.Body, body.Name, Rings(body, body.From, body.To)) { IsRound = true };

    /// <summary>Rings of a body between two stations.</summary>
    public static ImmutableArray<ImmutableArray<Space>> Rings(Body body, double from, double to, double grown = 1) =>
        [
            .. Girth
                .Stations(body)
                .Where(x => x > from && x < to)
                .Prepend(from)
                .Append(to)
                .Select(x => Ring(Girth.Of(body, x), body.At, x, grown)),
        ];

    private static ImmutableArray<Space> Ring(Girth s, double y, double x, double grown) =>
        [
            .. Enumerable
                .Range(0, Round)
                .Select(i => i * 2 * Math.PI / Round)
                .Select(a => new Space(
                    x,
                    y + (s.Width / 2 * grown * Math.Cos(a)),
                    s.Middle + (s.Height / 2 * grown * Math.Sin(a))
                )),
        ];

    /// <summary>Ribs of a half, root to tip; between two distances from the middle where said, mm.</summary>
    internal static ImmutableArray<ImmutableArray<Space>> Half(
        LiftingSurface lifting,
        int side,
        double from = 0,
        double to = double.MaxValue
    )
    {
        var (inner, outer) = (Math.Max(lifting.RootGap, from), Math.Min(lifting.HalfSpan, to));
        double[] bends =
        [
            .. lifting.Panels.Select((_, i) => lifting.RootGap + lifting.Panels.Take(i + 1).Sum(p => p.Span)),
        ];
        var thick = lifting.Role == "wing" ? 0.11 : 0.06;
        return
        [
            .. bends
                .Where(y => y > inner && y < outer)
                .Prepend(inner)
                .Append(outer)
                .Select(y =>
                    Planform.At(lifting, y) is var (edge, chord)
                        ? Blade(edge, edge + chord, side * y, HeightAt(lifting, y), chord * thick)
                        : []
                ),
        ];
    }

    // A rib: leading edge, crest, trailing edge, and the lower side.
    internal static ImmutableArray<Space> Blade(double from, double to, double y, double z, double thick) =>
        [
            new(from, y, z),
            new(from + ((to - from) * 0.12), y, z + (thick * 0.5)),
            new(from + ((to - from) * 0.3), y, z + (thick * 0.68)),
            new(to, y, z),
            new(from + ((to - from) * 0.3), y, z - (thick * 0.32)),
            new(from + ((to - from) * 0.08), y, z - (thick * 0.25)),
        ];

    /// <summary>mm above the datum at a distance from the middle.</summary>
    public static double HeightAt(LiftingSurface lifting, double y)
    {
        double height = lifting.Height,
            from = lifting.RootGap;
        foreach (var p in lifting.Panels)
        {
            height += Math.Clamp(y - from, 0, p.Span) * Math.Tan(p.Dihedral * Numbers.RadiansPerDegree);
            from += p.Span;
        }

        return height;
    }

    /// <summary>The tail or wing whose chord lies under a fin; null of one that stands on the body.</summary>
    internal static LiftingSurface? Under(Geometry g, Fin fin)
    {
        var (x, y) = (fin.X + (fin.Root / 2), Math.Abs(fin.Y));
        return g.Lifting.FirstOrDefault(l =>
            y > l.RootGap + 1
            && y <= l.HalfSpan * 1.05
            && Planform.At(l, Math.Min(y, l.HalfSpan)) is var (edge, chord)
            && x > edge - (chord * 0.5)
            && x < edge + (chord * 1.5)
        );
    }

    /// <summary>Where a fin begins, mm above the datum: on what lies under it, else on the body.</summary>
    internal static double FootOf(Geometry g, Fin fin)
    {
        if (fin.Foot is { } said)
        {
            return said;
        }

        var (x, y) = (fin.X + (fin.Root / 2), Math.Abs(fin.Y));
        var under = Under(g, fin);
        return under is not null ? HeightAt(under, Math.Min(y, under.HalfSpan))
            : At(g, x, fin.Y) is { } s ? s.Middle + (fin.Below ? -s.Height / 3 : s.Height / 3)
            : 0;
    }

    private static ImmutableArray<ImmutableArray<Space>> Fin(Geometry g, Fin fin)
    {
        var (foot, up) = (FootOf(g, fin), fin.Below ? -1 : 1);
        return
        [
            Upright(fin.X, fin.X + fin.Root, fin.Y, foot, fin.Root * 0.05),
            Upright(fin.X + fin.Sweep, fin.X + fin.Sweep + fin.Tip, fin.Y, foot + (up * fin.Height), fin.Tip * 0.05),
        ];
    }

    private static ImmutableArray<Space> Upright(double from, double to, double y, double z, double thick) =>
        [
            new(from, y, z),
            new(from + ((to - from) * 0.3), y + (thick / 2), z),
            new(to, y, z),
            new(from + ((to - from) * 0.3), y - (thick / 2), z),
        ];

    internal static ImmutableArray<ImmutableArray<Space>> Surface(
        SpecSheet sheet,
        Surface surface,
        Movement movement
    ) =>
        sheet.Geometry.Find(surface.On) is { } on
            ? OnWing(on, surface, movement)
            : OnFin(sheet.Geometry, Drawings.FinOf(sheet.Geometry, surface), surface, movement);

    private static ImmutableArray<ImmutableArray<Space>> OnWing(LiftingSurface on, Surface surface, Movement movement)
    {
        var rise =
            movement switch
            {
                Movement.Up => 1,
                Movement.Out => 1.6,
                Movement.Down => -1,
                _ => 0,
            } * Deflection;
        var side = surface.Side == "left" ? -1 : 1;
        double[] at =
            surface.Side == "centre"
                ? [-surface.To * on.HalfSpan, surface.To * on.HalfSpan]
                : [side * surface.From * on.HalfSpan, side * surface.To * on.HalfSpan];
        return [.. at.Select(y => Flap(on, surface, y, rise))];
    }

    private static ImmutableArray<Space> Flap(LiftingSurface on, Surface surface, double y, double rise)
    {
        var (edge, chord) = Planform.At(on, Math.Abs(y));
        var (z, back) = (HeightAt(on, Math.Abs(y)), edge + chord);

        // Of one that turns as a whole there is no hinge line; it turns about its pivot.
        var hinge = on.Pivot is { } pivot ? edge + (chord * pivot) : back - Math.Min(surface.Chord, chord * 0.8);
        var front = on.Pivot is null ? hinge : edge;
        var thick = on.Pivot is null ? Math.Min(6, chord * 0.04) : chord * 0.06;
        Space Turned(double x, double up)
        {
            var (sin, cos) = Math.SinCos(rise * Numbers.RadiansPerDegree);
            var along = x - hinge;
            return new(hinge + (along * cos) - (up * sin), y, z + (along * sin) + (up * cos));
        }

        return [Turned(front, thick / 2), Turned(back, 0), Turned(front, -thick / 2)];
    }

    private static ImmutableArray<ImmutableArray<Space>> OnFin(Geometry g, Fin fin, Surface surface, Movement movement)
    {
        var (foot, up) = (FootOf(g, fin), fin.Below ? -1 : 1);
        var (low, high) = (surface.From * fin.Height, surface.To * fin.Height);
        return [Post(low), Post(high)];

        // The hinge line a little within the fin's own chord, where the surface is not all of it.
        ImmutableArray<Space> Post(double along)
        {
            var t = fin.Height > 0 ? along / fin.Height : 0;
            var back = fin.X + (fin.Sweep * t) + fin.Root + ((fin.Tip - fin.Root) * t);
            var (sin, cos) = Math.SinCos(Swing(movement) * Numbers.RadiansPerDegree);
            var (hinge, z) = (back - (surface.Chord * 0.3), foot + (up * along));
            Space Turned(double x, double y) =>
                new(hinge + ((x - hinge) * cos) - (y * sin), fin.Y + ((x - hinge) * sin) + (y * cos), z);
            return [Turned(hinge, 3), Turned(back + (surface.Chord * 0.7), 0), Turned(hinge, -3)];
        }
    }

    /// <summary>Where the axle of a wheel is, mm above the datum.</summary>
    public static double AxleOf(Geometry g, Wheel wheel) =>
        wheel.Axle
        ?? ((At(g, wheel.X, wheel.Y) ?? At(g, wheel.X, 0)) is { } s ? s.Middle - (s.Height / 2) - LegOf(wheel) : -60);

    private static double LegOf(Wheel wheel) => RadiusOf(wheel) * 1.2;

    /// <summary>From the axle of a wheel up to the body that carries it; null where none does.</summary>
    public static (Space Axle, Space Foot)? Leg(Geometry g, Wheel wheel)
    {
        if (Seat.BodyAt(g, wheel.X, wheel.Y) is not { } body)
        {
            return null;
        }

        var s = Girth.Of(body, wheel.X);
        return (
            new(wheel.X, wheel.Y, AxleOf(g, wheel)),
            new(wheel.X, body.At + Math.Clamp(wheel.Y - body.At, -s.Width / 3, s.Width / 3), s.Middle - (s.Height / 3))
        );
    }

    public static double RadiusOf(Wheel wheel) => wheel.Diameter > 0 ? wheel.Diameter / 2 : 24;

    // Degrees about an upright axis, the rear to the right +.
    private static double Swing(Movement movement) =>
        movement switch
        {
            Movement.Right => Deflection,
            Movement.Left => -Deflection,
            _ => 0,
        };

    // Steered to a side: that is where its rear goes, as a rudder's.
    private static Solid Wheel(Geometry g, Wheel wheel, int index, Movement movement)
    {
        var (z, r) = (AxleOf(g, wheel), RadiusOf(wheel));
        var half = Math.Max(4, r * 0.28);
        var (sin, cos) = Math.SinCos(Swing(movement) * Numbers.RadiansPerDegree);
        ImmutableArray<Space> Rim(double off) =>
            [
                .. Enumerable
                    .Range(0, Round)
                    .Select(i => i * 2 * Math.PI / Round)
                    .Select(a => (Along: r * Math.Cos(a), Up: r * Math.Sin(a)))
                    .Select(p => new Space(
                        wheel.X + (p.Along * cos) - (off * sin),
                        wheel.Y + (p.Along * sin) + (off * cos),
                        z + p.Up
                    )),
            ];
        return new(g.WheelPart(index), PartKind.Wheel, wheel.Name, [Rim(-half), Rim(half)]);
    }

    // Two plates for each leg that goes in behind doors, hanging open beside its well: the legs are drawn out.
    private static IEnumerable<Solid> Doors(SpecSheet sheet)
    {
        var g = sheet.Geometry;
        return from output in sheet.Outputs
            where output is { Kind: OutputKind.Retract, HasDoors: true }
            from index in Enumerable.Range(0, g.Wheels.Length)
            let wheel = g.Wheels[index]
            where output.Wheels.Contains(wheel.Id)
            from side in new[] { -1, 1 }
            select Door(g, wheel, g.WheelPart(index), side);
    }

    private static Solid Door(Geometry g, Wheel wheel, string part, int side)
    {
        var (r, y) = (RadiusOf(wheel), wheel.Y + (side * RadiusOf(wheel) * 0.55));
        var top =
            At(g, wheel.X, wheel.Y) is { } s ? s.Middle - (s.Height / 2)
            : g.Wing is { } wing ? HeightAt(wing, Math.Abs(wheel.Y)) - 6
            : 0;
        ImmutableArray<Space> Edge(double x) =>
            [
                new(x, y, top),
                new(x, y + (side * r * 0.45), top - (r * 0.9)),
                new(x, y + (side * r * 0.45) + 2, top - (r * 0.9)),
            ];
        var name = side < 0 ? "left" : "right";
        return new(
            $"door-{part}-{name}",
            PartKind.Place,
            $"{name} door of {wheel.Name}",
            [Edge(wheel.X - r), Edge(wheel.X + r)]
        )
        {
            On = part,
        };
    }

    private static Solid Motor(Geometry g, MotorSpec motor)
    {
        var z =
            motor.Height
            ?? (
                (At(g, motor.At + 30, motor.Y) ?? At(g, motor.At - 30, motor.Y)) is { } s ? s.Middle
                : g.Wing is { } wing ? HeightAt(wing, Math.Abs(motor.Y))
                : 0
            );
        if (motor.IsFan)
        {
            ImmutableArray<Space> Duct(double x) => Circle(x, motor.Y, z, 32);
            return new($"motor-{motor.Id}", PartKind.Motor, "fan", [Duct(motor.At - 20), Duct(motor.At + 20)]);
        }

        var radius = PropellerSize.Parse(motor.Propeller).Try(out var size, out _) ? (double)size.DiameterMm / 2 : 100;
        var hub = Math.Min(radius * 0.16, 22);
        return new(
            $"motor-{motor.Id}",
            PartKind.Motor,
            "propeller",
            [Circle(motor.At - (hub * 0.8), motor.Y, z, hub * 0.25), Circle(motor.At + (hub * 0.6), motor.Y, z, hub)]
        )
        {
            More =
            [
                .. Enumerable
                    .Range(0, Math.Max(1, motor.Blades))
                    .Select(i => i * 2 * Math.PI / Math.Max(1, motor.Blades))
                    .Select(a => PropellerBlade(motor, z, radius, hub, a)),
            ],
        };
    }

    private static ImmutableArray<Space> Circle(double x, double y, double z, double r) =>
        [
            .. Enumerable
                .Range(0, Round)
                .Select(i => i * 2 * Math.PI / Round)
                .Select(a => new Space(x, y + (r * Math.Cos(a)), z + (r * Math.Sin(a)))),
        ];

    // One blade from the hub outwards: widest at a third of the way, its tip narrow.
    private static ImmutableArray<ImmutableArray<Space>> PropellerBlade(
        MotorSpec motor,
        double z,
        double radius,
        double hub,
        double angle
    )
    {
        var (sin, cos) = Math.SinCos(angle);
        (double Along, double Wide)[] stations =
        [
            (hub * 0.9, 0.045),
            (radius * 0.35, 0.085),
            (radius * 0.8, 0.065),
            (radius, 0.02),
        ];
        return
        [
            .. stations.Select(s =>
            {
                var (y, up) = (motor.Y + (s.Along * cos), z + (s.Along * sin));
                var wide = s.Wide * radius;
                return (ImmutableArray<Space>)
                    [
                        new(motor.At - 3, y - (wide * sin), up + (wide * cos)),
                        new(motor.At + 3, y - (wide * sin), up + (wide * cos)),
                        new(motor.At + 3, y + (wide * sin), up - (wide * cos)),
                        new(motor.At - 3, y + (wide * sin), up - (wide * cos)),
                    ];
            }),
        ];
    }
}
