using System.Text.Json.Nodes;
using Zygotome.Core.Quantities;

namespace Zygotome.Core.Sheets.Editing;

/// <summary>
/// A throw printed as a falling pair, such as "16 mm to 12 mm", that was meant as two rates: the first high, the second
/// low.
/// </summary>
internal static class FallingPair
{
    private const string Reason = "A falling pair: the high rate, then the low.";

    /// <summary>
    /// Takes the first for this row, the high rate, and the second for the low rate's, which is added where there is
    /// none. The printed words stay as a statement of both.
    /// </summary>
    /// <param name="path">Such as <c>$.throws[2].up</c>.</param>
    public static Refusal? TwoRates(JsonObject file, string path)
    {
        var (at, way) = (path[..path.LastIndexOf('.')], path[(path.LastIndexOf('.') + 1)..]);
        if (
            !at.StartsWith("$.throws[", StringComparison.Ordinal)
            || file["throws"] is not JsonArray rows
            || JsonPath.Get(file, at) is not JsonObject high
        )
        {
            return new Refusal("sheet/pair", "Only a throw is said in two rates.", "path");
        }

        var stated = SheetEdits.Statements(file, path);
        var pair = stated["statements"]!
            .AsArray()
            .Select(s => QuantityParser.Parse(s?["text"]?.ToString() ?? "").OrDefault())
            .FirstOrDefault(q => q?.Form == QuantityForm.Descending);
        if (pair is null)
        {
            return new Refusal("sheet/pair", "No falling pair is printed here.", "path");
        }

        if (high["rate"]?.ToString() is { Length: > 0 } and not "high")
        {
            return new Refusal(
                "sheet/pair",
                $"This row is of the {high["rate"]} rate alone; a pair of rates cannot stand in it.",
                "path"
            );
        }

        string One(decimal value) => QuantityPrinter.Print(Quantity.Single(value, pair.Unit, pair.Way));
        var low = rows.OfType<JsonObject>()
            .FirstOrDefault(r => r != high && r["rate"]?.ToString() == "low" && Same(r, high));
        if (low is null)
        {
            low = Copy(high);
            rows.Add(low);
        }

        // What is there in proportion only, or looked for in vain, is no other statement of the manual.
        SheetEdits.Split(file, $"$.throws[{rows.IndexOf(low)}].{way}");
        var inProportion = low[way] is JsonObject o && (o.ContainsKey("assumed") || o.ContainsKey("notStated"));
        if (
            low[way] is { } already
            && !inProportion
            && QuantityParser.Parse(already.ToString()).OrDefault()?.Nominal
                != Quantity.Single(pair.Second, pair.Unit, pair.Way).Nominal
        )
        {
            return new Refusal(
                "sheet/pair",
                $"The low rate of {high["surfaces"]} already says "
                    + $"{(already is JsonValue ? already.ToString() : "something else")}.",
                "path"
            );
        }

        high["rate"] = "high";
        high[way] = Taken(stated, One(pair.First));
        low[way] = Taken(stated, One(pair.Second));
        return null;
    }

    private static JsonObject Taken(JsonObject stated, string text)
    {
        var copy = (JsonObject)stated.DeepClone();
        (copy["taken"], copy["reason"]) = (text, Reason);
        return copy;
    }

    private static readonly string[] Shared = ["surfaces", "function", "position", "measure"];

    private static bool Same(JsonObject a, JsonObject b) =>
        Shared.All(k => (a[k]?.ToString() ?? "") == (b[k]?.ToString() ?? ""));

    private static JsonObject Copy(JsonObject high)
    {
        var row = new JsonObject();
        foreach (var key in Shared.Append("page").Where(k => high[k] is not null))
        {
            row[key] = high[key]!.DeepClone();
        }

        row["rate"] = "low";
        return row;
    }
}
