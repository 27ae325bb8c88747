using System.Net;
using System.Text.Json;
using MimeKit;
using Xunit;
using Zygotome.Core.Journal;
using Zygotome.Core.Receive;
using Zygotome.Core.Unpack;

namespace Zygotome.Server.Tests;

/// <summary>Looking up, taking in, counting together and claiming, over HTTP.</summary>
public sealed class CounterTests : WithServer
{
    private static object Battery =>
        new
        {
            mass = "262 g",
            length = "105 mm",
            width = "34 mm",
            height = "30 mm",
            cells = 4,
            capacity = "2400 mAh",
            cRating = (double?)30,
            connector = "",
        };

    private async Task<string> Open(string id, string name, string order = "", string supplier = "fenwater")
    {
        var (status, answer) = await Client.Send(
            HttpMethod.Post,
            "/api/jobs",
            JsonSerializer.Serialize(
                new
                {
                    entryId = id,
                    customer = new
                    {
                        name,
                        contact = "0000 555 777",
                        notes = "blue van",
                    },
                    sheetId = "skerrow-64",
                    sheetRevision = 1,
                    battery = Battery,
                    receiverChannels = 6,
                    promised = DateOnly.FromDateTime(Application.Clock.GetUtcNow().UtcDateTime).AddDays(4),
                    shelf = "19",
                    balanceSchool = "forwardThird",
                    observedAt = Application.Clock.GetUtcNow(),
                    look = "l",
                    order,
                    supplierId = supplier,
                    morePacks = new[] { new { name = "second", battery = Battery } },
                    addOns = new[]
                    {
                        new
                        {
                            name = "lamp",
                            mass = "12 g",
                            at = "40 mm",
                            state = "tested",
                        },
                    },
                    transmitter = new { name = "old one", memories = "2" },
                }
            )
        );
        Assert.True(status == HttpStatusCode.OK, answer.ToString());
        return answer.GetProperty("jobId").GetString()!;
    }

    private async Task<string[]> Found(string words) =>
        [
            .. (await Client.Get($"/api/jobs?find={Uri.EscapeDataString(words)}"))
                .GetProperty("jobs")
                .EnumerateArray()
                .Select(j => j.GetProperty("id").GetString()!),
        ];

    [Fact]
    public async Task Everything_brought_is_taken_in_at_once_and_again_is_the_same_job()
    {
        var job = await Open("first", "B. Wren");
        var state = Application.Job(job).State;
        Assert.Equal(
            (2, "lamp", "old one", "Fenwater Trade"),
            (
                state.Receive.Packs.Count,
                state.Receive.AddOns[0].Name,
                state.Receive.Transmitter!.Name,
                state.Receive.Supplier!.Name
            )
        );
        Assert.Equal(job, await Open("first", "B. Wren"));
        var second = await Open("second", "B. Wren", state.Receive.Order);
        var view = await Client.Get($"/api/jobs/{second}/receive");
        Assert.Equal(
            job,
            Assert.Single(view.GetProperty("orderOthers").EnumerateArray().ToArray()).GetProperty("job").GetString()
        );
    }

    [Theory]
    [InlineData("wren")]
    [InlineData("0000 555 777")]
    [InlineData("blue van")]
    [InlineData("WREN skerrow")]
    public async Task A_customer_is_found_by_name_contact_or_notes(string words)
    {
        await Open("first", "B. Wren");
        var found = await Client.Get($"/api/customers?find={Uri.EscapeDataString(words.Split(' ')[0])}");
        Assert.Contains(found.EnumerateArray(), c => c.GetProperty("name").GetString() == "B. Wren");
        Assert.Equal(words.Contains("skerrow", StringComparison.Ordinal) ? 0 : 1, (await Found(words)).Length);
    }

    [Fact]
    public async Task Jobs_are_found_by_kit_number_and_shelf_and_odd_characters_find_nothing_rather_than_fail()
    {
        Assert.Contains("J-0150", await Found("brindle"));
        Assert.Equal(["J-0150"], await Found("J-0150"));
        Assert.Equal(["J-0150"], await Found("bri pai"));
        foreach (var odd in new[] { "\"", "*", "NEAR(", "a OR", "';--", "(((", "שלום", "%", "-", new string('x', 500) })
        {
            Assert.Empty(await Found(odd));
        }

        Assert.Equal(10, (await Client.Get("/api/sheets")).GetProperty("all").GetInt64());
        Assert.Equal(
            "Carrow Mail 1900",
            (await Client.Get("/api/sheets?find=transport")).GetProperty("sheets")[0].GetProperty("name").GetString()
        );
    }

