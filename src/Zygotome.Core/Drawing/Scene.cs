using System.Collections.Immutable;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Drawing;

/// <summary>Solids looked at from somewhere: painted far to near, what lies under the skin last.</summary>
internal static class Scene
{
    /// <param name="moved">Which way surfaces stand, by id; one that is not named is at rest.</param>
    /// <param name="side">How the aircraft lies, as places on it carry over.</param>
    /// <param name="callsOnly">Without what lies in and on it: a picture to be seen at a glance.</param>
    public static AircraftDrawing Of(
        SpecSheet sheet,
        Eye eye,
        IReadOnlyDictionary<string, Movement> moved,
        DrawingSide side,
        bool callsOnly = false
    )
    {
        var g = sheet.Geometry;
        // Of what a sheet on file says twice the first counts.
        var solids = Solids.Of(sheet, moved).DistinctBy(s => s.Id).ToImmutableArray();
        var near = solids.ToDictionary(s => s.Id, s => s.Near(eye), StringComparer.Ordinal);

        // What is on something is painted after it, however the two lie: a surface after its wing, a hatch after its
        // body where that is the side looked at.
        double Order(Solid s) =>
            s.Kind switch
            {
                PartKind.Hidden => double.MaxValue,
                // A propeller ahead of the wing would be hidden by it from the tail, and it is called.
                PartKind.Motor when callsOnly => double.MaxValue,
                PartKind.Place when near.TryGetValue(s.On, out var on) => on + (near[s.Id] > on - 3 ? 0.02 : -0.02),
                PartKind.Surface when Carrier(sheet, s.Id) is { Length: > 0 } halves => halves.Max(h =>
                    near.GetValueOrDefault(h, double.MinValue)
                ) + 0.01,
                _ => near[s.Id],
            };

        var parts = ImmutableArray.CreateBuilder<DrawnPart>();
        var corners = new List<Corner>();
        foreach (
            var solid in solids
                .Where(s => !callsOnly || s.Kind is not (PartKind.Hidden or PartKind.Place))
                .OrderBy(Order)
        )
        {
            var (path, around) = solid.Seen(eye);
            parts.Add(
                new DrawnPart(solid.Id, solid.Kind, solid.Name, path, Drawings.Middle(around))
                {
                    On = solid.On,
                    Box = Bounds.Of([.. around]),
                }
            );
            corners.AddRange(around);
        }

        return new AircraftDrawing(parts.ToImmutable(), Bounds.Of(corners), Tip(g.Wing, eye, -1), Tip(g.Wing, eye, 1))
        {
            Side = side,
            Lines = [.. Legs(g, eye), .. callsOnly ? [] : Rods(sheet, eye)],
        };
    }

    /// <summary>The halves or the fin a surface is hinged to, as the drawing calls them.</summary>
    internal static string[] Carrier(SpecSheet sheet, string surface) =>
        sheet.Surface(surface) is not { } s ? []
        : sheet.Geometry.Find(s.On) is { } on
            ? s.Side == "centre" ? [$"{on.Id}-left", $"{on.Id}-right"]
                : [$"{on.Id}-{s.Side}"]
        : sheet.Geometry.Fins.Length > 0
            ? [sheet.Geometry.FinPart(sheet.Geometry.Fins.IndexOf(Drawings.FinOf(sheet.Geometry, s)))]
        : [];

    private static Corner Tip(LiftingSurface? wing, Eye eye, int side) =>
        wing is null ? new(0, 0)
        : Planform.At(wing, wing.HalfSpan) is var (edge, chord)
            ? eye.See(new(edge + chord, side * wing.HalfSpan, Solids.HeightAt(wing, wing.HalfSpan)))
        : new(0, 0);

    private static IEnumerable<DrawnLine> Legs(Geometry g, Eye eye) =>
        g
            .Wheels.Select(w => Solids.Leg(g, w))
            .OfType<(Space Axle, Space Foot)>()
            .Select(l => new DrawnLine(Outline.Path([eye.See(l.Axle), eye.See(l.Foot)]), eye == Eye.Above));

    // A servo in a wing with its rod to the horn, as far as the sheet says how far they stand apart.
    private static IEnumerable<DrawnLine> Rods(SpecSheet sheet, Eye eye)
    {
        foreach (var servo in sheet.Servos)
        {
            if (
                servo.Says(Sheets.Table.RadioFields.Servo.Reach).Likely is not { } reach
                || servo.Drives is not [var only]
                || sheet.Surface(only) is not { } surface
                || sheet.Geometry.Find(surface.On) is not { Role: "wing", Pivot: null } on
            )
            {
                continue;
            }

            var y = (surface.From + ((surface.To - surface.From) * 0.35)) * on.HalfSpan;
            var (edge, chord) = Planform.At(on, y);
            var (hinge, across, z) = (
                edge + chord - Math.Min(surface.Chord, chord * 0.8),
                y * (surface.Side == "left" ? -1 : 1),
                Solids.HeightAt(on, y)
            );
            Corner See(double x, double off) => eye.See(new(x, across + off, z));
            var servoAt = hinge - reach;
            yield return new DrawnLine(
                Outline.Closed([
                    See(servoAt - 7, -6),
                    See(servoAt - 7, 6),
                    See(servoAt + 16, 6),
                    See(servoAt + 16, -6),
                ]),
                true
            );
            yield return new DrawnLine(Outline.Path([See(servoAt, 9), See(hinge + 5, 9)]), false);
            yield return new DrawnLine(Outline.Path([See(hinge + 5, 9), See(hinge, 4)]), false);
        }
    }
}
