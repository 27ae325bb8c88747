using CsCheck;
using Xunit;
using Zygotome.Core.Check;

namespace Zygotome.Core.Tests.Check;

/// <summary>Where a propeller is heavy, and by how much.</summary>
public sealed class BladeBalanceTests
{
    [Fact]
    public void Three_trials_find_the_mass_that_takes_any_shake_away_whatever_the_meter_and_its_lag() =>
        Gen.Select(Gen.Double[0.5, 20], Gen.Double[0, 360], Gen.Double[0.1, 3], Gen.Double[0.5, 12], Gen.Double[0, 360])
            .Sample(
                (shake, heavy, trial, perGram, lag) =>
                {
                    // Each mass answers in proportion, turned by the same lag.
                    double With(double mass, double at)
                    {
                        var (x, y) = Vector(shake, heavy + lag);
                        var (dx, dy) = Vector(mass * perGram, at + lag);
                        return Math.Sqrt(((x + dx) * (x + dx)) + ((y + dy) * (y + dy)));
                    }

                    if (trial * perGram < shake * 0.1)
                    {
                        return;
                    }

                    var found = BladeBalance.ThreeTrials(
                        shake,
                        With(trial, 0),
                        With(trial, 120),
                        With(trial, 240),
                        trial
                    );
                    Assert.True(found.Try(out var put, out var no), no?.Text);
                    Assert.True(
                        With(put.Mass, put.Angle) < 0.001 * shake + 1e-4,
                        $"{put} leaves {With(put.Mass, put.Angle)}"
                    );
                },
                iter: 2000
            );

    private static (double X, double Y) Vector(double length, double degrees) =>
        (length * Math.Cos(degrees * Math.PI / 180), length * Math.Sin(degrees * Math.PI / 180));

    [Fact]
    public void Shared_by_blades_and_hub_it_pulls_as_the_one_mass_would() =>
        Gen.Select(Gen.Double[0.05, 5], Gen.Double[0, 359.99], Gen.Int[2, 6])
            .Sample(
                (mass, angle, blades) =>
                {
                    var share = BladeBalance.Shared(new BladeCorrection(mass, angle), blades);
                    (double Mass, double At)[] parts =
                    [
                        .. share.Blades.Select(b => (b.Mass, (b.Blade - 1) * 360.0 / blades)),
                        (share.Hub, share.HubAngle),
                    ];
                    var (x, y) = Vector(mass, angle);
                    Assert.Equal(x, parts.Sum(p => Vector(p.Mass, p.At).X), 1e-9);
                    Assert.Equal(y, parts.Sum(p => Vector(p.Mass, p.At).Y), 1e-9);
                    // Tape is put on and never taken off.
                    Assert.All(parts, p => Assert.InRange(p.Mass, -1e-12, mass * 2));
                },
                iter: 2000
            );

    [Fact]
    public void Tape_has_the_same_moment_as_the_trial_mass() =>
        Gen.Select(Gen.Double[0.01, 5], Gen.Double[3, 200], Gen.Double[3, 200])
            .Sample(
                (mass, radius, at) => Math.Abs((BladeBalance.Tape(mass, radius, at) * at) - (mass * radius)) < 1e-9
            );

    [Theory]
    [InlineData(4, 4, 4, 4, "check/trial-small")]
    [InlineData(4, 9, 9, 9, "check/trial-fits")]
    public void Readings_that_no_one_trial_mass_explains_are_refused(
        double first,
        double a,
        double b,
        double c,
        string code
    ) => Assert.Equal(code, BladeBalance.ThreeTrials(first, a, b, c, 1).Refused!.Code);

    [Fact]
    public void A_heavy_blade_is_told_how_much_tape_its_light_one_needs_and_is_open_until_it_stays()
    {
        var bench = new Bench(Bench.Sheet("wicken-1350"));
        string Why() => bench.Open().Single(l => l.Id == "check/propeller/nose/balance").Reading;
        bench.Do(new PropellerTried("nose", BalanceMethod.HeavyBlade, 0.4, 30, 90, []));
        Assert.Equal("Light blade: 0.13 g of tape at 90 mm from the shaft", Why());
        bench.Do(new CheckAnswered("propeller/nose/balance", true));
        Assert.DoesNotContain(bench.Open(), l => l.Id == "check/propeller/nose/balance");
    }

    [Fact]
    public void By_position_the_least_shake_is_named_and_never_a_mass()
    {
        var bench = new Bench(Bench.Sheet("wicken-1350"));
        static PropellerTried At(params double[] shakes) => new("nose", BalanceMethod.ByPosition, 0, 0, 0, [.. shakes]);
        Assert.Equal("check/alike", bench.Refused(At(2, 2, 5))!.Code);
        Assert.Equal("check/positions", bench.Refused(At(2))!.Code);
        bench.Do(At(6, 3, 1, 4));
        var line = bench.Open().Single(l => l.Id == "check/propeller/nose/balance");
        Assert.Equal("Shakes least at position 3 of 4: mark hub and shaft there", line.Reading);
    }

    [Theory]
    [InlineData(6, 5, false, "a ring 5 mm inside and 6 mm outside")]
    [InlineData(5, 6, false, "Bore it out by 1 mm to 6 mm")]
    [InlineData(6.1, 6, true, "6.1 mm on 6 mm")]
    [InlineData(5.95, 6, true, "5.95 mm on 6 mm")]
    public void A_bore_is_drilled_out_ringed_or_fits(double bore, double shaft, bool fits, string words)
    {
        var judged = new CheckGauge.Bore().Judge([bore, shaft]);
        Assert.Equal(fits, judged.Right);
        Assert.Contains(words, judged.Words, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData(0.2, 3, "Loosen the left bolts of its unit first, then the right ones; shift it 1.4 mm to the right")]
    [InlineData(3, 0.2, "Loosen the right bolts of its unit first, then the left ones; shift it 1.4 mm to the left")]
    [InlineData(0.5, 0.4, "no shift is enough")]
    public void A_wheel_off_the_middle_of_its_well_is_told_which_bolts_and_how_far(
        double left,
        double right,
        string words
    ) => Assert.Contains(words, new CheckGauge.Well().Judge([left, right]).Words, StringComparison.Ordinal);

    [Fact]
    public void A_shift_leaves_the_same_on_both_sides() =>
        Gen.Select(Gen.Double[0, 0.9], Gen.Double[1.2, 10])
            .Where((near, far) => near + far >= 2)
            .Sample(
                (near, far) =>
                {
                    var shift = (far - near) / 2;
                    return new CheckGauge.Well().Judge([near + shift, far - shift]).Right;
                }
            );
}
