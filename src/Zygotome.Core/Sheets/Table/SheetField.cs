using System.Text.Json.Nodes;

namespace Zygotome.Core.Sheets.Table;

/// <summary>What a field of the form takes.</summary>
public enum FieldKind
{
    Text,

    /// <summary>A quantity, in the manual's own unit and words.</summary>
    Quantity,

    /// <summary>A quantity the manual may state twice.</summary>
    Stated,

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
/// made from it; the row is the key by which its value is read.
/// </summary>
/// <param name="Name">Within the object or row it stands in, dots between: <c>fastener.length</c>; <c>at[0]</c> is the
/// first of a pair. Of a page's own fields, from the top of the file.</param>
/// <param name="Label">As the form names it.</param>
public abstract record SheetField(string Name, string Label)
{
    /// <summary>What it says, where its label does not.</summary>
    public string Means { get; init; } = "";

    /// <summary>
    /// Must be there where the object it stands in is: a missing part is one mistake, not one for each of its fields.
    /// </summary>
    public virtual bool Required { get; init; }

    /// <summary>Kept and shown; no rule reads it yet, and the form says so beside it.</summary>
    public bool Unused { get; init; }

    /// <summary>What the form does with it.</summary>
    public abstract FieldKind Kind { get; }

    /// <summary>Its JSON Schema, what stands in its place included where the maker does not say it.</summary>
    internal abstract JsonObject Schema();

    /// <summary>As people are told what may stand here: "a length", "left, right or centre".</summary>
    public abstract string Takes { get; }

    /// <summary>Where it stands below an object: the object's node, or one within it.</summary>
    internal SheetNode At(SheetNode owner) => owner.At(Name);

    private protected bool IsMissed(SheetNode owner) =>
        Required && (Name.LastIndexOf('.') is var dot and > 0 ? owner.At(Name[..dot]) : owner).Exists;
}

/// <summary>A field with the type that its value is read as.</summary>
public abstract record SheetField<T>(string Name, string Label) : SheetField(Name, Label)
{
    /// <summary>
    /// The value below an object, or what holds where there is none; a mistake is marked with its path.
    /// </summary>
    internal abstract T Read(SheetNode owner);
}
