using Zygotome.Core.Journal;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Receive;

/// <summary>
/// Another servo in the place of the kit's own, which goes back to the owner. What was shown of what it drives is shown
/// anew, and the weight.
/// </summary>
/// <param name="Servo">The place, by the sheet's id of its servo.</param>
/// <param name="Kind">Null: the kit's own is in again.</param>
public sealed record ServoBrought(string Servo, ServoKind? Kind = null) : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        state.Sheet.Servos.All(s => s.Id != Servo)
            ? new Refusal("receive/servo", $"This aircraft has no servo \"{Servo}\".", "body.servo")
        : Kind is null
            ? state.Receive.Servos.ContainsKey(Servo) ? null
                : new Refusal("receive/servo-own", "The kit's own servo is there already.", "body.kind")
        : Kind.Admit("body.kind");

    public override JobState Apply(JobState state, Entry entry) =>
        state
            .With(
                state.Receive with
                {
                    Servos = Kind is null
                        ? state.Receive.Servos.Remove(Servo)
                        : state.Receive.Servos.SetItem(Servo, new ServoHeld(Kind, Evidence.Of(entry))),
                }
            )
            .Disturb(
                entry,
                Say(state),
                [
                    .. DisturbanceMatrix.Weight,
                    .. Driven(state)
                        .Where(d => state.Sheet.Surface(d) is not null)
                        .SelectMany(d => DisturbanceMatrix.LinkageMoved(state.Sheet, d)),
                    .. Driven(state).Select(state.Sheet.Output).OfType<OutputSpec>().Select(DisturbanceMatrix.Output),
                    .. Driven(state).Select(DisturbanceMatrix.Lead),
                ]
            );

    private IEnumerable<string> Driven(JobState state) =>
        state.Sheet.Servos.Where(s => s.Id == Servo).SelectMany(s => s.Drives);

    public override IEnumerable<string> Shows() => [new ServoId(Servo).Written];

    public override string Say(JobState state)
    {
        var place = ServoFit.Place(state.Sheet, Servo);
        return Kind is null ? $"The kit's own servo for {place} again" : $"{Kind.Name.Trim()} as the servo for {place}";
    }
}
