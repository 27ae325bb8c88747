using SkiaSharp;
using Zygotome.Core.Drawing;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.MarkOut;

namespace Zygotome.Papers;

/// <summary>
/// Marks of a step at full size, to be laid on the airframe: as many A4 pages as it takes, joined at crosses, each
/// with a line that has to measure 50 mm. Seen from above, nose up; a cut is drawn solid, a score in long dashes, what
/// lies hidden in short ones.
/// </summary>
public static class MarkTemplate
{
    private const float Mm = A4Pages.Mm;

    // What of a page is drawn on, mm, and how much two pages share.
    private const double Wide = 180,
        Tall = 235,
        Shared = 10;
    private const float Top = 70;

    /// <summary>Null where no mark of the step lies on an edge that is known.</summary>
    public static byte[]? Pdf(SpecSheet sheet, StepSpec step, DateTimeOffset at)
    {
        (Mark Mark, MarkLine Line)[] laid =
        [
            .. Marks
                .Of(step)
                .Select(m => (Mark: m, Line: Marks.Laid(sheet, m, m.Wanted)))
                .Where(m => m.Line is not null)
                .Select(m => (m.Mark, m.Line!)),
        ];
        if (laid.Length == 0)
        {
            return null;
        }

        var edges = laid.Select(m => Marks.Laid(sheet, m.Mark, 0)!);
        var lines = laid.Select(m => m.Line).Concat(edges).ToArray();
        var (left, right) = (
            lines.Min(l => Math.Min(l.FromY, l.ToY)) - 8,
            lines.Max(l => Math.Max(l.FromY, l.ToY)) + 8
        );
        var (top, bottom) = (
            lines.Min(l => Math.Min(l.FromX, l.ToX)) - 8,
            lines.Max(l => Math.Max(l.FromX, l.ToX)) + 8
        );
        var across = Pages(right - left, Wide);
        var down = Pages(bottom - top, Tall);
        return FullSizePages.Pdf(
            $"{sheet.Kit.Name}: {step.Title}, marks at full size",
            at,
            Enumerable
                .Range(0, down * across)
                .Select(n =>
                    (Action<SKCanvas>)(
                        canvas =>
                        {
                            var (row, column) = (n / across, n % across);
                            var page = across * down == 1 ? "" : $", page {n + 1} of {across * down}";
                            PrintedText.Write(canvas, $"{step.Title}{page}", A4Pages.Margin, 34, Typefaces.Bold, 13);
                            PrintedText.Write(
                                canvas,
                                $"{sheet.Kit.Name}. Seen from above, nose up. Full size.",
                                A4Pages.Margin,
                                48,
                                Typefaces.Text,
                                9
                            );
                            Page(
                                canvas,
                                sheet,
                                laid,
                                left + (column * (Wide - Shared)),
                                top + (row * (Tall - Shared)),
                                across * down > 1
                            );
                        }
                    )
                )
        );
    }

    private static int Pages(double length, double page) =>
        Math.Max(1, (int)Math.Ceiling((length - Shared) / (page - Shared)));

    private static void Page(
        SKCanvas canvas,
        SpecSheet sheet,
        IEnumerable<(Mark Mark, MarkLine Line)> laid,
        double left,
        double top,
        bool joined
    )
    {
        var window = SKRect.Create(A4Pages.Margin, Top, (float)Wide * Mm, (float)Tall * Mm);
        canvas.Save();
        canvas.ClipRect(window);
        canvas.Translate(A4Pages.Margin - ((float)left * Mm), Top - ((float)top * Mm));
        canvas.Scale(Mm);
        using var outline = Stroke(0.25f, A4Pages.Pencil);
        foreach (var part in Drawings.Plan(sheet).Parts)
        {
            using var path = SKPath.ParseSvgPathData(part.Path);
            canvas.DrawPath(path, outline);
        }

        foreach (var hidden in Marks.HiddenIn(sheet))
        {
            Beneath(canvas, hidden);
        }

        foreach (var (mark, line) in laid)
        {
            Draw(canvas, mark, line, Marks.Laid(sheet, mark, 0)!);
        }

        canvas.Restore();
        if (joined)
        {
            foreach (var (x, y) in Corners(window))
            {
                Cross(canvas, x, y);
            }
        }
    }

