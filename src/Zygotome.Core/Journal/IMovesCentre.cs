namespace Zygotome.Core.Journal;

/// <summary>What brings the centre of gravity a little to either side of where it was weighed. Total.</summary>
public interface IMovesCentre
{
    /// <summary>
    /// What to move or fit for the next small step, and where the centre then lies; refused where the sheet's range
    /// ends, nothing was weighed, or nothing can be moved.
    /// </summary>
    Outcome<string> Step(JobState state, bool aft);
}
