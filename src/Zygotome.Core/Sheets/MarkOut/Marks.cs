using System.Collections.Immutable;

namespace Zygotome.Core.Sheets.MarkOut;

/// <summary>
/// Marks of a step laid on the airframe: from a named edge so many mm, along all of it or at one place, and what lies
/// hidden under them. x aft of the datum, y to the right, mm.
/// </summary>
public static class Marks
{
    /// <summary>Marks of a step, in the sheet's order; of one side of a mirrored step its own.</summary>
    public static ImmutableArray<Mark> Of(StepSpec step) =>
        [
            .. step
                .Marks.Select((m, i) => new Mark($"{i + 1}", m, m.Side.Length > 0 ? m.Side : step.Side))
                .Where(m => step.Side.Length == 0 || m.Side == step.Side),
        ];

    /// <summary>
    /// Where a mark lies that is so many mm from its edge; null where its edge is none that is known here.
    /// </summary>
    public static MarkLine? Laid(SpecSheet sheet, Mark mark, double at)
    {
        var spec = mark.Spec;
        if (spec.Along.Length == 0 || spec.AlongAt is not { } along)
        {
            return Line(sheet, mark, spec.From, at);
        }

        // At one place: where the lines from both edges cross, and as long as it is along the first edge.
        if (Line(sheet, mark, spec.From, at) is not { } one || Line(sheet, mark, spec.Along, along) is not { } other)
        {
            return null;
        }

        var lengthwise = IsAcross(spec.From);
        var (x, y) = lengthwise ? (other.MiddleX, one.FromY) : (one.MiddleX, other.FromY);
        var half = spec.Length / 2;
        return lengthwise ? new MarkLine(x - half, y, x + half, y) : new MarkLine(x, y - half, x, y + half);
    }

    /// <summary>Spars, tubes and leads that lie within the airframe, as far as they are in it.</summary>
    public static IEnumerable<Hidden> HiddenIn(SpecSheet sheet) =>
        from thing in sheet.Geometry.Placed
        where thing.Kind is PlacedKind.Spar or PlacedKind.Tube or PlacedKind.Lead
        from place in PlacedPart.Of(thing)
        select new Hidden(
            place.Part,
            place.Name,
            thing.Width,
            thing.Depth,
            [
                (thing.X, place.Sign * thing.Y),
                .. thing.Route.Select(p => (p.X, place.Sign * p.Y)),
                (thing.ToX, place.Sign * thing.ToY),
            ]
        );

    /// <summary>
    /// What a mark comes too near to: nearer than half its width and <see cref="Mark.KeepOff"/>. One that stays above
    /// what lies deeper does not.
    /// </summary>
    public static Hidden? Crossed(SpecSheet sheet, Mark mark, MarkLine line, IEnumerable<Hidden> hidden) =>
        hidden.FirstOrDefault(h =>
            IsIn(sheet, mark, h)
            && !(mark.Spec.Depth < h.Depth)
            && h.Way.Zip(h.Way.Skip(1)).Any(s => Distance(line, s.First, s.Second) < (h.Width / 2) + Mark.KeepOff)
        );

    // What spans further than a body is wide lies in the wing over or under it.
    private static bool IsIn(SpecSheet sheet, Mark mark, Hidden hidden) =>
        LiftingOf(sheet, mark) is not null
        || BodyOf(sheet) is not { } body
        || hidden.Way.All(p => Math.Abs(p.Y - body.At) <= body.Width / 2);

