using System.Collections;
using System.Collections.Immutable;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets.Table;

namespace Zygotome.Core.Sheets;

/// <summary>
/// A row or a page of a sheet: what is said in it, by the rows of the table. Two with the same words are equal. What is
/// given a name of its own by a class made from this one is said nowhere else: it is read by its row.
/// </summary>
public abstract class SheetObject(RowValues said) : IEquatable<SheetObject>
{
    internal RowValues Said { get; } = said;

    /// <summary>Where it stands in the file, such as <c>$.throws[2]</c>; empty of one that a job makes.</summary>
    public string Path => Said.Path;

    /// <summary>All of it is in proportion or by custom.</summary>
    public bool IsAssumed => Said.IsAssumed;

    /// <summary>What the sheet says of one of its values, and whose word that is.</summary>
    public Printed<T> Says<T>(PrintedField<T> field) => Said.Says(field);

    /// <summary>A value that only names, places or orders; whose word it is has a line of its own.</summary>
    public T Get<T>(PlainField<T> field) => Said.Get(field);

    /// <summary>The rows of a list in it.</summary>
    public ImmutableArray<TRow> Rows<TRow>(SheetList<TRow> list)
        where TRow : SheetObject => Said.Rows(list);

    /// <summary>Whether anything is said within one of its parts, such as a step's <c>joint</c>.</summary>
    public bool Has(string part) => Said.Has(part);

    /// <summary>With which choices of the kit's options it is there, by option; empty of what always is.</summary>
    public ImmutableSortedDictionary<string, string> When => Said.When;

    /// <summary>It and every row in its lists.</summary>
    internal IEnumerable<SheetObject> All => Said.Rows().SelectMany(r => r.All).Prepend(this);

    /// <summary>Every quantity said in it and in its lists, with its path.</summary>
    internal IEnumerable<(string Path, QuantityField Field, Printed<Quantity> Printed)> Quantities => Said.Quantities;

    /// <summary>Every name in it and in its lists that has to lead somewhere, with its path.</summary>
    internal IEnumerable<(string Path, Reference To, string Name)> References => Said.References;

    public bool Equals(SheetObject? other) =>
        other is not null && GetType() == other.GetType() && Said.Equals(other.Said);

    public override bool Equals(object? obj) => Equals(obj as SheetObject);

    public override int GetHashCode() => Said.GetHashCode();
}

/// <summary>A page whose fields and lists are read by the table alone.</summary>
public sealed class PlainPage(RowValues said) : SheetObject(said);

/// <summary>A row whose fields are read by the table alone.</summary>
public sealed class PlainRow(RowValues said) : SheetObject(said);

/// <summary>What is said in a row or page, in the order of its fields, with the lists in it.</summary>
public sealed class RowValues : IEquatable<RowValues>
{
    private readonly SheetRows _rows;
    private readonly ImmutableArray<object> _slots;

    internal RowValues(SheetRows rows, ImmutableArray<object> slots, string path, bool isAssumed)
    {
        _rows = rows;
        _slots = slots;
        Path = path;
        IsAssumed = isAssumed;
    }

    internal string Path { get; }

    internal bool IsAssumed { get; }

    internal Printed<T> Says<T>(PrintedField<T> field) => (Printed<T>)_slots[_rows.SlotOf(field)];

    internal T Get<T>(PlainField<T> field) => (T)_slots[_rows.SlotOf(field)];

    internal ImmutableArray<TRow> Rows<TRow>(SheetList<TRow> list)
        where TRow : SheetObject => (ImmutableArray<TRow>)_slots[_rows.SlotOf(list)];

    internal bool Has(string part) =>
        _rows
            .Fields.Where(f => f.Name.StartsWith(part + ".", StringComparison.Ordinal))
            .Any(f => !f.IsSilent(_slots[_rows.SlotOf(f)]));

    internal ImmutableSortedDictionary<string, string> When =>
        _rows.When is { } when ? Get(when) : ImmutableSortedDictionary<string, string>.Empty;

