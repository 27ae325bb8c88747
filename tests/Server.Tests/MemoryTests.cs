using System.Net;
using System.Text.Json;
using Dapper;
using Microsoft.Data.Sqlite;
using Microsoft.Extensions.DependencyInjection;
using UglyToad.PdfPig;
using Xunit;
using Zygotome.Core.Unpack;
using Zygotome.Store;

namespace Zygotome.Server.Tests;

/// <summary>The shop says how its memory stands, and records nothing where it cannot.</summary>
public sealed class MemoryTests : WithServer
{
    private static readonly string[] Guards =
    [
        "journal_no_update",
        "journal_no_delete",
        "blob_no_update",
        "blob_no_delete",
    ];

    private static string? Code((HttpStatusCode Status, JsonElement Answer) a) =>
        a.Answer.GetProperty("code").GetString();

    private void PastTheProgram(string sql)
    {
        using var connection = Application.PastTheProgram();
        var kept = connection
            .Query<string>("SELECT sql FROM sqlite_master WHERE type = 'trigger' AND name IN @Guards", new { Guards })
            .AsList();
        connection.Execute(string.Join(';', Guards.Select(g => $"DROP TRIGGER {g}")));
        connection.Execute("PRAGMA foreign_keys = OFF");
        Assert.True(connection.Execute(sql) > 0);
        kept.ForEach(k => connection.Execute(k));
    }

    private Task<(HttpStatusCode Status, JsonElement Answer)> Count(Api? by = null) =>
        (by ?? Client).Record("J-0152", "unpack/counted", new { part = "hatch-latch", delta = 1 });

    [Fact]
    public async Task The_last_look_at_the_whole_shop_is_shown_to_leads_and_names_what_is_not_as_it_was()
    {
        using var lead = await Api.SignedIn(Application, "ithorne");
        Assert.Equal(HttpStatusCode.Forbidden, (await Client.Client.GetAsync("/api/shop/memory")).StatusCode);
        var (_, sound) = await lead.Send(HttpMethod.Post, "/api/shop/memory/verify", "");
        Assert.True(sound.GetProperty("sound").GetBoolean(), sound.GetRawText());
        PastTheProgram("UPDATE person SET role = 'Lead' WHERE id = 'rvane'");
        var (_, not) = await lead.Send(HttpMethod.Post, "/api/shop/memory/verify", "");
        Assert.Equal(
            "person rvane: was changed past this program.",
            Assert.Single(not.GetProperty("found").EnumerateArray()).GetString()
        );
        var shown = (await lead.Get("/api/shop/memory")).GetProperty("verified");
        Assert.Equal(not.GetRawText(), shown.GetRawText());
    }

    [Fact]
    public async Task A_start_looks_at_the_whole_shop_by_itself()
    {
        using var lead = await Api.SignedIn(Application, "ithorne");
        for (var i = 0; i < 300; i++)
        {
            if (
                (await lead.Get("/api/shop/memory")).GetProperty("verified") is { ValueKind: JsonValueKind.Object } seen
            )
            {
                Assert.True(seen.GetProperty("sound").GetBoolean(), seen.GetRawText());
                return;
            }

            await Task.Delay(100, TestContext.Current.CancellationToken);
        }

        Assert.Fail("no look in half a minute");
    }

    [Fact]
    public async Task A_job_whose_journal_was_changed_is_not_released_and_says_which_entry()
    {
        PastTheProgram(
            "UPDATE journal SET bytes = CAST(replace(CAST(bytes AS TEXT), 'R. Vane', 'R. Vain') AS BLOB) WHERE job = "
                + "'J-0139' AND seq = 3"
        );
        await Client.FinishNearlyReady();
        var released = await Client.Ask("J-0139", "release", new { }, Application.Job("J-0139").State.Seq);
        Assert.Equal("job/not-as-recorded", Code(released));
        Assert.Contains("entry 3", released.Answer.GetProperty("title").GetString(), StringComparison.Ordinal);
        Assert.Null(Application.Job("J-0139").State.Release);
    }

