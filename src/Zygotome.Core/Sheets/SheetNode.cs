using System.Collections.Immutable;
using System.Text.Json;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets.Table;

namespace Zygotome.Core.Sheets;

/// <summary>One place in the file. Reads on after a mistake, so that all of them are listed at once.</summary>
internal readonly record struct SheetNode(JsonElement Json, string Path, SheetMarks Marks)
{
    public bool Exists => Json.ValueKind is not (JsonValueKind.Undefined or JsonValueKind.Null);

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

    /// <summary>Whether statements against each other stand here, and nobody has decided.</summary>
    public bool IsUndecided => Marks.Undecided.Contains(Path);

    public void Wrong(string text) => Marks.Wrong(Path, text);

    // An assumed value reads like a stated one; only the mark remembers that the maker did not print it.
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

        if (
            json.ValueKind == JsonValueKind.Object
            && json.TryGetProperty("notStated", out var notStated)
            && notStated.ValueKind == JsonValueKind.True
        )
        {
            Marks.NotStated.Add(path);
            json = default;
        }

        return new SheetNode(json, path, Marks);
    }

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

    public Quantity? Quantity(Dimension dimension, bool required = false)
    {
        if (!Exists && !required)
        {
            return null;
        }

        if (Json.ValueKind == JsonValueKind.Object)
        {
            var stated = Stated(dimension);
            return stated?.Taken
                ?? (
                    stated?.Statements is [var first, ..]
                        ? QuantityParser.Parse(first.Text, dimension).OrDefault()
                        : null
                );
        }

        var text = Text(required: required);
        if (Json.ValueKind != JsonValueKind.String || text.Length == 0)
        {
            return null;
        }

        if (QuantityParser.Parse(text, dimension).Try(out var quantity, out var refusal))
        {
            return quantity;
        }

        Wrong(refusal.Text);
        return null;
    }

    /// <summary>A single canonical number, within limits that any model aircraft keeps.</summary>
    public double Measure(Dimension dimension, Limits within, double? or = null)
    {
        var quantity = Quantity(dimension, required: or is null);
        if (quantity is null)
        {
            return or ?? within.Least;
        }

        if (quantity.Form is QuantityForm.Descending or QuantityForm.Range)
        {
            Wrong($"\"{quantity.Text}\" is two numbers; one is needed here.");
        }

        var value = (double)quantity.Nominal;
        if (value < within.Least || value > within.Most)
        {
            Wrong($"\"{quantity.Text}\" is outside {within.Least} to {within.Most} {QuantityUnit(dimension)}.");
        }

        return value;
    }

    private static string QuantityUnit(Dimension d) =>
        d switch
        {
            Dimension.Length => "mm",
            Dimension.Mass => "g",
            Dimension.Angle => "degrees",
            Dimension.Time => "minutes",
            _ => "",
        };

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

    /// <summary>
    /// A field that may hold one statement, or several that contradict each other with the decision taken.
    /// </summary>
    public Stated<Quantity>? Stated(Dimension? dimension)
    {
        if (!Exists)
        {
            return null;
        }

        if (Json.ValueKind == JsonValueKind.Object)
        {
            var statements = this["statements"]
                .Each(s => new Statement(s["text"].Text(required: true), s["page"].Text()), required: true);
            var taken =
                dimension is { } d ? this["taken"].Quantity(d)
                : this["taken"].Exists ? this["taken"].Throw()
                : null;
            return Made(taken, statements, this["reason"].Text());
        }

        var only = dimension is { } one ? Quantity(one, required: true) : Throw();
        return only is null
            ? null
            : Made(
                only,
                [new Statement(only.Text, "")],
                only.Form == QuantityForm.Descending
                    ? "A descending pair: a band, or two rates? Nobody has decided yet."
                    : ""
            );
    }

    private Stated<Quantity> Made(Quantity? taken, ImmutableArray<Statement> statements, string reason)
    {
        var decided = taken?.Form == QuantityForm.Descending ? null : taken;
        if (decided is null)
        {
            Marks.Undecided.Add(Path);
        }

        return new Stated<Quantity>(decided, statements, reason) { Assumed = IsAssumed };
    }

    // A throw is a length, an angle or a share of travel.
    private Quantity? Throw()
    {
        var text = Text(required: true);
        if (!QuantityParser.Parse(text).Try(out var q, out var refusal))
        {
            if (text.Length > 0)
            {
                Wrong(refusal.Text);
            }

            return null;
        }

        if (q.Dimension is Dimension.Length or Dimension.Angle or Dimension.Percent)
        {
            return q;
        }

        Wrong($"\"{text}\" is not a throw; a length, an angle or a percentage is needed here.");
        return null;
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
