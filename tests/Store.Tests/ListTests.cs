using Dapper;
using Microsoft.Data.Sqlite;
using Xunit;
using Zygotome.Core.Job;
using Zygotome.Core.Journal;
using Zygotome.Core.Receive;
using Zygotome.Core.Sheets;
using Zygotome.Core.Unpack;

namespace Zygotome.Store.Tests;

/// <summary>The list of jobs follows the journal, and can be made anew from it.</summary>
public sealed class ListTests : OnAStore
{
    private async Task Record(string job, EntryBody body)
    {
        var seq = Reader.Find(job)?.State.Seq;
        var answer = await Writer.Record(
            new Post(
                job,
                [new Proposal(Guid.NewGuid().ToString(), Stages.Kinds.TypeOf(body), body, Clock.GetUtcNow(), seq)],
                Vane with
                {
                    Alone = true,
                },
                "look"
            )
        );
        Assert.IsType<PostAnswer.Recorded>(answer);
    }

    private Task OpenInOrder(string job, string shelf = "1") =>
        Record(job, Opened(job, shelf) with { Order = "O-1", Supplier = new Supplier("s", "Far Trade", "", 10) });

    [Fact]
    public async Task Whatever_is_recorded_the_list_is_the_same_as_one_made_anew_from_the_journal()
    {
        EntryBody[] kinds =
        [
            new BagCounted("A", true),
            new BagCounted("B", false),
            new Counted("pushrod", 1),
            new FindingRaised("wing-left", PlaceKind.Skin, FindingKind.Crack, Q("34 mm"), 100, -100, ""),
            new PromiseChanged(DateOnly.FromDateTime(Clock.GetUtcNow().UtcDateTime).AddDays(9), "Parts."),
            new PapersFound("manual"),
            new CartonSeen(Carton.Torn, ""),
        ];
        var random = new Random(20261124);
        for (var job = 0; job < 4; job++)
        {
            await OpenInOrder($"J-{job}", $"shelf{job}");
            for (var i = 0; i < 8; i++)
            {
                await Record($"J-{job}", kinds[random.Next(kinds.Length)]);
            }
        }

        Assert.Equal(4, List.Find(null, 10).Jobs.Count);
        var before = List.Rows();
        Assert.Equal(4, before.Count);
        using (var connection = Database.Connect())
        {
            connection.Execute("DELETE FROM job_list; DELETE FROM job_facts");
        }

        List.CatchUp();
        Assert.Equal(before, List.Rows());
        Assert.Equal(["J-2"], Found("shelf2"));
    }

    [Fact]
    public async Task A_file_from_before_there_was_a_list_is_caught_up_with()
    {
        await OpenInOrder("J-1");
        using (var connection = Database.Connect())
        {
            connection.Execute("DELETE FROM job_list; DELETE FROM job_facts");
        }

        List.CatchUp();
        Assert.Equal(["J-1"], Found("skerrow far"));
    }

    [Fact]
    public async Task The_claim_window_is_on_the_list_only_while_something_stands_to_be_claimed()
    {
        await OpenInOrder("J-1");
        Assert.Null(Assert.Single(List.Find(null, 10).Jobs).Facts.Claim);
        await Record("J-1", new BagCounted("B", false));
        Assert.Equal(["J-1"], List.Claiming().Select(l => l.Job));
        foreach (var (part, n) in new[] { ("screw-m2x8", 8), ("pushrod", 2), ("hatch-latch", 1) })
        {
            await Record("J-1", new Counted(part, n));
        }

        Assert.Empty(List.Claiming());
    }

    [Fact]
    public async Task A_commit_writes_no_row_and_whoever_reads_the_list_makes_those_that_are_behind()
    {
        await OpenInOrder("J-1");
        await OpenInOrder("J-2");
        Assert.Empty(List.Rows());
        Assert.Equal(2, List.Find(null, 10).All);
        Assert.Equal([1, 1], List.Rows().Select(r => r.Facts.Seq));
        await Record("J-2", new BagCounted("B", false));
        Assert.Equal([1, 1], List.Rows().Select(r => r.Facts.Seq));
        Assert.Equal(["J-2"], List.Claiming().Select(l => l.Job));
        Assert.Equal([1, 2], List.Rows().Select(r => r.Facts.Seq));
    }

    [Fact]
    public async Task The_worker_makes_the_rows_that_nobody_reads()
    {
        await OpenInOrder("J-1");
        List.Start();
        await Record("J-1", new BagCounted("A", true));
        for (var i = 0; i < 500 && List.Rows() is not [(_, { Seq: 2 })]; i++)
        {
            await Task.Delay(10);
        }

        Assert.Equal(2, Assert.Single(List.Rows()).Facts.Seq);
    }

    [Fact]
    public async Task A_row_that_another_program_made_is_not_believed()
    {
        await OpenInOrder("J-1");
        Assert.Equal("J-1", Assert.Single(List.Find(null, 10).Jobs).Facts.Number);
        using (var connection = Database.Connect())
        {
            connection.Execute("UPDATE job_facts SET made_by = 'older', facts = '{}'");
        }

        Assert.Equal("J-1", Assert.Single(List.Find(null, 10).Jobs).Facts.Number);
        List.CatchUp();
        Assert.NotEqual("older", Assert.Single(List.Rows()).Facts.MadeBy);
    }

    private IEnumerable<string> Found(string words) => List.Find(words, 10).Jobs.Select(l => l.Job);

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
        var draft = new SheetDraft("d", "Name", 1, [1], "A", "now", "a");
        drafts.Add(draft);
        Assert.Equal(2, drafts.Change(draft with { Name = "Mine" }, 1).OrDefault()!.Version);
        Assert.Equal("sheet/overtaken", drafts.Change(draft with { Name = "Yours" }, 1).Refused!.Code);
        Assert.Equal("Mine", drafts.Find("d")!.Name);
    }

    [Fact]
    public void What_is_typed_while_a_draft_is_put_on_file_stays_a_draft()
    {
        var drafts = new DraftStore(Database);
        var draft = new SheetDraft("d", "Name", 1, [1], "A", "now", "a");
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
        photos.Add(new Photo("h1", [1], [1], 1, 1), Clock.GetUtcNow().AddDays(-3));
        photos.Add(new Photo("h2", [1], [1], 1, 1), Clock.GetUtcNow().AddDays(-3));
        photos.Add(new Photo("h3", [1], [1], 1, 1), Clock.GetUtcNow());
        using var connection = Database.Connect();
        connection.Execute("INSERT INTO photo_use (hash, entry_id) VALUES ('h1', 'e')");
        Assert.Throws<SqliteException>(() => connection.Execute("DELETE FROM photo WHERE hash = 'h1'"));
        Assert.Throws<SqliteException>(() => connection.Execute("UPDATE photo SET width = 5"));
        Assert.Throws<SqliteException>(() =>
            connection.Execute("INSERT OR REPLACE INTO photo VALUES ('h2', x'00', x'00', 2, 2, 'now')")
        );
        Assert.Equal(1, photos.Sweep(Clock.GetUtcNow()));
        Assert.Null(photos.Bytes("h2", false));
        Assert.NotNull(photos.Bytes("h1", true));
    }
}
