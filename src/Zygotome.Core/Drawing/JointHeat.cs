using Zygotome.Core.Sheets;

namespace Zygotome.Core.Drawing;

/// <summary>What grows hot beside a joint, as the drawing has both.</summary>
public static class JointHeat
{
    // Nearer than this, mm from above, what is glued grows warm with it.
    private const double Near = 60;

    /// <summary>
    /// The motor, fan or controller that the step itself joins, or that lies nearer to one of its joint faces than 60
    /// mm; empty where none does, or where the sheet places neither.
    /// </summary>
    public static string Beside(SpecSheet sheet, StepSpec step)
    {
        if (step.Hot.Length > 0)
        {
            return step.Hot;
        }

        var faces = DrawnParts
            .Of(sheet)
            .Where(p => step.Fits.Any(f => Places.IsNamed(f, p.Part)))
            .Select(p => Seat.Of(sheet, step, p.Part))
            .OfType<Seat>()
            .SelectMany(s => new[] { s.Face, s.Own })
            .Where(f => f.Length > 0)
            .Select(f => Bounds.Of(f.Select(p => new Corner(p.Y, p.X))))
            .ToArray();
        return Hot(sheet)
            .Where(h => step.Fits.Any(f => Places.IsNamed(f, h.Part)) || faces.Any(f => Off(f, h.X, h.Y) < Near))
            .Select(h => h.Name)
            .FirstOrDefault("");
    }

    /// <summary>The same, of a place on a part, mm aft of the datum and to the right.</summary>
    public static string At(SpecSheet sheet, string part, double x, double y) =>
        Hot(sheet)
            .Where(h => Places.IsNamed(part, h.Part) || Off(new Bounds(y, x, 0, 0), h.X, h.Y) < Near)
            .Select(h => h.Name)
            .FirstOrDefault("");

    private static IEnumerable<(string Part, string Name, double X, double Y)> Hot(SpecSheet sheet) =>
        sheet
            .Power.Motors.Select(m => ($"motor-{m.Id}", m.IsFan ? "fan" : "motor", m.At, m.Y))
            .Concat(
                sheet
                    .Geometry.Placed.Where(p => p.Kind == PlacedKind.Controller)
                    .SelectMany(p => PlacedPart.Of(p))
                    .Select(p => (p.Part, "controller", p.Middle.X, p.Middle.Y))
            );

    // From a box to a point, mm; 0 within it.
    private static double Off(Bounds box, double x, double y)
    {
        var across = Math.Max(0, Math.Max(box.Left - y, y - (box.Left + box.Width)));
        var along = Math.Max(0, Math.Max(box.Top - x, x - (box.Top + box.Height)));
        return Math.Sqrt((across * across) + (along * along));
    }
}
