using Microsoft.AspNetCore.SignalR;
using Zygotome.Store;

namespace Zygotome.Server;

/// <summary>Says that a job moved to seq N; clients fetch it again, also after reconnecting.</summary>
public sealed class LiveHub : Hub
{
    public static void Follow(WebApplication app)
    {
        var hub = app.Services.GetRequiredService<IHubContext<LiveHub>>();
        app.Services.GetRequiredService<JournalWriter>().Moved += (job, seq) =>
            _ = hub.Clients.All.SendAsync("moved", job, seq);
    }
}
