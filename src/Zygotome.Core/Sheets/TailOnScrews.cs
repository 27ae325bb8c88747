using System.Collections.Immutable;
using Zygotome.Core.Sheets.Table;

namespace Zygotome.Core.Sheets;

/// <summary>
/// A tail that screws alone hold, so that spares can be fitted: by the sheet's own steps, or where it has none by a
/// lead's word.
/// </summary>
public static class TailOnScrews
{
    public const string Screws = "screws";

    private const string Glue = "glue";

    /// <summary>Whether a step puts a tail on so.</summary>
    public static bool Holds(StepSpec step) => step.School.GetValueOrDefault(Schools.TailFixing) == Screws;

    /// <summary>Whether the sheet itself lets screws carry it.</summary>
    public static bool IsOfSheet(SpecSheet sheet) => sheet.Steps.Any(Holds);

    /// <summary>
    /// The steps with, after each that glues a tail or a fin on, the one that screws it on instead; a sheet's own where
    /// it has such steps, or glues no tail.
    /// </summary>
    public static ImmutableArray<StepSpec> Offered(SpecSheet sheet)
    {
        var glued = IsOfSheet(sheet)
            ? []
            : sheet
                .Steps.Where(s => s is { Bond.Kind: "structural", Repairs: "" } && Tails.On(sheet, s).Any())
                .Select(s => s.Id)
                .ToHashSet(StringComparer.Ordinal);
        return glued.Count == 0
            ? sheet.Steps
            :
            [
                .. sheet
                    .Steps.Select(s => s.With(StepFields.After.Is([.. s.After.SelectMany(a => Both(a, glued))])))
                    .SelectMany(s => glued.Contains(s.Id) ? [By(s, Glue), Screwed(sheet, s)] : new[] { s }),
            ];
    }

    private static string IdOf(string step) => $"{step}-{Screws}";

    // What comes after either comes after whichever is done.
    private static string[] Both(string after, HashSet<string> glued) =>
        glued.Contains(after) ? [after, IdOf(after)] : [after];

    private static StepSpec By(StepSpec step, string way) =>
        step.With(StepFields.School.Is(step.School.SetItem(Schools.TailFixing, way)));

    private static StepSpec Screwed(SpecSheet sheet, StepSpec step)
    {
        var parts = Tails.On(sheet, step).Select(part => Places.Words(Places.Pair(part))).Distinct();
        return By(step, Screws)
            .Without(StepFields.Joint)
            .With(
                StepFields.Id.Is(IdOf(step.Id)),
                StepFields.Title.Is($"{Texts.Capital(string.Join(", ", parts))} on screws, no glue"),
                // No glue, none of its cautions.
                StepFields.Cautions.Is([
                    .. step.Cautions.Where(c => !c.Contains("glue", StringComparison.OrdinalIgnoreCase)),
                ]),
                StepFields.Text.Is(
                    $"Not the manual's way: screws into wood or a plate, none into bare foam, no glue. {step.Text}"
                )
            );
    }
}
