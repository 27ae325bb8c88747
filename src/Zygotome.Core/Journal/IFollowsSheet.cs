using Zygotome.Core.Sheets;

namespace Zygotome.Core.Journal;

/// <summary>A part of a job's state that another revision changes.</summary>
public interface IFollowsSheet
{
    /// <summary>The part as it is after the job moved from one revision to another. Total.</summary>
    object Moved(SpecSheet from, SpecSheet to);
}
