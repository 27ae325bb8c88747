using System.Security.Claims;
using System.Text;
using Microsoft.AspNetCore.Http.HttpResults;
using Zygotome.Core.Drawing;
using Zygotome.Core.Job;
using Zygotome.Core.Journal;
using Zygotome.Core.Receive;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Editing;
using Zygotome.Core.Sheets.Plausibility;
using Zygotome.Papers;
using Zygotome.Server.Door;
using Zygotome.Server.Stages;
using Zygotome.Store;

namespace Zygotome.Server.Shop;

public sealed record SheetCard(
    string Id,
    int Revision,
    string Name,
    string Maker,
    string Class,
    string Source,
    string Hash,
    int Throws,
    int Parts,
    int Steps,
    int Assumed,
    int Doubts,
    IReadOnlyList<string> Configurations,
    string PacksTogether,
    DrawingRef Drawing,
    string ConfirmedBy
)
{
    /// <param name="confirmed">Null where no lead has confirmed it.</param>
    internal static SheetCard Of(SheetFacts f, SheetConfirmation? confirmed) =>
        new(
            Id: f.Id,
            Revision: f.Revision,
            Name: f.Name,
            Maker: f.Maker,
            Class: f.Class,
            Source: f.Source,
            Hash: f.Hash,
            Throws: f.Throws,
            Parts: f.Parts,
            Steps: f.Steps,
            Assumed: f.Assumed,
            Doubts: f.Doubts,
            Configurations: f.Configurations,
            PacksTogether: f.PacksTogether,
            Drawing: DrawingRef.Of(f.Hash),
            ConfirmedBy: confirmed?.By.Name ?? ""
        );
}

/// <param name="All">How many there are; <paramref name="Sheets"/> may be fewer.</param>
public sealed record SheetsView(IReadOnlyList<SheetCard> Sheets, long All, IReadOnlyList<UnreadableView> Unreadable);

/// <summary>A revision of a kit.</summary>
public sealed record RevisionCard(int Revision, string Source, string Hash);

/// <summary>Two revisions side by side: what they say otherwise, and both drawings in one box.</summary>
public sealed record DifferenceView(
    string Name,
    int Before,
    int After,
    IReadOnlyList<SheetDifference> Differences,
    DrawingView Old,
    DrawingView Drawing
);

/// <summary>A number that is doubted, on a sheet on file, with its answer when somebody gave one.</summary>
public sealed record FlagView(Flag Flag, AnswerView? Answer);

/// <summary>What somebody says of a doubted number on file: as printed, or confirmed with the maker.</summary>
public sealed record FiledAnswerPost(string Flag, FlagAnswer Answer, string Note);

