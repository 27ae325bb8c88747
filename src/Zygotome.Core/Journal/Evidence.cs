namespace Zygotome.Core.Journal;

/// <summary>
/// That an entry counts as evidence: where it stands and by which clocks, so that staleness can be decided.
/// </summary>
/// <param name="Attempt">How many times this was recorded, retracted ones not counted.</param>
public sealed record Evidence(Entry Entry, int Attempt = 1)
{
    public string EntryId => Entry.EntryId;

    public long Seq => Entry.Seq;

    public DateTimeOffset ObservedAt => Entry.ObservedAt;

    public DateTimeOffset RecordedAt => Entry.RecordedAt;

    public Person By => Entry.By;

    /// <summary>That this entry shows it.</summary>
    public static Evidence Of(Entry e, int attempt = 1) => new(e, attempt);
}