    [Fact]
    public async Task A_record_bears_the_seal_its_journal_can_be_checked_against()
    {
        await Client.FinishNearlyReady();
        (await Client.Ask("J-0139", "release", new { }, Application.Job("J-0139").State.Seq)).Status.Ok();
        using var pdf = PdfDocument.Open(await Client.Client.GetByteArrayAsync("/api/jobs/J-0139/records/1.pdf"));
        var text = string.Join(" ", pdf.GetPages().SelectMany(p => p.GetWords()).Select(w => w.Text));
        var seal = System.Text.RegularExpressions.Regex.Match(text, "written: ([0-9]+-[0-9a-f]{16})").Groups[1].Value;
        Assert.True(Verification.Run(Application.DatabaseFile, Core.Job.Stages.Kinds, seal).Sound, seal);
        Assert.False(
            Verification.Run(Application.DatabaseFile, Core.Job.Stages.Kinds, seal[..^4] + "0000").Sound,
            seal
        );
    }

    [Fact]
    public async Task A_shop_that_lost_its_tail_starts_says_so_can_be_read_and_records_nothing()
    {
        (await Count()).Status.Ok();
        (await Count()).Status.Ok();
        await Application.Stop();
        PastTheProgram(
            "DELETE FROM journal WHERE shop_seq = (SELECT MAX(shop_seq) FROM journal); UPDATE journal_head SET "
                + "shop_seq = "
                + "(SELECT MAX(shop_seq) FROM journal), shop_hash = (SELECT shop_hash FROM journal ORDER BY shop_seq "
                + "DESC "
                + "LIMIT 1)"
        );
        await Application.Begin();
        using var lead = await Api.SignedIn(Application, "ithorne");
        Assert.Equal(HttpStatusCode.OK, (await lead.Client.GetAsync("/api/jobs/J-0152")).StatusCode);
        var refused = await Count(lead);
        Assert.Equal((HttpStatusCode.ServiceUnavailable, "shop/cut"), (refused.Status, Code(refused)));
        Assert.Contains(
            "what was recorded after is missing",
            refused.Answer.GetProperty("title").GetString()!,
            StringComparison.Ordinal
        );
        var cut = (await lead.Get("/api/shop/memory")).GetProperty("cut").GetString();
        Assert.Contains("were sealed", cut, StringComparison.Ordinal);
        Assert.Equal(cut, (await lead.Get("/api/shop")).GetProperty("cut").GetString());

        // Another start does not forget it; whoever answers for the loss seals it anew, and that stays on record.
        await Application.Stop();
        using (var database = Database.Open(Application.DatabaseFile))
        {
            Assert.Contains(
                "were sealed",
                database.Reseal("no backup; I. Thorne", Application.Clock.GetUtcNow()),
                StringComparison.Ordinal
            );
        }

        await Application.Begin();
        using var again = await Api.SignedIn(Application, "ithorne");
        (await Count(again)).Status.Ok();
        var verified = Verification.Run(Application.DatabaseFile, Core.Job.Stages.Kinds);
        Assert.True(verified.Sound, verified.Words);
        using var connection = Application.PastTheProgram();
        Assert.Contains(
            "no backup; I. Thorne",
            connection.ExecuteScalar<string>("SELECT value FROM setting WHERE key LIKE 'resealed-%'"),
            StringComparison.Ordinal
        );
    }

