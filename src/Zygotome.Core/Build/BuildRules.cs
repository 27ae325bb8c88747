using Zygotome.Core.Journal;

namespace Zygotome.Core.Build;

internal static class BuildRules
{
    public static Refusal NoStep(string id) =>
        new("build/step-unknown", $"There is no step \"{id}\" in the sheet.", "body.step");

    public static Refusal? KnownSurface(JobState state, string id) =>
        state.Sheet.Surface(id) is null
            ? new Refusal(
                "surface/unknown",
                $"There is no surface \"{id}\"; there are {string.Join(", ", state.Sheet.Surfaces.Select(s => s.Id))}.",
                "body.surface"
            )
            : null;

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
