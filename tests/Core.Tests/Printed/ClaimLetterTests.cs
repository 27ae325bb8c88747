using MimeKit;
using SkiaSharp;
using UglyToad.PdfPig;
using Xunit;
using Zygotome.Core.Drawing;
using Zygotome.Core.Journal;
using Zygotome.Core.Sheets;
using Zygotome.Core.Unpack;
using Zygotome.Papers;

namespace Zygotome.Core.Tests.Printed;

/// <summary>
/// The letter a supplier gets: everything claimed, seen from where it was found, and nobody's name that is not theirs
/// to know.
/// </summary>
public sealed class ClaimLetterTests
{
    private static readonly Supplier Marrack = new("marrack", "Marrack Wholesale", "claims@marrack.invalid", 30, 10);

    private static ClaimPaper Paper(int findings, string wish = "", Supplier? to = null, params DrawingSide[] sides)
    {
        var bench = new Bench(supplier: Marrack);
        var pictures = new Dictionary<string, byte[]>();
        for (var i = 0; i < findings; i++)
        {
            bench.Do(
                new FindingRaised(
                    "wing-left",
                    PlaceKind.Skin,
                    FindingKind.Crack,
                    Bench.Q($"{12 + i} mm"),
                    200,
                    -150,
                    $"Number {i + 1} <b>bold</b>.",
                    sides.Length > 0 ? sides[i % sides.Length] : DrawingSide.Plan
                )
            );
            var hash = i.ToString("x64", System.Globalization.CultureInfo.InvariantCulture);
            bench.Do(new FindingPhotographed(bench.State.Unpack.Findings[^1].Id, hash, $"close, {i + 1}"));
            pictures[hash] = Jpeg(i % 2 == 0 ? 640 : 200, 480);
        }

        return new ClaimPaper(
            bench.State,
            1,
            to ?? Marrack,
            bench.State.Unpack.Findings,
            [new ClaimedShortage("horn", "Control horn", 2, "B")],
            wish,
            Bench.Vane,
            bench.Now,
            pictures
        );
    }

    private static byte[] Jpeg(int width, int height)
    {
        using var bitmap = new SKBitmap(width, height);
        using var image = SKImage.FromBitmap(bitmap);
        using var data = image.Encode(SKEncodedImageFormat.Jpeg, 80);
        return data.ToArray();
    }

    private static string Words(PdfDocument document) =>
        string.Join(" ", document.GetPages().SelectMany(p => p.GetWords()).Select(w => w.Text));

    [Theory]
    [InlineData(1)]
    [InlineData(7)]
    [InlineData(24)]
    public void Every_finding_and_picture_is_in_the_letter_and_nothing_leaves_its_page(int findings)
    {
        using var pdf = PdfDocument.Open(ClaimLetter.Pdf(Paper(findings)));
        var text = Words(pdf);
        for (var i = 1; i <= findings; i++)
        {
            Assert.Contains($"F{i}: crack of {11 + i} mm", text, StringComparison.Ordinal);
            Assert.Contains($"F{i}: close, {i}", text, StringComparison.Ordinal);
        }

        Assert.Equal(findings, pdf.GetPages().Sum(p => p.GetImages().Count()));
        Assert.Contains("2 × Control horn missing from bag B.", text, StringComparison.Ordinal);
        Assert.Contains("Number 1 <b>bold</b>.", text, StringComparison.Ordinal);
        foreach (var page in pdf.GetPages())
        {
            Assert.All(
                page.GetWords(),
                w =>
                    Assert.True(
                        w.BoundingBox.Left >= 0
                            && w.BoundingBox.Right <= page.Width
                            && w.BoundingBox.Bottom >= 0
                            && w.BoundingBox.Top <= page.Height,
                        $"\"{w.Text}\" leaves its page"
                    )
            );
            Assert.All(
                page.GetImages(),
                i =>
                    Assert.True(
                        i.BoundingBox.Left >= 0 && i.BoundingBox.Right <= page.Width && i.BoundingBox.Bottom >= 0,
                        "a picture leaves its page"
                    )
            );
        }
    }

