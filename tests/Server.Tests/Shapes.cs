using System.Text.Json;
using System.Text.Json.Nodes;

namespace Zygotome.Server.Tests;

/// <summary>
/// Makes bodies after a schema of the server's own document: mostly as it asks for, in places missing, null, of another
/// kind, far too large or far too long.
/// </summary>
internal sealed class Shapes(JsonElement document, Random random)
{
    private static readonly string[] Words =
    [
        "",
        " ",
        "0",
        "-1",
        "12 mm",
        "12 ± 1 mm",
        "16 to 12 mm",
        "5/8 in",
        "NaN",
        "1e400",
        "262 g",
        "65 %",
        "2400 mAh",
        "1,500",
        "12 mm to",
        "±",
        "½ in",
        "pushrod",
        "rudder",
        "wing-left",
        "J-0150",
        "slow-epoxy",
        "rule",
        "scales",
        "ostrel",
        "A",
        "manual",
        "2026-11-30",
        "0001-01-01",
        "9999-12-31",
        "2026-11-25T09:00:00Z",
        "\u202eright to left\u202c",
        "<img src=x onerror=alert(1)>",
        "'; DROP TABLE journal; --",
        "$.throws[0].up",
        "$.throws[999999999].up",
        "$..",
        "../../etc",
        "\u0000",
        "\ud83d\ude00",
        new('x', 5000),
        $"{new string('9', 400)} mm",
        "99999999999999999999 mm",
    ];

    private static readonly double[] Numbers =
    [
        0,
        1,
        -1,
        3,
        0.5,
        12,
        400,
        int.MaxValue,
        int.MinValue,
        1e15,
        -1e300,
        1e308,
    ];

    /// <param name="wild">How often, of 1, something else than the schema asks for.</param>
    public JsonNode? Of(JsonElement schema, double wild, int depth = 0)
    {
        if (random.NextDouble() < wild)
        {
            return Anything(depth);
        }

        if (schema.TryGetProperty("$ref", out var reference))
        {
            return Of(Resolve(reference.GetString()!), wild, depth);
        }

        foreach (var choice in new[] { "oneOf", "anyOf" })
        {
            if (schema.TryGetProperty(choice, out var choices))
            {
                return Of(choices[random.Next(choices.GetArrayLength())], wild, depth);
            }
        }

        if (schema.TryGetProperty("enum", out var values))
        {
            return JsonNode.Parse(values[random.Next(values.GetArrayLength())].GetRawText());
        }

        return Type(schema) switch
        {
            "object" => Object(schema, wild, depth),
            "array" => new JsonArray([
                .. Enumerable
                    .Range(0, random.Next(depth > 4 ? 1 : 4))
                    .Select(_ => schema.TryGetProperty("items", out var items) ? Of(items, wild, depth + 1) : Word()),
            ]),
            "boolean" => random.Next(2) == 0,
            "integer" => (JsonNode)(int)Math.Clamp(Numbers[random.Next(Numbers.Length)], int.MinValue, int.MaxValue),
            "number" => Numbers[random.Next(Numbers.Length)],
            "null" => null,
            _ => schema.TryGetProperty("format", out var format) && format.GetString() is "date" ? "2026-11-30"
            : schema.TryGetProperty("format", out format) && format.GetString() is "date-time" ? "2026-11-25T09:00:00Z"
            : Word(),
        };
    }

    public JsonElement Resolve(string reference) =>
        reference.Split('/')[1..].Aggregate(document, (at, name) => at.GetProperty(name));

    private JsonObject Object(JsonElement schema, double wild, int depth)
    {
        var made = new JsonObject();
        foreach (
            var property in schema.TryGetProperty("properties", out var properties) ? properties.EnumerateObject() : []
        )
        {
            if (random.NextDouble() >= wild)
            {
                made[property.Name] = Of(property.Value, wild, depth + 1);
            }
        }

        return made;
    }

    private string? Type(JsonElement schema)
    {
        if (!schema.TryGetProperty("type", out var type))
        {
            return schema.TryGetProperty("properties", out _) ? "object" : null;
        }

        return type.ValueKind == JsonValueKind.Array
            ? type[random.Next(type.GetArrayLength())].GetString()
            : type.GetString();
    }

    private JsonNode? Anything(int depth) =>
        random.Next(depth > 3 ? 5 : 7) switch
        {
            0 => null,
            1 => Word(),
            2 => Numbers[random.Next(Numbers.Length)],
            3 => random.Next(2) == 0,
            4 => new JsonArray(),
            5 => new JsonArray(Anything(depth + 1), null),
            _ => new JsonObject { ["a"] = Anything(depth + 1) },
        };

    private JsonValue Word() => JsonValue.Create(Words[random.Next(Words.Length)]);
}
