using System.Net;
using System.Net.Http.Json;
using System.Text;
using System.Text.Json;
using Zygotome.Core.Build;
using Zygotome.Tests;
using Zygotome.Tests.Faults;

namespace Zygotome.Server.Tests;

/// <summary>A signed-in client of the real server.</summary>
internal sealed class Api : IDisposable
{
    // The tests turn the server's clock; what is sent bears its time.
    private readonly Func<DateTimeOffset> _now;
    private readonly Application _application;
    private readonly CookieContainer _cookies = new();

    private Api(Application application)
    {
        _application = application;
        _now = application.Clock.GetUtcNow;
        Client = new HttpClient(new HttpClientHandler { CookieContainer = _cookies })
        {
            BaseAddress = new Uri(application.Url),
        };
    }

    public HttpClient Client { get; }

    /// <summary>What this browser would send.</summary>
    public string Cookies => _cookies.GetCookieHeader(Client.BaseAddress!);

    /// <summary>Another with the same cookies, at the same server or at the one started after it.</summary>
    public Api Copy(Application? at = null)
    {
        var copy = new Api(at ?? _application);
        copy._cookies.SetCookies(copy.Client.BaseAddress!, Cookies.Replace("; ", ",", StringComparison.Ordinal));
        return copy;
    }

    public static Api Stranger(Application application) => new(application);

    public static async Task<Api> SignedIn(Application application, string person = "rvane")
    {
        var api = new Api(application);
        (await api.Client.PostAsJsonAsync("/api/sign-in", new { person, pin = "2468" })).EnsureSuccessStatusCode();
        return api;
    }

    public async Task<JsonElement> Get(string path) => await Client.GetFromJsonAsync<JsonElement>(path);

    public async Task<(HttpStatusCode Status, JsonElement Answer)> Send(
        HttpMethod method,
        string path,
        string body,
        string mediaType = "application/json"
    )
    {
        using var request = new HttpRequestMessage(method, path)
        {
            Content = new StringContent(body, Encoding.UTF8, mediaType),
        };
        using var response = await Client.SendAsync(request);
        var text = await response.Content.ReadAsStringAsync();
        return (response.StatusCode, text.Length > 0 ? JsonDocument.Parse(text).RootElement : default);
    }

    /// <summary>Posts one entry of a job.</summary>
    public Task<(HttpStatusCode Status, JsonElement Answer)> Record(
        string job,
        string type,
        object body,
        long? expectedSeq = null,
        string? id = null,
        string look = "look"
    ) =>
        Send(
            HttpMethod.Post,
            $"/api/jobs/{job}/entries",
            JsonSerializer.Serialize(
                new
                {
                    entries = new[]
                    {
                        new
                        {
                            entryId = id ?? Guid.NewGuid().ToString(),
                            type,
                            body,
                            observedAt = _now(),
                            expectedSeq,
                        },
                    },
                    look,
                }
            )
        );

    /// <summary>Asks for what the server writes itself, at its own door: "claims", "release".</summary>
    public Task<(HttpStatusCode Status, JsonElement Answer)> Ask(
        string job,
        string door,
        object body,
        long expectedSeq,
        string? id = null
    )
    {
        var asked = JsonSerializer.SerializeToNode(body)!.AsObject();
        asked["entryId"] = id ?? Guid.NewGuid().ToString();
        asked["observedAt"] = _now();
        asked["expectedSeq"] = expectedSeq;
        asked["look"] = "look";
        return Send(HttpMethod.Post, $"/api/jobs/{job}/{door}", asked.ToJsonString());
    }

    /// <summary>One look: isolated, transmitter on, pack connected.</summary>
    public async Task Power(string job, string motor = "nose")
    {
        var seq = (await Get($"/api/jobs/{job}")).GetProperty("seq").GetInt64();
        await Record(
            job,
            "build/lamps",
            new
            {
                said = new[]
                {
                    new
                    {
                        lamp = "wires",
                        of = motor,
                        @is = "off",
                    },
                    new
                    {
                        lamp = "transmitter",
                        of = "",
                        @is = "cutSet",
                    },
                    new
                    {
                        lamp = "pack",
                        of = "",
                        @is = "connected",
                    },
                    new
                    {
                        lamp = "memory",
                        of = "",
                        @is = "theOneBound",
                    },
                },
            },
            seq
        );
    }

    /// <summary>Brings the demo's nearly ready job to where only its release is left.</summary>
    public Task FinishNearlyReady() =>
        NearlyReady.Finish(
            _application.Job(NearlyReady.Job).State.Build.Loops.Single().Id,
            (type, body, decision) =>
                Record(NearlyReady.Job, type, body, decision ? _application.Job(NearlyReady.Job).State.Seq : null)
        );

    /// <summary>Receives a kit from somebody the shop does not know yet.</summary>
    public Task<(HttpStatusCode Status, JsonElement Answer)> Receive(
        string entryId,
        string customer,
        string sheet = "skerrow-64",
        string mass = "262 g"
    ) =>
        Send(
            HttpMethod.Post,
            "/api/jobs",
            JsonSerializer.Serialize(
                new
                {
                    entryId,
                    customer = new
                    {
                        name = customer,
                        contact = "",
                        notes = "",
                    },
                    sheetId = sheet,
                    sheetRevision = 1,
                    battery = new
                    {
                        mass,
                        length = "105 mm",
                        width = "34 mm",
                        height = "30 mm",
                        cells = 4,
                        capacity = "2400 mAh",
                    },
                    receiverChannels = 6,
                    promised = DateOnly.FromDateTime(_now().UtcDateTime).AddDays(4),
                    shelf = "",
                    balanceSchool = "forwardThird",
                    observedAt = _now(),
                    look = "l",
                }
            )
        );

    public void Dispose() => Client.Dispose();
}

internal static class Statuses
{
    /// <summary>Fails where something that prepares a test was not done.</summary>
    public static void Ok(this HttpStatusCode status)
    {
        if (status is not (HttpStatusCode.OK or HttpStatusCode.NoContent))
        {
            throw new InvalidOperationException($"{status}");
        }
    }
}
