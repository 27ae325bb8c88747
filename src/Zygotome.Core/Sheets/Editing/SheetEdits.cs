using System.Globalization;
using System.Text.Json;
using System.Text.Json.Nodes;
using Zygotome.Core.Sheets.Table;

namespace Zygotome.Core.Sheets.Editing;

/// <summary>What is done to a field or row.</summary>
public enum EditAct
{
    /// <summary>The manual says this.</summary>
    Set,

    /// <summary>Nothing is said here; the field is empty again.</summary>
    Clear,

    /// <summary>Looked for; the manual does not state it.</summary>
    NotStated,

    /// <summary>There is no such thing on this aircraft.</summary>
    NotHere,

    /// <summary>An assumed value or row is what the manual says.</summary>
    Confirm,

    /// <summary>The manual also says this, on another page.</summary>
    Also,

    /// <summary>Of several statements this one counts, for a reason.</summary>
    Take,

    /// <summary>A throw printed as a falling pair is two rates.</summary>
    TwoRates,

    AddRow,
    RemoveRow,
}

/// <summary>One edit of a draft, by its path in the file.</summary>
public sealed record SheetEdit(string Path, EditAct Act, string Text = "", string Page = "", string Reason = "")
{
    /// <summary>The paper a statement stands in, where it is another than its section's.</summary>
    public string Source { get; init; } = "";
}

/// <summary>Edits a sheet file in place of typing JSON. Everything the form does not know stays as it is.</summary>
public static class SheetEdits
{
    /// <summary>A changed copy, or what is wrong with the edit and where.</summary>
    /// <param name="by">Whose decisions they are; empty where nobody decides.</param>
    public static Outcome<JsonObject> Apply(JsonObject file, IReadOnlyList<SheetEdit> edits, string by = "")
    {
        var copy = (JsonObject)file.DeepClone();
        foreach (var (edit, i) in edits.Select((e, i) => (e, i)))
        {
            if (One(copy, edit, by) is { } refusal)
            {
                return refusal with { Where = $"edits[{i}].{refusal.Where}" };
            }
        }

        return copy;
    }

    private static Refusal? One(JsonObject file, SheetEdit edit, string by)
    {
        if (edit.Act is EditAct.AddRow or EditAct.RemoveRow)
        {
            return Row(file, edit);
        }

        if (edit.Act is EditAct.NotHere or EditAct.Clear && SheetTable.List(edit.Path) is not null)
        {
            return Put(file, edit.Path, edit.Act == EditAct.Clear ? null : new JsonObject { ["notHere"] = true });
        }

        if (edit.Act == EditAct.Confirm && SheetTable.Find(edit.Path) is null)
        {
            return Confirm(file, edit.Path);
        }

        if (SheetTable.Find(edit.Path) is not { } field)
        {
            return new Refusal("sheet/field", $"The sheet has no field {edit.Path}.", "path");
        }

        Split(file, edit.Path);
        return edit.Act switch
        {
            EditAct.Set => Value(field, edit.Text).Match(v => Put(file, edit.Path, v), r => r),
            EditAct.Clear => Put(file, edit.Path, null),
            EditAct.NotStated => Put(file, edit.Path, new JsonObject { ["notStated"] = true }),
            EditAct.NotHere => Put(file, edit.Path, new JsonObject { ["notHere"] = true }),
            EditAct.Confirm => Put(file, edit.Path, Stated(JsonPath.Get(file, edit.Path))),
            EditAct.Also => Also(file, field, edit),
            EditAct.TwoRates => FallingPair.TwoRates(file, edit.Path),
            _ => Take(file, field, edit, by),
        };
    }

