using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Drawing;

/// <summary>
/// The aircraft as seen standing behind it and a little above: right wing to the right, up the page is up. For a called
/// function each of its surfaces is drawn where it must go, larger than life.
/// </summary>
public static class BehindView
{
    /// <summary>Nothing called.</summary>
    public static IReadOnlyDictionary<string, Movement> AtRest { get; } = Ordered.ById<Movement>();

    /// <param name="moved">Which way surfaces stand, by their ids; one that is not named is at rest.</param>
    public static AircraftDrawing Of(SpecSheet sheet, IReadOnlyDictionary<string, Movement> moved) =>
        Scene.Of(sheet, Eye.Behind, moved, DrawingSide.Plan, callsOnly: true);
}
