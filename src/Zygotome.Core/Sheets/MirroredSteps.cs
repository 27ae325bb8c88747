using System.Collections.Immutable;
using Zygotome.Core.Sheets.Table;

namespace Zygotome.Core.Sheets;

/// <summary>
/// A step that is done left and right is two steps: each with its own parts, minutes and answers, so that nothing is
/// done once and taken for twice. What comes after it comes after both.
/// </summary>
public static class MirroredSteps
{
    private static readonly string[] Sides = ["left", "right"];

    /// <summary>The id of one side of a step: <c>slot-hinges/left</c>.</summary>
    public static string IdOf(string step, string side) => $"{step}/{side}";

    /// <summary>The step that this is a side of; its own id where it is none.</summary>
    public static string WholeOf(string step) =>
        step.LastIndexOf('/') is > 0 and var at && Sides.Contains(step[(at + 1)..]) ? step[..at] : step;

    /// <summary>
    /// The steps with every mirrored one as its two sides, in their order, left first; the numbers of the sheet are for
    /// both, an odd part goes to the left.
    /// </summary>
    /// <param name="whole">Those that stay as they are: begun before a sheet's sides were asked for.</param>
    public static ImmutableArray<StepSpec> Of(SpecSheet sheet, IEnumerable<StepSpec> steps, Func<StepSpec, bool> whole)
    {
        var all = steps.ToArray();
        var twice = all.Where(s => s.Mirror && s.Side.Length == 0 && !whole(s))
            .Select(s => s.Id)
            .ToHashSet(StringComparer.Ordinal);
        if (twice.Count == 0)
        {
            return [.. all];
        }

        ImmutableArray<string> After(StepSpec step) =>
            [.. step.After.SelectMany(a => twice.Contains(a) ? Sides.Select(s => IdOf(a, s)) : [a])];
        return
        [
            .. all.SelectMany(step =>
                twice.Contains(step.Id)
                    ? Sides.Select(side => Side(sheet, step, side, After(step)))
                    :
                    [
                        After(step) is var after && after.SequenceEqual(step.After)
                            ? step
                            : step.With(StepFields.After.Is(after)),
                    ]
            ),
        ];
    }

    private static StepSpec Side(SpecSheet sheet, StepSpec step, string side, ImmutableArray<string> after)
    {
        var left = side == "left";
        return step.With(
            StepFields.Id.Is(IdOf(step.Id, side)),
            StepFields.Title.Is($"{step.Title}, {side}"),
            StepFields.Side.Is(side),
            StepFields.After.Is(after),
            StepFields.HandsOn.Is(step.HandsOn / 2),
            StepFields.Parts.Is(
                step.Parts.ToImmutableSortedDictionary(
                    p => p.Key,
                    p => left ? (p.Value + 1) / 2 : p.Value / 2,
                    StringComparer.Ordinal
                )
            ),
            StepFields.Fits.Is([.. step.Fits.SelectMany(f => DrawnParts.OnSide(sheet, f, side))]),
            StepFields.WorksOn.Is([.. step.WorksOn.SelectMany(f => DrawnParts.OnSide(sheet, f, side))])
        );
    }
}