    /// <summary>What was typed, as the file holds it; a bare number takes the field's unit.</summary>
    public static Outcome<JsonNode?> Value(SheetField field, string typed)
    {
        var text = typed.Trim();
        if (text.Length == 0)
        {
            return (JsonNode?)null;
        }

        if (Texts.Fits(text, "text", 4000) is { } unfit)
        {
            return unfit;
        }

        switch (field.Kind)
        {
            case FieldKind.Quantity:
                return ((IMeasured)field)
                    .Measurand.Read(text)
                    .Match<Outcome<JsonNode?>>(q => JsonValue.Create(q.Text), r => r with { Where = "text" });
            case FieldKind.Whole:
                return int.TryParse(text, NumberStyles.AllowLeadingSign, CultureInfo.InvariantCulture, out var whole)
                    ? JsonValue.Create(whole)
                    : new Refusal("sheet/whole", $"\"{text}\" is not a whole number.", "text");
            case FieldKind.Number:
                return
                    double.TryParse(
                        text.Replace(',', '.'),
                        NumberStyles.Float,
                        CultureInfo.InvariantCulture,
                        out var number
                    ) && double.IsFinite(number)
                    ? JsonValue.Create(number)
                    : new Refusal("sheet/number", $"\"{text}\" is not a number.", "text");
            case FieldKind.Flag:
                return text is "yes" or "true" ? JsonValue.Create(true)
                    : text is "no" or "false" ? JsonValue.Create(false)
                    : new Refusal("sheet/flag", "Yes or no is needed here.", "text");
            case FieldKind.Choice when field is IChoice choice && !choice.Choices.Contains(text):
                return new Refusal(
                    "sheet/choice",
                    $"\"{text}\" is not known here; known are {string.Join(", ", choice.Choices)}.",
                    "text"
                );
            case FieldKind.Texts:
                return new JsonArray([.. Pieces(text).Select(t => (JsonNode)JsonValue.Create(t))]);
            case FieldKind.Counts:
                return Counts(text);
            case FieldKind.Pairs:
                return Pairs(text);
            default:
                return JsonValue.Create(text);
        }
    }

    private static string[] Pieces(string text) =>
        text.Split([';', '\n'], StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries);

    private static Outcome<JsonNode?> Counts(string text)
    {
        var counts = new JsonObject();
        foreach (var piece in Pieces(text.Replace(',', ';')))
        {
            var space = piece.LastIndexOfAny([' ', ':']);
            if (
                space < 0
                || !int.TryParse(piece.AsSpan(space + 1), NumberStyles.None, CultureInfo.InvariantCulture, out var n)
            )
            {
                return new Refusal(
                    "sheet/counts",
                    $"\"{piece}\" needs a part and how many, such as \"screw-m3x16 4\".",
                    "text"
                );
            }

            counts[piece[..space].Trim(' ', ':')] = n;
        }

        return counts;
    }

    private static Outcome<JsonNode?> Pairs(string text)
    {
        var pairs = new JsonObject();
        foreach (var piece in Pieces(text.Replace(',', ';')))
        {
            var space = piece.IndexOfAny([' ', ':']);
            if (space < 0 || piece[space..].Trim(' ', ':') is not { Length: > 0 } word)
            {
                return new Refusal(
                    "sheet/pairs",
                    $"\"{piece}\" needs a name and its word, such as \"tail-fixing screws\".",
                    "text"
                );
            }

            pairs[piece[..space]] = word;
        }

        return pairs;
    }

    private static Refusal? Put(JsonObject file, string path, JsonNode? value) =>
        JsonPath.Set(file, path, value) ? null : new Refusal("sheet/path", $"There is nothing at {path}.", "path");

    private static Refusal? Also(JsonObject file, SheetField field, SheetEdit edit)
    {
        if (field.IsName)
        {
            return new Refusal("sheet/once", $"{field.Label} can be stated only once.", "path");
        }

        if (!Value(field, edit.Text).Try(out var said, out var refusal) || said is null)
        {
            return refusal ?? new Refusal("text/missing", "Say what the other page says.", "text");
        }

        // What is only in proportion is no statement that another could stand against.
        if (SaidNode.Of(JsonPath.Get(file, edit.Path)).Standing == FieldStanding.Assumed)
        {
            return new Refusal(
                "sheet/only-assumed",
                $"What stands here is only assumed. Say first what the manual says of {field.Label}.",
                "path"
            );
        }

        var stated = Statements(file, edit.Path);
        var statement = new JsonObject { ["text"] = said, ["page"] = edit.Page.Trim() };
        if (edit.Source.Trim() is { Length: > 0 } source)
        {
            statement["source"] = source;
        }

        // Whoever decided did not know of it.
        stated["statements"]!.AsArray().Add(statement);
        stated.Remove("taken");
        stated.Remove("reason");
        stated.Remove("by");
        return Put(file, edit.Path, stated);
    }

    private static Refusal? Take(JsonObject file, SheetField field, SheetEdit edit, string by)
    {
        if (field.IsName)
        {
            return new Refusal("sheet/once", $"{field.Label} is stated only once.", "path");
        }

        if (!Value(field, edit.Text).Try(out var taken, out var refusal) || taken is null)
        {
            return refusal ?? new Refusal("text/missing", "Say what counts.", "text");
        }

        if (Texts.Reason(edit.Reason, "reason", "Say why this one counts.") is { } reason)
        {
            return reason;
        }

        var stated = Statements(file, edit.Path);
        stated["taken"] = taken;
        stated["reason"] = edit.Reason.Trim();
        if (by.Length > 0)
        {
            stated["by"] = by;
        }

        return Put(file, edit.Path, stated);
    }

