using Zygotome.Core.Journal;

namespace Zygotome.Core.Unpack;

/// <summary>Parts that are there but are not what the list says.</summary>
public sealed record WrongPart(string Part, int Quantity, string Note) : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        UnpackRules.KnownPart(state, Part)
        ?? (
            Quantity is < 0 or > 1000
                ? new Refusal("unpack/count", $"{Quantity} wrong ones is not possible.", "body.quantity")
                : Texts.Fits(Note, "body.note")
        );

    public override JobState Apply(JobState state, Entry entry) =>
        state.With(state.Unpack with { Wrong = state.Unpack.Wrong.SetItem(Part, Quantity) });

    public override string Say(JobState state) => $"{Quantity} wrong: {state.Sheet.Part(Part)?.Name ?? Part}";
}
