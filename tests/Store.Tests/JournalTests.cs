using Dapper;
using Microsoft.Data.Sqlite;
using Xunit;
using Zygotome.Core.Job;
using Zygotome.Core.Journal;
using Zygotome.Core.Sheets;
using Zygotome.Core.Unpack;
using Zygotome.Tests;

namespace Zygotome.Store.Tests;

public sealed class JournalTests : OnAStore
{
    [Fact]
    public async Task The_same_entry_twice_is_one_entry_with_the_first_answer()
    {
        await Open();
        var first = Assert.IsType<PostAnswer.Recorded>(await Post("J-0001", Draft("a", new Counted("pushrod", 1))));
        var again = Assert.IsType<PostAnswer.Recorded>(await Post("J-0001", Draft("a", new Counted("pushrod", 1))));
        Assert.Equal(
            (first.Entries[0].Seq, first.Entries[0].RecordedAt),
            (again.Entries[0].Seq, again.Entries[0].RecordedAt)
        );
        Assert.Equal(1, Reader.Find("J-0001")!.State.Unpack.CountOf("pushrod"));
        var other = Assert.IsType<PostAnswer.Refused>(await Post("J-0001", Draft("a", new Counted("pushrod", 2))));
        Assert.Equal("entry/id-used", other.Refusal.Code);
    }

    [Fact]
    public async Task A_repeated_decision_gets_its_first_answer_though_the_job_has_moved_on()
    {
        await Open();
        Assert.IsType<PostAnswer.Recorded>(await Post("J-0001", Draft("d", new CountSet("pushrod", 2), expected: 1)));
        await Post("J-0001", Draft("e", new Counted("pushrod", 1)));
        Assert.IsType<PostAnswer.Recorded>(await Post("J-0001", Draft("d", new CountSet("pushrod", 2), expected: 1)));
    }

    [Fact]
    public async Task A_decision_on_an_older_state_is_told_what_came_between_and_a_fact_is_not_held_up()
    {
        await Open();
        await Post("J-0001", Draft("a", new Counted("pushrod", 1)));
        var overtaken = Assert.IsType<PostAnswer.Overtaken>(
            await Post("J-0001", Draft("b", new CountSet("pushrod", 2), expected: 1))
        );
        Assert.Equal((2, "a"), (overtaken.Seq, Assert.Single(overtaken.Between).EntryId));
        Assert.IsType<PostAnswer.Recorded>(await Post("J-0001", Draft("c", new Counted("pushrod", 1), expected: 1)));
    }

    [Fact]
    public async Task Several_entries_are_recorded_all_or_none()
    {
        await Open();
        var refused = Assert.IsType<PostAnswer.Refused>(
            await Post("J-0001", Draft("a", new Counted("pushrod", 1)), Draft("b", new Counted("no-such-part", 1)))
        );
        Assert.Equal((1, "unpack/part"), (refused.Index, refused.Refusal.Code));
        Assert.Equal(1, Reader.Find("J-0001")!.State.Seq);
        Assert.Null(Reader.Entry("a"));
        Assert.IsType<PostAnswer.Recorded>(
            await Post(
                "J-0001",
                Draft("c", new Counted("pushrod", 1)),
                Draft("d", new CountSet("pushrod", 2), expected: 1)
            )
        );
    }

    [Fact]
    public async Task A_hundred_writers_at_once_lose_no_count_and_the_chains_hold()
    {
        await Open();
        await Open("J-0002");
        await Task.WhenAll(
            Enumerable
                .Range(0, 100)
                .Select(i =>
                    Task.Run(() => Post(i % 2 == 0 ? "J-0001" : "J-0002", Draft($"n{i}", new Counted("screw-m2x8", 1))))
                )
        );
        Assert.Equal(
            (50, 50),
            (
                Reader.Find("J-0001")!.State.Unpack.CountOf("screw-m2x8"),
                Reader.Find("J-0002")!.State.Unpack.CountOf("screw-m2x8")
            )
        );
        Assert.Equal(Enumerable.Range(1, 51).Select(i => (long)i), Reader.Find("J-0001")!.Journal.Select(e => e.Seq));
        var verified = Verification.Run(Database.File, Stages.Kinds);
        Assert.True(verified.Sound, verified.Words);
        Assert.Equal(102, verified.Entries);
    }

    [Fact]
    public async Task What_was_acknowledged_is_read_back_by_a_new_process_to_the_same_ledger()
    {
        await Open();
        await Post("J-0001", Draft("a", new BagCounted("A", true)));
        await Post(
            "J-0001",
            Draft("b", new FindingRaised("wing-left", PlaceKind.Skin, FindingKind.Crack, Q("18 mm"), 182, -168, "note"))
        );
        var here = Reader.Find("J-0001")!.State;
        var there = new JournalReader(Database, new SheetStore(Database), Stages.Kinds).Find("J-0001")!.State;
        var at = Clock.GetUtcNow();
        Assert.Equal(Ledger.Of(here, at), Ledger.Of(there, at));
    }

