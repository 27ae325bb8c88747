using System.Net;
using System.Net.Http.Json;
using System.Text.Json;
using BenchmarkDotNet.Attributes;
using Microsoft.AspNetCore.Builder;
using Microsoft.Extensions.DependencyInjection;
using Zygotome.Core.Job;
using Zygotome.Core.Journal;
using Zygotome.Server;
using Zygotome.Store;

namespace Zygotome.Bench;

/// <summary>
/// The list of forty jobs as a browser asks for it, over HTTP on this machine: the demo's jobs, five of each. Baseline:
/// only what the list would have to compute if it kept no rows, without any writing as JSON.
/// </summary>
public class ListOfFortyJobs
{
    private const int Jobs = 40;

    private DirectoryInfo _folder = null!;
    private WebApplication _app = null!;
    private HttpClient _client = null!;
    private JobState[] _states = [];
    private string[] _drawings = [];

    [GlobalSetup]
    public void Setup()
    {
        _folder = Directory.CreateTempSubdirectory("zygotome-bench");
        var demo = Path.Combine(_folder.FullName, "demo");
        Copy(Path.Combine(Shop.Root, "demo"), demo);
        var journals = Directory.GetFiles(Path.Combine(demo, "jobs"), "*.journal.json").Order().ToArray();
        for (var i = journals.Length; i < Jobs; i++)
        {
            var like = journals[i % journals.Length];
            var id = Path.GetFileName(like).Split('.')[0];
            File.WriteAllText(
                Path.Combine(demo, "jobs", $"J-9{i:000}.journal.json"),
                File.ReadAllText(like).Replace(id, $"J-9{i:000}", StringComparison.Ordinal)
            );
        }

        _app = ZygotomeServer.Build(new ServerOptions(Path.Combine(_folder.FullName, "data"), demo, null, 0));
        _app.StartAsync().GetAwaiter().GetResult();
        _client = new HttpClient(new HttpClientHandler { CookieContainer = new CookieContainer() })
        {
            BaseAddress = new Uri(_app.Urls.First()),
        };
        _client
            .PostAsJsonAsync("/api/sign-in", new { person = "rvane", pin = "2468" })
            .GetAwaiter()
            .GetResult()
            .EnsureSuccessStatusCode();
        var list = _client.GetFromJsonAsync<JsonElement>($"/api/jobs?most={Jobs}").GetAwaiter().GetResult();
        var jobs = list.GetProperty("jobs").EnumerateArray().ToArray();
        if (jobs.Length != Jobs)
        {
            throw new InvalidOperationException($"{jobs.Length} jobs are listed, not {Jobs}: {list}");
        }

        var reader = _app.Services.GetRequiredService<JournalReader>();
        _states = [.. jobs.Select(j => reader.Find(j.GetProperty("id").GetString()!)!.State)];
        _drawings =
        [
            .. jobs.Select(j => j.GetProperty("drawing"))
                .Select(d => $"/api/drawings/{d.GetProperty("sheet")}/{d.GetProperty("version")}")
                .Distinct(),
        ];
    }

    [GlobalCleanup]
    public void Cleanup()
    {
        _client.Dispose();
        _app.DisposeAsync().AsTask().GetAwaiter().GetResult();
        Microsoft.Data.Sqlite.SqliteConnection.ClearAllPools();
        _folder.Delete(recursive: true);
    }

    [Benchmark(Baseline = true)]
    public int ComputedAnew() => _states.Sum(s => JobFacts.Of(s, DateTimeOffset.UtcNow).Inks.Length);

    [Benchmark]
    public Task<int> List() => Asked($"/api/jobs?most={Jobs}");

    /// <summary>As a browser that has never been here: with every drawing the list names.</summary>
    [Benchmark]
    public async Task<int> ListAndItsDrawings()
    {
        var bytes = await Asked($"/api/jobs?most={Jobs}");
        foreach (var drawing in _drawings)
        {
            bytes += await Asked(drawing);
        }

        return bytes;
    }

    private async Task<int> Asked(string path) =>
        (await _client.GetByteArrayAsync(new Uri(path, UriKind.Relative))).Length;

    private static void Copy(string from, string to)
    {
        foreach (var file in Directory.GetFiles(from, "*", SearchOption.AllDirectories))
        {
            var copy = Path.Combine(to, Path.GetRelativePath(from, file));
            Directory.CreateDirectory(Path.GetDirectoryName(copy)!);
            File.Copy(file, copy);
        }
    }
}
