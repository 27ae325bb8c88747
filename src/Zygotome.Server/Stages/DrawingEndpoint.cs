using Microsoft.AspNetCore.Http.HttpResults;
using Zygotome.Core.Drawing;
using Zygotome.Store;

namespace Zygotome.Server.Stages;

/// <summary>Drawings by the hash of their sheet, asked for once and kept for ever; lists only say which.</summary>
internal static class DrawingEndpoint
{
    public static void MapDrawings(this IEndpointRouteBuilder app) =>
        app.MapGet(
            "/api/drawings/{sheet}/{version}",
            Results<Ok<DrawingView>, ProblemHttpResult> (
                string sheet,
                string version,
                SheetStore sheets,
                HttpResponse response
            ) =>
            {
                if (sheets.Find(sheet) is not { } found)
                {
                    return Problems.NotFound($"drawing of sheet {sheet}");
                }

                // Another version than this program's is answered too, but not to be kept under that name.
                response.Headers.CacheControl =
                    DrawingRef.Of(sheet).Version == version ? "private, max-age=31536000, immutable" : "no-store";
                return TypedResults.Ok(DrawingView.Of(Drawings.Plan(found)));
            }
        );
}
