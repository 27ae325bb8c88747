using System.Net;
using System.Net.Http.Json;
using System.Text.Json;
using Microsoft.Extensions.DependencyInjection;
using Xunit;
using Zygotome.Server.Door;
using Zygotome.Tests;

namespace Zygotome.Server.Tests;

/// <summary>A shop is made once, by whoever stands at the machine that serves it.</summary>
public sealed class FirstStartTests : IAsyncLifetime
{
    private Application _application = null!;
    private Api _client = null!;

    public async ValueTask InitializeAsync()
    {
        _application = await Application.Start(ui: false, demo: false);
        _client = Api.Stranger(_application);
    }

    public async ValueTask DisposeAsync()
    {
        _client.Dispose();
        await _application.DisposeAsync();
    }

    private string? Code => _application.Services.GetRequiredService<FirstStart>().Code;

    private Task<(HttpStatusCode Status, JsonElement Answer)> Found(
        string? code = null,
        string pin = "7193",
        string zone = "Europe/London",
        string name = "A. First",
        string shop = "Quiet Bench"
    ) =>
        _client.Send(
            HttpMethod.Post,
            "/api/first-start",
            JsonSerializer.Serialize(
                new
                {
                    code = code ?? Code ?? "",
                    shop,
                    timeZone = zone,
                    name,
                    pin,
                }
            )
        );

    [Fact]
    public async Task Until_it_is_made_nothing_else_answers()
    {
        var door = await _client.Get("/api/sign-in");
        Assert.True(door.GetProperty("firstStart").GetBoolean());
        Assert.Equal(0, door.GetProperty("people").GetArrayLength());
        foreach (var path in new[] { "/api/jobs", "/api/me", "/api/shop", "/openapi/v1.json", "/live" })
        {
            using var answer = await _client.Client.GetAsync(path);
            Assert.Equal((path, HttpStatusCode.ServiceUnavailable), (path, answer.StatusCode));
            Assert.Contains("first-start/waits", await answer.Content.ReadAsStringAsync(), StringComparison.Ordinal);
        }

        using var signIn = await _client.Client.PostAsJsonAsync("/api/sign-in", new { person = "lead", pin = "0000" });
        Assert.Equal(HttpStatusCode.ServiceUnavailable, signIn.StatusCode);
    }

    [Fact]
    public async Task Whoever_has_the_code_becomes_its_first_lead_with_a_pin_they_choose_and_the_code_is_gone()
    {
        var code = Code!;
        var (status, first) = await Found();
        Assert.Equal((HttpStatusCode.OK, "lead"), (status, first.GetProperty("role").GetString()));
        Assert.Null(Code);
        Assert.Equal("Quiet Bench", (await _client.Get("/api/shop")).GetProperty("name").GetString());
        Assert.Equal(0, (await _client.Get("/api/jobs")).GetProperty("all").GetInt32());
        Assert.Equal(HttpStatusCode.Conflict, (await Found(code, name: "A. Second")).Status);
        Assert.Equal(1, (await _client.Get("/api/shop/people")).GetArrayLength());
    }

    [Fact]
    public async Task The_code_is_not_guessed()
    {
        var code = Code!;
        for (var i = 0; i < 5; i++)
        {
            var (wrong, answer) = await Found($"AAAA-AAA{i}");
            Assert.Equal((HttpStatusCode.Unauthorized, "code"), (wrong, answer.GetProperty("where").GetString()));
        }

        Assert.Equal(HttpStatusCode.TooManyRequests, (await Found(code)).Status);
        _application.Clock.Advance(TimeSpan.FromSeconds(31));
        Assert.Equal(HttpStatusCode.OK, (await Found(code.ToLowerInvariant())).Status);
    }

    [Fact]
    public async Task What_does_not_fit_is_said_and_the_shop_waits_on()
    {
        async Task<(HttpStatusCode, string?)> Where(
            string pin = "7193",
            string zone = "Europe/London",
            string name = "A. First",
            string shop = "Quiet Bench"
        )
        {
            var (status, answer) = await Found(null, pin, zone, name, shop);
            return (status, answer.GetProperty("where").GetString());
        }

        Assert.Equal((HttpStatusCode.UnprocessableEntity, "pin"), await Where(pin: "1234"));
        Assert.Equal((HttpStatusCode.UnprocessableEntity, "timeZone"), await Where(zone: "Nowhere/Atall"));
        Assert.Equal((HttpStatusCode.UnprocessableEntity, "name"), await Where(name: "  "));
        Assert.Equal((HttpStatusCode.UnprocessableEntity, "shop"), await Where(shop: ""));
        Assert.NotNull(Code);
    }

    [Fact]
    public async Task Two_who_have_the_code_make_one_shop()
    {
        var code = Code!;
        var answers = await Task.WhenAll(
            Enumerable.Range(0, 4).Select(i => Task.Run(() => Found(code, name: $"P. {i}")))
        );
        Assert.Single(answers, a => a.Status == HttpStatusCode.OK);
        Assert.Equal(1, (await _client.Get("/api/sign-in")).GetProperty("people").GetArrayLength());
    }

    [Fact]
    public async Task Each_start_prints_another_code_until_somebody_works_there()
    {
        var before = Code;
        await _application.Restart();
        Assert.NotEqual(before, Code);
    }
}
