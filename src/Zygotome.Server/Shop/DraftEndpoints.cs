using System.Security.Claims;
using System.Text;
using System.Text.Encodings.Web;
using System.Text.Json;
using System.Text.Json.Nodes;
using Microsoft.AspNetCore.Http.HttpResults;
using Zygotome.Core;
using Zygotome.Core.Airframe;
using Zygotome.Core.SpecSheets;
using Zygotome.Core.SpecSheets.Archetypes;
using Zygotome.Core.SpecSheets.Editing;
using Zygotome.Core.SpecSheets.Plausibility;
using Zygotome.Papers;
using Zygotome.Server.Stages;
using Zygotome.Store;

namespace Zygotome.Server.Shop;

/// <summary>A sheet begun from a class and the numbers on the lid; texts as typed.</summary>
public sealed record ArchetypePost(string Class, string Name, string Maker, string Span, string Length, string EmptyWeight, string Material, IReadOnlyList<string> Fitted);

/// <summary>A draft of the next revision of a sheet on file.</summary>
public sealed record RevisionPost(string Id, int Revision);

public sealed record EditsPost(long Version, IReadOnlyList<SheetEdit> Edits);

/// <summary>What somebody says of a doubted number. "Corrected" puts the suggestion, or what was typed, in its place.</summary>
public sealed record AnswerPost(long Version, string Flag, FlagAnswer Answer, string Note, string Text = "");

public sealed record DraftCard(string Id, string Name, string ChangedAt, string By);

/// <summary>An answer to a flag, with who and when.</summary>
public sealed record AnswerView(string Flag, FlagAnswer Answer, string Note, string By, string At);

public sealed record DimensionView(double FromAcross, double FromDown, double ToAcross, double ToDown, string Text, string Path);

/// <param name="Mistakes">What stands between the draft and the file.</param>
public sealed record DraftView(
    string Id, string Name, long Version, string By, string ChangedAt, IReadOnlyList<SectionNow> Sections, IReadOnlyList<SheetError> Mistakes, IReadOnlyList<AnswerView> Answers, DrawingView? Drawing, IReadOnlyList<DimensionView> Dimensions,
    int Assumed, int Doubts, string NextRevision);

public sealed record ArchetypeView(string Key, string Name);

/// <summary>Typing a sheet: from a class, from a revision on file, from a file; edit by edit, each checked and drawn at once.</summary>
internal static class DraftEndpoints
{
    // Readable in any editor, and the manual's own signs (±, ½) as they are.
    private static readonly JsonSerializerOptions Written = new() { WriteIndented = true, Encoder = JavaScriptEncoder.UnsafeRelaxedJsonEscaping };

    public static void MapDrafts(this IEndpointRouteBuilder app)
    {
        app.MapGet("/api/sheets/archetypes", () => (IReadOnlyList<ArchetypeView>)[.. ArchetypeList.All.Select(a => new ArchetypeView(a.Key, a.Name))]);
        app.MapGet("/api/drafts", (DraftStore drafts) => (IReadOnlyList<DraftCard>)[.. drafts.List().Select(d => new DraftCard(d.Id, d.Name, d.ChangedAt, d.ByName))]);
        app.MapPost("/api/drafts/archetype", Begin);
        app.MapPost("/api/drafts/revision", Revise);
        app.MapGet("/api/drafts/{id}", Results<Ok<DraftView>, ProblemHttpResult> (string id, DraftStore drafts, SheetStore sheets) => drafts.Find(id) is { } d ? TypedResults.Ok(View(d, drafts, sheets)) : Problems.NotFound($"draft {id}"));
        app.MapGet("/api/drafts/{id}/file", Results<FileContentHttpResult, ProblemHttpResult> (string id, DraftStore drafts) => drafts.Find(id) is { } d ? TypedResults.File(d.Bytes, SheetReader.MediaType, $"{d.Name}.sheet.json") : Problems.NotFound($"draft {id}"));
        app.MapPost("/api/drafts/{id}/edits", (string id, EditsPost post, ClaimsPrincipal user, DraftStore drafts, SheetStore sheets, TimeProvider clock) =>
            Change(id, post.Version, file => post.Edits.Count is 0 or > 200 ? new Refusal("sheet/edits", $"{post.Edits.Count} edits at once; 1 to 200 are taken.", "edits") : SheetEdits.Apply(file, post.Edits), user, drafts, sheets, clock));
        app.MapPost("/api/drafts/{id}/answers", Answer);
        app.MapPost("/api/drafts/{id}/csv/{list}", TakeCsv);
        app.MapPost("/api/drafts/{id}/file-it", FileIt);
        app.MapDelete("/api/drafts/{id}", Results<NoContent, ProblemHttpResult> (string id, DraftStore drafts) => drafts.Remove(id) ? TypedResults.NoContent() : Problems.NotFound($"draft {id}"));
    }

