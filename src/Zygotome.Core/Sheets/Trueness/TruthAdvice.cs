using System.Globalization;
using Zygotome.Core.Quantities;

namespace Zygotome.Core.Sheets.Trueness;

/// <summary>
/// Which way a joint is moved, and how far, so that what was read stands in the middle of its limits. Lengths in mm,
/// left and right the pilot's.
/// </summary>
public static class TruthAdvice
{
    /// <summary>In words; empty where there is nothing to move.</summary>
    public static string Of(Truth truth, TruthReading read)
    {
        var off = Off(truth, read);
        return Numbers.Round(off) == 0 ? "" : Words(truth, read, off);
    }

    /// <summary>
    /// How far what was read is off where it should stand, mm at the base it is read over; degrees where there is none.
    /// </summary>
    public static double Off(Truth truth, TruthReading read) =>
        truth.Unit != "°" || read.Apart <= 0
            ? read.Value - truth.Wanted
            : read.Apart * (Sin(read.Value) - Sin(truth.Wanted));

    /// <summary>
    /// How far each tip goes along the aircraft, about the wing's middle, to take away a difference of two diagonals:
    /// difference × d/(2·√(d² − s²)), d their mean and s what they span across, mm.
    /// </summary>
    public static double TipShift(double difference, double mean, double across) =>
        difference * mean / (2 * Math.Sqrt((mean * mean) - (across * across)));

    /// <summary>
    /// How thick a washer is that turns a mount by so many degrees, mm, for screws so many mm apart: spacing × tan Δ.
    /// </summary>
    public static double Washer(double degrees, double spacing) =>
        spacing * Math.Tan(degrees * Numbers.RadiansPerDegree);

    private static string Words(Truth truth, TruthReading read, double off) =>
        truth.Kind switch
        {
            TruthKind.Diagonals or TruthKind.Square => Tips(truth, read),
            TruthKind.Tilt => truth.Unit == "°" && read.Apart <= 0
                ? $"Left tip {Vertical(-off)} by {Degrees(off)}."
                : $"Left tip {Vertical(-off)} by {Say(off / 2)} and right tip {Vertical(off)} by as much.",
            TruthKind.Dihedral => $"Tip {Vertical(-off)} by {Say(off)}.",
            TruthKind.Incidence => $"Leading edge {Vertical(-off)} by {Say(off)}.",
            TruthKind.Against => $"The first's leading edge {Vertical(-off)}: {Degrees(off)} between them to go.",
            TruthKind.Upright => $"Its tip to the {(off > 0 ? "left" : "right")} by {Say(off)}.",
            TruthKind.Cant => $"Its top {(off > 0 ? "in" : "out")} by {Say(off)}.",
            TruthKind.Toe => $"Its leading edge {(off > 0 ? "out" : "in")} by {Say(off)}.",
            TruthKind.RightThrust or TruthKind.DownThrust => Washers(truth, read),
            TruthKind.Protrusion => $"Slide it {Say(off / 2)} to the {(off > 0 ? "right" : "left")}.",
            TruthKind.Lines => $"Left by {Say(-read.First, signed: true)}, right by {Say(-read.Second, signed: true)}"
                + (Numbers.Round(read.First - read.Second) == 0 ? "." : ": it is twisted too."),
            TruthKind.HornLine => $"Its hole {Say(off)} to the {(off > 0 ? "left" : "right")}.",
            TruthKind.HornSquare =>
                $"Turn it {Degrees(read.Value - truth.Wanted)}, its front edge {(off > 0 ? "back" : "forward")}.",
            TruthKind.HingeForce => off > 0
                ? "Work it free, a little further each time, and weigh again; if it stays so, the hinge is mended."
                : "Stiffen both ends of the hinge and weigh again.",
            TruthKind.Sides => $"Left {(off > 0 ? "less" : "more")} by {Say(off / 2)} and right as much the other way.",
            _ => $"{(truth.Unit == "°" ? Degrees(off) : Say(off))} {(off > 0 ? "less" : "more")}.",
        };

    // The tip whose diagonal is the longer one goes towards what both are read to; of a tail, towards the wing.
    private static string Tips(Truth truth, TruthReading read)
    {
        var shift = TipShift(read.Value - truth.Wanted, (read.First + read.Second) / 2, truth.Points.Across);
        var ahead = truth.Points.Lines is [{ } line, ..] && line.ToX < line.FromX;
        var forward = shift > 0 == ahead;
        return truth.Kind == TruthKind.Square
            ? $"Its left tip {Along(!forward)} by {Say(shift)} and its right tip {Along(forward)} by as much."
            : $"Left wing tip {Along(forward)} by {Say(shift)} and right wing tip {Along(!forward)} by as much.";
    }

    private static string Washers(Truth truth, TruthReading read)
    {
        string Edge(bool pulls) => $"{MountTilt.Edge(truth, read.Value, pulls)} ones";
        var spacing = read.Apart > 0 ? read.Apart : 20;
        var thick = Say(Washer(truth.Wanted - read.Value, spacing));
        return $"{thick} of washers for {Say(spacing)} between the screws, under the "
            + (
                truth.Pulls is { } pulls
                    ? $"{Edge(pulls)}."
                    : $"{Edge(pulls: true)} of a motor that pulls, the {Edge(pulls: false)} of one that pushes."
            );
    }

    private static double Sin(double degrees) => Math.Sin(degrees * Numbers.RadiansPerDegree);

    private static string Vertical(double by) => by > 0 ? "up" : "down";

    private static string Along(bool forward) => forward ? "forward" : "back";

    // Never "0.0 mm": what is to be moved is said finely enough to be moved.
    private static string Say(double mm, bool signed = false)
    {
        var by = signed ? mm : Math.Abs(mm);
        var digits = Math.Abs(mm) is < 0.05 and > 0 ? "0.00" : "0.0";
        return $"{by.ToString(digits, CultureInfo.InvariantCulture)} mm";
    }

    private static string Degrees(double degrees) =>
        $"{Math.Abs(degrees).ToString("0.0", CultureInfo.InvariantCulture)}°";
}
