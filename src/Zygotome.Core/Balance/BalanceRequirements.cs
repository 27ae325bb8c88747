using System.Collections.Immutable;
using Zygotome.Core.Jobs;
using Zygotome.Core.Quantities;

namespace Zygotome.Core.Balance;

/// <summary>Centre of gravity, all-up weight and lateral balance of every configuration, as the ledger asks for them.</summary>
public static class BalanceRequirements
{
    private static readonly ImmutableArray<Aspect> RestsOn = [new(AspectKind.Balance), new(AspectKind.Mass)];

    public static IEnumerable<Claim> Claims(JobState state)
    {
        foreach (var configuration in state.Sheet.Balance.Configurations)
        {
            var target = BalanceTarget.Of(configuration, state.Receive.BalanceSchool);
            state.Balance.Weighings.TryGetValue(configuration.Name, out var shown);
            var cg = shown is not null && shown.Weighed.Calculate().Try(out var found, out _) ? found : null;
            yield return Range(state, configuration.Name, target, shown, cg);
            if (BalanceTarget.AllUpWeight(state.Sheet) is { } weight)
            {
                yield return Value(state, new Requirement($"weight/{configuration.Name}", Stage.Balance, $"All-up weight, {configuration.Name}", weight.ToString()), weight, cg?.Weight, cg?.UWeight ?? 0, shown, "0.#");
            }

            var (lateral, shops) = BalanceTarget.Lateral(state.Sheet);
            var across = new Requirement($"lateral/{configuration.Name}", Stage.Balance, $"Lateral balance, {configuration.Name}", shops ? $"{lateral} (shop's)" : lateral.ToString());
            yield return cg is not null && cg.Y is null
                ? Claim.NotShown(across, "The supports stood in one line and say nothing across it; weigh on three.")
                : Value(state, across, lateral, cg?.Y, cg?.UY ?? 0, shown, "0.0");
        }
    }

    private static Claim Range(JobState state, string name, BalanceTarget? target, WeighingShown? shown, CentreOfGravity? cg)
    {
        var requirement = new Requirement($"balance/{name}", Stage.Balance, $"Centre of gravity, {name}", target is null ? "not stated by the manual" : $"{target.Range} aft", Page: state.Sheet.Balance.Page);
        if (target is null)
        {
            return Claim.NotShown(requirement, "The manual does not state it; a lead must give a value with its source.");
        }

        // Aft of the range is conceded only with the owner's written acceptance.
        var aft = cg is not null && Numbers.Round(cg.X) > target.Range.High;
        return Value(state, requirement with { Concedable = aft ? Concedable.WithOwner : Concedable.ByLead }, target.Range, cg?.X, cg?.UX ?? 0, shown, "0.0");
    }

    private static Claim Value(JobState state, Requirement requirement, Band band, double? value, double u, WeighingShown? shown, string format)
    {
        if (value is not { } x || shown is null)
        {
            return Claim.NotShown(requirement, "Not weighed yet.");
        }

        var judgement = Judgement.Of(x, u, band, state.Receive.Rules.Guarded);
        var reading = string.Create(System.Globalization.CultureInfo.InvariantCulture, $"{(Math.Round(x, format == "0.0" ? 1 : 0) + 0.0).ToString(format, System.Globalization.CultureInfo.InvariantCulture)} {band.Unit}");
        return Claim.Measured(requirement, judgement, reading, $"{reading} ± {Numbers.OneDecimal(u)} {band.Unit} against {band}: {judgement.Phrase}. {judgement.Hint}".TrimEnd(), shown.Evidence, RestsOn);
    }
}
