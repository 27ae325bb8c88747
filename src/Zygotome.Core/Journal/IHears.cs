namespace Zygotome.Core.Journal;

/// <summary>A part of a job's state that every entry is told to, whichever stage's it is.</summary>
public interface IHears
{
    /// <summary>The part after it, before the entry itself is applied. Total.</summary>
    /// <param name="hands">Whether whoever recorded it had hands on the aircraft.</param>
    object Heard(JobState state, Entry entry, bool hands);
}
