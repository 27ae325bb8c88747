using System.Collections.Immutable;
using Zygotome.Core.Drawing;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Unpack;

/// <summary>
/// The inspection walk of one aircraft, made from its sheet, in the order hands go round it: nose and what lies ahead
/// of the wing, out along the left wing and what stands on it, round the tail, back along the right wing, and
/// underneath. Every hinge, joint, spar, horn, linkage, motor, leg, lead, surface and canopy is on it, once.
/// </summary>
public static class InspectionRoute
{
    public static ImmutableArray<WalkPoint> Of(SpecSheet sheet) => sheet.Once(s => new Walk(Points(s))).Points;

    // Once for a sheet: every point asked about, and every finding's origin, comes here.
    private sealed record Walk(ImmutableArray<WalkPoint> Points);

    private static ImmutableArray<WalkPoint> Points(SpecSheet sheet) =>
        [
            .. Nose(sheet),
            .. Side(sheet, "left", -1),
            .. Rear(sheet),
            .. Side(sheet, "right", 1).Reverse(),
            .. Under(sheet),
        ];

    /// <summary>What the sheet does not say that this aircraft has, and the walk asks for by custom.</summary>
    public static bool MayBeLeftOff(SpecSheet sheet, WalkPoint point) =>
        point.Kind is PlaceKind.Canopy or PlaceKind.Spar || (point.Id == "bay" && sheet.Geometry.Bay is null);

    /// <summary>Whether a point, once answered, spoke of this place.</summary>
    public static bool Covers(SpecSheet sheet, string point, string part, PlaceKind kind) =>
        Of(sheet)
            .Any(p =>
                p.Id == point
                && p.Part == part
                && (p.Kind == kind || (p.Kind == PlaceKind.Skin && kind is PlaceKind.Decal or PlaceKind.ScalePart))
            );

    private static string BodyOf(SpecSheet sheet) =>
        sheet.Geometry.Bodies is [var body, ..] ? $"body-{body.Name}" : $"{sheet.Geometry.Wing?.Id ?? "wing"}-left";

    /// <summary>Which side's hands come to it: −1 left, +1 right, 0 on the way between.</summary>
    private static int SideOf(MotorSpec motor) => Math.Sign(motor.Y);

    /// <summary>
    /// A fin on the wing, at its tip or further in, is met with its wing; one on body or tail with the tail.
    /// </summary>
    private static int SideOf(Geometry g, Fin fin)
    {
        if (fin.Y == 0 || g.Wing is not { } wing || Math.Abs(fin.Y) > wing.HalfSpan * 1.05)
        {
            return 0;
        }

        var (edge, chord) = Planform.At(wing, Math.Min(Math.Abs(fin.Y), wing.HalfSpan));
        return fin.X <= edge + chord && fin.X + fin.Root >= edge ? Math.Sign(fin.Y) : 0;
    }

    /// <summary>A pusher behind the wing is met on the way round the tail.</summary>
    private static bool Behind(Geometry g, MotorSpec motor) =>
        motor.Kind != "fan"
        && g.Wing is { } wing
        && motor.At > wing.RootLeadingEdge + (Planform.At(wing, 0).Chord * 0.8);

    private static bool Ahead(Geometry g, LiftingSurface tail) => tail.RootLeadingEdge < (g.Wing?.RootLeadingEdge ?? 0);

    private static IEnumerable<WalkPoint> Nose(SpecSheet sheet)
    {
        var (g, body) = (sheet.Geometry, BodyOf(sheet));
        return
        [
            .. sheet.Power.Motors.Where(m => SideOf(m) == 0 && !Behind(g, m)).SelectMany(m => MotorPoints(sheet, m)),
            new(
                "canopy",
                "Canopy and hatch",
                body,
                PlaceKind.Canopy,
                g.Nose * 0.5,
                0,
                "Latch pulled; glue edge all round; no crack at the corners."
            ),
            new(
                "bay",
                "Battery bay and leads at the nose",
                body,
                PlaceKind.ReceiverPower,
                g.Bay is { } bay ? (bay.From + bay.To) / 2 : g.Nose * 0.4,
                0,
                "Pull each lead at its housing; no bare wire; tray and strap glued."
            ),
            .. g.Lifting.Where(l => l.Role != "wing" && Ahead(g, l)).SelectMany(l => TailPoints(sheet, l)),
        ];
    }