    // What is there as a list of statements; a single one becomes the first of them.
    internal static JsonObject Statements(JsonObject file, string path) =>
        Plain(JsonPath.Get(file, path)) switch
        {
            JsonObject o when o["statements"] is JsonArray => (JsonObject)o.DeepClone(),
            JsonNode one and not JsonObject => new JsonObject
            {
                ["statements"] = new JsonArray(new JsonObject { ["text"] = one.DeepClone(), ["page"] = "" }),
            },
            _ => new JsonObject { ["statements"] = new JsonArray() },
        };

    private static JsonNode? Plain(JsonNode? node) =>
        node is JsonObject o
        && o["assumed"] is { } inner
        && inner.GetValueKind() is not (JsonValueKind.True or JsonValueKind.False)
            ? inner
            : node;

    // Of a list of texts each may be marked by itself.
    private static JsonNode? Stated(JsonNode? node) =>
        Plain(node) is JsonArray list
            ? new JsonArray([.. list.Select(n => Plain(n)?.DeepClone())])
            : Plain(node)?.DeepClone();

    private static Refusal? Row(JsonObject file, SheetEdit edit)
    {
        if (edit.Act == EditAct.RemoveRow)
        {
            return edit.Path.EndsWith(']') && JsonPath.Get(file, edit.Path) is not null
                ? Put(file, edit.Path, null)
                : new Refusal("sheet/path", $"There is no row {edit.Path}.", "path");
        }

        if (SheetTable.List(edit.Path) is not { } list)
        {
            return new Refusal("sheet/list", $"There is no list {edit.Path}.", "path");
        }

        // A first row of what was said not to be here takes that back.
        if (JsonPath.Get(file, edit.Path) is JsonObject none && none.ContainsKey("notHere"))
        {
            _ = Put(file, edit.Path, new JsonArray());
        }

        var rows = JsonPath.Get(file, edit.Path) as JsonArray;
        return rows?.Count >= list.Most
            ? new Refusal("sheet/long", "This list is as long as it may be.", "path")
            : Put(file, $"{edit.Path}[{rows?.Count ?? 0}]", Fresh(list, rows));
    }

    // Ids of rows are told apart from the first moment on.
    private static JsonObject Fresh(SheetList list, JsonArray? rows)
    {
        var row = JsonNode.Parse(list.Fresh)!.AsObject();
        if (row["id"]?.GetValue<string>() is { } id)
        {
            var taken = rows?.Select(r => (r as JsonObject)?["id"]?.ToString()).ToHashSet() ?? [];
            for (var n = 2; taken.Contains(row["id"]!.ToString()); n++)
            {
                row["id"] = $"{id}-{n}";
            }
        }

        return row;
    }

    private static Refusal? Confirm(JsonObject file, string path)
    {
        if (JsonPath.Get(file, path) is not JsonObject row)
        {
            return new Refusal("sheet/path", $"There is no row {path}.", "path");
        }

        row.Remove("assumed");
        foreach (var field in SheetTable.List(path[..path.LastIndexOf('[')])?.Fields ?? [])
        {
            var at = $"{path}.{field.Name}";
            if (JsonPath.Get(file, at) is JsonObject value && Plain(value) is { } plain && plain != value)
            {
                JsonPath.Set(file, at, plain.DeepClone());
            }
        }

        return null;
    }

    // One corrected number in an assumed row does not make the maker's of the others: those stay assumed, one by one.
    internal static void Split(JsonObject file, string path)
    {
        var dot = path.LastIndexOf('.');
        var at = dot < 0 ? "" : path[..dot];
        if (
            !at.EndsWith(']')
            || JsonPath.Get(file, at) is not JsonObject row
            || row["assumed"]?.GetValueKind() != JsonValueKind.True
            || SheetTable.List(at[..at.LastIndexOf('[')]) is not { } list
        )
        {
            return;
        }

        row.Remove("assumed");
        foreach (var field in list.Fields.Where(f => f.Kind is FieldKind.Quantity or FieldKind.Whole))
        {
            if (row[field.Name] is { } value && value is not JsonObject)
            {
                row[field.Name] = new JsonObject { ["assumed"] = value.DeepClone() };
            }
        }
    }
}
