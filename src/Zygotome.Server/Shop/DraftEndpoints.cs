using System.Security.Claims;
using Microsoft.AspNetCore.Http.HttpResults;
using Zygotome.Core;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Archetypes;
using Zygotome.Core.Sheets.Editing;
using Zygotome.Papers;
using Zygotome.Server.Door;
using Zygotome.Store;

namespace Zygotome.Server.Shop;

/// <summary>
/// Typing a sheet: from a class, from a revision on file, from a file; edit by edit, each checked and drawn at once.
/// </summary>
internal static class DraftEndpoints
{
    private const int MostEdits = 200;

    public static void MapDrafts(this IEndpointRouteBuilder app)
    {
        app.MapGet(
            "/api/sheets/archetypes",
            () => (IReadOnlyList<ArchetypeView>)[.. ArchetypeList.All.Select(a => new ArchetypeView(a.Key, a.Name))]
        );
        app.MapGet(
            "/api/drafts",
            (ClaimsPrincipal user, DraftDesk desk, Readable readable) => desk.List(user.Person(), readable)
        );
        app.MapPost(
            "/api/drafts/archetype",
            (ArchetypePost post, ClaimsPrincipal user, DraftDesk desk) => desk.Begin(post, user.Person())
        );
        app.MapPost(
            "/api/drafts/revision",
            (RevisionPost post, ClaimsPrincipal user, DraftDesk desk) => desk.Revise(post, user.Person())
        );
        app.MapPost(
            "/api/drafts/another-kit",
            (AnotherKitPost post, ClaimsPrincipal user, DraftDesk desk) => desk.BeginLike(post, user.Person())
        );
        app.MapGet("/api/drafts/{id}", (string id, DraftDesk desk) => desk.View(id));
        app.MapGet(
            "/api/drafts/{id}/file",
            Results<FileContentHttpResult, ProblemHttpResult> (string id, DraftStore drafts) =>
                drafts.Find(id) is { } d
                    ? TypedResults.File(d.Bytes, SheetReader.MediaType, $"{d.Name}.sheet.json")
                    : Problems.NotFound($"draft {id}")
        );
        app.MapPost(
            "/api/drafts/{id}/edits",
            (string id, EditsPost post, ClaimsPrincipal user, DraftDesk desk) =>
                desk.Change(
                    id,
                    post.Version,
                    user.Person().Name,
                    file =>
                        post.Edits.Count is 0 or > MostEdits
                            ? new Refusal(
                                "sheet/edits",
                                $"{post.Edits.Count} edits at once; 1 to {MostEdits} are taken.",
                                "edits"
                            )
                            : SheetEdits.Apply(file, post.Edits, user.Person().Name)
                )
        );
        app.MapPost(
            "/api/drafts/{id}/answers",
            (string id, AnswerPost post, ClaimsPrincipal user, DraftDesk desk) =>
                desk.Answer(id, post, user.Person().Name)
        );
        app.MapPost("/api/drafts/{id}/csv/{list}", TakeCsv);
        app.MapPost("/api/drafts/{id}/file-it", (string id, DraftDesk desk) => desk.FileIt(id));
        app.MapDelete(
                "/api/drafts/{id}",
                (string id, ClaimsPrincipal user, DraftDesk desk) => desk.Remove(id, user.Person())
            )
            .But("its writer, or a lead");
        app.MapPost(
                "/api/drafts/{id}/restore",
                (string id, ClaimsPrincipal user, DraftDesk desk) => desk.Restore(id, user.Person())
            )
            .But("its writer, or a lead; within a day");
    }

    private static async Task<Results<Ok<DraftChange>, ProblemHttpResult>> TakeCsv(
        string id,
        string list,
        long version,
        HttpRequest request,
        ClaimsPrincipal user,
        DraftDesk desk
    )
    {
        if (!SheetCsv.Lists.Contains(list))
        {
            return Problems.NotFound($"list {list}");
        }

        using var buffer = new MemoryStream();
        await request.Body.CopyToAsync(buffer);
        var read = SheetCsv.Read(buffer.ToArray(), list);
        return read.Rows is null
            ? Problems.Mistakes("sheet/csv", "This table", read.Mistakes)
            : desk.Change(
                id,
                version,
                user.Person().Name,
                file =>
                {
                    file[list] = read.Rows;
                    return file;
                }
            );
    }
}
