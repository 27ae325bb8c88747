using Zygotome.Core.Journal;

namespace Zygotome.Core.Receive;

/// <summary>Which transmitter the owner brings, and what its memories hold.</summary>
public sealed record TransmitterBrought(string Name, string Memories, int? FreeMemories = null) : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        Texts.Reason(Name, "body.name", "Say which transmitter it is.")
        ?? Texts.Fits(Name, "body.name", 80)
        ?? Texts.Fits(Memories, "body.memories")
        ?? (
            FreeMemories is < 0 or > 1000
                ? new Refusal("receive/memories", $"{FreeMemories} free memories is not possible.", "body.freeMemories")
                : null
        );

    public override JobState Apply(JobState state, Entry entry) =>
        state
            .With(state.Receive with { Transmitter = new TransmitterHeld(Name.Trim(), Memories.Trim(), FreeMemories) })
            .Say(entry, new Setting(SettingKind.Transmitter), Name.Trim());

    public override string Say(JobState state) => $"Transmitter {Name.Trim()}";
}
