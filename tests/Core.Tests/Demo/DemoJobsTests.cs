using System.Collections.Immutable;
using System.Text.Json;
using Xunit;
using Zygotome.Core.Balance;
using Zygotome.Core.Job;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Receive;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Table;
using Zygotome.Core.Unpack;
using Zygotome.Tests;

namespace Zygotome.Core.Tests.Demo;

/// <summary>
/// Whole jobs replayed from the demo's journal files, entry by entry through admission, as the program imports them.
/// </summary>
public sealed class DemoJobsTests
{
    private static readonly DateTimeOffset Now = new(2026, 11, 24, 15, 0, 0, TimeSpan.Zero);
    private static readonly JsonElement Shop = JsonDocument
        .Parse(File.ReadAllText(ProjectFolder.File("demo", "shop.json")))
        .RootElement;

    private static readonly ShopLists Lists = new(
        Listed<Adhesive>("adhesives"),
        Listed<Instrument>("instruments"),
        Listed<Supplier>("suppliers"),
        ["ithorne"],
        18
    );

    private static ImmutableArray<T> Listed<T>(string list) =>
        Shop.GetProperty(list).Deserialize<ImmutableArray<T>>(EntryJson.Lenient);

    public static TheoryData<string> Jobs =>
        [
            .. Directory
                .GetFiles(ProjectFolder.File("demo", "jobs"))
                .Select(f => Path.GetFileName(f).Split('.')[0])
                .Order(StringComparer.Ordinal),
        ];

    internal static (JobState State, List<Entry> Journal) Until(string id, int most) => Play(id, most);

    internal static (JobState State, List<Entry> Journal) Play(string id, int most = int.MaxValue)
    {
        var file = JsonDocument
            .Parse(File.ReadAllText(ProjectFolder.File("demo", "jobs", $"{id}.journal.json")))
            .RootElement;
        var journal = new List<Entry>();
        JobState? state = null;
        foreach (var e in file.GetProperty("entries").EnumerateArray().Take(most))
        {
            var at = Now.AddMinutes(-e.GetProperty("minutesAgo").GetDouble());
            var body = e.GetProperty("body");
            if (state is null)
            {
                var sheet = Tests.Bench.Sheet(body.GetProperty("sheetId").GetString()!);
                state = Tests.Bench.Confirmed(Stages.Unopened(sheet), sheet);
                body = Opening(body, state, at);
            }

            if (body.TryGetProperty("partsDueInDays", out var due))
            {
                body = JsonSerializer.SerializeToElement(
                    new
                    {
                        claim = body.GetProperty("claim"),
                        answer = body.GetProperty("answer"),
                        words = body.GetProperty("words"),
                        partsDue = DateOnly.FromDateTime(Now.UtcDateTime).AddDays(due.GetInt32()),
                    }
                );
            }

            var type = e.GetProperty("type").GetString()!;
            var read = Stages
                .Kinds.ReadPosted(type, body, () => Lists)
                .Match(
                    b => b,
                    r => throw new InvalidOperationException($"{id}-{journal.Count + 1}: {r.Where} {r.Text}")
                );
            // The letter is the server's to write.
            read = read is ClaimSent claim
                ? claim with
                {
                    Number = 1,
                    To = state.Receive.Supplier,
                    Shortages =
                    [
                        .. claim.Parts.Select(p => new ClaimedShortage(
                            p,
                            p,
                            Claims.Short(state, p),
                            state.Sheet.Part(p)!.Bag
                        )),
                    ],
                    LetterHash = "letter",
                }
                : read;
            // So is the record.
            read =
                read is HandOver.Released
                    ? HandOver
                        .Released.From(state, at)
                        .Match(r => r with { PdfHash = "record" }, r => throw new InvalidOperationException(r.Text))
                    : read;
            var by = Shop.GetProperty("staff")
                .EnumerateArray()
                .Single(s => s.GetProperty("id").GetString() == e.GetProperty("by").GetString())
                .Deserialize<Person>(EntryJson.Lenient)!;
            var entry = new Entry(id, state.Seq + 1, $"{id}-{journal.Count + 1}", read, by, at, at, "demo")
            {
                Waited = TimeSpan.Zero,
            };
            entry = Admission.Composed(state, entry);
            var answer = Admission.Ask(state, entry, state.Seq);
            Assert.True(answer.Ok, $"{entry.EntryId}: {answer.Refused?.Text}");
            state = Replay.Add(state, entry);
            journal.Add(entry);
        }

        return (state!, journal);
    }

