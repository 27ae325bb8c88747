using System.Net;
using System.Text.Json;
using Xunit;
using Zygotome.Core.Unpack;

namespace Zygotome.Server.Tests;

/// <summary>Nobody speaks for the server, and nobody records what is not theirs to record.</summary>
public sealed class RightsTests : WithServer
{
    private static (HttpStatusCode, string?, string?) Said((HttpStatusCode Status, JsonElement Answer) a) =>
        (a.Status, a.Answer.GetProperty("code").GetString(), a.Answer.GetProperty("where").GetString());

    [Theory]
    [InlineData("receive/opened")]
    [InlineData("unpack/claim-sent")]
    [InlineData("handover/released")]
    public async Task What_the_server_writes_itself_is_refused_among_the_entries(string type) =>
        Assert.Equal(
            (HttpStatusCode.UnprocessableEntity, "entry/own-door", "entries[0].type"),
            Said(await Client.Record("J-0154", type, new { }, Application.Job("J-0154").State.Seq))
        );

    [Fact]
    public async Task The_counter_counts_and_claims_but_neither_builds_nor_releases()
    {
        using var counter = await Api.SignedIn(Application, "msorrel");
        var (status, _) = await counter.Record("J-0154", "unpack/bag-counted", new { bag = "A", allHere = true });
        Assert.Equal(HttpStatusCode.OK, status);
        var started = await counter.Record("J-0151", "build/step-started", new { step = "fit-fin" });
        Assert.Equal((HttpStatusCode.Forbidden, "entry/role", "entries[0].type"), Said(started));
        var seq = Application.Job("J-0139").State.Seq;
        var released = await counter.Ask("J-0139", "release", new { }, seq);
        Assert.Equal((HttpStatusCode.Forbidden, "sign-in/not-allowed"), (released.Status, Said(released).Item2));
        Assert.Equal(
            "This is for a technician or a lead; M. Sorrel is signed in as counter.",
            released.Answer.GetProperty("title").GetString()
        );
    }

    [Fact]
    public async Task Glue_named_by_its_id_has_the_shops_times_and_its_cure_counts_from_the_servers_clock()
    {
        using var lead = await Api.SignedIn(Application, "ithorne");
        var finding = Application.Job("J-0150").State.Unpack.Findings[1].Id;
        var seq = Application.Job("J-0150").State.Seq;
        await Client.Record(
            "J-0150",
            "unpack/disposition",
            new
            {
                finding,
                disposition = "repair",
                reason = "",
            },
            seq
        );
        var own = await Client.Record(
            "J-0150",
            "unpack/repaired",
            new
            {
                finding,
                how = "quick",
                adhesive = new { id = "contact", handleMinutes = 0 },
            }
        );
        Assert.Equal((HttpStatusCode.UnprocessableEntity, "entry/by-id", "entries[0].body.adhesive"), Said(own));
        var minutes = await Client.Record(
            "J-0150",
            "unpack/repaired",
            new
            {
                finding,
                how = "quick",
                handleMinutes = 0,
            }
        );
        Assert.Equal("entry/server-says", Said(minutes).Item2);
        var (status, _) = await Client.Record(
            "J-0150",
            "unpack/repaired",
            new
            {
                finding,
                how = "slowly",
                adhesive = "slow-epoxy",
                reason = "the tin of contact glue was empty",
            }
        );
        Assert.Equal(HttpStatusCode.OK, status);
        var state = Application.Job("J-0150").State;
        var entry = Application.Job("J-0150").Journal[^1];
        var repair = state.Unpack.Find(finding)!.Repair!;

        // Nobody looked how warm it was: 18 °C, so 60 min at 20 °C take 69.
        var factor = Math.Pow(2, 0.2);
        Assert.Equal(60 * factor, (repair.HandleAt!.Value - entry.RecordedAt).TotalMinutes, 6);
        Assert.Equal(
            HttpStatusCode.UnprocessableEntity,
            (await lead.Record("J-0150", "unpack/reinspected", new { finding, sound = true })).Status
        );
        Application.Clock.Advance(TimeSpan.FromMinutes(70));
        using var later = await Api.SignedIn(Application, "ithorne");
        Assert.Equal(
            HttpStatusCode.OK,
            (await later.Record("J-0150", "unpack/reinspected", new { finding, sound = true })).Status
        );
    }

    [Fact]
    public async Task An_entry_that_waited_on_a_tablet_says_how_long_however_wrong_its_clock_is()
    {
        var device = Application.Clock.GetUtcNow().AddMinutes(-7);
        async Task<TimeSpan?> Waited(TimeSpan age)
        {
            var body = JsonSerializer.Serialize(
                new
                {
                    look = "look",
                    sentAt = device,
                    entries = new[]
                    {
                        new
                        {
                            entryId = Guid.NewGuid().ToString(),
                            type = "unpack/papers",
                            body = new { paper = "manual" },
                            observedAt = device - age,
                        },
                    },
                }
            );
            var (status, answer) = await Client.Send(HttpMethod.Post, "/api/jobs/J-0154/entries", body);
            Assert.True(status == HttpStatusCode.OK, answer.ToString());
            return Application.Job("J-0154").Journal[^1].Waited;
        }

        Assert.Equal(TimeSpan.Zero, await Waited(TimeSpan.FromSeconds(100)));
        Assert.Equal(TimeSpan.FromMinutes(50), await Waited(TimeSpan.FromMinutes(50)));
        await Client.Record("J-0154", "unpack/papers", new { paper = "throws" });
        await Application.Restart();
        Assert.Equal(
            [TimeSpan.Zero, TimeSpan.FromMinutes(50), TimeSpan.Zero],
            Application.Job("J-0154").Journal.TakeLast(3).Select(e => e.Waited!.Value)
        );
    }
}
