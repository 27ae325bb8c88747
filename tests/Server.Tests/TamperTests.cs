using System.Net.Http.Headers;
using System.Text.Json;
using Dapper;
using Microsoft.Data.Sqlite;
using SkiaSharp;
using Xunit;
using Zygotome.Store;
using Zygotome.Tests;

namespace Zygotome.Server.Tests;

/// <summary>
/// A shop with everything in it that can be changed past the program: made once, stopped, and copied.
/// </summary>
public sealed class TamperedShop : IAsyncLifetime
{
    private readonly DirectoryInfo _folder = Directory.CreateTempSubdirectory("zygotome-tamper");

    public async ValueTask InitializeAsync()
    {
        await using var application = await Application.Start(ui: false);
        using var client = await Api.SignedIn(application);
        var hash = await Picture(client);
        (await client.Record("J-0154", "receive/box-photo", new { hash, note = "torn" })).Status.Ok();
        (
            await client.Send(
                HttpMethod.Post,
                "/api/sheets/plimsey-1400/1/answers",
                JsonSerializer.Serialize(
                    new
                    {
                        version = 1,
                        flag = (await client.Get("/api/sheets/plimsey-1400/1/flags"))[0]
                            .GetProperty("flag")
                            .GetProperty("id")
                            .GetString(),
                        answer = "asPrinted",
                        note = "looked",
                    }
                )
            )
        ).Status.Ok();
        await client.FinishNearlyReady();
        (await client.Ask("J-0139", "release", new { }, application.Job("J-0139").State.Seq)).Status.Ok();
        await application.Stop();
        foreach (var file in Directory.GetFiles(application.Data, "zygotome.*"))
        {
            File.Copy(file, Path.Combine(_folder.FullName, Path.GetFileName(file)));
        }
    }

    public ValueTask DisposeAsync()
    {
        _folder.Delete(recursive: true);
        return ValueTask.CompletedTask;
    }

    /// <summary>A copy to tamper with: the database, its seal beside it.</summary>
    public string Copy(string into)
    {
        foreach (var file in _folder.GetFiles())
        {
            file.CopyTo(Path.Combine(into, file.Name));
        }

        return Path.Combine(into, ZygotomeServer.DatabaseFile);
    }

    private static async Task<string> Picture(Api client)
    {
        using var bitmap = new SKBitmap(64, 48);
        bitmap.Erase(SKColors.Coral);
        using var data = bitmap.Encode(SKEncodedImageFormat.Png, 90);
        using var content = new ByteArrayContent(data.ToArray());
        content.Headers.ContentType = new MediaTypeHeaderValue("image/png");
        using var answer = await client.Client.PostAsync("/api/photos", content);
        return JsonDocument
            .Parse(await answer.Content.ReadAsStringAsync())
            .RootElement.GetProperty("hash")
            .GetString()!;
    }
}

/// <summary>Whatever is changed past the program is found and named.</summary>
public sealed class TamperTests(TamperedShop shop) : IClassFixture<TamperedShop>, IDisposable
{
    private readonly DirectoryInfo _folder = Directory.CreateTempSubdirectory("zygotome-tampered");

    public void Dispose() => _folder.Delete(recursive: true);

    private string Copied => shop.Copy(_folder.FullName);

    private static VerificationResult Look(string file, string? printed = null) =>
        Verification.Run(file, Core.Job.Stages.Kinds, printed);

    // As somebody with the file and a database tool, who puts the guards back afterwards.
    private static void Change(string file, params string[] sql) =>
        Change(
            file,
            connection =>
            {
                foreach (var one in sql)
                {
                    Assert.True(connection.Execute(one) > 0, $"{one} changed nothing");
                }
            }
        );

    private static void Change(string file, Action<SqliteConnection> change)
    {
        using var connection = new SqliteConnection($"Data Source={file};Pooling=False;Foreign Keys=False");
        connection.Open();
        var guards = connection
            .Query<(string Name, string Sql)>("SELECT name, sql FROM sqlite_master WHERE type = 'trigger'")
            .AsList();
        guards.ForEach(g => connection.Execute($"DROP TRIGGER {g.Name}"));
        change(connection);
        guards.ForEach(g => connection.Execute(g.Sql));
    }

    [Fact]
    public void A_shop_nobody_tampered_with_is_sound()
    {
        var result = Look(Copied);
        Assert.True(result.Sound, result.Words);
        Assert.True(
            result is { Entries: > 150, Registered: > 15 } && result.Jobs == ProjectFolder.DemoJobs,
            result.Words
        );
    }

