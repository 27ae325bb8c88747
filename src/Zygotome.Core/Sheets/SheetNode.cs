using System.Collections.Immutable;
using System.Text.Json;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets.Table;

namespace Zygotome.Core.Sheets;

/// <summary>What stands in a place of the file instead of a plain value.</summary>
internal enum NodeStanding
{
    /// <summary>A value, or nothing at all.</summary>
    Plain,
    NotStated,
    NotHere,
    Contradicted,
}

/// <summary>One place in the file. Reads on after a mistake, so that all of them are listed at once.</summary>
internal readonly record struct SheetNode(JsonElement Json, string Path, SheetMarks Marks)
{
    public NodeStanding Standing { get; init; }

    /// <summary>The statements with the decision, where it is contradicted; <see cref="Json"/> is then what counts, or
    /// the first of them.</summary>
    private JsonElement Contradiction { get; init; }

    public bool Exists => Json.ValueKind is not (JsonValueKind.Undefined or JsonValueKind.Null);

    /// <summary>Anything is said here, if only that the manual does not.</summary>
    public bool IsSaid => Exists || Standing != NodeStanding.Plain;

    /// <summary>Of statements against each other, one by one; mistakes in them go to other marks.</summary>
    public IEnumerable<SheetNode> Statements(SheetMarks marks)
    {
        var here = this;
        return Said(Contradiction).Select((s, i) => new SheetNode(s.Text, $"{here.Path}.statements[{i}].text", marks));
    }

    /// <summary>What was taken of them; nothing while nobody has decided.</summary>
    public SheetNode Taken => new(Member(Contradiction, "taken"), Path, Marks);

    public string Reason => Shown(Member(Contradiction, "reason"));

    public string By => Shown(Member(Contradiction, "by"));

    /// <summary>The statements as they are shown.</summary>
    public ImmutableArray<Statement> Against =>
        [.. Said(Contradiction).Select(s => new Statement(Shown(s.Text), Shown(s.Page)) { Source = Shown(s.Source) })];

    public SheetNode this[string name] =>
        Plain(
            Json.ValueKind == JsonValueKind.Object && Json.TryGetProperty(name, out var child) ? child : default,
            $"{Path}.{name}"
        );

    /// <summary>What stands below it: names with dots between; <c>at[1]</c> is the second of a list.</summary>
    public SheetNode At(string name)
    {
        var here = this;
        foreach (var piece in name.Split('.'))
        {
            var open = piece.IndexOf('[', StringComparison.Ordinal);
            here = here[open < 0 ? piece : piece[..open]];
            if (open >= 0)
            {
                here = here.Nth(piece[open + 1] - '0');
            }
        }

        return here;
    }

    private SheetNode Nth(int index)
    {
        var items = Exists ? Each(n => n) : [];
        return index < items.Length ? items[index] : new SheetNode(default, $"{Path}[{index}]", Marks);
    }

    /// <summary>A text with nothing in it.</summary>
    public bool IsEmptyText => Json.ValueKind == JsonValueKind.String && string.IsNullOrWhiteSpace(Json.GetString());

    /// <summary>Itself, or the row or section it stands in.</summary>
    public bool IsAssumed => Marks.IsAssumed(Path);

    public void Wrong(string text) => Marks.Wrong(Path, text);

    // An assumed value reads like a stated one, and of statements against each other the one that counts, else the
    // first; only the marks remember.
    private SheetNode Plain(JsonElement json, string path)
    {
        if (json.ValueKind == JsonValueKind.Object && json.TryGetProperty("assumed", out var assumed))
        {
            if (assumed.ValueKind is not JsonValueKind.False)
            {
                Marks.Assumed.Add(path);
            }

            if (assumed.ValueKind is not (JsonValueKind.True or JsonValueKind.False))
            {
                json = assumed;
            }
        }

        if (Member(json, "notStated").ValueKind == JsonValueKind.True)
        {
            return new SheetNode(default, path, Marks) { Standing = NodeStanding.NotStated };
        }

        if (Member(json, "notHere").ValueKind == JsonValueKind.True)
        {
            return new SheetNode(default, path, Marks) { Standing = NodeStanding.NotHere };
        }

        return Member(json, "statements").ValueKind == JsonValueKind.Array
            ? Contradicted(json, path)
            : new SheetNode(json, path, Marks);
    }

    private SheetNode Contradicted(JsonElement json, string path)
    {
        var taken = Member(json, "taken");
        var counts = taken.ValueKind is not (JsonValueKind.Undefined or JsonValueKind.Null);
        var node = new SheetNode(counts ? taken : Said(json).FirstOrDefault().Text, path, Marks)
        {
            Standing = NodeStanding.Contradicted,
            Contradiction = json,
        };
        if (counts)
        {
            Marks.Decided[path] = new Decided(
                Path: path,
                Statements: node.Against,
                Taken: Shown(taken),
                Reason: node.Reason,
                By: node.By
            );
        }
        else
        {
            Marks.Undecided[path] = Statement.Against(node.Against);
        }

        return node;
    }

    private static IEnumerable<(JsonElement Text, JsonElement Page, JsonElement Source)> Said(JsonElement json) =>
        Member(json, "statements") is { ValueKind: JsonValueKind.Array } all
            ? all.EnumerateArray().Select(s => (Member(s, "text"), Member(s, "page"), Member(s, "source")))
            : [];

    private static JsonElement Member(JsonElement json, string name) =>
        json.ValueKind == JsonValueKind.Object && json.TryGetProperty(name, out var member) ? member : default;

    // As people read it, whatever a file has there.
    private static string Shown(JsonElement json) =>
        json.ValueKind switch
        {
            JsonValueKind.String => json.GetString()!.Trim(),
            JsonValueKind.Array => string.Join("; ", json.EnumerateArray().Select(Shown)),
            JsonValueKind.True => "yes",
            JsonValueKind.False => "no",
            JsonValueKind.Undefined or JsonValueKind.Null => "",
            _ => json.GetRawText(),
        };

    /// <summary>An object that must be there; a missing one is one mistake, not one for each of its fields.</summary>
    public bool IsObject(bool required = true)
    {
        if (Json.ValueKind == JsonValueKind.Object)
        {
            return true;
        }

        if (required || Exists)
        {
            Wrong(Exists ? "An object is needed here." : "This part of the sheet is missing.");
        }

        return false;
    }

    public string Text(string or = "", bool required = false)
    {
        if (!Exists)
        {
            if (required)
            {
                Wrong("A text is missing here.");
            }

            return or;
        }

        if (Json.ValueKind != JsonValueKind.String)
        {
            Wrong($"A text is needed here, not {Kind()}.");
            return or;
        }

        var text = Json.GetString()!.Trim();
        if (text.Length > 400)
        {
            Wrong("This text is too long; at most 400 characters.");
        }

        return text.Length == 0 && required ? Empty(or) : text;
    }

    private string Empty(string or)
    {
        Wrong("A text is missing here.");
        return or;
    }

    public string OneOf(string or, params ReadOnlySpan<string> allowed)
    {
        var text = Text(or);
        if (!allowed.Contains(text))
        {
            Wrong($"\"{text}\" is not known here; known are {string.Join(", ", allowed.ToArray())}.");
            return or;
        }

        return text;
    }

    public int Whole(int or, int least, int most, bool required = false)
    {
        if (!Exists && !required)
        {
            return or;
        }

        if (Json.ValueKind == JsonValueKind.Number && Json.TryGetInt32(out var n) && n >= least && n <= most)
        {
            return n;
        }

        Wrong($"A whole number from {least} to {most} is needed here.");
        return or;
    }

    public double Number(double or, double least, double most)
    {
        if (!Exists)
        {
            return or;
        }

        if (Json.ValueKind == JsonValueKind.Number && Json.TryGetDouble(out var n) && n >= least && n <= most)
        {
            return n;
        }

        Wrong($"A number from {least} to {most} is needed here.");
        return or;
    }

    public bool Flag()
    {
        if (Exists && Json.ValueKind is not (JsonValueKind.True or JsonValueKind.False))
        {
            Wrong($"true or false is needed here, not {Kind()}.");
        }

        return Json.ValueKind == JsonValueKind.True;
    }

    /// <summary>
    /// A quantity as printed, with its unit: the file says it by itself. Null where it is none.
    /// </summary>
    public Quantity? Quantity(Measurand of)
    {
        if (!Exists)
        {
            return null;
        }

        var text = Text();
        if (Json.ValueKind != JsonValueKind.String || text.Length == 0)
        {
            return null;
        }

        if (QuantityParser.Parse(text).Try(out var quantity, out var refusal) && of.Wrong(quantity) is null)
        {
            return quantity;
        }

        Wrong((refusal ?? of.Wrong(quantity!))!.Text);
        return null;
    }

    /// <summary>
    /// A single canonical number, within limits that any model aircraft keeps; null where it is none.
    /// </summary>
    public double? Measure(Measurand of, Limits within)
    {
        if (Quantity(of) is not { } quantity)
        {
            return null;
        }

        if (quantity.Form is QuantityForm.Descending or QuantityForm.Range)
        {
            Wrong($"\"{quantity.Text}\" is two numbers; one is needed here.");
        }

        var value = (double)quantity.Nominal;
        if (value < within.Least || value > within.Most)
        {
            Wrong($"\"{quantity.Text}\" is outside {within.Least} to {within.Most} {of.Units[0]}.");
        }

        return value;
    }

    public ImmutableArray<T> Each<T>(Func<SheetNode, T> read, bool required = false, int most = 500)
    {
        if (!Exists)
        {
            if (required)
            {
                Wrong("This list is missing.");
            }

            return [];
        }

        if (Json.ValueKind != JsonValueKind.Array)
        {
            Wrong($"A list is needed here, not {Kind()}.");
            return [];
        }

        if (Json.GetArrayLength() > most)
        {
            Wrong($"This list is too long; at most {most} entries.");
            return [];
        }

        var here = this;
        return [.. Json.EnumerateArray().Select((item, i) => read(here.Plain(item, $"{here.Path}[{i}]")))];
    }

    public ImmutableArray<string> Texts() => Each(n => n.Text(required: true));

    public IEnumerable<(string Name, SheetNode Node)> Fields()
    {
        if (!Exists || !IsObject())
        {
            return [];
        }

        var here = this;
        return Json.EnumerateObject()
            .DistinctBy(p => p.Name)
            .Select(p => (p.Name, here.Plain(p.Value, $"{here.Path}.{p.Name}")));
    }

    private string Kind() =>
        Json.ValueKind switch
        {
            JsonValueKind.Number => "a number",
            JsonValueKind.String => "a text",
            JsonValueKind.Object => "an object",
            JsonValueKind.Array => "a list",
            JsonValueKind.True or JsonValueKind.False => "true or false",
            _ => "nothing",
        };
}
