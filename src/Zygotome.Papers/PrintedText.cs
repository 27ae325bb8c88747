using SkiaSharp;

namespace Zygotome.Papers;

/// <summary>Single lines of text at a place of a paper, in ink; points.</summary>
internal static class PrintedText
{
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
