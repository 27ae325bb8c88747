using Zygotome.Core.Journal;
using Zygotome.Core.Safety;

namespace Zygotome.Core.Bind;

/// <summary>Transmitter and receiver are bound: which model memory, which mode.</summary>
/// <param name="Mode">Stick mode 1 to 4 of the owner's transmitter.</param>
/// <param name="Method">How, as the sheet lists it: button, plug.</param>
/// <param name="Number">Of the memory, as the transmitter counts them; empty where it shows none.</param>
public sealed record Bound(string ModelMemory, int Mode, string Method, string Number = "") : EntryBody, IPowered
{
    public PowerState Needs(JobState state) => PowerState.Powered;

    public override Refusal? Admit(JobState state, Entry entry) =>
        (
            state.Aboard.ReceiverChannels == 0
                ? new Refusal("bind/no-receiver", "The receiver is still to be bought: say at Receive which it is.")
                : null
        )
        ?? Texts.Reason(ModelMemory, "body.modelMemory", "Say which model memory was bound.")
        ?? Texts.Fits(ModelMemory, "body.modelMemory", 60)
        ?? Texts.Fits(Number, "body.number", 12)
        ?? (
            Mode is < 1 or > 4 ? new Refusal("bind/mode", $"Mode {Mode} does not exist; 1 to 4 do.", "body.mode") : null
        )
        ?? (
            state.Sheet.Radio.BindMethods.Length > 0 && !state.Sheet.Radio.BindMethods.Contains(Method)
                ? new Refusal(
                    "bind/method",
                    $"The sheet binds by {string.Join(" or ", state.Sheet.Radio.BindMethods)}.",
                    "body.method"
                )
                : null
        );

    // The receiver stores its failsafe anew at each binding; what else was shown rests on the memory it was shown with.
    public override JobState Apply(JobState state, Entry entry) =>
        state
            .With(
                state.Bind with
                {
                    Bound = this,
                    RuledOut = [],
                    BoundEvidence = Evidence.Of(entry, state.Bind.BoundEvidence?.Attempt + 1 ?? 1),
                }
            )
            .Set(entry, new Setting(SettingKind.Memory), ModelMemory.Trim())
            .Disturb(entry, $"Bound to \"{ModelMemory.Trim()}\"", DisturbanceMatrix.Bound);

    public override IEnumerable<string> Shows() => [new BoundId().Written];

    public override string Say(JobState state) => $"Bound to \"{ModelMemory}\", mode {Mode}";
}
