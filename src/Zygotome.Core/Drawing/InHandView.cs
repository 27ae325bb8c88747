using System.Collections.Immutable;
using System.Text;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Drawing;

/// <summary>
/// The parts that a step fits, three-quarter and drawn off what they go on to, with the faces that are coated and those
/// that stay clear of glue. Law: every part of the drawing that the step fits is on it once, and what is coated is only
/// drawn where the step joins something.
/// </summary>
public static class InHandView
{
    // How much of what they go on to is drawn round the faces that meet, as a share of their length.
    private const double Round = 0.8;

    // mm from the middle to what is drawn on either side, where nothing lies between.
    private const double Gap = 40;

    /// <summary>Empty of a step that fits nothing the drawing has.</summary>
    public static HandDrawing Of(SpecSheet sheet, StepSpec step)
    {
        var held = Held(sheet, step);

        // A motor is held bare until the step that readies it: nobody fits its propeller by this picture.
        var bare = step.Kind != "propeller" && step.Readies.Length == 0;
        var solids = Solids
            .Of(sheet, BehindView.AtRest)
            .DistinctBy(s => s.Id)
            .Select(s => bare && s.Kind == PartKind.Motor ? s with { More = [] } : s)
            .ToImmutableArray();
        var named = solids
            .Where(s => s.Kind is not PartKind.Hidden)
            .Where(s => held.Any(f => Places.IsNamed(f, s.Id)))
            .Select(s => (Solid: s, Seat: Seat.Of(sheet, step, s.Id)))
            .Where(s => s.Seat is not null)
            .ToDictionary(s => s.Solid.Id, s => s.Seat!, StringComparer.Ordinal);
        if (named.Count == 0)
        {
            return HandDrawing.None;
        }

        // What goes on to a part in hand is drawn off that, as far as it is itself.
        foreach (var (part, seat) in named.ToArray())
        {
            named[part] = seat with { Base = Under(named, seat, [part]) };
        }

        // What hangs on a part in hand goes with it, wherever it would be drawn alone.
        Space OffOf(Solid s) =>
            Carrying(sheet, s).FirstOrDefault(named.ContainsKey) is { } carrier ? named[carrier].Away
            : named.TryGetValue(s.Id, out var seat) ? seat.Away
            : default;
        bool IsInHand(Solid s) => named.ContainsKey(s.Id) || Carrying(sheet, s).Any(named.ContainsKey);

        var seats = named
            .Where(n => !Carrying(sheet, solids.First(s => s.Id == n.Key)).Any(named.ContainsKey))
            .ToDictionary(n => n.Key, n => n.Value, StringComparer.Ordinal);
        var hand = solids.Where(s => IsInHand(s) && !Spans(s)).Select(s => s.Moved(OffOf(s))).ToImmutableArray();
        var stands = seats
            .Values.SelectMany(s => s.On)
            .Where(on => !named.ContainsKey(on))
            .ToHashSet(StringComparer.Ordinal);
        var bases = stands
            .Select(on => Stub(sheet, solids, on, hand, seats.Values.Where(s => s.On.Contains(on))))
            .OfType<Solid>()
            .Concat(solids.Where(s => Spans(s) && Lies(s, seats)))
            .ToImmutableArray();
        var (eye, words) = EyeFor(sheet, hand, seats);
        return Drawn(sheet, step, solids, hand, bases, seats, Closed(eye, hand.Concat(bases))) with { Seen = words };
    }

    // What it fits; of one that tries parts, those. A surface is worked on where it hangs, and a repair where it is.
    private static ImmutableArray<string> Held(SpecSheet sheet, StepSpec step) =>
        step.Fits.Length > 0 ? step.Fits
        : step.Kind.Length > 0 || step.Repairs.Length > 0 ? []
        : [.. step.WorksOn.Where(w => !sheet.Surfaces.Any(s => Places.IsNamed(w, s.Id)))];

    // Of two bodies that go on to each other the first stays.
    private static Space Under(Dictionary<string, Seat> named, Seat seat, ImmutableHashSet<string> above) =>
        seat.On.FirstOrDefault(on => named.ContainsKey(on) && !above.Contains(on)) is { } on
            ? named[on].Off + Under(named, named[on], above.Add(on))
            : default;

    // What carries it: a surface its halves or fin, a thing its part.
    private static string[] Carrying(SpecSheet sheet, Solid s) =>
        s.Kind == PartKind.Surface ? Scene.Carrier(sheet, s.Id)
        : s.On.Length > 0 ? [s.On]
        : [];

