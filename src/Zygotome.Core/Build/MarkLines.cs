using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.MarkOut;

namespace Zygotome.Core.Build;

/// <summary>Where something is cut, scored or drilled.</summary>
public sealed record MarkId(Stage Stage, string Step, string Mark) : RequirementId(Stage)
{
    public override string Written => $"mark/{Step}/{Mark}";
}

/// <summary>Marks as the ledger asks for them once their step was begun: measured from the sheet's edge.</summary>
public static class MarkLines
{
    internal static IEnumerable<Requirement> Of(JobState state) =>
        from step in state.Sheet.Steps
        where step.Marks.Length > 0 && state.Progress(step.Id) is not null
        from mark in Marks.Of(step)
        select Of(state, step, mark);

    /// <summary>Of this number; null where the step has none.</summary>
    public static Mark? Find(StepSpec step, string id) => Marks.Of(step).FirstOrDefault(m => m.Id == id);

    /// <summary>By which a mark is kept.</summary>
    internal static string Key(string step, string mark) => $"{step}/{mark}";

    /// <summary>What lies hidden where a mark would be, that is in already; null where nothing does.</summary>
    public static Hidden? Crossed(JobState state, Mark mark, double at) =>
        Marks.Laid(state.Sheet, mark, at) is { } line
            ? Marks.Crossed(state.Sheet, mark, line, Marks.HiddenIn(state.Sheet).Where(h => IsIn(state, h)))
            : null;

    /// <summary>How a mark stands that was measured; null where nobody says between what limits.</summary>
    public static Judgement? Judged(JobState state, Mark mark, double at, double u) =>
        mark.Band is { } band ? Judgement.Of(at, u, band, state.Rules.Guarded) : null;

    /// <summary>What a step of this job still puts in is not hidden yet.</summary>
    public static bool IsIn(JobState state, Hidden hidden) =>
        state
            .Sheet.Steps.Where(s => s.Fits.Any(f => f == hidden.Part || Places.IsNamed(f, hidden.Part)))
            .All(s => state.Progress(s.Id)?.Done is not null);

    private static Requirement Of(JobState state, StepSpec step, Mark mark)
    {
        var (id, facts) = (new MarkId(step.Stage, step.Id, mark.Id), new MarkFacts(step, mark, null, null));
        if (
            !state.Build.Marks.TryGetValue(Key(step.Id, mark.Id), out var shown)
            || Judged(state, mark, shown.At, shown.U) is not { } judgement
        )
        {
            return new Requirement(id, Concedable.ByLead, Standing.NotShown, facts);
        }

        return Requirement.Measured(
            id,
            Concedable.ByLead,
            judgement,
            facts with
            {
                Shown = shown,
                Judgement = judgement,
            }
        ) with
        {
            Evidence = shown.Evidence,
        };
    }

    private sealed record MarkFacts(StepSpec Step, Mark Mark, MarkShown? Shown, Judgement? Judgement) : LineFacts
    {
        public override IEnumerable<string> SheetPaths => [Mark.Spec.Path];

        public override LineWords Words(JobState state) =>
            new(
                $"{Step.Title}: {Mark.Name}, from the {Mark.Spec.From}",
                Mark.Band is { } band ? $"{band}{(Mark.Shops ? " (shop's)" : "")}" : "not stated",
                Step.Page,
                Shown is null ? "" : $"{Mark.Band!.Beside(Shown.At)} mm",
                Judgement is { } judgement ? $"{judgement.Phrase}."
                    : Mark.Band is null ? "The maker does not say how far from its edge."
                    : "Not measured yet."
            );
    }
}
