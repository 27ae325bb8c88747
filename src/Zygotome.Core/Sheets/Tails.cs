namespace Zygotome.Core.Sheets;

/// <summary>What steers behind the wing or ahead of it: every lifting surface that is no wing, and every fin.</summary>
internal static class Tails
{
    /// <summary>Those that a step puts on, as parts of the drawing, in the sheet's order.</summary>
    public static IEnumerable<string> On(SpecSheet sheet, StepSpec step) =>
        sheet
            .Geometry.Lifting.Where(l => l.Role != "wing")
            .Select(l => l.Id)
            .Concat(sheet.Geometry.Fins.Select((_, i) => sheet.Geometry.FinPart(i)))
            .Where(part => step.Fits.Any(f => Places.IsNamed(f, part)));
}
