using Xunit;
using Zygotome.Core.Job;
using Zygotome.Core.Unpack;

namespace Zygotome.Store.Tests;

/// <summary>Jobs kept replayed: so many bytes, the least used go, and nothing older than what was committed.</summary>
public sealed class SnapshotCacheTests : OnAStore
{
    private JobSnapshot Job(string id, long bytes = 1000, long seq = 1) =>
        new(Stages.Unopened(Sheet) with { JobId = id, Seq = seq }, [], bytes);

    // Room for three small jobs.
    private readonly SnapshotCache _cache = new(3 * 10_000);

    [Fact]
    public void The_least_recently_used_goes_when_there_is_no_room()
    {
        foreach (var id in new[] { "a", "b", "c" })
        {
            Assert.True(_cache.Keep(Job(id)));
        }

        Assert.NotNull(_cache.Find("a"));
        _cache.Keep(Job("d"));
        Assert.Null(_cache.Find("b"));
        Assert.All(["a", "c", "d"], id => Assert.NotNull(_cache.Find(id)));
    }

    [Fact]
    public void One_larger_than_the_room_is_kept_alone_while_it_is_the_last_used()
    {
        _cache.Keep(Job("a"));
        _cache.Keep(Job("large", 1_000_000));
        Assert.Null(_cache.Find("a"));
        Assert.NotNull(_cache.Find("large"));
        _cache.Keep(Job("b"));
        Assert.Null(_cache.Find("large"));
    }

    [Fact]
    public void A_job_with_a_post_under_way_stays_whatever_else_is_read()
    {
        _cache.Keep(Job("a"));
        var first = _cache.Hold("a");
        var second = _cache.Hold("a");
        for (var i = 0; i < 9; i++)
        {
            _cache.Keep(Job($"n{i}"));
        }

        Assert.NotNull(_cache.Find("a"));
        first.Dispose();
        first.Dispose();
        Push();
        Assert.NotNull(_cache.Find("a"));
        second.Dispose();
        Push();
        Assert.Null(_cache.Find("a"));

        void Push()
        {
            for (var i = 0; i < 9; i++)
            {
                _cache.Keep(Job($"m{i}"));
            }
        }
    }

    [Fact]
    public void What_was_read_before_a_commit_is_not_kept_over_it_even_when_that_was_let_go()
    {
        _cache.Publish(Job("a", seq: 5));
        Assert.False(_cache.Keep(Job("a", seq: 4)));
        Assert.Equal(5, _cache.Find("a")!.State.Seq);
        _cache.Forget("a");
        Assert.False(_cache.Keep(Job("a", seq: 4)));
        Assert.Null(_cache.Find("a"));
        Assert.True(_cache.Keep(Job("a", seq: 5)));
    }

    [Fact]
    public async Task A_shop_that_keeps_nothing_loses_nothing()
    {
        var reader = new JournalReader(Database, Sheets, Kinds, mostBytes: 1);
        var writer = new JournalWriter(Database, reader, Sheets, Kinds, Clock);
        await using (writer)
        {
            for (var job = 0; job < 3; job++)
            {
                await writer.Record(new Post($"J-{job}", [Draft($"o{job}", Opened($"J-{job}"))], Vane, "look"));
            }

            var answers = await Task.WhenAll(
                Enumerable
                    .Range(0, 90)
                    .Select(i =>
                        Task.Run(async () =>
                        {
                            _ = reader.Find($"J-{(i + 1) % 3}");
                            return await writer.Record(
                                new Post($"J-{i % 3}", [Draft($"n{i}", new Counted("pushrod", 1))], Vane, "look")
                            );
                        })
                    )
            );
            Assert.All(answers, a => Assert.IsType<PostAnswer.Recorded>(a));
            Assert.All(Enumerable.Range(0, 3), j => Assert.Equal(31, reader.Find($"J-{j}")!.State.Seq));
        }
    }
}
