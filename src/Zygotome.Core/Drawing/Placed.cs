using System.Collections.Immutable;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Drawing;

/// <summary>What a sheet says lies in or on the airframe, as solids: hidden where it lies under the skin.</summary>
internal static class Placed
{
    public static IEnumerable<Solid> Of(SpecSheet sheet) =>
        sheet
            .Geometry.Placed.SelectMany(p => PlacedPart.Of(p))
            .Select(p => One(sheet, p.Thing, p.Sign, p.Part, p.Name));

    /// <summary>It lies under the skin.</summary>
    private static bool IsHidden(PlacedKind kind) =>
        kind
            is PlacedKind.Spar
                or PlacedKind.Tube
                or PlacedKind.Lead
                or PlacedKind.Receiver
                or PlacedKind.Board
                or PlacedKind.Controller
                or PlacedKind.Connector;

    private static Solid One(SpecSheet sheet, PlacedThing place, int side, string id, string name)
    {
        var g = sheet.Geometry;
        var (y, toY) = (place.Y * side, place.ToY * side);
        var on = Carrier(g, (place.X + place.ToX) / 2, (y + toY) / 2) is { Length: > 0 } middle
            ? middle
            : Carrier(g, place.X, y);
        return new(id, IsHidden(place.Kind) ? PartKind.Hidden : PartKind.Place, name, Rings(g, place, y, toY, side))
        {
            On = on,
            IsRound = place.Kind is PlacedKind.Canopy or PlacedKind.Cowl,
        };
    }

    private static string Carrier(Geometry g, double x, double y)
    {
        var body = g.Bodies.FirstOrDefault(b => x >= b.From && x <= b.To && Math.Abs(y - b.At) <= b.Width / 2);
        var wing = g.Lifting.FirstOrDefault(l =>
            Math.Abs(y) <= l.HalfSpan
            && Planform.At(l, Math.Abs(y)) is var (edge, chord)
            && x >= edge - 5
            && x <= edge + chord + 5
        );
        return body is not null ? $"body-{body.Name}"
            : wing is not null ? $"{wing.Id}-{(y < 0 ? "left" : "right")}"
            : "";
    }

    private static ImmutableArray<ImmutableArray<Space>> Rings(
        Geometry g,
        PlacedThing place,
        double y,
        double toY,
        int side
    )
    {
        if (place.Kind == PlacedKind.Cowl && BodyAt(g, place) is { } body)
        {
            return Solids.Rings(body, Math.Min(place.X, place.ToX), Math.Max(place.X, place.ToX), 1.03);
        }

        var width = place.Width > 0 ? place.Width : 8;
        (double X, double Y)[] way = [(place.X, y), .. place.Route.Select(p => (p.X, p.Y * side)), (place.ToX, toY)];
        if (way.Length == 2 && way[0] == way[1])
        {
            way = [(place.X - (width / 2), y), (place.X + (width / 2), y)];
        }

        return place.Kind == PlacedKind.Canopy
            ? Dome(g, place, width, y)
            : [.. way.Select((p, i) => Strip(p, Along(way, i), width / 2, HeightOf(g, place, p.X, p.Y)))];
    }

    private static (double X, double Y) Along((double X, double Y)[] way, int i)
    {
        var (a, b) = (way[Math.Max(0, i - 1)], way[Math.Min(way.Length - 1, i + 1)]);
        var (dx, dy) = (b.X - a.X, b.Y - a.Y);
        var length = Math.Max(1e-9, Math.Sqrt((dx * dx) + (dy * dy)));
        return (dx / length, dy / length);
    }

    // Across the way it runs, and a little thick.
    private static ImmutableArray<Space> Strip(
        (double X, double Y) at,
        (double X, double Y) along,
        double half,
        double z
    ) =>
        [
            new(at.X - (along.Y * half), at.Y + (along.X * half), z + 1),
            new(at.X + (along.Y * half), at.Y - (along.X * half), z + 1),
            new(at.X + (along.Y * half), at.Y - (along.X * half), z - 1),
            new(at.X - (along.Y * half), at.Y + (along.X * half), z - 1),
        ];

    // A canopy swells from the body's top: low at both ends, highest a third of the way.
    private static ImmutableArray<ImmutableArray<Space>> Dome(Geometry g, PlacedThing place, double width, double y)
    {
        var (from, to) = (Math.Min(place.X, place.ToX), Math.Max(place.X, place.ToX));
        (double Along, double Share)[] stations = [(0, 0.15), (0.15, 0.75), (0.4, 1), (0.75, 0.7), (1, 0.12)];
        return
        [
            .. stations.Select(s =>
            {
                var x = from + ((to - from) * s.Along);
                var foot = HeightOf(g, place, x, y) - (width * 0.1);
                return (ImmutableArray<Space>)
                    [
                        .. Enumerable
                            .Range(0, 9)
                            .Select(i => i * Math.PI / 8)
                            .Select(a => new Space(
                                x,
                                y + (width / 2 * s.Share * Math.Cos(a)),
                                foot + (width * 0.55 * s.Share * Math.Sin(a))
                            )),
                    ];
            }),
        ];
    }

    private static Body? BodyAt(Geometry g, PlacedThing place) =>
        g.Bodies.FirstOrDefault(b =>
            Math.Min(place.X, place.ToX) >= b.From - 1 && Math.Abs(place.Y - b.At) <= b.Width / 2
        );

    // Said, else on top of the body, else on the wing.
    private static double HeightOf(Geometry g, PlacedThing place, double x, double y)
    {
        if (place.Height is { } said)
        {
            return said;
        }

        var wing = g.Lifting.FirstOrDefault(l =>
            Math.Abs(y) <= l.HalfSpan
            && Planform.At(l, Math.Abs(y)) is var (edge, chord)
            && x >= edge
            && x <= edge + chord
        );
        return Solids.At(g, x, y) is { } s ? (IsHidden(place.Kind) ? s.Middle : s.Middle + (s.Height / 2))
            : wing is not null ? Solids.HeightAt(wing, Math.Abs(y)) + (IsHidden(place.Kind) ? 0 : 4)
            : 0;
    }
}
