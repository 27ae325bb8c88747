using System.Globalization;
using System.Text;
using System.Text.Json;
using CsvHelper;
using CsvHelper.Configuration;
using SkiaSharp;
using Zygotome.Core.Bind;
using Zygotome.Core.Job;
using Zygotome.Core.Journal;

namespace Zygotome.Papers;

/// <summary>
/// The set-up card on paper and in open formats: every line with its value, how it stands in the transmitter, and what
/// tried it; a line that nothing tried says so. See docs/formats/set-up-card.md.
/// </summary>
public static class SetUpCardPaper
{
    /// <summary>Of the JSON form.</summary>
    public const string Format = "zygotome-set-up-card/1";

    private const string Untried = "nothing tried it";

    private static readonly JsonSerializerOptions Open = new(EntryJson.Lenient) { WriteIndented = true };

    /// <param name="Standing">"keyed", "otherwise", "changed", "not keyed".</param>
    /// <param name="Keyed">As it stands in the transmitter; empty while nobody keyed it.</param>
    private sealed record Row(
        string Section,
        string What,
        string Value,
        string Standing,
        string Keyed,
        string Preset,
        string Reason,
        string Tried
    );

    private static Row[] Rows(JobState state, DateTimeOffset at)
    {
        var ledger = Ledger.Of(state, at).ToLookup(l => l.Id, StringComparer.Ordinal);
        return
        [
            .. SetUpCard
                .Of(state)
                .Select(line => new Row(
                    Section: line.Section,
                    What: line.What,
                    Value: line.Value.Length > 0 ? line.Value : "not known yet",
                    Standing: Words(SetUpCard.Standing(state, line)),
                    Keyed: state.Bind.Keyed.GetValueOrDefault(line.Id)?.Value ?? "",
                    Preset: state.Bind.Keyed.GetValueOrDefault(line.Id)?.Preset ?? "",
                    Reason: state.Bind.Keyed.GetValueOrDefault(line.Id)?.Reason ?? "",
                    Tried: CardTried.Words(state, line, id => ledger[id.Written].FirstOrDefault())
                        is { Length: > 0 } tried
                        ? tried
                        : Untried
                )),
        ];
    }

    private static string Words(CardStanding standing) =>
        standing switch
        {
            CardStanding.Keyed => "keyed",
            CardStanding.Otherwise => "otherwise",
            CardStanding.Changed => "changed",
            _ => "not keyed",
        };

    /// <summary>UTF-8 with a byte order mark, every cell quoted, none of them a formula.</summary>
    public static byte[] Csv(JobState state, DateTimeOffset at)
    {
        using var text = new StringWriter(CultureInfo.InvariantCulture);
        var written = new CsvConfiguration(CultureInfo.InvariantCulture) { NewLine = "\r\n", ShouldQuote = _ => true };
        using (var csv = new CsvWriter(text, written))
        {
            string[] head = ["section", "what", "value", "standing", "keyed", "preset", "reason", "tried"];
            Write(csv, head);
            foreach (var r in Rows(state, at))
            {
                Write(csv, [r.Section, r.What, r.Value, r.Standing, r.Keyed, r.Preset, r.Reason, r.Tried]);
            }
        }

        return [.. Encoding.UTF8.Preamble, .. Encoding.UTF8.GetBytes(text.ToString())];
    }

    private static void Write(CsvWriter csv, string[] cells)
    {
        foreach (var cell in cells)
        {
            csv.WriteField(SheetCsv.Harmless(cell));
        }

        csv.NextRecord();
    }

    public static byte[] Json(JobState state, DateTimeOffset at) =>
        JsonSerializer.SerializeToUtf8Bytes(
            new
            {
                format = Format,
                job = state.JobId,
                kit = state.Sheet.Kit.Name,
                revision = state.Sheet.Kit.Revision,
                at,
                lines = Rows(state, at),
            },
            Open
        );

    // One page whatever stands on it, points: two columns, in a type as large as fits.
    private const float Head = 58,
        Gap = 16,
        Largest = 10.5f,
        Foot = 56;

