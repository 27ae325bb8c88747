using System.Collections.Immutable;
using Zygotome.Core.Airframe;
using Zygotome.Core.Jobs;
using Zygotome.Core.SpecSheets;

namespace Zygotome.Core.Unpack;

/// <summary>One place hands come to on the way round the aircraft. <paramref name="X"/>: mm aft; <paramref name="Y"/>: mm to the right wing.</summary>
/// <param name="Part">The drawn part it lies on. <paramref name="Feel"/>: what to feel and listen for.</param>
public sealed record WalkPoint(string Id, string Title, string Part, PlaceKind Kind, double X, double Y, string Feel);

public enum WalkAnswer
{
    Sound,
    Finding,
    NotFitted,
}

/// <summary>
/// The inspection walk of one aircraft, made from its sheet: from the nose down the left side, out along the left wing and back,
/// round the tail, up the right side, and underneath. Every hinge, joint, spar, horn, linkage, motor, leg, lead, surface and canopy is on it.
/// </summary>
public static class InspectionRoute
{
    public static ImmutableArray<WalkPoint> Of(SpecSheet sheet) =>
    [
        .. Nose(sheet), .. Wing(sheet, "left", -1), .. Tail(sheet), .. Wing(sheet, "right", 1).Reverse(), .. Under(sheet),
    ];

    /// <summary>Whether a point, once answered, spoke of this place.</summary>
    public static bool Covers(SpecSheet sheet, string point, string part, PlaceKind kind) => Of(sheet).Any(p => p.Id == point && p.Part == part && (p.Kind == kind || (p.Kind == PlaceKind.Skin && kind is PlaceKind.Decal or PlaceKind.ScalePart)));

    private static string BodyOf(SpecSheet sheet) => sheet.Geometry.Bodies is [var body, ..] ? $"body-{body.Name}" : $"{sheet.Geometry.Wing?.Id ?? "wing"}-left";

    private static IEnumerable<WalkPoint> Nose(SpecSheet sheet)
    {
        var (g, body) = (sheet.Geometry, BodyOf(sheet));
        foreach (var m in sheet.Power.Motors)
        {
            yield return m.Kind == "fan"
                ? new($"motor/{m.Id}", "Fan and intake", $"motor-{m.Id}", PlaceKind.Propeller, m.At, m.Y, "Turn it by hand: no rub, every blade whole. Nothing loose in the intake.")
                : new($"motor/{m.Id}", sheet.Power.Motors.Length == 1 ? "Motor and propeller" : $"Motor and propeller, {m.Id}", $"motor-{m.Id}", PlaceKind.Propeller, m.At, m.Y, "Turn it by hand, wires off: listen for grit; look at blade roots and edges.");
            yield return new($"mount/{m.Id}", sheet.Power.Motors.Length == 1 ? "Motor mount" : $"Motor mount, {m.Id}", $"motor-{m.Id}", PlaceKind.MotorMount, m.At, m.Y, "Rock the shaft: no play, no cracking sound, every screw there.");
        }

        yield return new("canopy", "Canopy and hatch", body, PlaceKind.Canopy, g.Nose * 0.5, 0, "Latch pulled; glue edge all round; no crack at the corners.");
        yield return new("bay", "Battery bay and leads at the nose", body, PlaceKind.ReceiverPower, g.Bay is { } bay ? (bay.From + bay.To) / 2 : g.Nose * 0.4, 0, "Pull each lead at its housing; no bare wire; tray and strap glued.");
    }

    private static IEnumerable<WalkPoint> Wing(SpecSheet sheet, string side, int sign)
    {
        foreach (var wing in sheet.Geometry.Lifting.Where(l => l.Role == "wing"))
        {
            var part = $"{wing.Id}-{side}";
            var name = sheet.Geometry.Lifting.Count(l => l.Role == "wing") == 1 ? $"{side} wing" : $"{side} {wing.Id.Replace('-', ' ')}";
            var (edge, chord) = Planform.At(wing, wing.HalfSpan * 0.12);
            yield return new($"joint/{part}", $"{name}: root joint", part, PlaceKind.Joint, edge + (chord * 0.4), sign * wing.HalfSpan * 0.05, "Bend gently: no click, no gap opening; sockets clean.");
            yield return new($"spar/{part}", $"{name}: spar", part, PlaceKind.Spar, edge + (chord * 0.3), sign * wing.HalfSpan * 0.35, "Sight along it: straight, not twisted; flex and listen.");
            (edge, chord) = Planform.At(wing, wing.HalfSpan * 0.7);
            yield return new($"skin/{part}", $"{name}: skin and leading edge", part, PlaceKind.Skin, edge, sign * wing.HalfSpan * 0.7, "Palm along the edge, top and below: dents, creases, tacky paint.");
            foreach (var point in Surfaces(sheet, sheet.Surfaces.Where(s => s.On == wing.Id && s.Side == side), sign))
            {
                yield return point;
            }
        }

        foreach (var (wheel, i) in sheet.Geometry.Wheels.Select((w, i) => (w, i)).Where(p => Math.Sign(p.w.Y) == sign))
        {
            yield return new($"leg/{i + 1}", $"{wheel.Name}: leg and wheel", $"wheel-{i + 1}", PlaceKind.GearRetention, wheel.X, wheel.Y, "Pull and twist the leg; spin the wheel; collar and its screw.");
        }
    }

