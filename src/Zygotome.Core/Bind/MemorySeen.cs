using Zygotome.Core.Journal;

namespace Zygotome.Core.Bind;

/// <summary>Which model memory the transmitter shows, read off it before the pack: another one is another
/// aircraft's.</summary>
/// <param name="Name">As it stands on the screen; <paramref name="Number"/> too, where it shows one.</param>
public sealed record MemorySeen(string Name, string Number = "") : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        state.Bind.Bound is null
            ? new Refusal("bind/not-bound", "Bind first; its memory is compared afterwards.")
            : Texts.Reason(Name, "body.name", "Read the name of the memory off the transmitter.")
                ?? Texts.Fits(Name, "body.name", 60)
                ?? Texts.Fits(Number, "body.number", 12);

    public override JobState Apply(JobState state, Entry entry) =>
        state.With(
            state.Bind with
            {
                Memory = new MemoryShown(
                    Name.Trim(),
                    Number.Trim(),
                    Evidence.Of(entry, state.Bind.Memory?.Evidence.Attempt + 1 ?? 1)
                ),
            }
        );

    public override IEnumerable<string> Shows() => [new MemoryId().Written];

    public override string Say(JobState state) => $"Memory on the transmitter: {Words(Name, Number)}";

    /// <summary>"3, NEEDLE 2"; "NEEDLE 2".</summary>
    internal static string Words(string name, string number) =>
        number.Trim().Length > 0 ? $"{number.Trim()}, {name.Trim()}" : name.Trim();
}

/// <summary>The memory that the transmitter showed.</summary>
public sealed record MemoryShown(string Name, string Number, Evidence Evidence)
{
    /// <summary>Whether it is the one that was bound; a number that was not said then is not compared.</summary>
    public bool Is(Bound bound) =>
        Name.Equals(bound.ModelMemory.Trim(), StringComparison.OrdinalIgnoreCase)
        && (bound.Number.Trim().Length == 0 || Number == bound.Number.Trim());
}
