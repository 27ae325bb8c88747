using SkiaSharp;

namespace Zygotome.Papers;

/// <summary>
/// A4 pages printed at full size, each with a line at its foot that has to measure 50 mm: a print that was scaled shows
/// there, and is not used.
/// </summary>
internal static class FullSizePages
{
    /// <summary>One page for each that draws, in order.</summary>
    public static byte[] Pdf(string title, DateTimeOffset at, IEnumerable<Action<SKCanvas>> pages)
    {
        using var stream = new MemoryStream();
        var metadata = new SKDocumentPdfMetadata
        {
            Title = title,
            Creation = at.UtcDateTime,
            Modified = at.UtcDateTime,
            Producer = "Zygotome",
        };
        using (var document = SKDocument.CreatePdf(stream, metadata))
        {
            foreach (var draw in pages)
            {
                var canvas = document.BeginPage(A4Pages.Width, A4Pages.Height);
                draw(canvas);
                CheckLine(canvas);
                document.EndPage();
            }
        }

        return stream.ToArray();
    }

    private static void CheckLine(SKCanvas canvas)
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
