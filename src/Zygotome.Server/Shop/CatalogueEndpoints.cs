using System.Text.Json;
using System.Text.Json.Serialization;
using Microsoft.AspNetCore.Http.HttpResults;
using Zygotome.Core.Journal;
using Zygotome.Core.Sheets.Catalogue;
using Zygotome.Server.Door;

namespace Zygotome.Server.Shop;

/// <summary>
/// The catalogue as one open file: given out, taken in. One thing added or put right is a file of one; a job holds a
/// copy of what it was opened with, and none of this changes it.
/// </summary>
internal static class CatalogueEndpoints
{
    // Readable in any editor.
    private static readonly JsonSerializerOptions Written = new(EntryJson.Lenient)
    {
        WriteIndented = true,
        DefaultIgnoreCondition = JsonIgnoreCondition.WhenWritingNull,
    };

    public static void MapCatalogue(this IEndpointRouteBuilder app)
    {
        app.MapGet("/api/shop/catalogue", File);
        app.MapPost("/api/shop/catalogue", Take).For(Posters.Bench);
        app.MapDelete("/api/shop/catalogue/{family}/{name}", Strike).For(Posters.Lead);
    }

    private static FileContentHttpResult File(ShopSettings settings) =>
        TypedResults.File(
            JsonSerializer.SerializeToUtf8Bytes(settings.Current.Catalogue, Written),
            "application/json",
            "shop.catalogue.json"
        );

    private static Results<Ok<ShopCatalogue>, ProblemHttpResult> Take(ShopCatalogue post, ShopSettings settings) =>
        (post.Admit() ?? settings.Current.Catalogue.With(post).Admit()) is { } refused
            ? Problems.Of(refused)
            : TypedResults.Ok(settings.Change(c => c.With(post)));

    private static Results<Ok<ShopCatalogue>, ProblemHttpResult> Strike(
        string family,
        string name,
        ShopSettings settings
    ) =>
        Enum.TryParse<CatalogueFamily>(family, ignoreCase: true, out var of) && !char.IsAsciiDigit(family[0])
            ? TypedResults.Ok(settings.Change(c => c.Without(of, name)))
            : Problems.NotFound($"list of {family}");
}
