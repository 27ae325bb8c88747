using System.Collections.Immutable;

namespace Zygotome.Core.Sheets.Table;

/// <summary>A page of the paper manual.</summary>
/// <param name="Key">As the form and the sources know it.</param>
public abstract record SheetPage(
    string Key,
    string Title,
    ImmutableArray<SheetField> Fields,
    ImmutableArray<SheetList> Lists
)
{
    /// <summary>From which paper its numbers are; null of the page that says what the manual is.</summary>
    public SourceFields? Source { get; protected init; }
}

/// <summary>A page with what it is to rules.</summary>
public sealed record SheetPage<TPage> : SheetPage
    where TPage : SheetObject
{
    private readonly SheetRows _rows;
    private readonly string _section;

    /// <param name="section">The object that must be there for the sheet to be one; empty where none need be.</param>
    internal SheetPage(
        string key,
        string title,
        Func<RowValues, TPage> make,
        ImmutableArray<SheetField> fields,
        ImmutableArray<SheetList> lists,
        string section = ""
    )
        : this(key, title, make, fields, lists, section, key == KitFields.PageKey ? null : new SourceFields(key)) { }

    private SheetPage(
        string key,
        string title,
        Func<RowValues, TPage> make,
        ImmutableArray<SheetField> fields,
        ImmutableArray<SheetList> lists,
        string section,
        SourceFields? source
    )
        : base(key, title, [.. fields, .. source is null ? [] : source.All], lists)
    {
        Source = source;
        _section = section;
        _rows = new SheetRows([.. Fields, .. lists], make);
    }

    /// <summary>A page that no file has, with what is said in it.</summary>
    public TPage Of(params ReadOnlySpan<SaidHere> said) => (TPage)_rows.Of(said);

    internal TPage Read(SheetNode root) =>
        (TPage)(_section.Length == 0 || root[_section].IsObject() ? _rows.Read(root) : _rows.Of());
}
