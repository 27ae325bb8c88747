using Zygotome.Core.Jobs;

namespace Zygotome.Core.Build;

/// <summary>A cure on the rail: when it began, when it can be handled, when it has its full strength.</summary>
public sealed record Cure(
    string JobId,
    string Id,
    string Title,
    string Adhesive,
    DateTimeOffset From,
    DateTimeOffset HandleAt,
    DateTimeOffset FullAt,
    bool Handled
)
{
    /// <summary>Every cure of a job that is not over at <paramref name="asOf"/>, or waits to be handled; by its end.</summary>
    public static IEnumerable<Cure> Of(JobState state, DateTimeOffset asOf) =>
        state.Released
            ? []
            : from step in state.Build.Steps
            let p = step.Value
            where p is { Done: not null, HandleAt: not null, FullAt: not null } && (p.FullAt > asOf || !p.Handled)
            orderby p.HandleAt, step.Key
            select new Cure(
                state.JobId,
                step.Key,
                state.Sheet.Step(step.Key)?.Title ?? step.Key,
                p.Adhesive,
                p.Done!.ObservedAt,
                p.HandleAt!.Value,
                p.FullAt!.Value,
                p.Handled
            );
}