    [Fact]
    public async Task A_full_disk_is_said_in_words_nothing_is_half_recorded_and_work_goes_on_when_there_is_room()
    {
        var writer = Application.Services.GetRequiredService<JournalWriter>();
        writer.Room(pages: 0);
        var full = await Count();
        for (var i = 0; i < 200 && full.Status == HttpStatusCode.OK; i++)
        {
            full = await Count();
        }

        var before = Application.Job("J-0152").State.Seq;
        Assert.Equal((507, "server/full"), ((int)full.Status, Code(full)));
        Assert.Contains("nothing was recorded", full.Answer.GetProperty("title").GetString(), StringComparison.Ordinal);
        Assert.Equal(507, (int)(await Count()).Status);
        Assert.Equal(before, Application.Job("J-0152").State.Seq);
        using (var health = await Client.Client.GetAsync("/healthz"))
        {
            Assert.Equal(HttpStatusCode.ServiceUnavailable, health.StatusCode);
            Assert.Contains(
                "the journal cannot be written",
                await health.Content.ReadAsStringAsync(),
                StringComparison.Ordinal
            );
        }

        writer.Room(pages: null);
        Assert.Equal("ok", await Client.Client.GetStringAsync("/healthz"));
        (await Count()).Status.Ok();
        Assert.Equal(before + 1, Application.Job("J-0152").State.Seq);
        Assert.True(Verification.Run(Application.DatabaseFile, Core.Job.Stages.Kinds).Sound);
    }

    [Fact]
    public async Task The_outbox_goes_on_past_a_letter_that_cannot_be_written_and_says_which()
    {
        Directory.CreateDirectory(Path.Combine(Application.Outbox, "J-0150-claim-1.eml"));
        (await Claim("J-0150", "collar")).Status.Ok();
        using var lead = await Api.SignedIn(Application, "ithorne");
        Assert.Equal(
            "J-0150-claim-1.eml",
            Assert.Single((await lead.Get("/api/shop/memory")).GetProperty("mailWaiting").EnumerateArray()).GetString()
        );
        (await Claim("J-0150", "collar")).Status.Ok();
        Assert.True(File.Exists(Path.Combine(Application.Outbox, "J-0150-claim-2.eml")));
        Directory.Delete(Path.Combine(Application.Outbox, "J-0150-claim-1.eml"));
        await Application.Restart();
        Assert.True(File.Exists(Path.Combine(Application.Outbox, "J-0150-claim-1.eml")));
    }

    private Task<(HttpStatusCode Status, JsonElement Answer)> Claim(string job, string part) =>
        Client.Ask(
            job,
            "claims",
            new
            {
                findings = Array.Empty<string>(),
                parts = new[] { part },
                wish = "",
            },
            Application.Job(job).State.Seq
        );

    [Fact]
    public async Task A_supplier_without_an_address_gets_a_letter_and_the_claim_is_not_sent_before_it_is_posted()
    {
        await Client.Record(
            "J-0150",
            "receive/supplier",
            new { supplier = "marrack" },
            Application.Job("J-0150").State.Seq
        );
        (await Claim("J-0150", "collar")).Status.Ok();
        var claims = (await Client.Get("/api/jobs/J-0150/unpack")).GetProperty("claims");
        var claim = Assert.Single(claims.GetProperty("sent").EnumerateArray());
        Assert.False(claim.GetProperty("isSent").GetBoolean());
        Assert.Equal(JsonValueKind.Null, claim.GetProperty("mailFile").ValueKind);
        Assert.False(File.Exists(Path.Combine(Application.Outbox, "J-0150-claim-1.eml")));
        Assert.Equal(HttpStatusCode.OK, (await Client.Client.GetAsync("/api/jobs/J-0150/claims/1.pdf")).StatusCode);
        var collar = claims
            .GetProperty("claimable")
            .EnumerateArray()
            .Single(c => c.GetProperty("id").GetString() == "collar");
        Assert.Equal(
            (false, true),
            (collar.GetProperty("sent").GetBoolean(), collar.GetProperty("written").GetBoolean())
        );

        var id = claim.GetProperty("id").GetString();
        (await Client.Record("J-0150", "unpack/claim-posted", new { claim = id })).Status.Ok();
        Assert.Equal("claim/posted", Code(await Client.Record("J-0150", "unpack/claim-posted", new { claim = id })));
        Assert.True(Application.Job("J-0150").State.Unpack.Claims.Single().IsSent);
        Assert.True(Verification.Run(Application.DatabaseFile, Core.Job.Stages.Kinds).Sound);
    }
}
