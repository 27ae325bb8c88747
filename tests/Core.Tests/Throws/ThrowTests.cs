using CsCheck;
using Xunit;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Table;
using Zygotome.Core.Throws;

namespace Zygotome.Core.Tests.Throws;

public sealed class ThrowTests
{
    [Fact]
    public void An_angle_of_33_134_degrees_on_42_mm_is_22_96_upright_and_23_95_straight()
    {
        var angle = new ThrowAngle(33.134, 0.3);
        Assert.Equal(22.96, ThrowMeasures.FromAngle(angle, ThrowMeasure.UprightRuler, 42).Value, 2);
        Assert.Equal(23.95, ThrowMeasures.FromAngle(angle, ThrowMeasure.StraightRuler, 42).Value, 2);
    }

    [Fact]
    public void A_throw_converted_there_and_back_is_the_same_throw() =>
        Gen.Select(Gen.Double[1, 70], Gen.Double[5, 300], Gen.Enum<ThrowMeasure>())
            .Sample(
                (degrees, chord, measure) =>
                {
                    var (value, u) = ThrowMeasures.FromAngle(new ThrowAngle(degrees, 0.3), measure, chord);
                    return ThrowMeasures.ToAngle(value, u, measure, chord).Try(out var back, out _)
                        && Math.Abs(back.Degrees - degrees) < 1e-6
                        && Math.Abs(back.U - 0.3) < 1e-6;
                }
            );

    [Fact]
    public void A_throw_longer_than_its_chord_is_impossible()
    {
        Assert.Equal("throws/impossible", ThrowMeasures.ToAngle(400, 0.5, ThrowMeasure.UprightRuler, 40).Refused!.Code);
        Assert.Equal("throws/too-steep", ThrowMeasures.ToAngle(39.5, 0.5, ThrowMeasure.UprightRuler, 40).Refused!.Code);
    }

    private static ThrowTarget Target(double chord, double low, double high) =>
        new(
            new ThrowId("x", "aileron", "high", Way.Up),
            SurfaceFields.List.Of(
                SurfaceFields.Id.Is("x"),
                SurfaceFields.Function.Is("aileron"),
                SurfaceFields.Side.Is("right"),
                SurfaceFields.On.Is("wing"),
                SurfaceFields.Chord.Is(chord)
            ),
            "aileron",
            "high",
            Way.Up,
            new Band(low, high, "mm"),
            (low + high) / 2,
            ThrowMeasure.UprightRuler,
            false,
            "",
            false,
            ""
        );

    [Fact]
    public void At_112_percent_a_reading_of_14_4_on_44_mm_asks_for_93_percent_to_reach_12()
    {
        Assert.True(ThrowMeasures.ToAngle(14.4, 0.5, ThrowMeasure.UprightRuler, 44).Try(out var read, out _));
        Assert.True(TravelAdvice.Next(Target(44, 11, 13), 112, read, 12, []).Try(out var advice, out _));
        Assert.Equal(93, advice.Percent);
        Assert.Contains("92.8 %", advice.Why, StringComparison.Ordinal);
        Assert.Equal(12.0, advice.Expect, 1);
    }

    [Fact]
    public void Setting_the_advised_travel_lands_where_it_was_predicted_or_the_refusal_names_the_limit() =>
        Gen.Select(Gen.Double[20, 100], Gen.Double[0.1, 0.8], Gen.Double[0.1, 0.8], Gen.Double[40, 125])
            .Sample(
                (chord, readShare, wantShare, travel) =>
                {
                    Assert.True(
                        ThrowMeasures
                            .ToAngle(chord * readShare, 0.5, ThrowMeasure.UprightRuler, chord)
                            .Try(out var read, out _)
                    );
                    var wanted = Target(chord, (chord * wantShare) - 1, (chord * wantShare) + 1);
                    if (
                        !TravelAdvice
                            .Next(wanted, travel, read, wanted.Band!.Middle, [])
                            .Try(out var advice, out var refusal)
                    )
                    {
                        return refusal.Code == "throws/travel-limit";
                    }

                    // A surface that answers in proportion: the setting's own half step is all that is left.
                    var lands = chord * Math.Sin(read.Degrees * advice.Percent / travel * Numbers.RadiansPerDegree);
                    return Math.Abs(lands - advice.Expect) < 1e-6
                        && Math.Abs(lands - wanted.Band.Middle) <= advice.U + 1e-6;
                }
            );

