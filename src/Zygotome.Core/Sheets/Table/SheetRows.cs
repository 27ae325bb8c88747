using System.Collections.Immutable;

namespace Zygotome.Core.Sheets.Table;

/// <summary>How rows of one kind are read, and made into what rules know them as.</summary>
internal sealed class SheetRows
{
    private readonly ImmutableArray<SheetSlot> _slots;
    private readonly Func<RowValues, SheetObject> _make;
    private readonly string[] _parts;

    /// <param name="make">The object that rules know a row as.</param>
    public SheetRows(IEnumerable<SheetSlot> slots, Func<RowValues, SheetObject> make)
    {
        _slots = [.. slots];
        _make = make;
        foreach (var (slot, i) in _slots.Select((s, i) => (s, i)))
        {
            slot.StandIn(this, i);
        }

        // What a name with dots stands in has to be an object.
        _parts =
        [
            .. Fields
                .Select(f => f.Name.LastIndexOf('.') is var dot and > 0 ? f.Name[..dot] : "")
                .Where(p => p.Length > 0)
                .Distinct(),
        ];
    }

    public IEnumerable<SheetField> Fields => _slots.OfType<SheetField>();

    /// <summary>Where a row says with which choices of the kit it is there; null where all are there.</summary>
    public WhenField? When => Fields.OfType<WhenField>().FirstOrDefault();

    public int SlotOf(SheetSlot slot) => slot.OrdinalIn(this);

    public SheetObject Make(RowValues values) => _make(values);

    /// <summary>A row or page of a file; every mistake in it is marked with its path.</summary>
    public SheetObject Read(SheetNode owner)
    {
        foreach (var part in _parts)
        {
            owner.At(part).IsObject(required: false);
        }

        return Make(new RowValues(this, [.. _slots.Select(s => s.Kept(owner))], owner.Path, owner.IsAssumed));
    }

    /// <summary>What is kept of its values when only some rows of its lists stay.</summary>
    public ImmutableArray<object> Left(ImmutableArray<object> kept, Func<SheetObject, bool> stays) =>
        [.. _slots.Select((s, i) => s.Left(kept[i], stays))];

    /// <summary>One that no file has, with what is said in it.</summary>
    public SheetObject Of(params ReadOnlySpan<SaidHere> said)
    {
        var slots = _slots.Select(s => s.Unsaid).ToArray();
        foreach (var one in said)
        {
            slots[SlotOf(one.Slot)] = one.Kept;
        }

        return Make(new RowValues(this, [.. slots], "", false));
    }
}
