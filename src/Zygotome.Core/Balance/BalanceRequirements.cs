using System.Globalization;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Balance;

/// <summary>
/// Centre of gravity, all-up weight and lateral balance of every configuration, as the ledger asks for them.
/// </summary>
public static class BalanceRequirements
{
    public static IEnumerable<Claim> Claims(JobState state)
    {
        if (state.Sheet.Balance.Configurations.Length == 0)
        {
            yield return Claim.NotShown(
                new Requirement("balance", Stage.Balance, "Centre of gravity", "not in the sheet", Concedable.Never),
                "The sheet states no configuration to balance: a mended revision says where its centre may lie, or by "
                    + "which marks."
            );
        }

        foreach (var configuration in state.Sheet.Balance.Configurations)
        {
            var target = BalanceTarget.Of(state.Sheet, configuration, state.BalanceSchool);
            state.Balance.Weighings.TryGetValue(configuration.Name, out var shown);
            var cg = shown is not null && shown.Weighed.Calculate().Try(out var found, out _) ? found : null;
            yield return Range(state, configuration, target, shown, cg);
            if (BalanceTarget.AllUpWeight(state.Sheet) is not { } weight)
            {
                yield return Claim.NotShown(
                    new Requirement(
                        $"weight/{configuration.Name}",
                        Stage.Balance,
                        $"All-up weight, {configuration.Name}",
                        "not stated by the manual"
                    ),
                    $"{BalanceGaps.OfWeight(state.Sheet)} A lead gives a value with its reason."
                );
            }
            else
            {
                yield return Value(
                    state,
                    new Requirement(
                        $"weight/{configuration.Name}",
                        Stage.Balance,
                        $"All-up weight, {configuration.Name}",
                        weight.ToString()
                    ),
                    weight,
                    cg?.Weight,
                    cg?.UWeight ?? 0,
                    shown,
                    "0.#",
                    BalanceGround.Weight(state)
                );
            }

            var (lateral, shops) = BalanceTarget.Lateral(state.Sheet);
            var across = new Requirement(
                $"lateral/{configuration.Name}",
                Stage.Balance,
                $"Lateral balance, {configuration.Name}",
                shops ? $"{lateral} (shop's)" : lateral.ToString()
            );
            yield return state.Sheet.Balance.LateralUndecided is { Length: > 0 } against
            && !state.Sheet.Given.ContainsKey("lateral")
                ? Claim.NotShown(
                    across,
                    $"The manual says {against}; nobody has decided what counts. A lead gives a value with its "
                        + "reason."
                )
            : cg is not null && cg.Y is null
                ? Claim.NotShown(across, "The supports stood in one line and say nothing across it; weigh on three.")
            : Value(
                state,
                across,
                lateral,
                cg?.Y,
                cg?.UY ?? 0,
                shown,
                "0.0",
                BalanceGround.Centre(state, configuration.Name)
            );
        }
    }

    private static Claim Range(
        JobState state,
        BalanceConfiguration configuration,
        BalanceTarget? target,
        WeighingShown? shown,
        CentreOfGravity? cg
    )
    {
        var name = configuration.Name;
        var requirement = new Requirement(
            $"balance/{name}",
            Stage.Balance,
            $"Centre of gravity, {name}",
            target is null ? "not stated by the manual" : $"{target.Range} aft",
            Page: state.Sheet.Balance.Page
        );
        if (target is null)
        {
            return Claim.NotShown(
                requirement,
                $"{BalanceGaps.Of(configuration)} A lead gives a value with its reason."
            );
        }

        // Aft of the range is conceded only with the owner's written acceptance.
        var aft = cg is not null && Numbers.Round(cg.X) > target.Range.High;
        return Value(
            state,
            requirement with
            {
                Concedable = aft ? Concedable.WithOwner : Concedable.ByLead,
            },
            target.Range,
            cg?.X,
            cg?.UX ?? 0,
            shown,
            "0.0",
            BalanceGround.Centre(state, name)
        );
    }

    private static Claim Value(
        JobState state,
        Requirement requirement,
        Band band,
        double? value,
        double u,
        WeighingShown? shown,
        string format,
        Rests rests
    )
    {
        if (value is not { } x || shown is null)
        {
            return Claim.NotShown(requirement, "Not weighed yet.");
        }

        var judgement = Judgement.Of(x, u, band, state.Rules.Guarded);
        var reading = string.Create(
            CultureInfo.InvariantCulture,
            $"{(Math.Round(x, format == "0.0" ? 1 : 0) + 0.0).ToString(format, CultureInfo.InvariantCulture)} {band.Unit}"
        );
        return Claim.Measured(
            requirement,
            judgement,
            reading,
            $"{reading} ± {Numbers.OneDecimal(u)} {band.Unit} against {band}: {judgement.Phrase}. {judgement.Hint}".TrimEnd(),
            shown.Evidence,
            rests
        ) with
        {
            Object = state.Settings.Of(new Setting(SettingKind.Pack)) ?? "",
        };
    }
}
