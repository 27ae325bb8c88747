using Dapper;
using Xunit;
using Zygotome.Core.Job;
using Zygotome.Core.Unpack;

namespace Zygotome.Store.Tests;

/// <summary>
/// A rule that fails, a job that cannot be read, a commit that is lost: each harms itself and nothing else.
/// </summary>
public sealed class OneBreaksNoOther : OnAStore
{
    [Fact]
    public async Task A_rule_that_throws_refuses_its_own_post_and_every_other_of_the_commit_is_recorded()
    {
        await Open("J-1");
        await Open("J-2");
        var told = new List<(string Job, Exception Why)>();
        Writer.RuleFailed += (job, why) =>
        {
            lock (told)
            {
                told.Add((job, why));
            }
        };
        var answers = await Task.WhenAll(
            Enumerable
                .Range(0, 60)
                .Select(i =>
                    Task.Run(() =>
                        Post(
                            $"J-{1 + (i % 2)}",
                            i % 3 == 0 ? Draft($"n{i}", new Breaks()) : Draft($"n{i}", new Counted("pushrod", 1))
                        )
                    )
                )
        );
        Assert.Equal(20, answers.OfType<PostAnswer.Refused>().Count(r => r.Refusal.Code == "server/rule"));
        Assert.Equal(40, answers.OfType<PostAnswer.Recorded>().Count());
        Assert.Equal(
            40,
            Reader.Find("J-1")!.State.Unpack.CountOf("pushrod") + Reader.Find("J-2")!.State.Unpack.CountOf("pushrod")
        );
        Assert.Equal(20, told.Count);
        Assert.All(told, t => Assert.IsType<DivideByZeroException>(t.Why));
        Assert.Null(Reader.Entry("n0"));
        Assert.True(Verification.Run(Database.File, Stages.Kinds).Sound);
    }

    [Fact]
    public async Task What_was_admitted_before_a_throwing_rule_in_one_post_is_not_recorded_either()
    {
        await Open("J-1");
        var answer = await Post("J-1", Draft("a", new Counted("pushrod", 1)), Draft("b", new Breaks()));
        Assert.Equal("server/rule", Assert.IsType<PostAnswer.Refused>(answer).Refusal.Code);
        Assert.Equal(1, Reader.Find("J-1")!.State.Seq);
        Assert.IsType<PostAnswer.Recorded>(await Post("J-1", Draft("a", new Counted("pushrod", 1))));
    }

    [Fact]
    public async Task A_lost_commit_forgets_the_jobs_in_it_and_keeps_the_others()
    {
        await Open("J-1");
        await Open("J-2");
        var other = Reader.Find("J-2");
        using (var connection = Database.Connect())
        {
            connection.Execute(
                "CREATE TRIGGER full BEFORE INSERT ON journal WHEN NEW.job = 'J-1' BEGIN SELECT RAISE(ABORT, "
                    + "'full'); END"
            );
        }

        await Assert.ThrowsAsync<InvalidOperationException>(() => Post("J-1", Draft("a", new Counted("pushrod", 1))));
        Assert.Equal(1, Reader.Find("J-1")!.State.Seq);
        Assert.Same(other, Reader.Find("J-2"));
        Assert.IsType<PostAnswer.Recorded>(await Post("J-2", Draft("b", new Counted("pushrod", 1))));
    }

    [Fact]
    public async Task A_job_that_cannot_be_read_says_why_and_the_list_goes_on()
    {
        await Open("J-1");
        using (var connection = Database.Connect())
        {
            connection.Execute(
                "INSERT INTO journal SELECT 99, 'J-9', 1, 'broken', @bytes, hash, shop_hash FROM journal LIMIT 1",
                new { bytes = "{ \"job\": \"J-9\""u8.ToArray() }
            );
        }

        var why = Assert.Throws<UnreadableJobException>(() => Reader.Find("J-9"));
        Assert.Equal("J-9", why.Job);
        var refused = Assert.IsType<PostAnswer.Refused>(await Post("J-9", Draft("a", new Counted("pushrod", 1))));
        Assert.Equal("job/unreadable", refused.Refusal.Code);

        List.CatchUp();
        var all = List.Find(null, 10).Jobs;
        Assert.Equal(["J-1", "J-9"], all.Select(l => l.Job).Order());
        var broken = Assert.Single(List.Find("J-9", 10).Jobs);
        Assert.Equal(why.Why, Assert.Throws<UnreadableJobException>(() => broken.Facts).Why);
        Assert.Equal("J-1", all.Single(l => l.Job == "J-1").Facts.Number);
        Assert.IsType<PostAnswer.Recorded>(await Post("J-1", Draft("b", new Counted("pushrod", 1))));
    }

    [Fact]
    public void A_sheet_on_file_that_is_none_is_listed_under_its_id()
    {
        using (var connection = Database.Connect())
        {
            connection.Execute(
                "INSERT INTO sheet (id, revision, hash, bytes) VALUES ('odd', 3, 'h', @bytes)",
                new { bytes = "{ \"format\": \"zygotome-spec-sheet/9\" }"u8.ToArray() }
            );
        }

        Sheets.Rebuild();
        Assert.Contains(Sheets.Search(null, 10).Sheets, s => s is { Id: "odd", Revision: 3 });
        Assert.Null(Sheets.Find("odd", 3));
        Assert.Throws<InvalidDataException>(() => Sheets.Read("h"));
    }
}
