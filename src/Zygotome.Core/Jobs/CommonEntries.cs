namespace Zygotome.Core.Jobs;

/// <summary>Kinds of entry that belong to no stage.</summary>
public static class CommonEntries
{
    public static IReadOnlyList<EntryKind> Kinds { get; } =
    [EntryKind.Of<Retracted>("job/retracted", Posters.Anybody) with { Retractable = false }];
}

/// <summary>Takes back a mistake of record. What happened at the bench is not undone by it.</summary>
/// <param name="TypingError">The reading was right and typed wrongly; otherwise a new one is asked for.</param>
public sealed record Retracted(string Entry, string Reason, bool TypingError = false) : EntryBody
{
    public override bool IsDecision() => true;

    public override Refusal? Admit(JobState state, Entry entry)
    {
        if (!state.Entries.TryGetValue(Entry, out var target))
        {
            return new Refusal("retract/not-found", $"There is no entry {Entry} in this job.", "body.entry");
        }

        if (!Replay.CanBeRetracted(target))
        {
            return new Refusal(
                "retract/not-retractable",
                $"\"{target.Body.Say(state)}\" cannot be retracted: record what is so now instead.",
                "body.entry"
            );
        }

        if (state.Retracted.Any(r => r.EntryId == Entry))
        {
            return new Refusal("retract/already", "That entry is already retracted.", "body.entry");
        }

        return Texts.Reason(Reason, "body.reason", "A retraction needs a reason.");
    }

    public override JobState Apply(JobState state, Entry entry) => state;

    public override string Say(JobState state) =>
        state.Entries.TryGetValue(Entry, out var target) && target.Body is not Retracted
            ? $"Retracted: {target.Body.Say(state)}"
            : "Retraction";
}
