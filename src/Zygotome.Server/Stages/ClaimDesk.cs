using Zygotome.Core;
using Zygotome.Core.Journal;
using Zygotome.Core.Receive;
using Zygotome.Core.Unpack;
using Zygotome.Papers;
using Zygotome.Store;

namespace Zygotome.Server.Stages;

/// <summary>
/// Writes claims: the letter and the mail are made of the very state that the claim is recorded on.
/// </summary>
internal sealed class ClaimDesk(PhotoStore photos)
{
    public Outcome<Composed> Compose(JobState state, Entry entry)
    {
        var asked = (ClaimSent)entry.Body;
        if (state.Receive.Supplier is not { } to || asked.Findings.Any(f => state.Unpack.Find(f) is null))
        {
            // Admission says what is wrong with it.
            return new Composed(asked with { LetterHash = "none" });
        }

        var findings = asked.Findings.Distinct().Select(f => state.Unpack.Find(f)!).ToArray();
        var shortages = asked
            .Parts.Distinct()
            .Where(p => state.Sheet.Part(p) is not null)
            .Select(p => state.Sheet.Part(p)!)
            .Select(p => new ClaimedShortage(p.Id, p.Name, Claims.Short(state, p.Id), p.Bag))
            .ToArray();
        var number = state.Unpack.Claims.Count + 1;
        var pictures = findings
            .SelectMany(f => f.Photos)
            .Select(p => p.Hash)
            .Distinct()
            .Select(h => (Hash: h, Bytes: photos.Bytes(h, small: false)))
            .Where(p => p.Bytes is not null)
            .ToDictionary(p => p.Hash, p => p.Bytes!);
        var paper = new ClaimPaper(
            state,
            number,
            to,
            findings,
            shortages,
            asked.Wish,
            entry.By,
            entry.RecordedAt,
            pictures
        );
        var letter = BlobStore.Of(ClaimLetter.Pdf(paper), "application/pdf");
        var mail = ClaimLetter.AddressOf(to) is null
            ? null
            : BlobStore.Of(ClaimLetter.Eml(paper, letter.Bytes), "message/rfc822");
        return new Composed(
            asked with
            {
                Findings = [.. findings.Select(f => f.Id)],
                Parts = [.. shortages.Select(s => s.Part)],
                Number = number,
                To = to,
                Shortages = [.. shortages],
                LetterHash = letter.Hash,
                MailHash = mail?.Hash ?? "",
                ByLetter = mail is null,
            },
            letter,
            mail is null ? null : new Mail(MailStore.FileOf(state.JobId, number), mail)
        );
    }

    public static ClaimsView View(JobState state, DateOnly today) =>
        new(
            state.Receive.Supplier?.Name ?? "",
            state.Receive.Supplier?.Contact ?? "",
            state.Receive.Supplier is { } supplier && ClaimLetter.AddressOf(supplier) is null,
            state.Receive.ClaimUntil,
            Claims.DaysLeft(state, today),
            [
                .. Claims
                    .Of(state)
                    .Select(c => new ClaimableView(c.Id, c.IsPart, c.Text, c.Stands, c.Why, c.Sent, c.Written)),
            ],
            [
                .. state.Unpack.Claims.Select(c => new ClaimView(
                    c.Id,
                    c.Number,
                    c.To,
                    c.Evidence.By.Name,
                    c.Evidence.RecordedAt,
                    c.Wish,
                    [
                        .. c.Findings.Select(f => state.Unpack.Find(f)?.Tag ?? f),
                        .. c.Shortages.Select(s => $"{s.Quantity} × {s.Name}"),
                    ],
                    c.LetterHash,
                    c.ByLetter ? null : MailStore.FileOf(state.JobId, c.Number),
                    c.IsSent,
                    c.Answer?.Kind,
                    c.Answer is { } a ? ClaimWords.Of(a.Kind) : "",
                    c.Answer?.Words ?? "",
                    c.Answer?.PartsDue,
                    c.Arrived is null && c.Answer?.PartsDue < today,
                    c.Arrived is not null
                )),
            ]
        );
}
