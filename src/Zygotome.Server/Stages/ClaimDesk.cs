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
            State: state,
            Number: number,
            To: to,
            Findings: findings,
            Shortages: shortages,
            Wish: asked.Wish,
            By: entry.By,
            At: entry.RecordedAt,
            Photos: pictures
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
            Supplier: state.Receive.Supplier?.Name ?? "",
            Contact: state.Receive.Supplier?.Contact ?? "",
            ByLetter: state.Receive.Supplier is { } supplier && ClaimLetter.AddressOf(supplier) is null,
            Until: state.Receive.ClaimUntil,
            DaysLeft: Claims.DaysLeft(state, today),
            Claimable:
            [
                .. Claims
                    .Of(state)
                    .Select(c => new ClaimableView(
                        Id: c.Id,
                        IsPart: c.IsPart,
                        Text: c.Text,
                        Stands: c.Stands,
                        Why: c.Why,
                        Sent: c.Sent,
                        Written: c.Written
                    )),
            ],
            Sent:
            [
                .. state.Unpack.Claims.Select(c => new ClaimView(
                    Id: c.Id,
                    Number: c.Number,
                    To: c.To,
                    By: c.Evidence.By.Name,
                    At: c.Evidence.RecordedAt,
                    Wish: c.Wish,
                    What:
                    [
                        .. c.Findings.Select(f => state.Unpack.Find(f)?.Tag ?? f),
                        .. c.Shortages.Select(s => $"{s.Quantity} × {s.Name}"),
                    ],
                    LetterHash: c.LetterHash,
                    MailFile: c.ByLetter ? null : MailStore.FileOf(state.JobId, c.Number),
                    IsSent: c.IsSent,
                    Answer: c.Answer?.Kind,
                    AnswerWords: c.Answer is { } a ? ClaimWords.Of(a.Kind) : "",
                    AnswerText: c.Answer?.Words ?? "",
                    PartsDue: c.Answer?.PartsDue,
                    PartsLate: c.Arrived is null && c.Answer?.PartsDue < today,
                    Arrived: c.Arrived is not null
                )),
            ]
        );
}
