using System.Reflection;
using System.Text.Json;
using Xunit;
using Zygotome.Core.Balance;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Receive;
using Zygotome.Core.Sheets;
using Zygotome.Core.Throws;
using Stages = Zygotome.Core.Job.Stages;

namespace Zygotome.Core.Tests.Journal;

/// <summary>
/// What somebody types into an entry: read by its field alone, in one set of words, wherever it comes in.
/// </summary>
public sealed class TypedTests
{
    private static readonly ShopLists Lists = new([], [new Instrument("steel rule", 0.5, "rule", "mm")], [], [], 20);

    private static Outcome<EntryBody> Post(string type, object body) =>
        Stages.Kinds.ReadPosted(type, JsonSerializer.SerializeToElement(body), () => Lists);

    private static Outcome<AddOnBrought> Camera(string mass, string? at = null) =>
        Post(
                "receive/add-on",
                new
                {
                    name = "camera",
                    mass,
                    at,
                    state = "recorded",
                }
            )
            .Match<Outcome<AddOnBrought>>(b => (AddOnBrought)b, r => r);

    [Theory]
    [InlineData("40", "40 g", 40)]
    [InlineData(" 40,5 ", "40,5 g", 40.5)]
    [InlineData("1.5 oz", "1.5 oz", 42.524285)]
    [InlineData("½ oz", "½ oz", 14.174762)]
    [InlineData("2 lb 3 oz", "2 lb 3 oz", 992.233309)]
    public void A_bare_number_takes_the_unit_of_its_field_and_is_kept_with_it(string typed, string kept, double grams)
    {
        Assert.True(Camera(typed).Try(out var body, out _));
        Assert.Equal((kept, grams), (body.Mass.Text, Math.Round(body.Mass.Value, 6)));
    }

    [Theory]
    [InlineData("40 mm", "quantity/dimension", "a length; a mass is needed")]
    [InlineData("40 ± 2 g", "quantity/form", "a value with its tolerance")]
    [InlineData("40 to 50 g", "quantity/form", "a band")]
    [InlineData("50 to 40 g", "quantity/form", "two values")]
    [InlineData("40 g up", "quantity/way", "not \"up\" here")]
    [InlineData("1,500", "quantity/ambiguous", "1.500 or 1500")]
    [InlineData("forty", "quantity/not-understood", "is not a number")]
    [InlineData("", "quantity/empty", "Nothing was written")]
    public void What_is_no_mass_is_refused_at_its_field_with_what_it_is(string typed, string code, string words)
    {
        var refusal = Camera(typed).Refused!;
        Assert.Equal((code, "body.mass"), (refusal.Code, refusal.Where));
        Assert.Contains(words, refusal.Text, StringComparison.Ordinal);
    }

    [Fact]
    public void A_bare_fraction_is_asked_about_with_both_readings_and_off_a_rule_it_is_of_an_inch()
    {
        var asked = Camera("40 g", "1 5/8").Refused!;
        Assert.Equal(("quantity/ambiguous", "body.at"), (asked.Code, asked.Where));
        Assert.Contains("\"1 5/8 in\" or \"1 5/8 mm\"", asked.Text, StringComparison.Ordinal);
        Assert.True(
            Post(
                    "throws/neutral",
                    new
                    {
                        surface = "elevon-left",
                        offset = "1/16 up",
                        instrument = "rule",
                    }
                )
                .Try(out var neutral, out _)
        );
        Assert.Equal(
            ("1/16 in up", 1.5875m),
            (((NeutralRead)neutral).Offset.Text, ((NeutralRead)neutral).Offset.Nominal)
        );
    }

    [Fact]
    public void A_reading_takes_the_unit_of_what_it_measures()
    {
        var bench = new Bench().Power();
        var target = ThrowTargets.Of(bench.State.Sheet, bench.State.Rules).First(t => t.Band is not null).Id;
        var entry = bench.Do(bench.Reading(target, "1/2"));
        Assert.Equal("1/2 in", ((ThrowRead)entry.Body).Readings[0].Text);
        entry = bench.Do(bench.Reading(target, "11,5"));
        Assert.Equal("11,5 mm", ((ThrowRead)entry.Body).Readings[0].Text);
        var angle = bench.Reading(target, "15") with { Measure = ThrowMeasure.Angle };
        Assert.Equal("15 °", ((ThrowRead)bench.Do(angle).Body).Readings[0].Text);
        var half = bench.Refused(angle with { Readings = [Bench.Q("1/2 in")] })!;
        Assert.Equal(("quantity/dimension", "body.readings[0]"), (half.Code, half.Where));
    }

