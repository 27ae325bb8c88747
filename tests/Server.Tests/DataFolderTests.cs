using System.Net;
using System.Text.Json;
using System.Text.Json.Nodes;
using Dapper;
using Microsoft.Extensions.Time.Testing;
using Xunit;
using Zygotome.Tests;

namespace Zygotome.Server.Tests;

/// <summary>
/// The demo goes where it was meant to and nowhere else; one server holds a folder; nobody else reads it.
/// </summary>
public sealed class DataFolderTests : IDisposable
{
    private readonly DirectoryInfo _folder = Directory.CreateTempSubdirectory("zygotome-folder");
    private readonly FakeTimeProvider _clock = new(Morning.Wednesday);

    public void Dispose()
    {
        Microsoft.Data.Sqlite.SqliteConnection.ClearAllPools();
        _folder.Delete(recursive: true);
    }

    private string Data => Path.Combine(_folder.FullName, "shop");

    private string DatabaseFile => Path.Combine(Data, ZygotomeServer.DatabaseFile);

    private static string Demo => ProjectFolder.File("demo");

    private ServerOptions Options(string? demo = null, bool fresh = false) =>
        new(Data, demo, null, 0) { FreshDemo = fresh, PinRounds = 1000 };

    // Starts a server and stops it; answers how many jobs it had.
    private async Task<int> Serve(ServerOptions options)
    {
        await using var app = ZygotomeServer.Build(options, _clock);
        await app.StartAsync();
        using var connection = Store.Database.ReadOnly(DatabaseFile).Connect();
        var jobs = connection.ExecuteScalar<int>("SELECT COUNT(DISTINCT job) FROM journal");
        await app.StopAsync();
        return jobs;
    }

    private string Refused(ServerOptions options) =>
        Assert.Throws<FolderRefusedException>(() => ZygotomeServer.Build(options, _clock)).Message;

    [Fact]
    public async Task The_folder_is_its_owners_alone_what_an_earlier_version_left_too()
    {
        await Serve(Options(Demo));
        File.SetUnixFileMode(DatabaseFile, (UnixFileMode)0b110_100_100);
        File.SetUnixFileMode(Data, (UnixFileMode)0b111_101_101);
        await Serve(Options(Demo));
        Assert.All(
            new DirectoryInfo(Data)
                .EnumerateFileSystemInfos("*", SearchOption.AllDirectories)
                .Append(new DirectoryInfo(Data))
                // What the database still took away meanwhile has no mode.
                .Where(f => (int)f.UnixFileMode != -1),
            f => Assert.Equal((f.Name, 0), (f.Name, (int)f.UnixFileMode & 0b000_111_111))
        );
    }

    [Fact]
    public void One_server_holds_a_folder_and_another_is_told_so()
    {
        using (ZygotomeServer.Build(Options(), _clock))
        {
            Assert.Contains("Another server holds", Refused(Options()), StringComparison.Ordinal);
        }

        using var next = ZygotomeServer.Build(Options(), _clock);
    }

    [Fact]
    public async Task A_shop_of_ones_own_is_served_as_it_is_whether_the_demo_is_asked_for_or_not()
    {
        Assert.Equal(0, await Serve(Options()));
        Assert.Equal(0, await Serve(Options(Demo)));
        Assert.Contains("not a demo's", Refused(Options(Demo, fresh: true)), StringComparison.Ordinal);
        Assert.Equal(0, await Serve(Options()));
    }

    [Theory]
    [InlineData("")]
    [InlineData("not a database at all, but of some length")]
    public async Task Over_an_empty_or_damaged_file_nothing_is_written_and_the_start_says_what_is_wrong(string content)
    {
        Directory.CreateDirectory(Data);
        File.WriteAllText(DatabaseFile, content);
        foreach (var options in new[] { Options(Demo), Options(), Options(Demo, fresh: true) })
        {
            if (options.FreshDemo)
            {
                Assert.Contains("not a demo's", Refused(options), StringComparison.Ordinal);
                continue;
            }

            await using var app = ZygotomeServer.Build(options, _clock);
            await app.StartAsync();
            using var client = new HttpClient();
            foreach (var path in new[] { "/api/sign-in", "/api/jobs", "/healthz" })
            {
                using var answer = await client.GetAsync(new Uri(app.Urls.First() + path));
                Assert.Equal(HttpStatusCode.ServiceUnavailable, answer.StatusCode);
                Assert.Contains(
                    content.Length == 0 ? "is empty" : "is damaged",
                    await answer.Content.ReadAsStringAsync(),
                    StringComparison.Ordinal
                );
            }
        }

        Assert.Equal(content, File.ReadAllText(DatabaseFile));
    }

    [Fact]
    public void Nothing_is_begun_among_other_things_or_where_a_database_is_missing()
    {
        Directory.CreateDirectory(Path.Combine(Data, "letters"));
        Assert.Contains("holds letters", Refused(Options(Demo)), StringComparison.Ordinal);
        Assert.Contains("holds letters", Refused(Options()), StringComparison.Ordinal);
        Assert.False(File.Exists(DatabaseFile));
    }

