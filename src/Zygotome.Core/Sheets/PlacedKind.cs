namespace Zygotome.Core.Sheets;

/// <summary>What lies in or on the airframe at a place.</summary>
public enum PlacedKind
{
    Spar,
    Tube,
    Cowl,
    Canopy,
    Hatch,
    Servo,
    Horn,
    Receiver,
    Board,
    Controller,
    Inlet,
    Outlet,
    Connector,
    Lead,
}

/// <summary>Kinds of place as sheets say them.</summary>
public static class PlacedWords
{
    internal static (string Word, PlacedKind Kind)[] All { get; } =
    [.. Enum.GetValues<PlacedKind>().Select(k => (k.ToString().ToLowerInvariant(), k))];

    /// <summary>"hatch".</summary>
    public static string Of(PlacedKind kind) => kind.ToString().ToLowerInvariant();
}
