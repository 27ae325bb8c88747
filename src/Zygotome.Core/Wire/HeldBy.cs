namespace Zygotome.Core.Wire;

/// <summary>What holds a receiver, a board or a pack where it is.</summary>
public enum HeldBy
{
    Strap,
    Bead,
    Screws,
    Tape,

    /// <summary>Foam alone: it lets go in the first hard landing.</summary>
    PressFit,
}

/// <summary>How they are said.</summary>
public static class HeldWords
{
    /// <summary>"strap".</summary>
    public static string Of(HeldBy by) =>
        by == HeldBy.PressFit ? "a press fit alone" : by.ToString().ToLowerInvariant();
}
