namespace Zygotome.Core.Journal;

/// <summary>What the wiring asks to be bought. Total.</summary>
public interface IWired
{
    /// <summary>The receiver's power comes from a supply of its own: as chosen, or by the numbers.</summary>
    bool HasOwnSupply(JobState state);

    /// <summary>Every Y-lead of the map that counts: its id, what it is for, and why.</summary>
    IEnumerable<(string Id, string Name, string Why)> YLeads(JobState state);
}
