using System.Collections.Immutable;

namespace Zygotome.Core.Sheets;

/// <summary>
/// What can command a surface: the names a surface or a throw row may use. A radio channel's name is free.
/// </summary>
public static class SurfaceFunctions
{
    public static ImmutableArray<string> All { get; } = ["aileron", "elevator", "rudder", "flap", "airbrake"];

    /// <summary>In a throw row: both commands of a mixed surface together.</summary>
    public const string Combined = "combined";

    /// <summary>It goes out from where it rests and back, and not to the other side.</summary>
    public static bool IsOneWay(string function) => function is "flap" or "airbrake";

    internal static string Listed => string.Join(", ", All);
}
