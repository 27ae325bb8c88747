using System.Collections.Immutable;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Drawing;

/// <summary>What lights up on the drawing with a step.</summary>
public static class LitParts
{
    /// <summary>
    /// Parts of the drawing that it fits and works on; of a step that names none, the surfaces whose rods it closes;
    /// else what its marks lie on. Of one side only its own.
    /// </summary>
    public static ImmutableArray<string> Of(SpecSheet sheet, AircraftDrawing drawing, StepSpec step)
    {
        ImmutableArray<string> Drawn(IEnumerable<string> names) =>
            [
                .. drawing
                    .Parts.Where(p => names.Any(n => Places.IsNamed(n, p.Id)))
                    .Where(p => step.Side.Length == 0 || Places.SideOf(p.Id) is "" || Places.SideOf(p.Id) == step.Side)
                    .Select(p => p.Id),
            ];

        return Drawn(step.Fits.Concat(step.WorksOn)) is { Length: > 0 } named ? named
            : Drawn(ClosedRods.By(sheet, step).Select(s => s.Id)) is { Length: > 0 } rods ? rods
            : Drawn(step.Marks.Select(m => m.On).Where(on => on.Length > 0));
    }
}
