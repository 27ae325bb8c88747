using System.Text.Json;
using Microsoft.AspNetCore.Diagnostics;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Mvc;
using Zygotome.Core;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;
using Zygotome.Store;

namespace Zygotome.Server;

/// <summary>
/// Problem details with the refusal's code, words and place. Never a stack trace, never a 5xx for a client's mistake.
/// </summary>
internal static class Problems
{
    public static ProblemHttpResult Of(
        int status,
        string code,
        string text,
        string where = "",
        IEnumerable<KeyValuePair<string, object?>>? more = null
    ) => TypedResults.Problem(Details(status, code, text, where, more));

    /// <param name="said">What was refused, in words; empty where nobody could read it.</param>
    public static ProblemHttpResult Of(
        Refusal refusal,
        int status = StatusCodes.Status422UnprocessableEntity,
        string said = ""
    ) =>
        Of(
            status,
            refusal.Code,
            refusal.Text,
            refusal.Where,
            new KeyValuePair<string, object?>[] { new("lamp", refusal.Lamp), new("said", said) }.Where(f =>
                f.Value is string { Length: > 0 }
            )
        );

    /// <summary>A file or table with mistakes: how many, and every one with its place.</summary>
    public static ProblemHttpResult Mistakes(string code, string what, IReadOnlyList<SheetError> mistakes) =>
        Of(
            422,
            code,
            $"{what} has {mistakes.Count} {(mistakes.Count == 1 ? "mistake" : "mistakes")}; nothing was taken.",
            mistakes[0].Path,
            [new("mistakes", mistakes)]
        );

    public static ProblemHttpResult NotFound(string what) =>
        Of(StatusCodes.Status404NotFound, "not-found", $"There is no {what}.");

    private static ProblemDetails TooLarge(HttpContext context) =>
        Details(
            413,
            "request/too-large",
            context.Request.Path.StartsWithSegments(Shop.PhotoEndpoints.Path)
                ? "This picture is too large; at most 15 MB are taken."
                : "This is too large; at most 1 MiB is taken here.",
            "body"
        );

    private static ProblemDetails Details(
        int status,
        string code,
        string text,
        string where,
        IEnumerable<KeyValuePair<string, object?>>? more = null
    )
    {
        var details = new ProblemDetails
        {
            Status = status,
            Title = text,
            Type = $"urn:zygotome:{code}",
        };
        details.Extensions["code"] = code;
        details.Extensions["where"] = where;
        foreach (var (key, value) in more ?? [])
        {
            details.Extensions[key] = value;
        }

        return details;
    }

    /// <summary>A client's mistake is answered, not logged as a failure of ours.</summary>
    public static ExceptionHandlerOptions ExceptionOptions { get; } =
        new()
        {
            ExceptionHandler = OnException,
            SuppressDiagnosticsCallback = c => c.Exception is BadHttpRequestException,
        };

    private static async Task OnException(HttpContext context)
    {
        var error = context.Features.Get<IExceptionHandlerFeature>()?.Error;
        var details = error switch
        {
            BadHttpRequestException { StatusCode: StatusCodes.Status413PayloadTooLarge } => TooLarge(context),
            BadHttpRequestException { StatusCode: StatusCodes.Status415UnsupportedMediaType } => Details(
                415,
                "request/media-type",
                "JSON is needed here (Content-Type: application/json).",
                "header Content-Type"
            ),
            BadHttpRequestException { InnerException: NothingInListException nothing } => Details(
                400,
                "request/json",
                nothing.Message,
                nothing.List
            ),
            BadHttpRequestException { InnerException: QuantityRefusedException quantity } => Details(
                422,
                quantity.Refusal.Code,
                quantity.Refusal.Text,
                (quantity.Path ?? "body").TrimStart('$', '.')
            ),
            BadHttpRequestException { InnerException: JsonException json } => Details(
                400,
                "request/json",
                EntryJson.InWords(json),
                (json.Path ?? "body").TrimStart('$', '.')
            ),
            BadHttpRequestException bad => Details(
                bad.StatusCode,
                "request/bad",
                bad.Message.Split('"') is [_, var parameter, ..]
                    ? $"A value of the request is missing or of the wrong kind: {parameter}."
                    : "The request cannot be read.",
                "request"
            ),
            _ when Unwritable(error) is { } unwritable => unwritable,
            IOException { InnerException: not null } io => Details(503, "server/unwritable", io.Message, ""),
            InvalidDataException data => Details(500, "server/unreadable", $"This cannot be read. {data.Message}", ""),
            UnreadableJobException job => Details(500, "job/unreadable", job.Message, "id"),
            _ => Details(
                500,
                "server/failed",
                "Something failed here; nothing was recorded. Try again, and tell the maintainer if it goes on.",
                ""
            ),
        };
        context.Response.StatusCode = details.Status!.Value;
        await context.Response.WriteAsJsonAsync(details, options: null, contentType: "application/problem+json");
    }

    // What the database says of the disk below it. What waits on the devices is sent again.
    private static ProblemDetails? Unwritable(Exception? error) =>
        FileTrouble.Of(error) switch
        {
            (Trouble.Full, _) => Details(
                507,
                "server/full",
                "The disk of the server is full; nothing was recorded. Make room there; what waits is sent again.",
                ""
            ),
            (Trouble.Unwritable, var words) => Details(
                503,
                "server/unwritable",
                $"The server cannot write its file; nothing was recorded. ({words})",
                ""
            ),
            _ => null,
        };

    public static async Task OnStatus(StatusCodeContext context)
    {
        var status = context.HttpContext.Response.StatusCode;
        var details = status switch
        {
            401 => Details(401, "sign-in/needed", "Sign in first.", ""),
            403 => Details(403, "sign-in/not-allowed", Door.Access.Words(context.HttpContext), ""),
            404 => Details(404, "route/not-found", "There is nothing here.", ""),
            405 => Details(405, "request/method", $"{context.HttpContext.Request.Method} is not done here.", "method"),
            413 => TooLarge(context.HttpContext),
            415 => Details(
                415,
                "request/media-type",
                "JSON is needed here (Content-Type: application/json).",
                "header Content-Type"
            ),
            _ => Details(status, "request/failed", "The request cannot be answered.", ""),
        };
        await context.HttpContext.Response.WriteAsJsonAsync(
            details,
            options: null,
            contentType: "application/problem+json"
        );
    }
}
