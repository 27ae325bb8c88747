using Zygotome.Core.Journal;

namespace Zygotome.Core.Receive;

/// <summary>Which transmitter the owner brings, and what its memories hold.</summary>
/// <param name="Protocol">What it speaks, one or several with commas; null where nobody knows.</param>
public sealed record TransmitterBrought(string Name, string Memories, int? FreeMemories = null, string? Protocol = null)
    : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        Texts.Reason(Name, "body.name", "Say which transmitter it is.")
        ?? Texts.Fits(Name, "body.name", 80)
        ?? Texts.Fits(Memories, "body.memories")
        ?? Texts.Fits(Protocol ?? "", "body.protocol", 120)
        ?? (
            FreeMemories is < 0 or > 1000
                ? new Refusal("receive/memories", $"{FreeMemories} free memories is not possible.", "body.freeMemories")
                : null
        );

    public override JobState Apply(JobState state, Entry entry) =>
        state
            .With(
                state.Receive with
                {
                    Transmitter = new TransmitterHeld(
                        Name.Trim(),
                        Memories.Trim(),
                        FreeMemories,
                        Protocol?.Trim() ?? ""
                    ),
                }
            )
            .Say(entry, new Setting(SettingKind.Transmitter), Name.Trim());

    public override string Say(JobState state) => $"Transmitter {Name.Trim()}";
}
