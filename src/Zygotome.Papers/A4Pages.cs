using SkiaSharp;

namespace Zygotome.Papers;

/// <summary>A4 pages filled from the top; what does not fit goes on the next one. Points, 72 to the inch.</summary>
internal sealed class A4Pages : IDisposable
{
    public const float Width = 595,
        Height = 842,
        Margin = 42,
        Bottom = Height - 54;

    /// <summary>Points to a millimetre.</summary>
    public const float Mm = 72f / 25.4f;
    public static readonly SKColor Ink = SKColor.Parse("#14211e"),
        Pencil = SKColor.Parse("#46534e"),
        Red = SKColor.Parse("#8f1410"),
        Rule = SKColor.Parse("#c9cdc6");

    private readonly SKDocument _document;
    private readonly string _foot;
    private int _page;

    public A4Pages(SKDocument document, string foot)
    {
        (_document, _foot) = (document, foot);
        Canvas = Turn();
    }

    public SKCanvas Canvas { get; private set; }

    public float Y { get; set; }

    /// <summary>A new page when fewer than <paramref name="height"/> points are left.</summary>
    public void Keep(float height)
    {
        if (Y + height > Bottom)
        {
            _document.EndPage();
            Canvas = Turn();
        }
    }

    public void Heading(string text, float size = 13)
    {
        Keep(size + 40);
        Y += size + 12;
        Draw(text, Margin, Y, Typefaces.Bold, size, Ink);
        Y += 6;
        Line(1.2f);
        Y += 4;
    }

    public void Line(float weight = 0.5f)
    {
        using var paint = new SKPaint
        {
            Color = weight > 1 ? Ink : Rule,
            StrokeWidth = weight,
            IsStroke = true,
            IsAntialias = true,
        };
        Canvas.DrawLine(Margin, Y, Width - Margin, Y, paint);
    }

    /// <summary>Wrapped text from the left margin.</summary>
    public void Paragraph(
        string text,
        float size = 9.5f,
        SKTypeface? face = null,
        SKColor? colour = null,
        float left = Margin,
        float right = Width - Margin
    )
    {
        foreach (var line in Wrap(text, face ?? Typefaces.Text, size, right - left))
        {
            Keep(size + 4);
            Y += size + 3.5f;
            Draw(line, left, Y, face ?? Typefaces.Text, size, colour ?? Ink);
        }
    }

    /// <summary>One row of a table; every cell wraps within its column and the row is kept whole.</summary>
    public void Row(
        IReadOnlyList<(float X, float Width, string Text, bool Bold, SKColor Colour)> cells,
        float size = 8.5f
    )
    {
        var wrapped = cells
            .Select(c => Wrap(c.Text, c.Bold ? Typefaces.Bold : Typefaces.Text, size, c.Width))
            .ToArray();
        var height = wrapped.Max(w => w.Count) * (size + 2.5f) + 5;
        Keep(height);
        for (var i = 0; i < cells.Count; i++)
        {
            for (var k = 0; k < wrapped[i].Count; k++)
            {
                Draw(
                    wrapped[i][k],
                    cells[i].X,
                    Y + ((k + 1) * (size + 2.5f)),
                    cells[i].Bold ? Typefaces.Bold : Typefaces.Text,
                    size,
                    cells[i].Colour
                );
            }
        }

        Y += height;
        Line();
    }

    public void Draw(string text, float x, float y, SKTypeface face, float size, SKColor colour)
    {
        using var font = Font(face, size);
        using var paint = new SKPaint { Color = colour, IsAntialias = true };
        Canvas.DrawText(text, x, y, SKTextAlign.Left, font, paint);
    }

    public void Dispose() => _document.EndPage();

    // Unhinted, so that letters stand where the font says and the text can be searched and copied as words.
    private static SKFont Font(SKTypeface face, float size) =>
        new(face, size)
        {
            Subpixel = true,
            LinearMetrics = true,
            Hinting = SKFontHinting.None,
        };

    private static List<string> Wrap(string text, SKTypeface face, float size, float width)
    {
        using var font = Font(face, size);
        var lines = new List<string>();
        foreach (var paragraph in text.Split('\n'))
        {
            var line = "";
            foreach (
                var word in paragraph
                    .Split(' ', StringSplitOptions.RemoveEmptyEntries)
                    .SelectMany(w => Pieces(w, font, width))
            )
            {
                var longer = line.Length == 0 ? word : $"{line} {word}";
                if (line.Length > 0 && font.MeasureText(longer) > width)
                {
                    lines.Add(line);
                    longer = word;
                }

                line = longer;
            }

            lines.Add(line);
        }

        return lines;
    }

    // A word longer than its column is cut rather than run over its neighbour.
    private static IEnumerable<string> Pieces(string word, SKFont font, float width)
    {
        while (word.Length > 1 && font.MeasureText(word) > width)
        {
            var n = Math.Max(1, (int)(word.Length * width / font.MeasureText(word)) - 1);
            yield return word[..n];
            word = word[n..];
        }

        yield return word;
    }

    private SKCanvas Turn()
    {
        var canvas = _document.BeginPage(Width, Height);
        (Canvas, Y) = (canvas, Margin);
        _page++;
        Draw($"{_foot}    page {_page}", Margin, Height - 28, Typefaces.Text, 7.5f, Pencil);
        return canvas;
    }
}
