using Zygotome.Core.Journal;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Build;

/// <summary>Refusals and words that several entries of the build share.</summary>
public static class BuildRules
{
    /// <summary>The refusal of a step that the job has not.</summary>
    public static Refusal NoStep(string id) =>
        new("build/step-unknown", $"There is no step \"{id}\" in the sheet.", "body.step");

    /// <summary>The refusal of times that no glue has; null where they are possible.</summary>
    public static Refusal? Impossible(Adhesive adhesive) =>
        adhesive.HandleMinutes is < 0 or > 20_000
        || adhesive.FullMinutes < adhesive.HandleMinutes
        || adhesive.FullMinutes > 20_000
            ? new Refusal("build/adhesive", $"The times of {adhesive.Name} are not possible.", "body.adhesive")
            : null;

    /// <summary>What a step is called, though it was left out.</summary>
    public static string Title(JobState state, string step) =>
        state.Sheet.Step(step)?.Title
        ?? state.Build.Changes.OfType<SkippedStep>().LastOrDefault(c => c.Step == step)?.Spec.Title
        ?? step;

    /// <summary>What of a linkage was moved: "servo arm hole".</summary>
    public static string Words(LinkagePart part) =>
        part switch
        {
            LinkagePart.HornHole => "horn hole",
            LinkagePart.ArmHole => "servo arm hole",
            LinkagePart.ArmSide => "servo arm side",
            LinkagePart.ArmSpline => "servo arm spline",
            _ => part.ToString().ToLowerInvariant(),
        };
}
