using SkiaSharp;

namespace Zygotome.Papers;

/// <summary>A line at the foot of whatever is printed at full size: a print that was scaled shows there, and is not
/// used.</summary>
internal static class CheckLine
{
    /// <summary>Points to a millimetre.</summary>
    public const float Mm = 72f / 25.4f;

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
        canvas.DrawLine(A4Pages.Margin, y, A4Pages.Margin + (50 * Mm), y, ink);
        canvas.DrawLine(A4Pages.Margin, y - 5, A4Pages.Margin, y + 5, ink);
        canvas.DrawLine(A4Pages.Margin + (50 * Mm), y - 5, A4Pages.Margin + (50 * Mm), y + 5, ink);
        Write(
            canvas,
            "50 mm: measure it. If it is not, print again at 100 %.",
            A4Pages.Margin + (54 * Mm),
            y + 4,
            Typefaces.Text,
            10
        );
    }

    /// <summary>Text from a point on its baseline, in ink; points.</summary>
    public static void Write(SKCanvas canvas, string text, float x, float y, SKTypeface face, float size)
    {
        using var font = new SKFont(face, size) { Subpixel = true, LinearMetrics = true };
        using var paint = new SKPaint { Color = A4Pages.Ink, IsAntialias = true };
        canvas.DrawText(text, x, y, SKTextAlign.Left, font, paint);
    }

    /// <summary>The text, cut to a width where it is longer; points.</summary>
    public static string Fit(string text, SKTypeface face, float size, float width)
    {
        using var font = new SKFont(face, size) { Subpixel = true, LinearMetrics = true };
        if (font.MeasureText(text) <= width)
        {
            return text;
        }

        var kept = text.Length;
        while (kept > 1 && font.MeasureText($"{text[..kept]}.") > width)
        {
            kept--;
        }

        return $"{text[..kept].TrimEnd()}.";
    }
}
