using Zygotome.Core.Journal;
using Zygotome.Core.Safety;

namespace Zygotome.Core.Bind;

/// <summary>What the motor and surfaces did when the transmitter was switched off.</summary>
public enum FailsafeBehaviour
{
    /// <summary>As the sheet declares.</summary>
    AsDeclared,

    /// <summary>The motor keeps its last setting or starts.</summary>
    MotorRuns,

    /// <summary>The motor stops, but surfaces do something else than declared.</summary>
    SurfacesDiffer,

    /// <summary>A surface goes as far as it can and stays there.</summary>
    SurfacesHardOver,
}

/// <summary>Seen within the failsafe look: the transmitter switched off, the pack still connected.</summary>
public sealed record FailsafeSeen(FailsafeBehaviour Behaviour, string Note = "") : EntryBody, IPowered
{
    public PowerState Needs(JobState state) => PowerState.Of(PoweredAct.Failsafe);

    public override Refusal? Admit(JobState state, Entry entry) =>
        Texts.Fits(Note, "body.note")
        ?? (
            state.Bind.Bound is null
                ? new Refusal("bind/not-bound", "Bind first; failsafe is proven afterwards.")
                : null
        );

    // The look is over with it: transmitter on and cut set come next.
    public override JobState Apply(JobState state, Entry entry) =>
        state
            .With(state.Safety.Act?.Act == PoweredAct.Failsafe ? state.Safety.End(state.Sheet) : state.Safety)
            .With(
                state.Bind with
                {
                    Failsafe = Behaviour,
                    FailsafeEvidence = Evidence.Of(entry, state.Bind.FailsafeEvidence?.Attempt + 1 ?? 1),
                }
            );

    public override IEnumerable<string> Shows() => [new FailsafeId().Written];

    public override string Say(JobState state) => $"Failsafe: {BindWords.Of(Behaviour)}";
}
