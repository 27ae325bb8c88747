using CsCheck;
using Xunit;
using Zygotome.Core.Journal;

namespace Zygotome.Core.Tests.Journal;

/// <summary>A journal as it stood: whoever holds a shorter one never sees what was added to it.</summary>
public sealed class LogTests
{
    /// <summary>Added to the latest or to any earlier one, as often as one likes.</summary>
    [Fact]
    public void Each_log_is_what_was_added_on_the_way_to_it() =>
        Gen.Int[0, 40]
            .Array[0, 60]
            .Sample(at =>
            {
                List<(Log<string> Log, string[] Holds)> all = [([], [])];
                foreach (var (to, i) in at.Select((to, i) => (to, i)))
                {
                    var (log, holds) = all[^(1 + (to % 3 == 0 ? Math.Min(to, all.Count - 1) : 0))];
                    all.Add((log.Add($"{i}"), [.. holds, $"{i}"]));
                }

                Assert.All(
                    all,
                    l =>
                    {
                        Assert.Equal(l.Holds, l.Log);
                        Assert.Equal(l.Holds.Length, l.Log.Count);
                        Assert.Throws<ArgumentOutOfRangeException>(() => l.Log[l.Holds.Length]);
                    }
                );
            });

    [Fact]
    public void Many_who_add_to_the_same_one_at_once_each_have_their_own()
    {
        Log<string> common = ["opened"];
        for (var round = 0; round < 200; round++)
        {
            var made = new Log<string>[4];
            var from = common;
            Parallel.For(0, made.Length, i => made[i] = from.Add($"{round}.{i}"));
            Assert.All(made.Select((log, i) => (log, i)), m => Assert.Equal([.. from, $"{round}.{m.i}"], m.log));
            common = made[round % made.Length];
        }
    }
}
