using System.Text.Json.Serialization;

namespace Zygotome.Core.Sheets.Catalogue;

/// <summary>What the plugs that a device takes look like: wires from the signal side on.</summary>
/// <param name="Side">Where the signal side lies, as it is held: "to the print"; empty where nobody said.</param>
/// <param name="Keyed">A rib lets them in one way round only.</param>
public sealed record PlugStyle(
    WireColour Signal,
    WireColour Plus,
    WireColour Minus,
    string Side = "",
    bool Keyed = false
)
{
    /// <summary>"orange, red, brown".</summary>
    [JsonIgnore]
    public string Wires => string.Join(", ", new[] { Signal, Plus, Minus }.Select(WireColours.Of));

    internal Refusal? Admit(string where) =>
        new[] { Signal, Plus, Minus }.Distinct().Count() < 3
            ? new Refusal("catalogue/colours", "Three wires have three colours.", where)
            : Texts.Fits(Side, $"{where}.side", 60);
}
