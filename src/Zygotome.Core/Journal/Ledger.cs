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

    public static ImmutableArray<LedgerLine> Of(JobState state, DateTimeOffset asOf) =>
        [.. state.Stages.Claims(state, asOf).Select(c => Line(state, c))];

    private static LedgerLine Line(JobState state, Claim claim)
    {
        var (standing, why) = (claim.Standing, claim.Why);
        if (claim.Evidence is { } evidence)
        {
            if (state.AskedAnew.TryGetValue(claim.Requirement.Id, out var asked) && asked > evidence.Seq)
            {
                (standing, why) = (Standing.NotShown, "A reading was retracted; a new one is asked for.");
            }
            else if (claim.RestsOn?.Cause(state, evidence) is { } cause)
            {
                (standing, why) = (Standing.Stale, cause);
            }
        }

        var concession = standing == Standing.NotMet ? state.ConcessionFor(claim) : null;
        if (concession is not null)
        {
            (standing, why) = (Standing.Conceded, $"{why} Conceded by {concession.By.Name}: {concession.Reason}");
        }

        var r = claim.Requirement;
        return new LedgerLine(
            r.Id,
            r.Stage,
            r.Text,
            r.Limits,
            r.Page,
            r.Concedable,
            standing,
            claim.Reading,
            why,
            claim.Evidence is { } e ? new LedgerEvidence(e.EntryId, e.Seq, e.By.Name, e.ObservedAt, e.Attempt) : null,
            concession?.By.Name ?? ""
        )
        {
            Verdict = claim.Judgement?.Verdict,
            Side = claim.Judgement?.Side ?? default,
        };
    }
}
