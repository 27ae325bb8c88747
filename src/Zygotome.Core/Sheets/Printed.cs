using System.Collections.Immutable;
using Zygotome.Core.Quantities;

namespace Zygotome.Core.Sheets;

/// <summary>
/// One value of a sheet with whose word it is. There are six cases and no other; a rule gets at the value only by
/// saying what it does with each (<see cref="Match"/>), or by asking for what counts
/// (<see cref="PrintedValues.get_Counts"/>) or for what is likely (<see cref="PrintedValues.get_Likely"/>).
/// </summary>
public abstract record Printed<T>
{
    private Printed() { }

    /// <summary>The maker says so.</summary>
    public sealed record Stated(T Value) : Printed<T>;

    /// <summary>In proportion or by custom; the maker does not say it. Judges nothing.</summary>
    public sealed record Assumed(T Value) : Printed<T>;

    /// <param name="LookedFor">Somebody looked in the manual and it is not there; else nobody said anything.</param>
    public sealed record NotStated(bool LookedFor) : Printed<T>;

    /// <summary>There is no such thing on this aircraft.</summary>
    public sealed record NotHere : Printed<T>;

    /// <summary>Statements against each other.</summary>
    /// <param name="Values">Those of them that can be read as a value, in their order.</param>
    /// <param name="Decision">What was taken; null while nobody has decided.</param>
    public sealed record Contradicted(
        ImmutableArray<Statement> Statements,
        ImmutableArray<T> Values,
        Decision<T>? Decision
    ) : Printed<T>;

    /// <summary>A lead gave it for one job, with a reason, because the maker's own does not count.</summary>
    public sealed record Given(T Value, string By, string Reason) : Printed<T>;

    /// <summary>What a rule makes of it, case by case.</summary>
    public TMade Match<TMade>(
        Func<T, TMade> stated,
        Func<T, TMade> assumed,
        Func<NotStated, TMade> notStated,
        Func<TMade> notHere,
        Func<Contradicted, TMade> contradicted,
        Func<Given, TMade> given
    ) =>
        this switch
        {
            Stated s => stated(s.Value),
            Assumed a => assumed(a.Value),
            NotStated n => notStated(n),
            NotHere => notHere(),
            Contradicted c => contradicted(c),
            Given g => given(g),
            _ => throw new InvalidOperationException("A printed value has six cases."),
        };

    /// <summary>Whether it may judge: stated, decided between statements, or given by a lead.</summary>
    internal bool TryCount(out T value)
    {
        (var counts, value) = this switch
        {
            Stated s => (true, s.Value),
            Given g => (true, g.Value),
            Contradicted { Decision: { } taken } => (true, taken.Value),
            _ => (false, default!),
        };
        return counts;
    }

    /// <summary>
    /// Whether there is any value at all: what counts, else the assumed one, else the first statement.
    /// </summary>
    internal bool TryLikely(out T value)
    {
        if (TryCount(out value))
        {
            return true;
        }

        (var likely, value) = this switch
        {
            Assumed a => (true, a.Value),
            Contradicted { Values: [var first, ..] } => (true, first),
            _ => (false, default!),
        };
        return likely;
    }

    /// <summary>Why it does not count, in a sentence; empty where it does.</summary>
    /// <param name="words">A value as it is said.</param>
    public string Why(Func<T, string> words) =>
        Match(
            stated: _ => "",
            assumed: a => $"Not stated by the maker; {words(a)} is assumed.",
            notStated: _ => "The manual does not state it.",
            notHere: () => "Not on this aircraft.",
            contradicted: c =>
                c.Decision is not null
                    ? ""
                    : $"The manual says {Statement.Against(c.Statements)}; nobody has decided what counts.",
            given: _ => ""
        );

    /// <summary>The same with the value changed in kind, whoever's word it is.</summary>
    public Printed<TMade> Map<TMade>(Func<T, TMade> make) =>
        Match<Printed<TMade>>(
            stated: s => new Printed<TMade>.Stated(make(s)),
            assumed: a => new Printed<TMade>.Assumed(make(a)),
            notStated: n => new Printed<TMade>.NotStated(n.LookedFor),
            notHere: () => new Printed<TMade>.NotHere(),
            contradicted: c => new Printed<TMade>.Contradicted(
                c.Statements,
                [.. c.Values.Select(make)],
                c.Decision is { } taken ? new Decision<TMade>(make(taken.Value), taken.Reason, taken.By) : null
            ),
            given: g => new Printed<TMade>.Given(make(g.Value), g.By, g.Reason)
        );
}

/// <summary>Of several statements the one that counts, why, and who decided; no name where the file has none.</summary>
public sealed record Decision<T>(T Value, string Reason, string By);

/// <summary>Values that are objects: null stands for none.</summary>
public static class PrintedValues
{
    extension<T>(Printed<T> said)
        where T : class
    {
        /// <summary>What may judge: stated, decided between statements, given by a lead; else null.</summary>
        public T? Counts => said.TryCount(out var value) ? value : null;

        /// <summary>
        /// What to draw and to reckon with: what counts, else the assumed value, else the first of the statements; null
        /// where there is none. It judges nothing: what is assumed or undecided has a line of its own.
        /// </summary>
        public T? Likely => said.TryLikely(out var value) ? value : null;

        /// <summary>The likely one, where no statements stand against each other undecided.</summary>
        public T? Undisputed => said is Printed<T>.Contradicted { Decision: null } ? null : said.Likely;
    }
}

/// <summary>Values that are numbers: null stands for none.</summary>
public static class PrintedNumbers
{
    extension<T>(Printed<T> said)
        where T : struct
    {
        /// <summary>What may judge: stated, decided between statements, given by a lead; else null.</summary>
        public T? Counts => said.TryCount(out var value) ? value : null;

        /// <summary>
        /// What to draw and to reckon with: what counts, else the assumed value, else the first of the statements; null
        /// where there is none. It judges nothing: what is assumed or undecided has a line of its own.
        /// </summary>
        public T? Likely => said.TryLikely(out var value) ? value : null;

        /// <summary>The likely one, where no statements stand against each other undecided.</summary>
        public T? Undisputed => said is Printed<T>.Contradicted { Decision: null } ? null : said.Likely;
    }
}

/// <summary>Quantities, in the sheet's own words.</summary>
public static class PrintedQuantities
{
    extension(Printed<Quantity> said)
    {
        /// <summary>Why it does not count, in a sentence; empty where it does.</summary>
        public string WhyNot => said.Why(q => q.Text);

        /// <summary>All that the manual says of it, as printed: "12 mm (page 3) against 14 mm (page 9)".</summary>
        public string Words =>
            said.Match(
                stated: s => s.Text,
                assumed: a => a.Text,
                notStated: _ => "",
                notHere: () => "",
                contradicted: c => Statement.Against(c.Statements),
                given: g => g.Value.Text
            );
    }
}
