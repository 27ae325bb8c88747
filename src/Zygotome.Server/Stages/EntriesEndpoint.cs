using System.Security.Claims;
using System.Text.Json;
using Microsoft.AspNetCore.Http.HttpResults;
using Zygotome.Core;
using Zygotome.Core.HandOver;
using Zygotome.Core.Jobs;
using Zygotome.Core.Unpack;
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
public sealed record EntriesPost(IReadOnlyList<PostedEntry> Entries, string Look);

public sealed record RecordedEntry(string EntryId, long Seq, DateTimeOffset RecordedAt, string Said);

public sealed record EntriesAnswer(string JobId, long Seq, IReadOnlyList<RecordedEntry> Entries);

/// <summary>What came between, for an overtaken decision.</summary>
public sealed record Between(long Seq, string By, string Said, DateTimeOffset RecordedAt);

/// <summary>The one door for everything that is recorded of a job.</summary>
internal static class EntriesEndpoint
{
    private const int Most = 50;

    public static void MapEntries(this IEndpointRouteBuilder app) => app.MapPost("/api/jobs/{id}/entries", Post);

    private static async Task<Results<Ok<EntriesAnswer>, ProblemHttpResult>> Post(
        string id,
        EntriesPost post,
        ClaimsPrincipal user,
        JournalReader reader,
        JournalWriter writer,
        EntryKinds kinds,
        Releases releases,
        ClaimDesk claims,
        Shop.Outbox outbox
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

        if (post.Look.Length > 64)
        {
            return Problems.Of(422, "entry/look", "A look is at most 64 characters.", "look");
        }

        var drafts = new List<Draft>();
        for (var i = 0; i < post.Entries.Count; i++)
        {
            if (!Draft(post.Entries[i], kinds, releases, claims).Try(out var draft, out var refusal))
            {
                return Problems.Of(refusal with { Where = $"entries[{i}].{refusal.Where}" });
            }

            drafts.Add(draft);
        }

        var answer = await writer.Record(new Post(id, drafts, user.Person(), post.Look));
        if (answer is PostAnswer.Recorded && drafts.Any(d => d.Body is ClaimSent))
        {
            outbox.Deliver();
        }

        return Answer(answer, id, reader);
    }

    private static Outcome<Draft> Draft(PostedEntry e, EntryKinds kinds, Releases releases, ClaimDesk claims)
    {
        if (e.EntryId.Length is < 1 or > 64)
        {
            return new Refusal("entry/id", "An entry id has 1 to 64 characters.", "entryId");
        }

        // A release is composed inside the transaction, from the state as it then is; the client only asks for it.
        if (kinds.Find(e.Type)?.Body == typeof(Released))
        {
            return new Draft(e.EntryId, e.Type, null, e.ObservedAt, e.ExpectedSeq, releases.Compose);
        }

        return kinds
            .ReadPosted(e.Type, e.Body)
            .Match<Outcome<Draft>>(
                body => new Draft(
                    e.EntryId,
                    e.Type,
                    body,
                    e.ObservedAt,
                    e.ExpectedSeq,
                    body is ClaimSent ? claims.Compose : null
                ),
                r => r
            );
    }

    internal static Results<Ok<EntriesAnswer>, ProblemHttpResult> Answer(
        PostAnswer answer,
        string id,
        JournalReader reader
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
            PostAnswer.Refused f => Problems.Of(
                f.Refusal with
                {
                    Where = $"entries[{f.Index}]{(f.Refusal.Where.Length > 0 ? "." : "")}{f.Refusal.Where}",
                }
            ),
            _ => throw new InvalidOperationException(answer.GetType().Name),
        };
    }
}