    [Fact]
    public void Each_side_something_was_found_on_is_drawn_once()
    {
        using var pdf = PdfDocument.Open(ClaimLetter.Pdf(Paper(4, "", null, DrawingSide.Plan, DrawingSide.Below)));
        var text = Words(pdf);
        Assert.Equal(2, text.Split("Seen from above").Length);
        Assert.Equal(2, text.Split("Seen from below").Length);
        Assert.DoesNotContain("Seen from its left", text, StringComparison.Ordinal);
    }

    [Fact]
    public void What_is_asked_for_is_said_in_letter_and_mail_and_a_standing_wish_where_nothing_was()
    {
        var paper = Paper(1, "The left wing by Friday, please.");
        using var pdf = PdfDocument.Open(ClaimLetter.Pdf(paper));
        Assert.Contains("The left wing by Friday, please.", Words(pdf), StringComparison.Ordinal);
        using var plain = PdfDocument.Open(ClaimLetter.Pdf(paper with { Wish = "" }));
        Assert.Contains("Replacement of the parts named above.", Words(plain), StringComparison.Ordinal);
    }

    [Fact]
    public void Letter_and_mail_bear_the_day_it_is_at_the_shop()
    {
        var paper = Paper(1, "");
        var rules = paper.State.Rules with { TimeZone = "Pacific/Kiritimati" };
        paper = paper with
        {
            At = new DateTimeOffset(2026, 11, 4, 12, 0, 0, TimeSpan.Zero),
            To = Marrack with { Contact = "claims@marrack.invalid" },
            State = paper.State with { Rules = rules },
        };
        var letter = ClaimLetter.Pdf(paper);
        using var pdf = PdfDocument.Open(letter);
        Assert.Contains("5 November 2026", Words(pdf), StringComparison.Ordinal);
        using var stream = new MemoryStream(ClaimLetter.Eml(paper, letter));
        using var mail = MimeMessage.Load(stream, TestContext.Current.CancellationToken);
        Assert.Equal((TimeSpan.FromHours(14), 5), (mail.Date.Offset, mail.Date.Day));
    }

    [Theory]
    [InlineData("claims@marrack.invalid", "claims@marrack.invalid")]
    [InlineData("Claims <claims@marrack.invalid>", "claims@marrack.invalid")]
    [InlineData("0000 555 200", null)]
    [InlineData("", null)]
    [InlineData("the agent in town", null)]
    [InlineData("claims", null)]
    [InlineData("evil\r\nBcc: all@everywhere.invalid", null)]
    public void What_is_no_address_gets_no_mail(string contact, string? address) =>
        Assert.Equal(address, ClaimLetter.AddressOf(Marrack with { Contact = contact }));

    [Fact]
    public void The_mail_goes_to_the_suppliers_address_alone_and_carries_letter_and_pictures()
    {
        var paper = Paper(
            2,
            "Soon.\r\nThanks.",
            Marrack with
            {
                Name = "Marrack \r\nSubject: other",
                Contact = "claims@marrack.invalid",
            }
        );
        var letter = ClaimLetter.Pdf(paper);
        using var stream = new MemoryStream(ClaimLetter.Eml(paper, letter));
        using var mail = MimeMessage.Load(stream, TestContext.Current.CancellationToken);
        Assert.Equal(["claims@marrack.invalid"], mail.GetRecipients().Select(m => m.Address));
        Assert.Equal("Claim J-0001-1: Skerrow 64, 2 damaged, 1 short", mail.Subject);
        Assert.Matches("^[0-9a-f]{32}@shop.invalid$", mail.MessageId);
        Assert.Equal(
            ["Claim-J-0001-1.pdf", "F1-1.jpg", "F2-1.jpg"],
            mail.Attachments.OfType<MimePart>().Select(a => a.FileName)
        );
        using var attached = new MemoryStream();
        mail.Attachments.OfType<MimePart>().First().Content!.DecodeTo(attached, TestContext.Current.CancellationToken);
        Assert.Equal(letter, attached.ToArray());
        Assert.Contains("Soon.", mail.TextBody, StringComparison.Ordinal);
    }
}
