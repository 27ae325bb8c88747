namespace Zygotome.Core.Journal;

/// <summary>Whether somebody measured how far a surface goes, so that what moves it costs that anew. Total.</summary>
public interface IMeasuredThrows
{
    /// <summary>Of a surface by its id; false of what is none.</summary>
    bool IsMeasured(string surface);
}
