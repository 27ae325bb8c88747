using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Unpack;

/// <summary>Kinds as people say them.</summary>
public static class UnpackWords
{
    /// <summary>As in "a crack in the skin".</summary>
    public static string Kind(FindingKind kind) =>
        kind switch
        {
            FindingKind.Twisted => "twist",
            FindingKind.Stiff => "stiff movement",
            FindingKind.Rough => "rough running",
            FindingKind.Tacky => "tacky paint",
            FindingKind.Dead => "no answer",
            FindingKind.OutOfHousing => "contact out of its housing",
            FindingKind.MissingScrew => "missing screw",
            FindingKind.AssembledWrongly => "wrong assembly",
            _ => kind.ToString().ToLowerInvariant(),
        };

    /// <summary>"crack of 12 mm"; without the size where nobody measures one.</summary>
    public static string Sized(FindingKind kind, double size) =>
        FindingKinds.HasSize(kind) || size > 0 ? $"{Kind(kind)} of {Numbers.Say(size)} mm" : Kind(kind);

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
