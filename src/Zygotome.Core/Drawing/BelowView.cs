using Zygotome.Core.Sheets;

namespace Zygotome.Core.Drawing;

/// <summary>The aircraft on its back, with what a call moves where it must go, larger than life.</summary>
public static class BelowView
{
    /// <param name="moved">Which way each part goes, by its id; one that is not named is at rest.</param>
    public static AircraftDrawing Of(SpecSheet sheet, IReadOnlyDictionary<string, Movement> moved) =>
        Scene.Of(sheet, Eye.Below, moved, DrawingSide.Below);
}
