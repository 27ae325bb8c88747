using Zygotome.Core.Balance;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;
using Zygotome.Core.Throws;

namespace Zygotome.Core.Receive;

/// <summary>A value the job needs and the maker does not state: a lead gives one, with the reason.</summary>
/// <param name="Id">What <see cref="ValueGiven"/> names: a requirement, or <c>weight</c>.</param>
/// <param name="Why">Not stated, assumed, contradicted, or by marks.</param>
public sealed record SheetGap(string Id, string Text, string Why, GapFill Dimensions);

/// <summary>What kinds of quantity fill a gap.</summary>
public readonly record struct GapFill(Dimension First, Dimension? Second = null)
{
    public bool Has(Dimension dimension) => dimension == First || dimension == Second;
}

/// <summary>Everything the ledger cannot judge because the sheet does not say it in the maker's name.</summary>
public static class SheetGaps
{
    private static readonly GapFill Lengths = new(Dimension.Length),
        Throw = new(Dimension.Length, Dimension.Angle);

    /// <summary>Gaps still open, in the order of the stages.</summary>
    public static IEnumerable<SheetGap> Of(SpecSheet sheet, ShopRules rules)
    {
        foreach (var target in ThrowTargets.Of(sheet, rules).Where(t => t.Band is null))
        {
            yield return new SheetGap(target.Id, $"{target.Name}, {target.Rate}", target.Gap, Throw);
        }

        foreach (var row in sheet.Neutral.Where(n => n.Assumed))
        {
            foreach (var surface in sheet.Named(row.Surfaces).Where(s => !sheet.Given.ContainsKey($"neutral/{s.Id}")))
            {
                yield return new SheetGap(
                    $"neutral/{surface.Id}",
                    $"{surface.Name}, neutral",
                    $"{row.Offset.Text} is assumed.",
                    Lengths
                );
            }
        }

        foreach (
            var configuration in sheet.Balance.Configurations.Where(c =>
                BalanceTarget.Of(sheet, c, BalanceSchool.Middle) is null
            )
        )
        {
            yield return new SheetGap(
                $"balance/{configuration.Name}",
                $"Centre of gravity, {configuration.Name}",
                BalanceRequirements.Gap(configuration),
                Lengths
            );
        }

        if (sheet.Balance.Configurations.Length > 0 && BalanceTarget.AllUpWeight(sheet) is null)
        {
            yield return new SheetGap(
                "weight",
                "All-up weight",
                BalanceRequirements.WeightGap(sheet),
                new(Dimension.Mass)
            );
        }

        if (
            sheet.Balance is { Configurations.Length: > 0, LateralUndecided: { Length: > 0 } against }
            && !sheet.Given.ContainsKey("lateral")
        )
        {
            yield return new SheetGap(
                "lateral",
                "Lateral balance",
                $"The manual says {against}; nobody has decided what counts.",
                Lengths
            );
        }
    }

    /// <summary>Sections that other computations rest on and that hold assumed values, with their paths.</summary>
    public static IEnumerable<(string Section, string Words, string[] Paths)> AssumedSections(SpecSheet sheet) =>
        from section in Sections
        let paths = sheet.Assumed.Where(p => p.StartsWith($"$.{section.Key}", StringComparison.Ordinal)).ToArray()
        where paths.Length > 0
        select (section.Key, section.Words, paths);

    private static readonly (string Key, string Words)[] Sections =
    [
        ("geometry", "the geometry"),
        ("surfaces", "control surfaces and their chords"),
        ("power", "power"),
        ("radio", "radio functions"),
        ("servos", "servos"),
        ("parts", "the parts list"),
        ("steps", "steps"),
    ];
}
