using System.Collections.Immutable;
using System.Text.Json.Nodes;
using Zygotome.Core.Quantities;

namespace Zygotome.Core.Sheets.Table;

/// <summary>What the schemas of several fields have in common, and how people are told of it.</summary>
internal static class SchemaPieces
{
    public static JsonObject Text() => new() { ["type"] = "string", ["maxLength"] = 400 };

    public static JsonObject Ref(string name) => new() { ["$ref"] = $"#/$defs/{name}" };

    public static JsonObject Enum(ImmutableArray<string> words) =>
        new() { ["enum"] = new JsonArray([.. words.Select(c => (JsonNode)JsonValue.Create(c))]) };

    /// <summary>"left, right or centre".</summary>
    public static string OneOf(ImmutableArray<string> words) =>
        words.Length == 1 ? words[0] : $"{string.Join(", ", words[..^1])} or {words[^1]}";

    /// <summary>What a field of this unit takes, as printed: a value, a band, a limit.</summary>
    public static Measurand Measurand(Unit unit) =>
        new(Named(unit), unit) { IsBand = true, Ways = Quantities.Measurand.AnyWay };

    private static string Named(Unit unit) =>
        unit.Dimension switch
        {
            Dimension.Length => "a length",
            Dimension.Mass => "a mass",
            Dimension.Angle => "an angle",
            Dimension.Percent => "a percentage",
            Dimension.Time => "a time",
            Dimension.Current => "a current",
            Dimension.Voltage => "a voltage",
            Dimension.Charge => "a charge",
            Dimension.Torque => "a torque",
            _ => "a number or range",
        };
}
