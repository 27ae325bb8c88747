using System.Text.Json.Nodes;
using Zygotome.Core.Sheets.Table;

namespace Zygotome.Core.Sheets.Editing;

/// <summary>One place where two revisions say something else.</summary>
/// <param name="Section">The page of the manual.</param>
/// <param name="Place">In words that survive a moved row: <c>throw row elevon aileron low, up</c>.</param>
/// <param name="Before">Empty when it is new. <paramref name="After"/>: empty when it is gone.</param>
public sealed record SheetDifference(string Section, string Place, string Before, string After)
{
    private static readonly string[] Names = ["id", "name", "surfaces", "function", "rate", "position", "kind"];

    /// <summary>
    /// Every difference, in the order of the table. Rows are matched by what they are called, not by where they stand;
    /// what the table does not know is compared as it stands.
    /// </summary>
    public static IReadOnlyList<SheetDifference> Between(JsonObject before, JsonObject after) =>
        [
            .. SheetTable.Pages.SelectMany(p =>
                p.Fields.SelectMany(f => Field(p.Title, "", $"$.{f.Name}", f, before, after))
                    .Concat(p.Lists.SelectMany(l => List(p.Title, "", $"$.{l.Name}", l, before, after)))
            ),
            .. Unknown(before, after),
        ];

    private static IEnumerable<SheetDifference> Field(
        string section,
        string row,
        string path,
        SheetField field,
        JsonObject? before,
        JsonObject? after
    )
    {
        var (was, now) = (SaidNode.Of(JsonPath.Get(before, path)).Line, SaidNode.Of(JsonPath.Get(after, path)).Line);
        return was == now ? [] : [new SheetDifference(section, row + field.Label, was, now)];
    }

    private static IEnumerable<SheetDifference> List(
        string section,
        string within,
        string path,
        SheetList list,
        JsonObject? before,
        JsonObject? after
    )
    {
        var (old, now) = (Rows(JsonPath.Get(before, path)), Rows(JsonPath.Get(after, path)));
        return now
            .Keys.Concat(old.Keys.Where(k => !now.ContainsKey(k)))
            .SelectMany(called => Row(called, old.GetValueOrDefault(called), now.GetValueOrDefault(called)));

        IEnumerable<SheetDifference> Row(string called, JsonObject? was, JsonObject? then)
        {
            var row = $"{within}{list.One} {called}, ";
            var fields = list.Fields.SelectMany(f => Field(section, row, $"$.{f.Name}", f, was, then));
            var inner = list.Inners.SelectMany(i => List(section, row, $"$.{i.Name}", i, was, then));
            var (a, b) = (Whole(was), Whole(then));
            return a == b
                ? fields.Concat(inner)
                : fields.Concat(inner).Append(new SheetDifference(section, $"{row}all of it", a, b));
        }
    }

    // Whether a row as a whole is in proportion only; of one that is not there nothing.
    private static string Whole(JsonObject? row) =>
        row?["assumed"]?.GetValueKind() == System.Text.Json.JsonValueKind.True ? "assumed" : "";

    private static Dictionary<string, JsonObject> Rows(JsonNode? list)
    {
        var rows = new Dictionary<string, JsonObject>(StringComparer.Ordinal);
        var items = list as JsonArray ?? (list is JsonObject o ? SaidNode.Inner(o) as JsonArray : null) ?? [];
        foreach (var (row, i) in items.Select((r, i) => (r as JsonObject, i)).Where(r => r.Item1 is not null))
        {
            var called = Called(row!, i);
            for (var n = 2; rows.ContainsKey(called); n++)
            {
                called = $"{Called(row!, i)} ({n})";
            }

            rows.Add(called, row!);
        }

        return rows;
    }

    private static string Called(JsonObject row, int index)
    {
        var words = Names
            .Where(n => row[n] is JsonValue)
            .Select(n => row[n]!.ToString())
            .Take(row["id"] is null ? 4 : 1)
            .ToArray();
        return words.Length > 0 ? string.Join(' ', words) : $"{index + 1}";
    }

    // Kept and passed through: nobody can say more of it than that it is otherwise.
    private static IEnumerable<SheetDifference> Unknown(JsonObject before, JsonObject after)
    {
        string[] known =
        [
            "$schema",
            "format",
            .. SheetTable.Pages.SelectMany(p => p.Fields.Select(f => f.Name).Concat(p.Lists.Select(l => l.Name))),
        ];
        var (old, now) = (Flat(before, "", known), Flat(after, "", known));
        return now
            .Keys.Union(old.Keys)
            .Select(k => (Place: k, Was: old.GetValueOrDefault(k, ""), Is: now.GetValueOrDefault(k, "")))
            .Where(d => d.Was != d.Is)
            .Select(d => new SheetDifference("Others", d.Place, d.Was, d.Is));
    }

    private static Dictionary<string, string> Flat(JsonObject of, string at, string[] known)
    {
        var flat = new Dictionary<string, string>(StringComparer.Ordinal);
        foreach (var (name, value) in of)
        {
            var path = at + name;
            if (known.Contains(path) || known.Any(k => k.StartsWith($"{path}[", StringComparison.Ordinal)))
            {
                continue;
            }

            if (value is JsonObject inner && known.Any(k => k.StartsWith($"{path}.", StringComparison.Ordinal)))
            {
                foreach (var (place, said) in Flat(inner, $"{path}.", known))
                {
                    flat[place] = said;
                }
            }
            else
            {
                flat[path] = value?.ToJsonString() ?? "";
            }
        }

        return flat;
    }
}
