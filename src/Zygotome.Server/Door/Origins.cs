namespace Zygotome.Server.Door;

/// <summary>
/// What changes something, and the hub, is asked for by our own pages alone. A browser says where a request comes from;
/// what says nothing is no browser and carries no browser's cookie.
/// </summary>
internal static class Origins
{
    public static Task Check(HttpContext context, RequestDelegate next) =>
        !NeedsCheck(context.Request) || IsOurs(context.Request)
            ? next(context)
            : Problems
                .Of(
                    StatusCodes.Status403Forbidden,
                    "request/origin",
                    "This was sent from another site's page; nothing was done.",
                    "header Origin"
                )
                .ExecuteAsync(context);

    private static bool NeedsCheck(HttpRequest request) =>
        !(
            HttpMethods.IsGet(request.Method)
            || HttpMethods.IsHead(request.Method)
            || HttpMethods.IsOptions(request.Method)
        ) || request.Path.StartsWithSegments(LiveHub.Path);

    private static bool IsOurs(HttpRequest request) =>
        request.Headers.Origin is { Count: > 0 } origin
            ? string.Equals(origin, $"{request.Scheme}://{request.Host}", StringComparison.OrdinalIgnoreCase)
            : request.Headers["Sec-Fetch-Site"].ToString() is "" or "same-origin" or "none";
}
