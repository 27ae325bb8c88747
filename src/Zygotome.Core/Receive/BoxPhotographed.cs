using Zygotome.Core.Journal;

namespace Zygotome.Core.Receive;

/// <summary>A picture of the outside of the box. <paramref name="Hash"/>: SHA-256 of the stored picture.</summary>
public sealed record BoxPhotographed(string Hash, string Note = "") : EntryBody, IHoldsPhoto
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        Texts.Fits(Note, "body.note")
        ?? (
            state.Receive.BoxPhotos.Count >= Photos.Most
                ? new Refusal("photo/many", $"{Photos.Most} pictures of the box are kept already.", "body.hash")
                : Photos.Named(Hash)
        );

    public override JobState Apply(JobState state, Entry entry) =>
        state.With(state.Receive with { BoxPhotos = state.Receive.BoxPhotos.Add(new PhotoKept(Hash, Note)) });

    public override string Say(JobState state) => "Box photographed";
}
