using System.Collections.Immutable;
using System.Text.Json;
using Zygotome.Core.Journal;
using Zygotome.Core.Receive;
using Zygotome.Core.Unpack;

namespace Zygotome.Core.Job;

/// <summary>What a job leaves for later ones.</summary>
public enum MemoryTopic
{
    /// <summary>A screw taken instead of a listed one, by kit.</summary>
    Screw,

    /// <summary>What is on which channel, by owner.</summary>
    Channels,
}

/// <summary>
/// Something a job leaves for later ones, by what it is of: a kit, an owner. Made from its journal, so that it says
/// nothing the journal does not.
/// </summary>
/// <param name="Facts">JSON of what is remembered: of a screw a <see cref="RememberedScrew"/>, of channels
/// <see cref="RememberedChannels"/>.</param>
public sealed record Remembered(MemoryTopic Topic, string Of, string Facts)
{
    /// <summary>All that a job leaves as it stands.</summary>
    public static ImmutableArray<Remembered> Left(JobState state) =>
        [
            .. state
                .Unpack.Substitutes.Where(s => s.Diameter is not null && s.Length is not null)
                .Select(s => Screw(state.Sheet.Kit.Id, s, state.Receive.Number)),
            .. state.Receive.Channels.IsEmpty
                ? []
                : new[]
                {
                    new Remembered(
                        MemoryTopic.Channels,
                        state.Receive.CustomerId,
                        JsonSerializer.Serialize(
                            new RememberedChannels([.. state.Receive.Channels], state.Receive.Number),
                            EntryJson.Lenient
                        )
                    ),
                },
        ];

    private static Remembered Screw(string kit, Substitute s, string job) =>
        new(
            MemoryTopic.Screw,
            kit,
            JsonSerializer.Serialize(
                new RememberedScrew(
                    Part: s.Part,
                    Diameter: s.Diameter!.Text,
                    Length: s.Length!.Text,
                    Stack: s.Stack?.Text ?? "",
                    Depth: s.Depth?.Text ?? "",
                    Job: job
                ),
                EntryJson.Lenient
            )
        );
}

/// <summary>A screw that was taken before; sizes as they were typed, stack and depth empty where nobody
/// measured.</summary>
public sealed record RememberedScrew(
    string Part,
    string Diameter,
    string Length,
    string Stack,
    string Depth,
    string Job
);

/// <summary>What an owner had on each channel, from the first on; empty ones are free.</summary>
public sealed record RememberedChannels(ImmutableArray<string> Channels, string Job);
