using System.Collections.Immutable;
using Zygotome.Core.Drawing;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Table;

namespace Zygotome.Core.Unpack;

/// <summary>
/// The inspection walk of one aircraft, made from its sheet, in the order hands go round it: nose and what lies ahead
/// of the wing, out along the left wing and what stands on it, round the tail, back along the right wing, and
/// underneath. Every hinge, joint, spar, horn, factory-made linkage, motor, nacelle, leg, light, lead, surface and
/// canopy is on it, once.
/// </summary>
public static class InspectionRoute
{
    /// <summary>In the order of the walk.</summary>
    public static ImmutableArray<WalkPoint> Of(SpecSheet sheet) => sheet.Once(s => new Walk(Points(s))).Points;

    // Once for a sheet: every point asked about, and every finding's origin, comes here.
    private sealed record Walk(ImmutableArray<WalkPoint> Points);

    // A sheet on file may say a thing twice: it is looked at once.
    private static ImmutableArray<WalkPoint> Points(SpecSheet sheet) =>
        [
            .. new[]
            {
                Nose(sheet),
                Side(sheet, "left", -1),
                Rear(sheet),
                Side(sheet, "right", 1).Reverse(),
                Under(sheet),
            }
                .SelectMany(p => p)
                .DistinctBy(p => p.Id),
        ];

    /// <summary>What the sheet does not say that this aircraft has, and the walk asks for by custom.</summary>
    public static bool MayBeLeftOff(SpecSheet sheet, WalkPoint point) =>
        point.Id == CanopyByCustom
        || (
            point.Kind == PlaceKind.Spar
            && !sheet.Geometry.Placed.Any(p => p.Kind is PlacedKind.Spar or PlacedKind.Tube)
        )
        || (point.Id == "bay" && sheet.Geometry.Bay is null);

    /// <summary>
    /// Whether the rod of a surface comes closed from the factory: something drives it, and no step of the kit sets it.
    /// </summary>
    public static bool IsLinkedByFactory(SpecSheet sheet, Surface surface) =>
        sheet.Servos.Any(s => s.Drives.Contains(surface.Id))
        && sheet.Steps.Length > 0
        && !sheet.Steps.Any(s =>
            s.Repairs.Length == 0
            && (
                s.Get(StepFields.Closes).Any(c => Places.IsNamed(c, surface.Id))
                || s.Disturbs.Any(d =>
                    d.Kind == AspectKind.Neutral && (d.Surface == Aspect.Every || d.Surface == surface.Id)
                )
            )
        );

