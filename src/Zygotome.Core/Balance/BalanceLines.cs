using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Table;

namespace Zygotome.Core.Balance;

/// <summary>
/// Centre of gravity, all-up weight and lateral balance of every configuration, as the ledger asks for them, and how
/// each is said.
/// </summary>
internal static class BalanceLines
{
    public static IEnumerable<Requirement> Of(JobState state)
    {
        if (state.Sheet.Balance.Configurations.Length == 0)
        {
            yield return new Requirement(
                new SomeConfigurationId(),
                Concedable.Never,
                Standing.NotShown,
                new NoConfiguration()
            );
        }

        foreach (var configuration in state.Sheet.Balance.Configurations)
        {
            state.Balance.Weighings.TryGetValue(configuration.Name, out var shown);
            var found = shown is not null && shown.Weighed.Calculate().Try(out var cg, out _) ? cg : null;
            // A figure that still holds says more than fingertips do, and is not talked away by them.
            var weighed =
                found is not null
                && BalanceGround.Centre(state, configuration.Name).Cause(state, shown!.Evidence) is null;
            var marks =
                state.Balance.Marks.GetValueOrDefault(configuration.Name) is { } seen
                && !(weighed && BalanceTarget.Of(state.Sheet, configuration, state.BalanceSchool) is not null)
                    ? seen
                    : null;
            yield return ByMarks(state, configuration, marks, found) ?? Centre(state, configuration, shown, found);
            yield return Weight(state, configuration.Name, shown, found);
            yield return marks is { Marks.Across: { } across }
                ? Across(state, configuration, marks, across)
                : Lateral(state, configuration.Name, shown, found);
        }
    }

    // Marks are a requirement of their own kind: no figure is asked for where the manual prints none. Null where the
    // scales say more.
    private static Requirement? ByMarks(
        JobState state,
        BalanceConfiguration configuration,
        MarksShown? marks,
        CentreOfGravity? found
    )
    {
        var known = BalanceTarget.Of(state.Sheet, configuration, state.BalanceSchool) is not null;
        var isMarked =
            configuration.Marks.Length > 0
            && BalanceRange.Said(state.Sheet, configuration) is Printed<Quantity>.NotStated;
        if (marks is null && (known || !isMarked))
        {
            return null;
        }

        var id = new BalanceId(Weighable.Centre, configuration.Name);
        var facts = new MarksFacts(id, configuration, marks?.Marks.Seen ?? []) { Figure = found?.X };
        if (marks is null)
        {
            return new Requirement(id, Concedable.ByLead, Standing.NotShown, facts);
        }

        var (standing, aft, _) = MarkedBalance.Judge(marks.Marks.Seen);
        return new Requirement(id, aft ? Concedable.WithOwner : Concedable.ByLead, standing, facts)
        {
            Evidence = marks.Evidence,
            RestsOn = BalanceGround.Centre(state, configuration.Name),
            Object =
                $"{state.Settings.Of(new Setting(SettingKind.Pack))}, "
                + string.Join("; ", marks.Marks.Seen.Select(MarkedBalance.Words)),
        };
    }

    // Hanging from nose and tail it shows which wing is heavy, and no figure.
    private static Requirement Across(
        JobState state,
        BalanceConfiguration configuration,
        MarksShown marks,
        AcrossAnswer across
    ) =>
        new(
            new BalanceId(Weighable.Lateral, configuration.Name),
            Concedable.ByLead,
            Requirement.Stands(across == AcrossAnswer.Level),
            new AcrossFacts(configuration.Name, across)
        )
        {
            Evidence = marks.Evidence,
            RestsOn = BalanceGround.Centre(state, configuration.Name),
            Object = MarkedBalance.Words(across),
        };

    // Aft of the range is conceded only with the owner's written acceptance.
    private static Requirement Centre(
        JobState state,
        BalanceConfiguration configuration,
        WeighingShown? shown,
        CentreOfGravity? found
    )
    {
        var id = new BalanceId(Weighable.Centre, configuration.Name);
        if (BalanceTarget.Of(state.Sheet, configuration, state.BalanceSchool) is not { Range: var range })
        {
            return NotShown(
                id,
                new WeighFacts(id, "not stated by the manual")
                {
                    Page = state.Sheet.Page("balance", state.Sheet.Balance.Page),
                    From = $"{configuration.Path}.{BalanceFields.Configuration.Range.Name}",
                    Open = $"{BalanceGaps.Of(configuration)} A lead gives a value with its reason.",
                }
            );
        }

        return Weighed(
            state,
            new WeighFacts(id, $"{range} aft")
            {
                Page = state.Sheet.Page("balance", state.Sheet.Balance.Page),
                From = $"{configuration.Path}.{BalanceFields.Configuration.Range.Name}",
                Band = range,
                Value = found?.X,
                U = found?.UX ?? 0,
            },
            shown,
            BalanceGround.Centre(state, configuration.Name)
        ) with
        {
            Concedable =
                found is not null && Numbers.Round(found.X) > range.High ? Concedable.WithOwner : Concedable.ByLead,
        };
    }

    private static Requirement Weight(
        JobState state,
        string configuration,
        WeighingShown? shown,
        CentreOfGravity? found
    )
    {
        var id = new BalanceId(Weighable.Weight, configuration);
        return BalanceTarget.AllUpWeight(state.Sheet) is { } weight
            ? Weighed(
                state,
                new WeighFacts(id, weight.ToString())
                {
                    From = $"$.{BalanceFields.AllUpWeight.Name}",
                    Band = weight,
                    Value = found?.Weight,
                    U = found?.UWeight ?? 0,
                },
                shown,
                BalanceGround.Weight(state)
            )
            : NotShown(
                id,
                new WeighFacts(id, "not stated by the manual")
                {
                    Open = $"{BalanceGaps.OfWeight(state.Sheet)} A lead gives a value with its reason.",
                }
            );
    }

