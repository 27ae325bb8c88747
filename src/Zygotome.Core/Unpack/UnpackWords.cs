using Zygotome.Core.Sheets;

namespace Zygotome.Core.Unpack;

/// <summary>Kinds as people say them.</summary>
public static class UnpackWords
{
    /// <summary>As in "a crack in the skin".</summary>
    public static string Kind(FindingKind kind) => kind.ToString().ToLowerInvariant();

    /// <summary>As in "a crack in the skin".</summary>
    public static string Place(PlaceKind kind) =>
        kind switch
        {
            PlaceKind.MotorMount => "motor mount",
            PlaceKind.GearRetention => "gear retention",
            PlaceKind.ReceiverPower => "receiver power",
            PlaceKind.ScalePart => "scale part",
            _ => kind.ToString().ToLowerInvariant(),
        };
}
