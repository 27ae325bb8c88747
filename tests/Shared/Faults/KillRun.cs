using System.Collections.Concurrent;
using System.Diagnostics;
using Dapper;
using Microsoft.Data.Sqlite;
using Zygotome.Server;
using Zygotome.Store;

namespace Zygotome.Tests.Faults;

/// <summary>What was left of what was acknowledged.</summary>
/// <param name="Lost">Each with what it was; empty when nothing is.</param>
internal sealed record KillReport(
    int Kills,
    int Entries,
    int Customers,
    int Pictures,
    int Claims,
    int Releases,
    IReadOnlyList<string> Lost,
    string Verified
)
{
    public override string ToString() =>
        $"{Kills} kills, {Entries} entries acknowledged, {Customers} new customers, {Pictures} pictures, {Claims} "
        + $"claims, "
        + $"{Releases} releases; lost: {(Lost.Count == 0 ? "none" : string.Join("; ", Lost.Take(5)))}. {Verified}";
}

/// <summary>Sixteen writers at work while the server is killed again and again, and what is found afterwards.</summary>
internal static class KillRun
{
    private const int Writers = 16,
        ReleasesForEachKill = 12;

    // However slow the machine is.
    private static readonly TimeSpan Patience = TimeSpan.FromMinutes(4);

    public static async Task<KillReport> Run(int kills, int seed)
    {
        var folder = Directory.CreateTempSubdirectory("zygotome-kills");
        var data = Path.Combine(folder.FullName, "data");
        var (demo, jobs) = Demo(Path.Combine(folder.FullName, "demo"), kills * ReleasesForEachKill);
        var port = ServerProcess.FreePort();
        var random = new Random(seed);
        var acknowledged = new Acknowledged();
        using var stop = new CancellationTokenSource();
        var writers = Enumerable
            .Range(0, Writers)
            .Select(i => new Writer(i, $"http://127.0.0.1:{port}", jobs, acknowledged, new Random(random.Next())))
            .ToArray();
        var server = await ServerProcess.Start(data, demo, port);
        try
        {
            foreach (var writer in writers)
            {
                await writer.SignIn(stop.Token);
            }

            var work = writers.Select(w => Task.Run(() => w.Run(stop.Token))).ToArray();
            for (var i = 0; i < kills; i++)
            {
                await (i == 0 ? WellUnderWay(acknowledged) : Task.Delay(random.Next(150, 1500)));
                server.Kill();
                server.Dispose();
                server = await ServerProcess.Start(data, demo, port);
            }

            await Task.Delay(1000);
            await stop.CancelAsync();
            await Task.WhenAll(work);
            server.Kill();
            return Found(Path.Combine(data, ZygotomeServer.DatabaseFile), acknowledged, kills);
        }
        finally
        {
            server.Dispose();
            Array.ForEach(writers, w => w.Dispose());
            folder.Delete(recursive: true);
        }
    }

    // All that is written is being written, whatever each takes here.
    private static async Task WellUnderWay(Acknowledged acknowledged)
    {
        var since = Stopwatch.StartNew();
        while (since.Elapsed < Patience && !acknowledged.HasSomeOfAll)
        {
            await Task.Delay(100);
        }
    }

    // The demo, with many of its job that is nearly ready.
    private static (string Demo, ConcurrentQueue<string> Jobs) Demo(string folder, int copies)
    {
        foreach (var file in Directory.EnumerateFiles(ProjectFolder.File("demo"), "*", SearchOption.AllDirectories))
        {
            var to = Path.Combine(folder, Path.GetRelativePath(ProjectFolder.File("demo"), file));
            Directory.CreateDirectory(Path.GetDirectoryName(to)!);
            File.Copy(file, to);
        }

        var journal = File.ReadAllText(Path.Combine(folder, "jobs", $"{NearlyReady.Job}.journal.json"));
        var jobs = new ConcurrentQueue<string>();
        foreach (var job in Enumerable.Range(1001, copies).Select(n => $"J-{n}"))
        {
            File.WriteAllText(
                Path.Combine(folder, "jobs", $"{job}.journal.json"),
                journal.Replace(NearlyReady.Job, job, StringComparison.Ordinal)
            );
            jobs.Enqueue(job);
        }

        return (folder, jobs);
    }

    private static KillReport Found(string file, Acknowledged acknowledged, int kills)
    {
        using var connection = new SqliteConnection($"Data Source={file};Pooling=False");
        connection.Open();
        HashSet<string> Of(string sql) => [.. connection.Query<string>(sql)];
        var entries = Of("SELECT entry_id FROM journal");
        var customers = Of("SELECT name FROM customer");
        var pictures = Of("SELECT hash FROM photo");
        var records = Of(
            "SELECT entry_id FROM journal j WHERE EXISTS (SELECT 1 FROM blob b WHERE b.hash = "
                + "json_extract(CAST(j.bytes AS "
                + "TEXT), '$.body.pdfHash') AND length(b.bytes) > 0)"
        );
        var verified = Verification.Run(file, Core.Job.Stages.Kinds);
        string[] lost =
        [
            .. acknowledged.Entries.Where(e => !entries.Contains(e)).Select(e => $"entry {e}"),
            .. acknowledged.Customers.Where(c => !customers.Contains(c)).Select(c => $"customer {c}"),
            .. acknowledged.Pictures.Where(p => !pictures.Contains(p)).Select(p => $"picture {p}"),
            .. acknowledged.Releases.Where(r => !records.Contains(r)).Select(r => $"record of release {r}"),
            .. acknowledged.Odd.Select(o => $"odd answer {o}"),
            .. verified.Found.Select(f => f.Words),
        ];
        return new KillReport(
            kills,
            acknowledged.Entries.Count,
            acknowledged.Customers.Count,
            acknowledged.Pictures.Count,
            acknowledged.Claims.Count,
            acknowledged.Releases.Count,
            lost,
            verified.Words
        );
    }
}
