namespace Zygotome.Core.Sheets;

/// <summary>
/// Where the aircraft's neutral point lies, for plausibility only. Stations in mm from the datum, aft +.
/// </summary>
/// <param name="Station">Neutral point, mm. <paramref name="OfChord"/>: the same as a share of the wing's mean chord
/// behind its leading edge.</param>
public sealed record NeutralPoint(double Station, double OfChord)
{
    private const double TailEfficiency = 0.9;

    /// <summary>
    /// x_np = Σ ηSa(1 − ε′)x / Σ ηSa(1 − ε′) over the lifting surfaces at their quarter-chord, a by <see
    /// cref="LiftSlope"/>. One wing with at most one tail behind it (η 0.9, ε′ = 2a_w/(πA_w)), or none. Null where that
    /// picture does not hold: several wings, a foreplane, or no wing.
    /// </summary>
    public static NeutralPoint? Of(Geometry geometry)
    {
        var wings = geometry.Lifting.Where(l => l.Role == "wing").ToArray();
        var tails = geometry.Lifting.Where(l => l.Role is "tail" or "v-tail").ToArray();
        if (
            wings is not [var wing]
            || tails.Length > 1
            || geometry.Lifting.Any(l => l.Role == "foreplane")
            || !Usable(wing)
            || !tails.All(Usable)
        )
        {
            return null;
        }

        var plan = Planform.Of(wing);
        var aspect = AspectRatio(wing, plan);
        var slope = LiftSlope(aspect, SweepAtHalf(wing));
        var quarter = plan.MeanLeadingEdge + (plan.MeanChord / 4);
        var (sum, weighted) = (plan.HalfArea * slope, plan.HalfArea * slope * quarter);
        foreach (var tail in tails)
        {
            var t = Planform.Of(tail);

            // A V-tail works in pitch with the square of the cosine of its dihedral.
            var tilt = tail.Role == "v-tail" ? Math.Pow(Math.Cos(tail.Panels[0].Dihedral * Math.PI / 180), 2) : 1;
            var share =
                TailEfficiency
                * t.HalfArea
                * tilt
                * LiftSlope(AspectRatio(tail, t), SweepAtHalf(tail))
                * (1 - (2 * slope / (Math.PI * aspect)));
            sum += share;
            weighted += share * (t.MeanLeadingEdge + (t.MeanChord / 4));
        }

        var x = weighted / sum;
        return double.IsFinite(x) ? new NeutralPoint(x, (x - plan.MeanLeadingEdge) / plan.MeanChord) : null;
    }

    /// <summary>
    /// a = 2πA/(2 + √(4 + A²(1 + tan²Λ½))) per radian; A the aspect ratio, <paramref name="sweepAtHalf"/> the sweep of
    /// the half-chord line in degrees.
    /// </summary>
    public static double LiftSlope(double aspect, double sweepAtHalf)
    {
        var tan = Math.Tan(sweepAtHalf * Math.PI / 180);
        return 2 * Math.PI * aspect / (2 + Math.Sqrt(4 + (aspect * aspect * (1 + (tan * tan)))));
    }

    internal static double AspectRatio(LiftingSurface surface, Planform plan) =>
        2 * surface.HalfSpan * surface.HalfSpan / plan.HalfArea;

    private static bool Usable(LiftingSurface s) =>
        s.HalfSpan > 0 && Planform.Of(s) is { HalfArea: > 0, MeanChord: > 0 };

    private static double SweepAtHalf(LiftingSurface surface)
    {
        var (span, sweep) = (surface.Panels.Sum(p => p.Span), surface.Panels.Sum(p => p.Sweep));
        return Math.Atan2(sweep + ((surface.Panels[^1].Tip - surface.Panels[0].Root) / 2), span) * 180 / Math.PI;
    }
}
