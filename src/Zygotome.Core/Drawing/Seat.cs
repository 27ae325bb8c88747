using System.Collections.Immutable;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Drawing;

/// <summary>
/// Where a part goes: on to what, which way it is drawn off it, and the faces that meet there, mm on the aircraft.
/// </summary>
/// <param name="On">Parts of the drawing that it goes on to; empty where both halves meet each other.</param>
/// <param name="Off">How far off it is drawn.</param>
/// <param name="Face">Corners of the face that meets; empty where no face does.</param>
internal sealed record Seat(ImmutableArray<string> On, Space Off, ImmutableArray<Space> Face)
{
    /// <summary>The same face on the part itself, before it is drawn off.</summary>
    public ImmutableArray<Space> Own { get; init; } = Face;

    /// <summary>How far what it goes on to is drawn off itself, where that is in hand with it.</summary>
    public Space Base { get; init; }

    /// <summary>How far it is drawn from where it sits on the aircraft.</summary>
    public Space Away => Base + Off;

    // How far apart parts are drawn, as a share of the face's length, and never nearer or further than these, mm.
    private const double Apart = 0.5;
    private const double Nearest = 40;
    private const double Furthest = 130;

    /// <summary>Of a part of the drawing that a step fits; null where its geometry does not say.</summary>
    public static Seat? Of(SpecSheet sheet, StepSpec step, string part)
    {
        var g = sheet.Geometry;
        return g.Lifting.FirstOrDefault(l => Places.IsNamed(l.Id, part) && Places.SideOf(part).Length > 0)
                is { } lifting
                ? OfHalf(sheet, step, lifting, Places.SideOf(part) == "left" ? -1 : 1)
            : Enumerable.Range(0, g.Fins.Length).Where(i => g.FinPart(i) == part).ToArray() is [var fin]
                ? OfFin(g, g.Fins[fin])
            : sheet.Surface(part) is { } surface ? OfSurface(sheet, surface)
            : g.Bodies.FirstOrDefault(b => $"body-{b.Name}" == part) is { } body ? OfBody(g, body)
            : Enumerable.Range(0, g.Wheels.Length).Where(i => g.WheelPart(i) == part).ToArray() is [var wheel]
                ? OfWheel(g, g.Wheels[wheel])
            : sheet.Power.Motors.FirstOrDefault(m => $"motor-{m.Id}" == part) is { } motor ? OfMotor(g, motor)
            : g.PlacedPart(part) is { } placed ? OfPlaced(g, placed)
            : null;
    }

    // A cowl off its end of the body, a canopy or hatch off the side it closes; what lies under the skin is not held.
    private static Seat? OfPlaced(Geometry g, PlacedPart placed)
    {
        var thing = placed.Thing;
        var (x, y) = placed.Middle;
        var length = Math.Abs(thing.ToX - thing.X);
        if (thing.Kind is not (PlacedKind.Cowl or PlacedKind.Canopy or PlacedKind.Hatch))
        {
            return null;
        }

        // A cowl may stand out ahead of its body.
        var body = BodyAt(g, x, y) ?? g.Bodies.MinBy(b => Math.Abs(b.At - y) + Math.Abs(((b.From + b.To) / 2) - x));
        if (body is null)
        {
            return null;
        }

        var girth = Girth.Of(body, x);
        var off = thing.Kind switch
        {
            PlacedKind.Cowl => new Space((x < (body.From + body.To) / 2 ? -1 : 1) * (length + Nearest), 0, 0),
            PlacedKind.Hatch when Math.Abs(y - body.At) > girth.Width / 4 => new Space(
                0,
                Math.Sign(y - body.At) * Nearest,
                0
            ),
            PlacedKind.Hatch when thing.Height < girth.Middle => new Space(0, 0, -Far(length)),
            PlacedKind.Canopy => new Space(0, 0, Far(length) + (thing.Width / 2)),
            _ => new Space(0, 0, Far(length)),
        };
        var opening =
            thing.Kind == PlacedKind.Hatch
                ? Level(
                    Math.Min(thing.X, thing.ToX),
                    Math.Max(thing.X, thing.ToX),
                    y,
                    thing.Width / 2,
                    HeightOf(girth, off, thing)
                )
                : [];
        return new([$"body-{body.Name}"], off, off.Y == 0 ? opening : []);
    }

