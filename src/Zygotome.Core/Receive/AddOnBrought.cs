using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;

namespace Zygotome.Core.Receive;

/// <summary>
/// Lights, camera, recorder and the like. Once the aircraft was weighed, something more aboard makes that stale.
/// </summary>
public sealed record AddOnBrought(string Name, Mass Mass, Station? At = null, AddOnState State = AddOnState.Recorded)
    : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        Texts.Reason(Name, "body.name", "Say what it is.")
        ?? Texts.Fits(Name, "body.name", 80)
        ?? Mass.Outside(0, 2000, "an add-on's mass", "body.mass")
        ?? At?.Outside(-5000, 5000, "a place on this aircraft", "body.at");

    public override JobState Apply(JobState state, Entry entry) =>
        state
            .With(
                state.Receive with
                {
                    AddOns = state
                        .Receive.AddOns.RemoveAll(a => a.Name == Name.Trim())
                        .Add(new AddOn(Name.Trim(), Mass, At, State)),
                }
            )
            .Say(
                entry,
                new Setting(SettingKind.Payload, Name.Trim()),
                At is null ? $"{Mass.Text} aboard" : $"{Mass.Text} at {At.Text}"
            );

    public override string Say(JobState state) =>
        $"{Name.Trim()}, " + Mass.Text + (State == AddOnState.Recorded ? "" : $", {ReceiveWords.Of(State)}");
}
