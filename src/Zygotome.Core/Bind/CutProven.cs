using Zygotome.Core.Journal;
using Zygotome.Core.Safety;

namespace Zygotome.Core.Bind;

/// <summary>What the motors did with the cut set and the stick moved up.</summary>
public enum CutSeen
{
    /// <summary>Every shaft stood still.</summary>
    Still,

    /// <summary>A motor turned all the same.</summary>
    Turned,
}

/// <summary>
/// Seen within the look at the throttle cut: it is set, the stick goes all the way up, propellers off, wires on; the
/// shafts stand still or they do not.
/// </summary>
/// <param name="On">The switch or stick it is on, as the owner finds it.</param>
public sealed record CutProven(string On, CutSeen Seen) : EntryBody, IPowered
{
    public PowerState Needs(JobState state) => PowerState.Of(PoweredAct.CutProof);

    public override Refusal? Admit(JobState state, Entry entry) =>
        !LampBoard.HasMotor(state.Sheet)
            ? new Refusal("bind/no-motor", "There is no motor on this aircraft, and nothing to cut.")
        : state.Safety.Act?.Act == PoweredAct.CutProof
        && state
            .Sheet.Power.Motors.Select(m => new LampId(LampKind.Wires, m.Id))
            .FirstOrDefault(w => state.Safety.Known(state.Sheet, w, entry) != LampIs.On)
            is { Of.Length: > 0 } wires
            ? wires.Refused("lamps/wires", $"Motor {wires.Of} could turn only with its wires on: look, and say so.")
        : Texts.Reason(On, "body.on", "Say which switch the throttle cut is on.") ?? Texts.Fits(On, "body.on", 60);

    // The look is over with it; the cut stays set.
    public override JobState Apply(JobState state, Entry entry) =>
        state
            .With(state.Safety.Act?.Act == PoweredAct.CutProof ? state.Safety.End(state.Sheet) : state.Safety)
            .With(
                state.Bind with
                {
                    Cut = new CutShown(On.Trim(), Seen, Evidence.Of(entry, state.Bind.Cut?.Evidence.Attempt + 1 ?? 1)),
                }
            );

    public override IEnumerable<string> Shows() => [new CutId().Written];

    public override string Say(JobState state) => $"Throttle cut on {On.Trim()}: {BindWords.Of(Seen)}";
}

/// <summary>How the throttle cut was proven, and which switch it is on.</summary>
public sealed record CutShown(string On, CutSeen Seen, Evidence Evidence);
