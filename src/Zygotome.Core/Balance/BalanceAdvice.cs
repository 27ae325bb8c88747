using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;

namespace Zygotome.Core.Balance;

/// <summary>What to do about the balance: move the pack, and where that is not enough, ballast.</summary>
/// <param name="PackFront">Where the front of the pack should lie, mm from the datum; null when it should stay.</param>
/// <param name="PackMove">How far that is, mm, aft +.</param>
/// <param name="Pieces">Ballast pieces to add at <paramref name="Station"/>; negative: take out.</param>
/// <param name="LandsAt">Centre of gravity to expect, mm.</param>
public sealed record BalanceAdvice(
    double? PackFront,
    double PackMove,
    string Station,
    int Pieces,
    double AddedMass,
    double LandsAt,
    string Words
)
{
    /// <summary>
    /// Least added mass first: the pack in its bay, then ballast out, then the fewest pieces in. Refuses with the limit
    /// that forbids all of them. Applying the advice and weighing again lands inside the target band shrunk by the
    /// weighing's U.
    /// </summary>
    public static Outcome<BalanceAdvice> For(JobState state, BalanceTarget target, CentreOfGravity cg)
    {
        var (low, high) = (target.Target.Low!.Value + cg.UX, target.Target.High!.Value - cg.UX);
        if (Numbers.Round(cg.X) >= Numbers.Round(low) && Numbers.Round(cg.X) <= Numbers.Round(high))
        {
            return new BalanceAdvice(
                PackFront: null,
                PackMove: 0,
                Station: "",
                Pieces: 0,
                AddedMass: 0,
                LandsAt: cg.X,
                Words: "It lies in the target band; leave the pack where it is."
            );
        }

        var pack = (double)(state.Aboard.Battery?.Mass.Nominal ?? 0);
        var after = cg;
        var move = 0.0;
        if (PackPlaces.Fronts(state) is { } places && PackPlaces.FrontOf(state, target.Configuration) is { } front)
        {
            move = Math.Clamp(
                Math.Round(
                    Corrections.PackMove(cg.Weight, cg.X, target.Target.Middle, pack),
                    MidpointRounding.AwayFromZero
                ),
                Math.Ceiling(places.First - front),
                Math.Floor(places.Last - front)
            );
            after = cg with { X = Corrections.AfterMove(cg.Weight, cg.X, pack, move) };
            if (
                low <= high
                && Numbers.Round(after.X) >= Numbers.Round(low)
                && Numbers.Round(after.X) <= Numbers.Round(high)
            )
            {
                return new BalanceAdvice(
                    PackFront: front + move,
                    PackMove: move,
                    Station: "",
                    Pieces: 0,
                    AddedMass: 0,
                    LandsAt: after.X,
                    Words: MoveWords(move, state, front + move) + "."
                );
            }
        }

        return BallastOut(state, target, after, move) ?? BallastIn(state, target, after, move);
    }

    private static BalanceAdvice? BallastOut(JobState state, BalanceTarget target, CentreOfGravity cg, double move)
    {
        foreach (var station in state.Sheet.Geometry.BallastStations)
        {
            for (var n = 1; n <= state.Balance.BallastAt(station.Name); n++)
            {
                var mass = -n * station.Piece;
                var lands = ((cg.Weight * cg.X) + (mass * station.At)) / (cg.Weight + mass);
                if (
                    Numbers.Round(lands - cg.UX - target.Target.Low!.Value) >= 0
                    && Numbers.Round(target.Target.High!.Value - lands - cg.UX) >= 0
                )
                {
                    return Make(state, target, move, station.Name, -n, mass, lands);
                }
            }
        }

        return null;
    }

    private static Outcome<BalanceAdvice> BallastIn(
        JobState state,
        BalanceTarget target,
        CentreOfGravity cg,
        double move
    )
    {
        var room = BalanceTarget.AllUpWeight(state.Sheet)?.High is { } most ? most - cg.Weight : double.MaxValue;
        var refusal = new Refusal(
            "balance/no-station",
            "The pack cannot be moved far enough, and the sheet has no ballast station."
        );
        BalanceAdvice? best = null;
        foreach (var station in state.Sheet.Geometry.BallastStations)
        {
            var most1 = Math.Min(station.Limit - (state.Balance.BallastAt(station.Name) * station.Piece), room);
            if (
                Corrections
                    .FewestPieces(cg.Weight, cg.X, target.Target, cg.UX, station.At, station.Piece, most1)
                    .Try(out var ballast, out var refused)
            )
            {
                if (best is null || ballast.Mass < best.AddedMass)
                {
                    best = Make(state, target, move, station.Name, ballast.Pieces, ballast.Mass, ballast.LandsAt);
                }
            }
            else if (refusal.Code is "balance/no-station" or "balance/station")
            {
                // "The wrong way" says least; a station that could help but for a limit says more.
                refusal = refused;
            }
        }

        return best is null ? refusal : best;
    }

    private static BalanceAdvice Make(
        JobState state,
        BalanceTarget target,
        double move,
        string station,
        int pieces,
        double mass,
        double lands
    )
    {
        var front = PackPlaces.FrontOf(state, target.Configuration) + move;
        var ballast =
            pieces > 0
                ? $"fit {pieces} {(pieces == 1 ? "piece" : "pieces")} ({Numbers.Say(mass)} g) at the {station}"
                : $"take {-pieces} {(pieces == -1 ? "piece" : "pieces")} out at the {station}";
        var words = move != 0 ? $"{MoveWords(move, state, front ?? 0)}, and {ballast}." : $"{Texts.Capital(ballast)}.";
        return new BalanceAdvice(
            PackFront: move != 0 ? front : null,
            PackMove: move,
            Station: station,
            Pieces: pieces,
            AddedMass: mass,
            LandsAt: lands,
            Words: words
        );
    }

    internal static string MoveWords(double move, JobState state, double front)
    {
        var lip = front - state.Sheet.Geometry.Bay!.From;
        return $"Move the pack {Numbers.Say(Math.Abs(move))} mm {(move > 0 ? "aft" : "forward")}: its front "
            + $"{Numbers.Say(lip)} mm behind the bay lip";
    }
}
