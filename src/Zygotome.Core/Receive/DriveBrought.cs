using Zygotome.Core.Journal;

namespace Zygotome.Core.Receive;

/// <summary>
/// Motor, propeller or controller other than the kit's own. Which way that motor turns is shown anew, failsafe and
/// weight too.
/// </summary>
/// <param name="Motor">By the sheet's id.</param>
/// <param name="Kind">Null: the kit's own is in again.</param>
public sealed record DriveBrought(string Motor, DriveKind? Kind = null) : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        state.Sheet.Power.Motors.All(m => m.Id != Motor)
            ? new Refusal("receive/motor", $"This aircraft has no motor \"{Motor}\".", "body.motor")
        : Kind is null
            ? state.Receive.Drives.ContainsKey(Motor) ? null
                : new Refusal("receive/motor-own", "The kit's own is there already.", "body.kind")
        : Kind.IsEmpty ? new Refusal("receive/drive", "Say what is other than the kit's own.", "body.kind")
        : Kind.Admit("body.kind");

    public override JobState Apply(JobState state, Entry entry) =>
        state.Sheet.Power.Motors.FirstOrDefault(m => m.Id == Motor) is not { } motor
            ? state.NotSupported(entry)
            : state
                .With(
                    state.Receive with
                    {
                        Drives = Kind is null
                            ? state.Receive.Drives.Remove(Motor)
                            : state.Receive.Drives.SetItem(Motor, new DriveHeld(Kind, Evidence.Of(entry))),
                    }
                )
                .Disturb(
                    entry,
                    Say(state),
                    [.. DisturbanceMatrix.Weight, DisturbanceMatrix.Motor(motor), new(Sheets.AspectKind.Failsafe)]
                );

    public override IEnumerable<string> Shows() => [new DriveId(Motor).Written];

    public override string Say(JobState state)
    {
        var of = state.Sheet.Power.Motors.Length > 1 ? $" {Motor}" : "";
        return Kind is null ? $"The kit's own drive{of} again" : $"Drive{of}: {Kind.Words()}";
    }
}
