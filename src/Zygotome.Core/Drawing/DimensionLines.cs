using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Drawing;

/// <summary>The dimensions a technician checks against the three-view, drawn where they are.</summary>
public static class DimensionLines
{
    /// <summary>Those whose values the sheet has, in mm from the datum, aft and right +.</summary>
    public static IEnumerable<DimensionLine> Of(SpecSheet sheet)
    {
        var g = sheet.Geometry;
        if (g.Wing is { HalfSpan: > 0 } wing)
        {
            var i = g.Lifting.IndexOf(wing);
            var tip = Planform.At(wing, wing.HalfSpan).LeadingEdge;
            var above = Math.Min(g.Nose, Math.Min(tip, wing.RootLeadingEdge)) - 40;
            yield return new(
                new(-wing.HalfSpan, above),
                new(wing.HalfSpan, above),
                $"span {Numbers.Say(2 * wing.HalfSpan)} mm",
                $"$.geometry.lifting[{i}].panels[{wing.Panels.Length - 1}].span"
            );
            yield return new(
                new(wing.RootGap, wing.RootLeadingEdge),
                new(wing.RootGap, wing.RootLeadingEdge + wing.Panels[0].Root),
                $"root {Numbers.Say(wing.Panels[0].Root)}",
                $"$.geometry.lifting[{i}].panels[0].root"
            );
            yield return new(
                new(wing.HalfSpan + 14, tip),
                new(wing.HalfSpan + 14, tip + wing.Panels[^1].Tip),
                $"tip {Numbers.Say(wing.Panels[^1].Tip)}",
                $"$.geometry.lifting[{i}].panels[{wing.Panels.Length - 1}].tip"
            );
        }

        if (g.Bay is { } bay && bay.To > bay.From)
        {
            yield return new(
                new(-bay.Width / 2 - 16, bay.From),
                new(-bay.Width / 2 - 16, bay.To),
                $"bay {Numbers.Say(bay.To - bay.From)}",
                "$.geometry.batteryBay.from"
            );
        }

        foreach (var (configuration, i) in sheet.Balance.Configurations.Select((c, i) => (c, i)))
        {
            if (BalanceRange.Of(sheet, configuration) is { Low: { } low, High: { } high })
            {
                yield return new(
                    new(30 + (i * 26), low),
                    new(30 + (i * 26), high),
                    $"balance{(sheet.Balance.Configurations.Length > 1 ? $", {configuration.Name}" : "")} "
                        + $"{Numbers.Say(low)} to {Numbers.Say(high)}",
                    $"$.balance.configurations[{i}].range"
                );
            }
        }
    }
}
