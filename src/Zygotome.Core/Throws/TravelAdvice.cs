using Zygotome.Core.Quantities;

namespace Zygotome.Core.Throws;

/// <summary>The next number in the radio for a throw, and the throw to expect with it.</summary>
/// <param name="Percent">End point or share, rounded to the radio's step.</param>
/// <param name="Expect">In the sheet's kind (mm or degrees), ± <paramref name="U"/>.</param>
public sealed record TravelAdvice(double Percent, double Expect, double U, string Why)
{
    /// <summary>The radio sets whole percents, and not beyond these.</summary>
    public const double Step = 1,
        Least = 30,
        Most = 125,
        LeastShare = 5,
        HolesBelow = 60;

    /// <summary>
    /// Proportional in the angle: travel_next = travel · θ_target/θ_read, θ by <see cref="ThrowMeasures"/>. The
    /// prediction carries U = |∂θ_next/∂θ_read|·U_read and the step's own half width. A reading of the wrong sign or
    /// near zero is refused and points to directions; a setting outside 30 to 125 % is refused and points to the holes;
    /// a setting tried before is not advised again. Fitting the advised travel lands at <see cref="Expect"/>, or the
    /// refusal names the limit that forbids it.
    /// </summary>
    /// <param name="travel">The present setting, %.</param>
    /// <param name="read">The reading as an angle, + in the commanded way.</param>
    /// <param name="target">The wanted throw in the target's own kind.</param>
    /// <param name="tried">Settings this number has had, the present one included.</param>
    /// <param name="shared">Where the number sets other throws too: the settings that bring all of them in.</param>
    public static Outcome<TravelAdvice> Next(
        ThrowTarget wanted,
        double travel,
        ThrowAngle read,
        double target,
        IReadOnlyCollection<double> tried,
        TravelRange? shared = null
    )
    {
        if (read.Degrees < 1)
        {
            return new Refusal(
                "throws/direction",
                "It hardly moves, or the other way: answer its direction on Bind first."
            );
        }

        if (!ThrowMeasures.ToAngle(target, 0, wanted.Measure, wanted.Surface.Chord).Try(out var goal, out var refusal))
        {
            return refusal;
        }

        var exact = travel * goal.Degrees / read.Degrees;
        var next = Math.Round((shared?.Nearest(exact) ?? exact) / Step, MidpointRounding.AwayFromZero) * Step;
        var least = shared?.Least ?? Least;
        if (tried.Contains(next))
        {
            return new Refusal(
                "throws/tried",
                $"{Numbers.Say(next)} % has been set already; measure again, and look for play in the linkage."
            );
        }

        if (next > Most || next < least)
        {
            return new Refusal(
                "throws/travel-limit",
                next > Most
                    ? $"It would need {Numbers.Say(next)} %, and the radio ends at {Most} %: one hole outwards on "
                        + $"the servo arm, or inwards on the horn."
                    : $"It would need {Numbers.Say(next)} %, and the radio ends at {Numbers.Say(least)} %: one hole "
                        + $"inwards on "
                        + $"the servo arm, or outwards on the horn."
            );
        }

        var degrees = read.Degrees * next / travel;
        var perDegree = next / travel;
        var uStep = read.Degrees / travel * Step / 2;
        var u = Math.Sqrt((perDegree * read.U * perDegree * read.U) + (uStep * uStep));
        var (expect, uExpect) = ThrowMeasures.FromAngle(
            new ThrowAngle(degrees, u),
            wanted.Measure,
            wanted.Surface.Chord
        );
        var others = shared is { Others: > 0 } ? $" It sets {shared.Others} more." : "";
        var holes =
            least == Least && next < HolesBelow
                ? $" Below {HolesBelow} % the servo's resolution is wasted: one hole inwards on the servo arm would "
                    + $"be better."
                : "";
        return new TravelAdvice(
            next,
            expect,
            uExpect,
            $"{Numbers.Say(travel)} % × {Numbers.OneDecimal(goal.Degrees)}° / {Numbers.OneDecimal(read.Degrees)}° = "
                + $"{Numbers.OneDecimal(exact)} %.{others}{holes}"
        );
    }
}
