using Xunit;
using Zygotome.Core.Journal;
using Zygotome.Core.Sheets;
using Zygotome.Core.Throws;

namespace Zygotome.Core.Tests.Throws;

/// <summary>
/// Somebody who sets what is advised and measures again, on an aircraft whose every surface answers its radio in its
/// own way. It ends: no advice for one throw takes another out for good.
/// </summary>
public sealed class PatientTechnicianTests
{
    private sealed class Airframe(Bench bench, Random random)
    {
        private readonly Dictionary<string, double> _perWay = [];

        /// <summary>
        /// How the radio's number for it moves it, in degrees; a surface and way has its own linkage.
        /// </summary>
        public double Degrees(ThrowTarget target)
        {
            var numbers = RadioNumbers.Of(bench.State);
            var key = $"{target.Surface.Id}/{target.Way}";
            if (!_perWay.TryGetValue(key, out var whole))
            {
                var largest = numbers.Targets.Where(t => t.Surface.Id == target.Surface.Id && t.Way == target.Way);
                _perWay[key] = whole = largest.Max(Middle) * (0.85 + (random.NextDouble() * 0.5));
            }

            return target.Function == SurfaceFunctions.Combined
                ? Middle(target)
                : whole * numbers.GivenNow(bench.State.Settings, target);
        }

        /// <summary>Rods in the holes that suit: on one number each of its surfaces goes where it should.</summary>
        public void MadeAlike(ThrowTarget target)
        {
            var numbers = RadioNumbers.Of(bench.State);
            foreach (var other in numbers.SetBy(numbers.NumberOf(target)!.Value).ToArray())
            {
                _perWay[$"{other.Surface.Id}/{other.Way}"] = numbers
                    .Targets.Where(t => t.Surface.Id == other.Surface.Id && t.Way == other.Way)
                    .Max(Middle);
                bench.Do(new Core.Build.LinkageMoved(other.Surface.Id, Core.Build.LinkagePart.HornHole));
            }
        }

        private static double Middle(ThrowTarget t) =>
            ThrowMeasures.ToAngle(t.Band!.Middle, 0, t.Measure, t.Surface.Chord).Match(a => a.Degrees, _ => 30);
    }

    [Theory]
    [InlineData("skerrow-64", 1)]
    [InlineData("skerrow-64", 2)]
    [InlineData("skerrow-64", 3)]
    [InlineData("plimsey-1400", 4)]
    [InlineData("plimsey-1400", 5)]
    [InlineData("carrow-mail-1900", 6)]
    [InlineData("carrow-mail-1900", 7)]
    [InlineData("tansy-needle", 8)]
    [InlineData("merle-1200", 9)]
    [InlineData("wicken-1350", 10)]
    public void Setting_what_is_advised_in_any_order_brings_every_rate_function_and_position_in(string sheet, int seed)
    {
        var random = new Random(seed);
        var bench = new Bench(Bench.Sheet(sheet)).Unpacked().Steps(Stage.Build).Steps(Stage.Wire).Bound();
        var airframe = new Airframe(bench, random);
        var order = RadioNumbers.Of(bench.State).Targets.OrderBy(_ => random.Next()).Select(t => t.Id).ToArray();
        var settings = 0;
        for (var round = 0; round < 25; round++)
        {
            var open = order.Where(id => bench.Line(id).Standing is not (Standing.Met or Standing.Close)).ToArray();
            if (open.Length == 0)
            {
                break;
            }

            foreach (var id in open)
            {
                Measure(bench, airframe, id);
                if (bench.Line(id).Standing != Standing.NotMet)
                {
                    continue;
                }

                var numbers = RadioNumbers.Of(bench.State);
                var target = numbers.Targets.First(t => t.Id == id);
                if (ThrowAdvice.For(bench.State, numbers, target).Try(out var advice, out var refusal))
                {
                    bench.Do(new TravelSet(id, Bench.Q(FormattableString.Invariant($"{advice.Percent} %"))));
                    settings++;
                }
                else if (refusal.Code == "throws/one-number")
                {
                    airframe.MadeAlike(target);
                }

                Measure(bench, airframe, id);
            }
        }

        var left = order
            .Where(id => bench.Line(id).Standing is not (Standing.Met or Standing.Close))
            .Select(bench.Line);
        Assert.Equal("", string.Join('\n', left.Select(l => $"{l.Id}: {l.Standing} {l.Why}")));
        Assert.InRange(settings, 1, order.Length * 3);
    }