    // A spar or tube from one half into the other stays where it is while they are drawn apart.
    private static bool Spans(Solid s) =>
        s.Kind == PartKind.Hidden && s.Rings.Any(r => r[0].Y < -5) && s.Rings.Any(r => r[0].Y > 5);

    // Between halves that are drawn apart to the sides, along their chord.
    private static bool Lies(Solid thing, Dictionary<string, Seat> seats) =>
        thing.Rings.SelectMany(r => r).Average(p => p.X) is var x
        && seats.Values.Any(s =>
            s.Off.Y != 0 && s.Face.Length > 0 && s.Face.Min(p => p.X) < x && x < s.Face.Max(p => p.X)
        );

    // Where nothing lies in the middle, both sides are drawn nearer to each other.
    private static Eye Closed(Eye eye, IEnumerable<Solid> drawn)
    {
        var empty = drawn.SelectMany(s => s.Rings).SelectMany(r => r).Min(p => Math.Abs(p.Y)) - Gap;
        Space Nearer(Space p) => p with { Y = p.Y - (Math.Sign(p.Y) * empty) };
        return empty <= 0 ? eye : new Eye(p => eye.See(Nearer(p)), p => eye.Near(Nearer(p)));
    }

    private static (Eye Eye, string Words) EyeFor(
        SpecSheet sheet,
        ImmutableArray<Solid> hand,
        Dictionary<string, Seat> seats
    )
    {
        var all = hand.SelectMany(h => h.Rings).SelectMany(r => r).ToArray();
        var body = sheet.Geometry.Bodies.MaxBy(b => b.To - b.From);
        var ahead =
            body is not null
            && all.Average(p => p.X) < body.From + ((body.To - body.From) * 0.2)
            && seats.Values.All(s => s.Off.X <= 0);
        var below = seats.Values.Average(s => s.Off.Z) < -1;
        return (
            Eye.Quarter(ahead, below),
            $"seen from {(ahead ? "ahead" : "behind")}, {(below ? "below and" : "above and")} its left"
        );
    }

    // As much of a part as shows what goes on to it: a body cut to a length, a half to a width.
    private static Solid? Stub(
        SpecSheet sheet,
        ImmutableArray<Solid> solids,
        string on,
        ImmutableArray<Solid> hand,
        IEnumerable<Seat> seats
    )
    {
        var g = sheet.Geometry;
        var met = seats.SelectMany(s => s.Face).ToArray();
        var near = met.Length > 0 ? met : [.. hand.SelectMany(h => h.Rings).SelectMany(r => r)];
        if (g.Bodies.FirstOrDefault(b => $"body-{b.Name}" == on) is { } body)
        {
            var (from, to) = (near.Min(p => p.X), near.Max(p => p.X));
            var round = Math.Max(70, (to - from) * Round);
            return solids.First(s => s.Id == on) with
            {
                Rings = Solids.Rings(
                    body,
                    Math.Clamp(from - round, body.From, body.To - 1),
                    Math.Clamp(to + round, body.From + 1, body.To)
                ),
            };
        }

        if (solids.FirstOrDefault(s => s.Id == on) is not { } solid || g.Lifting.All(l => !Places.IsNamed(l.Id, on)))
        {
            return solids.FirstOrDefault(s => s.Id == on);
        }

        var lifting = g.Lifting.First(l => Places.IsNamed(l.Id, on));
        var (inner, outer) = (near.Min(p => Math.Abs(p.Y)), near.Max(p => Math.Abs(p.Y)));
        var wide = Math.Max(90, (near.Max(p => p.X) - near.Min(p => p.X)) * Round);
        return solid with
        {
            Rings = Solids.Half(lifting, Places.SideOf(on) == "left" ? -1 : 1, inner - wide, outer + wide),
        };
    }