    /// <summary>A hand that writes down what it sees; the sheet's own way is the positive one.</summary>
    [Fact]
    public void A_reading_with_its_way_counts_along_the_way_that_was_commanded_and_no_other()
    {
        var bench = new Bench().Power();
        var targets = ThrowTargets.Of(bench.State.Sheet, bench.State.Rules);
        var down = targets.First(t => t.Way == Way.Down && t.Band is not null);
        var middle = FormattableString.Invariant($"{down.Band!.Middle:0.#}");
        bench.Do(bench.Reading(down.Id, $"{middle} mm down"));
        Assert.Equal(Standing.Met, bench.Line(down.Id).Standing);
        var other = bench.Refused(bench.Reading(down.Id, $"{middle} up"))!;
        Assert.Equal(("throws/way", "body.readings[0]"), (other.Code, other.Where));
        Assert.Contains("the wrong way", other.Text, StringComparison.Ordinal);
        Assert.Equal("throws/way", bench.Refused(bench.Reading(down.Id, $"{middle} mm left"))!.Code);
        bench.Do(bench.Reading(down.Id, $"-{middle} mm"));
        Assert.Equal(Standing.NotMet, bench.Line(down.Id).Standing);
    }

    [Fact]
    public void What_was_meant_instead_takes_the_unit_of_what_it_corrects_and_is_refused_like_it()
    {
        var bench = new Bench().Power();
        var read = bench.Do(new NeutralRead("elevon-left", Bench.Q("20 mm"), Bench.Rule));
        Retracted Meant(string text) => new(read.EntryId, "Misread.", true, [Bench.Q(text)]);
        var wrong = bench.Refused(Meant("2 g"))!;
        Assert.Equal(("quantity/dimension", "body.corrected"), (wrong.Code, wrong.Where));
        Assert.Equal("quantity/form", bench.Refused(Meant("2 ± 1 mm"))!.Code);
        var entry = bench.Do(Meant("2"));
        Assert.Equal("2 mm", ((Retracted)entry.Body).Corrected!.Value[0].Text);
    }

    [Fact]
    public void A_value_a_lead_gives_takes_the_unit_of_the_gap_and_two_values_are_asked_about()
    {
        var bench = new Bench(Bench.Sheet("lowen-2600", s => s["balance"]!["allUpWeight"] = null));
        static ValueGiven Weight(string text) => new("weight", Bench.Q(text), "weighed a like one");
        Assert.Equal("quantity/dimension", bench.Refused(Weight("40 mm"), Bench.Thorne)!.Code);
        Assert.Equal("receive/unit", bench.Refused(Weight("2000 to 1900"), Bench.Thorne)!.Code);
        var entry = bench.Do(Weight("1900"), Bench.Thorne);
        Assert.Equal("1900 g", ((ValueGiven)entry.Body).Value.Text);
    }

    [Theory]
    [InlineData("\"112\"", 112)]
    [InlineData("\"112 %\"", 112)]
    [InlineData("112.5", 112.5)]
    public void A_travel_is_typed_or_a_plain_number_and_stays_stored_as_one(string json, double percent)
    {
        var travel = JsonSerializer.Deserialize<Percent>(json, EntryJson.Strict)!;
        Assert.Equal(percent, travel.Value);
        var stored = JsonSerializer.Serialize(travel, EntryJson.Lenient);
        Assert.Equal(FormattableString.Invariant($"{percent}"), stored);
        Assert.Equal(travel, JsonSerializer.Deserialize<Percent>(stored, EntryJson.Lenient));
    }

    [Fact]
    public void What_is_stored_is_read_for_ever_whatever_its_field_takes_today()
    {
        foreach (var text in new[] { "12", "12 g", "14 to 18 mm", "16 to 12", "12 mm down", "1.5 5/8 in", "5/8" })
        {
            var stored = JsonSerializer.Serialize(text);
            var length = JsonSerializer.Deserialize<Length>(stored, EntryJson.Lenient)!;
            Assert.Equal(QuantityParser.ParseStored(text).OrDefault(), length.Typed);
            Assert.Equal(stored, JsonSerializer.Serialize(length, EntryJson.Lenient));
        }
    }

    /// <summary>Nobody gets a quantity of a post without saying of which kind it is.</summary>
    [Fact]
    public void No_entry_holds_a_quantity_of_no_kind()
    {
        var loose = Stages
            .Kinds.All.SelectMany(k => k.Body.GetProperties(BindingFlags.Public | BindingFlags.Instance))
            .Where(p =>
                p.PropertyType == typeof(Quantity) || p.PropertyType.GetGenericArguments().Contains(typeof(Quantity))
            )
            .Select(p => $"{p.DeclaringType!.Name}.{p.Name}")
            .ToArray();
        Assert.All(loose, name => Assert.Fail($"{name} takes any quantity"));
        Assert.Contains(typeof(Reading), Types(typeof(ThrowRead)));
        Assert.Contains(typeof(Mass), Types(typeof(WeighedSupport)));
    }

    private static IEnumerable<Type> Types(Type of) =>
        of.GetProperties().SelectMany(p => p.PropertyType.GetGenericArguments().Append(p.PropertyType));
}
