using System.Collections.Immutable;
using Zygotome.Core.Quantities;

namespace Zygotome.Core.Journal;

/// <summary>What an entry says. Each stage adds its own kinds; <see cref="EntryKinds"/> lists them.</summary>
public abstract record EntryBody
{
    /// <summary>Requirement ids this entry is evidence for.</summary>
    public virtual IEnumerable<string> Shows() => [];

    /// <summary>
    /// With what only the server can say of the job as it stands: what a decision looked at, what the shop knows of a
    /// sheet. Made before <see cref="Admit"/> asks, and stored.
    /// </summary>
    public virtual EntryBody Composed(JobState state, Entry entry) => this;

    /// <summary>The values somebody typed, that a typing error may be in; none for yes and no.</summary>
    public virtual ImmutableArray<Measure> TypedValues() => [];

    /// <summary>The same with other typed values, as many, in the same order.</summary>
    public virtual EntryBody WithTyped(ImmutableArray<Quantity> values) => this;

    /// <summary>The refusal of the values alone, whatever the lamps are; null when they are possible.</summary>
    public virtual Refusal? WrongValues(JobState state) => null;

    /// <summary>
    /// The refusal to take it back once somebody has decided or mended something on the strength of it; null until
    /// then.
    /// </summary>
    public virtual Refusal? ActedOn(JobState state, Entry entry) => null;

    /// <summary>
    /// The refusal, or null when the entry may be recorded. Only live posts and imports come here; replay never asks.
    /// </summary>
    public abstract Refusal? Admit(JobState state, Entry entry);

    /// <summary>The state after this entry. Total: applies whatever the journal holds and never throws.</summary>
    public abstract JobState Apply(JobState state, Entry entry);

    /// <summary>
    /// What stays of it though it was retracted: a tag's number that is not given out twice, a setting that stood
    /// beside a reading. Total, like <see cref="Apply"/>.
    /// </summary>
    public virtual JobState TakenBack(JobState state, Entry entry) => state;

    /// <summary>One line for people, as in "Repair of F2 recorded".</summary>
    public abstract string Say(JobState state);
}
