using System.Collections.Immutable;
using Zygotome.Core.Sheets.Table;

namespace Zygotome.Core.Sheets;

/// <summary>One axis that a stabiliser corrects, with the command whose surfaces it moves.</summary>
public sealed record StabiliserAxis(string Name, string Command);

/// <summary>What a kit's stabiliser corrects.</summary>
public static class StabiliserAxes
{
    private static readonly ImmutableArray<StabiliserAxis> All =
    [
        new("roll", "aileron"),
        new("pitch", "elevator"),
        new("yaw", "rudder"),
    ];

    /// <summary>
    /// As the sheet names them, all three where it does not say which; none where it has no stabiliser.
    /// </summary>
    public static ImmutableArray<StabiliserAxis> Of(SpecSheet sheet) =>
        sheet.Radio.Stabiliser.Likely != true ? []
        : sheet.Radio.Get(RadioFields.Axes) is { Length: > 0 } axes ? [.. All.Where(a => axes.Contains(a.Name))]
        : All;

    /// <summary>A mode in which nothing is corrected.</summary>
    public static bool IsOff(string mode) =>
        mode.Equals("off", StringComparison.OrdinalIgnoreCase)
        || mode.Equals("none", StringComparison.OrdinalIgnoreCase);

    /// <summary>
    /// A mode that holds an attitude: its answer stands for as long as the aircraft is tilted. Any other answers a
    /// movement and lets go.
    /// </summary>
    public static bool Holds(string mode) =>
        mode.Contains("level", StringComparison.OrdinalIgnoreCase)
        || mode.Contains("attitude", StringComparison.OrdinalIgnoreCase);
}
