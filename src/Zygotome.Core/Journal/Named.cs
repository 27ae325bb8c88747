namespace Zygotome.Core.Journal;

/// <summary>What an entry names must be on the sheet.</summary>
public static class Named
{
    /// <summary>The refusal of a surface that this aircraft has not; null when it has.</summary>
    public static Refusal? Surface(JobState state, string id) =>
        state.Sheet.Surface(id) is null
            ? new Refusal(
                "surface/unknown",
                $"There is no surface \"{id}\"; there are {string.Join(", ", state.Sheet.Surfaces.Select(s => s.Id))}.",
                "body.surface"
            )
            : null;
}