internal static class SheetEndpoints
{
    public static void MapSheets(this IEndpointRouteBuilder app)
    {
        app.MapGet(
            "/api/sheets",
            (SheetStore sheets, Readable readable, string? find, int? most) =>
            {
                var (found, all) = sheets.Search(find, Math.Clamp(most ?? 24, 1, 60));
                var listing = readable.Each(
                    found,
                    l => $"{l.Id}, revision {l.Revision}",
                    l => SheetCard.Of(l.Known ?? SheetFacts.Of(sheets.Read(l.Hash)), sheets.Confirmation(l.Hash))
                );
                return new SheetsView(listing.Made, all, listing.Unreadable);
            }
        );
        app.MapGet("/api/sheets/schema", () => TypedResults.File(Schema(), "application/schema+json"));
        app.MapGet(
            "/api/sheets/{id}",
            Results<Ok<IReadOnlyList<RevisionCard>>, ProblemHttpResult> (string id, SheetStore sheets) =>
                sheets.Revisions(id) is { Count: > 0 } revisions
                    ? TypedResults.Ok<IReadOnlyList<RevisionCard>>([
                        .. revisions.Select(r => new RevisionCard(
                            (int)r.Revision,
                            sheets.Find(r.Hash)?.Kit.Source ?? "cannot be read",
                            r.Hash
                        )),
                    ])
                    : Problems.NotFound($"sheet {id}")
        );
        app.MapGet(
            "/api/sheets/{id}/{revision:int}",
            Results<FileContentHttpResult, ProblemHttpResult> (
                string id,
                int revision,
                SheetStore sheets,
                HttpContext http
            ) =>
            {
                http.Response.Headers.Link = "</api/sheets/schema>; rel=\"describedby\"";
                return sheets.Bytes(id, revision) is { } bytes
                    ? TypedResults.File(bytes, SheetReader.MediaType, $"{id}-{revision}.sheet.json")
                    : Problems.NotFound($"sheet {id} revision {revision}");
            }
        );
        app.MapGet(
            "/api/sheets/{id}/{revision:int}/card",
            Results<Ok<SheetCard>, ProblemHttpResult> (string id, int revision, SheetStore sheets) =>
                sheets.Find(id, revision) is { } sheet
                    ? TypedResults.Ok(SheetCard.Of(SheetFacts.Of(sheet), sheets.Confirmation(sheet.Hash)))
                    : Problems.NotFound($"sheet {id} revision {revision}")
        );
        app.MapGet(
            "/api/sheets/{id}/{revision:int}/{list}.csv",
            Results<FileContentHttpResult, ProblemHttpResult> (
                string id,
                int revision,
                string list,
                SheetStore sheets
            ) =>
                SheetCsv.Lists.Contains(list) && sheets.Bytes(id, revision) is { } bytes
                    ? TypedResults.File(
                        SheetCsv.Write(SheetFile.Parse(bytes), list),
                        "text/csv; charset=utf-8",
                        $"{id}-{revision}-{list}.csv"
                    )
                    : Problems.NotFound($"{list} of sheet {id} revision {revision}")
        );
        app.MapGet("/api/sheets/{id}/{revision:int}/pages", Pages);
        app.MapGet("/api/sheets/{id}/{before:int}/against/{after:int}", Against);
        app.MapGet(
            "/api/sheets/{id}/{revision:int}/flags",
            Results<Ok<IReadOnlyList<FlagView>>, ProblemHttpResult> (
                string id,
                int revision,
                SheetStore sheets,
                DraftStore drafts
            ) =>
            {
                if (sheets.Find(id, revision) is not { } sheet)
                {
                    return Problems.NotFound($"sheet {id} revision {revision}");
                }

                var answers = drafts.Answers(sheet.Hash).ToDictionary(a => a.Flag, StringComparer.Ordinal);
                return TypedResults.Ok<IReadOnlyList<FlagView>>([
                    .. Plausible
                        .Of(sheet)
                        .Select(f => new FlagView(f, answers.TryGetValue(f.Id, out var a) ? AnswerView.Of(a) : null)),
                ]);
            }
        );
        app.MapPost("/api/sheets/{id}/{revision:int}/answers", Answer);
        app.MapPost("/api/sheets/{id}/{revision:int}/confirm", Confirm)
            .For(Core.Job.Stages.Kinds.Of<SheetConfirmed>().By);
        app.MapPost("/api/sheets", Import).Accepts<object>(SheetReader.MediaType, "application/json");
    }

    private static Results<Ok<DifferenceView>, ProblemHttpResult> Against(
        string id,
        int before,
        int after,
        SheetStore sheets
    ) =>
        sheets.Find(id, before) is { } old && sheets.Find(id, after) is { } now
            ? TypedResults.Ok(
                new DifferenceView(
                    Name: now.Kit.Name,
                    Before: before,
                    After: after,
                    Differences: SheetDifference.Between(
                        SheetFile.Parse(sheets.Bytes(id, before)!),
                        SheetFile.Parse(sheets.Bytes(id, after)!)
                    ),
                    Old: DrawingView.Of(Drawings.Plan(old)),
                    Drawing: DrawingView.Of(Drawings.Plan(now))
                )
            )
            : Problems.NotFound($"sheet {id} with both revisions {before} and {after}");

