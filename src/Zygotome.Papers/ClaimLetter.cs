using System.Globalization;
using System.Security.Cryptography;
using MimeKit;
using SkiaSharp;
using Zygotome.Core.Drawing;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Receive;
using Zygotome.Core.Unpack;

namespace Zygotome.Papers;

/// <summary>What a claim is written from.</summary>
/// <param name="Photos">Stored pictures by hash.</param>
public sealed record ClaimPaper(
    JobState State,
    int Number,
    Supplier To,
    IReadOnlyList<Finding> Findings,
    IReadOnlyList<ClaimedShortage> Shortages,
    string Wish,
    Person By,
    DateTimeOffset At,
    IReadOnlyDictionary<string, byte[]> Photos
);

/// <summary>
/// The claim to a supplier: a letter with drawing and pictures as PDF, and the mail that carries it. The owner is not
/// named in either.
/// </summary>
public static class ClaimLetter
{
    private const float Tall = 230;

    public static string Title(ClaimPaper p) => $"Claim {p.State.Receive.Number}-{p.Number}";

    public static byte[] Pdf(ClaimPaper p)
    {
        using var stream = new MemoryStream();
        var state = p.State;
        var metadata = new SKDocumentPdfMetadata
        {
            Title = Title(p),
            Author = state.Rules.Shop,
            Creation = p.At.UtcDateTime,
            Modified = p.At.UtcDateTime,
            Producer = "Zygotome",
        };
        using (var document = SKDocument.CreatePdf(stream, metadata))
        {
            using (var s = new A4Pages(document, $"{Title(p)}    {state.Sheet.Kit.Name}    {state.Rules.Shop}"))
            {
                s.Y += 18;
                s.Draw(Title(p), A4Pages.Margin, s.Y, Typefaces.Bold, 18, A4Pages.Ink);
                s.Y += 8;
                foreach (var paragraph in Opening(p))
                {
                    s.Paragraph(paragraph, 10.5f);
                }

                Lists(s, p);
                foreach (var side in p.Findings.Select(f => f.View).Distinct().Order())
                {
                    // A heading does not stand alone at the foot of a page.
                    s.Keep(Tall + 70);
                    s.Heading(
                        side switch
                        {
                            DrawingSide.Below => "Seen from below",
                            DrawingSide.Side => "Seen from its left",
                            _ => "Seen from above",
                        },
                        11
                    );
                    DrawingOnPaper.Put(s, Drawings.Of(state.Sheet, side), p.Findings, Tall);
                }

                Pictures(s, p);
                s.Heading("Asked for", 11);
                s.Paragraph(p.Wish.Length > 0 ? p.Wish : "Replacement of the parts named above.", 10.5f);
                s.Paragraph($"{p.By.Name}, {state.Rules.Shop}", 10.5f);
            }

            document.Close();
        }

        return stream.ToArray();
    }

    /// <summary>The address mail to a supplier goes to; null where what is known of them is none.</summary>
    public static string? AddressOf(Supplier supplier) =>
        MailboxAddress.TryParse(Strict, supplier.Contact, out var to) ? to.Address : null;

    private static readonly ParserOptions Strict = new() { AllowAddressesWithoutDomain = false };

    /// <summary>The mail as an .eml file: plain words, the letter attached, the pictures attached.</summary>
    public static byte[] Eml(ClaimPaper p, byte[] letter)
    {
        using var message = new MimeMessage();
        message.From.Add(new MailboxAddress(p.State.Rules.Shop, "claims@shop.invalid"));
        message.To.Add(
            new MailboxAddress(
                p.To.Name,
                AddressOf(p.To) ?? throw new ArgumentException($"{p.To.Name} has no address for mail.", nameof(p))
            )
        );
        message.Subject =
            $"{Title(p)}: {p.State.Sheet.Kit.Name}, {p.Findings.Count} damaged, {p.Shortages.Count} short";
        message.Date = ShopDay.At(p.State.Rules.TimeZone, p.At);
        // Made of what it carries: another letter never bears the same one, and no text of anybody's stands in it.
        message.MessageId = $"{Convert.ToHexStringLower(SHA256.HashData(letter))[..32]}@shop.invalid";
        var body = new BodyBuilder
        {
            TextBody =
                string.Join("\r\n\r\n", Opening(p).Concat(Lines(p)).Append(p.Wish).Where(t => t.Length > 0)) + "\r\n",
        };
        body.Attachments.Add($"{Title(p).Replace(' ', '-')}.pdf", letter, new ContentType("application", "pdf"));
        foreach (var (finding, photo, i) in Taken(p))
        {
            body.Attachments.Add($"{finding.Tag}-{i + 1}.jpg", p.Photos[photo.Hash], new ContentType("image", "jpeg"));
        }

        message.Body = body.ToMessageBody();
        using var stream = new MemoryStream();
        message.WriteTo(FormatOptions.Default, stream);
        return stream.ToArray();
    }

