namespace Zygotome.Core.Journal;

/// <summary>A value of a setting as somebody said it.</summary>
/// <param name="Value">Compared as it stands; as people read it.</param>
/// <param name="Act">It was set to this, not seen to be so: before it, it was something else.</param>
public sealed record Said(string Value, bool Act, Entry Entry)
{
    public long Seq => Entry.Seq;

    public DateTimeOffset ObservedAt => Entry.ObservedAt;

    public string EntryId => Entry.EntryId;

    public Person By => Entry.By;
}

/// <summary>That a setting is another one than when evidence was taken.</summary>
public sealed record SettingChange(Setting Setting, string Then, Said Now);