    private static Requirement Lateral(
        JobState state,
        string configuration,
        WeighingShown? shown,
        CentreOfGravity? found
    )
    {
        var id = new BalanceId(Weighable.Lateral, configuration);
        var (band, shops) = BalanceTarget.Lateral(state.Sheet);
        var facts = new WeighFacts(id, shops ? $"{band} (shop's)" : band.ToString())
        {
            From = $"$.{BalanceFields.Lateral.Name}",
        };
        return BalanceGaps.OfLateral(state.Sheet) is { Length: > 0 } undecided
                ? NotShown(id, facts with { Open = $"{undecided} A lead gives a value with its reason." })
            : found is { Y: null }
                ? NotShown(
                    id,
                    facts with
                    {
                        Open = "The supports stood in one line and say nothing across it; weigh on three.",
                    }
                )
            : Weighed(
                state,
                facts with
                {
                    Band = band,
                    Value = found?.Y,
                    U = found?.UY ?? 0,
                },
                shown,
                BalanceGround.Centre(state, configuration)
            );
    }

    private static Requirement NotShown(BalanceId id, WeighFacts facts) =>
        new(id, Concedable.ByLead, Standing.NotShown, facts);

    private static Requirement Weighed(JobState state, WeighFacts facts, WeighingShown? shown, Rests rests)
    {
        if (facts.Value is not { } value || shown is null)
        {
            return NotShown(facts.Id, facts with { Value = null, Open = "Not weighed yet." });
        }

        var judgement = Judgement.Of(value, facts.U, facts.Band!, state.Rules.Guarded);
        return Requirement.Measured(facts.Id, Concedable.ByLead, judgement, facts with { Judgement = judgement }) with
        {
            Evidence = shown.Evidence,
            RestsOn = rests,
            Object = state.Settings.Of(new Setting(SettingKind.Pack)) ?? "",
        };
    }

    private sealed record NoConfiguration : LineFacts
    {
        public override LineWords Words(JobState state) =>
            new(
                "Centre of gravity",
                "not in the sheet",
                "",
                "",
                "The sheet states no configuration to balance: a mended revision says where its centre may lie, or by "
                    + "which marks."
            );
    }

    /// <param name="Seen">Empty while nobody held it up.</param>
    private sealed record MarksFacts(BalanceId Id, BalanceConfiguration Configuration, ImmutableArray<MarkLook> Seen)
        : LineFacts
    {
        /// <summary>What the scales said, mm aft of the datum; null while they said nothing.</summary>
        public double? Figure { get; init; }

        public override IEnumerable<string> SheetPaths =>
            [$"{Configuration.Path}.{BalanceFields.Configuration.Marks.Name}"];

        public override LineWords Words(JobState state)
        {
            var limits =
                Configuration.Marks.Length > 0 ? $"level or a little nose-low at {Configuration.Marks}"
                : BalanceRange.Of(state.Sheet, Configuration) is { } range ? $"{range} aft"
                : "";
            return new LineWords(
                $"{Id.What}, {Id.Configuration}",
                Configuration.MarksBothEnds ? $"between the marks: {Configuration.Marks}" : limits,
                state.Sheet.Page("balance", state.Sheet.Balance.Page),
                string.Join("; ", Seen.Select(MarkedBalance.Words)),
                Seen.Length > 0 ? MarkedBalance.Judge(Seen).Why
                    : Figure is { } x
                        ? $"Weighed at {Numbers.OneDecimal(x)} mm aft, but the manual gives marks and no figure: hold "
                            + "it at the marks, or a lead says where they lie."
                    : $"Not held up yet at {Configuration.Marks}."
            );
        }
    }

    private sealed record AcrossFacts(string Configuration, AcrossAnswer Across) : LineFacts
    {
        public override LineWords Words(JobState state) =>
            new(
                $"Lateral balance, {Configuration}",
                "hangs level from nose and tail",
                "",
                MarkedBalance.Words(Across),
                Across == AcrossAnswer.Level
                    ? "Held at nose and tail."
                    : "Held at nose and tail; a piece on the light wing, then look again."
            );
    }

    /// <param name="Limits">As printed, with whose they are.</param>
    private sealed record WeighFacts(BalanceId Id, string Limits) : LineFacts
    {
        public string Page { get; init; } = "";

        /// <summary>Where the sheet says it.</summary>
        public string From { get; init; } = "";

        public override IEnumerable<string> SheetPaths => From.Length > 0 ? [From] : [];

        /// <summary>mm aft of the datum, g, or mm to the right.</summary>
        public Band? Band { get; init; }

        /// <summary>In the band's unit; null while nothing was weighed.</summary>
        public double? Value { get; init; }

        /// <summary>Expanded uncertainty of the value.</summary>
        public double U { get; init; }

        public Judgement? Judgement { get; init; }

        /// <summary>What is wanting, where nothing is judged.</summary>
        public string Open { get; init; } = "";

        public override LineWords Words(JobState state)
        {
            var text = $"{Id.What}, {Id.Configuration}";
            if (Judgement is null)
            {
                return new LineWords(text, Limits, Page, "", Open);
            }

            var reading = $"{Band!.Beside(Value!.Value, Id.Of == Weighable.Weight ? 0 : 1)} {Band.Unit}";
            var why =
                $"{reading} ± {Numbers.Uncertainty(U)} {Band.Unit} against {Band}: {Judgement.Phrase}. "
                + Judgement.Hint;
            return new LineWords(text, Limits, Page, reading, why.TrimEnd());
        }
    }
}
