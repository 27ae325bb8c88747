using Microsoft.AspNetCore.Builder;
using Microsoft.Extensions.DependencyInjection;
using Microsoft.Extensions.Time.Testing;
using Zygotome.Server;
using Zygotome.Store;

namespace Zygotome.Browser.Tests;

/// <summary>The real application on a port of its own, with the demo data and a clock that the test turns.</summary>
public sealed class Application : IAsyncDisposable
{
    private readonly WebApplication _app;
    private readonly DirectoryInfo _data;

    private Application(WebApplication app, DirectoryInfo data, FakeTimeProvider clock) => (_app, _data, Clock) = (app, data, clock);

    public FakeTimeProvider Clock { get; }

    public string Url => _app.Urls.First();

    public static readonly string Root = FindRoot();

    public static async Task<Application> Start()
    {
        var data = Directory.CreateTempSubdirectory("zygotome-browser");
        var clock = new FakeTimeProvider(DateTimeOffset.UtcNow) { AutoAdvanceAmount = TimeSpan.FromMilliseconds(1) };
        var ui = Path.Combine(Root, "ui", "dist");
        if (!Directory.Exists(ui))
        {
            throw new InvalidOperationException("The interface is not built; run ./test, or npm run build in ui.");
        }

        var app = ZygotomeServer.Build(new ServerOptions(data.FullName, Path.Combine(Root, "demo"), ui, 0), clock);
        await app.StartAsync();
        return new Application(app, data, clock);
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

    private static string FindRoot()
    {
        var folder = new DirectoryInfo(AppContext.BaseDirectory);
        while (!File.Exists(Path.Combine(folder.FullName, "Zygotome.slnx")))
        {
            folder = folder.Parent ?? throw new InvalidOperationException("The tests do not lie within the project.");
        }

        return folder.FullName;
    }
}
