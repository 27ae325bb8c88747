using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;

namespace Zygotome.Core.Throws;

/// <summary>Every throw of the sheet, as the ledger asks for it, and how it is said.</summary>
internal static class ThrowLines
{
    public static IEnumerable<Requirement> Of(JobState state)
    {
        var numbers = RadioNumbers.Of(state);
        return
        [
            .. numbers.Targets.Select(t => Of(state, numbers, t)),
            .. SideBySide.Pairs(numbers.Targets).Select(pair => SideBySide.Of(state, numbers, pair.Left, pair.Right)),
            .. SurfaceLines.Of(state),
        ];
    }

    private static Requirement Of(JobState state, RadioNumbers numbers, ThrowTarget target)
    {
        if (
            target.Band is not { } band
            || !state.Throws.Readings.TryGetValue(target.Id, out var shown)
            || !ThrowReading.Of(target, shown.Read).Try(out var reading, out _)
        )
        {
            return new Requirement(target.Key, Concedable.ByLead, Standing.NotShown, new ThrowFacts(target, null));
        }

        var judgement = Judgement.Of(reading.Value, reading.U, band, state.Rules.Guarded);
        var facts = new ThrowFacts(target, new Measured(shown.Read, reading, judgement));
        return Requirement.Measured(target.Key, Concedable.ByLead, judgement, facts) with
        {
            Evidence = shown.Evidence,
            RestsOn = numbers.RestsOn(target),
        };
    }

    private sealed record Measured(ThrowRead Read, ThrowReading Reading, Judgement Judgement);

    /// <param name="Measured">Null while it is not, or while there is no band to judge it by.</param>
    private sealed record ThrowFacts(ThrowTarget Target, Measured? Measured) : LineFacts
    {
        public override IEnumerable<string> SheetPaths => Target.SheetPath.Length > 0 ? [Target.SheetPath] : [];

        public override LineWords Words(JobState state) =>
            new(
                $"{Target.Name}, {Target.Rate}",
                Target.Limits,
                Target.Page,
                Measured is { } m ? $"{Target.Band!.Beside(m.Reading.Value)} {Target.Unit}" : "",
                Measured is not null ? Why(Measured)
                    : Target.Band is null ? $"{Target.Gap} A lead gives a value with its reason."
                    : "Not measured yet."
            );

        private string Why(Measured measured)
        {
            var (read, reading, judgement) = (measured.Read, measured.Reading, measured.Judgement);
            var readings = read.Readings.Length > 1 ? $"Mean of {read.Readings.Length} readings. " : "";
            var converted =
                Target.Percent || read.Measure == Target.Measure
                    ? ""
                    : $"{read.Readings[0].Text} by {ThrowMeasures.Words(read.Measure)} on a chord of "
                        + $"{Numbers.Say(Target.Surface.Chord)} mm is {Numbers.OneDecimal(reading.Angle!.Degrees)}°. ";
            var value = $"{Target.Band!.Beside(reading.Value)} ± {Numbers.Uncertainty(reading.U)} {Target.Unit}";
            var hint = judgement.Hint.Length > 0 ? $" {judgement.Hint}" : "";
            return $"{readings}{converted}{value} against {Target.Band}: {judgement.Phrase}.{hint}";
        }
    }
}
