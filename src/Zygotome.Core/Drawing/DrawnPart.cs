namespace Zygotome.Core.Drawing;

/// <summary>What a part of the drawing is, so that it can be drawn as such.</summary>
public enum PartKind
{
    Wing,
    Tail,
    Fin,
    Body,
    Wheel,
    Motor,
    Surface,

    /// <summary>Something on the airframe: a hatch, a canopy, an inlet.</summary>
    Place,

    /// <summary>Something under the skin: a spar, a lead, the receiver.</summary>
    Hidden,
}

/// <summary>A part of the drawing: its outline as an SVG path in mm, and a point inside it for its tag.</summary>
public sealed record DrawnPart(string Id, PartKind Kind, string Name, string Path, Corner At)
{
    /// <summary>What it lies in or on; empty of a part of its own.</summary>
    public string On { get; init; } = "";

    /// <summary>The box round it, mm.</summary>
    public Bounds Box { get; init; } = Bounds.Of([]);
}

/// <summary>A line of the drawing that is no part: a leg, a rod, a servo under the skin.</summary>
public sealed record DrawnLine(string Path, bool IsHidden);
