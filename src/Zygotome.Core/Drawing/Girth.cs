using Zygotome.Core.Sheets;

namespace Zygotome.Core.Drawing;

/// <summary>How wide and high a body is at a station, and where its middle lies above the datum; mm.</summary>
internal readonly record struct Girth(double Width, double Height, double Middle)
{
    // A body of which the sheet says no more than its ends is a spindle.
    private static readonly (double Along, double Share)[] Spindle =
    [
        (0, 0.5),
        (0.05, 0.84),
        (0.2, 1),
        (0.42, 1),
        (0.7, 0.62),
        (0.97, 0.26),
        (1, 0.16),
    ];

    /// <summary>Stations at which a body's outline bends, mm from the datum, nose to tail.</summary>
    public static IEnumerable<double> Stations(Body body) =>
        body.Sections.Length >= 2
            ? body.Sections.Select(s => s.At).Order()
            : Spindle.Select(s => body.From + ((body.To - body.From) * s.Along));

    /// <summary>At a station within the body; its end's beyond.</summary>
    public static Girth Of(Body body, double x)
    {
        if (body.Sections.Length < 2)
        {
            var along = (x - body.From) / Math.Max(1, body.To - body.From);
            var share = Between(Spindle, along, s => s.Along, s => s.Share);
            return new(body.Width * share, body.Height * share, body.Axis);
        }

        var all = body.Sections.OrderBy(s => s.At).ToArray();
        var (top, bottom) = (Between(all, x, s => s.At, s => s.Top), Between(all, x, s => s.At, s => s.Bottom));
        return new(Between(all, x, s => s.At, s => s.Width), top - bottom, (top + bottom) / 2);
    }

    private static double Between<T>(T[] rows, double x, Func<T, double> at, Func<T, double> of)
    {
        for (var i = 1; i < rows.Length; i++)
        {
            if (x <= at(rows[i]))
            {
                var (a, b) = (at(rows[i - 1]), at(rows[i]));
                var t = b > a ? Math.Clamp((x - a) / (b - a), 0, 1) : 0;
                return of(rows[i - 1]) + ((of(rows[i]) - of(rows[i - 1])) * t);
            }
        }

        return of(rows[^1]);
    }
}
