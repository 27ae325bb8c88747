using Zygotome.Core.Journal;
using Zygotome.Core.Safety;

namespace Zygotome.Core.Check;

/// <summary>What was seen at a call.</summary>
public enum CalledAnswer
{
    AsExpected,

    /// <summary>Something moved otherwise.</summary>
    Wrong,

    /// <summary>Nothing moved.</summary>
    Nothing,
}

/// <summary>
/// One answer of the function check. The calls go in their order; a wrong one, or none, breaks the run, and what was
/// called is asked again where it is mended.
/// </summary>
/// <param name="Call">As <see cref="CallOut"/> has it: <c>rudder/left</c>.</param>
/// <param name="Seen">What moved instead; may be empty.</param>
public sealed record CalledOut(string Call, CalledAnswer Answer, string Seen = "") : EntryBody, IPowered
{
    public PowerState Needs(JobState state) => PowerState.Measured;

    public override Refusal? Admit(JobState state, Entry entry)
    {
        var calls = CallOut.Of(state.Sheet);
        if (calls.All(c => c.Id != Call))
        {
            return new Refusal("check/no-call", $"Nothing on this aircraft is called \"{Call}\".", "body.call");
        }

        var due = calls[state.Check.Run.Due(state, entry)];
        return due.Id != Call
            ? new Refusal(
                "check/order",
                due == calls[0]
                    ? $"The run begins anew, with: {due.Call}. Only an unbroken one counts."
                    : $"The next call is: {due.Call}.",
                "body.call"
            )
            : Texts.Fits(Seen, "body.seen");
    }

    // What was seen wrong now is no longer shown by what was seen in Bind: there it is solved.
    public override JobState Apply(JobState state, Entry entry)
    {
        var after = state.With(state.Check with { Run = state.Check.Run.With(state, entry, this) });
        return
            Answer == CalledAnswer.AsExpected
            || CallOut.Of(state.Sheet).FirstOrDefault(c => c.Id == Call) is not { } call
            ? after
            : after.Disturb(entry, $"Called out, {call.Call.ToLowerInvariant()}: {Words}", call.RestsOn.Aspects);
    }

    public override IEnumerable<string> Shows() => [new RunId().Written];

    public override string Say(JobState state) =>
        $"{CallOut.Of(state.Sheet).FirstOrDefault(c => c.Id == Call)?.Call ?? Call}: {Words}";

    internal string Words =>
        Answer == CalledAnswer.Wrong && Seen.Trim().Length > 0 ? $"wrong, {Seen.Trim()}" : Of(Answer);

    /// <summary>As a button says it.</summary>
    public static string Of(CalledAnswer answer) =>
        answer switch
        {
            CalledAnswer.AsExpected => "as expected",
            CalledAnswer.Nothing => "nothing moved",
            _ => "wrong",
        };
}
