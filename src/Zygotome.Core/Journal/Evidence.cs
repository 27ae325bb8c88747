namespace Zygotome.Core.Journal;

/// <summary>
/// That an entry counts as evidence: where it stands and by which clocks, so that staleness can be decided.
/// </summary>
/// <param name="Attempt">How many times this was recorded, retracted ones not counted.</param>
public sealed record Evidence(
    string EntryId,
    long Seq,
    DateTimeOffset ObservedAt,
    DateTimeOffset RecordedAt,
    Person By,
    int Attempt = 1
)
{
    public static Evidence Of(Entry e, int attempt = 1) =>
        new(e.EntryId, e.Seq, e.ObservedAt, e.RecordedAt, e.By, attempt);
}