    [Fact]
    public async Task Two_people_counting_at_once_lose_no_count()
    {
        using var other = await Api.SignedIn(Application, "ithorne");
        var counts = Enumerable
            .Range(0, 40)
            .Select(i =>
                (i % 2 == 0 ? Client : other).Record("J-0154", "unpack/counted", new { part = "screw-m2x8", delta = 1 })
            );
        Assert.All(await Task.WhenAll(counts), r => Assert.Equal(HttpStatusCode.OK, r.Status));
        Assert.Equal(40, Application.Job("J-0154").State.Unpack.CountOf("screw-m2x8"));
    }

    private async Task<JsonElement> Claim()
    {
        var state = Application.Job("J-0150").State;
        var (status, answer) = await Client.Ask(
            "J-0150",
            "claims",
            new
            {
                findings = new[] { state.Unpack.Findings[0].Id },
                parts = new[] { "collar" },
                wish = "A new cowl.",
            },
            state.Seq
        );
        Assert.True(status == HttpStatusCode.OK, answer.ToString());
        return answer;
    }

    [Fact]
    public async Task A_claim_is_a_letter_and_a_mail_with_it_in_the_outbox()
    {
        await Claim();
        var claim = Application.Job("J-0150").State.Unpack.Claims.Single();
        Assert.Equal((1, "Fenwater Trade", 1), (claim.Number, claim.To, claim.Shortages.Single().Quantity));
        using var mail = await MimeMessage.LoadAsync(Path.Combine(Application.Outbox, "J-0150-claim-1.eml"));
        Assert.Equal("claims@fenwater.invalid", mail.To.Mailboxes.Single().Address);
        Assert.Contains("A new cowl.", mail.TextBody, StringComparison.Ordinal);
        var letter = (MimePart)mail.Attachments.Single();
        using var pdf = new MemoryStream();
        await letter.Content!.DecodeToAsync(pdf);
        using var read = UglyToad.PdfPig.PdfDocument.Open(pdf.ToArray());
        var words = string.Join(' ', read.GetPages().SelectMany(p => p.GetWords()).Select(w => w.Text));
        Assert.Contains("crack of 26 mm", words, StringComparison.Ordinal);
        Assert.Contains("Wheel collar", words, StringComparison.Ordinal);
        Assert.DoesNotContain("Osier", words + mail.TextBody, StringComparison.Ordinal);
        Assert.Equal(pdf.ToArray(), await Client.Client.GetByteArrayAsync("/api/jobs/J-0150/claims/1.pdf"));
    }

    [Fact]
    public async Task Mail_that_could_not_be_put_down_is_delivered_at_the_next_start()
    {
        // A file in the folder's place: the outbox cannot be written.
        Directory.Delete(Application.Outbox, recursive: true);
        await File.WriteAllTextAsync(Application.Outbox, "in the way");
        await Claim();
        Assert.False(Directory.Exists(Application.Outbox));
        File.Delete(Application.Outbox);
        await Application.Restart();
        Assert.True(File.Exists(Path.Combine(Application.Outbox, "J-0150-claim-1.eml")));
    }

    [Fact]
    public async Task A_claim_for_what_is_not_short_or_by_somebody_who_saw_an_older_state_is_refused()
    {
        var seq = Application.Job("J-0150").State.Seq;
        var (status, answer) = await Client.Ask(
            "J-0150",
            "claims",
            new
            {
                findings = Array.Empty<string>(),
                parts = new[] { "cowl" },
                wish = "",
            },
            seq
        );
        Assert.Equal(
            (HttpStatusCode.UnprocessableEntity, "claim/not-short"),
            (status, answer.GetProperty("code").GetString())
        );
        (status, _) = await Client.Ask(
            "J-0150",
            "claims",
            new
            {
                findings = new[] { "nothing" },
                parts = Array.Empty<string>(),
                wish = "",
            },
            seq
        );
        Assert.Equal(HttpStatusCode.UnprocessableEntity, status);
        (status, _) = await Client.Ask(
            "J-0150",
            "claims",
            new
            {
                findings = Array.Empty<string>(),
                parts = new[] { "collar" },
                wish = "",
            },
            seq - 1
        );
        Assert.Equal(HttpStatusCode.Conflict, status);
        Assert.Equal(["J-0148-claim-1.eml"], Directory.GetFiles(Application.Outbox).Select(Path.GetFileName));
    }