    private static IEnumerable<WalkPoint> Side(SpecSheet sheet, string side, int sign)
    {
        var g = sheet.Geometry;
        var wings = g.Lifting.Where(l => l.Role == "wing").ToList();
        var fins = Enumerable.Range(0, g.Fins.Length).Where(i => SideOf(g, g.Fins[i]) == sign);
        var wheels = Enumerable.Range(0, g.Wheels.Length).Where(i => Math.Sign(g.Wheels[i].Y) == sign);
        return
        [
            .. sheet.Power.Motors.Where(m => SideOf(m) == sign).SelectMany(m => MotorPoints(sheet, m)),
            .. wings.SelectMany(w =>
                WingPoints(sheet, w, wings.Count == 1 ? "wing" : w.Id.Replace('-', ' '), side, sign)
            ),
            .. fins.SelectMany(i => FinPoints(sheet, i)),
            .. wheels.Select(i => new WalkPoint(
                $"leg/{i + 1}",
                $"{g.Wheels[i].Name}: leg and wheel",
                $"wheel-{i + 1}",
                PlaceKind.GearRetention,
                g.Wheels[i].X,
                g.Wheels[i].Y,
                "Pull and twist the leg; spin the wheel; collar and its screw."
            )),
        ];
    }

    private static IEnumerable<WalkPoint> Rear(SpecSheet sheet)
    {
        var (g, body) = (sheet.Geometry, BodyOf(sheet));
        var end = g.Bodies.Length > 0 ? g.Bodies.Max(b => b.To) : 0;
        var fins = Enumerable.Range(0, g.Fins.Length).Where(i => SideOf(g, g.Fins[i]) == 0);
        return
        [
            new(
                "skin/body",
                "Fuselage sides",
                body,
                PlaceKind.Skin,
                end * 0.4,
                0,
                "Both palms from nose to tail: crush, crease, seams parting."
            ),
            .. g.Lifting.Where(l => l.Role != "wing" && !Ahead(g, l)).SelectMany(l => TailPoints(sheet, l)),
            .. fins.SelectMany(i => FinPoints(sheet, i)),
            .. g.Fins.Length == 0 ? Surfaces(sheet, sheet.Surfaces.Where(s => g.Find(s.On) is null), 0) : [],
            .. sheet.Power.Motors.Where(m => SideOf(m) == 0 && Behind(g, m)).SelectMany(m => MotorPoints(sheet, m)),
        ];
    }

    private static IEnumerable<WalkPoint> Under(SpecSheet sheet)
    {
        var (g, body) = (sheet.Geometry, BodyOf(sheet));
        var wheels = Enumerable.Range(0, g.Wheels.Length).Where(i => g.Wheels[i].Y == 0);
        return
        [
            new(
                "under",
                "Underside",
                body,
                PlaceKind.Skin,
                0,
                0,
                "Turn it over: belly, screw heads, hatches, drain holes."
            ),
            .. wheels.Select(i => new WalkPoint(
                $"leg/{i + 1}",
                $"{g.Wheels[i].Name}: leg and steering",
                $"wheel-{i + 1}",
                PlaceKind.GearRetention,
                g.Wheels[i].X,
                0,
                "Pull and twist the leg; steer it by hand; collar and its screw."
            )),
            .. sheet.Leads.Select(l => new WalkPoint(
                $"lead/{l.Id}",
                $"Lead: {(l.Label.Length > 0 ? l.Label : l.Id)}",
                body,
                PlaceKind.ReceiverPower,
                0,
                0,
                "Pull at the housing, look for a pinch where it passes a joint."
            )),
        ];
    }

    private static IEnumerable<WalkPoint> MotorPoints(SpecSheet sheet, MotorSpec m)
    {
        var which = sheet.Power.Motors.Length == 1 ? "" : $", {m.Id}";
        yield return m.Kind == "fan"
            ? new(
                $"motor/{m.Id}",
                $"Fan and intake{which}",
                $"motor-{m.Id}",
                PlaceKind.Propeller,
                m.At,
                m.Y,
                "Turn it by hand: no rub, every blade whole. Nothing loose in the intake."
            )
            : new(
                $"motor/{m.Id}",
                $"Motor and propeller{which}",
                $"motor-{m.Id}",
                PlaceKind.Propeller,
                m.At,
                m.Y,
                "Turn it by hand, wires off: listen for grit; look at blade roots and edges."
            );
        yield return new(
            $"mount/{m.Id}",
            $"Motor mount{which}",
            $"motor-{m.Id}",
            PlaceKind.MotorMount,
            m.At,
            m.Y,
            "Rock the shaft: no play, no cracking sound, every screw there."
        );
    }

