using System.Collections.Immutable;
using Zygotome.Core.Quantities;

namespace Zygotome.Core.Journal;

/// <summary>
/// Job state from a journal. Total on any prefix: it applies what was once admitted and asks no rule again.
/// </summary>
public static class Replay
{
    /// <summary>Two passes: collect what was retracted, then fold the rest.</summary>
    /// <param name="state">The job before its first entry, with the revisions it moves to.</param>
    public static JobState Of(JobState state, IReadOnlyList<Entry> journal)
    {
        var retracted = new Dictionary<string, (Entry Entry, Retracted Body)>(StringComparer.Ordinal);
        foreach (var entry in journal)
        {
            if (entry.Body is Retracted body)
            {
                retracted.TryAdd(body.Entry, (entry, body));
            }
        }

        foreach (var entry in journal)
        {
            state =
                !retracted.TryGetValue(entry.EntryId, out var by) || !CanBeRetracted(state, entry) ? Step(state, entry)
                : by.Body is { TypingError: true, Corrected: { IsDefaultOrEmpty: false } meant }
                    ? Correct(state.At(entry), entry, by.Entry, by.Body, meant)
                : TakeBack(state.At(entry), entry, by.Entry, by.Body);
        }

        return state with
        {
            Journal = Log.Of(journal),
        };
    }

    /// <summary>
    /// The state after one more entry. A retraction reaches back, so it folds the whole journal anew.
    /// </summary>
    public static JobState Add(JobState state, Entry entry)
    {
        var journal = state.Journal.Add(entry);
        return entry.Body is Retracted ? Of(state.Anew(), journal) : Step(state, entry) with { Journal = journal };
    }

    /// <summary>Whether replay honours a retraction of it; more kinds than may be withdrawn today.</summary>
    public static bool CanBeRetracted(JobState state, Entry entry) =>
        state.Stages.Kinds.Of(entry.Body) is { Retractable: true };

    /// <summary>Whether its kind is on the list of what may be withdrawn today.</summary>
    public static bool CanBeWithdrawn(JobState state, Entry entry) =>
        state.Stages.Kinds.Of(entry.Body) is { Withdrawable: true };

    private static JobState Step(JobState state, Entry entry) => entry.Body.Apply(state.At(entry), entry);

    // In its own place, with what was meant.
    private static JobState Correct(
        JobState state,
        Entry entry,
        Entry by,
        Retracted body,
        ImmutableArray<AsPrinted> meant
    )
    {
        if (entry.Body.TypedValues().Length != meant.Length)
        {
            return TakeBack(state, entry, by, body);
        }

        var corrected = entry.Body.WithTyped([.. meant.Select(m => m.Typed)]);
        var next = corrected.Apply(state, entry with { Body = corrected });
        return next with
        {
            Retracted = next.Retracted.Add(
                new Retraction(
                    EntryId: entry.EntryId,
                    Said: entry.Body.Say(state),
                    By: by.By,
                    At: by.RecordedAt,
                    Reason: body.Reason,
                    TypingError: true,
                    Corrected: corrected.Say(state)
                )
            ),
        };
    }

    private static JobState TakeBack(JobState state, Entry entry, Entry by, Retracted body)
    {
        var asked = state.AskedAnew;
        foreach (var id in body.TypingError ? [] : entry.Body.Shows())
        {
            asked = asked.SetItem(id, by.Seq);
        }

        return entry.Body.TakenBack(state, entry) with
        {
            AskedAnew = asked,
            Retracted = state.Retracted.Add(
                new Retraction(
                    EntryId: entry.EntryId,
                    Said: entry.Body.Say(state),
                    By: by.By,
                    At: by.RecordedAt,
                    Reason: body.Reason,
                    TypingError: body.TypingError
                )
            ),
        };
    }
}
