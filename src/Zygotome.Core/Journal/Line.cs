namespace Zygotome.Core.Journal;

/// <summary>A line of the ledger as facts: what a stage claims, and what became of its evidence.</summary>
/// <param name="Cause">Why the evidence does not count; null while it does.</param>
/// <param name="Concession">In force for it; null where there is none.</param>
public sealed record Line(Claim Claim, Standing Standing, Cause? Cause, Concession? Concession)
{
    public RequirementId Id => Claim.Id;

    /// <summary>Refuses release.</summary>
    public bool Open => Standing is Standing.NotMet or Standing.NotShown or Standing.Stale;

    /// <summary>What is asked for, as a sentence names it.</summary>
    public string Text(JobState state) => Claim.Facts.Words(state).Text;

    /// <summary>With its sentences, as it is read.</summary>
    public LedgerLine InWords(JobState state)
    {
        var words = Claim.Facts.Words(state);
        var why = Cause?.Words(state) ?? words.Why;
        return new LedgerLine
        {
            Id = Id.Written,
            Stage = Id.Stage,
            Text = words.Text,
            Limits = words.Limits,
            Page = words.Page,
            Concedable = Claim.Concedable,
            Standing = Standing,
            Reading = words.Reading,
            Why = Concession is { } c ? $"{why} Conceded by {c.By.Name}: {c.Reason}" : why,
            Evidence = Claim.Evidence is { } e
                ? new LedgerEvidence(e.EntryId, e.Seq, e.By.Name, e.ObservedAt, e.Attempt)
                : null,
            ConcededBy = Concession?.By.Name ?? "",
            Verdict = Claim.Judgement?.Verdict,
            Side = Claim.Judgement?.Side ?? default,
        };
    }
}