    private static void Beneath(SKCanvas canvas, Hidden hidden)
    {
        using var dashes = SKPathEffect.CreateDash([1.6f, 1.2f], 0);
        using var edge = Stroke(0.35f, A4Pages.Ink, dashes);
        var half = hidden.Width / 2;
        foreach (var (a, b) in hidden.Way.Zip(hidden.Way.Skip(1)))
        {
            var length = Math.Sqrt(Math.Pow(b.X - a.X, 2) + Math.Pow(b.Y - a.Y, 2));
            var (nx, ny) = length == 0 ? (0, 0) : ((b.Y - a.Y) / length * half, -(b.X - a.X) / length * half);
            canvas.DrawLine((float)(a.Y + ny), (float)(a.X + nx), (float)(b.Y + ny), (float)(b.X + nx), edge);
            canvas.DrawLine((float)(a.Y - ny), (float)(a.X - nx), (float)(b.Y - ny), (float)(b.X - nx), edge);
        }

        var (x, y) = hidden.Way[hidden.Way.Length / 2];
        Label(canvas, hidden.Words, y + half + 1, x, A4Pages.Pencil);
    }

    private static void Draw(SKCanvas canvas, Mark mark, MarkLine line, MarkLine edge)
    {
        using var dashes = mark.Spec.Does == "score" ? SKPathEffect.CreateDash([5, 1.5f], 0) : null;
        using var ink = Stroke(mark.Spec.Does is "cut" or "score" ? 0.5f : 0.3f, A4Pages.Ink, dashes);
        canvas.DrawLine((float)line.FromY, (float)line.FromX, (float)line.ToY, (float)line.ToX, ink);
        var (x, y) = ((line.FromX + line.ToX) / 2, (line.FromY + line.ToY) / 2);
        using var thin = Stroke(0.2f, A4Pages.Pencil);
        if (mark.Spec.Does == "drill" || (line.FromX == line.ToX && line.FromY == line.ToY))
        {
            canvas.DrawCircle((float)y, (float)x, 1.5f, ink);
            canvas.DrawLine((float)y - 3, (float)x, (float)y + 3, (float)x, thin);
            canvas.DrawLine((float)y, (float)x - 3, (float)y, (float)x + 3, thin);
        }

        // The measuring line, square to its edge.
        var lengthwise = line.FromY == line.ToY;
        var (ex, ey) = lengthwise ? (x, (edge.FromY + edge.ToY) / 2) : ((edge.FromX + edge.ToX) / 2, y);
        canvas.DrawLine((float)ey, (float)ex, (float)y, (float)x, thin);
        Label(
            canvas,
            $"{mark.Spec.Does}: {mark.Name}, {Numbers.Say(mark.Wanted)} mm from the {mark.Spec.From}",
            Math.Min(y, ey) + 1,
            x - 1.2,
            A4Pages.Ink
        );
    }

    private static IEnumerable<(float X, float Y)> Corners(SKRect window)
    {
        var half = (float)Shared / 2 * Mm;
        yield return (window.Left + half, window.Top + half);
        yield return (window.Right - half, window.Top + half);
        yield return (window.Left + half, window.Bottom - half);
        yield return (window.Right - half, window.Bottom - half);
    }

    private static void Cross(SKCanvas canvas, float x, float y)
    {
        using var ink = Stroke(0.6f, A4Pages.Ink);
        canvas.DrawLine(x - 8, y, x + 8, y, ink);
        canvas.DrawLine(x, y - 8, x, y + 8, ink);
    }

    private static SKPaint Stroke(float width, SKColor colour, SKPathEffect? effect = null) =>
        new()
        {
            Color = colour,
            IsStroke = true,
            StrokeWidth = width,
            IsAntialias = true,
            PathEffect = effect,
        };

    private static void Label(SKCanvas canvas, string text, double x, double y, SKColor colour)
    {
        using var font = new SKFont(Typefaces.Text, 2.8f) { Subpixel = true, LinearMetrics = true };
        using var paint = new SKPaint { Color = colour, IsAntialias = true };
        canvas.DrawText(text, (float)x, (float)y, SKTextAlign.Left, font, paint);
    }
}
