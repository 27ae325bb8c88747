namespace Zygotome.Core.Journal;

/// <summary>A line of the ledger as facts: what a stage says, and what became of its evidence.</summary>
/// <param name="Cause">Why the evidence does not count; null while it does.</param>
/// <param name="Concession">In force for it; null where there is none.</param>
public sealed record Line(Requirement Requirement, Standing Standing, Cause? Cause, Concession? Concession)
{
    public RequirementId Id => Requirement.Id;

    /// <summary>Refuses release.</summary>
    public bool Open => Standing.Open;

    /// <summary>What is asked for, as a sentence names it.</summary>
    public string Text(JobState state) => Requirement.Facts.Words(state).Text;

    /// <summary>With its sentences, as it is read.</summary>
    public LedgerLine InWords(JobState state)
    {
        var words = Requirement.Facts.Words(state);
        var why = Cause?.Words(state) ?? words.Why;
        return new LedgerLine
        {
            Id = Id.Written,
            Stage = Id.Stage,
            Text = words.Text,
            Limits = words.Limits,
            Page = words.Page,
            Concedable = Requirement.Concedable,
            Standing = Standing,
            Reading = words.Reading,
            Why = Concession is { } c ? $"{why} Conceded by {c.By.Name}: {c.Reason}" : why,
            Evidence = Requirement.Evidence is { } e
                ? new LedgerEvidence(e.EntryId, e.Seq, e.By.Name, e.ObservedAt, e.Attempt)
                : null,
            ConcededBy = Concession?.By.Name ?? "",
            Verdict = Requirement.Judgement?.Verdict,
            Side = Requirement.Judgement?.Side ?? default,
            OutBy = Requirement.Judgement?.OutBy ?? "",
            Decided = string.Join(
                " ",
                Requirement.Facts.SheetPaths.SelectMany(state.Sheet.DecidedAt).Select(d => d.Words)
            ),
        };
    }
}
