namespace Zygotome.Core.Quantities;

/// <summary>Ways as they are written, in sheets, ids and sentences alike.</summary>
public static class WayWords
{
    /// <summary>"up", "down", "right", "left", "out".</summary>
    public static string Word(this Way way) => way.ToString().ToLowerInvariant();
}
