namespace Zygotome.Core.Jobs;

/// <summary>Whether an entry may be recorded: accepted (both null), refused, or overtaken by what came between.</summary>
public sealed record AdmissionAnswer(Refusal? Refused = null, bool Overtaken = false)
{
    public static readonly AdmissionAnswer Accepted = new();

    public bool Ok => Refused is null && !Overtaken;
}

/// <summary>The one gate for live posts, imports and demo files. Replay never comes here.</summary>
public static class Admission
{
    // A client's clock may be wrong by minutes; an observation from tomorrow is a mistake.
    private static readonly TimeSpan ClockSlack = TimeSpan.FromMinutes(10);

    /// <param name="state">The job before this entry, including entries queued before it in the same commit.</param>
    /// <param name="expectedSeq">For a decision: the seq its taker had seen. Null is refused for decisions and ignored for facts.</param>
    public static AdmissionAnswer Ask(JobState state, Entry entry, long? expectedSeq)
    {
        if (entry.Body.IsDecision() && state.Opened)
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

        return Common(state, entry) is { } refusal ? new(refusal) : new(entry.Body.Admit(state, entry));
    }

    private static Refusal? Common(JobState state, Entry entry)
    {
        if (entry.ObservedAt > entry.RecordedAt + ClockSlack)
        {
            return new Refusal(
                "entry/future",
                "This was observed in the future; look at the clock of this device.",
                "observedAt"
            );
        }

        if (state.Opened == entry.Body is Receive.JobOpened)
        {
            return state.Opened
                ? new Refusal("job/opened", "This job is already open.")
                : new Refusal("job/not-opened", "This job has not been received yet.");
        }

        if (state.Released && Stages.Kinds.Of(entry.Body) is not { AfterRelease: true })
        {
            return new Refusal(
                "job/released",
                "This job is released and its record sealed. Re-open it to change anything."
            );
        }

        return null;
    }
}
