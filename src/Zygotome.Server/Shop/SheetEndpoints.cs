using Microsoft.AspNetCore.Http.HttpResults;
using Zygotome.Core.Airframe;
using Zygotome.Core.SpecSheets;
using Zygotome.Server.Stages;
using Zygotome.Store;

namespace Zygotome.Server.Shop;

public sealed record SheetCard(string Id, int Revision, string Name, string Maker, string Class, string Source, string Hash, int Throws, int Parts, int Steps, DrawingView Drawing);

internal static class SheetEndpoints
{
    public static void MapSheets(this IEndpointRouteBuilder app)
    {
        app.MapGet("/api/sheets", (SheetStore sheets) => (IReadOnlyList<SheetCard>)[.. sheets.List().Select(l => Card(sheets.Find(l.Hash)!))]);
        app.MapGet("/api/sheets/{id}/{revision:int}", Results<FileContentHttpResult, ProblemHttpResult> (string id, int revision, SheetStore sheets) =>
            sheets.Bytes(id, revision) is { } bytes ? TypedResults.File(bytes, SheetReader.MediaType, $"{id}-{revision}.sheet.json") : Problems.NotFound($"sheet {id} revision {revision}"));
        app.MapPost("/api/sheets", Import).Accepts<object>(SheetReader.MediaType, "application/json");
    }

    private static async Task<Results<Ok<SheetCard>, ProblemHttpResult>> Import(HttpRequest request, SheetStore sheets)
    {
        using var buffer = new MemoryStream();
        await request.Body.CopyToAsync(buffer);
        var bytes = buffer.ToArray();
        var reading = SheetReader.Read(bytes);
        if (reading.Sheet is null)
        {
            return Problems.Of(
                422, "sheet/mistakes", $"This sheet has {reading.Errors.Count} {(reading.Errors.Count == 1 ? "mistake" : "mistakes")}; nothing was taken.", reading.Errors[0].Path, [new("mistakes", reading.Errors)]);
        }

        return sheets.Add(reading.Sheet, bytes).Match<Results<Ok<SheetCard>, ProblemHttpResult>>(s => TypedResults.Ok(Card(s)), r => Problems.Of(r, 409));
    }

    private static SheetCard Card(SpecSheet s) =>
        new(s.Kit.Id, s.Kit.Revision, s.Kit.Name, s.Kit.Maker, s.Kit.Class, s.Kit.Source, s.Hash, s.Throws.Length, s.Parts.Length, s.Steps.Length, DrawingView.Of(Drawings.Plan(s)));
}