    private static IEnumerable<WalkPoint> Tail(SpecSheet sheet)
    {
        var (g, body) = (sheet.Geometry, BodyOf(sheet));
        var end = g.Bodies.Length > 0 ? g.Bodies.Max(b => b.To) : 0;
        yield return new("skin/body", "Fuselage sides", body, PlaceKind.Skin, end * 0.4, 0, "Both palms from nose to tail: crush, crease, seams parting.");
        foreach (var tail in g.Lifting.Where(l => l.Role != "wing"))
        {
            foreach (var (side, sign) in new[] { ("left", -1), ("right", 1) })
            {
                var (edge, chord) = Planform.At(tail, tail.HalfSpan * 0.5);
                yield return new($"skin/{tail.Id}-{side}", $"{side} {tail.Id}", $"{tail.Id}-{side}", PlaceKind.Joint, edge + (chord * 0.4), sign * tail.HalfSpan * 0.4, "Rock it at its root: no play, no click; skin whole.");
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

        foreach (var (fin, i) in g.Fins.Select((f, i) => (f, i)))
        {
            var part = g.Fins.Length == 1 ? "fin" : $"fin-{i + 1}";
            yield return new($"joint/{part}", g.Fins.Length == 1 ? "Fin: root" : $"Fin {i + 1}: root", part, PlaceKind.Joint, fin.X + (fin.Root / 2), fin.Y, "Rock it: no play, no click, upright.");
        }

        foreach (var point in Surfaces(sheet, sheet.Surfaces.Where(s => g.Find(s.On) is null), 0))
        {
            yield return point;
        }
    }

    private static IEnumerable<WalkPoint> Under(SpecSheet sheet)
    {
        var body = BodyOf(sheet);
        yield return new("under", "Underside", body, PlaceKind.Skin, 0, 0, "Turn it over: belly, screw heads, hatches, drain holes.");
        foreach (var (wheel, i) in sheet.Geometry.Wheels.Select((w, i) => (w, i)).Where(p => p.w.Y == 0))
        {
            yield return new($"leg/{i + 1}", $"{wheel.Name}: leg and steering", $"wheel-{i + 1}", PlaceKind.GearRetention, wheel.X, 0, "Pull and twist the leg; steer it by hand; collar and its screw.");
        }

        foreach (var lead in sheet.Leads)
        {
            yield return new($"lead/{lead.Id}", $"Lead: {(lead.Label.Length > 0 ? lead.Label : lead.Id)}", body, PlaceKind.ReceiverPower, 0, 0, "Pull at the housing, look for a pinch where it passes a joint.");
        }
    }

    private static IEnumerable<WalkPoint> Surfaces(SpecSheet sheet, IEnumerable<Surface> surfaces, int sign)
    {
        foreach (var s in surfaces)
        {
            var (x, y) = sheet.Geometry.Find(s.On) is { } on && Planform.At(on, (s.From + s.To) / 2 * on.HalfSpan) is var (edge, chord)
                ? (edge + chord - (s.Chord / 2), sign * (s.From + s.To) / 2 * on.HalfSpan)
                : sheet.Geometry.Fins.Length > 0 && Drawings.FinOf(sheet.Geometry, s) is { } fin ? (fin.X + fin.Root, fin.Y) : (0, 0);
            yield return new($"hinge/{s.Id}", $"{s.Name}: hinge line", s.Id, PlaceKind.Hinge, x - (s.Chord / 3), y, "Full both ways by hand: even, no tear at the ends, no tight spot.");
            yield return new($"horn/{s.Id}", $"{s.Name}: horn and linkage", s.Id, PlaceKind.Horn, x, y, "Pull the horn; clevis keeper on; rod straight; no slop.");
        }
    }
}

/// <summary>A point of the walk, answered.</summary>
public sealed record WalkAnswered(string Point, WalkAnswer Answer, string Finding, Evidence Evidence);
