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

    /// <summary>A body seen from above: tapered towards nose and tail.</summary>
    public static ImmutableArray<Corner> Body(double from, double to, double width, double at)
    {
        var (length, half) = (to - from, width / 2);
        (double Along, double Share)[] stations =
        [
            (0, 0.62),
            (0.05, 0.86),
            (0.2, 1),
            (0.42, 1),
            (0.7, 0.62),
            (0.97, 0.26),
            (1, 0.12),
        ];
        return
        [
            .. stations.Select(s => new Corner(at - (half * s.Share), from + (length * s.Along))),
            .. stations.Reverse().Select(s => new Corner(at + (half * s.Share), from + (length * s.Along))),
        ];
    }
}
