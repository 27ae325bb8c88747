using System.Net;
using System.Net.Http.Json;
using System.Net.WebSockets;
using System.Text;
using System.Text.Json;
using Xunit;

namespace Zygotome.Server.Tests;

/// <summary>A sign-in is the server's: what a browser holds opens nothing once it has ended.</summary>
public sealed class SessionTests : WithServer
{
    private async Task<HttpStatusCode> Me(Api? at = null) =>
        (await (at ?? Client).Client.GetAsync("/api/me")).StatusCode;

    private static Task<(HttpStatusCode Status, JsonElement Answer)> Put(Api by, string path, object body) =>
        by.Send(HttpMethod.Put, $"/api/shop/people/{path}", JsonSerializer.Serialize(body));

    [Fact]
    public async Task Signing_out_ends_it_for_every_copy_of_its_cookie()
    {
        using var copy = Client.Copy();
        Assert.Equal(HttpStatusCode.OK, await Me(copy));
        Assert.Equal(HttpStatusCode.NoContent, (await Client.Client.PostAsync("/api/sign-out", null)).StatusCode);
        Assert.Equal((HttpStatusCode.Unauthorized, HttpStatusCode.Unauthorized), (await Me(), await Me(copy)));
    }

    [Fact]
    public async Task Somebody_else_signing_in_at_a_device_ends_the_sign_in_before()
    {
        using var copy = Client.Copy();
        await Client.Client.PostAsJsonAsync("/api/sign-in", new { person = "ithorne", pin = "2468" });
        Assert.Equal((HttpStatusCode.OK, HttpStatusCode.Unauthorized), (await Me(), await Me(copy)));
    }

    [Fact]
    public async Task It_ends_when_its_person_leaves_and_their_name_is_no_longer_at_the_door()
    {
        using var lead = await Api.SignedIn(Application, "ithorne");
        Assert.Equal(HttpStatusCode.NoContent, (await lead.Client.DeleteAsync("/api/shop/people/rvane")).StatusCode);
        Assert.Equal(HttpStatusCode.Unauthorized, await Me());
        Assert.Equal(
            HttpStatusCode.Unauthorized,
            (await Client.Client.PostAsJsonAsync("/api/sign-in", new { person = "rvane", pin = "2468" })).StatusCode
        );
        Assert.DoesNotContain("rvane", (await lead.Get("/api/sign-in")).GetRawText(), StringComparison.Ordinal);

        // What they recorded stays theirs, and nobody is taken for them.
        Assert.Contains(Application.Job("J-0147").Journal, e => e.By.Id == "rvane");
        var (_, again) = await lead.Send(
            HttpMethod.Post,
            "/api/shop/people",
            """{"name":"R. Vane","role":"counter","pin":"7193"}"""
        );
        Assert.Equal("rvane-2", again.GetProperty("id").GetString());
    }

    [Fact]
    public async Task It_ends_when_its_person_is_changed_and_the_role_is_the_shops_from_then_on()
    {
        using var lead = await Api.SignedIn(Application, "ithorne");
        using var other = await Api.SignedIn(Application, "ithorne");
        Assert.Equal(HttpStatusCode.Forbidden, (await Client.Client.GetAsync("/api/shop/people")).StatusCode);
        await Put(lead, "rvane", new { name = "R. Vane", role = "lead" });
        Assert.Equal(HttpStatusCode.Unauthorized, await Me());
        using var now = await Api.SignedIn(Application, "rvane");
        Assert.Equal(HttpStatusCode.OK, (await now.Client.GetAsync("/api/shop/people")).StatusCode);
        await Put(now, "ithorne", new { name = "I. Thorne", role = "counter" });
        Assert.Equal((HttpStatusCode.Unauthorized, HttpStatusCode.Unauthorized), (await Me(lead), await Me(other)));
        await Put(now, "rvane/pin", new { pin = "7193" });
        Assert.Equal(HttpStatusCode.Unauthorized, await Me(now));
    }

    [Fact]
    public async Task There_is_always_a_lead()
    {
        using var lead = await Api.SignedIn(Application, "ithorne");
        var (status, answer) = await Put(lead, "ithorne", new { name = "I. Thorne", role = "technician" });
        Assert.Equal(
            (HttpStatusCode.UnprocessableEntity, "people/last-lead"),
            (status, answer.GetProperty("code").GetString())
        );
        Assert.Equal(
            HttpStatusCode.UnprocessableEntity,
            (await lead.Client.DeleteAsync("/api/shop/people/ithorne")).StatusCode
        );
        Assert.Equal(HttpStatusCode.OK, await Me(lead));
    }

