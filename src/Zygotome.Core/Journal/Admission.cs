namespace Zygotome.Core.Journal;

/// <summary>The one gate for live posts, imports and demo files. Replay never comes here.</summary>
public static class Admission
{
    // A client's clock may be wrong by minutes; an observation from tomorrow, or from before the kit came, is a
    // mistake.
    private static readonly TimeSpan ClockSlack = TimeSpan.FromMinutes(10);

    /// <summary>A box may have stood in the shop before somebody wrote it down, but not for longer.</summary>
    private static readonly TimeSpan LongestBeforeOpening = TimeSpan.FromDays(366);

    /// <summary>
    /// The entry with its observation between the opening and now, where the device's clock is wrong by minutes only.
    /// Asked before <see cref="Ask"/>, which refuses what is further off.
    /// </summary>
    public static Entry Clocked(JobState state, Entry entry)
    {
        var (earliest, latest) = Seen(state, entry);
        return entry.ObservedAt > latest && entry.ObservedAt <= latest + ClockSlack ? entry with { ObservedAt = latest }
            : entry.ObservedAt < earliest && entry.ObservedAt >= earliest - ClockSlack
                ? entry with
                {
                    ObservedAt = earliest,
                }
            : entry;
    }

    /// <summary>The entry as it is asked and stored: clocked, and with what the server says of the job in it.</summary>
    public static Entry Composed(JobState state, Entry entry)
    {
        entry = Clocked(state, entry);
        return entry with { Body = entry.Body.Composed(state, entry) };
    }

    private static (DateTimeOffset Earliest, DateTimeOffset Latest) Seen(JobState state, Entry entry) =>
        (state.Opening?.ObservedAt ?? entry.RecordedAt - LongestBeforeOpening, entry.RecordedAt);

    /// <param name="state">The job before this entry, including entries queued before it in the same commit.</param>
    /// <param name="expectedSeq">For a decision: the seq its taker had seen. Null is refused for decisions and ignored
    /// for facts.</param>
    public static AdmissionAnswer Ask(JobState state, Entry entry, long? expectedSeq)
    {
        if (state.Opened && state.Stages.Kinds.Of(entry.Body)?.IsDecision(entry.Body) == true)
        {
            if (expectedSeq is null)
            {
                return new(
                    new Refusal(
                        "entry/expected-seq",
                        "This is a decision: it needs the seq it was taken on.",
                        "expectedSeq"
                    )
                );
            }

            if (expectedSeq != state.Seq)
            {
                return new(Overtaken: true);
            }
        }

        return new(
            Common(state, entry)
                ?? Rights.Refused(state.Stages.Kinds.Of(entry.Body), entry.By)
                ?? entry.Body.Admit(state, entry)
                ?? (entry.Body as IGuarded)?.Guarded(state, entry)
        );
    }

    private static Refusal? Common(JobState state, Entry entry)
    {
        var (earliest, latest) = Seen(state, entry);
        if (entry.ObservedAt < earliest - ClockSlack)
        {
            return new Refusal(
                "entry/past",
                "This was observed before the kit came; look at the clock of this device.",
                "observedAt"
            );
        }

        if (entry.ObservedAt > latest + ClockSlack)
        {
            return new Refusal(
                "entry/future",
                "This was observed in the future; look at the clock of this device.",
                "observedAt"
            );
        }

        if (state.Opened == state.Stages.Kinds.Of(entry.Body) is { Opens: true })
        {
            return state.Opened
                ? new Refusal("job/opened", "This job is already open.")
                : new Refusal("job/not-opened", "This job has not been received yet.");
        }

        if (state.Released && state.Stages.Kinds.Of(entry.Body) is not { AfterRelease: true })
        {
            return new Refusal(
                "job/released",
                "This job is released and its record sealed. Re-open it to change anything."
            );
        }

        return null;
    }
}