    private static HandDrawing Drawn(
        SpecSheet sheet,
        StepSpec step,
        ImmutableArray<Solid> solids,
        ImmutableArray<Solid> hand,
        ImmutableArray<Solid> bases,
        Dictionary<string, Seat> seats,
        Eye eye
    )
    {
        var near = hand.Concat(bases).ToDictionary(s => s, s => s.Near(eye));

        // A surface after what it hangs on, and a thing after the part it lies on.
        double Order(Solid s) =>
            s.Kind is PartKind.Hidden ? double.MaxValue
            : Carrying(sheet, s).SelectMany(c => near.Keys.Where(k => k.Id == c)).Select(k => near[k]).ToArray()
                is { Length: > 0 } on
                ? on.Max() + 0.01
            : near[s];
        var all = hand.Concat(bases).OrderBy(Order).ToImmutableArray();
        var parts = all.Select(s => Part(s, eye, hand.Contains(s))).ToImmutableArray();
        var faces = step.Bond is null ? [] : Faces(sheet, step, solids, seats, hand, bases, eye).ToImmutableArray();
        return new HandDrawing(
            parts,
            faces,
            [.. Letters(all, hand, eye)],
            Bounds.Of(
                all.SelectMany(s => s.Pieces(eye))
                    .SelectMany(p => p)
                    .Concat(seats.Values.SelectMany(Met).Select(eye.See))
            ),
            ""
        )
        {
            Ways =
            [
                .. seats.Where(s => s.Value.On.Length > 0).Select(s => Way(solids, s.Key, s.Value, eye)),
                .. Legs(sheet.Geometry, seats, eye),
                .. step.Bond is null ? Openings(sheet, seats, eye) : [],
            ],
        };
    }

    // The corners of both its faces, where they are drawn: they may lie beyond the parts.
    private static IEnumerable<Space> Met(Seat seat) =>
        seat.Face.Select(p => p + seat.Base).Concat(seat.Own.Select(p => p + seat.Away));

    // From where it sits to where it is drawn.
    private static DrawnLine Way(ImmutableArray<Solid> solids, string part, Seat seat, Eye eye)
    {
        var from = Middle(
            seat.Face.Length > 0 ? seat.Face : [.. solids.First(s => s.Id == part).Rings.SelectMany(r => r)]
        );
        return new DrawnLine(Outline.Path([eye.See(from + seat.Base), eye.See(from + seat.Away)]), IsHidden: true);
    }

    private static IEnumerable<DrawnLine> Legs(Geometry g, Dictionary<string, Seat> seats, Eye eye) =>
        Enumerable
            .Range(0, g.Wheels.Length)
            .Where(i => seats.ContainsKey(g.WheelPart(i)))
            .Select(i => Solids.Leg(g, g.Wheels[i]))
            .OfType<(Space Axle, Space Foot)>()
            .Select(l => new DrawnLine(Outline.Path([eye.See(l.Axle), eye.See(l.Foot)]), IsHidden: false));

    // What a hatch closes, where it closes it.
    private static IEnumerable<DrawnLine> Openings(SpecSheet sheet, Dictionary<string, Seat> seats, Eye eye) =>
        from seat in seats
        where seat.Value.Face.Length > 0 && sheet.Geometry.PlacedPart(seat.Key) is not null
        select new DrawnLine(Outline.Closed(seat.Value.Face.Select(eye.See)), IsHidden: true);

    private static HandPart Part(Solid solid, Eye eye, bool inHand)
    {
        var body = string.Concat(solid.Pieces(eye).Where(p => p.Length > 2).Select(p => Outline.Closed(p)));
        var edges = new StringBuilder();
        foreach (var rings in solid.More.Insert(0, solid.Rings))
        {
            // The end that looks this way is a face; ribs between show on its upper side.
            var end = rings[^1].Average(eye.Near) > rings[0].Average(eye.Near) ? rings[^1] : rings[0];
            edges.Append(Outline.Closed(Hull.Of(end.Select(eye.See))));
            foreach (var ring in rings.Skip(1).SkipLast(1))
            {
                if (solid.Kind is PartKind.Wing or PartKind.Tail)
                {
                    edges.Append(Outline.Path(ring.Take(4).Select(eye.See)));
                }
                else if (solid.IsRound)
                {
                    edges.Append(Outline.Path(Facing(ring, eye).Select(eye.See)));
                }
            }
        }

        return new HandPart(solid.Id, solid.Kind, body, edges.ToString(), inHand);
    }

    // The half of a ring that looks this way, from one end of it to the other.
    private static IEnumerable<Space> Facing(ImmutableArray<Space> ring, Eye eye)
    {
        var middle = ring.Average(eye.Near);
        var away = Enumerable.Range(0, ring.Length).FirstOrDefault(i => eye.Near(ring[i]) < middle);
        return Enumerable.Range(away, ring.Length).Select(i => ring[i % ring.Length]).Where(p => eye.Near(p) >= middle);
    }

