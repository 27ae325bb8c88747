using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Balance;

/// <summary>
/// A small step of the centre of gravity after a flight: the pack first, then the fewest pieces, never out of the
/// sheet's range shrunk by the weighing's U.
/// </summary>
internal static class CentreStep
{
    // Of the mean aerodynamic chord: the shop's step, small enough to be flown, large enough to be felt.
    private const double Share = 0.015;

    // mm that nobody feels.
    private const double Least = 0.3;

    public static Outcome<string> Of(JobState state, bool aft)
    {
        if (Weighed(state) is not ({ } target, { } cg))
        {
            return new Refusal("balance/not-weighed", "Weigh it first: nothing says where its centre lies.");
        }

        var (low, high) = (target.Range.Low!.Value + cg.UX, target.Range.High!.Value - cg.UX);
        var chord = Chord(state.Sheet);
        var wanted = aft ? Math.Min(high, cg.X + (Share * chord)) : Math.Max(low, cg.X - (Share * chord));
        return (aft ? wanted - cg.X : cg.X - wanted) < Least
            ? new Refusal(
                "balance/range-end",
                $"It lies at {Numbers.OneDecimal(cg.X)} mm, the {(aft ? "aft" : "forward")} end of the sheet's range: "
                    + "trim it, and leave the balance."
            )
            : ByPack(state, target, cg, wanted) ?? ByPieces(state, cg, wanted, (low, high), aft);
    }

    // The configuration that was weighed last: it is the one that flew.
    private static (BalanceTarget? Target, CentreOfGravity? Centre) Weighed(JobState state) =>
        state.Balance.Weighings.Values.MaxBy(w => w.Evidence.Seq) is { } shown
        && state.Sheet.Balance.Configurations.FirstOrDefault(c => c.Name == shown.Weighed.Configuration) is { } of
        && shown.Weighed.Calculate().Try(out var cg, out _)
            ? (BalanceTarget.Of(state.Sheet, of, state.BalanceSchool), cg)
            : (null, null);

    private static string? ByPack(JobState state, BalanceTarget target, CentreOfGravity cg, double wanted)
    {
        var mass = (double)(state.Aboard.Battery?.Mass.Nominal ?? 0);
        if (
            mass <= 0
            || PackPlaces.Fronts(state) is not { } places
            || PackPlaces.FrontOf(state, target.Configuration) is not { } front
        )
        {
            return null;
        }

        var move = Math.Clamp(
            Math.Round(Corrections.PackMove(cg.Weight, cg.X, wanted, mass), MidpointRounding.AwayFromZero),
            Math.Ceiling(places.First - front),
            Math.Floor(places.Last - front)
        );
        return move == 0
            ? null
            : $"{BalanceAdvice.MoveWords(move, state, front + move)}; "
                + Lands(cg.X, Corrections.AfterMove(cg.Weight, cg.X, mass, move));
    }

    private static Outcome<string> ByPieces(
        JobState state,
        CentreOfGravity cg,
        double wanted,
        (double Low, double High) range,
        bool aft
    )
    {
        double After(BallastStation station, int pieces) =>
            ((cg.Weight * cg.X) + (pieces * station.Piece * station.At)) / (cg.Weight + (pieces * station.Piece));
        var best = (
            from station in state.Sheet.Geometry.BallastStations
            let fitted = state.Balance.BallastAt(station.Name)
            from pieces in Enumerable.Range(-fitted, Places(station) + 1)
            where pieces != 0
            let lands = After(station, pieces)
            where aft ? lands > cg.X : lands < cg.X
            where lands >= range.Low && lands <= range.High
            orderby Math.Round(Math.Abs(lands - wanted) / Least), pieces * station.Piece, station.Name
            select (station, pieces, lands)
        ).FirstOrDefault();
        return best.station is null
            ? new Refusal(
                "balance/no-step",
                "The pack is at the end of its bay, and no piece at the sheet's stations lands inside the range."
            )
            : $"{(best.pieces > 0 ? "Fit" : "Take out")} {Math.Abs(best.pieces)} "
                + $"{(Math.Abs(best.pieces) == 1 ? "piece" : "pieces")} of {Numbers.Say(best.station.Piece)} g "
                + $"{(best.pieces > 0 ? "at" : "from")} the {best.station.Name}; {Lands(cg.X, best.lands)}";
    }

    private static int Places(BallastStation station) =>
        station.Piece > 0 ? (int)Math.Min(station.Limit / station.Piece, 1000) : 0;

    // mm; of what has no wing on its sheet that of a small one.
    private static double Chord(SpecSheet sheet) =>
        sheet.Geometry.Lifting.FirstOrDefault(l => l.Role == "wing") is { } wing ? Planform.Of(wing).MeanChord : 200;

    private static string Lands(double from, double to) =>
        $"its centre goes from {Numbers.OneDecimal(from)} to {Numbers.OneDecimal(to)} mm";
}