    private static Results<Ok<DraftView>, ProblemHttpResult> Begin(ArchetypePost post, ClaimsPrincipal user, DraftStore drafts, SheetStore sheets, TimeProvider clock)
    {
        static Outcome<double> Number(string text, Core.Quantities.Unit unit, string where) => Core.Quantities.QuantityParser.Parse(text, unit.Dimension, unit).Match<Outcome<double>>(q => (double)q.Nominal, r => r with { Where = where });
        if (!Number(post.Span, Core.Quantities.Unit.Millimetre, "span").Try(out var span, out var refusal) || !Number(post.Length, Core.Quantities.Unit.Millimetre, "length").Try(out var length, out refusal)
            || !Number(post.EmptyWeight, Core.Quantities.Unit.Gram, "emptyWeight").Try(out var weight, out refusal)
            || !ArchetypeSheet.Begin(new ArchetypeRequest(post.Class, post.Name, post.Maker, span, length, weight, post.Material, [.. post.Fitted])).Try(out var file, out refusal))
        {
            return Problems.Of(refusal);
        }

        // The same name again is another kit until somebody says otherwise.
        for (var n = 2; sheets.Revisions(file["kit"]!["id"]!.ToString()).Count > 0; n++)
        {
            file["kit"]!["id"] = $"{ArchetypeSheet.IdOf(post.Name)}-{n}";
        }

        return TypedResults.Ok(Add(file, user, drafts, sheets, clock));
    }

    private static Results<Ok<DraftView>, ProblemHttpResult> Revise(RevisionPost post, ClaimsPrincipal user, DraftStore drafts, SheetStore sheets, TimeProvider clock)
    {
        if (sheets.Bytes(post.Id, post.Revision) is not { } bytes)
        {
            return Problems.NotFound($"sheet {post.Id} revision {post.Revision}");
        }

        var file = Parse(bytes);
        file["kit"]!["revision"] = sheets.Revisions(post.Id)[0].Revision + 1;
        return TypedResults.Ok(Add(file, user, drafts, sheets, clock, sheets.Find(post.Id, post.Revision)!.Hash));
    }

    private static DraftView Add(JsonObject file, ClaimsPrincipal user, DraftStore drafts, SheetStore sheets, TimeProvider clock, string? answersOf = null)
    {
        if (!file.ContainsKey("$schema"))
        {
            file.Insert(0, "$schema", "urn:zygotome:spec-sheet-1");
        }

        var draft = new SheetDraft(Guid.NewGuid().ToString("N"), Name(file), 1, Bytes(file), user.Person().Name, Stamp(clock));
        drafts.Add(draft);
        foreach (var answer in answersOf is null ? [] : drafts.Answers(answersOf))
        {
            drafts.Answer(DraftStore.KeyOf(draft.Id), answer);
        }

        return View(draft, drafts, sheets);
    }

    private static Results<Ok<DraftView>, ProblemHttpResult> Change(string id, long version, Func<JsonObject, Outcome<JsonObject>> change, ClaimsPrincipal user, DraftStore drafts, SheetStore sheets, TimeProvider clock)
    {
        if (drafts.Find(id) is not { } draft)
        {
            return Problems.NotFound($"draft {id}");
        }

        if (!change(Parse(draft.Bytes)).Try(out var file, out var refusal))
        {
            return Problems.Of(refusal);
        }

        return drafts.Change(draft with { Name = Name(file), Bytes = Bytes(file), ByName = user.Person().Name, ChangedAt = Stamp(clock) }, version)
            .Match<Results<Ok<DraftView>, ProblemHttpResult>>(d => TypedResults.Ok(View(d, drafts, sheets)), r => Problems.Of(r, 409));
    }

    private static Results<Ok<DraftView>, ProblemHttpResult> Answer(string id, AnswerPost post, ClaimsPrincipal user, DraftStore drafts, SheetStore sheets, TimeProvider clock)
    {
        if (drafts.Find(id) is not { } draft)
        {
            return Problems.NotFound($"draft {id}");
        }

        if (Flags(SheetReader.Read(draft.Bytes)).FirstOrDefault(f => f.Id == post.Flag) is not { } flag)
        {
            return Problems.Of(422, "sheet/flag", "That number is no longer doubted.", "flag");
        }

        if (Texts.Fits(post.Note, "note") is { } unfit)
        {
            return Problems.Of(unfit);
        }

        var text = post.Text.Length > 0 ? post.Text : flag.Suggestion;
        Results<Ok<DraftView>, ProblemHttpResult>? changed = null;
        if (post.Answer == FlagAnswer.Corrected)
        {
            if (text.Length == 0)
            {
                return Problems.Of(422, "sheet/correction", "Type the right number in its field.", "text");
            }

            changed = Change(id, post.Version, file => SheetEdits.Apply(file, [new SheetEdit(flag.Path, EditAct.Set, text)]), user, drafts, sheets, clock);
            if (changed.Result is ProblemHttpResult)
            {
                return changed;
            }
        }

        drafts.Answer(DraftStore.KeyOf(id), new FlagAnswered(flag.Id, post.Answer.ToString(), $"{flag.Path}{(post.Answer == FlagAnswer.Corrected ? $": {text}" : "")} {post.Note}".TrimEnd(), user.Person().Name, Stamp(clock)));
        return TypedResults.Ok(View(drafts.Find(id)!, drafts, sheets));
    }

