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
}

/// <summary>A part of the drawing: its outline as an SVG path in mm, and a point inside it for its tag.</summary>
public sealed record DrawnPart(string Id, PartKind Kind, string Name, string Path, Corner At);
