using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Throws;

/// <summary>A throw as an angle from neutral with its uncertainty, both in degrees.</summary>
public sealed record ThrowAngle(double Degrees, double U);

/// <summary>
/// Between the three ways of stating a throw. c: chord from hinge line to trailing edge at the measuring station, mm;
/// θ: degrees from neutral. Upright ruler (perpendicular to the neutral chord) d = c·sin θ; straight line d =
/// 2c·sin(θ/2). Expanded uncertainties: U_θ = U_d/(c·cos θ) upright, U_d/(c·cos(θ/2)) straight.
/// </summary>
public static class ThrowMeasures
{
    /// <summary>Beyond this the upright ruler's uncertainty explodes; conversion is refused.</summary>
    public const double MostDegrees = 75;

    /// <summary>
    /// The angle behind a reading. Refuses a throw longer than the chord allows, and angles above 75°.
    /// </summary>
    /// <param name="value">mm for rulers, degrees for the gauge; magnitude.</param>
    public static Outcome<ThrowAngle> ToAngle(double value, double u, ThrowMeasure measure, double chord)
    {
        var r = Numbers.RadiansPerDegree;
        switch (measure)
        {
            case ThrowMeasure.Angle:
                return Math.Abs(value) > 90
                    ? new Refusal(
                        "throws/impossible",
                        $"{Numbers.Say(value)}° is more than a surface can turn.",
                        "body.readings"
                    )
                    : new ThrowAngle(value, u);
            case ThrowMeasure.UprightRuler when Math.Abs(value) > chord:
            case ThrowMeasure.StraightRuler when Math.Abs(value) > 2 * chord:
                return new Refusal(
                    "throws/impossible",
                    $"{Numbers.Say(value)} mm is more than a surface with a chord of {Numbers.Say(chord)} mm can move.",
                    "body.readings"
                );
        }

        var upright = measure == ThrowMeasure.UprightRuler;
        var degrees = (upright ? Math.Asin(value / chord) : 2 * Math.Asin(value / (2 * chord))) / r;
        if (Math.Abs(degrees) > MostDegrees)
        {
            return new Refusal(
                "throws/too-steep",
                $"{Numbers.Say(value)} mm on a chord of {Numbers.Say(chord)} mm is {Numbers.OneDecimal(degrees)}°; "
                    + $"above {MostDegrees}° a ruler cannot show it.",
                "body.readings"
            );
        }

        return new ThrowAngle(degrees, u / (chord * Math.Cos((upright ? degrees : degrees / 2) * r)) / r);
    }

    /// <summary>
    /// A throw in the kind the sheet states it, with its uncertainty: mm for rulers, degrees for angle.
    /// </summary>
    public static (double Value, double U) FromAngle(ThrowAngle angle, ThrowMeasure measure, double chord)
    {
        var (theta, u) = (angle.Degrees * Numbers.RadiansPerDegree, angle.U * Numbers.RadiansPerDegree);
        return measure switch
        {
            ThrowMeasure.Angle => (angle.Degrees, angle.U),
            ThrowMeasure.UprightRuler => (chord * Math.Sin(theta), chord * Math.Cos(theta) * u),
            _ => (2 * chord * Math.Sin(theta / 2), chord * Math.Cos(theta / 2) * u),
        };
    }

    /// <summary>As in "measured with an upright ruler".</summary>
    public static string Words(ThrowMeasure measure) =>
        measure switch
        {
            ThrowMeasure.UprightRuler => "upright ruler",
            ThrowMeasure.StraightRuler => "straight ruler",
            _ => "angle",
        };
}