    private static MarkLine? Line(SpecSheet sheet, Mark mark, string edge, double at)
    {
        var sign = mark.Side == "left" ? -1 : 1;
        if (LiftingOf(sheet, mark) is { } lifting)
        {
            MarkLine Chordwise(double y) =>
                Edges(lifting, Math.Abs(y)) is var (front, back) ? new MarkLine(front, y, back, y) : new(0, y, 0, y);
            MarkLine Spanwise(bool leading)
            {
                double X(double y) => Edges(lifting, y) is var (front, back) ? (leading ? front + at : back - at) : 0;
                return new MarkLine(
                    X(lifting.RootGap),
                    sign * lifting.RootGap,
                    X(lifting.HalfSpan),
                    sign * lifting.HalfSpan
                );
            }

            return edge switch
            {
                "centre line" => Chordwise(sign * at),
                "root" => Chordwise(sign * (lifting.RootGap + at)),
                "tip" => Chordwise(sign * (lifting.HalfSpan - at)),
                "leading edge" => Spanwise(true),
                "trailing edge" => Spanwise(false),
                _ => null,
            };
        }

        if (BodyOf(sheet) is not { } body)
        {
            return null;
        }

        MarkLine Across(double x) => new(x, body.At - (body.Width / 2), x, body.At + (body.Width / 2));
        return edge switch
        {
            "nose" => Across(sheet.Geometry.Nose + at),
            "tail end" => Across(body.To - at),
            "centre line" => new MarkLine(body.From, body.At + (sign * at), body.To, body.At + (sign * at)),
            _ => null,
        };
    }

    // Edges that a mark runs along the chord from: its place across is what they say.
    private static bool IsAcross(string edge) => edge is "centre line" or "root" or "tip";

    private static LiftingSurface? LiftingOf(SpecSheet sheet, Mark mark) =>
        mark.Spec.On is "body" || mark.Spec.From is "nose" or "tail end" ? null
        : mark.Spec.On.Length > 0 ? sheet.Geometry.Find(mark.Spec.On)
        : sheet.Geometry.Wing;

    private static Body? BodyOf(SpecSheet sheet) => sheet.Geometry.Bodies.MaxBy(b => b.To - b.From);

    // Leading and trailing edge of a half, so far out from the middle.
    private static (double Front, double Back) Edges(LiftingSurface of, double far)
    {
        var (front, inner) = (of.RootLeadingEdge, of.RootGap);
        var chord = of.Panels is [{ Root: var root }, ..] ? root : 0;
        foreach (var panel in of.Panels)
        {
            var share = Math.Clamp((far - inner) / panel.Span, 0, 1);
            (var edge, chord) = (front + (panel.Sweep * share), panel.Root + ((panel.Tip - panel.Root) * share));
            if (share < 1)
            {
                return (edge, edge + chord);
            }

            (front, inner) = (edge, inner + panel.Span);
        }

        return (front, front + chord);
    }

    // Between two straight pieces; 0 where they cross.
    private static double Distance(MarkLine line, (double X, double Y) a, (double X, double Y) b)
    {
        var (p, q) = ((line.FromX, line.FromY), (line.ToX, line.ToY));
        return Cross(p, q, a, b) ? 0 : new[] { To(p, a, b), To(q, a, b), To(a, p, q), To(b, p, q) }.Min();
    }

    private static bool Cross(
        (double X, double Y) p,
        (double X, double Y) q,
        (double X, double Y) a,
        (double X, double Y) b
    )
    {
        static double Turn((double X, double Y) o, (double X, double Y) u, (double X, double Y) v) =>
            ((u.X - o.X) * (v.Y - o.Y)) - ((u.Y - o.Y) * (v.X - o.X));
        return Turn(p, q, a) * Turn(p, q, b) < 0 && Turn(a, b, p) * Turn(a, b, q) < 0;
    }

    private static double To((double X, double Y) point, (double X, double Y) a, (double X, double Y) b)
    {
        var (dx, dy) = (b.X - a.X, b.Y - a.Y);
        var squared = (dx * dx) + (dy * dy);
        var share = squared == 0 ? 0 : Math.Clamp((((point.X - a.X) * dx) + ((point.Y - a.Y) * dy)) / squared, 0, 1);
        return Math.Sqrt(Math.Pow(point.X - (a.X + (share * dx)), 2) + Math.Pow(point.Y - (a.Y + (share * dy)), 2));
    }
}
