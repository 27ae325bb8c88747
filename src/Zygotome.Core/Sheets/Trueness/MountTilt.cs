namespace Zygotome.Core.Sheets.Trueness;

/// <summary>How a motor stands on its mount, as whoever packs it with washers looks at it.</summary>
/// <param name="FromAbove">Right thrust, seen from above; else down thrust, seen from its left side.</param>
/// <param name="Pulls">Its propeller turns ahead of the mount; else behind it.</param>
/// <param name="Wanted">Degrees to the right or down.</param>
/// <param name="Stands">Degrees as read; null before that.</param>
/// <param name="Pack">The edge that comes out: left, right, upper or lower; empty where nothing is to be moved.</param>
public sealed record MountTilt(bool FromAbove, bool Pulls, double Wanted, double? Stands, string Pack)
{
    /// <summary>
    /// Of a thrust line; null of anything else, and where nobody can tell from the sheet whether the motor pulls.
    /// </summary>
    /// <param name="read">As it was read; null before that.</param>
    /// <param name="stays">What was read is within its limits: nothing is packed.</param>
    public static MountTilt? Of(Truth truth, TruthReading? read, bool stays) =>
        truth is { Kind: TruthKind.RightThrust or TruthKind.DownThrust, Pulls: { } pulls, Unit: "°" }
            ? new MountTilt(
                truth.Kind == TruthKind.RightThrust,
                pulls,
                truth.Wanted,
                read?.Value,
                read is null || stays ? "" : Edge(truth, read.Value, pulls)
            )
            : null;

    // What tilts a mount is packed on the side that has to come out. Behind a pusher everything is the other way.
    internal static string Edge(Truth truth, double stands, bool pulls) =>
        (truth.Kind == TruthKind.RightThrust, truth.Wanted > stands == pulls) switch
        {
            (true, true) => "left",
            (true, false) => "right",
            (false, true) => "upper",
            (false, false) => "lower",
        };
}
