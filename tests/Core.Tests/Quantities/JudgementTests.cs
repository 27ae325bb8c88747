using CsCheck;
using Xunit;
using Zygotome.Core.Quantities;

namespace Zygotome.Core.Tests.Quantities;

public sealed class JudgementTests
{
    private static readonly Band Band = new(11, 13, "mm");

    [Theory]
    [InlineData(12.0, Verdict.In)]
    [InlineData(11.5, Verdict.In)]
    [InlineData(12.5, Verdict.In)]
    [InlineData(12.6, Verdict.InClose)]
    [InlineData(13.0, Verdict.InClose)]
    [InlineData(13.1, Verdict.OutClose)]
    [InlineData(13.5, Verdict.OutClose)]
    [InlineData(13.6, Verdict.Out)]
    [InlineData(10.4, Verdict.Out)]
    public void The_verdict_counts_the_rulers_own_uncertainty(double reading, Verdict verdict) =>
        Assert.Equal(verdict, Judgement.Of(reading, 0.5, Band).Verdict);

    [Fact]
    public void In_and_in_close_release_and_a_guarded_shop_takes_in_only()
    {
        Assert.True(Judgement.Of(12.9, 0.5, Band).Releases);
        Assert.False(Judgement.Of(12.9, 0.5, Band, guarded: true).Releases);
        Assert.False(Judgement.Of(13.1, 0.5, Band).Releases);
    }

    [Fact]
    public void Limits_are_inclusive_for_every_nominal_and_tolerance_in_tenths() =>
        Gen.Select(Gen.Int[1, 600], Gen.Int[1, 60])
            .Sample(
                (n, t) =>
                {
                    var band = Band.Of(n / 10m - t / 10m, n / 10m + t / 10m, "mm");
                    return Judgement.Of((n / 10.0) + (t / 10.0), 0, band).Releases
                        && Judgement.Of((n / 10.0) - (t / 10.0), 0, band).Releases;
                }
            );

    [Fact]
    public void What_is_shown_never_contradicts_the_verdict() =>
        Gen.Select(Gen.Double[0, 30], Gen.Double[0, 2])
            .Sample(
                (x, u) =>
                {
                    var j = Judgement.Of(x, u, Band);
                    return !j.Phrase.Contains(" 0.0 ", StringComparison.Ordinal)
                        && (j.Side == Side.Within) == j.Phrase.StartsWith("In", StringComparison.Ordinal);
                }
            );

    [Fact]
    public void A_band_too_narrow_for_the_instrument_is_said_to_be()
    {
        Assert.Contains("hardly", Judgement.Of(12, 0.6, Band).Hint, StringComparison.Ordinal);
        Assert.Contains("Not shown", Judgement.Of(12, 1.1, Band, guarded: true).Hint, StringComparison.Ordinal);
        Assert.Empty(Judgement.Of(12, 0.5, Band).Hint);
    }

    [Fact]
    public void Repeats_are_one_result_with_students_t()
    {
        var (mean, u) = Repeats.Combine([14.2, 14.4, 14.6], 0.5);
        Assert.Equal(14.4, mean, 9);

        // s = 0.2, t = 4.303: random part 4.303 · 0.2 / √3 = 0.4969; U = √(0.4969² + 0.5²).
        Assert.Equal(0.70489, u, 4);
        Assert.Equal((14.4, 0.5), Repeats.Combine([14.4], 0.5));
    }
}
