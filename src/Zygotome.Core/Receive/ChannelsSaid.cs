using System.Collections.Immutable;
using Zygotome.Core.Journal;

namespace Zygotome.Core.Receive;

/// <summary>What the owner has on each channel in every model: later jobs of theirs are offered it.</summary>
/// <param name="Channels">From the first channel on; an empty one is free.</param>
public sealed record ChannelsSaid(ImmutableArray<string> Channels) : EntryBody, IRemembered
{
    public override Refusal? Admit(JobState state, Entry entry)
    {
        var said = Channels.IsDefault ? [] : Channels;
        var twice = said.Select(Trimmed).Where(c => c.Length > 0).GroupBy(c => c).FirstOrDefault(g => g.Count() > 1);
        return said.Length is 0 or > 32
                ? new Refusal("receive/channels", "Say what is on 1 to 32 channels.", "body.channels")
            : said.All(c => Trimmed(c).Length == 0)
                ? new Refusal("receive/channels", "Say what is on at least one channel.", "body.channels")
            : twice is not null
                ? new Refusal("receive/channels-twice", $"\"{twice.Key}\" is on two channels.", "body.channels")
            : said.Select((c, i) => Texts.Fits(c, $"body.channels[{i}]", 40)).FirstOrDefault(r => r is not null);
    }

    public override JobState Apply(JobState state, Entry entry) =>
        state.With(state.Receive with { Channels = [.. (Channels.IsDefault ? [] : Channels).Select(Trimmed)] });

    private static string Trimmed(string name) => name.Trim().ToLowerInvariant();

    public override string Say(JobState state) =>
        "The owner's usual channels: "
        + string.Join(
            ", ",
            (Channels.IsDefault ? [] : Channels)
                .Select((c, i) => (Name: Trimmed(c), At: i + 1))
                .Where(c => c.Name.Length > 0)
                .Select(c => $"{c.At} {c.Name}")
        );
}
