using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Safety;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Bind;

/// <summary>How what was called answered.</summary>
public enum OutputAnswer
{
    AsExpected,
    Otherwise,
    DidNothing,

    /// <summary>The opposite of what it should.</summary>
    TheOtherWay,
}

/// <summary>An output or a position of a switch was called, and somebody saw what it did.</summary>
/// <param name="Of">The output, or the command whose position it is; <paramref name="At"/>: which position.</param>
/// <param name="Seen">What it did, where that is not what it should.</param>
/// <param name="Seconds">From the switch until it stood, by a hand on a stopwatch; null where it was not timed.</param>
public sealed record OutputSeen(string Of, string At, OutputAnswer Answer, string Seen = "", double? Seconds = null)
    : EntryBody,
        IPowered
{
    /// <summary>What a hand on a stopwatch may be off, s.</summary>
    public const double HandTimed = 0.3;

    /// <summary>
    /// Motors turn within their own act; what a correcting stabiliser would move waits until it is off.
    /// </summary>
    public PowerState Needs(JobState state) =>
        Call(state.Sheet) switch
        {
            { TurnsMotors: true } => PowerState.Of(PoweredAct.MotorDirection),
            { IsPosition: true } => PowerState.Measured,
            _ => PowerState.Powered,
        };

    public override Refusal? Admit(JobState state, Entry entry) =>
        Call(state.Sheet) is not { } call
            ? new Refusal("bind/output-call", $"Nothing on this aircraft is called \"{Of}, {At}\".", "body.of")
        : Answer == OutputAnswer.Otherwise && string.IsNullOrWhiteSpace(Seen)
            ? new Refusal("bind/output-seen", $"Say what moved instead of: {call.Expected}.", "body.seen")
        : Seconds is not (null or (>= 0 and <= 120))
            ? new Refusal("bind/output-seconds", "It takes 0 to 120 seconds.", "body.seconds")
        : Texts.Fits(Seen, "body.seen")
            ?? (
                state.Bind.Bound is null ? new Refusal("bind/not-bound", "Bind first; it is called afterwards.") : null
            );

    public override JobState Apply(JobState state, Entry entry)
    {
        var key = Id.Written;
        var attempt = state.Bind.Outputs.GetValueOrDefault(key)?.Evidence.Attempt + 1 ?? 1;
        return MotorsSeen.Ended(
            state.With(
                state.Bind with
                {
                    Outputs = state.Bind.Outputs.SetItem(
                        key,
                        new OutputShown(Answer, Seen.Trim(), Evidence.Of(entry, attempt)) { Seconds = Seconds }
                    ),
                }
            )
        );
    }

    public override IEnumerable<string> Shows() => [Id.Written];

    public override string Say(JobState state) =>
        $"{Call(state.Sheet)?.Call ?? $"{Of}, {At}"}: {OutputShown.Words(Answer, Seen.Trim())}"
        + (Seconds is { } s ? $", {Numbers.Say(s)} s" : "");

    private OutputId Id => new(Of, At);

    private OutputCall? Call(SpecSheet sheet) => OutputCalls.Of(sheet).FirstOrDefault(c => c.Of == Of && c.At == At);
}

/// <summary>What an output or position was seen to do when it was called.</summary>
public sealed record OutputShown(OutputAnswer Answer, string Seen, Evidence Evidence)
{
    /// <summary>How long it took, s; null where nobody timed it.</summary>
    public double? Seconds { get; init; }

    /// <summary>How its time stands against what the sheet says; null where either is not said.</summary>
    internal Judgement? Timed(OutputCall call) =>
        call.Takes is { } takes && Seconds is { } s ? Judgement.Of(s, OutputSeen.HandTimed, takes) : null;

    /// <summary>As expected, and where the sheet says how long, in that time; null while it was not timed.</summary>
    internal bool? IsShown(OutputCall call) =>
        Answer != OutputAnswer.AsExpected ? false
        : call.Takes is null ? true
        : Timed(call)?.Releases;

    /// <summary>"as expected"; "did nothing"; what it did.</summary>
    internal static string Words(OutputAnswer answer, string seen) =>
        answer switch
        {
            OutputAnswer.AsExpected => "as expected",
            OutputAnswer.DidNothing => "did nothing",
            OutputAnswer.TheOtherWay => "the other way",
            _ => seen,
        };
}
