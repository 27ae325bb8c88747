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

    /// <summary>What the hands found at a place of the walk.</summary>
    public static string Answer(WalkAnswer answer) =>
        answer switch
        {
            WalkAnswer.Finding => "a finding",
            WalkAnswer.NotFitted => "not fitted",
            _ => "sound",
        };

    /// <summary>How a part stands against the list.</summary>
    public static string Count(CountStanding standing) =>
        standing switch
        {
            CountStanding.NotCounted => "not counted",
            CountStanding.AllHere => "all here",
            CountStanding.Missing => "missing",
            CountStanding.Extra => "more than listed",
            _ => "wrong",
        };
}
