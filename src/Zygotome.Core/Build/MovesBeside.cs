using Zygotome.Core.Sheets;

namespace Zygotome.Core.Build;

/// <summary>What must still move beside a joint, while its glue is open and once it has set.</summary>
internal static class MovesBeside
{
    /// <summary>
    /// What the sheet names; where it names nothing, of a tail or fin that is glued on the surfaces that hang on it:
    /// glue creeps to a hinge or a rod whether a page says so or not.
    /// </summary>
    public static IReadOnlyList<string> Of(SpecSheet sheet, StepSpec step)
    {
        if (step.Bond is not { } bond || !bond.Moves.IsEmpty)
        {
            return step.Bond?.Moves ?? [];
        }

        var tails = sheet
            .Geometry.Lifting.Where(l => l.Role != "wing")
            .Select(l => l.Id)
            .Concat(sheet.Geometry.Fins.Select((_, i) => sheet.Geometry.FinPart(i)))
            .Where(part => step.Fits.Any(f => Places.IsNamed(f, part)))
            .ToHashSet();
        var hung = sheet.Surfaces.Where(s => tails.Contains(s.On)).Select(s => s.Name.ToLowerInvariant()).ToArray();
        return hung.Length == 0 ? [] : [string.Join(", ", hung)];
    }
}
