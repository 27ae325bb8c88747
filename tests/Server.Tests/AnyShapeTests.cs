using System.Net;
using System.Text;
using System.Text.Json;
using System.Text.Json.Nodes;
using Xunit;
using Zygotome.Core.Journal;

namespace Zygotome.Server.Tests;

/// <summary>
/// Whatever a client sends, the answer is ours to give: done, or refused with what and where; and what was taken can be
/// looked at afterwards.
/// </summary>
public sealed class AnyShapeTests : WithServer
{
    private static readonly string[] Jobs =
    [
        "J-0139",
        "J-0147",
        "J-0148",
        "J-0150",
        "J-0151",
        "J-0152",
        "J-0153",
        "J-0154",
    ];

    private int _taken;
    private int _refused;

    private async Task Clear(HttpRequestMessage request, string what, Api? by = null)
    {
        using var response = await (by ?? Client).Client.SendAsync(request);
        var text = await response.Content.ReadAsStringAsync();
        Assert.True((int)response.StatusCode < 500, $"{response.StatusCode} for {what}: {text}");
        if (response.IsSuccessStatusCode)
        {
            _taken++;
            return;
        }

        _refused++;
        Assert.True(
            response.Content.Headers.ContentType?.MediaType == "application/problem+json",
            $"{what}: {response.Content.Headers.ContentType}"
        );
        var problem = JsonDocument.Parse(text).RootElement;
        Assert.True(
            problem.GetProperty("code").GetString()!.Length > 3
                && problem.GetProperty("title").GetString()!.Length > 10
                && problem.TryGetProperty("where", out _),
            $"{what}: {text}"
        );
        Assert.DoesNotContain("Exception", text, StringComparison.Ordinal);
    }

    private static StringContent Json(JsonNode? body) =>
        new(body?.ToJsonString() ?? "null", Encoding.UTF8, "application/json");

    private string Filled(string path, Random random)
    {
        string[] odd =
        [
            "0",
            "1",
            "-1",
            "99999999999999999999",
            "wing-left",
            "%2e%2e",
            "plan",
            "below",
            new string('x', 300),
        ];
        return string.Join(
            '/',
            path.Split('/')
                .Select(p =>
                    !p.Contains('{') ? p
                    : p.Replace(
                            "{id}",
                            path.StartsWith("/api/jobs", StringComparison.Ordinal) ? Jobs[random.Next(Jobs.Length)]
                                : path.StartsWith("/api/sheets", StringComparison.Ordinal) ? "plimsey-1400"
                                : "c-quill",
                            StringComparison.Ordinal
                        )
                        .Replace("{list}", random.Next(2) == 0 ? "parts" : "nothing", StringComparison.Ordinal)
                        is var named
                    && named.Contains('{')
                        ? $"{odd[random.Next(odd.Length)]}{named[(named.IndexOf('}') + 1)..]}"
                    : named
                )
        );
    }

    /// <summary>Everything that can be looked at still can, whatever was recorded.</summary>
    private async Task Look()
    {
        string[] views =
        [
            "",
            "/receive",
            "/unpack",
            "/steps",
            "/bind",
            "/throws",
            "/balance",
            "/handover",
            "/drawing/below",
            "/drawing/side",
        ];
        foreach (
            var path in Jobs.SelectMany(j => views.Select(v => $"/api/jobs/{j}{v}"))
                .Concat([
                    "/api/jobs",
                    "/api/bench",
                    "/api/bench/cures",
                    "/api/sheets",
                    "/api/drafts",
                    "/api/customers",
                    "/api/shop",
                ])
        )
        {
            using var response = await Client.Client.GetAsync(path);
            Assert.True(response.StatusCode == HttpStatusCode.OK, $"{path}: {response.StatusCode}");
        }

        foreach (var job in Jobs)
        {
            var kept = Application.Job(job);
            Assert.Equal(kept.State.Seq, Replay.Of(Core.Job.Stages.Unopened(kept.State.Filed), kept.Journal).Seq);
        }
    }

    [Theory]
    [InlineData(1)]
    [InlineData(2)]
    public async Task No_request_of_any_shape_is_answered_with_a_failure_of_ours(int seed)
    {
        var random = new Random(seed);
        var document = await Client.Get("/openapi/v1.json");
        var shapes = new Shapes(document, random);
        foreach (
            var path in document
                .GetProperty("paths")
                .EnumerateObject()
                .Where(p =>
                    p.Name is not ("/api/sign-in" or "/api/sign-out")
                    && !p.Name.StartsWith("/api/shop/people", StringComparison.Ordinal)
                )
        )
        {
            foreach (var method in path.Value.EnumerateObject())
            {
                var schema =
                    method.Value.TryGetProperty("requestBody", out var body)
                    && body.GetProperty("content").EnumerateObject().FirstOrDefault().Value
                        is { ValueKind: JsonValueKind.Object } content
                    && content.TryGetProperty("schema", out var found)
                        ? found
                        : default;
                for (var i = 0; i < (schema.ValueKind == JsonValueKind.Undefined ? 6 : 40); i++)
                {
                    var target = Filled(path.Name, random);
                    var sent =
                        schema.ValueKind == JsonValueKind.Undefined ? null : shapes.Of(schema, wild: i % 4 * 0.06);
                    using var request = new HttpRequestMessage(HttpMethod.Parse(method.Name), target)
                    {
                        Content = method.Name is "get" or "delete" ? null : Json(sent),
                    };
                    await Clear(request, $"{method.Name} {target} {sent?.ToJsonString()}");
                }
            }
        }

        Assert.True(
            _taken > 50 && _refused > 200,
            $"{_taken} taken, {_refused} refused: too few of one kind to show anything"
        );
        await Look();
    }

    [Theory]
    [InlineData(3)]
    [InlineData(4)]
    public async Task No_entry_of_any_shape_breaks_a_job_or_its_views(int seed)
    {
        var random = new Random(seed);
        var document = await Client.Get("/openapi/v1.json");
        var shapes = new Shapes(document, random);
        using var lead = await Api.SignedIn(Application, "ithorne");
        foreach (var kind in Core.Job.Stages.Kinds.All)
        {
            var schema = shapes.Resolve($"#/components/schemas/Entry.{kind.Body.Name}");
            for (var i = 0; i < 30; i++)
            {
                var job = Jobs[random.Next(Jobs.Length)];
                var entry = new JsonObject
                {
                    ["entryId"] = Guid.NewGuid().ToString(),
                    ["type"] = kind.Type,
                    ["body"] = shapes.Of(schema, wild: i % 3 * 0.05),
                    ["observedAt"] = Application.Clock.GetUtcNow().ToString("O"),
                    ["expectedSeq"] = Application.Job(job).State.Seq,
                };
                var sent = new JsonObject { ["entries"] = new JsonArray(entry), ["look"] = "look" };
                using var request = new HttpRequestMessage(HttpMethod.Post, $"/api/jobs/{job}/entries")
                {
                    Content = Json(sent),
                };
                await Clear(request, $"{job} {sent.ToJsonString()}", i % 2 == 0 ? lead : Client);
            }
        }

        Assert.True(
            _taken > 60 && _refused > 300,
            $"{_taken} taken, {_refused} refused: too few of one kind to show anything"
        );
        await Look();
    }
}
