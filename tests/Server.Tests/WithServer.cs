using Xunit;
using Zygotome.Tests;

namespace Zygotome.Server.Tests;

/// <summary>A server with the demo data, and a technician signed in to it, for each test.</summary>
public abstract class WithServer : IAsyncLifetime
{
    private protected Application Application { get; private set; } = null!;

    private protected Api Client { get; private set; } = null!;

    public async ValueTask InitializeAsync()
    {
        Application = await Application.Start(ui: false);
        Client = await Api.SignedIn(Application);
    }

    public async ValueTask DisposeAsync()
    {
        Client.Dispose();
        await Application.DisposeAsync();
        GC.SuppressFinalize(this);
    }
}
