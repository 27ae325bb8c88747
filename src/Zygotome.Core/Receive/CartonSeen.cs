using Zygotome.Core.Journal;

namespace Zygotome.Core.Receive;

/// <summary>The carton as it stood on the counter.</summary>
public sealed record CartonSeen(Carton Carton, string Note) : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) => Texts.Fits(Note, "body.note");

    public override JobState Apply(JobState state, Entry entry) =>
        state.With(state.Receive with { Carton = Carton, CartonNote = Note });

    public override string Say(JobState state) => $"Carton {CartonWords.Of(Carton)}";
}
