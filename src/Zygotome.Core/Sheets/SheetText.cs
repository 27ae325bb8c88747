using System.Text;
using System.Text.Json;
using System.Text.Unicode;

namespace Zygotome.Core.Sheets;

/// <summary>
/// What a sheet file must be as text before anybody reads a number in it: UTF-8, JSON as the standard has it, every
/// name once, no text that nothing can show. Asked at import only; what is on file is read as it is.
/// </summary>
public static class SheetText
{
    private const int Deepest = 32;

    /// <summary>
    /// Every mistake of a text that is to be a sheet or part of one, with its place; none where it is sound.
    /// </summary>
    public static IReadOnlyList<SheetError> Mistakes(ReadOnlySpan<byte> bytes)
    {
        var text = bytes.StartsWith("\uFEFF"u8) ? bytes[3..] : bytes;
        if (!Utf8.IsValid(text))
        {
            return [new SheetError($"byte {FirstInvalid(text) + 1}", "This is not UTF-8 text.")];
        }

        try
        {
            using var document = JsonDocument.Parse(
                text.ToArray(),
                new JsonDocumentOptions { MaxDepth = Deepest, CommentHandling = JsonCommentHandling.Disallow }
            );
            var marks = new SheetMarks();
            Walk(document.RootElement, "$", marks);
            return marks.Errors;
        }
        catch (JsonException e)
        {
            return [NotJson(e)];
        }
    }

    internal static SheetError NotJson(JsonException e) =>
        new(
            $"line {e.LineNumber + 1}, byte {e.BytePositionInLine + 1}",
            "This is not a JSON file: it breaks off or is misspelled here. Comments and commas before a closing "
                + "bracket "
                + "are not taken."
        );

    private static int FirstInvalid(ReadOnlySpan<byte> text)
    {
        for (var i = 0; i < text.Length; )
        {
            if (Rune.DecodeFromUtf8(text[i..], out _, out var taken) != System.Buffers.OperationStatus.Done)
            {
                return i;
            }

            i += taken;
        }

        return text.Length;
    }

    private static void Walk(JsonElement json, string path, SheetMarks marks)
    {
        switch (json.ValueKind)
        {
            case JsonValueKind.Object:
                var names = new HashSet<string>(StringComparer.Ordinal);
                foreach (var property in json.EnumerateObject())
                {
                    if (!Shown(property, out var name))
                    {
                        marks.Wrong(path, "A name here has half a character in it, or a control character.");
                        continue;
                    }

                    if (!names.Add(name))
                    {
                        marks.Wrong($"{path}.{name}", $"\"{name}\" stands here twice; which counts?");
                    }

                    Walk(property.Value, $"{path}.{name}", marks);
                }

                break;
            case JsonValueKind.Array:
                foreach (var (item, i) in json.EnumerateArray().Select((item, i) => (item, i)))
                {
                    Walk(item, $"{path}[{i}]", marks);
                }

                break;
            case JsonValueKind.String when !Shown(json):
                marks.Wrong(path, "This text has half a character in it, or a control character.");
                break;
        }
    }

    // A lone surrogate, written as an escape, is JSON but no text: the reader refuses to make one of it.
    private static bool Shown(JsonElement text)
    {
        try
        {
            return Shown(text.GetString()!);
        }
        catch (InvalidOperationException)
        {
            return false;
        }
    }

    private static bool Shown(JsonProperty property, out string name)
    {
        try
        {
            name = property.Name;
            return Shown(name);
        }
        catch (InvalidOperationException)
        {
            name = "";
            return false;
        }
    }

    private static bool Shown(string text) => !text.Any(c => char.IsControl(c) && c is not ('\n' or '\t'));
}