    [Fact]
    public async Task The_bench_and_the_list_say_how_long_a_claim_still_stands()
    {
        var bench = await Client.Get("/api/bench");
        var claims = bench
            .GetProperty("claims")
            .EnumerateArray()
            .ToDictionary(c => c.GetProperty("job").GetString()!, c => c.GetProperty("daysLeft").GetInt32());
        Assert.Equal((-2, 2), (claims["J-0148"], claims["J-0150"]));
        var late = Assert.Single(bench.GetProperty("parts").EnumerateArray());
        Assert.Equal(
            ("J-0148", true, "1 × Pushrod with clevis"),
            (
                late.GetProperty("job").GetString(),
                late.GetProperty("late").GetBoolean(),
                late.GetProperty("what")[0].GetString()
            )
        );
        var card = (await Client.Get("/api/jobs?find=J-0150")).GetProperty("jobs")[0];
        Assert.Equal(2, card.GetProperty("claimDaysLeft").GetInt32());
        var seq = Application.Job("J-0150").State.Seq;
        var all = Core.Unpack.Claims.Of(Application.Job("J-0150").State).ToArray();
        await Client.Ask(
            "J-0150",
            "claims",
            new
            {
                findings = all.Where(c => !c.IsPart).Select(c => c.Id),
                parts = all.Where(c => c.IsPart).Select(c => c.Id),
                wish = "",
            },
            seq
        );
        Assert.DoesNotContain(
            (await Client.Get("/api/bench")).GetProperty("claims").EnumerateArray(),
            c => c.GetProperty("job").GetString() == "J-0150"
        );

        // Promised parts are on the bench until they come, however many jobs are promised sooner.
        var claim = Application.Job("J-0150").State.Unpack.Claims[^1].Id;
        Task<(HttpStatusCode Status, JsonElement Answer)> Say(string type, object body) =>
            Client.Record("J-0150", type, body, Application.Job("J-0150").State.Seq);
        async Task<int> OnTheWay() =>
            (await Client.Get("/api/bench"))
                .GetProperty("parts")
                .EnumerateArray()
                .Count(p => p.GetProperty("job").GetString() == "J-0150");
        Assert.Equal(0, await OnTheWay());
        await Say(
            "unpack/claim-answered",
            new
            {
                claim,
                answer = "accepted",
                words = "Sent.",
                partsDue = DateOnly.FromDateTime(Application.Clock.GetUtcNow().UtcDateTime).AddDays(9),
            }
        );
        Assert.Equal(1, await OnTheWay());
        await Say("unpack/parts-arrived", new { claim, note = "" });
        Assert.Equal(0, await OnTheWay());
    }

    [Fact]
    public async Task Moving_to_another_revision_is_looked_at_first_and_then_done()
    {
        var (_, draft) = await Client.Send(
            HttpMethod.Post,
            "/api/drafts/revision",
            """{"id":"plimsey-1400","revision":1}"""
        );
        var path = $"/api/drafts/{draft.GetProperty("id").GetString()}";
        await Client.Send(
            HttpMethod.Post,
            $"{path}/edits",
            """{"version":1,"edits":[{"path":"$.surfaces[4].chord","act":"set","text":"66 mm","page":"","reason":""}]}"""
        );
        Assert.Equal(HttpStatusCode.OK, (await Client.Send(HttpMethod.Post, $"{path}/file-it", "{}")).Status);
        var move = await Client.Get("/api/jobs/J-0147/receive/move/2");
        Assert.Contains(
            move.GetProperty("lines").EnumerateArray(),
            l =>
                l.GetProperty("id").GetString()!.StartsWith("throw/rudder/", StringComparison.Ordinal)
                && l.GetProperty("standsAfter").GetString() == "stale"
        );
        var seq = Application.Job("J-0147").State.Seq;
        Task<(HttpStatusCode Status, JsonElement Answer)> Moved(Api by) =>
            by.Record(
                "J-0147",
                "receive/sheet-moved",
                new
                {
                    revision = 2,
                    sheetHash = move.GetProperty("hash").GetString(),
                    reason = "Corrected chord.",
                },
                seq
            );
        var (status, answer) = await Moved(Client);
        Assert.Equal((HttpStatusCode.Forbidden, "entry/role"), (status, answer.GetProperty("code").GetString()));
        using var lead = await Api.SignedIn(Application, "ithorne");
        (status, answer) = await Moved(lead);
        Assert.True(status == HttpStatusCode.OK, answer.ToString());
        await Application.Restart();
        Assert.Equal(2, Application.Job("J-0147").State.Receive.SheetRevision);
        Assert.Equal(66, Application.Job("J-0147").State.Sheet.Surface("rudder")!.Chord);
        Assert.Equal(
            Standing.Stale,
            Ledger
                .Of(Application.Job("J-0147").State, Application.Clock.GetUtcNow())
                .Single(l => l.Id == "throw/rudder/rudder/high/left")
                .Standing
        );
    }
}
