using System.Net;
using System.Text.Json;
using Dapper;
using Xunit;
using Zygotome.Tests;

namespace Zygotome.Server.Tests;

/// <summary>
/// A job, a sheet or a draft that cannot be read is named in its list; lists, the bench and the start go on.
/// </summary>
public sealed class OneBreaksNoOther : WithServer
{
    private void Break()
    {
        using var connection = Application.PastTheProgram();
        connection.Execute(
            "INSERT INTO journal SELECT 9999, 'J-9999', 1, 'broken', @bytes, hash, shop_hash FROM journal LIMIT 1",
            new { bytes = "no journal"u8.ToArray() }
        );
        connection.Execute(
            "INSERT INTO sheet (id, revision, hash, bytes) VALUES ('odd', 3, 'h', @bytes)",
            new { bytes = "{ \"format\": \"zygotome-spec-sheet/9\" }"u8.ToArray() }
        );
        connection.Execute(
            "INSERT INTO draft (id, name, version, bytes, by_name, changed_at) VALUES ('d', 'Half a draft', 1, @bytes, "
                + "'R. Vane', '2026-11-26T09:00:00Z')",
            new { bytes = "{"u8.ToArray() }
        );
    }

    private static async Task<JsonElement[]> Unreadable(Api client, string path)
    {
        var (status, answer) = await client.Send(HttpMethod.Get, path, "");
        Assert.Equal(HttpStatusCode.OK, status);
        return [.. answer.GetProperty("unreadable").EnumerateArray()];
    }

    [Fact]
    public async Task The_server_starts_on_them_lists_the_rest_and_names_each()
    {
        Break();
        await Application.Restart();
        using var client = await Api.SignedIn(Application);

        // The jobs' list fills up once people are let in.
        for (var i = 0; i < 200 && (await Unreadable(client, "/api/jobs")).Length == 0; i++)
        {
            await Task.Delay(20);
        }

        Assert.Equal("J-9999", Assert.Single(await Unreadable(client, "/api/jobs")).GetProperty("id").GetString());
        Assert.Equal(ProjectFolder.DemoJobs, (await client.Get("/api/jobs")).GetProperty("jobs").GetArrayLength());
        Assert.Equal("J-9999", Assert.Single(await Unreadable(client, "/api/bench")).GetProperty("id").GetString());
        Assert.Equal(
            "odd, revision 3",
            Assert.Single(await Unreadable(client, "/api/sheets")).GetProperty("id").GetString()
        );
        Assert.Equal(10, (await client.Get("/api/sheets")).GetProperty("sheets").GetArrayLength());
        Assert.Equal(
            "Half a draft",
            Assert.Single(await Unreadable(client, "/api/drafts")).GetProperty("id").GetString()
        );

        var (status, answer) = await client.Send(HttpMethod.Get, "/api/jobs/J-9999", "");
        Assert.Equal(
            (HttpStatusCode.InternalServerError, "job/unreadable"),
            (status, answer.GetProperty("code").GetString())
        );
        (status, _) = await client.Record("J-0150", "unpack/papers", new { paper = "manual" });
        Assert.Equal(HttpStatusCode.OK, status);
    }

    [Fact]
    public async Task A_sheet_on_file_with_a_name_said_twice_and_half_a_character_is_looked_at_compared_and_mended()
    {
        var text = await File.ReadAllTextAsync(
            Zygotome.Tests.ProjectFolder.File("demo", "sheets", "plimsey-1400.sheet.json")
        );
        text = text.Replace("\"plimsey-1400\"", "\"said-twice\"", StringComparison.Ordinal)
            .Replace(
                "\"maker\":",
                "\"maker\": \"Another\", \"seal\": \"\\ud83d\", \"maker\":",
                StringComparison.Ordinal
            );
        using (var connection = Application.PastTheProgram())
        {
            connection.Execute(
                "INSERT INTO sheet (id, revision, hash, bytes) VALUES ('said-twice', 1, 'twice', @bytes)",
                new { bytes = System.Text.Encoding.UTF8.GetBytes(text) }
            );
        }

        foreach (var path in new[] { "card", "pages", "flags", "against/1" })
        {
            var at = $"/api/sheets/said-twice/1/{path}";
            Assert.Equal(HttpStatusCode.OK, (await Client.Send(HttpMethod.Get, at, "")).Status);
        }

        var (status, draft) = await Client.Send(
            HttpMethod.Post,
            "/api/drafts/revision",
            """{ "id": "said-twice", "revision": 1 }"""
        );
        Assert.Equal(HttpStatusCode.OK, status);
        (status, var filed) = await Client.Send(
            HttpMethod.Post,
            $"/api/drafts/{draft.GetProperty("id").GetString()}/file-it",
            "{}"
        );
        Assert.Equal((HttpStatusCode.OK, 2), (status, filed.GetProperty("revision").GetInt32()));
    }

    [Theory]
    [InlineData("none-such")]
    [InlineData("utf-7")]
    [InlineData("\"\"")]
    public async Task A_request_in_an_unknown_alphabet_is_refused_with_the_place(string charset)
    {
        using var request = new HttpRequestMessage(HttpMethod.Post, "/api/jobs/J-0150/entries")
        {
            Content = new ByteArrayContent("{}"u8.ToArray()),
        };
        request.Content.Headers.TryAddWithoutValidation("Content-Type", $"application/json; charset={charset}");
        using var response = await Client.Client.SendAsync(request);
        var answer = JsonDocument.Parse(await response.Content.ReadAsStringAsync()).RootElement;
        Assert.Equal(
            (HttpStatusCode.UnsupportedMediaType, "request/charset", "header Content-Type"),
            (response.StatusCode, answer.GetProperty("code").GetString(), answer.GetProperty("where").GetString())
        );
    }

    [Theory]
    [InlineData("0001-01-01T00:00:00Z")]
    [InlineData("0001-01-01T00:00:00+14:00")]
    [InlineData("9999-12-31T23:59:59-14:00")]
    [InlineData("2020-01-01T00:00:00Z")]
    public async Task An_instant_of_another_age_is_refused_with_the_place(string observedAt)
    {
        var body = $$"""
            { "look": "look", "entries": [
              { "entryId": "e-1", "type": "unpack/papers", "body": { "paper": "manual" }, "observedAt": "{{observedAt}}" } ] }
            """;
        var (status, answer) = await Client.Send(HttpMethod.Post, "/api/jobs/J-0150/entries", body);
        Assert.True((int)status is 400 or 422, $"{status} {answer}");
        Assert.Contains("observedAt", answer.GetProperty("where").GetString(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_number_of_twenty_eight_digits_is_refused_with_the_place()
    {
        var (status, answer) = await Client.Record(
            "J-0150",
            "receive/add-on",
            new { name = "lights", mass = $"{new string('9', 28)} g" }
        );
        Assert.Equal(HttpStatusCode.UnprocessableEntity, status);
        Assert.Equal("entries[0].body.mass", answer.GetProperty("where").GetString());
        Assert.Contains("larger than any quantity", answer.GetProperty("title").GetString(), StringComparison.Ordinal);
    }
}