    /// <summary>A demo job as it stands, to go on with.</summary>
    /// <param name="alone">By somebody who is alone in the shop by now.</param>
    internal static Bench Bench(string id, bool alone = false)
    {
        var (state, journal) = Play(id);
        return new Bench(state, journal, Now, alone);
    }

    private static JsonElement Opening(JsonElement body, JobState state, DateTimeOffset at)
    {
        JsonElement Of(string list, string key, string name) =>
            Shop.GetProperty(list)
                .EnumerateArray()
                .Single(s => s.GetProperty(key).GetString() == body.GetProperty(name).GetString());
        var fields = body.EnumerateObject()
            .Where(p => p.Name != "promisedInDays")
            .ToDictionary(p => p.Name, p => (object)p.Value, StringComparer.Ordinal);
        fields["sheetHash"] = state.Sheet.Hash;
        fields["promised"] = DateOnly
            .FromDateTime(Now.UtcDateTime)
            .AddDays(body.GetProperty("promisedInDays").GetInt32());
        fields["receivedOn"] = DateOnly.FromDateTime(at.UtcDateTime);
        fields["rules"] = new ShopRules("Demo", "Europe/London", false, 1);
        fields["supplier"] = Of("suppliers", "id", "supplier");
        fields["receiver"] = Of("receivers", "name", "receiver");
        return JsonSerializer.SerializeToElement(fields, EntryJson.Lenient);
    }

    [Theory]
    [MemberData(nameof(Jobs))]
    public void Every_demo_journal_is_admitted_and_replays_to_the_same_ledger_on_every_prefix(string id)
    {
        var (state, journal) = Play(id);
        Assert.Equal(Ledger.Of(state, Now), Ledger.Of(Replay.Of(Stages.Unopened(state.Filed), journal), Now));
        var live = Stages.Unopened(state.Filed);
        for (var n = 0; n < journal.Count; n++)
        {
            live = Replay.Add(live, journal[n]);
            if (n % 7 == 0)
            {
                Assert.Equal(
                    Ledger.Of(live, Now),
                    Ledger.Of(Replay.Of(Stages.Unopened(state.Filed), journal[..(n + 1)]), Now)
                );
            }
        }
    }

    // What the ledger still asks for, whatever is only not shown yet.
    private static string[] Wrong(string id) =>
        [
            .. Ledger
                .Of(Play(id).State, Now)
                .Where(l => l is { Open: true, Standing: Standing.NotMet or Standing.Stale })
                .Select(l => l.Id.Split('/')[0] is "loop" ? "loop" : l.Id),
        ];

    [Theory]
    [InlineData("J-0143", "direction/elevator", "handover/motors")]
    [InlineData("J-0144", "throw/rudder/rudder/high/right")]
    [InlineData("J-0139", "loop", "balance/as flown", "weight/as flown", "lateral/as flown")]
    [InlineData("J-0145")]
    [InlineData("J-0146", "balance/as flown")]
    [InlineData("J-0149", "handover/motors")]
    public void Each_demo_job_waits_for_what_it_is_there_to_show(string id, params string[] wrong) =>
        Assert.Equal(wrong.Order(StringComparer.Ordinal), Wrong(id).Order(StringComparer.Ordinal));

    [Fact]
    public void The_cabin_model_waits_for_a_leads_word_and_for_nothing_else()
    {
        var bench = Bench("J-0144");
        var target = Assert.Single(bench.Open()).Id;
        Assert.NotNull(bench.Refused(new HandOver.Conceded(target, "He flies it gently.")));
        bench.Do(new HandOver.Conceded(target, "He flies it gently."), Tests.Bench.Thorne);
        Assert.Empty(bench.Open());
    }

