using Zygotome.Core.Journal;

namespace Zygotome.Core.Unpack;

internal static class UnpackRules
{
    public static Refusal? KnownPart(JobState state, string part) =>
        state.Sheet.Part(part) is null
            ? new Refusal("unpack/part", $"There is no part \"{part}\" in the parts list.", "body.part")
            : null;

    public static Refusal NoFinding(string id) =>
        new("unpack/finding-unknown", $"There is no finding {id} in this job.", "body.finding");

    public static string Words(Disposition disposition) =>
        disposition switch
        {
            Disposition.Repair => "repair",
            Disposition.Replace => "replace",
            Disposition.UseAsIs => "use as it is",
            _ => "return",
        };
}
