using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets.Table;

namespace Zygotome.Core.Sheets.Plausibility;

/// <summary>The balance range against the mean chord and the neutral point, and the weight against the wing.</summary>
internal static class BalanceFlags
{
    // g/dm²: from the lightest indoor foam to a fast jet of a few kilograms.
    private const double LightestLoading = 6,
        HeaviestLoading = 130;

    public static IEnumerable<Flag> Of(SpecSheet sheet)
    {
        var wings = sheet.Geometry.Lifting.Where(l => l.Role == "wing" && l.HalfSpan > 0).ToArray();
        var neutral = NeutralPoint.Of(sheet.Geometry);
        foreach (var (configuration, i) in sheet.Balance.Configurations.Select((c, i) => (c, i)))
        {
            if (configuration.Range.Undisputed is not { } range)
            {
                continue;
            }

            var path = $"$.balance.configurations[{i}].range";
            var (low, high) = ((double)range.Low, (double)range.High);
            if (range.Form == QuantityForm.Single)
            {
                yield return Flag.Of(
                    "balance-point",
                    path,
                    range.Text,
                    $"\"{range.Text}\" is a point, not a range: no reading can be shown to lie on it. Does the "
                        + $"manual give a tolerance?"
                );
            }

            if (neutral is not null && wings is [var wing])
            {
                var plan = Planform.Of(wing);
                double Share(double x) => (x - plan.MeanLeadingEdge) / plan.MeanChord;
                var (aft, fore) = (neutral.OfChord - Share(high), neutral.OfChord - Share(low));
                bool Believed(double x) => neutral.OfChord - Share(x) is > 0.02 and < 0.40;
                if (!Believed(low) || !Believed(high))
                {
                    var misread = Misreading.Of(range, Believed);
                    yield return Flag.Of(
                        "margin",
                        path,
                        range.Text,
                        $"{Numbers.Say(Share(low) * 100)} to {Numbers.Say(Share(high) * 100)} % of the mean chord; "
                            + $"with the neutral point near {Numbers.Say(neutral.OfChord * 100)} % that is a static "
                            + $"margin of {Numbers.Say(aft * 100)} to {Numbers.Say(fore * 100)} %. Measured from "
                            + $"another datum?",
                        misread?.Words ?? "",
                        misread?.Suggestion ?? ""
                    );
                }
            }
        }

        var area = wings.Sum(w => 2 * Planform.Of(w).HalfArea) / 10_000;
        if (sheet.Balance.Says(BalanceFields.AllUpWeight).Likely is { } weight && area > 0.1)
        {
            var loading = (double)weight.High / area;
            if (loading is < LightestLoading or > HeaviestLoading)
            {
                yield return Flag.Of(
                    "loading",
                    "$.balance.allUpWeight",
                    weight.Text,
                    $"{weight.Text} on {Numbers.Say(area)} dm² of wing is {Numbers.Say(loading)} g/dm²; "
                        + $"{LightestLoading} to {HeaviestLoading} is usual. Another unit?"
                );
            }

            if (sheet.Balance.Empty is { } empty && empty.Mass >= (double)weight.High)
            {
                yield return Flag.Of(
                    "empty",
                    "$.balance.empty.mass",
                    Numbers.Say(empty.Mass),
                    $"Empty, it would already weigh {Numbers.Say(empty.Mass)} g of at most "
                        + $"{Numbers.Say((double)weight.High)} g."
                );
            }
        }

        if (
            sheet.Balance.Says(BalanceFields.Lateral).Likely is { } lateral
            && sheet.Geometry.Wing is { HalfSpan: > 0 } half
            && (double)lateral.High > half.HalfSpan * 0.05
        )
        {
            yield return Flag.Of(
                "lateral",
                "$.balance.lateral",
                lateral.Text,
                $"{lateral.Text} off the middle is more than 5 % of the half span."
            );
        }
    }
}
