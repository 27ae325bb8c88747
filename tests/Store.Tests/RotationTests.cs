using CsCheck;
using Xunit;

namespace Zygotome.Store.Tests;

/// <summary>Backups near are kept closely, far ones apart.</summary>
public sealed class RotationTests
{
    private static readonly DateTimeOffset Start = new(2026, 1, 1, 2, 0, 0, TimeSpan.Zero);

    [Fact]
    public void Of_two_years_of_daily_backups_a_week_of_days_five_weeks_and_twelve_months_are_kept()
    {
        var all = Enumerable.Range(0, 730).Select(d => Start.AddDays(d)).ToArray();
        var kept = Rotation.Keep(all).Order().ToArray();
        Assert.Equal(all[^1], kept[^1]);
        Assert.Superset(all[^7..].ToHashSet(), kept.ToHashSet());
        Assert.InRange(kept.Length, 7 + 3 + 10, 7 + 4 + 12);
        Assert.True(kept[^1] - kept[0] > TimeSpan.FromDays(320));
    }

    [Fact]
    public void The_latest_is_always_kept_and_what_is_kept_is_kept_again() =>
        Gen.Int[0, 20_000]
            .Array[1, 60]
            .Sample(hours =>
            {
                var all = hours.Select(h => Start.AddHours(h)).ToArray();
                var kept = Rotation.Keep(all);
                return kept.Contains(all.Max()) && kept.SetEquals(Rotation.Keep(kept)) && kept.IsSubsetOf(all);
            });
}
