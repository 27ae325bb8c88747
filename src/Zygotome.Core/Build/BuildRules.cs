namespace Zygotome.Core.Build;

internal static class BuildRules
{
    public static Refusal NoStep(string id) =>
        new("build/step-unknown", $"There is no step \"{id}\" in the sheet.", "body.step");

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
