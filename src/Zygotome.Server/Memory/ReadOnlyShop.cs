using Zygotome.Store;

namespace Zygotome.Server.Memory;

/// <summary>
/// A shop that has lost some of what was sealed is looked at and not written to: what were recorded now would stand
/// where something is missing. It is restored from a backup, or sealed anew by whoever answers for the loss.
/// </summary>
internal sealed class ReadOnlyShop(Database database)
{
    public Task Check(HttpContext context, RequestDelegate next) =>
        database.Cut is { } cut && Writes(context.Request)
            ? Problems
                .Of(
                    StatusCodes.Status503ServiceUnavailable,
                    "shop/cut",
                    $"{cut}. Nothing is recorded until a backup is restored."
                )
                .ExecuteAsync(context)
            : next(context);

    private static bool Writes(HttpRequest request) =>
        !(HttpMethods.IsGet(request.Method) || HttpMethods.IsHead(request.Method))
        && !request.Path.StartsWithSegments("/api/sign-in")
        && !request.Path.StartsWithSegments("/api/sign-out")
        && !request.Path.StartsWithSegments(LiveHub.Path);
}
