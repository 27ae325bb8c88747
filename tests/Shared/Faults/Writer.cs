using System.Collections.Concurrent;
using System.Globalization;
using System.Net;
using System.Text.Json;
using System.Text.Json.Nodes;
using SkiaSharp;

namespace Zygotome.Tests.Faults;

/// <summary>What the server acknowledged: it may never be missing again.</summary>
internal sealed class Acknowledged
{
    public ConcurrentBag<string> Entries { get; } = [];

    public ConcurrentBag<string> Customers { get; } = [];

    public ConcurrentBag<string> Pictures { get; } = [];

    public ConcurrentBag<string> Releases { get; } = [];

    public ConcurrentBag<string> Claims { get; } = [];

    /// <summary>Enough of each kind that losing one would show.</summary>
    public bool HasSomeOfAll =>
        Entries.Count > 200 && Customers.Count > 5 && !Pictures.IsEmpty && !Claims.IsEmpty && Releases.Count > 3;

    /// <summary>Answers that no mistake of a client's explains.</summary>
    public ConcurrentBag<string> Odd { get; } = [];
}

/// <summary>
/// Somebody at a tablet: counts, receives kits with new customers, uploads pictures, claims, or finishes and releases
/// the jobs of a heap. What was not answered is sent again under its id, as the interface does.
/// </summary>
internal sealed class Writer(
    int number,
    string url,
    ConcurrentQueue<string> toRelease,
    Acknowledged acknowledged,
    Random random
) : IDisposable
{
    private static readonly string[] People = ["rvane", "ithorne", "msorrel"];
    private readonly HttpClient _client = new(new HttpClientHandler { CookieContainer = new CookieContainer() })
    {
        BaseAddress = new Uri(url),
        Timeout = TimeSpan.FromSeconds(30),
    };
    private string? _job;
    private int _pictures;

    private bool Releases => number % 6 == 0;

    public void Dispose() => _client.Dispose();

    /// <summary>
    /// One after the other: more than five new tablets of one person at once are taken for a guesser's.
    /// </summary>
    public Task SignIn(CancellationToken stop) =>
        Send("/api/sign-in", new { person = People[number % 3], pin = "2468" }, stop);

    public async Task Run(CancellationToken stop)
    {
        while (!stop.IsCancellationRequested)
        {
            await (
                Releases && toRelease.TryDequeue(out var job)
                    ? FinishAndRelease(job, stop)
                    : random.Next(100) switch
                    {
                        < 12 => Receive(stop),
                        < 24 when _job is not null && _pictures < 10 => Photograph(_job, stop),
                        < 30 => Claim(stop),
                        _ => Count(stop),
                    }
            );
        }
    }

    private Task Count(CancellationToken stop) =>
        random.Next(2) == 0
            ? Record("J-0152", "unpack/counted", new { part = "hatch-latch", delta = 1 }, stop)
            : Record("J-0154", "unpack/counted", new { part = "pushrod", delta = 1 }, stop);

    private async Task Receive(CancellationToken stop)
    {
        var (id, name) = (Guid.NewGuid().ToString(), $"Owner {number} {Guid.NewGuid():N}");
        var answer = await Send(
            "/api/jobs",
            new
            {
                entryId = id,
                customer = new
                {
                    name,
                    contact = "",
                    notes = "",
                },
                sheetId = "skerrow-64",
                sheetRevision = 1,
                battery = new
                {
                    mass = "262 g",
                    length = "105 mm",
                    width = "34 mm",
                    height = "30 mm",
                    cells = 4,
                    capacity = "2400 mAh",
                },
                receiverChannels = 6,
                promised = DateOnly.FromDateTime(Now.UtcDateTime).AddDays(4),
                shelf = "",
                balanceSchool = "forwardThird",
                observedAt = Now,
                look = "l",
            },
            stop
        );
        if (answer is not null)
        {
            acknowledged.Entries.Add(id);
            acknowledged.Customers.Add(name);
            (_job, _pictures) = (answer["jobId"]!.ToString(), 0);
        }
    }

    private async Task Photograph(string job, CancellationToken stop)
    {
        using var bitmap = new SKBitmap(40, 30);
        bitmap.Erase(new SKColor((uint)random.Next() | 0xff000000));
        using var data = bitmap.Encode(SKEncodedImageFormat.Png, 90);
        var picture = data.ToArray();
        var kept = await Answered(
            () => _client.PostAsync("/api/photos", new ByteArrayContent(picture), CancellationToken.None),
            "a picture",
            stop
        );
        if (kept?["hash"]?.ToString() is { } hash)
        {
            _pictures++;
            acknowledged.Pictures.Add(hash);
            await Record(job, "receive/box-photo", new { hash, note = "" }, stop);
        }
    }

    private async Task Claim(CancellationToken stop)
    {
        var seq = await Seq("J-0150", stop);
        var id = Guid.NewGuid().ToString();
        var answer = await Send(
            "/api/jobs/J-0150/claims",
            new
            {
                entryId = id,
                observedAt = Now,
                expectedSeq = seq,
                look = "l",
                findings = Array.Empty<string>(),
                parts = new[] { "collar" },
                wish = "",
            },
            stop
        );
        if (answer is not null)
        {
            acknowledged.Entries.Add(id);
            acknowledged.Claims.Add(id);
        }
    }

    private async Task FinishAndRelease(string job, CancellationToken stop)
    {
        await Finish(job, stop);
        var id = Guid.NewGuid().ToString();
        var answer = await Send(
            $"/api/jobs/{job}/release",
            new
            {
                entryId = id,
                observedAt = Now,
                expectedSeq = await Seq(job, stop),
                look = "look",
            },
            stop
        );
        if (answer is not null)
        {
            acknowledged.Entries.Add(id);
            acknowledged.Releases.Add(id);
        }
    }

    private async Task Finish(string job, CancellationToken stop)
    {
        var steps = await Got($"/api/jobs/{job}/steps", stop);
        await NearlyReady.Finish(
            steps!["loops"]!.AsArray()[0]!["id"]!.ToString(),
            async (type, body, decision) => await Record(job, type, body, stop, decision ? await Seq(job, stop) : null)
        );
    }

    private static DateTimeOffset Now => TimeProvider.System.GetUtcNow();

    private async Task Record(string job, string type, object body, CancellationToken stop, long? expectedSeq = null)
    {
        var id = Guid.NewGuid().ToString();
        var post = new
        {
            entries = new[]
            {
                new
                {
                    entryId = id,
                    type,
                    body,
                    observedAt = Now,
                    expectedSeq,
                },
            },
            look = "look",
        };
        if (await Send($"/api/jobs/{job}/entries", post, stop) is not null)
        {
            acknowledged.Entries.Add(id);
        }
    }

    private async Task<long> Seq(string job, CancellationToken stop) =>
        long.Parse((await Got($"/api/jobs/{job}", stop))?["seq"]?.ToString() ?? "0", CultureInfo.InvariantCulture);

    private Task<JsonNode?> Got(string path, CancellationToken stop) =>
        Answered(() => _client.GetAsync(new Uri(path, UriKind.Relative), CancellationToken.None), path, stop);

    private Task<JsonNode?> Send(string path, object body, CancellationToken stop)
    {
        // The same bytes each time.
        var bytes = JsonSerializer.SerializeToUtf8Bytes(body, JsonSerializerOptions.Web);
        return Answered(
            () =>
            {
                var content = new ByteArrayContent(bytes);
                content.Headers.ContentType = new("application/json");
                return _client.PostAsync(new Uri(path, UriKind.Relative), content, CancellationToken.None);
            },
            path,
            stop
        );
    }

    // Sent again until the server answers: null where it refused, or where it is the end.
    private async Task<JsonNode?> Answered(Func<Task<HttpResponseMessage>> send, string what, CancellationToken stop)
    {
        while (!stop.IsCancellationRequested)
        {
            try
            {
                using var answer = await send();
                var text = await answer.Content.ReadAsStringAsync(CancellationToken.None);
                if (answer.IsSuccessStatusCode)
                {
                    return text.Length > 0 ? JsonNode.Parse(text) : new JsonObject();
                }

                if (what.Contains("J-0139", StringComparison.Ordinal))
                {
                    acknowledged.Odd.Add($"DEBUG {what} {text}");
                }
                if (answer.StatusCode is not (HttpStatusCode.Conflict or HttpStatusCode.UnprocessableEntity))
                {
                    acknowledged.Odd.Add($"{what}: {(int)answer.StatusCode} {text}");
                }

                return null;
            }
            catch (Exception e) when (e is HttpRequestException or IOException or TaskCanceledException)
            {
                await Task.Delay(50, CancellationToken.None);
            }
        }

        return null;
    }
}
