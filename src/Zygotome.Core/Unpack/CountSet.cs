using Zygotome.Core.Journal;

namespace Zygotome.Core.Unpack;

/// <summary>"There are n": decides against what others may have counted meanwhile.</summary>
public sealed record CountSet(string Part, int Count) : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        UnpackRules.KnownPart(state, Part)
        ?? (
            Count is < 0 or > 10_000
                ? new Refusal("unpack/count", $"A count of {Count} is not possible.", "body.count")
                : null
        );

    public override JobState Apply(JobState state, Entry entry) =>
        state.With(state.Unpack with { Present = state.Unpack.Present.SetItem(Part, Count) });

    public override string Say(JobState state) => $"{Count} × {state.Sheet.Part(Part)?.Name ?? Part}";
}
