using Zygotome.Core.Quantities;

namespace Zygotome.Core.Balance;

/// <summary>A support under the aircraft: station x and y (mm), and what its scale reads (g).</summary>
public sealed record Support(double X, double Y, double Reading);

/// <summary>
/// A weighing's result. Weights in g, x aft of the datum and y to the right in mm, U expanded (95 %).
/// </summary>
/// <param name="Y">Null when the supports stand in one line and give no value across it.</param>
public sealed record CentreOfGravity(double Weight, double UWeight, double X, double UX, double? Y, double UY)
{
    /// <summary>
    /// x = ΣWᵢxᵢ/ΣWᵢ, y likewise; u² = Σ[((xᵢ − x)/W·u_W)² + (Wᵢ/W·u_x)²] + u_datum². Standard uncertainties in,
    /// expanded (U = 2u) out. The datum line must be level; else pitch (degrees, nose up +) and the height (mm) of the
    /// centre above the supports are needed and x is corrected by −height·tan(pitch).
    /// </summary>
    public static Outcome<CentreOfGravity> Weigh(
        IReadOnlyList<Support> supports,
        double uWeight,
        double uPlace,
        double uDatum,
        double pitch = 0,
        double height = 0
    )
    {
        if (supports.Count is < 2 or > 3)
        {
            return new Refusal(
                "balance/supports",
                $"{supports.Count} supports; two or three are needed.",
                "body.supports"
            );
        }

        for (var i = 0; i < supports.Count; i++)
        {
            if (!double.IsFinite(supports[i].Reading) || supports[i].Reading is <= 0 or > 50_000)
            {
                return new Refusal(
                    "balance/impossible",
                    $"A reading of {Numbers.Say(supports[i].Reading)} g under a support is not possible: it carries "
                        + $"something.",
                    $"body.supports[{i}].reading"
                );
            }

            if (!(Math.Abs(supports[i].X) <= 10_000) || !(Math.Abs(supports[i].Y) <= 10_000))
            {
                return new Refusal("balance/impossible", "A support cannot stand there.", $"body.supports[{i}].x");
            }
        }

        if (supports.Max(s => s.X) - supports.Min(s => s.X) < 20)
        {
            return new Refusal(
                "balance/one-line",
                "The supports stand at one station; they must be at least 20 mm apart, fore and aft.",
                "body.supports"
            );
        }

        if (!(Math.Abs(pitch) <= 30) || !(Math.Abs(height) <= 2000))
        {
            return new Refusal(
                "balance/pitch",
                "A pitch within ± 30° and a height within 2000 mm are needed.",
                "body.pitch"
            );
        }

        var w = supports.Sum(s => s.Reading);
        var x = supports.Sum(s => s.Reading * s.X) / w;
        var y = supports.Sum(s => s.Reading * s.Y) / w;
        double U(Func<Support, double> place, double centre) =>
            2
            * Math.Sqrt(
                supports.Sum(s => Square((place(s) - centre) / w * uWeight) + Square(s.Reading / w * uPlace))
                    + Square(uDatum)
            );
        var levelled = x - (height * Math.Tan(pitch * Numbers.RadiansPerDegree));
        double? across = AcrossLine(supports) ? y : null;
        return new CentreOfGravity(
            Weight: w,
            UWeight: 2 * uWeight * Math.Sqrt(supports.Count),
            X: levelled,
            UX: U(s => s.X, x),
            Y: across,
            UY: U(s => s.Y, y)
        );
    }

    // Two supports, or three in a row, say nothing across their line.
    private static bool AcrossLine(IReadOnlyList<Support> s) =>
        s.Count == 3
        && Math.Abs(((s[1].X - s[0].X) * (s[2].Y - s[0].Y)) - ((s[2].X - s[0].X) * (s[1].Y - s[0].Y))) > 400;

    private static double Square(double v) => v * v;
}
