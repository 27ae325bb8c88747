using Zygotome.Core.Journal;
using Zygotome.Core.Safety;

namespace Zygotome.Core.Bind;

/// <summary>
/// Two wires of a motor were swapped, or its leads plugged again: which way it turns is to be seen again.
/// </summary>
public sealed record MotorWiresChanged(string Motor) : EntryBody, IPowered
{
    public PowerState Needs(JobState state) => PowerState.Unpowered;

    public override Refusal? Admit(JobState state, Entry entry) =>
        state.Sheet.Power.Motors.Any(m => m.Id == Motor)
            ? null
            : new Refusal(
                "bind/motor",
                $"There is no motor \"{Motor}\"; there are "
                    + $"{string.Join(", ", state.Sheet.Power.Motors.Select(m => m.Id))}.",
                "body.motor"
            );

    public override JobState Apply(JobState state, Entry entry) =>
        state.Disturb(
            entry,
            Say(state),
            state.Sheet.Power.Motors.Where(m => m.Id == Motor).Select(DisturbanceMatrix.Motor)
        );

    public override string Say(JobState state) => $"Wires of motor {Motor} plugged again";
}
