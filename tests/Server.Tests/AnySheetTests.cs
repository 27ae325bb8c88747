using System.Net;
using System.Security.Cryptography;
using System.Text;
using System.Text.Json;
using System.Text.Json.Nodes;
using Dapper;
using Xunit;
using Zygotome.Tests;

namespace Zygotome.Server.Tests;

/// <summary>
/// Sheets with something wrong are refused with the places or taken, and a job on one that an older version let in can
/// be opened, looked at from every side and moved on; nothing is ever answered with a failure of ours.
/// </summary>
public sealed class AnySheetTests : WithServer
{
    private static readonly string[] Views =
    [
        "",
        "/receive",
        "/unpack",
        "/steps",
        "/bind",
        "/throws",
        "/balance",
        "/handover",
        "/journal",
        "/drawing/plan",
        "/drawing/below",
        "/drawing/side",
    ];

    private async Task<JsonElement> Clear(HttpMethod method, string path, string body, string what)
    {
        var (status, answer) = await Client.Send(method, path, body);
        Assert.True((int)status < 500, $"{method} {path}: {status} {answer} for {what}");
        return answer;
    }

    // As a version without today's strict door put it there.
    private void OnFile(byte[] bytes, string id, int revision)
    {
        using var connection = Application.PastTheProgram();
        connection.Execute(
            "INSERT INTO sheet (id, revision, hash, bytes) VALUES (@id, @revision, @hash, @bytes); "
                + "INSERT INTO sheet_list (id, revision, name, words) VALUES (@id, @revision, @id, @id)",
            new
            {
                id,
                revision,
                hash = Convert.ToHexStringLower(SHA256.HashData(bytes)),
                bytes,
            }
        );
    }

    [Theory]
    [InlineData(1)]
    [InlineData(2)]
    public async Task No_sheet_brings_the_shop_down(int seed)
    {
        var random = new Random(seed);
        string[] demo =
        [
            .. Directory
                .GetFiles(ProjectFolder.File("demo", "sheets"))
                .Order(StringComparer.Ordinal)
                .Select(File.ReadAllText),
        ];
        var (refused, opened) = (0, 0);
        for (var n = 0; n < 40; n++)
        {
            var (sheet, changed) = MutatedSheet.Of(demo[random.Next(demo.Length)], random);
            var file = JsonNode.Parse(changed)!.AsObject();
            if (file["kit"] is not JsonObject kit)
            {
                continue;
            }

            (kit["id"], kit["revision"]) = ($"odd-{n}", 1);
            var bytes = Encoding.UTF8.GetBytes(file.ToJsonString());
            var answer = await Clear(HttpMethod.Post, "/api/sheets", file.ToJsonString(), "import");
            if (answer.TryGetProperty("code", out _))
            {
                refused++;
                OnFile(bytes, $"odd-{n}", 1);
            }

            foreach (var path in new[] { "/card", "/pages", "/flags", "/parts.csv", "/throws.csv" })
            {
                using var page = await Client.Client.GetAsync($"/api/sheets/odd-{n}/1{path}");
                Assert.True((int)page.StatusCode < 500, $"{path}: {page.StatusCode} for {file.ToJsonString()}");
            }

            (var status, answer) = await Client.Receive($"open-{n}", "A. Odd", $"odd-{n}");
            Assert.True((int)status < 500, $"opening: {status} {answer} for {file.ToJsonString()}");
            if (sheet is null || !answer.TryGetProperty("jobId", out var id))
            {
                continue;
            }

            opened++;
            foreach (var view in Views)
            {
                await Clear(HttpMethod.Get, $"/api/jobs/{id}{view}", "", file.ToJsonString());
            }
        }

        foreach (
            var list in new[]
            {
                "/api/jobs?most=100",
                "/api/bench",
                "/api/bench/cures",
                "/api/sheets?most=60",
                "/api/drafts",
            }
        )
        {
            var (found, _) = await Client.Send(HttpMethod.Get, list, "");
            Assert.Equal(HttpStatusCode.OK, found);
        }

        Assert.Empty((await Client.Get("/api/jobs?most=100")).GetProperty("unreadable").EnumerateArray());
        Assert.True(refused > 15 && opened > 25, $"{refused} refused, {opened} opened: too few to show anything");
    }
}
