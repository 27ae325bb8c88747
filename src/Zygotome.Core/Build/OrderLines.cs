using Zygotome.Core.Journal;

namespace Zygotome.Core.Build;

/// <summary>Steps that a lead left out: their lines stay, and say why.</summary>
internal static class OrderLines
{
    public static IEnumerable<Requirement> Of(JobState state) =>
        state
            .Build.Changes.OfType<SkippedStep>()
            .Where(c => state.Sheet.Step(c.Step) is null)
            .DistinctBy(c => c.Step)
            .Select(c => new Requirement(
                new StepId(c.Spec.Stage, c.Step),
                Concedable.ByLead,
                Standing.Met,
                new SkippedFacts(c)
            )
            {
                Evidence = c.Evidence,
            });

    private sealed record SkippedFacts(SkippedStep Change) : LineFacts
    {
        public override LineWords Words(JobState state) =>
            new(
                Change.Spec.Title,
                "",
                Change.Spec.Page,
                "left out",
                $"Left out by {Change.Evidence.By.Name}: {Change.Reason.Trim()}"
            );
    }
}
