using CsCheck;
using Xunit;
using Zygotome.Core.Quantities;

namespace Zygotome.Core.Tests.Quantities;

public sealed class QuantityTests
{
    private static Quantity Parse(string text) =>
        QuantityParser.Parse(text).Match(q => q, r => throw new InvalidOperationException(r.Text));

    [Theory]
    [InlineData("12 mm", 12)]
    [InlineData("1/2 in", 12.7)]
    [InlineData("1 5/8\"", 41.275)]
    [InlineData("1-5/8 in", 41.275)]
    [InlineData("½ in", 12.7)]
    [InlineData("1½ in", 38.1)]
    [InlineData("15°", 15)]
    [InlineData("15 deg", 15)]
    [InlineData("3.5 oz", 99.2233309375)]
    [InlineData("2 lb 3 oz", 992.233309375)] // 35 oz
    [InlineData("45 A", 45)]
    [InlineData("2900 mAh", 2900)]
    [InlineData("2.9 Ah", 2900)]
    [InlineData("30 m", 30000)]
    [InlineData("55 %", 55)]
    [InlineData("14,4 mm", 14.4)]
    [InlineData("0,500 g", 0.5)]
    [InlineData("-5 mm", -5)]
    [InlineData("1 ½ in", 38.1)]
    [InlineData(".5 in", 12.7)]
    [InlineData(",5 g", 0.5)]
    [InlineData("+5 mm", 5)]
    [InlineData("15º", 15)]
    public void A_manuals_single_value_is_read_in_canonical_units(string text, decimal canonical) =>
        Assert.Equal(canonical, Math.Round(Parse(text).Nominal, 10));

    [Fact]
    public void A_kilogram_centimetre_is_0_0980665_newton_metres() =>
        Assert.Equal(0.1765197m, Parse("1.8 kg cm").Nominal);

    [Theory]
    [InlineData("3 to 4", 3, 4)]
    [InlineData("14 mm to 18 mm", 14, 18)]
    [InlineData("-5 mm to 3 mm", -5, 3)]
    [InlineData("5–7 mm", 5, 7)]
    [InlineData("5-7 mm", 5, 7)]
    [InlineData("12 ± 1 mm", 11, 13)]
    [InlineData("12 mm ± 1 mm", 11, 13)]
    [InlineData("12 mm +2/-1", 11, 14)]
    [InlineData("± 4 mm", -4, 4)]
    [InlineData("1 mm up ± 0.5 mm", 0.5, 1.5)]
    [InlineData("3 mm down", -3, -3)]
    [InlineData("3 mm down ± 1 mm", -4, -2)]
    [InlineData("12 mm -1/+2", 11, 14)]
    [InlineData("12 mm -1 mm/+2 mm", 11, 14)]
    [InlineData("12 mm +2 mm / -1 mm", 11, 14)]
    [InlineData("+5 mm ± 1 mm", 4, 6)]
    [InlineData("1/2 in ± 1 mm", 11.7, 13.7)]
    [InlineData("2 cm ± 1 mm", 19, 21)]
    [InlineData("12 mm ± 1/8 in", 8.825, 15.175)]
    [InlineData("± 1 g", -1, 1)]
    [InlineData("12 - 14 mm", 12, 14)]
    public void A_band_keeps_its_limits_and_its_sign(string text, decimal low, decimal high) =>
        Assert.Equal((low, high), (Parse(text).Low, Parse(text).High));

    [Fact]
    public void Pounds_and_ounces_make_one_number_at_both_ends_of_a_band()
    {
        var band = Parse("2 lb 3 oz to 2 lb 5 oz");
        Assert.Equal((35m, 37m, Unit.Ounce), (band.First, band.Second, band.Unit));
    }

    /// <summary>Somebody was allowed to write it once; a journal still says it.</summary>
    [Theory]
    [InlineData("1.5 5/8 in")]
    [InlineData("12 mm +2/-1 g")]
    public void What_was_stored_is_read_for_ever(string text) => Assert.Null(QuantityParser.ParseStored(text).Refused);

    [Fact]
    public void A_descending_pair_is_asked_about_and_not_turned_round()
    {
        var pair = Parse("16 to 12 mm");
        Assert.Equal((QuantityForm.Descending, 16m, 12m), (pair.Form, pair.First, pair.Second));
    }

    [Fact]
    public void An_ambiguous_comma_is_refused_with_both_readings()
    {
        var refusal = QuantityParser.Parse("1,500 g").Refused!;
        Assert.Equal("quantity/ambiguous", refusal.Code);
        Assert.Contains("1.500", refusal.Text, StringComparison.Ordinal);
        Assert.Contains("1500", refusal.Text, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("")]
    [InlineData("abc")]
    [InlineData("12 furlongs")]
    [InlineData("1/0 in")]
    [InlineData("12 mm ±")]
    [InlineData("12 mm to 3 in")]
    [InlineData("1.5 5/8 in")]
    [InlineData("1.5/8 in")]
    [InlineData("1.5½ in")]
    [InlineData("12 mm +2/-1 g")]
    [InlineData("12 mm ± 1 g")]
    [InlineData("12 mm +2")]
    [InlineData("12 mm +2/1")]
    [InlineData("2 lb 3 in")]
    [InlineData("99999999999999999999999999999999 mm")]
    public void What_is_no_quantity_is_refused_and_nothing_throws(string text) =>
        Assert.NotNull(QuantityParser.Parse(text).Refused);

    [Fact]
    public void Nothing_typed_ever_throws() =>
        Gen.String.Sample(text => QuantityParser.Parse(text).Match(_ => true, r => r.Text.Length > 0));

    [Fact]
    public void The_manuals_own_words_are_kept() => Assert.Equal("1-5/8 in", Parse(" 1-5/8 in ").Text);

    private static readonly Gen<decimal> Values = Gen.Int[-50_000, 50_000].Select(i => i / 64m);
    private static readonly Gen<Unit> Units = Gen.OneOfConst([.. Unit.All]);
    private static readonly Gen<Quantity> Any = Gen.OneOf(
        Gen.Select(Values, Units, (v, u) => Quantity.Single(v, u)),
        Gen.Select(Values, Values, Units, (a, b, u) => Quantity.Pair(a, b, u)),
        Gen.Select(Values, Values, Units, (v, t, u) => Quantity.Tolerance(v, Math.Abs(t), Math.Abs(t), u)),
        Gen.Select(Values, Values, Values, Units, (v, p, m, u) => Quantity.Tolerance(v, Math.Abs(p), Math.Abs(m), u)),
        Gen.Select(Values, Units, Gen.Enum<Way>(), (v, u, w) => Quantity.Single(Math.Abs(v), u, w))
    );

    [Fact]
    public void What_is_printed_reads_back_as_the_same_quantity() =>
        Any.Sample(q => Parse(QuantityPrinter.Print(q)).Equals(q));

    [Fact]
    public void A_propeller_is_diameter_by_pitch_in_inches()
    {
        Assert.True(PropellerSize.Parse("11x5.5").Try(out var size, out _));
        Assert.Equal((11m, 5.5m, 279.4m), (size.Diameter, size.Pitch, size.DiameterMm));
        Assert.NotNull(PropellerSize.Parse("11").Refused);
    }
}
