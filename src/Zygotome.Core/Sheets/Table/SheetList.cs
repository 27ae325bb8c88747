using System.Collections.Immutable;

namespace Zygotome.Core.Sheets.Table;

/// <summary>A list of rows that can be added to.</summary>
/// <param name="Name">Where it stands, from the top of the file; of an inner list, within its row.</param>
/// <param name="One">One of its rows, as the form names it: "add a panel".</param>
/// <param name="Fresh">The JSON of a new row.</param>
public abstract record SheetList(string Name, string One, string Fresh, ImmutableArray<SheetField> Fields) : SheetSlot
{
    /// <summary>What its order says, where it says something.</summary>
    public string Means { get; init; } = "";

    /// <summary>Within each of its rows.</summary>
    public ImmutableArray<SheetList> Inners { get; private protected init; } = [];

    /// <summary>A sheet without it cannot be drawn.</summary>
    public bool Required { get; init; }

    public int Most { get; init; } = 500;

    /// <summary>A row says at least one of these; empty where it need not.</summary>
    public ImmutableArray<SheetField> OneOf { get; init; } = [];
}

/// <summary>A list with what its rows are to rules.</summary>
public sealed record SheetList<TRow> : SheetList
    where TRow : SheetObject
{
    private readonly SheetRows _rows;

    /// <param name="make">The object of a row.</param>
    /// <param name="inners">Within each of its rows.</param>
    /// <param name="made">Fields that a job says of rows it makes, and no file.</param>
    /// <param name="optional">Whether a row may belong to some choices of the kit alone, see <see
    /// cref="WhenField"/>.</param>
    internal SheetList(
        string name,
        string one,
        string fresh,
        Func<RowValues, TRow> make,
        ImmutableArray<SheetField> fields,
        ImmutableArray<SheetList> inners = default,
        ImmutableArray<SheetField> made = default,
        bool optional = false
    )
        : base(name, one, fresh, optional ? [.. fields, new WhenField()] : fields)
    {
        Inners = inners.IsDefault ? [] : inners;
        _rows = new SheetRows([.. Fields, .. Inners, .. made.IsDefault ? [] : made], make);
    }

    /// <summary>A row that no file has, with what is said in it.</summary>
    public TRow Of(params ReadOnlySpan<SaidHere> said) => (TRow)_rows.Of(said);

    /// <summary>That these are its rows, for a page or row made in code.</summary>
    public SaidHere Is(IEnumerable<TRow> rows) => new(this, rows.ToImmutableArray());

    internal override object Kept(SheetNode owner) => Read(owner);

    internal override object Unsaid => ImmutableArray<TRow>.Empty;

    internal override object Left(object kept, Func<SheetObject, bool> stays) =>
        ((ImmutableArray<TRow>)kept).Where(r => stays(r)).Select(r => r.Left(stays)).ToImmutableArray();

    internal ImmutableArray<TRow> Read(SheetNode owner) => owner.At(Name).Each(Row, Required, Most);

    private TRow Row(SheetNode node)
    {
        if (OneOf.Length > 0 && !OneOf.Any(f => f.At(node).IsSaid))
        {
            node.Wrong($"A {One} needs at least one of {string.Join(", ", OneOf.Select(f => f.Label))}.");
        }

        return (TRow)_rows.Read(node);
    }
}
