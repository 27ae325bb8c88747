using System.Text.Json.Serialization;
using Zygotome.Core.Quantities;

namespace Zygotome.Core.Sheets.Catalogue;

/// <summary>A kind of plug between pack and controller.</summary>
/// <param name="Amps">What it carries for as long as a pack lasts, A.</param>
public sealed record ConnectorKind(string Name, double Amps)
{
    /// <summary>Of both halves, g; null where nobody weighed them.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public Mass? Mass { get; init; }

    /// <summary>Its shape lets it in one way round only.</summary>
    public bool Keyed { get; init; }

    internal Refusal? Admit(string where) =>
        Texts.Fits(Name, $"{where}.name", 80)
        ?? (
            double.IsFinite(Amps) && Amps is > 0 and <= 500
                ? null
                : new Refusal("catalogue/amps", $"{Amps} A is not what a plug carries; up to 500 is.", $"{where}.amps")
        )
        ?? Mass?.Outside(0, 200, "its mass", $"{where}.mass");
}
