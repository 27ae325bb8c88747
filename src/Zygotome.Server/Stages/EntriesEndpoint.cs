using System.Security.Claims;
using System.Text.Json;
using Microsoft.AspNetCore.Http.HttpResults;
using Zygotome.Core;
using Zygotome.Core.Journal;
using Zygotome.Server.Door;
using Zygotome.Store;

namespace Zygotome.Server.Stages;

/// <param name="EntryId">Made by the client; the same id again is the same entry and gets the same answer.</param>
/// <param name="ExpectedSeq">For decisions: the seq the decision was taken on.</param>
public sealed record PostedEntry(
    string EntryId,
    string Type,
    JsonElement Body,
    DateTimeOffset ObservedAt,
    long? ExpectedSeq = null
);

/// <summary>Entries to record together: all or none.</summary>
/// <param name="Look">One unbroken stretch of looking at the bench; lamps count within it only.</param>
/// <param name="SentAt">The device's own clock as it sends: beside it, <c>observedAt</c> says how long an entry waited
/// there, however wrong that clock is.</param>
public sealed record EntriesPost(IReadOnlyList<PostedEntry> Entries, string Look, DateTimeOffset? SentAt = null);

public sealed record RecordedEntry(string EntryId, long Seq, DateTimeOffset RecordedAt, string Said);

public sealed record EntriesAnswer(string JobId, long Seq, IReadOnlyList<RecordedEntry> Entries);

/// <summary>What came between, for an overtaken decision.</summary>
public sealed record Between(long Seq, string By, string Said, DateTimeOffset RecordedAt);

/// <summary>The one door for everything that is recorded of a job.</summary>
internal static class EntriesEndpoint
{
    private const int Most = 50;

    /// <summary>A post takes its time on the way; what is no older did not wait.</summary>
    private static readonly TimeSpan AtOnce = TimeSpan.FromMinutes(2);

    public static void MapEntries(this IEndpointRouteBuilder app) =>
        app.MapPost("/api/jobs/{id}/entries", Post).But("each kind of entry has its own: rights.md");

    private static async Task<Results<Ok<EntriesAnswer>, ProblemHttpResult>> Post(
        string id,
        EntriesPost post,
        ClaimsPrincipal user,
        JournalReader reader,
        JournalWriter writer,
        EntryKinds kinds,
        Shop.ShopSettings settings
    )
    {
        if (post.Entries.Count is 0 or > Most)
        {
            return Problems.Of(
                422,
                "entry/count",
                $"{post.Entries.Count} entries at once; 1 to {Most} are taken.",
                "entries"
            );
        }

        if (LookFits(post.Look) is { } unfit)
        {
            return Problems.Of(unfit);
        }

        var proposals = new List<Proposal>();
        for (var i = 0; i < post.Entries.Count; i++)
        {
            if (!Draft(post.Entries[i], kinds, () => settings.Lists).Try(out var proposal, out var refusal))
            {
                return Problems.Of(refusal with { Where = $"entries[{i}].{refusal.Where}" });
            }

            var age = post.SentAt - post.Entries[i].ObservedAt;
            proposals.Add(proposal with { Waited = age >= AtOnce ? age.Value : TimeSpan.Zero });
        }

        return Answer(await writer.Record(new Post(id, proposals, user.Person(), post.Look)), proposals, id, reader);
    }

    private static Outcome<Proposal> Draft(PostedEntry e, EntryKinds kinds, Func<ShopLists> lists)
    {
        if (IdFits(e.EntryId) is { } unfit)
        {
            return unfit;
        }

        // What the shop's rules, numbers and hashes are copied into is written by the server alone.
        return kinds.Find(e.Type) is { OwnDoor: true }
            ? new Refusal("entry/own-door", $"\"{e.Type}\" is not recorded here.", "type")
            : kinds
                .ReadPosted(e.Type, e.Body, lists)
                .Match<Outcome<Proposal>>(
                    body => new Proposal(e.EntryId, e.Type, body, e.ObservedAt, e.ExpectedSeq),
                    r => r
                );
    }

    internal static Refusal? IdFits(string entryId) =>
        entryId.Length is < 1 or > 64
            ? new Refusal("entry/id", "An entry id has 1 to 64 characters.", "entryId")
            : null;

    internal static Refusal? LookFits(string look) =>
        look.Length > 64 ? new Refusal("entry/look", "A look is at most 64 characters.", "look") : null;

    /// <param name="proposals">What was posted, so that a refusal says what was refused.</param>
    /// <param name="place">How a place in the nth draft is said of what was posted.</param>
    internal static Results<Ok<EntriesAnswer>, ProblemHttpResult> Answer(
        PostAnswer answer,
        IReadOnlyList<Proposal> proposals,
        string id,
        JournalReader reader,
        Func<int, string, string>? place = null
    )
    {
        var state = reader.Find(id)?.State;
        return answer switch
        {
            PostAnswer.Recorded r => TypedResults.Ok(
                new EntriesAnswer(
                    id,
                    r.Entries[^1].Seq,
                    [.. r.Entries.Select(e => new RecordedEntry(e.EntryId, e.Seq, e.RecordedAt, e.Body.Say(state!)))]
                )
            ),
            PostAnswer.Overtaken o => Problems.Of(
                409,
                "entry/overtaken",
                "Something was recorded meanwhile; look at it and decide again.",
                "expectedSeq",
                [
                    new("seq", o.Seq),
                    new(
                        "between",
                        o.Between.Select(e => new Between(e.Seq, e.By.Name, e.Body.Say(state!), e.RecordedAt)).ToArray()
                    ),
                ]
            ),
            PostAnswer.Refused { Refusal.Code: "job/not-found" } f => Problems.Of(f.Refusal, 404),
            PostAnswer.Refused { Refusal.Code: "entry/id-used" } f => Problems.Of(f.Refusal, 409),
            PostAnswer.Refused { Refusal.Code: "job/unreadable" } f => Problems.Of(f.Refusal, 500),

            // A rule that failed is not asked for words either.
            PostAnswer.Refused { Refusal.Code: "server/rule" } f => Problems.Of(f.Refusal, 500),
            PostAnswer.Refused f => Problems.Of(
                f.Refusal with
                {
                    Where = (place ?? InThePost)(f.Index, f.Refusal.Where),
                },
                f.Refusal.Code == "entry/role"
                    ? StatusCodes.Status403Forbidden
                    : StatusCodes.Status422UnprocessableEntity,
                Said(proposals[f.Index].Body, state)
            ),
            _ => throw new InvalidOperationException(answer.GetType().Name),
        };
    }

    // Words of something refused are a courtesy: what no rule has admitted may be beyond what its words expect.
    private static string Said(EntryBody? body, JobState? state)
    {
        try
        {
            return body is not null && state is not null ? body.Say(state) : "";
        }
        catch (Exception e) when (e is not OutOfMemoryException)
        {
            return "";
        }
    }

    private static string InThePost(int index, string where) =>
        $"entries[{index}]{(where.Length > 0 ? "." : "")}{where}";
}
