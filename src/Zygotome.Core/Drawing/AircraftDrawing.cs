using System.Collections.Immutable;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Drawing;

/// <summary>The airframe as paths in mm, drawn back to front, in the box that holds them.</summary>
public sealed record AircraftDrawing(ImmutableArray<DrawnPart> Parts, Bounds Bounds, Corner LeftTip, Corner RightTip)
{
    public DrawingSide Side { get; init; }

    /// <summary>Legs, rods, servos: over the parts, and no part of their own.</summary>
    public ImmutableArray<DrawnLine> Lines { get; init; } = [];

    /// <summary>Whether a place on the aircraft lies on the drawing, with a hand's breadth around it.</summary>
    public bool Around(double x, double y) =>
        DrawingSides.Place(Side, x, y) is var c && Bounds.Around(c.Down, c.Across);

    /// <summary>The parts a step's <c>fits</c> names: the part itself, or both halves of it.</summary>
    public IEnumerable<DrawnPart> Named(string name) => Parts.Where(p => Places.IsNamed(name, p.Id));
}