    [Fact]
    public async Task It_ends_after_twelve_idle_hours_and_after_a_day_in_any_case()
    {
        Application.Clock.Advance(TimeSpan.FromHours(11));
        Assert.Equal(HttpStatusCode.OK, await Me());
        Application.Clock.Advance(TimeSpan.FromHours(11));
        Assert.Equal(HttpStatusCode.OK, await Me());
        Application.Clock.Advance(TimeSpan.FromHours(2.1));
        Assert.Equal(HttpStatusCode.Unauthorized, await Me());
        using var idle = await Api.SignedIn(Application);
        Application.Clock.Advance(TimeSpan.FromHours(12.1));
        Assert.Equal(HttpStatusCode.Unauthorized, await Me(idle));
    }

    [Fact]
    public async Task It_outlives_a_restart_of_the_server_and_so_does_its_end()
    {
        using var gone = Client.Copy();
        await Client.Client.PostAsJsonAsync("/api/sign-in", new { person = "rvane", pin = "2468" });
        using var stays = Client.Copy();
        await Application.Restart();
        using var after = stays.Copy(Application);
        using var afterGone = gone.Copy(Application);
        Assert.Equal((HttpStatusCode.OK, HttpStatusCode.Unauthorized), (await Me(after), await Me(afterGone)));
    }

    [Fact]
    public async Task What_the_database_holds_of_a_sign_in_opens_none()
    {
        using var connection = Application.PastTheProgram();
        var command = connection.CreateCommand();
        command.CommandText = "SELECT key FROM session";
        var key = (string)command.ExecuteScalar()!;
        Assert.DoesNotContain(key, Client.Cookies, StringComparison.Ordinal);
        using var thief = Api.Stranger(Application);
        thief.Client.DefaultRequestHeaders.Add("Cookie", $"zygotome={key}");
        Assert.Equal(HttpStatusCode.Unauthorized, await Me(thief));
    }

    [Fact]
    public async Task A_live_connection_ends_with_its_sign_in()
    {
        using var live = new ClientWebSocket();
        live.Options.SetRequestHeader("Cookie", Client.Cookies);
        var patience = new CancellationTokenSource(TimeSpan.FromSeconds(20)).Token;
        await live.ConnectAsync(
            new Uri($"{Application.Url.Replace("http", "ws", StringComparison.Ordinal)}/live"),
            patience
        );
        await live.SendAsync(
            Encoding.UTF8.GetBytes("{\"protocol\":\"json\",\"version\":1}\u001e"),
            WebSocketMessageType.Text,
            endOfMessage: true,
            patience
        );
        var heard = new byte[200];
        var first = await live.ReceiveAsync(heard, patience);
        Assert.Equal("{}\u001e", Encoding.UTF8.GetString(heard, 0, first.Count));
        await Client.Client.PostAsync("/api/sign-out", null);
        try
        {
            while ((await live.ReceiveAsync(heard, patience)).MessageType != WebSocketMessageType.Close) { }
        }
        catch (WebSocketException)
        {
            // Cut off without a word: closed as well.
        }

        Assert.NotEqual(WebSocketState.Open, live.State);
    }

    [Fact]
    public async Task Whether_somebody_is_alone_is_counted_when_they_record()
    {
        using var lead = await Api.SignedIn(Application, "ithorne");
        await lead.Record("J-0152", "unpack/counted", new { part = "hatch-latch", delta = 1 });
        await lead.Client.DeleteAsync("/api/shop/people/rvane");
        await lead.Client.DeleteAsync("/api/shop/people/msorrel");
        await lead.Record("J-0152", "unpack/counted", new { part = "hatch-latch", delta = 1 });
        await lead.Send(HttpMethod.Post, "/api/shop/people", """{"name":"N. New","role":"counter","pin":"7193"}""");
        await lead.Record("J-0152", "unpack/counted", new { part = "hatch-latch", delta = -1 });
        Assert.Equal([false, true, false], Application.Job("J-0152").Journal.TakeLast(3).Select(e => e.By.Alone));
    }
}
