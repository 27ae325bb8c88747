using Microsoft.Extensions.Primitives;

namespace Zygotome.Server.Door;

/// <summary>
/// Answers only to the names it was told: a page elsewhere whose name was pointed at this machine is not taken for
/// ours.
/// </summary>
internal sealed class Hosts(IEnumerable<string> names)
{
    private readonly StringSegment[] _names = [.. names.Select(n => new StringSegment(n))];

    public Task Check(HttpContext context, RequestDelegate next) =>
        context.Request.Host is { HasValue: true } host && HostString.MatchesAny(host.Host, _names)
            ? next(context)
            : Problems
                .Of(
                    StatusCodes.Status400BadRequest,
                    "request/host",
                    "This server is not called by that name; it is told its names with --host.",
                    "header Host"
                )
                .ExecuteAsync(context);
}
