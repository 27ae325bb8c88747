namespace Zygotome.Core.Journal;

/// <summary>One fact or decision in a job's journal. Never changed; a mistake is retracted by a later entry.</summary>
/// <param name="ObservedAt">The client's clock, when it was seen.</param>
/// <param name="RecordedAt">The server's clock, monotone within a job.</param>
/// <param name="Look">One unbroken stretch of somebody looking at the bench: a new sign-in, a reload or ten idle
/// minutes start another.</param>
public sealed record Entry(
    string JobId,
    long Seq,
    string EntryId,
    EntryBody Body,
    Person By,
    DateTimeOffset ObservedAt,
    DateTimeOffset RecordedAt,
    string Look
)
{
    /// <summary>
    /// How long it waited on the device that saw it before it was sent, both by that device's own clock; zero when it
    /// was sent at once. Null in older entries, of which nobody knows.
    /// </summary>
    public TimeSpan? Waited { get; init; }

    /// <summary>
    /// When it happened by the server's clock: when it was recorded, less what it waited, but not before
    /// <paramref name="earliest"/>. Of older entries, the device's clock is all there is.
    /// </summary>
    public DateTimeOffset HappenedAt(DateTimeOffset earliest) =>
        Waited is not { } waited ? ObservedAt
        : RecordedAt - waited > earliest ? RecordedAt - waited
        : earliest;
}