    internal IEnumerable<SheetObject> Rows() => _slots.OfType<IEnumerable<SheetObject>>().SelectMany(r => r);

    internal SheetObject Left(Func<SheetObject, bool> stays) =>
        _rows.Make(new RowValues(_rows, _rows.Left(_slots, stays), Path, IsAssumed));

    internal SheetObject MadeAnew(ReadOnlySpan<SaidHere> said)
    {
        var slots = _slots.ToBuilder();
        foreach (var one in said)
        {
            slots[_rows.SlotOf(one.Slot)] = one.Kept;
        }

        return _rows.Make(new RowValues(_rows, slots.MoveToImmutable(), Path, IsAssumed));
    }

    internal SheetObject Without(string part) =>
        MadeAnew([
            .. _rows
                .Fields.Where(f => f.Name.StartsWith(part + ".", StringComparison.Ordinal))
                .Select(f => new SaidHere(f, f.Unsaid)),
        ]);

    /// <summary>
    /// What is drawn or reckoned with where one number is needed: the likely one, else what the field holds unsaid, and
    /// of one that must be there and is not, the least there can be.
    /// </summary>
    internal double Number(MeasureField field) => Says(field).Likely ?? field.Or ?? field.Within.Least;

    internal IEnumerable<(string Path, QuantityField Field, Printed<Quantity> Printed)> Quantities =>
        _rows
            .Fields.OfType<QuantityField>()
            .Select(f => ($"{Path}.{f.Name}", f, Says(f)))
            .Concat(Rows().SelectMany(r => r.Quantities));

    internal IEnumerable<(string Path, Reference To, string Name)> References =>
        _rows
            .Fields.Where(f => f.Refers is not null)
            .SelectMany(f =>
                f.Named(_slots[_rows.SlotOf(f)]).Select(n => ($"{Path}.{f.Name}{n.Below}", f.Refers!, n.Name))
            )
            .Concat(Rows().SelectMany(r => r.References));

    public bool Equals(RowValues? other) =>
        other is not null
        && ReferenceEquals(_rows, other._rows)
        && _slots.SequenceEqual(other._slots, StructuralComparer.Instance);

    public override bool Equals(object? obj) => Equals(obj as RowValues);

    public override int GetHashCode() => _slots.Length == 0 ? 0 : StructuralComparer.Instance.GetHashCode(_slots[0]);

    // Lists are equal when what stands in them is.
    private sealed class StructuralComparer : IEqualityComparer<object>
    {
        public static readonly StructuralComparer Instance = new();

        public new bool Equals(object? a, object? b) =>
            a is IStructuralEquatable list
                ? list.Equals(b, StructuralComparisons.StructuralEqualityComparer)
                : object.Equals(a, b);

        public int GetHashCode(object of) =>
            of is IStructuralEquatable list
                ? list.GetHashCode(StructuralComparisons.StructuralEqualityComparer)
                : of.GetHashCode();
    }
}

/// <summary>The same row with one value otherwise.</summary>
public static class SheetObjects
{
    /// <summary>
    /// A copy in which something is said otherwise: <c>motor.With(PowerFields.Motor.Mass.Is(61))</c>.
    /// </summary>
    public static TObject With<TObject>(this TObject of, params ReadOnlySpan<SaidHere> said)
        where TObject : SheetObject => (TObject)of.Said.MadeAnew(said);

    /// <summary>A copy that says nothing of a part of it: <c>step.Without(StepFields.Joint)</c>.</summary>
    internal static TObject Without<TObject>(this TObject of, string part)
        where TObject : SheetObject => (TObject)of.Said.Without(part);

    /// <summary>The same with only some of the rows in its lists, at whatever depth.</summary>
    internal static TObject Left<TObject>(this TObject of, Func<SheetObject, bool> stays)
        where TObject : SheetObject => (TObject)of.Said.Left(stays);
}
