using System.Collections.Immutable;
using Zygotome.Core.Journal;

namespace Zygotome.Core.Unpack;

/// <summary>
/// A picture of a paper that lay in the box: a loose sheet is lost first. <paramref name="Hash"/>: SHA-256 of the
/// stored picture.
/// </summary>
public sealed record PaperPhotographed(string Paper, string Hash, string Note = "") : EntryBody, IHoldsPhoto
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        !UnpackEntries.Papers.Contains(Paper)
            ? new Refusal(
                "unpack/paper",
                $"\"{Paper}\" is not asked for; {string.Join(", ", UnpackEntries.Papers)} are.",
                "body.paper"
            )
        : Kept(state).Count >= Photos.Most
            ? new Refusal("photo/many", $"{Photos.Most} pictures of it are kept; no more are.", "body.hash")
        : Photos.Named(Hash) ?? Texts.Fits(Note, "body.note");

    public override JobState Apply(JobState state, Entry entry) =>
        state.With(
            state.Unpack with
            {
                PaperPhotos = state.Unpack.PaperPhotos.SetItem(Paper, Kept(state).Add(new PhotoKept(Hash, Note))),
            }
        );

    private ImmutableList<PhotoKept> Kept(JobState state) => state.Unpack.PaperPhotos.GetValueOrDefault(Paper, []);

    public override string Say(JobState state) => $"Picture of the paper with the {Paper}";
}
