using Zygotome.Core.Journal;

namespace Zygotome.Core.Unpack;

/// <summary>A sheet of the manual is in the box.</summary>
public sealed record PapersFound(string Paper) : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        UnpackEntries.Papers.Contains(Paper)
            ? null
            : new Refusal(
                "unpack/paper",
                $"\"{Paper}\" is not asked for; {string.Join(", ", UnpackEntries.Papers)} are.",
                "body.paper"
            );

    public override JobState Apply(JobState state, Entry entry) =>
        state.With(state.Unpack with { Papers = state.Unpack.Papers.SetItem(Paper, Evidence.Of(entry)) });

    public override IEnumerable<string> Shows() => [new PaperId(Paper).Written];

    public override string Say(JobState state) => $"{Paper} found";
}
