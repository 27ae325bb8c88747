using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Safety;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Bind;

/// <summary>
/// It was held still after power until the stabiliser showed that it is awake. The seconds are counted from the last
/// touch: a touch starts them anew.
/// </summary>
/// <param name="Seconds">Still without a touch, s.</param>
/// <param name="Sign">The sheet's sign was seen; else <paramref name="Instead"/> says what was.</param>
public sealed record Aligned(double Seconds, bool Sign, string Instead = "") : EntryBody, IPowered
{
    public PowerState Needs(JobState state) => PowerState.Powered;

    public override Refusal? Admit(JobState state, Entry entry) =>
        state.Sheet.Radio.Stabiliser.Likely != true
            ? new Refusal("bind/stabiliser", "There is no stabiliser on this aircraft.", "body")
        : Seconds is not (>= 0 and <= 600)
            ? new Refusal("bind/still", "It is held still for 0 to 600 seconds.", "body.seconds")
        : Sign && state.Sheet.Radio.StillSeconds is { } still && Numbers.Round(Seconds - still) < 0
            ? new Refusal(
                "bind/still",
                $"Hold it still for {Numbers.Say(still)} s without a touch; it was {Numbers.Say(Seconds)} s.",
                "body.seconds"
            )
        : Sign ? null
        : Texts.Reason(Instead, "body.instead", "Say what was seen instead.");

    // A sign that was seen is a look at the lamp.
    public override JobState Apply(JobState state, Entry entry) =>
        (
            Sign
                ? state.With(state.Safety.Say(entry, state.Sheet, [(new LampId(LampKind.Stabiliser), LampIs.Awake)]))
                : state
        ).With(
            state.Bind with
            {
                Stabiliser = state.Bind.Stabiliser with
                {
                    Aligned = new AlignedShown(
                        Sign,
                        Instead.Trim(),
                        Seconds,
                        Evidence.Of(entry, state.Bind.Stabiliser.Aligned?.Evidence.Attempt + 1 ?? 1)
                    ),
                },
            }
        );

    public override IEnumerable<string> Shows() => [new StabiliserAwakeId().Written];

    public override string Say(JobState state) =>
        $"Held still {Numbers.Say(Seconds)} s: {(Sign ? "stabiliser awake" : Instead.Trim())}";
}

/// <summary>What was seen after it was held still.</summary>
public sealed record AlignedShown(bool Sign, string Instead, double Seconds, Evidence Evidence);
