using System.Collections.Immutable;

namespace Zygotome.Core.Journal;

/// <summary>
/// Every requirement of a job and how it stands at one instant. A pure function of state and instant, in the order of
/// the stages.
/// </summary>
public static class Ledger
{
    /// <summary>Raised whenever a rule changes what a journal means; stored with every release.</summary>
    public const string RulesVersion = "4";

    /// <summary>The sealed one of a released job, else as it stands at <paramref name="asOf"/>.</summary>
    public static ImmutableArray<LedgerLine> Shown(JobState state, DateTimeOffset asOf) =>
        state.Release is { } release ? release.Ledger : Of(state, asOf);

    /// <summary>With all sentences.</summary>
    public static ImmutableArray<LedgerLine> Of(JobState state, DateTimeOffset asOf) => At(state, asOf).InWords;

    /// <summary>As facts.</summary>
    public static ImmutableArray<Line> Lines(JobState state, DateTimeOffset asOf) => At(state, asOf).Lines;

    // Once for a state and the last instant that was asked about: one request asks at one instant, several times.
    private static Made At(JobState state, DateTimeOffset asOf) => state.Once(_ => new Kept()).At(state, asOf);

    private sealed class Kept
    {
        private Made? _last;

        public Made At(JobState state, DateTimeOffset asOf) =>
            _last is { } last && last.AsOf == asOf ? last : _last = new Made(state, asOf);
    }

    private sealed class Made(JobState state, DateTimeOffset asOf)
    {
        public DateTimeOffset AsOf => asOf;

        public ImmutableArray<Line> Lines { get; } =
        [.. state.Stages.Requirements(state, asOf).Select(c => Line(state, c))];

        public ImmutableArray<LedgerLine> InWords
        {
            get
            {
                if (field.IsDefault)
                {
                    field = [.. Lines.Select(l => l.InWords(state))];
                }

                return field;
            }
        }
    }

    // Few jobs have a reading retracted; only they need the id written.
    private static long AskedAnew(JobState state, RequirementId id) =>
        state.AskedAnew.IsEmpty ? 0 : state.AskedAnew.GetValueOrDefault(id.Written);

    private static Line Line(JobState state, Requirement requirement)
    {
        var (standing, cause) =
            requirement.Evidence is not { } evidence ? (requirement.Standing, null)
            : AskedAnew(state, requirement.Id) > evidence.Seq ? (Standing.NotShown, new Cause.AskedAnew())
            : requirement.RestsOn?.Cause(state, evidence) is { } stale ? (Standing.Stale, stale)
            : (requirement.Standing, null);
        return standing == Standing.NotMet && state.ConcessionFor(requirement) is { } concession
            ? new Line(requirement, Standing.Conceded, cause, concession)
            : new Line(requirement, standing, cause, null);
    }
}