    [Fact]
    public async Task A_fresh_demo_throws_away_a_demo_and_begins_anew()
    {
        Assert.Equal(ProjectFolder.DemoJobs, await Serve(Options(Demo)));
        await using (var app = ZygotomeServer.Build(Options(Demo), _clock))
        {
            await app.StartAsync();
            await app.StopAsync();
        }

        _clock.Advance(TimeSpan.FromDays(3));
        Assert.Equal(ProjectFolder.DemoJobs, await Serve(Options(Demo, fresh: true)));
        using var connection = Store.Database.ReadOnly(DatabaseFile).Connect();
        Assert.StartsWith(
            "2026-11-07",
            connection.ExecuteScalar<string>("SELECT value FROM setting WHERE key = 'demo-imported'"),
            StringComparison.Ordinal
        );
    }

    [Fact]
    public async Task A_demos_folder_is_no_shop_of_ones_own_and_one_that_lost_its_file_is_not_begun_anew_unasked()
    {
        await Serve(Options(Demo));
        Assert.Contains("is the demo's", Refused(Options()), StringComparison.Ordinal);
        File.Delete(DatabaseFile);
        Assert.Contains("has no zygotome.db", Refused(Options(Demo)), StringComparison.Ordinal);
        Assert.Equal(ProjectFolder.DemoJobs, await Serve(Options(Demo, fresh: true)));
    }

    [Fact]
    public async Task A_backup_is_not_restored_beside_what_another_file_left_behind()
    {
        await Serve(Options());

        // Whether a stopped server left its own beside it depends on who closed last.
        foreach (var file in Directory.GetFiles(Data, Path.GetFileName(DatabaseFile) + "*"))
        {
            File.Delete(file);
        }

        File.WriteAllText(DatabaseFile + "-wal", "what a killed server left");
        Assert.Contains(
            "zygotome.db-wal is there already",
            Assert.Throws<FolderRefusedException>(() => DataFolder.ForRestore(Data)).Message,
            StringComparison.Ordinal
        );
        File.Delete(DatabaseFile + "-wal");
        DataFolder.ForRestore(Data).Dispose();
    }

    [Fact]
    public async Task What_a_link_in_the_folder_leads_to_is_left_as_it_is()
    {
        await Serve(Options());
        var elsewhere = Directory.CreateDirectory(Path.Combine(_folder.FullName, "elsewhere")).FullName;
        File.SetUnixFileMode(elsewhere, (UnixFileMode)0b111_101_101);
        Directory.CreateSymbolicLink(Path.Combine(Data, "backups"), elsewhere);
        await Serve(Options());
        Assert.Equal((UnixFileMode)0b111_101_101, File.GetUnixFileMode(elsewhere));
    }

    [Fact]
    public async Task A_fresh_demo_leaves_what_is_not_its_own()
    {
        await Serve(Options(Demo));
        var letter = Path.Combine(Data, "letter.txt");
        File.WriteAllText(letter, "mine");
        Assert.Contains("letter.txt is not its own", Refused(Options(Demo, fresh: true)), StringComparison.Ordinal);
        Assert.True(File.Exists(letter));
    }

    [Fact]
    public async Task A_demo_whose_first_start_was_interrupted_is_taken_up_days_later_as_it_was_begun()
    {
        // Its last job cannot be read at first: half of it is in when the start fails.
        var files = Directory.CreateDirectory(Path.Combine(_folder.FullName, "demo")).FullName;
        foreach (var file in Directory.EnumerateFiles(Demo, "*", SearchOption.AllDirectories))
        {
            var to = Path.Combine(files, Path.GetRelativePath(Demo, file));
            Directory.CreateDirectory(Path.GetDirectoryName(to)!);
            File.Copy(file, to);
        }

        var last = Path.Combine(files, "jobs", "J-0150.journal.json");
        var good = File.ReadAllText(last);
        var bad = JsonNode.Parse(good)!;
        bad["entries"]![9]!["body"] = JsonNode.Parse("""{"nothing":true}""");
        File.WriteAllText(last, bad.ToJsonString());
        Assert.Throws<InvalidDataException>(() => ZygotomeServer.Build(Options(files), _clock));

        File.WriteAllText(last, good);
        _clock.Advance(TimeSpan.FromDays(2));
        Assert.Equal(ProjectFolder.DemoJobs, await Serve(Options(files)));
        using var connection = Store.Database.ReadOnly(DatabaseFile).Connect();
        var instants = connection
            .Query<byte[]>("SELECT bytes FROM journal WHERE job IN ('J-0139', 'J-0150', 'J-0154')")
            .Select(b => JsonDocument.Parse(b).RootElement.GetProperty("recordedAt").GetDateTimeOffset());
        Assert.All(instants, at => Assert.True(at <= Morning.Wednesday, $"{at}"));
        Assert.Equal(
            connection.ExecuteScalar<int>("SELECT COUNT(*) FROM journal"),
            Directory
                .EnumerateFiles(Path.Combine(files, "jobs"))
                .Sum(f => JsonDocument.Parse(File.ReadAllText(f)).RootElement.GetProperty("entries").GetArrayLength())
        );
    }
}
