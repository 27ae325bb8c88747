using System.Collections.Concurrent;
using Microsoft.AspNetCore.SignalR;
using Zygotome.Server.Door;
using Zygotome.Store;

namespace Zygotome.Server;

/// <summary>Says that a job moved to seq N; clients fetch it again, also after reconnecting.</summary>
internal sealed class LiveHub(LiveConnections open) : Hub
{
    public const string Path = "/live";

    public override Task OnConnectedAsync()
    {
        open.Add(Context);
        return base.OnConnectedAsync();
    }

    public override Task OnDisconnectedAsync(Exception? exception)
    {
        open.Remove(Context);
        return base.OnDisconnectedAsync(exception);
    }
}

/// <summary>The live connections of this server. Each ends with the sign-in it was made in.</summary>
internal sealed class LiveConnections
{
    private readonly ConcurrentDictionary<string, HubCallerContext> _open = new(StringComparer.Ordinal);

    public LiveConnections(IHubContext<LiveHub> hub, Sessions sessions, JournalWriter writer)
    {
        // What ran out of itself is noticed when there is something to tell.
        writer.Moved += (job, seq) =>
        {
            Close(session => !sessions.IsOpen(session));
            _ = hub.Clients.All.SendAsync("moved", job, seq);
        };
        sessions.Ended += ended => Close(session => session == ended);
    }

    public void Add(HubCallerContext context) => _open[context.ConnectionId] = context;

    public void Remove(HubCallerContext context) => _open.TryRemove(context.ConnectionId, out _);

    private void Close(Func<string, bool> which)
    {
        foreach (var context in _open.Values.Where(c => which(SessionOf(c))))
        {
            context.Abort();
        }
    }

    private static string SessionOf(HubCallerContext context) =>
        context.User?.FindFirst(SessionHandler.SessionClaim)?.Value ?? "";
}
