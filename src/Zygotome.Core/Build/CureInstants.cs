using Zygotome.Core.Journal;

namespace Zygotome.Core.Build;

/// <summary>When the clock alone changes what is said of a job.</summary>
public static class CureInstants
{
    /// <summary>
    /// The first instant after <paramref name="asOf"/> at which glue can be handled or has its full strength, of steps
    /// and of repairs; null when none is to come. Between two of them ledger, steps and outlook of one state are the
    /// same.
    /// </summary>
    public static DateTimeOffset? NextChange(this JobState state, DateTimeOffset asOf) =>
        state
            .Steps.Values.SelectMany(s => new[] { s.HandleAt, s.FullAt })
            .Concat(state.The<IRepairs>().Glued.Select(r => (DateTimeOffset?)r.HandleAt))
            .Where(at => at > asOf)
            .Min();
}
