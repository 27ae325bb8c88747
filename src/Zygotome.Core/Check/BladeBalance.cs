using System.Collections.Immutable;
using Zygotome.Core.Quantities;

namespace Zygotome.Core.Check;

/// <summary>What to put where so that a propeller does not shake.</summary>
/// <param name="Mass">g, at the radius of the trial mass.</param>
/// <param name="Angle">Degrees from the first trial place towards the second, 0 to 360.</param>
public sealed record BladeCorrection(double Mass, double Angle);

/// <param name="Blade">Counted from the one in line with the first trial place, the way the places go.</param>
/// <param name="Mass">g, at the radius of the trial mass.</param>
public sealed record OnBlade(int Blade, double Mass);

/// <summary>A correction as it can be put on.</summary>
/// <param name="Hub">g that lie across two blades, at the radius of the trial mass; <paramref name="HubAngle"/>:
/// degrees from the first trial place.</param>
public sealed record BladeShare(ImmutableArray<OnBlade> Blades, double Hub, double HubAngle);

/// <summary>
/// Balance of a propeller from trial masses. Source: moments about the shaft, and the three-trial solution of
/// single-plane balancing (the response to a mass is linear, its lag the same for all places).
/// </summary>
public static class BladeBalance
{
    // How far the readings may contradict one trial mass, as a share.
    private const double Slack = 0.25;

    /// <summary>
    /// Tape for the light blade: what a mass of <paramref name="trial"/> g held at <paramref name="radius"/> mm weighs
    /// at <paramref name="at"/> mm, g: m·r stays the same.
    /// </summary>
    public static double Tape(double trial, double radius, double at) => trial * radius / at;

    /// <summary>
    /// The correction from the shake as it is and with one trial mass at three places 120° apart. With v₀ the shake, T
    /// what the trial adds, φ between them: vᵢ² = v₀² + T² + 2·v₀·T·cos(θᵢ − φ), so that T² is the mean of vᵢ² less
    /// v₀², and the correction is the trial mass times v₀/T, opposite φ.
    /// </summary>
    /// <param name="first">Shake without it, in any unit that is proportional. <paramref name="a"/>,
    /// <paramref name="b"/>, <paramref name="c"/>: with it at 0°, 120°, 240°.</param>
    /// <param name="trial">g.</param>
    /// <returns>Refused where the trial mass shows too little, or the readings fit no one mass.</returns>
    public static Outcome<BladeCorrection> ThreeTrials(double first, double a, double b, double c, double trial)
    {
        var (a2, b2, c2) = (a * a, b * b, c * c);
        var added = ((a2 + b2 + c2) / 3) - (first * first);
        if (added <= 0 || Math.Sqrt(added) < first * 0.05)
        {
            return new Refusal(
                "check/trial-small",
                "The trial mass changes too little: take a larger one, at all three places."
            );
        }

        var along = a2 - ((b2 + c2) / 2);
        var across = (b2 - c2) * Math.Sqrt(3) / 2;
        var effect = Math.Sqrt(added);
        var seen = Math.Sqrt((along * along) + (across * across)) / (3 * first * effect);
        if (Math.Abs(seen - 1) > Slack)
        {
            return new Refusal(
                "check/trial-fits",
                "No one trial mass shakes so at three places: same throttle, same mass, same radius; run all again."
            );
        }

        var angle = (Math.Atan2(across, along) * 180 / Math.PI) + 180;
        return new BladeCorrection(trial * first / effect, Numbers.Round(angle) % 360);
    }

    /// <summary>
    /// The same pull shared by the two blades beside its angle, the first trial place in line with the first blade:
    /// m·sin(β − θ)/sin β on the one before it, m·sin θ/sin β on the one after, with β between blades and θ past the
    /// first of the two. Two blades have no direction but their own: what lies across them goes on the hub.
    /// </summary>
    /// <param name="blades">Two or more.</param>
    public static BladeShare Shared(BladeCorrection put, int blades)
    {
        var between = 360.0 / blades;
        var before = (int)(put.Angle / between) % blades;
        var past = (put.Angle - (before * between)) * Math.PI / 180;
        if (blades == 2)
        {
            var along = put.Mass * Math.Cos(past);
            var across = put.Mass * Math.Sin(past);
            var on = along >= 0 ? before : 1 - before;
            return new BladeShare([new OnBlade(on + 1, Math.Abs(along))], across, (before * 180) + 90);
        }

        var beta = between * Math.PI / 180;
        return new BladeShare(
            [
                new OnBlade(before + 1, put.Mass * Math.Sin(beta - past) / Math.Sin(beta)),
                new OnBlade(((before + 1) % blades) + 1, put.Mass * Math.Sin(past) / Math.Sin(beta)),
            ],
            0,
            0
        );
    }
}
