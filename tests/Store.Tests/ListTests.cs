using Dapper;
using Microsoft.Data.Sqlite;
using Xunit;
using Zygotome.Core.Jobs;
using Zygotome.Core.Quantities;
using Zygotome.Core.Receive;
using Zygotome.Core.Unpack;

namespace Zygotome.Store.Tests;

/// <summary>The list of jobs follows the journal, and can be made anew from it.</summary>
public sealed class ListTests : OnAStore
{
    private readonly JobList _list;

    public ListTests() => _list = new JobList(Database);

    private async Task Record(string job, EntryBody body)
    {
        var seq = Reader.Find(job)?.State.Seq;
        var answer = await Writer.Record(
            new Post(
                job,
                [new Draft(Guid.NewGuid().ToString(), Stages.Kinds.TypeOf(body), body, DateTimeOffset.UtcNow, seq)],
                Vane,
                "look"
            )
        );
        Assert.IsType<PostAnswer.Recorded>(answer);
    }

    private Task Open(string job, string shelf = "1")
    {
        static Quantity Q(string t) => QuantityParser.Parse(t).OrDefault()!;
        var battery = new Battery(Q("262 g"), Q("105 mm"), Q("34 mm"), Q("30 mm"), 4, Q("2400 mAh"));
        return Record(
            job,
            new JobOpened(
                job,
                "c-1",
                Sheet.Kit.Id,
                1,
                Sheet.Hash,
                battery,
                6,
                DateOnly.FromDateTime(DateTime.UtcNow).AddDays(3),
                shelf,
                BalanceSchool.Middle,
                ShopRules.Default with
                {
                    SelfInspects = true,
                },
                "O-1",
                null,
                new Supplier("s", "Far Trade", "", 10)
            )
        );
    }

    [Fact]
    public async Task Whatever_is_recorded_the_list_is_the_same_as_one_made_anew_from_the_journal()
    {
        EntryBody[] kinds =
        [
            new BagCounted("A", true),
            new BagCounted("B", false),
            new Counted("pushrod", 1),
            new FindingRaised(
                "wing-left",
                PlaceKind.Skin,
                FindingKind.Crack,
                QuantityParser.Parse("34 mm").OrDefault()!,
                100,
                -100,
                ""
            ),
            new PromiseChanged(DateOnly.FromDateTime(DateTime.UtcNow).AddDays(9), "Parts."),
            new PapersFound("manual"),
            new CartonSeen(Carton.Torn, ""),
        ];
        var random = new Random(20261124);
        for (var job = 0; job < 4; job++)
        {
            await Open($"J-{job}", $"shelf{job}");
            for (var i = 0; i < 8; i++)
            {
                await Record($"J-{job}", kinds[random.Next(kinds.Length)]);
            }
        }

        var before = _list.All();
        Assert.Equal(4, before.Count);
        _list.Rebuild(Reader);
        Assert.Equal(before, _list.All());
        Assert.Equal(["J-2"], _list.Find("shelf2", 10).Jobs);
    }

    [Fact]
    public async Task A_file_from_before_there_was_a_list_is_caught_up_with()
    {
        await Open("J-1");
        using (var connection = Database.Connect())
        {
            connection.Execute("DELETE FROM job_list");
        }

        Assert.True(_list.IsBehind());
        _list.Rebuild(Reader);
        Assert.False(_list.IsBehind());
        Assert.Equal(["J-1"], _list.Find("skerrow far", 10).Jobs);
    }

    [Fact]
    public async Task The_claim_window_is_on_the_list_only_while_something_stands_to_be_claimed()
    {
        await Open("J-1");
        Assert.Null(_list.All()[0].ClaimUntil);
        await Record("J-1", new BagCounted("B", false));
        Assert.Equal(["J-1"], _list.Claiming());
        foreach (var (part, n) in new[] { ("screw-m2x8", 8), ("pushrod", 2), ("hatch-latch", 1) })
        {
            await Record("J-1", new Counted(part, n));
        }

        Assert.Empty(_list.Claiming());
    }

    [Theory]
    [InlineData("J-0150 \"quoted\"", "\"J\"* \"0150\"* \"quoted\"*")]
    [InlineData("a* OR b NEAR(", "\"a\"* \"OR\"* \"b\"* \"NEAR\"*")]
    [InlineData("  ", null)]
    [InlineData("';--", null)]
    public void What_is_typed_is_never_read_as_a_query_language(string typed, string? query) =>
        Assert.Equal(query, FullText.Query(typed));

    [Fact]
    public void A_draft_changed_by_somebody_else_meanwhile_is_not_overwritten()
    {
        var drafts = new DraftStore(Database);
        var draft = new SheetDraft("d", "Name", 1, [1], "A", "now");
        drafts.Add(draft);
        Assert.Equal(2, drafts.Change(draft with { Name = "Mine" }, 1).OrDefault()!.Version);
        Assert.Equal("sheet/overtaken", drafts.Change(draft with { Name = "Yours" }, 1).Refused!.Code);
        Assert.Equal("Mine", drafts.Find("d")!.Name);
    }

    [Fact]
    public void What_is_typed_while_a_draft_is_put_on_file_stays_a_draft()
    {
        var drafts = new DraftStore(Database);
        var draft = new SheetDraft("d", "Name", 1, [1], "A", "now");
        drafts.Add(draft);
        drafts.Answer(DraftStore.KeyOf("d"), new FlagAnswered("f", "asPrinted", "", "A", "now"));
        var later = drafts.Change(draft with { Name = "Later" }, 1).OrDefault()!;
        drafts.Filed(draft, "hash");
        Assert.Equal("Later", drafts.Find("d")!.Name);
        Assert.Equal("f", Assert.Single(drafts.Answers("hash")).Flag);
        drafts.Filed(later, "hash-2");
        Assert.Null(drafts.Find("d"));
    }

    [Fact]
    public void A_picture_that_an_entry_names_cannot_be_taken_away()
    {
        var photos = new PhotoStore(Database);
        photos.Add(new Photo("h1", [1], [1], 1, 1), DateTimeOffset.UtcNow.AddDays(-3));
        photos.Add(new Photo("h2", [1], [1], 1, 1), DateTimeOffset.UtcNow.AddDays(-3));
        photos.Add(new Photo("h3", [1], [1], 1, 1), DateTimeOffset.UtcNow);
        using var connection = Database.Connect();
        connection.Execute("INSERT INTO photo_use (hash, entry_id) VALUES ('h1', 'e')");
        Assert.Throws<SqliteException>(() => connection.Execute("DELETE FROM photo WHERE hash = 'h1'"));
        Assert.Throws<SqliteException>(() => connection.Execute("UPDATE photo SET width = 5"));
        Assert.Throws<SqliteException>(() =>
            connection.Execute("INSERT OR REPLACE INTO photo VALUES ('h2', x'00', x'00', 2, 2, 'now')")
        );
        Assert.Equal(1, photos.Sweep(DateTimeOffset.UtcNow));
        Assert.Null(photos.Bytes("h2", false));
        Assert.NotNull(photos.Bytes("h1", true));
    }
}
