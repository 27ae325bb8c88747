using Zygotome.Core.Journal;

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
    /// <summary>Its glue is open: both instants are when it can be worked no longer.</summary>
    public bool IsOpen { get; init; }

    /// <summary>
    /// Whether it is shown: until full strength, and until somebody handled it; open glue while it can be worked.
    /// </summary>
    public bool OnTheRail(DateTimeOffset asOf) => FullAt > asOf || (!Handled && !IsOpen);

    /// <summary>Every cure and every open glue of a job that is not handed over, by its end.</summary>
    public static IEnumerable<Cure> All(JobState state) => state.Released ? [] : Setting(state).Concat(Open(state));

    private static IEnumerable<Cure> Open(JobState state) =>
        from step in state.Steps
        where step.Value is { Done: null, Glue.ClosedAt: null }
        let glue = step.Value.Glue
        select new Cure(
            JobId: state.JobId,
            Id: step.Key,
            Title: state.Sheet.Step(step.Key)?.Title ?? step.Key,
            Adhesive: glue.Adhesive.Name,
            From: glue.OpenedAt,
            HandleAt: glue.WorkableUntil,
            FullAt: glue.WorkableUntil,
            Handled: false
        )
        {
            IsOpen = true,
        };

    private static IEnumerable<Cure> Setting(JobState state) =>
        from step in state.Steps
        let p = step.Value
        where p is { Done: not null, HandleAt: not null, FullAt: not null }
        orderby p.HandleAt, step.Key
        select new Cure(
            JobId: state.JobId,
            Id: step.Key,
            Title: state.Sheet.Step(step.Key)?.Title ?? step.Key,
            Adhesive: p.Adhesive,
            From: p.CuresFrom ?? p.Done!.ObservedAt,
            HandleAt: p.HandleAt!.Value,
            FullAt: p.FullAt!.Value,
            Handled: p.Handled
        );
}
