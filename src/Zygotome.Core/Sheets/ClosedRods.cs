namespace Zygotome.Core.Sheets;

/// <summary>Whose rods a step closes.</summary>
public static class ClosedRods
{
    /// <summary>
    /// Surfaces in the order of the sheet: those that it says; of a linkage that says none, those of what it fits, else
    /// every surface that a servo drives; of one side its own.
    /// </summary>
    public static IEnumerable<Surface> By(SpecSheet sheet, StepSpec step) =>
        step.Closes.IsEmpty && step.Kind != "linkage"
            ? []
            : sheet
                .Surfaces.Where(s =>
                    step.Closes.Length > 0
                        ? step.Closes.Any(c => Places.IsNamed(c, s.Id))
                        : step.Fits.Length == 0 || step.Fits.Any(f => Places.IsNamed(f, s.Id))
                )
                .Where(s => step.Side.Length == 0 || s.Side == step.Side)
                .Where(s => sheet.Servos.Any(v => v.Drives.Contains(s.Id)));
}
