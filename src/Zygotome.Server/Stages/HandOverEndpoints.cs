using Microsoft.AspNetCore.Http.HttpResults;
using Zygotome.Core.Bind;
using Zygotome.Core.HandOver;
using Zygotome.Core.Journal;
using Zygotome.Store;

namespace Zygotome.Server.Stages;

public sealed record ReleaseView(int Number, string By, DateTimeOffset At, string PdfHash);

public sealed record RetractionView(string Said, string By, DateTimeOffset At, string Reason, string Corrected)
{
    internal static RetractionView Of(Retraction r) => new(r.Said, r.By.Name, r.At, r.Reason, r.Corrected);
}

public sealed record HandOverView(
    IReadOnlyList<LedgerLine> Ledger,
    int Open,
    ReleaseView? Release,
    IReadOnlyList<ReleaseView> Earlier,
    DateTimeOffset? SentAt,
    bool? Accepted,
    string OwnerWords,
    double? TimerMinutes,
    IReadOnlyList<RetractionView> Retracted
);

internal static class HandOverEndpoints
{
    public static void MapHandOver(this IEndpointRouteBuilder app)
    {
        app.MapGet("/api/jobs/{id}/handover", (string id, JobDesk desk) => desk.View(id, View));
        app.MapGet(
            "/api/jobs/{id}/records/{number:int}.pdf",
            Results<FileContentHttpResult, ProblemHttpResult> (string id, int number, JobDesk desk, BlobStore blobs) =>
                desk.Find(id)?.State.Releases.FirstOrDefault(r => r.Number == number) is { } release
                && blobs.Find(release.PdfHash) is { } blob
                    ? TypedResults.File(blob.Bytes, blob.MediaType, $"{id}-record-{number}.pdf")
                    : Problems.NotFound($"record {number} of job {id}")
        );
    }

    private static HandOverView View(JobState state, IReadOnlyList<LedgerLine> ledger)
    {
        static ReleaseView Of(Release r) => new(r.Number, r.By.Name, r.At, r.PdfHash);
        var h = state.HandOver;
        return new HandOverView(
            Ledger: ledger,
            Open: ledger.Count(l => l.Open),
            Release: state.Release is { } r ? Of(r) : null,
            Earlier: [.. state.Releases.Where(x => x != state.Release).Select(Of)],
            SentAt: h.SentAt,
            Accepted: h.Accepted,
            OwnerWords: h.OwnerWords,
            TimerMinutes: FlightTimer.Minutes(state) is { } m ? Math.Round(m, 1) : null,
            Retracted: [.. state.Retracted.Select(RetractionView.Of)]
        );
    }
}
