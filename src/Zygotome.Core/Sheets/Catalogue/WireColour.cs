namespace Zygotome.Core.Sheets.Catalogue;

/// <summary>Colours that makers give wires.</summary>
public enum WireColour
{
    White,
    Yellow,
    Orange,
    Red,
    Brown,
    Black,
    Grey,
    Blue,
}

/// <summary>How they are said.</summary>
public static class WireColours
{
    /// <summary>"orange".</summary>
    public static string Of(WireColour colour) => colour.ToString().ToLowerInvariant();
}
