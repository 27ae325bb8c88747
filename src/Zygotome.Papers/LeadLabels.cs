using SkiaSharp;
using Zygotome.Core.Journal;
using Zygotome.Core.Receive;
using Zygotome.Core.Wire;

namespace Zygotome.Papers;

/// <summary>
/// A label for every lead of a job, to be cut out and folded round it: what it serves, where it goes, and the bands of
/// one that the owner parts, for both its halves. True by the wiring, not by what a bag said.
/// </summary>
public static class LeadLabels
{
    // Of a label, mm: folded in the middle, both halves say the same.
    private const float Wide = 84,
        Tall = 12,
        Gap = 2;
    private const int Across = 2;
    private const float Top = 74;

    public static byte[] Pdf(JobState state, DateTimeOffset at)
    {
        var wiring = Wiring.Of(state);
        WireLead[] labels =
        [
            .. wiring.Leads.Where(l => !l.IsLost).SelectMany(l => Enumerable.Repeat(l, l.IsParted ? 2 : 1)),
        ];
        var rows = (int)((A4Pages.Bottom - Top) / ((Tall + Gap) * A4Pages.Mm));
        var pages = Math.Max(1, (labels.Length + (rows * Across) - 1) / (rows * Across));
        return FullSizePages.Pdf(
            $"{state.Receive.Number}: labels of the leads",
            at,
            Enumerable
                .Range(0, pages)
                .Select(page =>
                    (Action<SKCanvas>)(
                        canvas =>
                            Page(
                                canvas,
                                state,
                                labels.Skip(page * rows * Across).Take(rows * Across),
                                pages == 1 ? "" : $", page {page + 1} of {pages}"
                            )
                    )
                )
        );
    }

    private static void Page(SKCanvas canvas, JobState state, IEnumerable<WireLead> labels, string number)
    {
        PrintedText.Write(
            canvas,
            $"{state.Receive.Number}, {state.Sheet.Kit.Name}: labels{number}",
            A4Pages.Margin,
            36,
            Typefaces.Bold,
            13
        );
        PrintedText.Write(
            canvas,
            "Cut out, fold at the middle round the lead, clear tape over it. Two of one that the owner parts.",
            A4Pages.Margin,
            52,
            Typefaces.Text,
            9
        );
        foreach (var (lead, i) in labels.Select((l, i) => (l, i)))
        {
            Draw(
                canvas,
                Wiring.Of(state),
                lead,
                A4Pages.Margin + (i % Across * (Wide + Gap) * A4Pages.Mm),
                Top + (i / Across * (Tall + Gap) * A4Pages.Mm)
            );
        }
    }

    private static void Draw(SKCanvas canvas, Wiring wiring, WireLead lead, float x, float y)
    {
        var (wide, tall) = (Wide * A4Pages.Mm, Tall * A4Pages.Mm);
        using var cut = new SKPaint
        {
            Color = A4Pages.Pencil,
            IsStroke = true,
            StrokeWidth = 0.4f,
            IsAntialias = true,
        };
        using var dashes = SKPathEffect.CreateDash([3, 3], 0);
        using var fold = new SKPaint
        {
            Color = A4Pages.Pencil,
            IsStroke = true,
            StrokeWidth = 0.4f,
            PathEffect = dashes,
            IsAntialias = true,
        };
        canvas.DrawRect(SKRect.Create(x, y, wide, tall), cut);
        canvas.DrawLine(x + (wide / 2), y, x + (wide / 2), y + tall, fold);
        foreach (var half in new[] { 0, 1 })
        {
            // Bands stand at the outer ends, a hand's breadth from the fold: folded they lie on one another.
            var left = x + (half * wide / 2);
            var room = (wide / 2) - 8 - (lead.Band is null ? 0 : 30);
            var text = left + (half == 0 && lead.Band is not null ? 34 : 4);
            PrintedText.Write(
                canvas,
                PrintedText.Fit(lead.Name, Typefaces.Bold, 8, room),
                text,
                y + 14,
                Typefaces.Bold,
                8
            );
            PrintedText.Write(
                canvas,
                PrintedText.Fit($"to {wiring.Words(lead.To)}", Typefaces.Text, 7, room),
                text,
                y + 26,
                Typefaces.Text,
                7
            );
            if (lead.Band is { } band)
            {
                PrintedBand.Draw(canvas, band, half == 0 ? x + 17 : x + wide - 17, y, tall);
            }
        }
    }
}
