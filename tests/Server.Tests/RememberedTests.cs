using System.Net;
using Xunit;

namespace Zygotome.Server.Tests;

/// <summary>What one job leaves for the next of its kit.</summary>
public sealed class RememberedTests : WithServer
{
    private async Task<string> Open(string id) =>
        (await Client.Receive(id, "Owner", sheet: "plimsey-1400")).Answer.GetProperty("jobId").GetString()!;

    private async Task<string[]> Offered(string job) =>
        [
            .. (await Client.Get($"/api/jobs/{job}/unpack"))
                .GetProperty("takenBefore")
                .EnumerateArray()
                .Select(b => $"{b.GetProperty("part")} {b.GetProperty("length")} by {b.GetProperty("job")}"),
        ];

    [Fact]
    public async Task A_screw_taken_once_is_offered_on_the_next_job_of_that_kit_until_it_is_withdrawn()
    {
        var (first, second) = (await Open("first"), await Open("second"));
        var taken = new
        {
            part = "screw-m3x12",
            quantity = 4,
            diameter = "3 mm",
            length = "10 mm",
            note = "",
        };
        Assert.Equal(HttpStatusCode.OK, (await Client.Record(first, "unpack/substitute", taken)).Status);
        Assert.Equal([$"screw-m3x12 10 mm by {first}"], await Offered(second));

        // Not to the job that took it, and not to another kit.
        Assert.Empty(await Offered(first));
        Assert.Empty(await Offered("J-0154"));
        var entry = Application.Job(first).Journal[^1].EntryId;
        var seq = Application.Job(first).State.Seq;
        var withdrawn = await Client.Record(first, "job/retracted", new { entry, reason = "counted again" }, seq);
        Assert.True(withdrawn.Status == HttpStatusCode.OK, withdrawn.Answer.GetRawText());
        Assert.Empty(await Offered(second));
    }
}
