using System.Collections.Immutable;
using System.Globalization;
using System.Text;

namespace Zygotome.Core.Drawing;

/// <summary>
/// A corner, mm. In plan view <c>Across</c> is y (right +) and <c>Down</c> is x (aft +), so the nose points up the
/// page.
/// </summary>
public readonly record struct Corner(double Across, double Down);

/// <summary>A box around corners, mm.</summary>
public sealed record Bounds(double Left, double Top, double Width, double Height)
{
    /// <summary>The smallest one; a millimetre square of no corners.</summary>
    public static Bounds Of(IEnumerable<Corner> corners)
    {
        var all = corners.ToArray();
        return all.Length == 0
            ? new Bounds(0, 0, 1, 1)
            : new Bounds(
                all.Min(c => c.Across),
                all.Min(c => c.Down),
                all.Max(c => c.Across) - all.Min(c => c.Across),
                all.Max(c => c.Down) - all.Min(c => c.Down)
            );
    }

    /// <summary>Whether (x aft, y right) lies within the box, with a hand's breadth around it.</summary>
    public bool Around(double x, double y) =>
        y >= Left - 100 && y <= Left + Width + 100 && x >= Top - 100 && x <= Top + Height + 100;
}

/// <summary>Corners as an SVG path in mm.</summary>
public static class Outline
{
    /// <summary>The path of a closed polygon, in mm.</summary>
    public static string Closed(IEnumerable<Corner> corners) => Path(corners) + "Z";

    /// <summary>The path of an open line, in mm.</summary>
    public static string Path(IEnumerable<Corner> corners)
    {
        var text = new StringBuilder();
        foreach (var c in corners)
        {
            text.Append(text.Length == 0 ? 'M' : 'L').Append(Number(c.Across)).Append(' ').Append(Number(c.Down));
        }

        return text.ToString();
    }

    /// <summary>To a tenth of a millimetre, without a zero that says nothing.</summary>
    public static string Number(double value) =>
        (Math.Round(value, 1, MidpointRounding.AwayFromZero) + 0.0).ToString("0.#", CultureInfo.InvariantCulture);

    /// <summary>
    /// The path of a closed line through corners, mm, bent so that it turns evenly: each piece a cubic whose handles
    /// are a third of it long and point from neighbour to neighbour, so that it does not swing out at a short piece.
    /// </summary>
    public static string Smooth(ImmutableArray<Corner> corners)
    {
        var text = new StringBuilder("M").Append(Number(corners[0].Across)).Append(' ').Append(Number(corners[0].Down));
        var half = corners.Length / 2;
        for (var i = 0; i < corners.Length; i++)
        {
            // Both ends stay blunt: the line is bent along either side, and straight across nose and tail.
            var (a, b) = (corners[i], corners[(i + 1) % corners.Length]);
            if (i == half - 1 || i == corners.Length - 1)
            {
                text.Append('L').Append(Number(b.Across)).Append(' ').Append(Number(b.Down));
                continue;
            }

            var before = i is 0 || i == half ? a : corners[i - 1];
            var after = i + 1 == half - 1 || i + 1 == corners.Length - 1 ? b : corners[i + 2];
            var third = Apart(a, b) / 3;
            Curve(text, Handle(a, before, b, third), Handle(b, after, a, third), b);
        }

        return text.Append('Z').ToString();
    }

    private static Corner Handle(Corner of, Corner from, Corner to, double length)
    {
        var along = Math.Max(1e-9, Apart(from, of) + Apart(of, to));
        return new(
            of.Across + ((to.Across - from.Across) / along * length),
            of.Down + ((to.Down - from.Down) / along * length)
        );
    }

    private static double Apart(Corner a, Corner b) =>
        Math.Sqrt(Math.Pow(b.Across - a.Across, 2) + Math.Pow(b.Down - a.Down, 2));

    private static void Curve(StringBuilder text, Corner first, Corner second, Corner to) =>
        text.Append('C')
            .AppendJoin(' ', new[] { first, second, to }.SelectMany(c => new[] { Number(c.Across), Number(c.Down) }));
}
