namespace Zygotome.Core.Journal;

/// <summary>An entry that something beside its own stage may refuse: the state of power.</summary>
public interface IGuarded
{
    /// <summary>Asked last, when the stage itself would take it; null where nothing speaks against it.</summary>
    Refusal? Guarded(JobState state, Entry entry);
}
