using Zygotome.Core.Journal;

namespace Zygotome.Core.Unpack;

/// <summary>A picture of a finding. <paramref name="Hash"/>: SHA-256 of the stored picture.</summary>
public sealed record FindingPhotographed(string Finding, string Hash, string Note = "") : EntryBody, IHoldsPhoto
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        state.Unpack.Find(Finding) is not { } f ? UnpackRules.NoFinding(Finding)
        : f.Photos.Count >= Photos.Most
            ? new Refusal("photo/many", $"{f.Tag} has {Photos.Most} pictures; no more are kept.", "body.hash")
        : Photos.Named(Hash) ?? Texts.Fits(Note, "body.note");

    public override JobState Apply(JobState state, Entry entry) =>
        state.Unpack.Find(Finding) is { } f
            ? state.With(state.Unpack.With(f with { Photos = f.Photos.Add(new PhotoKept(Hash, Note)) }))
            : state.NotSupported(entry);

    public override string Say(JobState state) => $"Picture of {state.Unpack.Find(Finding)?.Tag ?? "a finding"}";
}
