using Zygotome.Core.Journal;

namespace Zygotome.Core.Unpack;

/// <summary>A sheet of the manual is not in the box; its numbers come from elsewhere, said here.</summary>
public sealed record PaperFromElsewhere(string Paper, string Source) : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        !UnpackEntries.Papers.Contains(Paper)
            ? new Refusal(
                "unpack/paper",
                $"\"{Paper}\" is not asked for; {string.Join(", ", UnpackEntries.Papers)} are.",
                "body.paper"
            )
            : Texts.Reason(
                Source,
                "body.source",
                "Say where these numbers come from, such as the maker's file and its edition."
            );

    public override JobState Apply(JobState state, Entry entry) =>
        state.With(
            state.Unpack with
            {
                Papers = state.Unpack.Papers.SetItem(Paper, Evidence.Of(entry)),
                PaperSources = state.Unpack.PaperSources.SetItem(Paper, Source.Trim()),
            }
        );

    public override IEnumerable<string> Shows() => [new PaperId(Paper).Written];

    public override string Say(JobState state) => $"{Paper} from elsewhere: {Source.Trim()}";
}
