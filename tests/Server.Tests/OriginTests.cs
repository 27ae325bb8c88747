using System.Net;
using System.Net.Http.Json;
using System.Net.Sockets;
using System.Text;
using Xunit;
using Zygotome.Tests;

namespace Zygotome.Server.Tests;

/// <summary>Only our own pages, at our own names, ask for anything; every answer carries what protects it.</summary>
public sealed class OriginTests : WithServer
{
    private async Task<HttpResponseMessage> Send(
        string path,
        HttpMethod method,
        Application? at = null,
        params (string Name, string Value)[] headers
    )
    {
        using var request = new HttpRequestMessage(method, (at ?? Application).Url + path);
        if (method == HttpMethod.Post)
        {
            request.Content = JsonContent.Create(new { person = "rvane", pin = "2468" });
        }

        foreach (var (name, value) in headers)
        {
            request.Headers.TryAddWithoutValidation(name, value);
        }

        return await Client.Client.SendAsync(request);
    }

    [Theory]
    [InlineData("https://elsewhere.invalid")]
    [InlineData("null")]
    [InlineData("http://localhost:1")]
    public async Task What_another_sites_page_sends_is_refused_and_does_nothing(string origin)
    {
        using var refused = await Send("/api/sign-out", HttpMethod.Post, headers: ("Origin", origin));
        Assert.Equal(HttpStatusCode.Forbidden, refused.StatusCode);
        Assert.Contains("request/origin", await refused.Content.ReadAsStringAsync(), StringComparison.Ordinal);
        Assert.Equal(HttpStatusCode.OK, (await Send("/api/me", HttpMethod.Get)).StatusCode);
        Assert.Equal(
            HttpStatusCode.Forbidden,
            (await Send("/live/negotiate", HttpMethod.Post, headers: ("Origin", origin))).StatusCode
        );
        Assert.Equal(
            HttpStatusCode.Forbidden,
            (await Send("/live", HttpMethod.Get, headers: ("Origin", origin))).StatusCode
        );
    }

    [Fact]
    public async Task Our_own_pages_and_what_is_no_browser_are_let_in_and_a_browser_that_says_cross_site_is_not()
    {
        Assert.Equal(
            HttpStatusCode.OK,
            (await Send("/api/sign-in", HttpMethod.Post, headers: ("Origin", Application.Url))).StatusCode
        );
        Assert.Equal(HttpStatusCode.OK, (await Send("/api/sign-in", HttpMethod.Post)).StatusCode);
        Assert.Equal(
            HttpStatusCode.Forbidden,
            (await Send("/api/sign-in", HttpMethod.Post, headers: ("Sec-Fetch-Site", "cross-site"))).StatusCode
        );
    }

    [Fact]
    public async Task A_name_that_is_not_this_servers_is_not_answered()
    {
        using var refused = await Send("/api/sign-in", HttpMethod.Get, headers: ("Host", "elsewhere.invalid"));
        Assert.Equal(HttpStatusCode.BadRequest, refused.StatusCode);
        Assert.Contains("request/host", await refused.Content.ReadAsStringAsync(), StringComparison.Ordinal);
        Assert.Equal(
            HttpStatusCode.OK,
            (await Send("/api/sign-in", HttpMethod.Get, headers: ("Host", "localhost"))).StatusCode
        );
    }

    [Fact]
    public async Task Behind_a_proxy_that_is_named_cookies_are_secure_and_of_no_other_is_a_word_believed()
    {
        (string, string)[] forwarded =
        [
            ("X-Forwarded-Proto", "https"),
            ("X-Forwarded-Host", "bench.example"),
            ("Origin", "https://bench.example"),
        ];
        Assert.Equal(
            HttpStatusCode.Forbidden,
            (await Send("/api/sign-in", HttpMethod.Post, headers: forwarded)).StatusCode
        );
        await using var behind = await Application.Start(
            ui: false,
            with: o => o with { Hosts = [.. o.Hosts, "bench.example"], Proxies = [IPAddress.Loopback] }
        );
        using var answer = await Send("/api/sign-in", HttpMethod.Post, behind, forwarded);
        Assert.Equal(HttpStatusCode.OK, answer.StatusCode);
        var cookies = answer.Headers.GetValues("Set-Cookie").ToArray();
        Assert.Equal(2, cookies.Length);
        Assert.All(
            cookies,
            c =>
            {
                Assert.Contains("; secure", c, StringComparison.Ordinal);
                Assert.Contains("; httponly", c, StringComparison.Ordinal);
                Assert.Contains("; samesite=strict", c, StringComparison.Ordinal);
            }
        );
        Assert.True(answer.Headers.Contains("Strict-Transport-Security"));
    }

