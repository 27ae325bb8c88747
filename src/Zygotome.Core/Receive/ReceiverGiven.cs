using Zygotome.Core.Journal;

namespace Zygotome.Core.Receive;

/// <summary>Another receiver than the one on the counter.</summary>
public sealed record ReceiverGiven(int Channels, ReceiverKind? Receiver = null) : EntryBody
{
    internal static Refusal? Possible(int channels, string where) =>
        channels is < 1 or > 32
            ? new Refusal(
                "receive/impossible",
                $"A receiver with {channels} channels is not possible; 1 to 32 is.",
                where
            )
            : null;

    public override Refusal? Admit(JobState state, Entry entry) =>
        Possible(Channels, "body.channels") ?? Receiver?.Admit("body.receiver");

    public override JobState Apply(JobState state, Entry entry) =>
        state
            .With(state.Receive with { ReceiverChannels = Channels, Receiver = Receiver })
            .Disturb(entry, $"Another receiver, {Channels} channels", DisturbanceMatrix.AnotherReceiver)
            .Set(entry, new Setting(SettingKind.Receiver), ReceiverWords(Receiver, Channels));

    internal static string ReceiverWords(ReceiverKind? receiver, int channels) =>
        $"{receiver?.Name} {channels} channels".Trim();

    public override string Say(JobState state) => $"Another receiver, {Channels} channels";
}
