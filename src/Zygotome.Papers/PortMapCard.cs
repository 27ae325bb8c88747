using SkiaSharp;
using Zygotome.Core;
using Zygotome.Core.Journal;
using Zygotome.Core.Receive;
using Zygotome.Core.Sheets;
using Zygotome.Core.Wire;

namespace Zygotome.Papers;

/// <summary>
/// The port map as a card for the inside of the hatch: each port with its channel, what is in it and its bands, beside
/// it the sockets of a board or stabiliser, under it what the transmitter mixes.
/// </summary>
public static class PortMapCard
{
    // The card, mm; a row of it, points.
    private const float Wide = 178,
        Tall = 118,
        Row = 19,
        Head = 44;

    public static byte[] Pdf(JobState state, DateTimeOffset at) =>
        FullSizePages.Pdf($"{state.Receive.Number}: port map", at, [canvas => Card(canvas, state, at)]);

    private sealed record Line(string Place, string What, LeadBand? Band);

    private static void Card(SKCanvas canvas, JobState state, DateTimeOffset at)
    {
        var wiring = Wiring.Of(state);
        var (x, y) = (A4Pages.Margin, A4Pages.Margin);
        var (wide, tall) = (Wide * A4Pages.Mm, Tall * A4Pages.Mm);
        using var edge = new SKPaint
        {
            Color = A4Pages.Ink,
            IsStroke = true,
            StrokeWidth = 1,
            IsAntialias = true,
        };
        canvas.DrawRect(SKRect.Create(x, y, wide, tall), edge);
        PrintedText.Write(
            canvas,
            PrintedText.Fit($"Port map, {state.Sheet.Kit.Name}", Typefaces.Bold, 13, wide - 150),
            x + 10,
            y + 20,
            Typefaces.Bold,
            13
        );
        PrintedText.Write(
            canvas,
            $"{state.Receive.Number}, {at:yyyy-MM-dd}",
            x + wide - 120,
            y + 20,
            Typefaces.Text,
            9
        );
        string[] feet =
        [
            .. PortWords.Mixes(wiring),
            .. PortWords.Binding(wiring),
            .. wiring.Leads.Any(l => l.Band is not null)
                ? ["Plugs of the wing: what has the same bands belongs together; black left, white right."]
                : (string[])[],
        ];
        Line[] receiver = [.. Receiver(wiring)];
        string[] devices = [.. wiring.Leads.Select(l => wiring.Device(l.To)).Where(d => d.Length > 0).Distinct()];
        Line[] behind = [.. devices.SelectMany(d => Behind(wiring, d))];
        var room = tall - Head - 8 - (feet.Length * 11);
        var row = Math.Min(Row, room / Math.Max(receiver.Length + 1, behind.Length + 1));
        var half = behind.Length > 0 ? wide / 2 : wide;
        Column(canvas, state.Aboard.Receiver?.Name ?? "Receiver", receiver, (x + 10, y + Head), half - 16, row);
        if (behind.Length > 0)
        {
            canvas.DrawLine(x + half, y + Head - 12, x + half, y + Head + room - 6, edge);
            var title = string.Join(
                " and ",
                devices.Select(d => wiring.Kind(d)?.Name ?? Texts.Capital(Places.Words(d)))
            );
            Column(canvas, title, behind, (x + half + 8, y + Head), half - 16, row);
        }

        for (var i = 0; i < feet.Length; i++)
        {
            PrintedText.Write(
                canvas,
                PrintedText.Fit(feet[i], Typefaces.Text, 8, wide - 20),
                x + 10,
                y + tall - 6 - ((feet.Length - 1 - i) * 11),
                Typefaces.Text,
                8
            );
        }
    }

    private static IEnumerable<Line> Receiver(Wiring wiring)
    {
        foreach (var (port, _, plugs) in wiring.Ports())
        {
            var end = new WireEnd(Socketed.Receiver, $"{port}");
            var bind = port == wiring.Ask.BindPort ? ", binding" : "";
            var what =
                plugs.IsEmpty ? $"free{bind}"
                : plugs.Length > 1 ? $"{wiring.ChannelName(port)}: Y-lead, {plugs.Length} plugs{bind}"
                : wiring.Consumer(plugs[0].Id) is null
                    ? $"{wiring.ChannelName(port)}: {PortWords.Input(plugs[0].Id)}{bind}"
                : $"{wiring.ChannelName(port)}: {plugs[0].Name}{bind}";
            var words = wiring.Words(end);
            yield return new Line(
                words.StartsWith("port ", StringComparison.Ordinal) ? words[5..] : words,
                what,
                plugs is [var only] ? wiring.Lead(only.Id)?.Band : null
            );
        }
    }

    private static IEnumerable<Line> Behind(Wiring wiring, string device) =>
        wiring
            .InSockets(device)
            .Select(
                (s, i) => new Line(s.Socket.Length > 0 ? s.Socket : $"{i + 1}", s.Lead?.Name ?? "free", s.Lead?.Band)
            );

    private static void Column(
        SKCanvas canvas,
        string title,
        Line[] lines,
        (float X, float Y) at,
        float wide,
        float row
    )
    {
        var size = Math.Min(11, row - 4);
        var place = lines.Any(l => l.Place.Length > 3) ? 96 : 34;
        using var rule = new SKPaint
        {
            Color = A4Pages.Rule,
            StrokeWidth = 0.5f,
            IsStroke = true,
        };
        PrintedText.Write(canvas, PrintedText.Fit(title, Typefaces.Bold, 9, wide), at.X, at.Y, Typefaces.Bold, 9);
        for (var i = 0; i < lines.Length; i++)
        {
            var line = lines[i];
            var y = at.Y + ((i + 1) * row);
            canvas.DrawLine(at.X, y + 3, at.X + wide, y + 3, rule);
            PrintedText.Write(
                canvas,
                PrintedText.Fit(line.Place, Typefaces.Bold, size, place - 4),
                at.X,
                y,
                Typefaces.Bold,
                size
            );
            PrintedText.Write(
                canvas,
                PrintedText.Fit(line.What, Typefaces.Text, size, wide - place - 2 - (line.Band is null ? 0 : 34)),
                at.X + place,
                y,
                Typefaces.Text,
                size
            );
            if (line.Band is { } band)
            {
                PrintedBand.Draw(canvas, band, at.X + wide - 16, y - size + 1.5f, size, 4);
            }
        }
    }
}
