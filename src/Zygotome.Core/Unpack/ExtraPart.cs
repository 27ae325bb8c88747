using Zygotome.Core.Journal;

namespace Zygotome.Core.Unpack;

/// <summary>Something in the box that is on no list.</summary>
public sealed record ExtraPart(string Name, int Quantity) : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        Texts.Reason(Name, "body.name", "Say what it is.")
        ?? (
            Quantity is < 1 or > 1000
                ? new Refusal("unpack/count", $"{Quantity} extra is not possible.", "body.quantity")
                : null
        );

    public override JobState Apply(JobState state, Entry entry) =>
        state.With(state.Unpack with { Extra = state.Unpack.Extra.Add((Name, Quantity)) });

    public override string Say(JobState state) => $"Not on the list: {Quantity} × {Name}";
}
