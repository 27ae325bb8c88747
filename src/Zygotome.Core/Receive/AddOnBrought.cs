using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;

namespace Zygotome.Core.Receive;

/// <summary>
/// Lights, camera, recorder and the like. Once the aircraft was weighed, something more aboard makes that stale.
/// </summary>
/// <param name="Port">The port it is plugged into; null of what has none.</param>
/// <param name="Why">Why it is not connected; null of what is.</param>
public sealed record AddOnBrought(
    string Name,
    Mass Mass,
    Station? At = null,
    AddOnState State = AddOnState.Recorded,
    string? Port = null,
    string? Why = null
) : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        Texts.Reason(Name, "body.name", "Say what it is.")
        ?? Texts.Fits(Name, "body.name", 80)
        ?? Mass.Outside(0, 2000, "an add-on's mass", "body.mass")
        ?? At?.Outside(-5000, 5000, "a place on this aircraft", "body.at")
        ?? Texts.Fits(Port ?? "", "body.port", 60)
        ?? (
            State == AddOnState.NotConnected
                ? Texts.Reason(Why ?? "", "body.why", "Say why it is not connected.")
                : Texts.Fits(Why ?? "", "body.why")
        );

    public override JobState Apply(JobState state, Entry entry) =>
        state
            .With(
                state.Receive with
                {
                    AddOns = state
                        .Receive.AddOns.RemoveAll(a => a.Name == Name.Trim())
                        .Add(
                            new AddOn(Name.Trim(), Mass, At, State)
                            {
                                Port = Port?.Trim() ?? "",
                                Why = State == AddOnState.NotConnected ? Why?.Trim() ?? "" : "",
                                Evidence = Evidence.Of(entry),
                            }
                        ),
                }
            )
            .Say(
                entry,
                new Setting(SettingKind.Payload, Name.Trim()),
                At is null ? $"{Mass.Text} aboard" : $"{Mass.Text} at {At.Text}"
            );

    public override IEnumerable<string> Shows() => [new AddOnId(Name.Trim()).Written];

    public override string Say(JobState state) =>
        $"{Name.Trim()}, " + Mass.Text + (State == AddOnState.Recorded ? "" : $", {ReceiveWords.Of(State)}");
}
