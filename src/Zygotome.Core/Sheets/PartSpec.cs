using Zygotome.Core.Sheets.Table;

namespace Zygotome.Core.Sheets;

/// <summary>A line of the parts list.</summary>
public sealed class PartSpec(RowValues said) : SheetObject(said)
{
    public string Id { get; } = said.Get(PartFields.Id);

    public string Name { get; } = said.Get(PartFields.Name);

    public string Bag { get; } = said.Get(PartFields.Bag);

    public int Quantity { get; } = said.Get(PartFields.Quantity);

    /// <summary>It is in the box, by the bag: neither to be bought nor fitted in the factory.</summary>
    public bool IsInBox => IsSupplied && !IsFitted;

    public bool IsSupplied { get; } = said.Says(PartFields.Supplied).Likely ?? true;

    public bool IsFitted { get; } = said.Says(PartFields.Fitted).Likely ?? false;

    /// <summary>The part it must go on; empty where it is none.</summary>
    public string On { get; } = said.Get(PartFields.On);

    /// <summary>What is known of it as a fastener; null where it is none.</summary>
    public FastenerSpec? Fastener { get; } =
        said.Has(PartFields.Fastener)
            ? new FastenerSpec(said.Number(PartFields.Diameter), said.Number(PartFields.Length))
            {
                Stack = said.Says(PartFields.Stack).Likely,
                Depth = said.Says(PartFields.Depth).Likely,
                Into = said.Get(PartFields.Into),
                Locked = said.Get(PartFields.Lock) == "thread-lock",
                Flat = said.Says(PartFields.Flat).Likely ?? false,
                Hidden = said.Says(PartFields.Hidden).Likely ?? false,
            }
            : null;
}

/// <summary>
/// Thread diameter and length under the head, mm: the likely ones; an assumed one has a line of its own.
/// </summary>
public sealed record FastenerSpec(double Diameter, double Length)
{
    /// <summary>What it clamps, mm; null when not stated.</summary>
    public double? Stack { get; init; }

    /// <summary>How deep the hole it goes into is, mm.</summary>
    public double? Depth { get; init; }

    /// <summary>plastic, foam anchor, wood or metal.</summary>
    public string Into { get; init; } = "plastic";

    /// <summary>The page asks for thread-lock.</summary>
    public bool Locked { get; init; }

    /// <summary>It must stand on the flat of its shaft.</summary>
    public bool Flat { get; init; }

    /// <summary>Nobody sees it catch.</summary>
    public bool Hidden { get; init; }
}
