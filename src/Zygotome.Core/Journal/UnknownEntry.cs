namespace Zygotome.Core.Journal;

/// <summary>An entry written by a newer version. It changes nothing and blocks release.</summary>
public sealed record UnknownEntry(string Type, int Version) : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        new("entry/unknown-type", $"\"{Type}\" is not a kind of entry.", "type");

    public override JobState Apply(JobState state, Entry entry) =>
        state with
        {
            Unknown = state.Unknown.Add(entry.EntryId),
        };

    public override string Say(JobState state) => $"An entry of an unknown kind, {Type}";
}
