using Zygotome.Core.Journal;
using Zygotome.Core.Sheets.Catalogue;

namespace Zygotome.Core.Receive;

/// <summary>Another receiver than the one on the counter.</summary>
public sealed record ReceiverGiven(int Channels, ReceiverKind? Receiver = null) : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        ReceiverKind.Possible(Channels, "body.channels") ?? Receiver?.Admit("body.receiver");

    public override JobState Apply(JobState state, Entry entry) =>
        state
            .With(state.Receive with { ReceiverChannels = Channels, Receiver = Receiver })
            .Disturb(entry, $"Another receiver, {Channels} channels", DisturbanceMatrix.AnotherReceiver)
            .Set(entry, new Setting(SettingKind.Receiver), ReceiverWords(Receiver, Channels));

    internal static string ReceiverWords(ReceiverKind? receiver, int channels) =>
        $"{receiver?.Name} {channels} channels".Trim();

    public override string Say(JobState state) => $"Another receiver, {Channels} channels";
}
