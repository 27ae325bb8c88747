using System.Text;
using System.Text.Encodings.Web;
using System.Text.Json;
using System.Text.Json.Nodes;

namespace Zygotome.Server.Shop;

/// <summary>A sheet's bytes as the object that is edited, and back.</summary>
internal static class SheetFile
{
    // Readable in any editor, and the manual's own signs (±, ½) as they are.
    private static readonly JsonSerializerOptions Written = new()
    {
        WriteIndented = true,
        Encoder = JavaScriptEncoder.UnsafeRelaxedJsonEscaping,
    };

    /// <summary>
    /// Of a name that stands twice the last counts, as it does for the sheet's reader; a text with half a character in
    /// it, which an older version let in where nobody reads it, is empty. The bytes on file stay as they are.
    /// </summary>
    /// <exception cref="InvalidDataException">The bytes are no JSON object.</exception>
    public static JsonObject Parse(byte[] bytes)
    {
        try
        {
            using var document = JsonDocument.Parse(
                bytes.AsMemory(bytes.AsSpan().StartsWith(Encoding.UTF8.Preamble) ? Encoding.UTF8.Preamble.Length : 0),
                new JsonDocumentOptions { CommentHandling = JsonCommentHandling.Skip, AllowTrailingCommas = true }
            );
            return Node(document.RootElement) as JsonObject ?? throw new JsonException("no object");
        }
        catch (JsonException e)
        {
            throw new InvalidDataException("Its bytes are no sheet file.", e);
        }
    }

    private static JsonNode? Node(JsonElement json)
    {
        switch (json.ValueKind)
        {
            case JsonValueKind.Object:
                var made = new JsonObject();
                foreach (var property in json.EnumerateObject())
                {
                    made[Text(() => property.Name)] = Node(property.Value);
                }

                return made;
            case JsonValueKind.Array:
                return new JsonArray([.. json.EnumerateArray().Select(Node)]);
            case JsonValueKind.String:
                return JsonValue.Create(Text(() => json.GetString()!));
            case JsonValueKind.Null:
                return null;
            default:
                return JsonValue.Create(json.Clone());
        }
    }

    private static string Text(Func<string> read)
    {
        try
        {
            return read();
        }
        catch (InvalidOperationException)
        {
            return "";
        }
    }

    public static byte[] Bytes(JsonObject file) => Encoding.UTF8.GetBytes(file.ToJsonString(Written) + "\n");

    public static string Name(JsonObject file) =>
        file["kit"]?["name"]?.ToString() is { Length: > 0 } name ? name : "without a name";
}