    private static async Task<Results<Ok<DraftView>, ProblemHttpResult>> TakeCsv(string id, string list, long version, HttpRequest request, ClaimsPrincipal user, DraftStore drafts, SheetStore sheets, TimeProvider clock)
    {
        if (list is not ("parts" or "throws"))
        {
            return Problems.NotFound($"list {list}");
        }

        using var buffer = new MemoryStream();
        await request.Body.CopyToAsync(buffer);
        var read = SheetCsv.Read(buffer.ToArray(), list);
        return read.Rows is null
            ? Problems.Of(422, "sheet/csv", $"The table has {read.Mistakes.Count} {(read.Mistakes.Count == 1 ? "mistake" : "mistakes")}; nothing was taken.", read.Mistakes[0].Path, [new("mistakes", read.Mistakes)])
            : Change(id, version, file =>
            {
                file[list] = read.Rows;
                return file;
            }, user, drafts, sheets, clock);
    }

    private static Results<Ok<SheetCard>, ProblemHttpResult> FileIt(string id, DraftStore drafts, SheetStore sheets)
    {
        if (drafts.Find(id) is not { } draft)
        {
            return Problems.NotFound($"draft {id}");
        }

        var reading = SheetReader.Read(draft.Bytes);
        if (reading.Sheet is not { } sheet)
        {
            var errors = reading.Errors;
            return Problems.Of(422, "sheet/mistakes", $"{errors.Count} {(errors.Count == 1 ? "mistake stands" : "mistakes stand")} between this draft and the file.", errors[0].Path, [new("mistakes", errors)]);
        }

        if (!sheets.Add(sheet, draft.Bytes).Try(out _, out var refusal))
        {
            return Problems.Of(refusal, 409);
        }

        drafts.CarryOver(id, sheet.Hash);
        drafts.Remove(id);
        return TypedResults.Ok(SheetEndpoints.Card(sheet));
    }

    internal static DraftView View(SheetDraft draft, DraftStore drafts, SheetStore sheets)
    {
        var reading = SheetReader.Read(draft.Bytes);
        var rough = Rough(reading);
        var flags = Flags(reading);
        var answers = drafts.Answers(DraftStore.KeyOf(draft.Id));
        var file = Parse(draft.Bytes);
        var sections = SheetForm.Of(file, reading.Errors, flags, answers.Select(a => a.Flag).ToHashSet());
        var drawable = rough is { Geometry.Lifting.Length: > 0 } or { Geometry.Bodies.Length: > 0 };
        return new DraftView(
            draft.Id, draft.Name, draft.Version, draft.ByName, draft.ChangedAt, sections, reading.Errors,
            [.. answers.Select(a => new AnswerView(a.Flag, Enum.Parse<FlagAnswer>(a.Answer), a.Note, a.ByName, a.At))], drawable ? DrawingView.Of(Drawings.Plan(rough!)) : null,
            drawable ? [.. DimensionLines.Of(rough!).Select(d => new DimensionView(d.From.Across, d.From.Down, d.To.Across, d.To.Down, d.Text, d.Path))] : [],
            sections.Sum(s => s.Assumed), sections.Sum(s => s.Doubts), sheets.Revisions(file["kit"]?["id"]?.ToString() ?? "") is [var latest, ..] ? $"after revision {latest.Revision}" : "the first revision");
    }

    private static SpecSheet? Rough(SheetReading reading) => reading.Rough is { } read ? Drawable.Part(read) : null;

    private static IReadOnlyList<Flag> Flags(SheetReading reading) => Rough(reading) is { } rough ? Plausible.Of(rough) : [];

    internal static JsonObject Parse(byte[] bytes) =>
        JsonNode.Parse(bytes.AsSpan().StartsWith(Encoding.UTF8.Preamble) ? bytes.AsSpan(3) : bytes, documentOptions: new JsonDocumentOptions { CommentHandling = JsonCommentHandling.Skip, AllowTrailingCommas = true })!.AsObject();

    private static byte[] Bytes(JsonObject file) => Encoding.UTF8.GetBytes(file.ToJsonString(Written) + "\n");

    private static string Name(JsonObject file) => file["kit"]?["name"]?.ToString() is { Length: > 0 } name ? name : "without a name";

    private static string Stamp(TimeProvider clock) => clock.GetUtcNow().UtcDateTime.ToString("O");
}