    /// <summary>One A4 page.</summary>
    public static byte[] Pdf(JobState state, DateTimeOffset at) =>
        FullSizePages.Pdf($"{state.JobId}: set-up card", at, [canvas => Page(canvas, state, Rows(state, at))]);

    private static void Page(SKCanvas canvas, JobState state, Row[] rows)
    {
        var left = A4Pages.Margin;
        var wide = A4Pages.Width - (2 * left);
        PrintedText.Write(
            canvas,
            PrintedText.Fit($"Set-up card, {state.Sheet.Kit.Name}", Typefaces.Bold, 16, wide - 90),
            left,
            left + 14,
            Typefaces.Bold,
            16
        );
        PrintedText.Write(canvas, state.JobId, left + wide - 60, left + 14, Typefaces.Text, 12);
        PrintedText.Write(
            canvas,
            "A black mark: keyed. A bar: kept otherwise, with a reason. Open: not keyed, or keyed before it changed.",
            left,
            left + 30,
            Typefaces.Text,
            9
        );
        var cells = Laid(rows);
        var tall = A4Pages.Height - left - Head - Foot;
        var each = (cells.Length + 1) / 2;
        var row = Math.Min(Largest + 8, tall / each);
        for (var i = 0; i < cells.Length; i++)
        {
            var x = left + (i / each * ((wide + Gap) / 2));
            Cell(canvas, cells[i], (x, left + Head + ((i % each) * row)), (wide - Gap) / 2, row);
        }
    }

    // A heading takes the place of a line.
    private static (string Heading, Row? Row)[] Laid(Row[] rows) =>
        [
            .. rows.Select((r, i) => (Row: r, IsFirst: i == 0 || rows[i - 1].Section != r.Section))
                .SelectMany(r =>
                    r.IsFirst ? new (string, Row?)[] { (r.Row.Section, null), ("", r.Row) } : [("", r.Row)]
                ),
        ];

    private static void Cell(
        SKCanvas canvas,
        (string Heading, Row? Row) cell,
        (float X, float Y) at,
        float wide,
        float row
    )
    {
        var size = Math.Min(Largest, row * 0.62f);
        var line = at.Y + row - 3;
        if (cell.Row is not { } r)
        {
            PrintedText.Write(canvas, cell.Heading, at.X, line, Typefaces.Bold, size + 0.5f);
            return;
        }

        using var edge = new SKPaint
        {
            Color = A4Pages.Ink,
            IsStroke = r.Standing != "keyed",
            StrokeWidth = 0.8f,
            IsAntialias = true,
        };
        canvas.DrawRect(SKRect.Create(at.X, line - size + 1, size - 1.5f, size - 1.5f), edge);
        if (r.Standing == "otherwise")
        {
            canvas.DrawLine(at.X + 1, line - (size / 2), at.X + size - 2.5f, line - (size / 2), edge);
        }

        var (what, tried) = (wide * 0.31f, wide * 0.2f);
        var x = at.X + size + 3;
        Fitted(canvas, r.What, (x, line), what - 4, Typefaces.Text, size);
        var value = r.Standing == "otherwise" ? $"{r.Keyed}: {r.Reason}" : r.Value;
        Fitted(canvas, value, (x + what, line), wide - what - tried - size - 8, Typefaces.Bold, size);
        var by = r.Tried == Untried ? "not tried" : r.Tried;
        Fitted(canvas, by, (at.X + wide - tried, line), tried, Typefaces.Text, size * 0.8f);
    }

    // In a type as large as fits, down to what can still be read; what is longer is cut.
    private static void Fitted(
        SKCanvas canvas,
        string text,
        (float X, float Y) at,
        float wide,
        SKTypeface face,
        float size
    )
    {
        while (size > 5.5f && PrintedText.Fit(text, face, size, wide) != text)
        {
            size -= 0.5f;
        }

        PrintedText.Write(canvas, PrintedText.Fit(text, face, size, wide), at.X, at.Y, face, size);
    }
}
