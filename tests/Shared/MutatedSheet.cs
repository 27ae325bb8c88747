using System.Text;
using System.Text.Json.Nodes;
using Zygotome.Core.Job;
using Zygotome.Core.Sheets;

namespace Zygotome.Tests;

/// <summary>
/// A demo sheet with something wrong: lists emptied, rows doubled, statements contradicted, references that lead
/// nowhere, fields taken out or of another kind. Read as one that is on file.
/// </summary>
internal static class MutatedSheet
{
    private const string Contradicted =
        """{ "statements": [{ "text": "1 mm", "page": "2" }, { "text": "9 mm", "page": "7" }], "reason": "" }""";

    private static readonly string[] Odd =
    [
        "nowhere",
        "",
        "9999999999 mm",
        "-5 mm",
        "0 mm",
        "16 to 12 mm",
        "12 deg",
        "100 %",
        "x",
        "aileron",
        "left",
    ];

    /// <summary>Null where the file is no sheet any more.</summary>
    public static (SpecSheet? Sheet, byte[] Bytes) Of(string text, Random random)
    {
        var file = JsonNode.Parse(text)!.AsObject();
        for (var n = random.Next(1, 7); n > 0; n--)
        {
            var nodes = All(file).Where(p => p.Parent is not null && Root(p) != "format").ToArray();
            Change(nodes[random.Next(nodes.Length)], random);
        }

        var bytes = Encoding.UTF8.GetBytes(file.ToJsonString());
        return (SheetDoor.OnFile(bytes).Sheet, bytes);
    }

    private static void Change(JsonNode node, Random random)
    {
        switch (random.Next(6))
        {
            case 0 when node is JsonArray list:
                list.Clear();
                break;
            case 1 when node is JsonArray { Count: > 0 } list:
                list.Add(list[random.Next(list.Count)]?.DeepClone());
                break;
            case 2 when node is JsonValue:
                node.ReplaceWith(JsonNode.Parse(Contradicted));
                break;
            case 3 when node.Parent is JsonObject parent:
                parent.Remove(node.GetPropertyName());
                break;
            case 4 when node is JsonValue:
                node.ReplaceWith(JsonValue.Create(Odd[random.Next(Odd.Length)]));
                break;
            default:
                node.ReplaceWith(
                    random.Next(3) switch
                    {
                        0 => (JsonNode)1e9,
                        1 => new JsonArray("nowhere"),
                        _ => new JsonObject(),
                    }
                );
                break;
        }
    }

    private static string Root(JsonNode node)
    {
        while (node.Parent?.Parent is not null)
        {
            node = node.Parent;
        }

        return node.GetPropertyName();
    }

    private static IEnumerable<JsonNode> All(JsonNode node) =>
        node switch
        {
            JsonObject o => o.Where(p => p.Value is not null).SelectMany(p => All(p.Value!)).Prepend(node),
            JsonArray a => a.Where(i => i is not null).SelectMany(i => All(i!)).Prepend(node),
            _ => [node],
        };
}
