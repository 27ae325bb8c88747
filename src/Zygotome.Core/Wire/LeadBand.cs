namespace Zygotome.Core.Wire;

/// <summary>
/// What tells a lead's two plugs apart from all others: left ones have black bands, right ones white, others yellow,
/// and no two of a colour as many. It reads without colour too.
/// </summary>
/// <param name="Count">From 1.</param>
public sealed record LeadBand(string Colour, int Count)
{
    /// <summary>"2 black bands".</summary>
    public string Words => Count == 1 ? $"1 {Colour} band" : $"{Count} {Colour} bands";

    internal static string ColourOf(string side) =>
        side switch
        {
            "left" => "black",
            "right" => "white",
            _ => "yellow",
        };
}