    // The side of the body that a hatch closes, mm above the datum.
    private static double HeightOf(Girth girth, Space off, PlacedThing thing) =>
        thing.Height ?? (girth.Middle + (Math.Sign(off.Z) * girth.Height / 2));

    /// <summary>The body whose length holds a station, the nearest across.</summary>
    public static Body? BodyAt(Geometry g, double x, double y, Body? but = null) =>
        g.Bodies.Where(b => b != but && x >= b.From && x <= b.To).MinBy(b => Math.Abs(b.At - y));

    private static double Far(double length) => Math.Clamp(length * Apart, Nearest, Furthest);

    private static Seat OfHalf(SpecSheet sheet, StepSpec step, LiftingSurface lifting, int side)
    {
        var g = sheet.Geometry;
        var (edge, chord) = Planform.At(lifting, lifting.RootGap);
        var z = Solids.HeightAt(lifting, lifting.RootGap);
        var far = Far(chord);
        var body = BodyAt(g, edge + (chord / 2), 0);
        ImmutableArray<string> on = body is null ? [] : [$"body-{body.Name}"];

        // One half alone, or both from the sides, or glued to each other: apart sideways, by their root ribs.
        var both = step.Fits.Concat(step.WorksOn).Any(f => f == lifting.Id);
        bool Glues(StepSpec s) => s.Bond is { Kind: "structural" or "tape" } && s.Fits.Any(f => f == lifting.Id);
        var glued = step.Fits.IsEmpty ? sheet.Steps.Any(Glues) : Glues(step);
        if (!both || lifting.RootGap > 1 || (lifting.Role == "wing" && glued))
        {
            return new(
                both && lifting.RootGap <= 1 ? [] : on,
                new(0, side * far, 0),
                Solids.Blade(edge, edge + chord, side * lifting.RootGap, z, chord * 0.11)
            );
        }

        // On top of a fin.
        if (Top(g, lifting, edge, chord, z) is { } fin)
        {
            return new(
                [g.FinPart(g.Fins.IndexOf(fin))],
                new(0, 0, far),
                Level(Math.Max(edge, fin.X + fin.Sweep), Math.Min(edge + chord, fin.X + fin.Sweep + fin.Tip), 0, 6, z)
            );
        }

        // In one piece on to the body: up off it, or down where it hangs under it.
        var girth = body is null ? new Girth(20, 20, z) : Girth.Of(body, edge + (chord / 2));
        var under = z < girth.Middle - (girth.Height / 4);
        var half = Math.Min(girth.Width / 2, chord / 3);
        return new(
            on,
            new(0, 0, under ? -far : far),
            [new(edge, -half, z), new(edge, half, z), new(edge + chord, half, z), new(edge + chord, -half, z)]
        );
    }

    // The fin in the middle that ends at the height of a tail, and over whose tip it lies.
    private static Fin? Top(Geometry g, LiftingSurface tail, double edge, double chord, double z) =>
        tail.Role == "wing"
            ? null
            : g.Fins.FirstOrDefault(f =>
                !f.Below
                && Math.Abs(f.Y) < 1
                && Solids.Under(g, f) is null
                && z > Solids.FootOf(g, f) + (f.Height / 2)
                && f.X + f.Sweep < edge + chord
                && f.X + f.Sweep + f.Tip > edge
            );

    private static Seat OfFin(Geometry g, Fin fin)
    {
        var (foot, up) = (Solids.FootOf(g, fin), fin.Below ? -1 : 1);
        var half = Math.Clamp(fin.Root * 0.05, 4, 9);
        return new(
            [.. Under(g, fin)],
            new(0, 0, up * Far(fin.Root)),
            [
                new(fin.X, fin.Y - half, foot),
                new(fin.X, fin.Y + half, foot),
                new(fin.X + fin.Root, fin.Y + half, foot),
                new(fin.X + fin.Root, fin.Y - half, foot),
            ]
        );
    }