    private static Results<Ok<IReadOnlyList<SectionNow>>, ProblemHttpResult> Pages(
        string id,
        int revision,
        SheetStore sheets,
        DraftStore drafts
    ) =>
        sheets.Find(id, revision) is { } sheet
            ? TypedResults.Ok(
                SheetForm.Of(
                    SheetFile.Parse(sheets.Bytes(id, revision)!),
                    [],
                    Plausible.Of(sheet),
                    drafts.Answers(sheet.Hash).Select(a => a.Flag).ToHashSet()
                )
            )
            : Problems.NotFound($"sheet {id} revision {revision}");

    // Once for the revision, and said in every open job on it: again is taken, and reaches the jobs that were not
    // reached.
    private static async Task<Results<Ok<SheetCard>, ProblemHttpResult>> Confirm(
        string id,
        int revision,
        ClaimsPrincipal user,
        SheetStore sheets,
        JobList jobs,
        JournalReader reader,
        JournalWriter writer,
        TimeProvider clock
    )
    {
        if (sheets.Find(id, revision) is not { } sheet)
        {
            return Problems.NotFound($"sheet {id} revision {revision}");
        }

        if (sheet.Mistakes.Length > 0)
        {
            return Problems.Of(
                422,
                "sheet/mistakes",
                $"This revision has {sheet.Mistakes.Length} mistakes in it; a mended one is confirmed.",
                "revision"
            );
        }

        var now = clock.GetUtcNow();
        var confirmed = sheets.Confirm(sheet.Hash, user.Person(), now);
        foreach (var job in jobs.OpenOn(sheet.Hash))
        {
            if (reader.Find(job)?.State.Receive.Confirmed.ContainsKey(sheet.Hash) == false)
            {
                var said = new Proposal(
                    $"confirmed-{job}-{sheet.Hash[..24]}",
                    Core.Job.Stages.Kinds.Of<SheetConfirmed>().Type,
                    new SheetConfirmed(sheet.Hash),
                    now,
                    null
                );
                await writer.Record(new Post(job, [said], user.Person(), ""));
            }
        }

        return TypedResults.Ok(SheetCard.Of(SheetFacts.Of(sheet), confirmed));
    }

    private static async Task<Results<Ok<SheetCard>, ProblemHttpResult>> Import(HttpRequest request, SheetFiling filing)
    {
        using var buffer = new MemoryStream();
        await request.Body.CopyToAsync(buffer);
        return filing.Try(buffer.ToArray(), "This sheet", out var card, out var refused)
            ? TypedResults.Ok(card)
            : refused;
    }

    // Numbers on file are not changed: "corrected" is the next revision's.
    private static Results<NoContent, ProblemHttpResult> Answer(
        string id,
        int revision,
        FiledAnswerPost post,
        ClaimsPrincipal user,
        SheetStore sheets,
        DraftStore drafts,
        TimeProvider clock
    )
    {
        if (sheets.Find(id, revision) is not { } sheet)
        {
            return Problems.NotFound($"sheet {id} revision {revision}");
        }

        if (Plausible.Of(sheet).All(f => f.Id != post.Flag))
        {
            return Problems.Of(422, "sheet/flag", "That number is not doubted.", "flag");
        }

        if (post.Answer == FlagAnswer.Corrected)
        {
            return Problems.Of(
                422,
                "sheet/on-file",
                "A sheet on file is not changed; type the next revision.",
                "answer"
            );
        }

        if (Core.Texts.Fits(post.Note, "note") is { } unfit)
        {
            return Problems.Of(unfit);
        }

        drafts.Answer(
            sheet.Hash,
            new FlagAnswered(
                post.Flag,
                post.Answer.ToString(),
                post.Note,
                user.Person().Name,
                Instants.Write(clock.GetUtcNow())
            )
        );
        return TypedResults.NoContent();
    }

    private static byte[] Schema() => Encoding.UTF8.GetBytes(Core.Sheets.Table.SheetSchema.Written());
}
