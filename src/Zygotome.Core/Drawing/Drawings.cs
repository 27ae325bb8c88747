using System.Collections.Immutable;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Drawing;

/// <summary>
/// Draws the sheet's own geometry: from above with the nose up the page, and from behind as the technician stands.
/// </summary>
public static class Drawings
{
    /// <summary>Drawn once for a sheet.</summary>
    public static AircraftDrawing Of(SpecSheet sheet, DrawingSide side) => sheet.Once(s => new Sides(s)).Of(side);

    /// <summary>What a part lies in or on, as the drawing has it; itself where it is a part of its own.</summary>
    public static string CarrierOf(SpecSheet sheet, string part) =>
        Plan(sheet).Parts.FirstOrDefault(p => p.Id == part) is { On.Length: > 0 } drawn ? drawn.On : part;

    /// <summary>From above, the nose up the page.</summary>
    public static AircraftDrawing Plan(SpecSheet sheet) => Of(sheet, DrawingSide.Plan);

    private sealed class Sides(SpecSheet sheet)
    {
        private readonly AircraftDrawing?[] _drawn = new AircraftDrawing?[Enum.GetValues<DrawingSide>().Length];

        public AircraftDrawing Of(DrawingSide side) =>
            _drawn[(int)side] ??= Scene.Of(sheet, Eye.Of(side), BehindView.AtRest, side);
    }

    // "fin-2" is the second; "fin" alone, or one that is not there, the first.
    internal static Fin FinOf(Geometry g, Surface surface) =>
        g.Fins.Where((_, i) => surface.On == g.FinPart(i)).FirstOrDefault(g.Fins[0]);

    internal static Corner Middle(ImmutableArray<Corner> corners) =>
        new(Math.Round(corners.Average(c => c.Across), 1), Math.Round(corners.Average(c => c.Down), 1));
}
