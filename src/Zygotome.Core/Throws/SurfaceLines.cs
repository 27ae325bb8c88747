using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Table;

namespace Zygotome.Core.Throws;

/// <summary>
/// Neutral, pushrod holes and free movement of each surface, as the ledger asks for them, and how each is said.
/// </summary>
internal static class SurfaceLines
{
    public static IEnumerable<Requirement> Of(JobState state) =>
        [
            .. ByOne(state.Sheet, state.Sheet.Neutral, n => n.Surfaces).Select(p => Neutral(state, p.Surface, p.Row)),
            .. ByOne(state.Sheet, state.Sheet.Holes, h => h.Surfaces).Select(p => Hole(state, p.Surface, p.Row)),
            .. state.Sheet.Surfaces.Select(s => Freedom(state, s)),
        ];

    // What rows say of several surfaces, surface by surface; said twice of one, the first counts.
    private static IEnumerable<(Surface Surface, T Row)> ByOne<T>(
        SpecSheet sheet,
        IEnumerable<T> rows,
        Func<T, string> names
    ) => rows.SelectMany(r => sheet.Named(names(r)).Select(s => (Surface: s, Row: r))).DistinctBy(p => p.Surface.Id);

    private static Requirement Neutral(JobState state, Surface surface, NeutralRow row)
    {
        var id = new SurfaceId(SurfaceAsk.Neutral, surface.Id);
        var said = state.Sheet.Asked(id.Written, row.Offset);
        if (said.Counts is not { } offset)
        {
            return new Requirement(
                id,
                Concedable.ByLead,
                Standing.NotShown,
                new NeutralFacts(surface, row, null, false) { Gap = said.WhyNot }
            );
        }

        var single = offset.Form == QuantityForm.Single;
        var slack = single ? 0.5m : 0;
        var facts = new NeutralFacts(
            surface,
            row,
            Band.Of(offset.Low - slack, offset.High + slack, "mm"),
            ShopTolerance: single
        );
        if (!state.Throws.Neutral.TryGetValue(surface.Id, out var shown))
        {
            return new Requirement(id, Concedable.ByLead, Standing.NotShown, facts);
        }

        var judgement = Judgement.Of(shown.Offset, shown.U, facts.Band!, state.Rules.Guarded);
        return Requirement.Measured(
            id,
            Concedable.ByLead,
            judgement,
            facts with
            {
                Offset = shown.Offset,
                Judgement = judgement,
            }
        ) with
        {
            Evidence = shown.Evidence,
            RestsOn = AtRest(state.Sheet, surface),
        };
    }

    // Where it stands with the stick at rest, through everything that holds it there.
    private static Rests AtRest(SpecSheet sheet, Surface surface) =>
        Rests
            .On(new Aspect(AspectKind.Neutral, surface.Id))
            .And([
                .. RadioSettings.Link,
                new Setting(SettingKind.Trim, surface.Id),
                .. RadioSettings.Reverses(sheet, surface),
                .. surface.Functions.Select(f => new Setting(SettingKind.Mix, f)),
                new Setting(SettingKind.SurfaceCount),
                .. RadioSettings.Answers(Schools.Driving),
                .. SheetValues.OfSurface(surface.Id),
            ]);

    private static Requirement Hole(JobState state, Surface surface, HoleRow row)
    {
        var shown = state.Throws.Holes.GetValueOrDefault(surface.Id);
        return new Requirement(
            new SurfaceId(SurfaceAsk.Hole, surface.Id),
            Concedable.ByLead,
            Requirement.Stands(shown?.AsSheet),
            new HoleFacts(surface, row, shown?.AsSheet)
        )
        {
            Evidence = shown?.Evidence,
            RestsOn = Rests.On(new Aspect(AspectKind.Neutral, surface.Id)).And(SheetValues.OfSurface(surface.Id)),
        };
    }

    private static Requirement Freedom(JobState state, Surface surface)
    {
        var shown = state.Throws.Freedom.GetValueOrDefault(surface.Id);
        return new Requirement(
            new SurfaceId(SurfaceAsk.Freedom, surface.Id),
            Concedable.Never,
            Requirement.Stands(shown?.Free),
            new FreedomFacts(surface, shown)
        )
        {
            Evidence = shown?.Evidence,
            RestsOn = Rests.On(new Aspect(AspectKind.Freedom, surface.Id)).And(SheetValues.OfSurface(surface.Id)),
        };
    }

    /// <param name="Band">mm at rest, up is +; null where nobody knows.</param>
    private sealed record NeutralFacts(Surface Surface, NeutralRow Row, Band? Band, bool ShopTolerance) : LineFacts
    {
        public override IEnumerable<string> SheetPaths => [$"{Row.Path}.{ThrowFields.Neutral.Offset.Name}"];

        /// <summary>Why there is no band.</summary>
        public string Gap { get; init; } = "";

        /// <summary>mm; of a measured one.</summary>
        public double Offset { get; init; }

        public Judgement? Judgement { get; init; }

        public override LineWords Words(JobState state) =>
            new(
                $"{Surface.Name}, neutral (up is +)",
                Band is null ? "not decided"
                    : ShopTolerance ? $"{Band} (shop's tolerance)"
                    : Band.ToString(),
                state.Sheet.Page("throws", Row.Page),
                Judgement is null ? "" : $"{Band!.Beside(Offset)} mm",
                Judgement is { } j ? $"{j.Phrase}. {j.Hint}".TrimEnd()
                    : Band is null ? $"{Gap} A lead gives a value with its reason."
                    : "Not measured yet."
            );
    }

    private sealed record HoleFacts(Surface Surface, HoleRow Row, bool? AsSheet) : LineFacts
    {
        public override IEnumerable<string> SheetPaths => [Row.Path];

        public override LineWords Words(JobState state)
        {
            string[] holes =
            [
                Row.Arm.Length > 0 ? $"arm: {Row.Arm} hole" : "",
                Row.Horn.Length > 0 ? $"horn: {Row.Horn} hole" : "",
            ];
            var (reading, why) = AsSheet switch
            {
                null => ("", "Not looked at yet."),
                true => ("as printed", "Seen in the holes the manual names."),
                false => ("others", "In other holes than the manual names."),
            };
            return new LineWords(
                $"{Surface.Name}, pushrod holes",
                string.Join(", ", holes.Where(h => h.Length > 0)),
                state.Sheet.Page("throws", Row.Page),
                reading,
                why
            );
        }
    }

    private sealed record FreedomFacts(Surface Surface, FreedomShown? Shown) : LineFacts
    {
        public override LineWords Words(JobState state)
        {
            var (reading, why) = Shown switch
            {
                null => ("", "Not shown yet."),
                { Free: true } => ("free", "Moved through its whole throw by hand."),
                _ => ("binds", $"Binds. {Shown.Note}"),
            };
            return new LineWords($"{Surface.Name} moves freely", "", "", reading, why);
        }
    }
}
