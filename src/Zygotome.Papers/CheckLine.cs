using SkiaSharp;

namespace Zygotome.Papers;

/// <summary>A line at the foot of whatever is printed at full size: a print that was scaled shows there, and is not
/// used.</summary>
internal static class CheckLine
{
    public static void Draw(SKCanvas canvas)
    {
        using var ink = new SKPaint
        {
            Color = A4Pages.Ink,
            IsStroke = true,
            StrokeWidth = 1,
            IsAntialias = true,
        };
        var y = A4Pages.Height - 42;
        canvas.DrawLine(A4Pages.Margin, y, A4Pages.Margin + (50 * A4Pages.Mm), y, ink);
        canvas.DrawLine(A4Pages.Margin, y - 5, A4Pages.Margin, y + 5, ink);
        canvas.DrawLine(A4Pages.Margin + (50 * A4Pages.Mm), y - 5, A4Pages.Margin + (50 * A4Pages.Mm), y + 5, ink);
        PrintedText.Write(
            canvas,
            "50 mm: measure it. If it is not, print again at 100 %.",
            A4Pages.Margin + (54 * A4Pages.Mm),
            y + 4,
            Typefaces.Text,
            10
        );
    }
}
