using Microsoft.AspNetCore.Http.HttpResults;
using Zygotome.Core.Journal;

namespace Zygotome.Server.Door;

/// <summary>The one door of a shop with nobody in it. Whoever made it is signed in.</summary>
internal static class FirstStartEndpoint
{
    public static void MapFirstStart(this IEndpointRouteBuilder app) =>
        app.MapPost("/api/first-start", Post).AllowAnonymous();

    private static Results<Ok<Person>, ProblemHttpResult> Post(
        FirstStartPost post,
        FirstStart first,
        PinDesk desk,
        HttpContext http
    ) =>
        first
            .Found(post)
            .Match<Results<Ok<Person>, ProblemHttpResult>>(
                lead =>
                {
                    desk.Begin(lead, http);
                    return TypedResults.Ok(lead);
                },
                refusal =>
                    Problems.Of(
                        refusal,
                        refusal.Code switch
                        {
                            PinDesk.Wait => StatusCodes.Status429TooManyRequests,
                            "first-start/code" => StatusCodes.Status401Unauthorized,
                            "first-start/done" => StatusCodes.Status409Conflict,
                            _ => StatusCodes.Status422UnprocessableEntity,
                        }
                    )
            );
}