    // The half it stands on further out, else the body.
    private static IEnumerable<string> Under(Geometry g, Fin fin) =>
        Solids.Under(g, fin) is { } lifting ? [$"{lifting.Id}-{(fin.Y < 0 ? "left" : "right")}"]
        : BodyAt(g, fin.X + (fin.Root / 2), fin.Y) is { } body ? [$"body-{body.Name}"]
        : [];

    private static Seat? OfSurface(SpecSheet sheet, Surface surface)
    {
        var rings = Solids.Surface(sheet, surface, Movement.None);
        return rings is [var inner, .., var outer]
            ? new([.. Scene.Carrier(sheet, surface.Id)], new(Nearest, 0, 0), [inner[0], outer[0], outer[^1], inner[^1]])
            : null;
    }

    // A float or nacelle under a wing, a pylon on a hull: up or down, whichever it stands off.
    private static Seat OfBody(Geometry g, Body body)
    {
        var middle = (body.From + body.To) / 2;
        var wing = g.Lifting.FirstOrDefault(l =>
            Math.Abs(body.At) > l.RootGap
            && Math.Abs(body.At) <= l.HalfSpan
            && Planform.At(l, Math.Abs(body.At)) is var (edge, chord)
            && body.From < edge + chord
            && body.To > edge
        );
        var half = body.Width / 4;
        if (wing is not null || BodyAt(g, middle, body.At, but: body) is not { } other)
        {
            wing ??= g.Wing;
            var (edge, chord) = wing is null ? (middle, 1) : Planform.At(wing, Math.Abs(body.At));
            var z = wing is null ? body.Axis : Solids.HeightAt(wing, Math.Abs(body.At));
            var (from, to) = (Math.Max(edge, body.From), Math.Min(edge + chord, body.To));
            string[] halves = wing is null ? [] : [$"{wing.Id}-left", $"{wing.Id}-right"];
            return new(
                [
                    .. Math.Abs(body.At) < 1
                        ? halves
                        : halves.Where(h => Places.SideOf(h) == (body.At < 0 ? "left" : "right")),
                ],
                new(0, 0, (body.Axis > z + 1 ? 1 : -1) * Far(to - from)),
                Level(from, to, body.At, half, z)
            )
            {
                Own = Level(from, to, body.At, half, EdgeOf(body, (from + to) / 2, top: body.Axis <= z + 1)),
            };
        }

        var above = Girth.Of(body, middle).Middle > Girth.Of(other, middle).Middle;
        var (first, last) = (Math.Max(body.From, other.From), Math.Min(body.To, other.To));
        return new(
            [$"body-{other.Name}"],
            new(0, 0, (above ? 1 : -1) * Far(body.To - body.From)),
            Level(first, last, body.At, half, EdgeOf(other, middle, top: above))
        )
        {
            Own = Level(first, last, body.At, half, EdgeOf(body, middle, top: !above)),
        };
    }

    // Top or bottom of a body at a station, mm above the datum.
    private static double EdgeOf(Body body, double x, bool top)
    {
        var girth = Girth.Of(body, x);
        return girth.Middle + ((top ? 1 : -1) * girth.Height / 2);
    }

    private static ImmutableArray<Space> Level(double from, double to, double y, double half, double z) =>
        [new(from, y - half, z), new(from, y + half, z), new(to, y + half, z), new(to, y - half, z)];

    private static Seat OfWheel(Geometry g, Wheel wheel) =>
        new(
            BodyAt(g, wheel.X, wheel.Y) is { } body ? [$"body-{body.Name}"] : [],
            Math.Abs(wheel.Y) < 1 ? new(0, 0, -Nearest) : new(0, Math.Sign(wheel.Y) * Nearest, 0),
            []
        );

    private static Seat OfMotor(Geometry g, MotorSpec motor)
    {
        var body = BodyAt(g, motor.At + 30, motor.Y) ?? BodyAt(g, motor.At - 30, motor.Y);
        var aft = body is not null && motor.At > (body.From + body.To) / 2;
        return new(body is null ? [] : [$"body-{body.Name}"], new((aft ? 1 : -1) * Nearest * 1.5, 0, 0), []);
    }
}
