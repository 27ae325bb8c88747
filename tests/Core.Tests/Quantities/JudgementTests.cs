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

    /// <summary>"27.0 against 23 to 27: Out" is what nobody believes.</summary>
    [Fact]
    public void What_is_printed_beside_its_limits_lies_within_them_where_the_value_does() =>
        Gen.Select(Gen.Int[1, 400], Gen.Int[0, 60], Gen.Int[-20_000, 20_000], Gen.Int[0, 1])
            .Sample(
                (low, width, off, decimals) =>
                {
                    var band = new Band(low / 10.0, (low + width) / 10.0, "mm");
                    var value = ((low + width) / 10.0) + (off / 100_000.0);
                    var printed = double.Parse(
                        band.Beside(value, decimals),
                        System.Globalization.CultureInfo.InvariantCulture
                    );
                    return band.Contains(printed) == band.Contains(value);
                },
                iter: 2000
            );

    [Theory]
    [InlineData(27.04, "27.04")]
    [InlineData(26.96, "27.0")]
    [InlineData(27.4, "27.4")]
    [InlineData(22.97, "22.97")]
    public void A_value_has_the_digits_that_show_its_verdict_and_no_more(double value, string printed) =>
        Assert.Equal(printed, new Band(23, 27, "mm").Beside(value));

    [Theory]
    [InlineData(0.5, "0.5")]
    [InlineData(0.04, "0.04")]
    [InlineData(0, "0.0")]
    public void An_uncertainty_that_is_there_is_never_said_to_be_none(double u, string printed) =>
        Assert.Equal(printed, Numbers.Uncertainty(u));

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
