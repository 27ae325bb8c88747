namespace Zygotome.Core.Build;

internal static class BuildRules
{
    public static Refusal NoStep(string id) =>
        new("build/step-unknown", $"There is no step \"{id}\" in the sheet.", "body.step");

    public static string Words(LinkagePart part) =>
        part switch
        {
            LinkagePart.HornHole => "Horn hole",
            LinkagePart.ArmHole => "Servo arm hole",
            LinkagePart.ArmSide => "Servo arm side",
            LinkagePart.ArmSpline => "Servo arm spline",
            _ => part.ToString(),
        };
}
