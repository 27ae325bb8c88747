namespace Zygotome.Core.Journal;

/// <summary>That something happened which evidence resting on what it touched did not see.</summary>
public sealed record Disturbance(Entry Entry, string Cause)
{
    public long Seq => Entry.Seq;

    public DateTimeOffset ObservedAt => Entry.ObservedAt;

    public string EntryId => Entry.EntryId;
}
