using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets.Table;

namespace Zygotome.Core.Sheets.Plausibility;

/// <summary>The parts list against the steps that use it, and fasteners and bores against what they go into.</summary>
internal static class PartFlags
{
    public static IEnumerable<Flag> Of(SpecSheet sheet)
    {
        foreach (var (part, i) in sheet.Parts.Select((p, i) => (p, i)))
        {
            var used = Used(sheet, part.Id);
            if (used > part.Quantity)
            {
                yield return Flag.Of(
                    "too-few",
                    $"$.parts[{i}].quantity",
                    $"{part.Quantity}",
                    $"The steps use {used} × {part.Name}; the list has {part.Quantity}."
                );
            }

            if (
                part.Fastener is { Stack: not null, Depth: not null } fastener
                && Fasteners.Judge(fastener, fastener.Diameter, fastener.Length) is { Fits: false } judged
            )
            {
                yield return Flag.Of(
                    "fastener",
                    $"$.parts[{i}].fastener.length",
                    Numbers.Say(fastener.Length),
                    $"{part.Name} as listed cannot fit: {judged.Why} A misprint?"
                );
            }

            if (
                part.Says(PartFields.Bore).Likely is { } bore
                && sheet.Part(part.On) is { } on
                && Diameter(on) is { } diameter
                && bore < diameter
            )
            {
                yield return Flag.Of(
                    "bore",
                    $"$.parts[{i}].bore",
                    Numbers.Say(bore),
                    $"A bore of {Numbers.Say(bore)} mm does not go over the {Numbers.Say(diameter)} mm of {on.Name}. "
                        + $"A misprint?",
                    $"Perhaps {Numbers.Say(diameter)} mm.",
                    $"{Numbers.Say(diameter)} mm"
                );
            }
        }
    }

    /// <summary>The most that can be used: of the steps of one school's options only one option is ever done.</summary>
    private static int Used(SpecSheet sheet, string part)
    {
        int Sum(IEnumerable<StepSpec> steps) => steps.Sum(s => s.Parts.GetValueOrDefault(part));
        var schools = sheet
            .Steps.Where(s => s.School.Count > 0)
            .GroupBy(s => s.School.First().Key, StringComparer.Ordinal);
        return Sum(sheet.Steps.Where(s => s.School.Count == 0))
            + schools.Sum(q => q.GroupBy(s => s.School.First().Value, StringComparer.Ordinal).Max(Sum));
    }

    // An axle or rod is listed by its name, such as "Axle 4 × 60 mm", when it has no fastener entry.
    private static double? Diameter(PartSpec part)
    {
        if (part.Fastener is { } fastener)
        {
            return fastener.Diameter;
        }

        var cross = part.Name.IndexOf('×');
        var word = cross < 0 ? "" : part.Name[..cross].TrimEnd().Split(' ')[^1];
        return double.TryParse(
            word,
            System.Globalization.NumberStyles.AllowDecimalPoint,
            System.Globalization.CultureInfo.InvariantCulture,
            out var d
        )
            ? d
            : null;
    }
}