    [Fact]
    public void The_racer_is_released_sealed_and_accepted_by_its_owner()
    {
        var (state, journal) = Play("J-0145");
        Assert.True(state.Released);
        Assert.True(((HandOver.OwnerAnswered)journal[^1].Body).Accepted);
        Assert.All(state.Release!.Ledger, line => Assert.False(line.Open, line.Id));
    }

    [Fact]
    public void The_nose_heavy_canard_needs_its_pack_moved_and_one_piece_out()
    {
        var state = Bench("J-0146").State;
        var range = BalanceTarget.Of(state.Sheet, state.Sheet.Balance.Configurations[0], state.BalanceSchool)!;
        var weighed = state.Balance.Weighings[range.Configuration].Weighed;
        Assert.True(weighed.Calculate().Try(out var cg, out _));
        Assert.True(BalanceAdvice.For(state, range, cg).Try(out var advice, out _));
        Assert.True(advice.PackMove > 0, advice.Words);
        Assert.Equal(-1, advice.Pieces);
    }

    public static TheoryData<string> Sheets => Journal.FinishedTests.Sheets;

    [Theory]
    [MemberData(nameof(Sheets))]
    public void Every_demo_sheet_has_the_steps_of_a_real_build_each_in_words(string name)
    {
        var steps = Tests.Bench.Sheet(name).Steps;
        Assert.InRange(steps.Length, 15, 40);
        Assert.All(steps, s => Assert.True(s.Get(StepFields.Text).Length >= 30, $"{name}: {s.Id} says too little"));
    }

    [Fact]
    public void The_biplane_box_is_short_crushed_and_waits_to_be_claimed_for_two_days_more()
    {
        var (state, _) = Play("J-0150");
        Assert.Equal(2, Claims.DaysLeft(state, DateOnly.FromDateTime(Now.UtcDateTime)));
        Assert.Equal(
            ["aileron-left", "body-fuselage", "lower-wing-right"],
            state.Unpack.Findings.Select(f => f.Place).Order(StringComparer.Ordinal)
        );
        Assert.Equal(
            [Origin.Transport, Origin.Transport, Origin.Factory],
            state.Unpack.Findings.Select(f => f.Origin.Origin)
        );
        Assert.Equal(2, Claims.Short(state, "screw-m3x12"));
    }

    [Fact]
    public void The_canards_first_pack_does_not_fit_and_its_second_balances()
    {
        var budget = Budget.Of(Play("J-0153").State);
        Assert.Equal([(false, null), (true, true)], budget.Packs.Select(p => (p.Fits, p.Balances)));
        Assert.Equal("blue 2400", budget.Best!.Name);
    }

    [Fact]
    public void The_sailplanes_claim_window_is_over_by_two_days() =>
        Assert.Equal(-2, Claims.DaysLeft(Play("J-0148").State, DateOnly.FromDateTime(Now.UtcDateTime)));

    [Fact]
    public void The_sailplanes_missing_pushrod_was_promised_for_yesterday_and_is_not_here()
    {
        var (state, _) = Play("J-0148");
        var claim = Assert.Single(Claims.OnTheWay(state));
        Assert.Equal(
            (DateOnly.FromDateTime(Now.UtcDateTime).AddDays(-1), "pushrod"),
            (claim.Answer!.PartsDue, claim.Shortages.Single().Part)
        );
        Assert.Contains(
            state.Sheet.Steps,
            s =>
                s.Parts.ContainsKey("pushrod")
                && Core.Build.StepGraph.Of(state, s, Now)
                    .WaitsFor.Any(w => w.Contains("Pushrod", StringComparison.Ordinal))
        );
    }

    [Fact]
    public void Two_kits_of_one_owner_share_an_order() =>
        Assert.Equal(Play("J-0153").State.Receive.Order, Play("J-0154").State.Receive.Order);
}
