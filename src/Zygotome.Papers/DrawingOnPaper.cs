using SkiaSharp;
using Zygotome.Core.Drawing;
using Zygotome.Core.Unpack;

namespace Zygotome.Papers;

/// <summary>The airframe on a page, with the findings marked at their real size.</summary>
internal static class DrawingOnPaper
{
    public static void Put(A4Pages s, AircraftDrawing drawing, IEnumerable<Finding> findings, float tall)
    {
        s.Keep(tall + 20);
        s.Y += 10;
        var box = drawing.Bounds;
        var scale = (float)Math.Min((A4Pages.Width - (2 * A4Pages.Margin) - 60) / box.Width, tall / box.Height);
        var (left, top) = (
            (float)((A4Pages.Width / 2) - ((box.Left + (box.Width / 2)) * scale)),
            (float)(s.Y - (box.Top * scale))
        );
        using var line = new SKPaint
        {
            Color = A4Pages.Ink,
            IsStroke = true,
            StrokeWidth = 1.1f / scale,
            IsAntialias = true,
        };
        using var fill = new SKPaint { Color = SKColors.White };
        using var patch = new SKPaint
        {
            Color = A4Pages.Red,
            IsStroke = true,
            StrokeWidth = 1.6f / scale,
            IsAntialias = true,
        };
        s.Canvas.Save();
        s.Canvas.Translate(left, top);
        s.Canvas.Scale(scale);
        foreach (var part in drawing.Parts)
        {
            using var path = SKPath.ParseSvgPathData(part.Path);
            s.Canvas.DrawPath(path, fill);
            s.Canvas.DrawPath(path, line);
        }

        var marked = findings
            .Where(f => f.View == drawing.Side)
            .Select(f => (f.Tag, At: DrawingSides.Place(f.View, f.X, f.Y), f.Size))
            .ToArray();
        foreach (var (_, at, size) in marked)
        {
            s.Canvas.DrawCircle((float)at.Across, (float)at.Down, Math.Max((float)size / 2, 3 / scale), patch);
        }

        s.Canvas.Restore();
        if (drawing.Side != DrawingSide.Side)
        {
            s.Draw(
                "L",
                left + ((float)drawing.LeftTip.Across * scale) - 14,
                top + ((float)drawing.LeftTip.Down * scale),
                Typefaces.Bold,
                10,
                A4Pages.Ink
            );
            s.Draw(
                "R",
                left + ((float)drawing.RightTip.Across * scale) + 6,
                top + ((float)drawing.RightTip.Down * scale),
                Typefaces.Bold,
                10,
                A4Pages.Ink
            );
        }

        foreach (var (tag, at, size) in marked)
        {
            s.Draw(
                tag,
                left + ((float)at.Across * scale) + Math.Max((float)size / 2 * scale, 3) + 2,
                top + ((float)at.Down * scale) + 3,
                Typefaces.Bold,
                9,
                A4Pages.Red
            );
        }

        s.Y += (float)(box.Height * scale) + 6;
    }
}
