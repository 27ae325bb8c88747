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

    public static JsonObject Parse(byte[] bytes) =>
        JsonNode
            .Parse(
                bytes.AsSpan().StartsWith(Encoding.UTF8.Preamble) ? bytes.AsSpan(3) : bytes,
                documentOptions: new JsonDocumentOptions
                {
                    CommentHandling = JsonCommentHandling.Skip,
                    AllowTrailingCommas = true,
                }
            )!
            .AsObject();

    public static byte[] Bytes(JsonObject file) => Encoding.UTF8.GetBytes(file.ToJsonString(Written) + "\n");

    public static string Name(JsonObject file) =>
        file["kit"]?["name"]?.ToString() is { Length: > 0 } name ? name : "without a name";
}
