using System.Net;
using Xunit;
using Zygotome.Tests;

namespace Zygotome.Server.Tests;

/// <summary>
/// A kit is opened once, by the server, with whoever brings it, however often and however quickly it is sent.
/// </summary>
public sealed class OpeningTests : WithServer
{
    private async Task<int> Known(string name) =>
        (await Client.Get($"/api/customers?find={Uri.EscapeDataString(name)}")).GetArrayLength();

    [Fact]
    public async Task The_same_opening_sent_four_times_at_once_is_one_job_one_customer_and_four_like_answers()
    {
        var answers = await Task.WhenAll(
            Enumerable.Range(0, 4).Select(_ => Task.Run(() => Client.Receive("same-id", "Marigold Once")))
        );
        Assert.All(answers, a => Assert.Equal(HttpStatusCode.OK, a.Status));
        Assert.Single(answers.Select(a => a.Answer.GetRawText()).Distinct());
        Assert.Equal(1, await Known("Marigold Once"));
        Assert.Equal(ProjectFolder.DemoJobs + 1, (await Client.Get("/api/jobs")).GetProperty("all").GetInt32());
    }

    [Fact]
    public async Task Four_openings_at_once_get_four_numbers()
    {
        var answers = await Task.WhenAll(
            Enumerable.Range(0, 4).Select(i => Task.Run(() => Client.Receive($"id-{i}", $"Owner {i}")))
        );
        Assert.Equal(4, answers.Select(a => a.Answer.GetProperty("jobId").GetString()).Distinct().Count());
    }

    [Fact]
    public async Task An_opening_that_is_refused_leaves_nobody_behind()
    {
        var (status, _) = await Client.Receive("bad", "Nobody Yet", mass: "0.5 g");
        Assert.Equal(HttpStatusCode.UnprocessableEntity, status);
        Assert.Equal(0, await Known("Nobody Yet"));
    }

    [Fact]
    public async Task Nobody_opens_a_job_by_the_entries_door_with_rules_of_their_own()
    {
        var opened = Application.Job("J-0150").Journal[0].Body;
        var (status, answer) = await Client.Record("J-0777", "receive/opened", opened);
        Assert.Equal(
            (HttpStatusCode.UnprocessableEntity, "entry/own-door", "entries[0].type"),
            (status, answer.GetProperty("code").GetString(), answer.GetProperty("where").GetString())
        );
    }
}