    public static TheoryData<string, string> Edits
    {
        get
        {
            var data = new TheoryData<string, string>();
            foreach (
                var edit in File.ReadAllText(ProjectFolder.File("tests", "Server.Tests", "tampering.sql"))
                    .Split("\n\n")
                    .Skip(1)
                    .Select(e => e.Split('\n', 2))
            )
            {
                data.Add(edit[1], edit[0].TrimStart('-', ' '));
            }

            return data;
        }
    }

    [Theory]
    [MemberData(nameof(Edits))]
    public void Each_edit_is_found_and_named(string sql, string named)
    {
        var file = Copied;
        Change(file, sql);
        var result = Look(file);
        Assert.False(result.Sound);
        Assert.Contains(named, result.Words, StringComparison.Ordinal);
    }

    [Fact]
    public void A_tail_cut_together_with_all_that_says_where_it_ended_is_found_by_the_seal()
    {
        var file = Copied;
        Change(
            file,
            "DELETE FROM journal WHERE shop_seq > (SELECT MAX(shop_seq) - 3 FROM journal)",
            "UPDATE journal_head SET shop_seq = (SELECT MAX(shop_seq) FROM journal), shop_hash = (SELECT shop_hash "
                + "FROM "
                + "journal ORDER BY shop_seq DESC LIMIT 1)"
        );
        Assert.Contains("were sealed: what was recorded after is missing", Look(file).Words, StringComparison.Ordinal);
    }

    [Fact]
    public void A_history_written_anew_from_its_first_entry_with_every_hash_right_is_found_by_the_seal_and_by_a_printed_one()
    {
        var file = Copied;
        var printed = SealFile.Read(SealFile.Beside(file))!.Short;
        Assert.True(Look(file, printed).Sound);
        Change(file, Rewritten);
        var words = Look(file).Words;
        Assert.Contains("of the journal is another than was sealed", words, StringComparison.Ordinal);
        Assert.DoesNotContain("bytes are not those", words, StringComparison.Ordinal);

        // Whoever writes the seal anew as well is found by the page that somebody kept.
        File.Delete(SealFile.Beside(file));
        Database.Open(file).Dispose();
        Assert.True(Look(file).Sound, Look(file).Words);
        Assert.Contains(printed, Look(file, printed).Words, StringComparison.Ordinal);
    }

    private static void Rewritten(SqliteConnection connection)
    {
        var jobs = new Dictionary<string, byte[]>(StringComparer.Ordinal);
        var shopHash = Envelope.Beginning;
        foreach (
            var (seq, job, bytes) in connection
                .Query<(long, string, byte[])>("SELECT shop_seq, job, bytes FROM journal ORDER BY shop_seq")
                .AsList()
        )
        {
            var text = System
                .Text.Encoding.UTF8.GetString(bytes)
                .Replace("R. Vane", "R. Vance", StringComparison.Ordinal);
            var changed = System.Text.Encoding.UTF8.GetBytes(text);
            var hash = Envelope.Chain(jobs.GetValueOrDefault(job, Envelope.Beginning), changed);
            shopHash = Envelope.Chain(shopHash, hash);
            jobs[job] = hash;
            connection.Execute(
                "UPDATE journal SET bytes = @changed, hash = @hash, shop_hash = @shopHash WHERE shop_seq = @seq",
                new
                {
                    changed,
                    hash,
                    shopHash,
                    seq,
                }
            );
        }

        connection.Execute("UPDATE journal_head SET shop_hash = @shopHash", new { shopHash });
    }

    [Fact]
    public void A_shop_without_its_seal_is_said_to_have_none()
    {
        var file = Copied;
        File.Delete(SealFile.Beside(file));
        Assert.Equal("seal: there is none beside the database.", Assert.Single(Look(file).Found).Words);
    }

    [Fact]
    public void An_empty_halved_damaged_or_missing_file_is_said_in_words()
    {
        var file = Copied;
        var bytes = File.ReadAllBytes(file);
        File.WriteAllBytes(file, bytes[..(bytes.Length / 2)]);
        Assert.Contains("damaged", Look(file).Words, StringComparison.OrdinalIgnoreCase);
        var torn = bytes.ToArray();
        Array.Clear(torn, torn.Length / 3, torn.Length / 3);
        File.WriteAllBytes(file, torn);
        Assert.False(Look(file).Sound);
        File.WriteAllBytes(file, "nothing of the kind"u8.ToArray());
        Assert.Contains("is damaged: it is no database any more", Look(file).Words, StringComparison.Ordinal);
        File.WriteAllBytes(file, []);
        Assert.Contains("zygotome.db: is empty.", Look(file).Words, StringComparison.Ordinal);
        File.Delete(file);
        Assert.Contains("there is no such file", Look(file).Words, StringComparison.Ordinal);
    }
}
