using Microsoft.AspNetCore.Builder;
using Microsoft.Extensions.DependencyInjection;
using Microsoft.Extensions.Time.Testing;
using Zygotome.Server;
using Zygotome.Store;

namespace Zygotome.Tests;

/// <summary>The real application on a port of its own, with the demo data and a clock that the test turns.</summary>
internal sealed class Application : IAsyncDisposable
{
    private readonly ServerOptions _options;
    private WebApplication _app;
    private readonly DirectoryInfo _data;

    private Application(WebApplication app, ServerOptions options, DirectoryInfo data, FakeTimeProvider clock) =>
        (_app, _options, _data, Clock) = (app, options, data, clock);

    public FakeTimeProvider Clock { get; }

    public string Url => _app.Urls.First();

    /// <summary>Where the simulated mail service would fetch its mail.</summary>
    public string Outbox => Path.Combine(_data.FullName, "outbox");

    /// <param name="ui">Whether the interface is served too; it must have been built.</param>
    public static async Task<Application> Start(bool ui = true)
    {
        var data = Directory.CreateTempSubdirectory("zygotome-browser");
        var clock = new FakeTimeProvider(Morning.Wednesday) { AutoAdvanceAmount = TimeSpan.FromMilliseconds(1) };
        var built = ProjectFolder.File("ui", "dist");
        if (ui && !Directory.Exists(built))
        {
            throw new InvalidOperationException("The interface is not built; run ./test, or npm run build in ui.");
        }

        var options = new ServerOptions(data.FullName, ProjectFolder.File("demo"), ui ? built : null, 0);
        var app = ZygotomeServer.Build(options, clock);
        await app.StartAsync();
        return new Application(app, options, data, clock);
    }

    /// <summary>Stops the server and starts another on the same data.</summary>
    public async Task Restart()
    {
        await _app.StopAsync();
        await _app.DisposeAsync();
        _app = ZygotomeServer.Build(_options, Clock);
        await _app.StartAsync();
    }

    public JobSnapshot Job(string id) => _app.Services.GetRequiredService<JournalReader>().Find(id)!;

    public Blob? Blob(string hash) => _app.Services.GetRequiredService<BlobStore>().Find(hash);

    public async ValueTask DisposeAsync()
    {
        await _app.StopAsync();
        await _app.DisposeAsync();
        Microsoft.Data.Sqlite.SqliteConnection.ClearAllPools();
        _data.Delete(recursive: true);
    }
}
