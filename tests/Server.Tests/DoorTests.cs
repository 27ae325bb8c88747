using System.Net;
using System.Net.Http.Json;
using UglyToad.PdfPig;
using Xunit;
using Zygotome.Core.Unpack;
using Zygotome.Tests;

namespace Zygotome.Server.Tests;

/// <summary>Sign-in, entries, decisions and the sealed record, over HTTP.</summary>
public sealed class DoorTests : WithServer
{
    [Fact]
    public async Task Every_route_but_sign_in_and_health_refuses_a_stranger()
    {
        using var stranger = Api.Stranger(Application);
        Assert.Equal("ok", await stranger.Client.GetStringAsync("/healthz"));
        Assert.Equal("2468", (await stranger.Get("/api/sign-in")).GetProperty("demoPin").GetString());
        var document = await Client.Get("/openapi/v1.json");
        var refused = 0;
        foreach (var path in document.GetProperty("paths").EnumerateObject())
        {
            foreach (
                var method in path
                    .Value.EnumerateObject()
                    .Where(_ => path.Name is not ("/api/sign-in" or "/api/first-start"))
            )
            {
                using var request = new HttpRequestMessage(
                    HttpMethod.Parse(method.Name),
                    path.Name.Replace("{id}", "J-0147")
                        .Replace("{number}", "1")
                        .Replace("{revision}", "1")
                        .Replace("{part}", "wing-left")
                );
                request.Content = method.Name == "get" ? null : JsonContent.Create(new { });
                using var response = await stranger.Client.SendAsync(request);
                Assert.Equal((path.Name, HttpStatusCode.Unauthorized), (path.Name, response.StatusCode));
                refused++;
            }
        }

        Assert.True(refused >= 20, $"only {refused} routes were tried");
        Assert.Equal(HttpStatusCode.Unauthorized, (await stranger.Client.GetAsync("/openapi/v1.json")).StatusCode);
        Assert.Equal(
            HttpStatusCode.Unauthorized,
            (await stranger.Client.PostAsync("/live/negotiate", null)).StatusCode
        );
    }

    [Fact]
    public async Task An_entry_sent_twice_is_one_entry_with_the_first_answer()
    {
        var (_, first) = await Client.Record(
            "J-0152",
            "unpack/counted",
            new { part = "hatch-latch", delta = 1 },
            id: "once"
        );
        var (status, again) = await Client.Record(
            "J-0152",
            "unpack/counted",
            new { part = "hatch-latch", delta = 1 },
            id: "once"
        );
        Assert.Equal(HttpStatusCode.OK, status);
        Assert.Equal(first.GetRawText(), again.GetRawText());
        Assert.Equal(1, Application.Job("J-0152").State.Unpack.CountOf("hatch-latch"));
        (status, _) = await Client.Record(
            "J-0152",
            "unpack/counted",
            new { part = "hatch-latch", delta = 2 },
            id: "once"
        );
        Assert.Equal(HttpStatusCode.Conflict, status);
    }

    [Fact]
    public async Task An_overtaken_decision_is_409_with_what_came_between_and_a_fact_is_not()
    {
        var seen = Application.Job("J-0152").State.Seq;
        await Client.Record("J-0152", "unpack/counted", new { part = "hatch-latch", delta = 1 });
        var (status, answer) = await Client.Record(
            "J-0152",
            "unpack/count-set",
            new { part = "hatch-latch", count = 3 },
            seen
        );
        Assert.Equal(HttpStatusCode.Conflict, status);
        Assert.Equal(
            ("R. Vane", "+1 Hatch latch"),
            (
                answer.GetProperty("between")[0].GetProperty("by").GetString(),
                answer.GetProperty("between")[0].GetProperty("said").GetString()
            )
        );
        Assert.Equal(
            HttpStatusCode.OK,
            (await Client.Record("J-0152", "unpack/counted", new { part = "hatch-latch", delta = 1 }, seen)).Status
        );
    }

    [Fact]
    public async Task Who_recorded_it_is_who_is_signed_in_whatever_the_client_says()
    {
        using var lead = await Api.SignedIn(Application, "ithorne");
        await lead.Record("J-0152", "unpack/papers", new { paper = "balance" });
        Assert.Equal("ithorne", Application.Job("J-0152").Journal[^1].By.Id);
        Assert.Equal(
            HttpStatusCode.BadRequest,
            (
                await Client.Send(
                    HttpMethod.Post,
                    "/api/jobs/J-0152/entries",
                    """{"look":"l","entries":[{"type":"unpack/papers"}]}"""
                )
            ).Status
        );
    }

    [Fact]
    public async Task The_record_is_rendered_once_at_release_and_served_by_its_hash()
    {
        const string Job = "J-0139";
        await Client.FinishNearlyReady();
        var ledger = await Client.Get($"/api/jobs/{Job}/handover");
        Assert.Equal(0, ledger.GetProperty("open").GetInt32());
        var (status, answer) = await Client.Ask(Job, "release", new { }, Application.Job(Job).State.Seq);
        Assert.True(status == HttpStatusCode.OK, answer.GetRawText());

        var bytes = await Client.Client.GetByteArrayAsync($"/api/jobs/{Job}/records/1.pdf");
        var release = Application.Job(Job).State.Release!;
        Assert.Equal(release.PdfHash, Convert.ToHexStringLower(System.Security.Cryptography.SHA256.HashData(bytes)));
        Application.Clock.Advance(TimeSpan.FromDays(30));
        using var later = await Api.SignedIn(Application);
        Assert.Equal(bytes, await later.Client.GetByteArrayAsync($"/api/jobs/{Job}/records/1.pdf"));

        using var pdf = PdfDocument.Open(bytes);
        var text = string.Join(" ", pdf.GetPages().SelectMany(p => p.GetWords()).Select(w => w.Text));
        Assert.All(
            [
                "Build record J-0139, record 1",
                "F1 crack of 18 mm",
                "Re-inspected by I. Thorne",
                "Left elevon (aileron), up, high",
                "12 to 14 mm",
                "13.0 mm",
                "Flight timer: 4 min 00 s",
                "Lithium packs",
                "local law",
            ],
            words => Assert.Contains(words, text, StringComparison.Ordinal)
        );
        Assert.DoesNotContain("Osier", text, StringComparison.Ordinal);

        // Sealed: nothing but the closed list is taken now.
        Assert.Equal(
            "job/released",
            (await later.Record(Job, "unpack/papers", new { paper = "manual" })).Answer.GetProperty("code").GetString()
        );
        Assert.Equal(
            HttpStatusCode.OK,
            (await later.Record(Job, "handover/owner-answered", new { accepted = true, words = "" })).Status
        );
    }

    [Fact]
    public async Task A_second_start_on_the_same_data_imports_nothing_again()
    {
        var before = (await Client.Get("/api/jobs")).GetProperty("jobs").GetArrayLength();
        Assert.Equal(ProjectFolder.DemoJobs, before);
        await Application.Restart();
        using var again = await Api.SignedIn(Application);
        Assert.Equal(before, (await again.Get("/api/jobs")).GetProperty("jobs").GetArrayLength());
    }
}
