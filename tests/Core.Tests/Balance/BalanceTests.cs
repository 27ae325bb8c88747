using CsCheck;
using Xunit;
using Zygotome.Core.Balance;
using Zygotome.Core.Quantities;
using Zygotome.Core.Safety;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Tests.Balance;

public sealed class BalanceTests
{
    private static CentreOfGravity Weigh(params Support[] supports) =>
        CentreOfGravity.Weigh(supports, 0.5, 0.5, 0).Match(c => c, r => throw new InvalidOperationException(r.Text));

    [Fact]
    public void Three_supports_give_weight_place_and_uncertainty()
    {
        var cg = Weigh(new Support(-150, 0, 265), new Support(120, -140, 610), new Support(120, 140, 605));
        Assert.Equal(1480, cg.Weight);
        Assert.Equal(71.655, cg.X, 3);
        Assert.Equal(-0.473, cg.Y!.Value, 3);
        Assert.Equal(0.627, cg.UX, 3);
    }

    [Fact]
    public void Eight_degrees_of_pitch_and_60_mm_of_height_are_8_4_mm()
    {
        Support[] supports = [new(-150, 0, 265), new(120, -140, 610), new(120, 140, 605)];
        Assert.True(CentreOfGravity.Weigh(supports, 0.5, 0.5, 0, pitch: 8, height: 60).Try(out var pitched, out _));
        Assert.Equal(8.4, Weigh(supports).X - pitched.X, 1);
    }

    [Fact]
    public void Supports_in_one_line_give_no_value_across_it() =>
        Assert.Null(Weigh(new Support(-100, 0, 400), new Support(300, 0, 600)).Y);

    [Theory]
    [InlineData(-5)]
    [InlineData(0)]
    [InlineData(double.NaN)]
    public void A_support_that_carries_nothing_is_refused(double grams) =>
        Assert.Equal(
            "body.supports[1].reading",
            CentreOfGravity.Weigh([new(0, 0, 500), new(200, 0, grams)], 0.5, 0.5, 0).Refused!.Where
        );

    [Fact]
    public void A_330_g_pack_moves_29_15_mm_aft_to_bring_1480_g_from_61_5_to_68() =>
        Assert.Equal(29.15, Corrections.PackMove(1480, 61.5, 68, 330), 2);

    [Fact]
    public void Every_inverse_lands_where_it_aimed() =>
        Gen.Select(Gen.Double[500, 5000], Gen.Double[-100, 200], Gen.Double[-100, 200], Gen.Double[50, 450])
            .Sample(
                (w, x, target, m) =>
                {
                    var moved = Corrections.AfterMove(w, x, m, Corrections.PackMove(w, x, target, m));
                    var place = Corrections.PackPlace(w, x, target, m);
                    var placed = ((w * x) + (m * place)) / (w + m);
                    var swapped = Corrections.Swap(w, x, m, 40, m, 40);
                    return Math.Abs(moved - target) < 1e-6
                        && Math.Abs(placed - target) < 1e-6
                        && Math.Abs(swapped - x) < 1e-6;
                }
            );

    [Fact]
    public void One_piece_of_6_g_lands_in_the_shrunk_band_where_two_would_pass_it()
    {
        Assert.True(Corrections.BallastMass(1480, 63.4, 66.5, 610).Try(out var exact, out _));
        Assert.Equal(8.44, exact, 2);
        Assert.True(
            Corrections.FewestPieces(1480, 63.4, new Band(65, 68, "mm"), 0.6, 610, 6, 100).Try(out var ballast, out _)
        );
        Assert.Equal(1, ballast.Pieces);
        Assert.Equal(65.607, ballast.LandsAt, 3);
        Assert.Equal(67.796, ((1480 * 63.4) + (12 * 610)) / 1492, 3);
    }

    [Fact]
    public void A_station_on_the_wrong_side_is_refused() =>
        Assert.Equal("balance/station", Corrections.BallastMass(1480, 63.4, 66.5, -200).Refused!.Code);

    [Fact]
    public void Fitting_the_returned_ballast_lands_inside_the_band_or_the_refusal_names_the_limit() =>
        Gen.Select(
                Gen.Double[500, 3000],
                Gen.Double[50, 64],
                Gen.Double[0.1, 0.9],
                Gen.Double[300, 800],
                Gen.Double[1, 10]
            )
            .Sample(
                (w, x, u, station, piece) =>
                {
                    var band = new Band(65, 68, "mm");
                    return Corrections
                        .FewestPieces(w, x, band, u, station, piece, 200)
                        .Match(
                            b =>
                                ((w * x) + (b.Mass * station)) / (w + b.Mass) is var lands
                                && lands >= 65 + u - 1e-5
                                && lands <= 68 - u + 1e-5,
                            r => r.Code is "balance/pieces" or "balance/limit"
                        );
                }
            );

    [Fact]
    public void The_advice_applied_and_weighed_again_lies_in_the_target_band() =>
        Gen.Select(Gen.Double[140, 190], Gen.Int[-60, 5])
            .Sample(
                (x, front) =>
                {
                    var bench = new Bench().Unpacked();
                    bench.Pack(LampIs.InBay);
                    bench.Do(bench.Weighing(x, $"{front} mm"));
                    var target = BalanceTarget.Of(
                        bench.State.Sheet,
                        bench.State.Sheet.Balance.Configurations[0],
                        bench.State.BalanceSchool
                    )!;
                    var cg = bench.State.Balance.Weighings.Values.Single().Weighed.Calculate().OrDefault()!;
                    return BalanceAdvice
                        .For(bench.State, target, cg)
                        .Match(
                            a =>
                            {
                                var packMoved = Corrections.AfterMove(cg.Weight, cg.X, 262, a.PackMove);
                                var station = bench.State.Sheet.Geometry.BallastStations.FirstOrDefault(s =>
                                    s.Name == a.Station
                                );
                                var lands =
                                    ((cg.Weight * packMoved) + (a.AddedMass * (station?.At ?? 0)))
                                    / (cg.Weight + a.AddedMass);
                                var fits = a.PackFront is not { } f || (f >= -60 && f <= 5);
                                return fits
                                    && Math.Abs(lands - a.LandsAt) < 1e-6
                                    && lands >= target.Target.Low!.Value + cg.UX - 1e-5
                                    && lands <= target.Target.High!.Value - cg.UX + 1e-5;
                            },
                            r => r.Code is "balance/limit" or "balance/pieces" or "balance/station"
                        );
                },
                iter: 60
            );

    [Fact]
    public void The_forward_third_of_the_range_is_aimed_for_and_the_whole_range_judged()
    {
        var target = BalanceTarget.Of(
            Bench.Parasol,
            Bench.Parasol.Balance.Configurations[0],
            BalanceSchool.ForwardThird
        )!;
        Assert.Equal(("58 to 70 mm", "58 to 62 mm"), (target.Range.ToString(), target.Target.ToString()));
        Assert.Equal(
            "62 to 66 mm",
            BalanceTarget
                .Of(Bench.Parasol, Bench.Parasol.Balance.Configurations[0], BalanceSchool.Middle)!
                .Target.ToString()
        );
    }
}
