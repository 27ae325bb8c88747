using System.Text.Json;
using System.Text.Json.Nodes;

namespace Zygotome.Core.Sheets.Editing;

/// <summary>One place where two revisions say something else.</summary>
/// <param name="Place">In words that survive a moved row: <c>throws, aileron high: up</c>.</param>
/// <param name="Before">Empty when it is new. <paramref name="After"/>: empty when it is gone.</param>
public sealed record SheetDifference(string Section, string Place, string Before, string After)
{
    /// <summary>
    /// Every difference, in the order of the newer file. Rows are matched by what they are called, not by where they
    /// stand.
    /// </summary>
    public static IReadOnlyList<SheetDifference> Between(JsonObject before, JsonObject after)
    {
        var (old, now) = (Flat(before), Flat(after));
        var changed = now.Where(p => !old.TryGetValue(p.Key, out var was) || was != p.Value)
            .Select(p => Of(p.Key, old.GetValueOrDefault(p.Key, ""), p.Value));
        return [.. changed.Concat(old.Where(p => !now.ContainsKey(p.Key)).Select(p => Of(p.Key, p.Value, "")))];
    }

    private static SheetDifference Of(string place, string before, string after)
    {
        var comma = place.IndexOfAny([',', ':']);
        return new SheetDifference(comma < 0 ? place : place[..comma], place, before, after);
    }

    private static Dictionary<string, string> Flat(JsonObject file)
    {
        var flat = new Dictionary<string, string>(StringComparer.Ordinal);
        foreach (var (name, value) in file.Where(p => p.Key is not ("$schema" or "format")))
        {
            Walk(flat, name, value);
        }

        return flat;
    }

    private static void Walk(Dictionary<string, string> flat, string at, JsonNode? node)
    {
        switch (node)
        {
            case JsonObject o when o["statements"] is JsonArray said:
                flat[Free(flat, at)] =
                    $"{string.Join(" against ", said.Select(s => $"{s?["text"]} (page {s?["page"]})"))}; "
                    + $"{(o["taken"] is { } t ? $"{t} taken" : "undecided")}";
                break;
            case JsonObject o when o["notStated"]?.GetValueKind() == JsonValueKind.True:
                flat[Free(flat, at)] = "not stated";
                break;
            case JsonObject o
                when o["assumed"] is { } inner
                    && inner.GetValueKind() is not (JsonValueKind.True or JsonValueKind.False)
                    && o.Count == 1:
                flat[Free(flat, at)] = $"{inner} (assumed)";
                break;
            case JsonObject o:
                foreach (var (name, value) in o)
                {
                    Walk(flat, at.Contains(':', StringComparison.Ordinal) ? $"{at} {name}" : $"{at}: {name}", value);
                }

                break;
            case JsonArray a when a.All(i => i is JsonValue):
                flat[Free(flat, at)] = string.Join("; ", a.Select(i => i!.ToString()));
                break;
            case JsonArray a:
                foreach (var (item, i) in a.Select((x, i) => (x, i)))
                {
                    Walk(flat, $"{at.Replace(": ", ", ", StringComparison.Ordinal)}, {Called(item, i)}", item);
                }

                break;
            default:
                flat[Free(flat, at)] = node?.GetValueKind() switch
                {
                    null => "",
                    JsonValueKind.True => "yes",
                    JsonValueKind.False => "no",
                    _ => node.ToString(),
                };
                break;
        }
    }

    private static string Called(JsonNode? item, int index)
    {
        string[] names = ["id", "name", "surfaces", "function", "rate", "position", "kind"];
        var words = item is JsonObject o
            ? names.Where(n => o[n] is JsonValue).Select(n => o[n]!.ToString()).Take(o["id"] is null ? 4 : 1).ToArray()
            : [];
        return words.Length > 0 ? string.Join(' ', words) : $"{index + 1}";
    }

    private static string Free(Dictionary<string, string> flat, string key)
    {
        for (var n = 2; flat.ContainsKey(key); n++)
        {
            key = $"{key} ({n})";
        }

        return key;
    }
}
