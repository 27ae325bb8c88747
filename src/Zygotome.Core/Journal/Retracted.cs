using System.Collections.Immutable;
using Zygotome.Core.Quantities;

namespace Zygotome.Core.Journal;

/// <summary>
/// Withdraws a mistake of record. A slip is its author's to withdraw in the same look, while nothing rests on it;
/// later, or somebody else's, it is a lead's, and the record calls it recorded in error. What happened at the bench is
/// not undone by it: what was moved, set, fitted, begun or bound is said anew.
/// </summary>
/// <param name="TypingError">The value was right and typed wrongly. <paramref name="Corrected"/>: what was meant, as
/// many values as were typed; null in older entries. Without a typing error a new reading is asked for.</param>
public sealed record Retracted(
    string Entry,
    string Reason,
    bool TypingError = false,
    ImmutableArray<AsPrinted>? Corrected = null
) : EntryBody
{
    // What it corrects says what a bare number is.
    public override EntryBody Composed(JobState state, Entry entry)
    {
        if (Corrected is not { IsDefault: false } meant || Named(state) is not { } target)
        {
            return this;
        }

        var typed = target.Body.TypedValues();
        return meant.Length != typed.Length
            ? this
            : this with
            {
                Corrected =
                [
                    .. target
                        .Body.WithTyped([.. meant.Select((m, i) => typed[i].Takes.Complete(m.Typed))])
                        .Composed(state, target)
                        .TypedValues()
                        .Select(v => new AsPrinted(v.Typed)),
                ],
            };
    }

    public override Refusal? Admit(JobState state, Entry entry)
    {
        if (Named(state) is not { } target)
        {
            return new Refusal("retract/not-found", $"There is no entry {Entry} in this job.", "body.entry");
        }

        if (!Replay.CanBeWithdrawn(state, target))
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

        return target.Body.ActedOn(state, target)
            ?? Theirs(state, target, entry)
            ?? Meant(state, target)
            ?? Texts.Reason(Reason, "body.reason", "A retraction needs a reason.");
    }

    private Entry? Named(JobState state) => state.Journal.FirstOrDefault(e => e.EntryId == Entry);

    private static Refusal? Theirs(JobState state, Entry target, Entry entry) =>
        IsOwnSlip(state, target, entry.By, entry.Look) || Rights.Leads(entry.By)
            ? null
            : new Refusal(
                "retract/lead",
                target.By.Id == entry.By.Id
                    ? "That was not in this look, or something rests on it: a lead withdraws it."
                    : $"{target.By.Name} recorded that: they withdraw a slip at once, and a lead does later.",
                "body.entry"
            );

    /// <summary>
    /// Whether somebody withdraws their own slip: in the look it was recorded in, with nothing resting on it.
    /// </summary>
    public static bool IsOwnSlip(JobState state, Entry target, Person by, string look) =>
        target.By.Id == by.Id
        && look.Length > 0
        && target.Look == look
        && state.Concessions.Values.All(c => c.Saw.Evidence != target.EntryId);

    private Refusal? Meant(JobState state, Entry target)
    {
        var typed = target.Body.TypedValues();
        return !TypingError
            ? Corrected is null
                ? null
                : new Refusal("retract/corrected", "Only a typing error has a corrected value.", "body.corrected")
            : typed.Length == 0
                ? new Refusal(
                    "retract/no-value",
                    "There is no value in it to be typed wrongly: withdraw it, and say it anew.",
                    "body.typingError"
                )
                : Corrected is not { } meant || meant.Length != typed.Length
                    ? new Refusal(
                        "retract/value",
                        $"Say what was meant: {typed.Length} {(typed.Length == 1 ? "value" : "values")}.",
                        "body.corrected"
                    )
                    : Wrong(state, target.Body.WithTyped([.. meant.Select(m => m.Typed)])) is { } wrong
                        ? wrong with
                        {
                            Where = "body.corrected",
                        }
                        : null;
    }

    private static Refusal? Wrong(JobState state, EntryBody meant) =>
        meant.TypedValues().Select(v => v.Takes.Wrong(v.Typed)).FirstOrDefault(r => r is not null)
        ?? meant.WrongValues(state);

    public override JobState Apply(JobState state, Entry entry) => state;

    public override string Say(JobState state) =>
        Named(state) is { Body: not Retracted } target ? $"Retracted: {target.Body.Say(state)}" : "Retraction";
}
