using Zygotome.Core.Journal;
using Zygotome.Core.Safety;

namespace Zygotome.Core.Wire;

/// <summary>How a servo was made to answer the other way round, so that it may share a signal.</summary>
public enum TurnedBy
{
    /// <summary>Its rod is on the other side of its arm.</summary>
    ArmSide,

    /// <summary>A reverser is in its lead.</summary>
    InLineReverser,

    /// <summary>A servo that turns the other way took its place.</summary>
    ReversedServo,
}

/// <summary>A servo goes the other way on the same signal now.</summary>
public sealed record ServoTurned(string Servo, TurnedBy By) : EntryBody, IPowered
{
    /// <summary>No plug is moved under power.</summary>
    public PowerState Needs(JobState state) => PowerState.Unstated;

    public override Refusal? Admit(JobState state, Entry entry) =>
        state.Sheet.Servos.All(s => s.Id != Servo)
            ? new Refusal("wire/servo", $"This aircraft has no servo \"{Servo}\".", "body.servo")
            : null;

    public override JobState Apply(JobState state, Entry entry)
    {
        var turned = state.With(
            state.Wire with
            {
                Turned = state.Wire.Turned.SetItem(Servo, state.Wire.Turned.GetValueOrDefault(Servo) + 1),
            }
        );
        var moves = state.Sheet.Servos.Where(s => s.Id == Servo).SelectMany(s => s.Drives).ToArray();
        return turned.Disturb(
            entry,
            Say(state),
            [
                .. By == TurnedBy.ArmSide ? [] : DisturbanceMatrix.Weight,
                .. moves
                    .Where(m => state.Sheet.Surface(m) is not null)
                    .SelectMany(m => DisturbanceMatrix.LinkageMoved(state.Sheet, m)),
                .. moves.Select(state.Sheet.Output).OfType<Sheets.OutputSpec>().Select(DisturbanceMatrix.Output),
            ]
        );
    }

    /// <summary>As it is chosen at the bench.</summary>
    public static string Words(TurnedBy by) =>
        by switch
        {
            TurnedBy.ArmSide => "rod on the other side of the arm",
            TurnedBy.InLineReverser => "a reverser in its lead",
            _ => "a reversed servo",
        };

    public override string Say(JobState state) => $"{Wiring.Of(state).Consumer(Servo)?.Name ?? Servo}: {Words(By)}";
}