    private static IEnumerable<string> Opening(ClaimPaper p)
    {
        var r = p.State.Receive;
        yield return $"To {p.To.Name}{(p.To.Contact.Length > 0 ? $", {p.To.Contact}" : "")}. "
            + $"{ShopDay.At(p.State.Rules.TimeZone, p.At).ToString("d MMMM yyyy", CultureInfo.InvariantCulture)}.";
        yield return $"{p.State.Sheet.Kit.Name}, {p.State.Sheet.Kit.Maker}, received on "
            + $"{r.ReceivedOn.ToString("d MMMM yyyy", CultureInfo.InvariantCulture)}; our job {r.Number}. The carton "
            + $"was {CartonWords.Of(r.Carton)}{(r.CartonNote.Length > 0 ? $": {r.CartonNote.TrimEnd('.')}" : "")}.";
    }

    private static IEnumerable<string> Lines(ClaimPaper p)
    {
        foreach (var f in p.Findings)
        {
            yield return $"{f.Tag}: {UnpackWords.Sized(f.Kind, f.Size)}, "
                + $"{UnpackWords.Place(f.PlaceKind)}, {p.State.Sheet.Geometry.Called(f.Place)}; "
                + $"{FindingWords.Grade(f.Grading.Grade)} ({f.Grading.Rule}). "
                + $"{(f.Origin.Origin == Origin.Transport ? "From transport" : "From the factory")}: "
                + $"{f.Origin.Why}{(f.Note.Length > 0 ? $" {f.Note}" : "")}";
        }

        foreach (var shortage in p.Shortages)
        {
            yield return p.State.Unpack.Wrong.GetValueOrDefault(shortage.Part) is > 0 and var wrong
                ? $"{shortage.Quantity} × {shortage.Name} wanting in bag {shortage.Bag}; {wrong} of the wrong kind "
                    + $"or size came."
                : $"{shortage.Quantity} × {shortage.Name} missing from bag {shortage.Bag}.";
        }
    }

    private static void Lists(A4Pages s, ClaimPaper p)
    {
        s.Heading($"{p.Findings.Count} damaged, {p.Shortages.Count} short", 11);
        foreach (var line in Lines(p))
        {
            s.Paragraph(line, 10);
            s.Y += 3;
        }
    }

    private static IEnumerable<(Finding Finding, PhotoKept Photo, int Index)> Taken(ClaimPaper p) =>
        p
            .Findings.SelectMany(f => f.Photos.Select((photo, i) => (f, photo, i)))
            .Where(t => p.Photos.ContainsKey(t.photo.Hash));

    private static void Pictures(A4Pages s, ClaimPaper p)
    {
        const float Wide = 248,
            High = 186;
        var taken = Taken(p).ToArray();
        for (var i = 0; i < taken.Length; i += 2)
        {
            s.Keep(High + 24);
            s.Y += 10;
            foreach (var (t, k) in taken.Skip(i).Take(2).Select((t, k) => (t, k)))
            {
                using var image = SKImage.FromEncodedData(p.Photos[t.Photo.Hash]);
                if (image is null)
                {
                    continue;
                }

                var scale = Math.Min(Wide / image.Width, High / image.Height);
                var x = A4Pages.Margin + (k * (Wide + 14));
                s.Canvas.DrawImage(
                    image,
                    new SKRect(x, s.Y, x + (image.Width * scale), s.Y + (image.Height * scale)),
                    new SKSamplingOptions(SKFilterMode.Linear)
                );
                s.Draw(
                    $"{t.Finding.Tag}{(t.Photo.Note.Length > 0 ? $": {t.Photo.Note}" : "")}",
                    x,
                    s.Y + High + 11,
                    Typefaces.Text,
                    8.5f,
                    A4Pages.Pencil
                );
            }

            s.Y += High + 16;
        }
    }
}
