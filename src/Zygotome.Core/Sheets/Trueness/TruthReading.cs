using Zygotome.Core.Quantities;

namespace Zygotome.Core.Sheets.Trueness;

/// <summary>
/// What was read of a truth, as one number in the unit of its limits with its expanded uncertainty U. By ruler a
/// difference a − b with U = √2·U_r, as an angle asin((a − b)/base); by strings from a fin's tip to both ends of a base
/// 2s, y = (a² − b²)/(4s) with U = U_r·√(a² + b²)/(2s); by gauge the angle itself, in mm base·sin θ.
/// </summary>
/// <param name="First">mm, degrees or g, as read; <paramref name="Second"/> likewise, 0 where there is none.</param>
/// <param name="Apart">mm over which a difference is an angle; 0 where it is none.</param>
public sealed record TruthReading(double Value, double U, double First, double Second, double Apart)
{
    private const double MostSine = 0.966;

    /// <summary>
    /// Refuses what cannot be read so: a second reading that is missing, a length below zero, a diagonal shorter than
    /// it is across, an angle above 75°, points of which nobody said how far apart they are.
    /// </summary>
    public static Outcome<TruthReading> Of(Truth truth, Instrument by, double first, double? second, double? apart)
    {
        var points = truth.Points;
        var gauge = by.Reads == "degrees";
        if (truth.Kind == TruthKind.HingeForce)
        {
            return by.Reads == "g"
                ? new TruthReading(first, by.U, first, 0, 0)
                : Refused("build/truth-by", $"{truth.Name} is read by scales.", "instrument");
        }

        if (!(by.Reads == "mm" && points.First.Length > 0) && !(gauge && points.Gauge.Length > 0))
        {
            return Refused("build/truth-by", $"{truth.Name} is read by {With(points)}.", "instrument");
        }

        if (NeedsSecond(truth, gauge) && second is null)
        {
            return Refused("build/truth-second", $"{truth.Name}: {points.Second} is needed too.", "second");
        }

        return gauge
            ? ByGauge(truth, by.U, first, second ?? 0, apart)
            : ByRuler(truth, by.U, first, second ?? 0, apart);
    }

    /// <summary>Whether two readings are taken with this instrument.</summary>
    public static bool NeedsSecond(Truth truth, bool gauge) =>
        gauge ? truth.Kind == TruthKind.Against : truth.Points.Second.Length > 0;

    private static string With(TruthPoints points) =>
        points.Gauge.Length == 0 ? "ruler"
        : points.First.Length == 0 ? "an angle gauge"
        : "ruler or by an angle gauge";

    private static Outcome<TruthReading> ByRuler(Truth truth, double u, double a, double b, double? apart)
    {
        var points = truth.Points;
        if (points.Across > 0 && Math.Min(a, b) <= points.Across)
        {
            return Refused(
                "build/truth-short",
                $"{Numbers.Say(Math.Min(a, b))} mm is no diagonal here: it is {Numbers.OneDecimal(points.Across)} mm "
                    + "straight across.",
                "first"
            );
        }

        if (points.Sum == TruthSum.Strings && Math.Min(a, b) <= 0)
        {
            return Refused("build/truth-short", "A string is longer than 0 mm.", "first");
        }

        var (off, wide) = points.Sum switch
        {
            TruthSum.Difference => (a - b, u * Math.Sqrt(2)),
            TruthSum.Strings => (
                ((a * a) - (b * b)) / (4 * points.Half),
                u * Math.Sqrt((a * a) + (b * b)) / (2 * points.Half)
            ),
            TruthSum.Worst => (Math.Abs(a) >= Math.Abs(b) ? a : b, u),
            _ => (a, u),
        };
        var length = points.Base ?? apart ?? 0;
        if (truth.Unit != "°")
        {
            return new TruthReading(off, wide, a, b, length);
        }

        if (length <= 0)
        {
            return Refused("build/truth-apart", $"{truth.Name}: how far apart are the two points?", "apart");
        }

        if (Math.Abs(off / length) > MostSine)
        {
            return Refused(
                "build/truth-angle",
                $"{Numbers.OneDecimal(off)} mm over {Numbers.OneDecimal(length)} mm is no angle that can be read so.",
                "first"
            );
        }

        // Of a base that somebody measured, its own uncertainty too.
        var own = points.Base is null ? off / length * u : 0;
        var sine = off / length;
        var flat = Math.Sqrt(1 - (sine * sine));
        return new TruthReading(
            Math.Asin(sine) / Numbers.RadiansPerDegree,
            Math.Sqrt((wide * wide) + (own * own)) / length / flat / Numbers.RadiansPerDegree,
            a,
            b,
            length
        );
    }

    private static Outcome<TruthReading> ByGauge(Truth truth, double u, double a, double b, double? apart)
    {
        var (angle, wide) = truth.Kind == TruthKind.Against ? (a - b, u * Math.Sqrt(2)) : (a, u);
        if (Math.Abs(angle) > 75)
        {
            return Refused("build/truth-angle", $"{Numbers.Say(angle)}° is not how {truth.Name} can stand.", "first");
        }

        var length = truth.Points.Base ?? apart ?? 0;
        if (truth.Unit == "°")
        {
            return new TruthReading(angle, wide, a, b, length);
        }

        if (length <= 0)
        {
            return Refused("build/truth-by", $"{truth.Name} is read by ruler: its limit is in mm.", "instrument");
        }

        var radians = angle * Numbers.RadiansPerDegree;
        return new TruthReading(
            length * Math.Sin(radians),
            length * Math.Cos(radians) * wide * Numbers.RadiansPerDegree,
            a,
            b,
            length
        );
    }

    private static Refusal Refused(string code, string words, string field) => new(code, words, $"body.{field}");
}