    [Fact]
    public void High_and_low_rate_measured_with_different_numbers_are_both_met_in_either_order()
    {
        foreach (var first in new[] { "high", "low" })
        {
            var bench = new Bench(Bench.Parasol).Unpacked().Steps(Stage.Build).Steps(Stage.Wire).Bound();
            var (high, low) = ("throw/rudder/rudder/high/right", "throw/rudder/rudder/low/right");
            bench.Do(first == "high" ? bench.Reading(high, "25 mm", 92) : bench.Reading(low, "18 mm", 70));
            bench.Do(first == "high" ? bench.Reading(low, "18 mm", 70) : bench.Reading(high, "25 mm", 92));
            if (first == "low")
            {
                // The end point moves all others: once more, with the same share.
                Assert.Equal(Standing.Stale, bench.Line(low).Standing);
                bench.Do(bench.Reading(low, "18 mm", 70));
            }

            Assert.Equal((Standing.Met, Standing.Met), (bench.Line(high).Standing, bench.Line(low).Standing));
        }
    }

    [Fact]
    public void Both_functions_of_an_elevon_and_two_flap_positions_keep_their_own_numbers()
    {
        var delta = new Bench().Unpacked().Steps(Stage.Build).Steps(Stage.Wire).Bound();
        delta.Do(delta.Reading("throw/elevon-left/elevator/high/up", "14 mm", 95));
        delta.Do(delta.Reading("throw/elevon-left/aileron/high/up", "13 mm", 88));
        Assert.All(
            ["throw/elevon-left/elevator/high/up", "throw/elevon-left/aileron/high/up"],
            id => Assert.Equal(Standing.Met, delta.Line(id).Standing)
        );

        var mail = new Bench(Bench.Sheet("carrow-mail-1900")).Unpacked().Steps(Stage.Build).Steps(Stage.Wire).Bound();
        mail.Do(mail.Reading("throw/flap-inner-left/flap/landing/down", "32 mm", 98));
        mail.Do(mail.Reading("throw/flap-inner-left/flap/take-off/down", "14 mm", 44));
        Assert.All(
            ["throw/flap-inner-left/flap/landing/down", "throw/flap-inner-left/flap/take-off/down"],
            id => Assert.Equal(Standing.Met, mail.Line(id).Standing)
        );
    }

    [Fact]
    public void Where_one_number_moves_two_surfaces_it_is_the_one_that_brings_both_in_or_the_rods_are_named()
    {
        // Both elevator halves on one servo.
        Bench Of(string right)
        {
            var bench = new Bench(Bench.Sheet("carrow-mail-1900"))
                .Unpacked()
                .Steps(Stage.Build)
                .Steps(Stage.Wire)
                .Bound();
            bench.Do(bench.Reading("throw/elevator-left/elevator/high/up", "20.5 mm"));
            bench.Do(bench.Reading("throw/elevator-right/elevator/high/up", right));
            return bench;
        }

        Outcome<TravelAdvice> Advice(Bench bench) =>
            RadioNumbers.Of(bench.State) is var numbers
                ? ThrowAdvice.For(
                    bench.State,
                    numbers,
                    numbers.Targets.First(t => t.Id == "throw/elevator-left/elevator/high/up")
                )
                : default!;

        Assert.True(Advice(Of("19.5 mm")).Try(out var one, out _));
        Assert.InRange(one.Percent, 83, 92);
        Assert.Contains("It sets 1 more.", one.Why, StringComparison.Ordinal);
        Assert.Equal("throws/one-number", Advice(Of("15 mm")).Refused!.Code);
        Assert.Contains("one hole", Advice(Of("15 mm")).Refused!.Text, StringComparison.Ordinal);
    }

    private static void Measure(Bench bench, Airframe airframe, string id)
    {
        bench.Power();
        var target = RadioNumbers.Of(bench.State).Targets.First(t => t.Id == id);
        var reads = ThrowMeasures.FromAngle(
            new ThrowAngle(airframe.Degrees(target), 0),
            target.Measure,
            target.Surface.Chord
        );
        bench.Do(bench.Reading(id, FormattableString.Invariant($"{reads.Value:0.0} mm")));
    }
}
