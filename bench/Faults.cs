using System.Diagnostics;
using System.Globalization;
using System.Net;
using System.Net.Http.Json;
using Zygotome.Store;
using Zygotome.Tests;
using Zygotome.Tests.Faults;

namespace Zygotome.Bench;

/// <summary>Kills, and a disk that is really full; figures belong in docs/reliability.md.</summary>
internal static class Faults
{
    public static async Task<int> Run(string[] args)
    {
        var kills = args is ["--kills", var n] ? int.Parse(n, CultureInfo.InvariantCulture) : 40;
        var began = Stopwatch.StartNew();
        var report = await KillRun.Run(kills, Environment.TickCount);
        Console.WriteLine($"Kills ({began.Elapsed.TotalSeconds:F0} s): {report}");
        var full = await FullDisk();
        Console.WriteLine($"Full disk: {full}");
        return report.Lost.Count == 0 && !full.StartsWith("lost", StringComparison.Ordinal) ? 0 : 1;
    }

    // A file system of its own that is too small; only the superuser can make one.
    private static async Task<string> FullDisk()
    {
        var disk = Directory.CreateTempSubdirectory("zygotome-disk").FullName;
        if (!Ran("mount", "-t", "tmpfs", "-o", "size=12m", "tmpfs", disk))
        {
            return "not tried: no file system could be mounted here.";
        }

        var data = Path.Combine(disk, "data");
        try
        {
            var port = ServerProcess.FreePort();
            using var server = await ServerProcess.Start(data, ProjectFolder.File("demo"), port);
            using var client = new HttpClient(new HttpClientHandler { CookieContainer = new CookieContainer() })
            {
                BaseAddress = new Uri($"http://127.0.0.1:{port}"),
            };
            await client.PostAsJsonAsync("/api/sign-in", new { person = "rvane", pin = "2468" });
            var filler = Path.Combine(disk, "filler");
            Fill(filler);
            var (kept, refused) = (0, "");
            while (refused.Length == 0 && kept < 20_000)
            {
                using var answer = await Count(client);
                kept += answer.IsSuccessStatusCode ? 1 : 0;
                refused = answer.IsSuccessStatusCode
                    ? ""
                    : $"{(int)answer.StatusCode} {await answer.Content.ReadAsStringAsync()}";
            }

            var health = await client.GetAsync(new Uri("/healthz", UriKind.Relative));
            var said = await health.Content.ReadAsStringAsync();
            File.Delete(filler);
            using var after = await Count(client);
            server.Kill();
            var verified = Verification.Run(Path.Combine(data, "zygotome.db"), Core.Job.Stages.Kinds);
            return $"{(verified.Sound ? "" : "lost: ")}{kept} entries taken, then {refused}; /healthz "
                + $"{(int)health.StatusCode} {said}; "
                + $"with room again {(int)after.StatusCode}. {verified.Words}";
        }
        finally
        {
            Ran("umount", disk);
        }
    }

    private static Task<HttpResponseMessage> Count(HttpClient client) =>
        client.PostAsJsonAsync(
            "/api/jobs/J-0152/entries",
            new
            {
                entries = new[]
                {
                    new
                    {
                        entryId = Guid.NewGuid().ToString(),
                        type = "unpack/counted",
                        body = new { part = "hatch-latch", delta = 1 },
                        observedAt = TimeProvider.System.GetUtcNow(),
                    },
                },
                look = "look",
            }
        );

    private static void Fill(string file)
    {
        try
        {
            using var stream = File.Create(file);
            while (true)
            {
                stream.Write(new byte[65536]);
                stream.Flush();
            }
        }
        catch (IOException)
        {
            // That was all there is.
        }
    }

    private static bool Ran(string command, params string[] arguments)
    {
        using var process = Process.Start(new ProcessStartInfo(command, arguments) { RedirectStandardError = true });
        process!.WaitForExit();
        return process.ExitCode == 0;
    }
}
