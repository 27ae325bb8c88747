namespace Zygotome.Core.Journal;

/// <summary>What is known of the link before anything is powered through it. Total.</summary>
public interface ILinked
{
    /// <summary>The memory that was bound, as the transmitter shows it: "3, NEEDLE 2"; empty before anything
    /// was.</summary>
    string BoundMemory { get; }

    /// <summary>Whether the throttle cut was seen to hold every motor, as transmitter and wires are now.</summary>
    bool CutHolds(JobState state);
}
