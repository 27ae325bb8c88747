using System.Net;
using System.Net.Http.Json;
using System.Text;
using Microsoft.AspNetCore.Authorization;
using Microsoft.AspNetCore.Routing;
using Microsoft.Extensions.DependencyInjection;
using Xunit;
using Zygotome.Core.Journal;
using Zygotome.Server.Door;
using Zygotome.Tests;

namespace Zygotome.Server.Tests;

/// <summary>Every endpoint is for whom docs/security.md says, and for nobody else.</summary>
public sealed class AccessTests : WithServer
{
    private const string Begin = "<!-- endpoints -->\n",
        End = "<!-- end of endpoints -->";

    private sealed record Door(string Method, string Path, bool Open, Access Access);

    // What is served as a page, and the hub's own two, are no endpoints of ours to list.
    private IReadOnlyList<Door> Doors =>
        [
            .. Application
                .Services.GetRequiredService<EndpointDataSource>()
                .Endpoints.OfType<RouteEndpoint>()
                .SelectMany(e =>
                    (e.Metadata.GetMetadata<IHttpMethodMetadata>()?.HttpMethods ?? ["any"]).Select(m => new Door(
                        m,
                        "/" + (e.RoutePattern.RawText ?? "").Trim('/'),
                        e.Metadata.GetMetadata<IAllowAnonymous>() is not null,
                        Access.Of(e)
                    ))
                )
                .Where(d => !d.Path.Contains('*'))
                .DistinctBy(d => (d.Method, d.Path))
                .OrderBy(d => d.Path, StringComparer.Ordinal)
                .ThenBy(d => d.Method, StringComparer.Ordinal),
        ];

    private static string Filled(string path) =>
        string.Join(
            '/',
            path.Split('/')
                .Select(p =>
                    !p.Contains('{') ? p
                    : p.Contains("int", StringComparison.Ordinal) ? "1"
                    : "nobody-has-this"
                )
        );

    private static async Task<HttpStatusCode> Ask(Api by, Door door)
    {
        using var request = new HttpRequestMessage(
            HttpMethod.Parse(door.Method == "any" ? "GET" : door.Method),
            Filled(door.Path)
        );
        if (door.Method is not ("GET" or "any" or "DELETE"))
        {
            request.Content = JsonContent.Create(new { });
        }

        using var response = await by.Client.SendAsync(request);
        return response.StatusCode;
    }

    [Fact]
    public async Task Every_endpoint_lets_in_whom_the_table_says_and_nobody_else()
    {
        using var stranger = Api.Stranger(Application);
        Role[] roles = [Role.Counter, Role.Technician, Role.Lead];
        string[] people = ["msorrel", "rvane", "ithorne"];
        var doors = Doors.Where(d => d.Path is not ("/api/sign-out" or "/api/sign-in")).ToArray();
        Assert.True(doors.Length > 60, $"{doors.Length} endpoints");
        foreach (var door in doors)
        {
            Assert.True(
                (await Ask(stranger, door) == HttpStatusCode.Unauthorized)
                    != (door.Open || door.Path == "/api/first-start"),
                $"{door}: a stranger"
            );
        }

        for (var i = 0; i < roles.Length; i++)
        {
            using var by = await Api.SignedIn(Application, people[i]);
            foreach (var door in doors.Where(d => !d.Open))
            {
                var status = await Ask(by, door);
                Assert.True(
                    (status == HttpStatusCode.Forbidden) == !door.Access.By.May(roles[i])
                        && status != HttpStatusCode.Unauthorized
                        && (int)status < 500,
                    $"{door}: {roles[i]} got {status}"
                );
            }
        }
    }

    [Fact]
    public async Task Whoever_is_not_let_in_is_told_for_whom_it_is()
    {
        var (status, answer) = await Client.Send(HttpMethod.Get, "/api/shop/people", "{}");
        Assert.Equal(HttpStatusCode.Forbidden, status);
        Assert.Equal(
            "This is for a lead; R. Vane is signed in as technician.",
            answer.GetProperty("title").GetString()
        );
    }

    [Fact]
    public void The_table_of_endpoints_in_the_documents_is_the_one_in_the_code()
    {
        var file = ProjectFolder.File("docs", "security.md");
        var text = File.ReadAllText(file);
        var from = text.IndexOf(Begin, StringComparison.Ordinal) + Begin.Length;
        var to = text.IndexOf(End, StringComparison.Ordinal);
        var made = text[..from] + Table() + text[to..];
        if (Environment.GetEnvironmentVariable("ZYGOTOME_WRITE") == "1")
        {
            File.WriteAllText(file, made);
        }

        Assert.True(
            File.ReadAllText(file) == made,
            "docs/security.md lists other endpoints than the code; ZYGOTOME_WRITE=1 writes them."
        );
    }

    private string Table()
    {
        static string Yes(bool may) => may ? "yes" : "";
        var table = new StringBuilder(
            "| Endpoint | Nobody signed in | Counter | Technician | Lead | And |\n| --- | --- | --- | --- | --- | "
                + "--- |\n"
        );
        foreach (var d in Doors)
        {
            var may = new[] { Role.Counter, Role.Technician, Role.Lead }.Select(r => Yes(d.Open || d.Access.By.May(r)));
            table.Append($"| `{d.Method} {d.Path}` | {Yes(d.Open)} | {string.Join(" | ", may)} | {d.Access.But} |\n");
        }

        return table
            .ToString()
            .Replace("|  |", "| |", StringComparison.Ordinal)
            .Replace("|  |", "| |", StringComparison.Ordinal);
    }
}
