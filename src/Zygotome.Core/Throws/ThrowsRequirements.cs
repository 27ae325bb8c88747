using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Throws;

/// <summary>
/// Every throw of the sheet, left against right, neutral and free movement, as the ledger asks for them.
/// </summary>
public static class ThrowsRequirements
{
    public static IEnumerable<Claim> Claims(JobState state)
    {
        var numbers = RadioNumbers.Of(state);
        foreach (var target in numbers.Targets)
        {
            yield return Of(state, numbers, target);
        }

        foreach (var (left, right) in SideBySide.Pairs(numbers.Targets))
        {
            yield return SideBySide.Claim(state, numbers, left, right);
        }

        foreach (var (surface, row) in ByOne(state.Sheet, state.Sheet.Neutral, n => n.Surfaces))
        {
            yield return Neutral(state, surface, row);
        }

        foreach (var (surface, row) in ByOne(state.Sheet, state.Sheet.Holes, h => h.Surfaces))
        {
            yield return Hole(state, surface, row);
        }

        foreach (var surface in state.Sheet.Surfaces)
        {
            var requirement = new Requirement(
                $"freedom/{surface.Id}",
                Stage.Throws,
                $"{surface.Name} moves freely",
                Concedable: Concedable.Never
            );
            yield return state.Throws.Freedom.TryGetValue(surface.Id, out var shown)
                ? new Claim(
                    requirement,
                    shown.Free ? Standing.Met : Standing.NotMet,
                    shown.Free ? "free" : "binds",
                    shown.Free ? "Moved through its whole throw by hand." : $"Binds. {shown.Note}",
                    shown.Evidence,
                    Rests.On(new Aspect(AspectKind.Freedom, surface.Id)).And(SheetValues.OfSurface(surface.Id))
                )
                : Claim.NotShown(requirement, "Not shown yet.");
        }
    }

    /// <summary>The claim of one throw.</summary>
    public static Claim Of(JobState state, RadioNumbers numbers, ThrowTarget target)
    {
        var requirement = new Requirement(
            target.Id,
            Stage.Throws,
            $"{target.Name}, {target.Rate}",
            target.Limits,
            Page: target.Page
        );
        if (target.Band is not { } band)
        {
            return Claim.NotShown(requirement, $"{target.Gap} A lead gives a value with its reason.");
        }

        if (
            !state.Throws.Readings.TryGetValue(target.Id, out var shown)
            || !ThrowReading.Of(target, shown.Read).Try(out var reading, out _)
        )
        {
            return Claim.NotShown(requirement, "Not measured yet.");
        }

        var judgement = Judgement.Of(reading.Value, reading.U, band, state.Rules.Guarded);
        return Claim.Measured(
            requirement,
            judgement,
            $"{Numbers.OneDecimal(reading.Value)} {target.Unit}",
            Why(target, shown.Read, reading, judgement),
            shown.Evidence,
            numbers.RestsOn(target)
        );
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

    private static string Why(ThrowTarget target, ThrowRead read, ThrowReading reading, Judgement judgement)
    {
        var readings = read.Readings.Length > 1 ? $"Mean of {read.Readings.Length} readings. " : "";
        var converted =
            target.Percent || read.Measure == target.Measure
                ? ""
                : $"{read.Readings[0].Text} by {ThrowMeasures.Words(read.Measure)} on a chord of "
                    + $"{Numbers.Say(target.Surface.Chord)} mm is {Numbers.OneDecimal(reading.Angle!.Degrees)}°. ";
        var value = $"{Numbers.OneDecimal(reading.Value)} ± {Numbers.OneDecimal(reading.U)} {target.Unit}";
        return $"{readings}{converted}{value} against {target.Band}: {judgement.Phrase}. {judgement.Hint}".TrimEnd();
    }

    private static Claim Hole(JobState state, Surface surface, HoleRow row)
    {
        var words = string.Join(
            ", ",
            new[]
            {
                row.Arm.Length > 0 ? $"arm: {row.Arm} hole" : "",
                row.Horn.Length > 0 ? $"horn: {row.Horn} hole" : "",
            }.Where(w => w.Length > 0)
        );
        var requirement = new Requirement(
            $"hole/{surface.Id}",
            Stage.Throws,
            $"{surface.Name}, pushrod holes",
            words,
            Page: row.Page
        );
        return state.Throws.Holes.TryGetValue(surface.Id, out var shown)
            ? new Claim(
                requirement,
                shown.AsSheet ? Standing.Met : Standing.NotMet,
                shown.AsSheet ? "as printed" : "others",
                shown.AsSheet ? "Seen in the holes the manual names." : "In other holes than the manual names.",
                shown.Evidence,
                Rests.On(new Aspect(AspectKind.Neutral, surface.Id)).And(SheetValues.OfSurface(surface.Id))
            )
            : Claim.NotShown(requirement, "Not looked at yet.");
    }

    // What rows say of several surfaces, surface by surface; said twice of one, the first counts.
    private static IEnumerable<(Surface Surface, T Row)> ByOne<T>(
        SpecSheet sheet,
        IEnumerable<T> rows,
        Func<T, string> names
    ) => rows.SelectMany(r => sheet.Named(names(r)).Select(s => (Surface: s, Row: r))).DistinctBy(p => p.Surface.Id);

    private static Claim Neutral(JobState state, Surface surface, NeutralRow row)
    {
        if (state.Sheet.Given.TryGetValue($"neutral/{surface.Id}", out var given))
        {
            row = row with { Offset = given.Value, Assumed = false };
        }

        var single = row.Offset.Form == QuantityForm.Single;
        var slack = single ? 0.5m : 0;
        var band = Band.Of(row.Offset.Low - slack, row.Offset.High + slack, "mm");
        var requirement = new Requirement(
            $"neutral/{surface.Id}",
            Stage.Throws,
            $"{surface.Name}, neutral (up is +)",
            single ? $"{band} (shop's tolerance)" : band.ToString(),
            Page: row.Page
        );
        if (row.Assumed)
        {
            return Claim.NotShown(
                requirement,
                $"Not stated by the maker; {row.Offset.Text} is assumed. A lead gives a value with its reason."
            );
        }

        if (!state.Throws.Neutral.TryGetValue(surface.Id, out var shown))
        {
            return Claim.NotShown(requirement, "Not measured yet.");
        }

        var judgement = Judgement.Of(shown.Offset, shown.U, band, state.Rules.Guarded);
        return Claim.Measured(
            requirement,
            judgement,
            $"{Numbers.OneDecimal(shown.Offset)} mm",
            $"{judgement.Phrase}. {judgement.Hint}".TrimEnd(),
            shown.Evidence,
            AtRest(state.Sheet, surface)
        );
    }
}
