using Microsoft.AspNetCore.Http.HttpResults;
using Zygotome.Core.Journal;
using Zygotome.Store;

namespace Zygotome.Server.Stages;

/// <summary>One entry in words. At: when it was observed.</summary>
/// <param name="Look">In which it was recorded: within it, it is its author's to withdraw.</param>
/// <param name="Typed">Values in it that may have been typed wrongly, as they were typed.</param>
public sealed record JournalLine(
    string EntryId,
    string Said,
    string By,
    DateTimeOffset At,
    string ById,
    bool Retractable,
    string Look,
    IReadOnlyList<string> Typed,
    RetractionView? Retracted
);

/// <param name="All">How many entries have these words; <paramref name="Lines"/>, newest first, may be fewer.</param>
public sealed record JournalView(IReadOnlyList<JournalLine> Lines, int All);

/// <summary>What was recorded in a job, newest first, each to be taken back if it was a mistake of record.</summary>
internal static class JournalEndpoint
{
    private const int Most = 200;

    public static void MapJournal(this IEndpointRouteBuilder app) =>
        app.MapGet(
            "/api/jobs/{id}/journal",
            Results<Ok<JournalView>, ProblemHttpResult> (string id, JobDesk desk, string? find) =>
                desk.Find(id) is { } job
                    ? TypedResults.Ok(View(job, find?.Trim() ?? ""))
                    : Problems.NotFound($"job {id}")
        );

    private static JournalView View(JobSnapshot job, string find)
    {
        var taken = job.State.Retracted.ToDictionary(r => r.EntryId, StringComparer.Ordinal);
        JournalLine[] lines =
        [
            .. job
                .Journal.Reverse()
                .Select(e => new JournalLine(
                    EntryId: e.EntryId,
                    Said: e.Body.Say(job.State),
                    By: e.By.Name,
                    At: e.ObservedAt,
                    ById: e.By.Id,
                    Retractable: !job.State.Released
                        && !taken.ContainsKey(e.EntryId)
                        && Replay.CanBeWithdrawn(job.State, e),
                    Look: e.Look,
                    Typed: [.. e.Body.TypedValues().Select(v => v.Text)],
                    Retracted: taken.GetValueOrDefault(e.EntryId) is { } r ? RetractionView.Of(r) : null
                )),
        ];
        var found =
            find.Length == 0
                ? lines
                :
                [
                    .. lines.Where(l =>
                        l.Said.Contains(find, StringComparison.OrdinalIgnoreCase)
                        || l.By.Contains(find, StringComparison.OrdinalIgnoreCase)
                    ),
                ];
        return new JournalView([.. found.Take(Most)], found.Length);
    }
}
