using System.Collections.Immutable;
using Zygotome.Core.Quantities;

namespace Zygotome.Core.Jobs;

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
    /// How long it waited on the device that saw it before it was sent, both by that device's own clock; zero when it was
    /// sent at once. Null in older entries, of which nobody knows.
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

/// <summary>What an entry says. Each stage adds its own kinds; <see cref="EntryKinds"/> lists them.</summary>
public abstract record EntryBody
{
    /// <summary>
    /// Whether this decides on the strength of what was on the screen, so that it needs an expected seq. Facts do not.
    /// </summary>
    public virtual bool IsDecision() => false;

    /// <summary>Requirement ids this entry is evidence for.</summary>
    public virtual IEnumerable<string> Shows() => [];

    /// <summary>
    /// With what only the server can say of the job as it stands: what a decision looked at, what the shop knows of a
    /// sheet. Made before <see cref="Admit"/> asks, and stored.
    /// </summary>
    public virtual EntryBody Composed(JobState state, Entry entry) => this;

    /// <summary>The values somebody typed, that a typing error may be in; none for yes and no.</summary>
    public virtual ImmutableArray<Quantity> TypedValues() => [];

    /// <summary>The same with other typed values, as many.</summary>
    public virtual EntryBody WithTyped(ImmutableArray<Quantity> values) => this;

    /// <summary>The refusal of the values alone, whatever the lamps are; null when they are possible.</summary>
    public virtual Refusal? WrongValues(JobState state) => null;

    /// <summary>
    /// The refusal, or null when the entry may be recorded. Only live posts and imports come here; replay never asks.
    /// </summary>
    public abstract Refusal? Admit(JobState state, Entry entry);

    /// <summary>The state after this entry. Total: applies whatever the journal holds and never throws.</summary>
    public abstract JobState Apply(JobState state, Entry entry);

    /// <summary>
    /// What stays of it though it was retracted: a tag's number that is not given out twice, a setting that stood beside a
    /// reading. Total, like <see cref="Apply"/>.
    /// </summary>
    public virtual JobState TakenBack(JobState state, Entry entry) => state;

    /// <summary>One line for people, as in "Repair of F2 recorded".</summary>
    public abstract string Say(JobState state);
}

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
