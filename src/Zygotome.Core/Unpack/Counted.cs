using Zygotome.Core.Journal;

namespace Zygotome.Core.Unpack;

/// <summary>So many more of a part, or fewer: a delta, so that two people can count one bag.</summary>
public sealed record Counted(string Part, int Delta) : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        UnpackRules.KnownPart(state, Part)
        ?? (
            Delta is 0 or < -1000 or > 1000
                ? new Refusal("unpack/delta", $"A count of {Delta} at once is not possible.", "body.delta")
            : state.Unpack.CountOf(Part) + Delta < 0
                ? new Refusal(
                    "unpack/negative",
                    $"There are {state.Unpack.CountOf(Part)}; {-Delta} cannot be taken away.",
                    "body.delta"
                )
            : null
        );

    public override JobState Apply(JobState state, Entry entry) =>
        state.With(
            state.Unpack with
            {
                Present = state.Unpack.Present.SetItem(Part, Math.Max(0, state.Unpack.CountOf(Part) + Delta)),
            }
        );

    public override string Say(JobState state) => $"{Delta:+0;-0} {state.Sheet.Part(Part)?.Name ?? Part}";
}
