using System.Collections.Immutable;

namespace Zygotome.Core.Journal;

/// <summary>Whether somebody measured how far a surface goes, so that what moves it costs that anew. Total.</summary>
public interface IMeasuredThrows
{
    /// <summary>Of a surface by its id; false of what is none.</summary>
    bool IsMeasured(string surface);

    /// <summary>The lines that measure what a surface does for a command; empty where none is asked.</summary>
    ImmutableArray<RequirementId> Lines(JobState state, string surface, string function);
}