    // Both faces of each joint; a thing of the sheet that is named as a face is drawn where it lies.
    private static IEnumerable<HandFace> Faces(
        SpecSheet sheet,
        StepSpec step,
        ImmutableArray<Solid> solids,
        Dictionary<string, Seat> seats,
        ImmutableArray<Solid> hand,
        ImmutableArray<Solid> bases,
        Eye eye
    )
    {
        foreach (var seat in seats.Values.Where(s => s.Face.Length > 0))
        {
            foreach (var isBase in seat.On.Length > 0 ? [true, false] : new[] { false })
            {
                ImmutableArray<Space> face = isBase
                    ? [.. seat.Face.Select(p => p + seat.Base)]
                    : [.. seat.Own.Select(p => p + seat.Away)];

                // On the part in hand it looks back the way it came.
                var looks = eye.Near(isBase ? seat.Off : new(-seat.Off.X, -seat.Off.Y, -seat.Off.Z));
                yield return new HandFace(
                    Outline.Closed(Hull.Of(face.Select(eye.See))),
                    KeepClear: false,
                    Words: "",
                    At: eye.See(Middle(face)),
                    Away: looks < 0
                );
            }
        }

        foreach (
            var (words, clear) in step.Bond!.Coat.Select(c => (c, false))
                .Concat(step.Bond.KeepClear.Select(c => (c, true)))
        )
        {
            foreach (var thing in solids.Where(s => IsFace(sheet, s, words)))
            {
                // In what they go on to, no further than that is drawn.
                var drawn =
                    hand.FirstOrDefault(h => h.Id == thing.Id)
                    ?? (
                        bases.FirstOrDefault(b => b.Id == thing.On)?.Rings.SelectMany(r => r).ToArray() is { } on
                            ? thing.Between(on.Min(p => p.X), on.Max(p => p.X))
                            : thing
                    );
                var pieces = drawn.Pieces(eye).ToArray();
                yield return new HandFace(
                    string.Concat(pieces.Select(p => Outline.Closed(p))),
                    clear,
                    words,
                    pieces.SelectMany(p => p).MinBy(c => c.Across),
                    Away: false
                );
            }
        }
    }

    /// <summary>Whether a face of a joint is one of the sheet's places, by its name.</summary>
    private static bool IsFace(SpecSheet sheet, Solid solid, string face) =>
        sheet.Geometry.PlacedPart(solid.Id) is { } placed
        && $" {face.ToLowerInvariant()} ".Contains(
            $" {placed.Thing.Name.ToLowerInvariant()} ",
            StringComparison.Ordinal
        );

    private static IEnumerable<HandLetter> Letters(ImmutableArray<Solid> drawn, ImmutableArray<Solid> hand, Eye eye)
    {
        foreach (var solid in drawn.Where(s => s.Kind is PartKind.Wing or PartKind.Tail))
        {
            if (Places.SideOf(solid.Id) is not { Length: > 0 } side || solid.Rings.Length < 2)
            {
                continue;
            }

            // Half way out and ahead of what is hinged there, its line along the span and its foot along the chord, as
            // the reader stands; further out on a tail, clear of its fin, and on what a part goes on to, of its face.
            var far =
                !hand.Contains(solid) ? 0.84
                : solid.Kind == PartKind.Tail ? 0.72
                : 0.55;
            var ring = solid.Rings[solid.Rings.Length / 2];
            var root = solid.Rings[0];
            var middle = root[0].Towards(root[3], 0.38).Towards(ring[0].Towards(ring[3], 0.38), far);
            var origin = eye.See(middle);
            var (across, aft) = (eye.See(middle + new Space(0, 1, 0)), eye.See(middle + new Space(1, 0, 0)));
            Corner Axis(Corner to, bool turned) =>
                turned
                    ? new(origin.Across - to.Across, origin.Down - to.Down)
                    : new(to.Across - origin.Across, to.Down - origin.Down);
            yield return new HandLetter(
                side == "left" ? "L" : "R",
                origin,
                Axis(across, across.Across < origin.Across),
                Axis(aft, aft.Down < origin.Down)
            );
        }
    }

    private static Space Middle(ImmutableArray<Space> face) =>
        new(face.Average(p => p.X), face.Average(p => p.Y), face.Average(p => p.Z));
}
