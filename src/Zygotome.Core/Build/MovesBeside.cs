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

        var tails = Tails.On(sheet, step).ToHashSet(StringComparer.Ordinal);
        var hung = sheet.Surfaces.Where(s => tails.Contains(s.On)).Select(s => s.Name.ToLowerInvariant()).ToArray();
        return hung.Length == 0 ? [] : [string.Join(", ", hung)];
    }
}
