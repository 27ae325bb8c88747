using System.Collections.Immutable;
using System.Text.Json.Nodes;

namespace Zygotome.Core.Sheets.Table;

/// <summary>What a field of the form takes.</summary>
public enum FieldKind
{
    Text,

    /// <summary>A quantity, in the manual's own unit and words.</summary>
    Quantity,

    Whole,
    Number,
    Choice,
    Flag,

    /// <summary>Several short texts with semicolons between them.</summary>
    Texts,

    /// <summary>Part ids and how many, such as <c>screw-m3x16 4; horn 2</c>.</summary>
    Counts,

    /// <summary>Names with the word for each, such as <c>tail-fixing screws; hinges stiffen</c>.</summary>
    Pairs,
}

/// <summary>
/// A row of the table: one field of the format, said once. Reader, form, schema, tables and the format's own page are
/// made from it; the row is the key by which a rule reads its value, and there is no second record of it.
/// </summary>
/// <param name="Name">Within the object or row it stands in, dots between: <c>fastener.length</c>; <c>at[0]</c> is the
/// first of a pair. Of a page's own fields, from the top of the file.</param>
/// <param name="Label">As the form names it.</param>
public abstract record SheetField(string Name, string Label) : SheetSlot
{
    /// <summary>What it says, where its label does not.</summary>
    public string Means { get; init; } = "";

    /// <summary>
    /// Must be there where the object it stands in is: a missing part is one mistake, not one for each of its fields.
    /// </summary>
    public virtual bool Required { get; init; }

    /// <summary>Kept and shown; no rule reads it yet, and the form says so beside it.</summary>
    public bool Unused { get; init; }

    /// <summary>
    /// Said once in a manual, since it is a name and not a statement: what something is called here, its page.
    /// </summary>
    public virtual bool IsName { get; init; }

    /// <summary>A rule that reads it has a line of its own where it is assumed or undecided.</summary>
    public bool HasOwnLine { get; init; }

    /// <summary>
    /// Somebody is kept whole by it. Of two statements the wrong one could be followed: which counts is decided in a
    /// revision, and no lead lets it stand open.
    /// </summary>
    public bool Guards { get; init; }

    /// <summary>What it names of the sheet; null where it names nothing else.</summary>
    public Reference? Refers { get; init; }

    /// <summary>What the form does with it.</summary>
    public abstract FieldKind Kind { get; }

    /// <summary>Its JSON Schema, what stands in its place included where the maker does not say it.</summary>
    internal abstract JsonObject Schema();

    /// <summary>As people are told what may stand here: "a length", "left, right or centre".</summary>
    public abstract string Takes { get; }

    /// <summary>Where it stands below an object: the object's node, or one within it.</summary>
    internal SheetNode At(SheetNode owner) => owner.At(Name);

    /// <summary>What is named in what is kept of it, each with its place below the field.</summary>
    internal virtual IEnumerable<(string Below, string Name)> Named(object kept) => [];

    /// <summary>Whether what is kept of it says nothing.</summary>
    internal abstract bool IsSilent(object kept);

    private protected bool IsMissed(SheetNode owner) =>
        Required && (Name.LastIndexOf('.') is var dot and > 0 ? owner.At(Name[..dot]) : owner).Exists;
}

/// <summary>
/// A field that names, places or orders; it is read as it stands. Where that is assumed or statements stand against
/// each other undecided, the path has a line of its own in every job.
/// </summary>
public abstract record PlainField<T>(string Name, string Label) : SheetField(Name, Label)
{
    /// <summary>
    /// The value below an object, or what holds where there is none; a mistake is marked with its path.
    /// </summary>
    internal abstract T Read(SheetNode owner);

    private protected abstract T Nothing { get; }

    /// <summary>That it is this, for a row made in code.</summary>
    public SaidHere Is(T value) => new(this, value!);

    internal override object Kept(SheetNode owner) => Read(owner)!;

    internal override object Unsaid => Nothing!;

    internal override bool IsSilent(object kept) =>
        kept is System.Collections.ICollection { Count: 0 } || Equals(kept, Unsaid);
}

/// <summary>A field that is judged by or reckoned with: a rule says what it does with each case of its value.</summary>
public abstract record PrintedField<T>(string Name, string Label) : SheetField(Name, Label)
{
    private static readonly Printed<T>.NotStated Silent = new(false);

    /// <summary>That the maker states this, for a row made in code.</summary>
    public SaidHere Is(T value) => Is(new Printed<T>.Stated(value));

    /// <summary>That this is said of it, for a row made in code.</summary>
    public SaidHere Is(Printed<T> said) => new(this, said);

    /// <summary>Whether there is a value; a mistake is marked with its path.</summary>
    internal abstract bool TryRead(SheetNode node, out T value);

    internal override object Kept(SheetNode owner) => Read(owner);

    internal override object Unsaid => Silent;

    internal override bool IsSilent(object kept) => kept is Printed<T>.NotStated { LookedFor: false };

    /// <summary>What a file says of it below an object.</summary>
    internal Printed<T> Read(SheetNode owner)
    {
        var node = At(owner);
        if (!node.Exists)
        {
            if (IsMissed(owner))
            {
                node.Text(required: true);
            }

            return node.Standing switch
            {
                NodeStanding.NotStated => new Printed<T>.NotStated(true),
                NodeStanding.NotHere => new Printed<T>.NotHere(),
                _ => Silent,
            };
        }

        if (node.Standing == NodeStanding.Contradicted && !node.IsAssumed)
        {
            return Contradicted(node);
        }

        return !TryRead(node, out var value) ? Silent
            : node.IsAssumed ? new Printed<T>.Assumed(value)
            : Single(node, value);
    }

    /// <summary>What one statement says; some of them need a decision all the same.</summary>
    private protected virtual Printed<T> Single(SheetNode node, T value) => new Printed<T>.Stated(value);

    /// <summary>Whether a value can be taken for what counts.</summary>
    private protected virtual bool Decides(T value) => true;

    private Printed<T>.Contradicted Contradicted(SheetNode node)
    {
        var values = ImmutableArray.CreateBuilder<T>();
        foreach (var statement in node.Statements(new SheetMarks()))
        {
            if (TryRead(statement, out var value))
            {
                values.Add(value);
            }
        }

        var taken = node.Taken;
        var decision =
            taken.Exists && TryRead(taken, out var counts) && Decides(counts)
                ? new Decision<T>(counts, node.Reason, node.By)
                : null;
        if (decision is null)
        {
            node.Marks.Decided.Remove(node.Path);
            node.Marks.Undecided[node.Path] = Statement.Against(node.Against);
        }

        return new Printed<T>.Contradicted(node.Against, values.ToImmutable(), decision);
    }
}