    [Theory]
    [InlineData("UPDATE journal SET entry_id = 'x'")]
    [InlineData("DELETE FROM journal")]
    [InlineData(
        "INSERT OR REPLACE INTO journal SELECT shop_seq, job, seq, entry_id, x'00', hash, shop_hash FROM journal "
            + "LIMIT 1"
    )]
    [InlineData(
        "INSERT INTO journal SELECT * FROM journal WHERE true ON CONFLICT (entry_id) DO UPDATE SET bytes = x'00'"
    )]
    [InlineData("UPDATE sheet SET revision = 9")]
    [InlineData("DELETE FROM sheet")]
    [InlineData("INSERT OR REPLACE INTO sheet SELECT id, revision, hash, x'00' FROM sheet")]
    [InlineData("INSERT INTO sheet SELECT * FROM sheet WHERE true ON CONFLICT (hash) DO UPDATE SET bytes = x'00'")]
    public async Task What_is_recorded_cannot_be_changed_or_removed_by_sql(string sql)
    {
        await Open();
        using var connection = Database.Connect();
        var error = Assert.Throws<SqliteException>(() => connection.Execute(sql));
        Assert.Matches("append-only|immutable", error.Message);
    }

    [Theory]
    [InlineData(
        "UPDATE journal SET bytes = CAST(replace(CAST(bytes AS TEXT), 'pushrod', 'pushrod2') AS BLOB) WHERE seq = 2",
        "job J-0001, entry 2 (a): its bytes are not those that were recorded"
    )]
    [InlineData("DELETE FROM journal WHERE seq = 2", "between appends 1 and 3 something is missing")]
    [InlineData("DELETE FROM journal WHERE seq = 3", "ends at append 2, but 3 were acknowledged")]
    [InlineData(
        "UPDATE journal SET hash = randomblob(32) WHERE seq = 3",
        "job J-0001, entry 3 (b): its bytes are not those that were recorded"
    )]
    [InlineData("UPDATE journal SET shop_hash = randomblob(32) WHERE seq = 1", "the shop's chain breaks here")]
    [InlineData("UPDATE sheet SET bytes = x'00'", "has other bytes")]
    public async Task A_tampered_file_is_found_and_the_place_named(string tampering, string named)
    {
        await Open();
        await Post("J-0001", Draft("a", new Counted("pushrod", 1)));
        await Post("J-0001", Draft("b", new Counted("pushrod", 1)));
        Assert.True(Verification.Run(Database.File, Stages.Kinds).Sound);
        using var connection = Database.Connect();
        foreach (
            var trigger in connection.Query<string>("SELECT name FROM sqlite_master WHERE type = 'trigger'").ToArray()
        )
        {
            connection.Execute($"DROP TRIGGER {trigger}");
        }

        connection.Execute(tampering);
        var verified = Verification.Run(Database.File, Stages.Kinds);
        Assert.False(verified.Sound);
        Assert.Contains(named, verified.Words, StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_failed_commit_fails_every_post_and_leaves_nothing_acknowledged()
    {
        await Open();
        using (var connection = Database.Connect())
        {
            connection.Execute(
                "CREATE TRIGGER broken BEFORE UPDATE ON journal_head BEGIN SELECT RAISE(ABORT, 'disk full'); END"
            );
        }

        await Assert.ThrowsAsync<InvalidOperationException>(() =>
            Post("J-0001", Draft("a", new Counted("pushrod", 1)))
        );
        Assert.Equal(1, Reader.Find("J-0001")!.State.Seq);
        using (var connection = Database.Connect())
        {
            connection.Execute("DROP TRIGGER broken");
        }

        Assert.IsType<PostAnswer.Recorded>(await Post("J-0001", Draft("a", new Counted("pushrod", 1))));
    }

    [Fact]
    public async Task An_entry_of_a_newer_version_is_kept_blocks_release_and_breaks_nothing()
    {
        await Open();
        var kinds = new EntryKinds(Stages.Kinds.All.Where(k => k.Type != "unpack/counted"));
        await Post("J-0001", Draft("a", new Counted("pushrod", 1)));
        var older = new JournalReader(Database, Sheets, kinds).Find("J-0001")!.State;
        Assert.Equal(["a"], older.Unknown);
        Assert.NotNull(Core.HandOver.Released.From(older, Clock.GetUtcNow()).Refused);
    }

    [Fact]
    public async Task Every_commit_is_synced_to_disk()
    {
        await Open();
        using var connection = Database.Connect();
        Assert.Equal("wal", connection.ExecuteScalar<string>("PRAGMA journal_mode"));
        Assert.Equal(2, connection.ExecuteScalar<int>("PRAGMA synchronous"));
        Assert.Equal(1, connection.ExecuteScalar<int>("PRAGMA foreign_keys"));
    }

    [Fact]
    public void A_sheet_revision_with_other_numbers_is_refused_and_the_same_bytes_are_the_same_sheet()
    {
        var bytes = File.ReadAllBytes(ProjectFolder.File("demo", "sheets", "skerrow-64.sheet.json"));
        Assert.Null(Sheets.Add(Sheet, bytes).Refused);
        byte[] changed = [.. bytes, (byte)'\n'];
        Assert.Equal("sheet/revision", Sheets.Add(SheetReader.Read(changed).Sheet!, changed).Refused!.Code);
    }
}
