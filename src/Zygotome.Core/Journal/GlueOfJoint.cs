using Zygotome.Core.Drawing;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Journal;

/// <summary>
/// Glue that harms a joint, as this job decided about glue: refused until a reason is said, and what was used all the
/// same stands open in the ledger.
/// </summary>
public static class GlueOfJoint
{
    /// <summary>What it does to the joint; null where nothing is known against it.</summary>
    public static string? Harm(JobState state, Adhesive? adhesive, StepSpec? step) =>
        adhesive is null || step?.Bond is not { } bond
            ? null
            : HarmfulGlue.Of(
                adhesive,
                bond,
                hotMeltAnywhere: Chosen(state, Schools.HotMelt) == "any",
                epoxyOnFoam: Chosen(state, Schools.FoamGlue) == "epoxy",
                heat: adhesive.Is() == AdhesiveKind.HotMelt ? JointHeat.Beside(state.Sheet, step) : ""
            );

    /// <summary>The refusal of glue that harms and of which nobody says why; null where it is none of these.</summary>
    public static Refusal? Refuse(JobState state, Adhesive? adhesive, StepSpec? step, string? reason) =>
        Harm(state, adhesive, step) is { } harm && string.IsNullOrWhiteSpace(reason)
            ? new Refusal(
                "build/harms",
                $"{Texts.Capital(adhesive!.Name)} on {step!.Bond!.A} and {step.Bond.B}: {harm}. "
                    + "Take another; where it was used already, say why, and a lead decides.",
                "body.reason"
            )
            : null;

    /// <summary>
    /// What stands in the ledger of a harmful glue; empty of one that does no harm, and of what was taken before
    /// anybody was asked why.
    /// </summary>
    public static string Said(JobState state, Adhesive? adhesive, StepSpec? step, string? reason) =>
        !string.IsNullOrWhiteSpace(reason) && Harm(state, adhesive, step) is { } harm
            ? $"{adhesive!.Name}: {harm}. Used because: {reason!.Trim()}"
            : "";

    private static string Chosen(JobState state, string school) =>
        state.Schools.GetValueOrDefault(school)?.Option ?? "";
}
