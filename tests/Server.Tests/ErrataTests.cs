using System.Net;
using System.Text.Json;
using Xunit;

namespace Zygotome.Server.Tests;

/// <summary>What one bench found wrong in a manual is told to the next, until a revision says it right.</summary>
public sealed class ErrataTests : WithServer
{
    private const string Met = "J-0147",
        Later = "J-0151",
        Kit = "plimsey-1400";

    private static readonly object Wrong = new
    {
        step = "work-hinges",
        page = "4",
        says = "bend once",
        isSo = "bend three times",
        reason = "the skin split",
        finding = "",
        hash = "",
    };

    private async Task<string> Propose()
    {
        var id = Guid.NewGuid().ToString();
        var (status, answer) = await Client.Record(Met, "unpack/erratum", Wrong, id: id);
        Assert.True(status == HttpStatusCode.OK, $"{answer}");
        return id;
    }

    private async Task<string[]> Told(string job) =>
        [
            .. (await Client.Get($"/api/jobs/{job}/steps"))
                .GetProperty("errata")
                .EnumerateArray()
                .Where(e => e.GetProperty("step").GetString() == "work-hinges")
                .Select(e => $"{e.GetProperty("step")}: {e.GetProperty("isSo")}, {e.GetProperty("job")}"),
        ];

    private static Task<(HttpStatusCode Status, JsonElement Answer)> Answer(
        Api by,
        string erratum,
        int? revision,
        string how = "page 4 says it now"
    ) => by.Send(HttpMethod.Post, $"/api/errata/{erratum}/answer", JsonSerializer.Serialize(new { revision, how }));

    private static object Move(string? hash) =>
        new
        {
            revision = 2,
            sheetHash = hash,
            reason = "The next edition.",
        };

    private async Task NextRevision()
    {
        var (_, draft) = await Client.Send(
            HttpMethod.Post,
            "/api/drafts/revision",
            JsonSerializer.Serialize(new { id = Kit, revision = 1 })
        );
        var (status, card) = await Client.Send(
            HttpMethod.Post,
            $"/api/drafts/{draft.GetProperty("id").GetString()}/file-it",
            "{}"
        );
        Assert.True(status == HttpStatusCode.OK, $"{card}");
        Assert.Equal(2, card.GetProperty("revision").GetInt32());
    }

    [Fact]
    public async Task It_is_shown_at_its_step_in_every_job_of_the_kit_and_in_no_other()
    {
        await Propose();
        string[] told = ["work-hinges: bend three times, J-0147"];
        Assert.Equal(told, await Told(Met));
        Assert.Equal(told, await Told(Later));
        Assert.Empty(await Told("J-0139"));

        // Whoever starts again finds it there.
        await Application.Restart();
        using var again = await Api.SignedIn(Application);
        Assert.Contains(
            (await again.Get($"/api/sheets/{Kit}/errata")).EnumerateArray(),
            e => e.GetProperty("isSo").GetString() == "bend three times"
        );
    }

    [Fact]
    public async Task A_lead_answers_it_with_a_later_revision_and_jobs_on_the_earlier_one_are_still_told()
    {
        var erratum = await Propose();
        using var lead = await Api.SignedIn(Application, "ithorne");
        Assert.Equal(HttpStatusCode.Forbidden, (await Answer(Client, erratum, 2)).Status);
        Assert.Equal("errata/revision", Code(await Answer(lead, erratum, 1)));
        Assert.Equal("errata/revision", Code(await Answer(lead, erratum, 2)));
        Assert.Equal("text/missing", Code(await Answer(lead, erratum, null, " ")));
        Assert.Equal(HttpStatusCode.NotFound, (await Answer(lead, "none", 2)).Status);
        await NextRevision();
        Assert.Equal(HttpStatusCode.OK, (await Answer(lead, erratum, 2)).Status);
        Assert.Single(await Told(Later));

        // Built to the revision that says it right, nobody is told any more.
        var hash = (await Client.Get($"/api/sheets/{Kit}/2/card")).GetProperty("hash").GetString();
        var (status, moved) = await lead.Record(
            Later,
            "receive/sheet-moved",
            Move(hash),
            Application.Job(Later).State.Seq
        );
        Assert.True(status == HttpStatusCode.OK, $"{moved}");
        Assert.Empty(await Told(Later));

        // Met on revision 1, whatever its job is built to by now.
        (status, _) = await lead.Record(Met, "receive/sheet-moved", Move(hash), Application.Job(Met).State.Seq);
        Assert.Equal(HttpStatusCode.OK, status);
        var slip = await Propose();
        await Client.Record(
            Met,
            "job/retracted",
            new { entry = slip, reason = "Twice." },
            Application.Job(Met).State.Seq
        );
        Assert.All(
            (await Client.Get($"/api/sheets/{Kit}/errata")).EnumerateArray(),
            kept => Assert.Equal(1, kept.GetProperty("revision").GetInt32())
        );

        // The first answer stays.
        var (_, second) = await Answer(lead, erratum, null, "it was right all along");
        Assert.Equal("page 4 says it now", second.GetProperty("how").GetString());
    }

    [Fact]
    public async Task Where_the_manual_is_right_nobody_is_told_any_more()
    {
        var erratum = await Propose();
        using var lead = await Api.SignedIn(Application, "ithorne");
        Assert.Equal(HttpStatusCode.OK, (await Answer(lead, erratum, null, "that was the old hinge tape")).Status);
        Assert.Empty(await Told(Later));
    }

    [Fact]
    public async Task A_slip_that_is_withdrawn_is_told_to_nobody()
    {
        var erratum = await Propose();
        var (status, answer) = await Client.Record(
            Met,
            "job/retracted",
            new { entry = erratum, reason = "Another kit's manual." },
            Application.Job(Met).State.Seq
        );
        Assert.True(status == HttpStatusCode.OK, $"{answer}");
        Assert.Empty(await Told(Met));
        Assert.Empty(await Told(Later));
    }

    private static string Code((HttpStatusCode Status, JsonElement Answer) refused) =>
        refused.Answer.GetProperty("code").GetString()!;
}
