using System.Security.Claims;
using Microsoft.AspNetCore.Http.HttpResults;
using Zygotome.Core.HandOver;
using Zygotome.Core.Journal;
using Zygotome.Core.Unpack;
using Zygotome.Server.Door;
using Zygotome.Store;

namespace Zygotome.Server.Stages;

/// <summary>Asks for the release of a job as it is.</summary>
/// <param name="EntryId">Made by the client; the same id again is the same release and gets the same answer.</param>
public sealed record ReleasePost(string EntryId, DateTimeOffset ObservedAt, long ExpectedSeq, string Look);

/// <summary>Asks for a claim: what it is for, and what is wished for.</summary>
public sealed record ClaimPost(
    string EntryId,
    DateTimeOffset ObservedAt,
    long ExpectedSeq,
    string Look,
    IReadOnlyList<string> Findings,
    IReadOnlyList<string> Parts,
    string Wish
);

/// <summary>
/// The doors of what the server writes itself: the client says what it wants, and numbers, ledger, letters and hashes
/// are made here. An opening has its own in Receive.
/// </summary>
internal static class OwnDoors
{
    public static void MapOwnDoors(this IEndpointRouteBuilder app)
    {
        app.MapPost(
                "/api/jobs/{id}/release",
                (
                    string id,
                    ReleasePost post,
                    ClaimsPrincipal user,
                    JournalReader reader,
                    JournalWriter writer,
                    ReleaseDesk releases
                ) => Record(id, post.Look, Release(post, releases), user, reader, writer)
            )
            .At<Released>();
        app.MapPost("/api/jobs/{id}/claims", Claim).At<ClaimSent>();
    }

    private static void At<T>(this RouteHandlerBuilder door)
        where T : EntryBody
    {
        var kind = Core.Job.Stages.Kinds.Of<T>();
        door.WithMetadata(new DoorOf(kind)).For(kind.By);
    }

    private static Proposal Release(ReleasePost post, ReleaseDesk releases) =>
        new(
            EntryId: post.EntryId,
            Type: Core.Job.Stages.Kinds.Of<Released>().Type,
            Body: null,
            ObservedAt: post.ObservedAt,
            ExpectedSeq: post.ExpectedSeq,
            Compose: releases.Compose
        );

    private static async Task<Results<Ok<EntriesAnswer>, ProblemHttpResult>> Claim(
        string id,
        ClaimPost post,
        ClaimsPrincipal user,
        JournalReader reader,
        JournalWriter writer,
        ClaimDesk claims,
        Shop.MailFolder mail
    )
    {
        var asked = new ClaimSent([.. post.Findings], [.. post.Parts], post.Wish);
        var proposal = new Proposal(
            EntryId: post.EntryId,
            Type: Core.Job.Stages.Kinds.Of<ClaimSent>().Type,
            Body: asked,
            ObservedAt: post.ObservedAt,
            ExpectedSeq: post.ExpectedSeq,
            Compose: claims.Compose
        );
        var answer = await Record(id, post.Look, proposal, user, reader, writer);
        if (answer.Result is Ok<EntriesAnswer>)
        {
            mail.Deliver();
        }

        return answer;
    }

    private static async Task<Results<Ok<EntriesAnswer>, ProblemHttpResult>> Record(
        string id,
        string look,
        Proposal proposal,
        ClaimsPrincipal user,
        JournalReader reader,
        JournalWriter writer
    ) =>
        (EntriesEndpoint.IdFits(proposal.EntryId) ?? EntriesEndpoint.LookFits(look)) is { } unfit
            ? Problems.Of(unfit)
            : EntriesEndpoint.Answer(
                await writer.Record(new Post(id, [proposal], user.Person(), look)),
                [proposal],
                id,
                reader,
                (_, where) => where.Replace("body.", "", StringComparison.Ordinal)
            );
}
