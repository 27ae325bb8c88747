using Zygotome.Core.Sheets;

namespace Zygotome.Core.Build;

/// <summary>Asked of the parts in hand, before adhesive or screw: which one, which way round, does it fit.</summary>
internal static class FitAsks
{
    private static readonly string[] Filing = ["metal file", "hacksaw", "rotary tool"];

    /// <summary>Of one step, in the order in which it comes up.</summary>
    public static IEnumerable<StepAsk> Of(SpecSheet sheet, StepSpec step)
    {
        if (step.Side.Length > 0)
        {
            yield return StepAsk.Tick(
                "side",
                AskWhen.Dry,
                $"It goes on the pilot's {step.Side}, {(step.Side == "left" ? "L" : "R")}: is that the one in hand?",
                "With the nose away from you; on its back the two change places."
            );
        }

        if (step.Orientation.Length > 0)
        {
            yield return StepAsk.Tick(
                "orientation",
                AskWhen.Dry,
                $"{Texts.Capital(step.Orientation)}: is it so in hand?"
            );
        }
        else if (step.Side.Length == 0 && Untold(sheet, step) is { Length: > 0 } parts)
        {
            yield return StepAsk.Tick(
                "way-round",
                AskWhen.Dry,
                $"{Texts.Capital(string.Join(" and ", parts))}: top up, L on the pilot's left?",
                "With the nose away from you; on its back left and right change places."
            );
        }

        if (step.DryFit.Length > 0)
        {
            yield return StepAsk.Tick("dry-fit", AskWhen.Dry, step.DryFit);
        }

        if (step.Tools.Any(t => Filing.Any(f => t.Contains(f, StringComparison.OrdinalIgnoreCase))))
        {
            yield return StepAsk.Tick(
                "magnets",
                AskWhen.Dry,
                "Magnets of motor and latches covered?",
                "Filings go into them and stay."
            );
        }
    }

    // What has a left and a right of its own, of which no page says how to tell them apart.
    private static string[] Untold(SpecSheet sheet, StepSpec step)
    {
        bool Told(string part) =>
            sheet.Steps.Any(s =>
                s.Orientation.Length > 0 && s.Fits.Concat(s.WorksOn).Any(f => Places.IsNamed(f, part))
            );
        var pairs = sheet
            .Geometry.Fins.Select((f, i) => (Fin: f, Part: sheet.Geometry.FinPart(i)))
            .Where(f => f.Fin.IsBeside)
            .Select(f => f.Part);
        return
        [
            .. sheet
                .Geometry.Lifting.Select(l => l.Id)
                .Concat(pairs)
                .Where(part => step.Fits.Any(f => Places.IsNamed(f, part)) && !Told(part))
                .Select(part => Places.Words(Places.Pair(part)))
                .Distinct(),
        ];
    }
}
