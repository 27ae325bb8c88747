using Zygotome.Core.Quantities;

namespace Zygotome.Core.Balance;

/// <summary>Ballast to fit: so many pieces at a station, and where the centre of gravity then is.</summary>
public sealed record Ballast(int Pieces, double Mass, double LandsAt);

/// <summary>The formulas of moving, adding and swapping mass. g and mm from the datum, aft +.</summary>
public static class Corrections
{
    /// <summary>How far to move a pack that is part of the weighed mass: Δ = W·(x_t − x)/m, aft +.</summary>
    public static double PackMove(double weight, double x, double target, double packMass) =>
        weight * (target - x) / packMass;

    /// <summary>
    /// Where the centre of gravity is after moving part of the weighed mass by <paramref name="move"/>.
    /// </summary>
    public static double AfterMove(double weight, double x, double packMass, double move) =>
        x + (packMass * move / weight);

    /// <summary>Where a pack that was not on the scales must go: x_b = ((W + m)·x_t − W·x)/m.</summary>
    public static double PackPlace(double weight, double x, double target, double packMass) =>
        (((weight + packMass) * target) - (weight * x)) / packMass;

    /// <summary>Another pack in another place: x′ = (W·x − m·x_b + m′·x_b′)/(W − m + m′).</summary>
    public static double Swap(double weight, double x, double oldMass, double oldAt, double newMass, double newAt) =>
        ((weight * x) - (oldMass * oldAt) + (newMass * newAt)) / (weight - oldMass + newMass);

    /// <summary>
    /// The mass that would bring x to the target exactly: w = W·(x_t − x)/(x_s − x_t). Refused when it is negative:
    /// that station cannot help.
    /// </summary>
    public static Outcome<double> BallastMass(double weight, double x, double target, double station)
    {
        var arm = station - target;
        var mass = Math.Abs(arm) < 1e-9 ? -1 : weight * (target - x) / arm;
        return mass < 0
            ? new Refusal("balance/station", "Mass at that station moves the balance the wrong way.")
            : mass;
    }

    /// <summary>
    /// The fewest pieces that land inside the target band shrunk by U on both sides; never a bare rounding up.
    /// Fitting the answer lands inside the shrunk band, or the refusal says which limit forbids it.
    /// </summary>
    public static Outcome<Ballast> FewestPieces(
        double weight,
        double x,
        Band target,
        double u,
        double station,
        double piece,
        double most
    )
    {
        var (low, high) = (Numbers.Round(target.Low!.Value + u), Numbers.Round(target.High!.Value - u));
        if (low > high)
        {
            return new Refusal(
                "balance/narrow",
                "The target band is narrower than the weighing's uncertainty on both sides; weigh more finely."
            );
        }

        if (!BallastMass(weight, x, (low + high) / 2, station).Try(out _, out var wrongWay))
        {
            return wrongWay;
        }

        for (var n = 1; Numbers.Round(n * piece) <= Numbers.Round(most); n++)
        {
            var lands = ((weight * x) + (n * piece * station)) / (weight + (n * piece));
            if (Numbers.Round(lands) >= low && Numbers.Round(lands) <= high)
            {
                return new Ballast(n, n * piece, lands);
            }

            if (station > target.Middle ? lands > high : lands < low)
            {
                return new Refusal(
                    "balance/pieces",
                    $"{n - 1} pieces of {Numbers.Say(piece)} g are too few and {n} too many; use smaller pieces."
                );
            }
        }

        return new Refusal("balance/limit", $"More than the {Numbers.Say(most)} g that may go there would be needed.");
    }
}
