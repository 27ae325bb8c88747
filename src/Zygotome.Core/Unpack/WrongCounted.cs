using Zygotome.Core.Journal;

namespace Zygotome.Core.Unpack;

/// <summary>So many more of the wrong kind or size, or fewer: a delta like every count.</summary>
public sealed record WrongCounted(string Part, int Delta, string Note = "") : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        UnpackRules.KnownPart(state, Part)
        ?? (
            Delta is 0 or < -1000 or > 1000 || state.Unpack.Wrong.GetValueOrDefault(Part) + Delta < 0
                ? new Refusal(
                    "unpack/delta",
                    $"There are {state.Unpack.Wrong.GetValueOrDefault(Part)} wrong ones; {Delta:+0;-0;0} is not "
                        + $"possible.",
                    "body.delta"
                )
                : Texts.Fits(Note, "body.note")
        );

    public override JobState Apply(JobState state, Entry entry) =>
        state.With(
            state.Unpack with
            {
                Wrong = state.Unpack.Wrong.SetItem(
                    Part,
                    Math.Max(0, state.Unpack.Wrong.GetValueOrDefault(Part) + Delta)
                ),
            }
        );

    public override string Say(JobState state) =>
        $"{Delta:+0;-0} wrong: {state.Sheet.Part(Part)?.Name ?? Part}{(Note.Length > 0 ? $", {Note}" : "")}";
}
