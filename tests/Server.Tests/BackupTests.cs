using System.Net;
using Dapper;
using Microsoft.Data.Sqlite;
using Microsoft.Extensions.DependencyInjection;
using Xunit;
using Zygotome.Store;

namespace Zygotome.Server.Tests;

/// <summary>What was backed up comes back, whatever was going on.</summary>
public sealed class BackupTests : WithServer
{
    private readonly DirectoryInfo _folder = Directory.CreateTempSubdirectory("zygotome-backups");

    private string Restored => Path.Combine(_folder.FullName, "restored", ZygotomeServer.DatabaseFile);

    private static List<(long, string)> Journal(string file)
    {
        using var connection = new SqliteConnection($"Data Source={file};Pooling=False");
        return connection
            .Query<(long, string)>("SELECT shop_seq, hex(shop_hash) FROM journal ORDER BY shop_seq")
            .AsList();
    }

    [Fact]
    public async Task A_backup_taken_under_load_restores_to_the_journal_of_its_moment()
    {
        var stop = false;
        var acknowledged = 0;
        var load = Enumerable
            .Range(0, 8)
            .Select(i =>
                Task.Run(async () =>
                {
                    while (!Volatile.Read(ref stop))
                    {
                        (
                            await Client.Record(
                                i % 2 == 0 ? "J-0152" : "J-0154",
                                "unpack/counted",
                                new { part = i % 2 == 0 ? "hatch-latch" : "pushrod", delta = 1 }
                            )
                        ).Status.Ok();
                        Interlocked.Increment(ref acknowledged);
                    }
                })
            )
            .ToArray();
        async Task Acknowledged(int more)
        {
            for (var until = Volatile.Read(ref acknowledged) + more; Volatile.Read(ref acknowledged) < until; )
            {
                await Task.Delay(10, TestContext.Current.CancellationToken);
            }
        }

        await Acknowledged(60);
        var before = Application.Services.GetRequiredService<Database>().LastSeal!.JournalSeq;
        var backup = await Task.Run(() =>
            Backup.Take(
                Application.DatabaseFile,
                _folder.FullName,
                Application.Clock.GetUtcNow(),
                Core.Job.Stages.Kinds
            )
        );
        await Acknowledged(20);
        Volatile.Write(ref stop, true);
        await Task.WhenAll(load);
        Assert.True(backup.Sound, backup.Words);

        Directory.CreateDirectory(Path.GetDirectoryName(Restored)!);
        Backup.Restore(backup.File, Restored);
        Database.Open(Restored).Dispose();
        var result = Verification.Run(Restored, Core.Job.Stages.Kinds);
        Assert.True(result.Sound, result.Words);
        var (restored, live) = (Journal(Restored), Journal(Application.DatabaseFile));
        Assert.True(restored.Count >= before && restored.Count < live.Count, $"{before} {restored.Count} {live.Count}");
        Assert.Equal(live.Take(restored.Count), restored);
        using var connection = new SqliteConnection($"Data Source={Restored};Pooling=False");
        Assert.Equal(0, connection.ExecuteScalar<int>("SELECT COUNT(*) FROM session"));
    }

    [Fact]
    public async Task A_backup_is_taken_each_day_shown_in_shop_and_a_failure_is_too()
    {
        var folder = Path.Combine(_folder.FullName, "daily");
        await Application.Restart(o => o with { Backups = folder });
        using var lead = await Api.SignedIn(Application, "ithorne");
        (await lead.Send(HttpMethod.Post, "/api/shop/memory/backup", "")).Status.Ok();
        var shown = (await lead.Get("/api/shop/memory")).GetProperty("backups");
        var taken = Assert.Single(shown.GetProperty("taken").EnumerateArray());
        Assert.True(taken.GetProperty("sound").GetBoolean(), taken.GetRawText());
        Assert.Equal(
            (int)UnixFileMode.UserRead | (int)UnixFileMode.UserWrite,
            (int)File.GetUnixFileMode(Backup.In(folder)[0].File)
        );

        for (var hour = 0; hour < 26; hour++)
        {
            Application.Clock.Advance(TimeSpan.FromHours(1));
            await Task.Delay(20, TestContext.Current.CancellationToken);
        }

        for (var i = 0; i < 600 && Backup.In(folder).Count < 2; i++)
        {
            await Task.Delay(50, TestContext.Current.CancellationToken);
        }

        Assert.Equal(2, Backup.In(folder).Count);
        await Application.Restart(o => o with { Backups = "/proc/nowhere" });
        using var later = await Api.SignedIn(Application, "ithorne");
        var failed = await later.Send(HttpMethod.Post, "/api/shop/memory/backup", "");
        Assert.Equal(HttpStatusCode.ServiceUnavailable, failed.Status);
        Assert.NotNull((await later.Get("/api/shop/memory")).GetProperty("backups").GetProperty("failed").GetString());
    }

    [Fact]
    public void A_backup_of_a_shop_that_is_not_sound_is_kept_says_so_and_takes_the_place_of_no_sound_one()
    {
        using (var connection = Application.PastTheProgram())
        {
            connection.Execute("UPDATE person SET name = 'Somebody' WHERE id = 'rvane'");
        }

        var backup = Backup.Take(
            Application.DatabaseFile,
            _folder.FullName,
            Application.Clock.GetUtcNow(),
            Core.Job.Stages.Kinds
        );
        Assert.False(backup.Sound);
        Assert.Contains("person rvane", Backup.In(_folder.FullName)[0].Words, StringComparison.Ordinal);

        // However many that are not sound come after, the last sound ones stay.
        using (var connection = Application.PastTheProgram())
        {
            connection.Execute("UPDATE person SET name = 'R. Vane' WHERE id = 'rvane'");
        }

        DateTimeOffset At(double hours) => Application.Clock.GetUtcNow().AddHours(hours);
        void Take(double hours) =>
            Backup.Take(Application.DatabaseFile, _folder.FullName, At(hours), Core.Job.Stages.Kinds);
        Take(1);
        using (var connection = Application.PastTheProgram())
        {
            connection.Execute("UPDATE person SET name = 'Somebody' WHERE id = 'rvane'");
        }

        for (var hour = 2; hour < 6; hour++)
        {
            Take(hour);
        }

        Assert.Equal(4, Backup.Rotate(_folder.FullName));
        Assert.Equal([false, true], Backup.In(_folder.FullName).Select(b => b.Sound));
    }
}