    [Theory]
    [InlineData("GET", "/api/jobs", 200)]
    [InlineData("GET", "/api/nothing", 404)]
    [InlineData("GET", "/api/jobs/J-9999", 404)]
    [InlineData("DELETE", "/api/jobs", 405)]
    [InlineData("POST", "/api/sign-in", 200)]
    [InlineData("POST", "/api/jobs/J-0147/entries", 400)]
    [InlineData("GET", "/healthz", 200)]
    public async Task Every_answer_carries_what_protects_it_errors_too_and_nothing_private_is_kept(
        string method,
        string path,
        int status
    )
    {
        using var answer = await Send(path, HttpMethod.Parse(method));
        Assert.Equal(status, (int)answer.StatusCode);
        Assert.All(
            [
                "Content-Security-Policy",
                "X-Content-Type-Options",
                "X-Frame-Options",
                "Referrer-Policy",
                "Cross-Origin-Opener-Policy",
                "Cross-Origin-Resource-Policy",
                "Permissions-Policy",
            ],
            name => Assert.True(answer.Headers.Contains(name), $"{path}: {name}")
        );
        Assert.True(answer.Headers.CacheControl?.NoStore);
    }

    [Fact]
    public async Task A_rule_that_fails_answers_with_the_same_headers()
    {
        using var connection = Application.PastTheProgram();
        var command = connection.CreateCommand();
        command.CommandText = """
            INSERT INTO journal (shop_seq, job, seq, entry_id, bytes, hash, shop_hash)
            VALUES (999999, 'J-9999', 1, 'x', 'no journal', 'h', 'h')
            """.Replace("'no journal', 'h', 'h'", "x'6e6f', x'00', x'00'", StringComparison.Ordinal);
        command.ExecuteNonQuery();
        using var answer = await Send("/api/jobs/J-9999", HttpMethod.Get);
        Assert.Equal(HttpStatusCode.InternalServerError, answer.StatusCode);
        Assert.True(answer.Headers.Contains("Content-Security-Policy"));
        Assert.True(answer.Headers.CacheControl?.NoStore);
    }

    [Theory]
    [InlineData("/api/jobs")]
    [InlineData("/api/jobs/J-0147/throws")]
    [InlineData("/healthz")]
    [InlineData("/api/nothing")]
    public async Task What_can_be_fetched_can_be_asked_about(string path)
    {
        using var got = await Send(path, HttpMethod.Get);
        using var asked = await Send(path, HttpMethod.Head);
        Assert.Equal(
            (got.StatusCode, got.Content.Headers.ContentType?.ToString()),
            (asked.StatusCode, asked.Content.Headers.ContentType?.ToString())
        );
        Assert.Empty(await asked.Content.ReadAsByteArrayAsync());
    }

    [Fact]
    public async Task What_is_no_request_at_all_is_answered_with_400_and_the_next_one_served()
    {
        using (var socket = new TcpClient())
        {
            var at = new Uri(Application.Url);
            await socket.ConnectAsync(at.Host, at.Port);
            await socket.GetStream().WriteAsync(Encoding.ASCII.GetBytes("GET /\u0001 HTTP/9.9\r\n\r\n"));
            var answer = new byte[64];
            var read = await socket.GetStream().ReadAsync(answer);
            Assert.StartsWith("HTTP/1.1 ", Encoding.ASCII.GetString(answer, 0, read), StringComparison.Ordinal);
        }

        Assert.Equal(HttpStatusCode.OK, (await Send("/healthz", HttpMethod.Get)).StatusCode);
    }
}
