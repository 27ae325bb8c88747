using System.Collections.Immutable;

namespace Zygotome.Core.Sheets;

/// <summary>What is done to a joint once its glue is open, in the order of the work.</summary>
public enum GlueAct
{
    Pressed,
    Parted,
    PressedAgain,
    LetGo,
}

/// <summary>One act of a joint: how long after the one before it is due, and what is done meanwhile.</summary>
/// <param name="After">Seconds after the act before it, or after the glue was opened; 0: at once.</param>
/// <param name="Meanwhile">"wait", "hold"; empty where it is due at once.</param>
public sealed record GlueStep(GlueAct Act, double After, string Meanwhile);

/// <summary>
/// How a joint is closed with an adhesive: from open to let go. By its kind; contact glue by the school of the job:
/// <c>product</c> waits and joins, <c>seconds</c> joins at once, <c>re-part</c> joins, parts, waits and joins again.
/// </summary>
public static class GluePlan
{
    /// <param name="school">The job's answer about contact glue.</param>
    /// <param name="hold">Seconds it is held as the sheet says; null: as is usual for the glue.</param>
    public static ImmutableArray<GlueStep> Of(Adhesive adhesive, string school, double? hold)
    {
        var held = new GlueStep(GlueAct.LetGo, hold ?? adhesive.Hold(), "hold");
        var wait = adhesive.Wait() * 60;
        return adhesive.Is() != AdhesiveKind.Contact || school == "seconds" ? [new(GlueAct.Pressed, 0, ""), held]
            : school == "re-part"
                ?
                [
                    new(GlueAct.Pressed, 0, ""),
                    new(GlueAct.Parted, 0, ""),
                    new(GlueAct.PressedAgain, wait, "wait"),
                    held,
                ]
            : [new(GlueAct.Pressed, wait, "wait"), held];
    }

    /// <summary>What opens it: "mixed", "coated", "taped".</summary>
    public static string Opens(AdhesiveKind kind) =>
        kind switch
        {
            AdhesiveKind.Epoxy => "Mixed",
            AdhesiveKind.Tape => "Tape laid",
            AdhesiveKind.Bead or AdhesiveKind.HotMelt => "Bead laid",
            AdhesiveKind.Contact => "Both faces coated",
            AdhesiveKind.ThreadLock => "A drop on the thread",
            _ => "Coated",
        };

    /// <summary>What was done, as the bench says it.</summary>
    public static string Say(GlueAct act) =>
        act switch
        {
            GlueAct.Pressed => "Pressed together",
            GlueAct.Parted => "Parted",
            GlueAct.PressedAgain => "Pressed together again",
            _ => "Let go",
        };
}