    [Fact]
    public void The_same_setting_is_never_advised_twice_and_a_surface_that_does_not_move_points_to_directions()
    {
        Assert.True(ThrowMeasures.ToAngle(14.4, 0.5, ThrowMeasure.UprightRuler, 44).Try(out var read, out _));
        Assert.Equal("throws/tried", TravelAdvice.Next(Target(44, 11, 13), 112, read, 12, [112, 93]).Refused!.Code);
        Assert.Equal(
            "throws/direction",
            TravelAdvice.Next(Target(44, 11, 13), 112, new ThrowAngle(-3, 0.3), 12, []).Refused!.Code
        );
    }

    [Fact]
    public void Every_row_of_the_sheet_is_a_requirement_for_each_surface_rate_and_way()
    {
        var ids = ThrowTargets.Of(Bench.Parasol, ShopRules.Default).Select(t => t.Id).ToArray();
        Assert.Equal(20, ids.Length);
        Assert.Contains("throw/aileron-left/aileron/high/up", ids);
        Assert.Contains("throw/rudder/rudder/low/left", ids);

        // Elevons: each command alone, and both together.
        var delta = ThrowTargets.Of(Bench.Delta, ShopRules.Default).Select(t => t.Id).ToArray();
        Assert.Contains("throw/elevon-left/aileron/high/up", delta);
        Assert.Contains("throw/elevon-left/elevator/high/up", delta);
        Assert.Contains("throw/elevon-left/combined/high/up", delta);
    }

    [Fact]
    public void A_single_value_has_the_sheets_tolerance_and_without_one_the_shops_marked_as_such()
    {
        var elevator = ThrowTargets
            .Of(Bench.Parasol, ShopRules.Default)
            .First(t => t.Id == "throw/elevator-left/elevator/high/up");
        Assert.Equal("14.88 to 16.88 mm", elevator.Band!.ToString());
        Assert.False(elevator.ShopTolerance);
        var bare = Bench.Parasol with
        {
            Defaults = Bench.Parasol.Defaults.With(ThrowFields.Tolerance.Is(new Printed<Quantity>.NotStated(false))),
        };
        Assert.Contains(
            "shop's tolerance",
            ThrowTargets.Of(bare, ShopRules.Default).First(t => t.Id == elevator.Id).Limits,
            StringComparison.Ordinal
        );
    }

    [Fact]
    public void A_reading_in_degrees_or_inches_is_judged_in_the_sheets_own_kind()
    {
        var bench = new Bench(Bench.Parasol).Unpacked().Steps(Stage.Build).Steps(Stage.Wire).Bound();
        bench.Do(
            new ThrowRead(
                "throw/aileron-left/aileron/high/down",
                [Bench.Q("15.8°")],
                ThrowMeasure.Angle,
                new Instrument("gauge", 0.3)
            )
        );
        Assert.Equal("12.0 mm", bench.Line("throw/aileron-left/aileron/high/down").Reading);
        bench.Do(
            new ThrowRead(
                "throw/elevator-left/elevator/high/up",
                [Bench.Q("5/8 in")],
                ThrowMeasure.UprightRuler,
                Bench.Rule
            )
        );
        Assert.Equal(Standing.Met, bench.Line("throw/elevator-left/elevator/high/up").Standing);
    }

    [Fact]
    public void Left_against_right_is_judged_with_the_uncertainty_of_a_difference()
    {
        var bench = new Bench(Bench.Parasol).Unpacked().Steps(Stage.Build).Steps(Stage.Wire).Bound();
        bench.Do(bench.Reading("throw/aileron-left/aileron/high/up", "18.9 mm"));
        bench.Do(bench.Reading("throw/aileron-right/aileron/high/up", "16.1 mm"));
        var sides = bench.Line("sides/aileron/aileron/high/up");
        Assert.Equal((Standing.NotMet, "2.8 mm"), (sides.Standing, sides.Reading));
    }

    [Fact]
    public void One_side_set_anew_and_measured_again_does_not_leave_the_comparison_stale()
    {
        var bench = new Bench(Bench.Parasol).Unpacked().Steps(Stage.Build).Steps(Stage.Wire).Bound();
        bench.Do(bench.Reading("throw/aileron-left/aileron/high/up", "17.5 mm"));
        bench.Do(bench.Reading("throw/aileron-right/aileron/high/up", "15.0 mm"));
        bench.Do(new TravelSet("throw/aileron-right/aileron/high/up", Bench.Q("112 %")));
        Assert.Equal(Standing.NotShown, bench.Line("sides/aileron/aileron/high/up").Standing);
        bench.Do(bench.Reading("throw/aileron-right/aileron/high/up", "17.3 mm", 112));
        Assert.False(bench.Line("sides/aileron/aileron/high/up").Open);
    }
}
