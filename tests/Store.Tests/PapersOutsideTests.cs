using Xunit;
using Zygotome.Core;
using Zygotome.Core.Unpack;

namespace Zygotome.Store.Tests;

/// <summary>Papers take their time outside the commit, and are recorded only on the state they were made of.</summary>
public sealed class PapersOutsideTests : OnAStore
{
    // Ten pushrods counted stand for a paper.
    private static Proposal Paper(string id, Action<int> made) =>
        Draft(
            id,
            new Counted("pushrod", 0),
            compose: (state, entry) =>
            {
                made(state.Unpack.CountOf("pushrod"));
                return new Composed(new Counted("pushrod", 10), new Blob($"{id}-{entry.Seq}", "text/plain", [1]));
            }
        );

    private Task<PostAnswer> Count(string id) => Post("J-0001", Draft(id, new Counted("pushrod", 1)));

    [Fact]
    public async Task While_one_makes_papers_everybody_else_records()
    {
        await Open();
        await Open("J-0002");
        using var others = new ManualResetEventSlim();
        var slow = Task.Run(() => Post("J-0001", Paper("p", _ => others.Wait(TimeSpan.FromSeconds(30)))));
        for (var i = 0; i < 20; i++)
        {
            var answer = await Post("J-0002", Draft($"n{i}", new Counted("pushrod", 1)))
                .WaitAsync(TimeSpan.FromSeconds(20));
            Assert.IsType<PostAnswer.Recorded>(answer);
        }

        others.Set();
        Assert.IsType<PostAnswer.Recorded>(await slow);
        Assert.Equal(10, Reader.Find("J-0001")!.State.Unpack.CountOf("pushrod"));
    }

    [Fact]
    public async Task Papers_of_a_job_that_moved_meanwhile_are_made_anew_of_what_it_is_now()
    {
        await Open();
        var seen = new List<int>();
        var answer = await Post(
            "J-0001",
            Paper(
                "p",
                n =>
                {
                    seen.Add(n);
                    if (seen.Count < 3)
                    {
                        Assert.IsType<PostAnswer.Recorded>(Count($"n{seen.Count}").GetAwaiter().GetResult());
                    }
                }
            )
        );
        Assert.IsType<PostAnswer.Recorded>(answer);
        Assert.Equal([0, 1, 2], seen);
        Assert.Equal(12, Reader.Find("J-0001")!.State.Unpack.CountOf("pushrod"));
        Assert.NotNull(new BlobStore(Database).Find("p-4"));
        Assert.Null(new BlobStore(Database).Find("p-2"));
    }

    [Fact]
    public async Task A_job_that_moves_each_time_is_said_to_have_moved_and_no_paper_of_it_is_kept()
    {
        await Open();
        var times = 0;
        var answer = await Post("J-0001", Paper("p", _ => Count($"n{++times}").GetAwaiter().GetResult()));
        var overtaken = Assert.IsType<PostAnswer.Overtaken>(answer);
        Assert.Equal((3, 4), (times, overtaken.Seq));
        Assert.Equal(["n1", "n2", "n3"], overtaken.Between.Select(e => e.EntryId));
        Assert.Equal(3, Reader.Find("J-0001")!.State.Unpack.CountOf("pushrod"));
        Assert.Null(Reader.Entry("p"));
    }

    [Fact]
    public async Task Papers_know_of_what_is_recorded_before_them_in_the_same_post()
    {
        await Open();
        var seen = -1;
        var answer = await Post("J-0001", Draft("a", new Counted("pushrod", 2)), Paper("p", n => seen = n));
        Assert.Equal(2, Assert.IsType<PostAnswer.Recorded>(answer).Entries.Count);
        Assert.Equal((2, 12), (seen, Reader.Find("J-0001")!.State.Unpack.CountOf("pushrod")));
    }

    [Fact]
    public async Task Papers_sent_twice_are_one_record_and_those_of_no_job_are_refused()
    {
        await Open();
        var times = 0;
        var first = await Post("J-0001", Paper("p", _ => times++));
        var again = await Post("J-0001", Paper("p", _ => times++));
        Assert.Equal(
            Assert.IsType<PostAnswer.Recorded>(first).Entries[0].Seq,
            Assert.IsType<PostAnswer.Recorded>(again).Entries[0].Seq
        );
        Assert.Equal(1, times);
        var none = Assert.IsType<PostAnswer.Refused>(await Post("J-9", Paper("q", _ => times++)));
        Assert.Equal(("job/not-found", 1), (none.Refusal.Code, times));
    }

    [Fact]
    public async Task A_rule_that_throws_while_papers_are_made_refuses_them_alone()
    {
        await Open();
        var answer = await Post("J-0001", Paper("p", _ => throw new DivideByZeroException()));
        Assert.Equal("server/rule", Assert.IsType<PostAnswer.Refused>(answer).Refusal.Code);
        Assert.IsType<PostAnswer.Recorded>(await Count("n"));
    }

    [Fact]
    public async Task What_papers_may_not_say_is_refused_with_its_place()
    {
        await Open();
        var refused = Draft(
            "p",
            new Counted("pushrod", 1),
            compose: (_, _) => new Refusal("handover/open", "Something is open.", "body")
        );
        var answer = Assert.IsType<PostAnswer.Refused>(
            await Post("J-0001", Draft("a", new Counted("pushrod", 1)), refused)
        );
        Assert.Equal((1, "handover/open"), (answer.Index, answer.Refusal.Code));
        Assert.Equal(1, Reader.Find("J-0001")!.State.Seq);
    }
}
