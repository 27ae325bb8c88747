using Xunit;
using Zygotome.Tests.Faults;

namespace Zygotome.Server.Tests;

/// <summary>The short form of bench/faults: what was acknowledged outlives the process, however it ends.</summary>
public sealed class KillTests
{
    [Fact]
    public async Task Killed_three_times_under_sixteen_writers_a_shop_has_all_it_acknowledged()
    {
        var report = await KillRun.Run(kills: 3, seed: 20261127);
        Assert.True(report.Lost.Count == 0, report.ToString());
        Assert.True(
            report is { Entries: > 200, Customers: > 5, Pictures: > 0, Claims: > 0, Releases: > 3 },
            report.ToString()
        );
    }
}
