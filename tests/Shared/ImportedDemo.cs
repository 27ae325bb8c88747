using Zygotome.Server;

namespace Zygotome.Tests;

/// <summary>
/// The demo's data as a first start leaves them, imported once for each run of tests and copied for each application:
/// that a first start imports them is tested by itself.
/// </summary>
internal static class ImportedDemo
{
    private static readonly Lazy<Task<Imported>> Made = new(Import);

    /// <summary>Copies the data into an empty folder.</summary>
    /// <returns>When the import was done: a clock of before would have them in its future.</returns>
    public static async Task<DateTimeOffset> Into(string folder)
    {
        var (made, at) = await Made.Value;
        foreach (var file in Directory.EnumerateFiles(made, "*", SearchOption.AllDirectories))
        {
            var to = Path.Combine(folder, Path.GetRelativePath(made, file));
            Directory.CreateDirectory(Path.GetDirectoryName(to)!);
            File.Copy(file, to);
        }

        return at;
    }

    private static async Task<Imported> Import()
    {
        var folder = Directory.CreateTempSubdirectory("zygotome-demo");
        // The process's end is the only moment at which no test needs it any more.
        AppDomain.CurrentDomain.ProcessExit += (_, _) => folder.Delete(recursive: true);
        var clock = Application.ClockAt(Morning.Wednesday);
        var app = ZygotomeServer.Build(Application.Options(folder.FullName, demo: true, ui: null), clock);
        await app.StartAsync();
        await app.StopAsync();
        await app.DisposeAsync();
        Microsoft.Data.Sqlite.SqliteConnection.ClearAllPools();
        return new Imported(folder.FullName, clock.GetUtcNow());
    }

    private sealed record Imported(string Folder, DateTimeOffset At);
}
