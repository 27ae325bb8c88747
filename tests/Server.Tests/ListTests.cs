using System.Net;
using System.Text.Json;
using Xunit;

namespace Zygotome.Server.Tests;

/// <summary>Lists say what is so now, whoever recorded it and whatever the hour.</summary>
public sealed class ListTests : WithServer
{
    private async Task<JsonElement> Job(string id) =>
        (await Client.Get("/api/jobs"))
            .GetProperty("jobs")
            .EnumerateArray()
            .Single(j => j.GetProperty("id").GetString() == id);

    [Fact]
    public async Task Whoever_has_recorded_something_finds_it_on_the_list_at_once()
    {
        var before = (await Job("J-0150")).GetProperty("all").GetInt32();
        for (var i = 1; i <= 12; i++)
        {
            var (status, _) = await Client.Record(
                "J-0150",
                "unpack/finding",
                new
                {
                    place = "body-fuselage",
                    placeKind = "canopy",
                    kind = "crack",
                    size = "26 mm",
                    x = -230,
                    y = 18,
                    note = "",
                }
            );
            Assert.Equal(HttpStatusCode.OK, status);
            Assert.Equal(before + i, (await Job("J-0150")).GetProperty("all").GetInt32());
        }
    }

    [Fact]
    public async Task Glue_that_sets_is_off_the_list_when_its_hour_has_come_though_nothing_was_recorded()
    {
        Assert.Contains(
            "can be handled at ",
            (await Job("J-0151")).GetProperty("holds").GetString(),
            StringComparison.Ordinal
        );
        var cures = (await Client.Get("/api/bench/cures")).GetProperty("cures").GetArrayLength();
        Assert.True(cures > 0);
        Application.Clock.Advance(TimeSpan.FromHours(2));
        using var later = await Api.SignedIn(Application);
        var jobs = (await later.Get("/api/jobs")).GetProperty("jobs").EnumerateArray();
        var holds = jobs.Single(j => j.GetProperty("id").GetString() == "J-0151").GetProperty("holds").GetString();
        Assert.DoesNotContain("can be handled", holds, StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_drawing_is_asked_for_once_and_kept_under_its_name()
    {
        var drawing = (await Job("J-0151")).GetProperty("drawing");
        var (sheet, version) = (drawing.GetProperty("sheet").GetString(), drawing.GetProperty("version").GetString());
        using var answer = await Client.Client.GetAsync(new Uri($"/api/drawings/{sheet}/{version}", UriKind.Relative));
        Assert.Contains("immutable", answer.Headers.CacheControl!.ToString(), StringComparison.Ordinal);
        var parts = JsonDocument
            .Parse(await answer.Content.ReadAsStringAsync())
            .RootElement.GetProperty("parts")
            .EnumerateArray()
            .Select(p => p.GetProperty("id").GetString());
        var inks = (await Job("J-0151"))
            .GetProperty("inks")
            .EnumerateArray()
            .Select(i => i.GetProperty("part").GetString());
        Assert.Equal(parts, inks);
        using var older = await Client.Client.GetAsync(new Uri($"/api/drawings/{sheet}/older", UriKind.Relative));
        Assert.True(older.Headers.CacheControl!.NoStore);
        var (none, _) = await Client.Send(HttpMethod.Get, "/api/drawings/no-such-sheet/1", "");
        Assert.Equal(HttpStatusCode.NotFound, none);
    }
}
