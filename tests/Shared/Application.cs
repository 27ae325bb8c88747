using Microsoft.AspNetCore.Builder;
using Microsoft.Extensions.DependencyInjection;
using Microsoft.Extensions.Time.Testing;
using Zygotome.Server;
using Zygotome.Store;

namespace Zygotome.Tests;

/// <summary>The real application on a port of its own, with the demo data and a clock that the test turns.</summary>
internal sealed class Application : IAsyncDisposable
{
    private ServerOptions _options;
    private WebApplication _app;

    private Application(WebApplication app, ServerOptions options, FakeTimeProvider clock) =>
        (_app, _options, Clock) = (app, options, clock);

    public FakeTimeProvider Clock { get; }

    public string Url => _app.Urls.First();

    public IServiceProvider Services => _app.Services;

    /// <summary>The folder of its data.</summary>
    public string Data => _options.Data;

    public string DatabaseFile => Path.Combine(Data, ZygotomeServer.DatabaseFile);

    /// <summary>Where the simulated mail service would fetch its mail.</summary>
    public string Outbox => Path.Combine(Data, "outbox");

    /// <param name="ui">Whether the interface is served too; it must have been built.</param>
    /// <param name="demo">With the demo's data, or empty.</param>
    /// <param name="with">Started otherwise than by itself.</param>
    public static async Task<Application> Start(
        bool ui = true,
        bool demo = true,
        Func<ServerOptions, ServerOptions>? with = null
    )
    {
        var data = Directory.CreateTempSubdirectory("zygotome-browser");
        var built = ProjectFolder.File("ui", "dist");
        if (ui && !Directory.Exists(built))
        {
            throw new InvalidOperationException("The interface is not built; run ./test, or npm run build in ui.");
        }

        // Started as it always is, with the demo: a copy of what that gave the first time.
        var begins = demo && with is null ? await ImportedDemo.Into(data.FullName) : Morning.Wednesday;
        var clock = ClockAt(begins);
        var options = Options(data.FullName, demo, ui ? built : null);
        options = with?.Invoke(options) ?? options;
        var app = ZygotomeServer.Build(options, clock);
        await app.StartAsync();
        // Started again it is found where it was.
        return new Application(app, options with { Port = new Uri(app.Urls.First()).Port }, clock);
    }

    /// <summary>A clock that the test turns; read, it goes on a little, as any clock does.</summary>
    public static FakeTimeProvider ClockAt(DateTimeOffset instant) =>
        new(instant) { AutoAdvanceAmount = TimeSpan.FromMilliseconds(1) };

    /// <summary>On any free port, and quick to sign in.</summary>
    public static ServerOptions Options(string data, bool demo, string? ui) =>
        new(data, demo ? ProjectFolder.File("demo") : null, ui, 0) { PinRounds = 1000 };

    /// <summary>Stops the server; its data stay until this is disposed of.</summary>
    public async Task Stop()
    {
        await _app.StopAsync();
        await _app.DisposeAsync();
    }

    /// <summary>Starts a stopped one again.</summary>
    public async Task Begin()
    {
        _app = ZygotomeServer.Build(_options, Clock);
        await _app.StartAsync();
    }

    /// <summary>Stops the server and starts another on the same data, as the first or otherwise.</summary>
    public async Task Restart(Func<ServerOptions, ServerOptions>? with = null)
    {
        await _app.StopAsync();
        await _app.DisposeAsync();
        _options = with?.Invoke(_options) ?? _options;
        await Begin();
    }

    /// <summary>Asks or changes the file past the program.</summary>
    public Microsoft.Data.Sqlite.SqliteConnection PastTheProgram()
    {
        var connection = new Microsoft.Data.Sqlite.SqliteConnection($"Data Source={DatabaseFile};Pooling=False");
        connection.Open();
        return connection;
    }

    public JobSnapshot Job(string id) => _app.Services.GetRequiredService<JournalReader>().Find(id)!;

    public Blob? Blob(string hash) => _app.Services.GetRequiredService<BlobStore>().Find(hash);

    public async ValueTask DisposeAsync()
    {
        await _app.StopAsync();
        await _app.DisposeAsync();
        Microsoft.Data.Sqlite.SqliteConnection.ClearAllPools();
        Directory.Delete(Data, recursive: true);
    }
}
