using System.Collections.Concurrent;
using Microsoft.AspNetCore.SignalR;
using Zygotome.Server.Door;
using Zygotome.Store;

namespace Zygotome.Server;

/// <summary>
/// Says that a job moved to seq N; clients fetch it again, also after reconnecting. A connection ends with the sign-in it
/// was made in.
/// </summary>
public sealed class LiveHub : Hub
{
    public const string Path = "/live";

    private static readonly ConcurrentDictionary<string, HubCallerContext> Open = new(StringComparer.Ordinal);

    public override Task OnConnectedAsync()
    {
        Open[Context.ConnectionId] = Context;
        return base.OnConnectedAsync();
    }

    public override Task OnDisconnectedAsync(Exception? exception)
    {
        Open.TryRemove(Context.ConnectionId, out _);
        return base.OnDisconnectedAsync(exception);
    }

    public static void Follow(WebApplication app)
    {
        var hub = app.Services.GetRequiredService<IHubContext<LiveHub>>();
        app.Services.GetRequiredService<JournalWriter>().Moved += (job, seq) =>
            _ = hub.Clients.All.SendAsync("moved", job, seq);
        app.Services.GetRequiredService<Sessions>().Ended += Close;
    }

    private static void Close(string session)
    {
        foreach (
            var context in Open.Values.Where(c => c.User?.FindFirst(SessionHandler.SessionClaim)?.Value == session)
        )
        {
            context.Abort();
        }
    }
}
