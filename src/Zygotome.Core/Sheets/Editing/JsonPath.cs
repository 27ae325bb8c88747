using System.Globalization;
using System.Text.Json.Nodes;

namespace Zygotome.Core.Sheets.Editing;

/// <summary>Paths such as <c>$.throws[2].up</c> in a sheet file.</summary>
public static class JsonPath
{
    /// <summary>The steps of a path: names and indices. Null when it is not one.</summary>
    public static IReadOnlyList<object>? Steps(string path)
    {
        if (path.Length > 200 || !path.StartsWith('$'))
        {
            return null;
        }

        var steps = new List<object>();
        foreach (var piece in path[1..].Split('.', StringSplitOptions.RemoveEmptyEntries))
        {
            var open = piece.IndexOf('[');
            var name = open < 0 ? piece : piece[..open];
            if (name.Length > 0)
            {
                steps.Add(name);
            }

            foreach (
                var index in open < 0 ? [] : piece[open..].Split(['[', ']'], StringSplitOptions.RemoveEmptyEntries)
            )
            {
                if (!int.TryParse(index, NumberStyles.None, CultureInfo.InvariantCulture, out var i) || i > 10_000)
                {
                    return null;
                }

                steps.Add(i);
            }
        }

        return steps.Count == 0 ? null : steps;
    }

    /// <summary>The field whatever row it is in: <c>$.throws[2].up</c> is of <c>$.throws.up</c>.</summary>
    public static string WithoutIndices(string path) =>
        string.Concat(path.Split('[').Select((p, i) => i == 0 ? p : p[(p.IndexOf(']') + 1)..]));

    /// <summary>What is there; null when nothing is.</summary>
    public static JsonNode? Get(JsonNode? root, string path)
    {
        foreach (var step in Steps(path) ?? [])
        {
            root =
                root is JsonObject { } o
                && o.TryGetPropertyValue("assumed", out var inner)
                && inner is JsonObject or JsonArray
                && step is string
                    ? inner
                    : root;
            root = step switch
            {
                string name => root is JsonObject obj ? obj[name] : null,
                int i => Unwrapped(root) is JsonArray a && i < a.Count ? a[i] : null,
                _ => null,
            };
        }

        return root;
    }

    /// <summary>
    /// Puts a value there, making objects and lists on the way; null takes it away. False when the path does not fit
    /// the file.
    /// </summary>
    public static bool Set(JsonNode root, string path, JsonNode? value)
    {
        if (Steps(path) is not { } steps)
        {
            return false;
        }

        var at = root;
        for (var i = 0; i < steps.Count - 1; i++)
        {
            var next = Child(at, steps[i]);
            if (next is null || Unwrapped(next) is JsonValue)
            {
                if (value is null)
                {
                    return true;
                }

                next = steps[i + 1] is int ? new JsonArray() : new JsonObject();
                if (!Put(at, steps[i], next))
                {
                    return false;
                }
            }

            at = Unwrapped(next)!;
        }

        return Put(at, steps[^1], value);
    }

    private static JsonNode? Child(JsonNode at, object step) =>
        (at, step) switch
        {
            (JsonObject o, string name) => o[name],
            (JsonArray a, int i) when i < a.Count => a[i],
            _ => null,
        };

    private static JsonNode? Unwrapped(JsonNode? node) =>
        node is JsonObject o && o.Count == 1 && o["assumed"] is JsonArray or JsonObject
            ? ((JsonObject)node)["assumed"]
            : node;

    private static bool Put(JsonNode at, object step, JsonNode? value)
    {
        switch (at, step)
        {
            case (JsonObject o, string name):
                if (value is null)
                {
                    o.Remove(name);
                }
                else
                {
                    o[name] = value;
                }

                return true;
            case (JsonArray a, int i) when value is null && i < a.Count:
                a.RemoveAt(i);
                return true;
            case (JsonArray a, int i) when value is not null && i < a.Count:
                a[i] = value;
                return true;
            case (JsonArray a, int i) when value is not null && i == a.Count:
                a.Add(value);
                return true;
            default:
                return false;
        }
    }
}
