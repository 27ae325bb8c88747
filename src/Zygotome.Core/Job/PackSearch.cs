using System.Collections.Immutable;
using Zygotome.Core.Balance;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Job;

/// <summary>
/// One pack's place and the ballast with it, searched together: the least added mass that has a place of the pack with
/// which the centre lies in the target band, then the nearest to its middle. Exact: with so many pieces at a station
/// the centre moves straight with the pack, so that the places that do are an interval.
/// </summary>
/// <param name="First">Centre of gravity with the pack at the front of its bay and no ballast, mm; <paramref
/// name="Last"/>: at the back.</param>
/// <param name="Centre">Where the middle of the pack lies, mm.</param>
/// <param name="LandsAt">Centre of gravity with it, mm.</param>
/// <param name="Away">How far that is from the band, mm; nose-heavy −; 0 where it balances.</param>
public sealed record PackSearch(
    double First,
    double Last,
    double Centre,
    double LandsAt,
    Ballast? Ballast,
    string Station,
    double Away
)
{
    public bool Balances => Away == 0;

    /// <param name="Weight">All but the pack, g. <paramref name="Moment"/>: its moment about the datum, g·mm.</param>
    /// <param name="Front">Where the middle of the pack can lie, from here to <paramref name="Back"/>, mm.</param>
    /// <param name="Most">The most it may weigh, g; null without a limit.</param>
    public sealed record Asked(
        double Weight,
        double Moment,
        double Pack,
        double Front,
        double Back,
        Band Target,
        double? Most
    );

    /// <summary>Every station with every number of pieces, none first.</summary>
    public static PackSearch Of(Asked asked, ImmutableArray<BallastStation> stations)
    {
        var total = asked.Weight + asked.Pack;
        double At(double centre, double mass, double station) =>
            (asked.Moment + (asked.Pack * centre) + (mass * station)) / (total + mass);
        var (first, last) = (At(asked.Front, 0, 0), At(asked.Back, 0, 0));
        PackSearch Found(double centre, double mass, double station, Ballast? ballast, string name, double away) =>
            new(
                First: first,
                Last: last,
                Centre: centre,
                LandsAt: At(centre, mass, station),
                Ballast: ballast,
                Station: name,
                Away: away
            );

        PackSearch? best = Placed(asked, 0, 0) is { } without ? Found(without, 0, 0, null, "", 0) : null;
        foreach (var station in best is null ? stations : [])
        {
            for (var n = 1; n * station.Piece <= station.Limit && station.Piece > 0; n++)
            {
                var mass = n * station.Piece;
                if (total + mass > (asked.Most ?? double.MaxValue) || best?.Ballast is { } less && less.Mass < mass)
                {
                    break;
                }

                if (Placed(asked, mass, station.At) is not { } centre)
                {
                    continue;
                }

                var lands = At(centre, mass, station.At);
                if (
                    best?.Ballast is not { } so
                    || mass < so.Mass
                    || Math.Abs(lands - asked.Target.Middle) < Math.Abs(best.LandsAt - asked.Target.Middle)
                )
                {
                    best = Found(centre, mass, station.At, new Ballast(n, mass, lands), station.Name, 0);
                }

                break;
            }
        }

        if (best is not null)
        {
            return best;
        }

        var end = first > asked.Target.High ? asked.Front : asked.Back;
        var reached = At(end, 0, 0);
        return Found(
            end,
            0,
            0,
            null,
            "",
            reached < asked.Target.Low ? reached - asked.Target.Low!.Value : reached - asked.Target.High!.Value
        );
    }

    // The pack's middle that lands nearest the middle of the band with this ballast; null where no place lands in it.
    private static double? Placed(Asked asked, double mass, double station)
    {
        var total = asked.Weight + asked.Pack + mass;
        double For(double centre) => ((centre * total) - asked.Moment - (mass * station)) / asked.Pack;
        var (low, high) = (
            Math.Max(For(asked.Target.Low!.Value), asked.Front),
            Math.Min(For(asked.Target.High!.Value), asked.Back)
        );
        return Numbers.Round(low - high) <= 0 ? Math.Clamp(For(asked.Target.Middle), low, Math.Max(low, high)) : null;
    }
}
