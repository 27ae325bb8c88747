using System.Net;
using System.Net.Http.Json;
using System.Text;
using System.Text.Json;
using Zygotome.Tests;

namespace Zygotome.Server.Tests;

/// <summary>A signed-in client of the real server.</summary>
internal sealed class Api : IDisposable
{
    private readonly HttpClient _client;

    private Api(Application application) =>
        _client = new HttpClient(new HttpClientHandler { CookieContainer = new CookieContainer() })
        {
            BaseAddress = new Uri(application.Url),
        };

    public HttpClient Client => _client;

    public static Api Stranger(Application application) => new(application);

    public static async Task<Api> SignedIn(Application application, string person = "rvane")
    {
        var api = new Api(application);
        (await api._client.PostAsJsonAsync("/api/sign-in", new { person, pin = "2468" })).EnsureSuccessStatusCode();
        return api;
    }

    public async Task<JsonElement> Get(string path) => await _client.GetFromJsonAsync<JsonElement>(path);

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
        using var response = await _client.SendAsync(request);
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
                            observedAt = DateTimeOffset.UtcNow,
                            expectedSeq,
                        },
                    },
                    look,
                }
            )
        );

    public async Task Power(string job, string propeller = "off")
    {
        await Record(job, "build/propeller", new { state = propeller });
        await Record(job, "build/transmitter", new { state = "onCutSet" });
        var seq = (await Get($"/api/jobs/{job}")).GetProperty("seq").GetInt64();
        await Record(job, "build/pack", new { state = "connected" }, seq);
    }

    public void Dispose() => _client.Dispose();
}
