using System.Runtime.CompilerServices;

namespace Zygotome.Core.Sheets.Table;

/// <summary>
/// A place in a row or page of the table: a field or a list of rows. It is itself, and no other of the same words, so
/// that it can be the key under which its value is kept.
/// </summary>
public abstract record SheetSlot
{
    private SheetRows? _owner;
    private int _ordinal;

    internal void StandIn(SheetRows owner, int ordinal)
    {
        if (_owner is not null)
        {
            throw new InvalidOperationException("A field stands in one list or page.");
        }

        (_owner, _ordinal) = (owner, ordinal);
    }

    /// <summary>Its place among the values of that row or page; a field of another one is a slip of the code.</summary>
    internal int OrdinalIn(SheetRows rows) =>
        ReferenceEquals(rows, _owner)
            ? _ordinal
            : throw new InvalidOperationException($"{this} is no field of this row.");

    /// <summary>What a file says here, as it is kept.</summary>
    internal abstract object Kept(SheetNode owner);

    /// <summary>What is kept where nothing is said.</summary>
    internal abstract object Unsaid { get; }

    /// <summary>What is kept of it when only some rows stay.</summary>
    internal virtual object Left(object kept, Func<SheetObject, bool> stays) => kept;

    public virtual bool Equals(SheetSlot? other) => ReferenceEquals(this, other);

    public override int GetHashCode() => RuntimeHelpers.GetHashCode(this);
}

/// <summary>
/// What a row made in code says in one of its places: <c>StepFields.Title.Is("Glue the tail on")</c>.
/// </summary>
public readonly record struct SaidHere
{
    internal SaidHere(SheetSlot slot, object kept) => (Slot, Kept) = (slot, kept);

    internal SheetSlot Slot { get; }

    internal object Kept { get; }
}
