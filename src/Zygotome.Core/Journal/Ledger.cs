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
    public static ImmutableArray<LedgerLine> Of(JobState state, DateTimeOffset asOf) =>
        [.. Lines(state, asOf).Select(l => l.InWords(state))];

    /// <summary>As facts.</summary>
    public static IEnumerable<Line> Lines(JobState state, DateTimeOffset asOf) =>
        state.Stages.Claims(state, asOf).Select(c => Line(state, c));

    private static Line Line(JobState state, Claim claim)
    {
        var (standing, cause) =
            claim.Evidence is not { } evidence ? (claim.Standing, null)
            : state.AskedAnew.TryGetValue(claim.Id.Written, out var asked) && asked > evidence.Seq
                ? (Standing.NotShown, new Cause.AskedAnew())
            : claim.RestsOn?.Cause(state, evidence) is { } stale ? (Standing.Stale, stale)
            : (claim.Standing, null);
        return standing == Standing.NotMet && state.ConcessionFor(claim) is { } concession
            ? new Line(claim, Standing.Conceded, cause, concession)
            : new Line(claim, standing, cause, null);
    }
}