    private static IEnumerable<WalkPoint> WingPoints(
        SpecSheet sheet,
        LiftingSurface wing,
        string called,
        string side,
        int sign
    )
    {
        var (part, name) = ($"{wing.Id}-{side}", Titled($"{side} {called}"));
        var (edge, chord) = Planform.At(wing, wing.HalfSpan * 0.12);
        yield return new(
            $"joint/{part}",
            $"{name}: root joint",
            part,
            PlaceKind.Joint,
            edge + (chord * 0.4),
            sign * wing.HalfSpan * 0.05,
            "Bend gently: no click, no gap opening; sockets clean."
        );
        yield return new(
            $"spar/{part}",
            $"{name}: spar",
            part,
            PlaceKind.Spar,
            edge + (chord * 0.3),
            sign * wing.HalfSpan * 0.35,
            "Sight along it: straight, not twisted; flex and listen."
        );
        (edge, chord) = Planform.At(wing, wing.HalfSpan * 0.7);
        yield return new(
            $"skin/{part}",
            $"{name}: skin and leading edge",
            part,
            PlaceKind.Skin,
            edge,
            sign * wing.HalfSpan * 0.7,
            "Palm along the edge, top and below: dents, creases, tacky paint."
        );
        foreach (var point in Surfaces(sheet, sheet.Surfaces.Where(s => s.On == wing.Id && s.Side == side), sign))
        {
            yield return point;
        }
    }

    private static IEnumerable<WalkPoint> TailPoints(SpecSheet sheet, LiftingSurface tail)
    {
        foreach (var (side, sign) in new[] { ("left", -1), ("right", 1) })
        {
            var (edge, chord) = Planform.At(tail, tail.HalfSpan * 0.5);
            yield return new(
                $"skin/{tail.Id}-{side}",
                Titled($"{side} {tail.Id}"),
                $"{tail.Id}-{side}",
                PlaceKind.Joint,
                edge + (chord * 0.4),
                sign * tail.HalfSpan * 0.4,
                "Rock it at its root: no play, no click; skin whole."
            );
            foreach (var point in Surfaces(sheet, sheet.Surfaces.Where(s => s.On == tail.Id && s.Side == side), sign))
            {
                yield return point;
            }
        }

        foreach (var point in Surfaces(sheet, sheet.Surfaces.Where(s => s.On == tail.Id && s.Side == "centre"), 1))
        {
            yield return point;
        }
    }

    private static IEnumerable<WalkPoint> FinPoints(SpecSheet sheet, int index)
    {
        var g = sheet.Geometry;
        var (fin, one) = (g.Fins[index], g.Fins.Length == 1);
        var part = one ? "fin" : $"fin-{index + 1}";
        yield return new(
            $"joint/{part}",
            one ? "Fin: root" : $"Fin {index + 1}: root",
            part,
            PlaceKind.Joint,
            fin.X + (fin.Root / 2),
            fin.Y,
            "Rock it: no play, no click, upright."
        );
        foreach (
            var point in Surfaces(
                sheet,
                sheet.Surfaces.Where(s => g.Find(s.On) is null && ReferenceEquals(Drawings.FinOf(g, s), fin)),
                0
            )
        )
        {
            yield return point;
        }
    }

    private static IEnumerable<WalkPoint> Surfaces(SpecSheet sheet, IEnumerable<Surface> surfaces, int sign)
    {
        foreach (var s in surfaces)
        {
            var (x, y) =
                sheet.Geometry.Find(s.On) is { } on
                && Planform.At(on, (s.From + s.To) / 2 * on.HalfSpan) is var (edge, chord)
                    ? (edge + chord - (s.Chord / 2), sign * (s.From + s.To) / 2 * on.HalfSpan)
                : sheet.Geometry.Fins.Length > 0 && Drawings.FinOf(sheet.Geometry, s) is { } fin
                    ? (fin.X + fin.Root, fin.Y)
                : (0, 0);
            yield return new(
                $"hinge/{s.Id}",
                $"{s.Name}: hinge line",
                s.Id,
                PlaceKind.Hinge,
                x - (s.Chord / 3),
                y,
                "Full both ways by hand: even, no tear at the ends, no tight spot."
            );
            yield return new(
                $"horn/{s.Id}",
                $"{s.Name}: horn and linkage",
                s.Id,
                PlaceKind.Horn,
                x,
                y,
                "Pull the horn; clevis keeper on; rod straight; no slop."
            );
        }
    }

    private static string Titled(string words) => Texts.Capital(words.Replace('-', ' '));
}