    private const string CanopyByCustom = "canopy";

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
            .. Openings(sheet),
            new(
                Id: "bay",
                Title: "Battery bay and leads at the nose",
                Part: body,
                Kind: PlaceKind.ReceiverPower,
                X: g.Bay is { } bay ? (bay.From + bay.To) / 2 : g.Nose * 0.4,
                Y: 0,
                Feel: "Pull each lead at its housing; no bare wire; tray and strap glued."
            ),
            .. sheet.Outputs.Where(o => o.Kind == OutputKind.Light).Select(o => Light(sheet, o)),
            .. g.Lifting.Where(l => l.Role != "wing" && Ahead(g, l)).SelectMany(l => TailPoints(sheet, l)),
        ];
    }

    // Each canopy and hatch that the sheet places; of a sheet that places nothing at all, by custom.
    private static IEnumerable<WalkPoint> Openings(SpecSheet sheet)
    {
        const string feel = "Latch pulled; glue edge all round; no crack at the corners.";
        var g = sheet.Geometry;
        return g.Placed.IsEmpty
            ?
            [
                new(
                    Id: CanopyByCustom,
                    Title: "Canopy and hatch",
                    Part: BodyOf(sheet),
                    Kind: PlaceKind.Canopy,
                    X: g.Nose * 0.5,
                    Y: 0,
                    Feel: feel
                ),
            ]
            : g
                .Placed.Where(p => p.Kind is PlacedKind.Canopy or PlacedKind.Hatch)
                .SelectMany(p => PlacedPart.Of(p))
                .Select(p => new WalkPoint(
                    Id: $"canopy/{p.Part}",
                    Title: Texts.Capital(p.Name),
                    Part: p.Part,
                    Kind: PlaceKind.Canopy,
                    X: p.Middle.X,
                    Y: p.Middle.Y,
                    Feel: feel
                ));
    }

    private static WalkPoint Light(SpecSheet sheet, OutputSpec light)
    {
        var placed = sheet
            .Geometry.Placed.SelectMany(p => PlacedPart.Of(p))
            .FirstOrDefault(p => p.Thing.Of == light.Id);
        return new(
            Id: $"light/{light.Id}",
            Title: light.Name,
            Part: placed?.Part ?? BodyOf(sheet),
            Kind: PlaceKind.Light,
            X: placed?.Middle.X ?? sheet.Geometry.Nose * 0.6,
            Y: placed?.Middle.Y ?? 0,
            Feel: "Lens whole, held fast; its lead pulled at the plug."
        );
    }

    private static WalkPoint Skin(Body body, string id, string title, double along) =>
        new(
            Id: id,
            Title: title,
            Part: $"body-{body.Name}",
            Kind: PlaceKind.Skin,
            X: along,
            Y: body.At,
            Feel: "Both palms from nose to tail: crush, crease, seams parting."
        );

    private static WalkPoint Lead(SpecSheet sheet, LeadSpec lead)
    {
        var g = sheet.Geometry;
        var feeds = sheet.Servos.Where(s => s.Id == lead.From).SelectMany(s => s.Drives).ToArray();
        var placed = g
            .Placed.Where(p => p.Kind == PlacedKind.Lead)
            .SelectMany(p => PlacedPart.Of(p))
            .FirstOrDefault(p =>
                p.Side.Length == 0 ? p.Thing.Of == lead.Id : p.Serves(sheet).Any(s => feeds.Contains(s.Id))
            );
        var near = placed is null ? feeds.Select(sheet.Surface).OfType<Surface>().FirstOrDefault() : null;
        var onWing = near is { Side: not "centre" } && g.Find(near.On) is not null;
        var (x, y) = placed?.Middle ?? (onWing ? PlaceOf(sheet, near!) : (g.Bay?.To ?? 0, 0));
        return new(
            Id: $"lead/{lead.Id}",
            Title: $"Lead: {(lead.Label.Length > 0 ? lead.Label : lead.Id)}",
            Part: placed?.Part ?? (onWing ? $"{near!.On}-{near.Side}" : BodyOf(sheet)),
            Kind: PlaceKind.Lead,
            X: x,
            Y: y,
            Feel: "Pull at the housing, every contact in; look for a pinch where it passes a joint."
        );
    }

    // The middle of a surface, near its trailing edge.
    private static (double X, double Y) PlaceOf(SpecSheet sheet, Surface s)
    {
        var g = sheet.Geometry;
        var sign =
            s.Side == "left" ? -1
            : s.Side == "right" ? 1
            : 0;
        return g.Find(s.On) is { } on && Planform.At(on, (s.From + s.To) / 2 * on.HalfSpan) is var (edge, chord)
                ? (edge + chord - (s.Chord / 2), sign * (s.From + s.To) / 2 * on.HalfSpan)
            : g.Fins.Length > 0 && Drawings.FinOf(g, s) is { } fin ? (fin.X + fin.Root, fin.Y)
            : (0, 0);
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
            .. g
                .Bodies.Where(b => Math.Sign(b.At) == sign)
                .Select(b => Skin(b, $"skin/body-{b.Name}", Titled(b.Name), (b.From + b.To) / 2)),
            .. wings.SelectMany(w =>
                WingPoints(sheet, w, wings.Count == 1 ? "wing" : w.Id.Replace('-', ' '), side, sign)
            ),
            .. fins.SelectMany(i => FinPoints(sheet, i)),
            .. wheels.Select(i => new WalkPoint(
                Id: $"leg/{(g.Wheels[i].Id is { Length: > 0 } id ? id : $"{i + 1}")}",
                Title: $"{g.Wheels[i].Name}: leg and wheel",
                Part: g.WheelPart(i),
                Kind: PlaceKind.GearRetention,
                X: g.Wheels[i].X,
                Y: g.Wheels[i].Y,
                Feel: "Pull and twist the leg; spin the wheel; collar and its screw."
            )),
        ];
    }

    private static IEnumerable<WalkPoint> Rear(SpecSheet sheet)
    {
        var g = sheet.Geometry;
        var middle = g.Bodies.Where(b => b.At == 0).ToArray();
        var end = g.Bodies.Length > 0 ? g.Bodies.Max(b => b.To) : 0;
        var fins = Enumerable.Range(0, g.Fins.Length).Where(i => SideOf(g, g.Fins[i]) == 0);
        return
        [
            .. middle.Select(
                (b, i) =>
                    i == 0
                        ? Skin(b, "skin/body", middle.Length == 1 ? "Fuselage sides" : Titled(b.Name), end * 0.4)
                        : Skin(b, $"skin/body-{b.Name}", Titled(b.Name), (b.From + b.To) / 2)
            ),
            .. g.Lifting.Where(l => l.Role != "wing" && !Ahead(g, l)).SelectMany(l => TailPoints(sheet, l)),
            .. fins.SelectMany(i => FinPoints(sheet, i)),
            .. g.Fins.Length == 0 ? Surfaces(sheet, sheet.Surfaces.Where(s => g.Find(s.On) is null)) : [],
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
                Id: "under",
                Title: "Underside",
                Part: body,
                Kind: PlaceKind.Skin,
                X: 0,
                Y: 0,
                Feel: "Turn it over: belly, screw heads, hatches, drain holes."
            ),
            .. wheels.Select(i => new WalkPoint(
                Id: $"leg/{(g.Wheels[i].Id is { Length: > 0 } id ? id : $"{i + 1}")}",
                Title: $"{g.Wheels[i].Name}: leg and steering",
                Part: g.WheelPart(i),
                Kind: PlaceKind.GearRetention,
                X: g.Wheels[i].X,
                Y: 0,
                Feel: "Pull and twist the leg; steer it by hand; collar and its screw."
            )),
            .. sheet.Leads.Select(l => Lead(sheet, l)),
        ];
    }

    private static IEnumerable<WalkPoint> MotorPoints(SpecSheet sheet, MotorSpec m)
    {
        var which = sheet.Power.Motors.Length == 1 ? "" : $", {m.Id}";
        yield return m.Kind == "fan"
            ? new(
                Id: $"motor/{m.Id}",
                Title: $"Fan and intake{which}",
                Part: $"motor-{m.Id}",
                Kind: PlaceKind.Propeller,
                X: m.At,
                Y: m.Y,
                Feel: "Every blade whole. Nothing loose in the intake, nothing in its way."
            )
            : new(
                Id: $"motor/{m.Id}",
                Title: $"Motor and propeller{which}",
                Part: $"motor-{m.Id}",
                Kind: PlaceKind.Propeller,
                X: m.At,
                Y: m.Y,
                Feel: "Blade roots and edges, both faces: no nick, no crack; hub whole."
            );
        yield return new(
            Id: $"shaft/{m.Id}",
            Title: $"{(m.IsFan ? "Fan motor" : "Motor")} turned by hand{which}",
            Part: $"motor-{m.Id}",
            Kind: PlaceKind.Motor,
            X: m.At,
            Y: m.Y,
            Feel: "Wires off: free all round, no grit, no rub. Rock the shaft: no play."
        );
        yield return new(
            Id: $"mount/{m.Id}",
            Title: $"Motor mount{which}",
            Part: $"motor-{m.Id}",
            Kind: PlaceKind.MotorMount,
            X: m.At,
            Y: m.Y,
            Feel: "Pull and rock it: no cracking sound, every screw there."
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
            Id: $"joint/{part}",
            Title: $"{name}: root joint",
            Part: part,
            Kind: PlaceKind.Joint,
            X: edge + (chord * 0.4),
            Y: sign * wing.HalfSpan * 0.05,
            Feel: "Bend gently: no click, no gap opening; sockets clean."
        );
        yield return new(
            Id: $"spar/{part}",
            Title: $"{name}: spar",
            Part: part,
            Kind: PlaceKind.Spar,
            X: edge + (chord * 0.3),
            Y: sign * wing.HalfSpan * 0.35,
            Feel: "Sight along it: straight, not twisted; flex and listen."
        );
        (edge, chord) = Planform.At(wing, wing.HalfSpan * 0.7);
        yield return new(
            Id: $"skin/{part}",
            Title: $"{name}: skin and leading edge",
            Part: part,
            Kind: PlaceKind.Skin,
            X: edge,
            Y: sign * wing.HalfSpan * 0.7,
            Feel: "Palm along the edge, top and below: dents, creases, tacky paint."
        );
        foreach (var point in Surfaces(sheet, sheet.Surfaces.Where(s => s.On == wing.Id && s.Side == side)))
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
                Id: $"skin/{tail.Id}-{side}",
                Title: Titled($"{side} {tail.Id}"),
                Part: $"{tail.Id}-{side}",
                Kind: PlaceKind.Joint,
                X: edge + (chord * 0.4),
                Y: sign * tail.HalfSpan * 0.4,
                Feel: "Rock it at its root: no play, no click; skin whole."
            );
            foreach (var point in Surfaces(sheet, sheet.Surfaces.Where(s => s.On == tail.Id && s.Side == side)))
            {
                yield return point;
            }
        }

        foreach (var point in Surfaces(sheet, sheet.Surfaces.Where(s => s.On == tail.Id && s.Side == "centre")))
        {
            yield return point;
        }
    }

    private static IEnumerable<WalkPoint> FinPoints(SpecSheet sheet, int index)
    {
        var g = sheet.Geometry;
        var (fin, one) = (g.Fins[index], g.Fins.Length == 1);
        var part = g.FinPart(index);
        yield return new(
            Id: $"joint/{part}",
            Title: one ? "Fin: root" : $"Fin {index + 1}: root",
            Part: part,
            Kind: PlaceKind.Joint,
            X: fin.X + (fin.Root / 2),
            Y: fin.Y,
            Feel: "Rock it: no play, no click, upright."
        );
        foreach (
            var point in Surfaces(
                sheet,
                sheet.Surfaces.Where(s => g.Find(s.On) is null && ReferenceEquals(Drawings.FinOf(g, s), fin))
            )
        )
        {
            yield return point;
        }
    }

    private static IEnumerable<WalkPoint> Surfaces(SpecSheet sheet, IEnumerable<Surface> surfaces)
    {
        foreach (var s in surfaces)
        {
            var (x, y) = PlaceOf(sheet, s);
            yield return new(
                Id: $"hinge/{s.Id}",
                Title: $"{s.Name}: hinge line",
                Part: s.Id,
                Kind: PlaceKind.Hinge,
                X: x - (s.Chord / 3),
                Y: y,
                Feel: "Full both ways by hand: even, no tear at the ends, no tight spot."
            );
            yield return new(
                Id: $"horn/{s.Id}",
                Title: $"{s.Name}: horn and linkage",
                Part: s.Id,
                Kind: PlaceKind.Horn,
                X: x,
                Y: y,
                Feel: "Pull the horn; clevis keeper on; rod straight; no slop."
            );
            if (IsLinkedByFactory(sheet, s))
            {
                yield return new(
                    Id: $"linkage/{s.Id}",
                    Title: $"{s.Name}: linkage as it came",
                    Part: s.Id,
                    Kind: PlaceKind.Linkage,
                    X: x - (s.Chord / 2),
                    Y: y,
                    Feel: "Set screw tight on its flat, arm screw in, keeper on at both ends."
                );
            }
        }
    }

    private static string Titled(string words) => Texts.Capital(words.Replace('-', ' '));
}
