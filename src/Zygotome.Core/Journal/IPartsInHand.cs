using Zygotome.Core.Sheets;

namespace Zygotome.Core.Journal;

/// <summary>What was counted out of the box, as steps see it.</summary>
public interface IPartsInHand
{
    /// <summary>How many of a part are there for this step, less what other steps took when they were begun.</summary>
    int Left(JobState state, StepSpec step, string part);

    /// <summary>How many of a part are there that no step took yet.</summary>
    int Spare(JobState state, string part);

    /// <summary>Whether somebody said that a bag is counted: what is not there then is missing.</summary>
    bool IsCounted(string bag);
}
