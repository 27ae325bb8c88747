using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Trueness;

namespace Zygotome.Core.Build;

/// <summary>How true something of the airframe stands.</summary>
public sealed record TruthId(string Truth) : RequirementId(Stage.Build)
{
    public override string Written => $"trueness/{Truth}";
}

/// <summary>
/// Trueness, as the ledger asks for it: what was read after every joint of it had set, against the sheet's limits or
/// the shop's, marked as such. A hand on what it is read between makes it stale.
/// </summary>
public static class TruthLines
{
    internal static IEnumerable<Requirement> Of(JobState state) =>
        Truths.Of(state.Sheet).Select(truth => Of(state, truth));

    /// <summary>Whether what was read stands within its limits, as far as the instrument can show it.</summary>
    public static bool IsTrue(JobState state, Truth truth, TruthShown shown) =>
        Judged(state, truth, shown) is { Judgement.Releases: true };

    /// <summary>What was read, judged; null where it cannot be: no limits, or not read so any more.</summary>
    public static (TruthReading Reading, Judgement Judgement)? Judged(JobState state, Truth truth, TruthShown shown) =>
        truth.Band is { } band && shown.Read.Read(truth).Try(out var reading, out _)
            ? (reading, Judgement.Of(reading.Value, reading.U, band, state.Rules.Guarded))
            : null;

    /// <summary>
    /// What was read, how it stands and, where it is out, which way it is moved: "1.2°. Out: 0.7° too much. Its tip to
    /// the left by 3.2 mm."
    /// </summary>
    public static string Said(JobState state, Truth truth, TruthShown shown) =>
        Judged(state, truth, shown) is not var (reading, judgement)
            ? $"its limit \"{truth.Said}\" cannot be read."
            : (
                $"{truth.Band!.Beside(reading.Value)}{Gap(truth)}{truth.Unit}. {judgement.Phrase}. "
                + (judgement.Releases || !judgement.Shows ? judgement.Hint : TruthAdvice.Of(truth, reading))
            ).TrimEnd();

    private static string Gap(Truth truth) => truth.Unit == "°" ? "" : " ";

    private static Requirement Of(JobState state, Truth truth)
    {
        var shown = state.Build.True.GetValueOrDefault(truth.Id);
        var wanting = shown is null ? Wanting.Reading : Wants(state, truth, shown.Evidence);
        if (wanting is not null || Judged(state, truth, shown!) is not var (reading, judgement))
        {
            return new Requirement(
                new TruthId(truth.Id),
                Concedable.ByLead,
                Standing.NotShown,
                new TruthFacts(truth, wanting ?? Wanting.Limit, null, null)
            );
        }

        return Requirement.Measured(
            new TruthId(truth.Id),
            Concedable.ByLead,
            judgement,
            new TruthFacts(truth, null, reading, judgement)
        ) with
        {
            Evidence = shown!.Evidence,
            RestsOn = Rests.On([.. DisturbanceMatrix.Trueness(state.Sheet, truth)]),
        };
    }

    private enum Wanting
    {
        Reading,
        Joint,
        Set,
        Limit,
    }

    /// <summary>Whether it can be read of the whole: every part of it is on, and what is glued has set.</summary>
    public static bool CanBeRead(JobState state, Truth truth, DateTimeOffset asOf) =>
        state
            .Sheet.Steps.Where(s =>
                truth.Steps.Contains(s.Id)
                || truth.Between.Any(p => s.Fits.Any(f => Places.IsNamed(f, p) || Places.IsNamed(p, f)))
            )
            .All(s => state.Progress(s.Id) is { Done: not null } progress && !(progress.HandleAt > asOf));

    // What is read of a joint says nothing of it until it has set; of what is screwed, from when that began.
    private static Wanting? Wants(JobState state, Truth truth, Evidence evidence)
    {
        foreach (var step in truth.Steps.Select(state.Sheet.Step).OfType<StepSpec>())
        {
            if (state.Progress(step.Id) is not { Done: { } done } progress)
            {
                return Wanting.Joint;
            }

            if (
                step.Bond is null
                    ? evidence.Seq < progress.From
                    : evidence.Seq < done.Seq || !HasSet(progress, evidence)
            )
            {
                return Wanting.Set;
            }
        }

        return null;
    }

    private static bool HasSet(StepProgress progress, Evidence evidence) => !(progress.HandleAt > evidence.ObservedAt);

    private sealed record TruthFacts(Truth Truth, Wanting? Wanting, TruthReading? Reading, Judgement? Judgement)
        : LineFacts
    {
        public override IEnumerable<string> SheetPaths => Truth.Path.Length > 0 ? [Truth.Path] : [];

        public override LineWords Words(JobState state) =>
            new(
                $"Trueness: {Truth.Name}",
                Truth.Band is { } band ? $"{band}{(Truth.Shops ? " (shop's)" : "")}" : Truth.Said,
                "",
                Reading is { } read ? $"{Truth.Band!.Beside(read.Value)}{Gap(Truth)}{Truth.Unit}" : "",
                Why(state)
            );

        private string Why(JobState state) =>
            Wanting switch
            {
                TruthLines.Wanting.Reading or TruthLines.Wanting.Joint when Joints(state) is { Length: > 0 } at =>
                    $"Read at \"{at}\", while it can still be moved{Again(state)}.",
                TruthLines.Wanting.Reading => "Not read yet.",
                TruthLines.Wanting.Set => "Read before it had set; read again once it has.",
                TruthLines.Wanting.Limit when Truth.Said.Length == 0 => "The sheet states nothing it can be judged by.",
                TruthLines.Wanting.Limit =>
                    $"The sheet's limit \"{Truth.Said}\" cannot be read as a length or an angle with its tolerance.",
                _ => $"{Judgement!.Phrase}, ± {Numbers.Uncertainty(Reading!.U)}{Gap(Truth)}{Truth.Unit}."
                    + (Judgement.Releases ? "" : $" {TruthAdvice.Of(Truth, Reading)}".TrimEnd()),
            };

        private string Again(JobState state) =>
            Truth.Steps.Any(s => state.Sheet.Step(s)?.Bond is not null) ? ", and again once it has set" : "";

        private string Joints(JobState state) =>
            string.Join(
                "\", \"",
                Truth
                    .Steps.Where(s => state.Progress(s)?.Done is null)
                    .Select(s => state.Sheet.Step(s)?.Title)
                    .OfType<string>()
            );
    }
}
