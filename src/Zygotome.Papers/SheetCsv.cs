using System.Globalization;
using System.Text;
using System.Text.Encodings.Web;
using System.Text.Json;
using System.Text.Json.Nodes;
using CsvHelper;
using CsvHelper.Configuration;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Editing;
using Zygotome.Core.Sheets.Table;

namespace Zygotome.Papers;

/// <summary>Rows read from a table file, or every mistake in it with its line.</summary>
public sealed record CsvRows(JsonArray? Rows, IReadOnlyList<SheetError> Mistakes);

/// <summary>
/// Parts list, throws and steps as CSV, without loss: a last column says what is not the maker's, and what the manual
/// says twice. Written with commas, every cell in quotes, so that no kind of line break ends it,
/// UTF-8 with a byte-order mark; a cell that a table program would run as a formula gets an apostrophe before it, which
/// reading takes off again. Reads commas, semicolons and tabs, decimal commas, with or without the mark.
/// </summary>
public static class SheetCsv
{
    private const int MostLines = SpecSheet.MostParts;

    /// <summary>The lists of a sheet that are written as tables.</summary>
    public static IReadOnlyList<string> Lists { get; } = ["parts", "throws", "steps"];

    /// <summary>
    /// The column that says what the cells of its row cannot, as JSON by column: <c>"assumed"</c>, <c>"notStated"</c>,
    /// the statements against each other, members this program does not know; <c>row</c> for all of it. Empty where all
    /// of it is the maker's.
    /// </summary>
    public const string Provenance = "provenance";

    private const string WholeRow = "row",
        Assumed = "assumed",
        NotStated = "notStated";

    private static readonly string[] Separators = [",", ";", "\t"];

    /// <summary>Columns of a list, as they are named in the header: a field's path within its row.</summary>
    private static SheetList List(string name) => SheetTable.List("$." + name)!;

    public static byte[] Write(JsonObject sheet, string list)
    {
        var spec = List(list);
        using var text = new StringWriter(CultureInfo.InvariantCulture);
        var written = new CsvConfiguration(CultureInfo.InvariantCulture) { NewLine = "\r\n", ShouldQuote = _ => true };
        using (var csv = new CsvWriter(text, written))
        {
            foreach (var field in spec.Fields)
            {
                csv.WriteField(field.Name);
            }

            csv.WriteField(Provenance);
            csv.NextRecord();
            foreach (var i in Enumerable.Range(0, (JsonPath.Get(sheet, "$." + list) as JsonArray)?.Count ?? 0))
            {
                foreach (var field in spec.Fields)
                {
                    csv.WriteField(Harmless(Cell(JsonPath.Get(sheet, $"$.{list}[{i}].{field.Name}"))));
                }

                csv.WriteField(Whose(JsonPath.Get(sheet, $"$.{list}[{i}]") as JsonObject, spec));
                csv.NextRecord();
            }
        }

        return [.. Encoding.UTF8.Preamble, .. Encoding.UTF8.GetBytes(text.ToString())];
    }

    public static CsvRows Read(byte[] bytes, string list)
    {
        var spec = List(list);
        string text;
        try
        {
            text = new UTF8Encoding(false, throwOnInvalidBytes: true).GetString(
                bytes.AsSpan().StartsWith(Encoding.UTF8.Preamble) ? bytes.AsSpan(3) : bytes
            );
        }
        catch (DecoderFallbackException)
        {
            return new CsvRows(
                null,
                [new SheetError("line 1", "This is not UTF-8 text; save the table as CSV, UTF-8.")]
            );
        }

        var first = text.Split('\n', 2)[0];
        var separator = Separators.MaxBy(s => first.Split(s).Length)!;
        var mistakes = new List<SheetError>();
        var rows = new JsonArray();
        using var csv = new CsvReader(
            new StringReader(text),
            new CsvConfiguration(CultureInfo.InvariantCulture)
            {
                Delimiter = separator,
                BadDataFound = null,
                MissingFieldFound = null,
                TrimOptions = TrimOptions.Trim,
                IgnoreBlankLines = true,
            }
        );
        if (!csv.Read() || !csv.ReadHeader() || csv.HeaderRecord is null)
        {
            return new CsvRows(
                null,
                [new SheetError("line 1", "The file is empty; its first line names the columns.")]
            );
        }

        var columns = csv
            .HeaderRecord.Select(h =>
                spec.Fields.FirstOrDefault(f =>
                    f.Name.Equals(h.Trim(), StringComparison.OrdinalIgnoreCase)
                    || f.Label.Equals(h.Trim(), StringComparison.OrdinalIgnoreCase)
                )
            )
            .ToArray();
        var provenance = Array.FindIndex(
            csv.HeaderRecord,
            h => h.Trim().Equals(Provenance, StringComparison.OrdinalIgnoreCase)
        );
        mistakes.AddRange(
            csv.HeaderRecord.Where((h, i) => columns[i] is null && i != provenance && h.Trim().Length > 0)
                .Select(h => new SheetError(
                    "line 1",
                    $"There is no column \"{h.Trim()}\"; known are "
                        + $"{string.Join(", ", spec.Fields.Select(f => f.Name))}."
                ))
        );
        while (csv.Read())
        {
            if (rows.Count >= MostLines)
            {
                return new CsvRows(
                    null,
                    [
                        new SheetError(
                            $"line {csv.Parser.RawRow}",
                            $"This list is longer than {MostLines} lines; that is no kit's list. Nothing was taken."
                        ),
                    ]
                );
            }

            var row = Row(csv, columns, mistakes);
            if (provenance >= 0 && csv.GetField(provenance) is { Length: > 0 } whose)
            {
                if (Said(row, spec, whose) is { } mistake)
                {
                    mistakes.Add(new SheetError($"line {csv.Parser.RawRow}, {Provenance}", mistake));
                }
            }

            rows.Add(row);
        }

        return new CsvRows(mistakes.Count == 0 ? rows : null, mistakes);
    }

    private static JsonObject Row(CsvReader csv, SheetField?[] columns, List<SheetError> mistakes)
    {
        var row = new JsonObject();
        for (var i = 0; i < columns.Length; i++)
        {
            if (columns[i] is not { } field || csv.GetField(i) is not { Length: > 0 } cell)
            {
                continue;
            }

            if (!SheetEdits.Value(field, Unharmed(cell)).Try(out var value, out var refusal))
            {
                mistakes.Add(new SheetError($"line {csv.Parser.RawRow}, {field.Name}", refusal.Text));
            }
            else if (value is not null)
            {
                JsonPath.Set(row, "$." + field.Name, value);
            }
        }

        if (row.ContainsKey("name") && !row.ContainsKey("id"))
        {
            row["id"] = Core.Sheets.Archetypes.ArchetypeSheet.IdOf(row["name"]!.ToString());
        }

        return row;
    }

    // What the cells of a row cannot say by themselves.
    private static string Whose(JsonObject? row, SheetList spec)
    {
        var whose = new JsonObject();
        if (row?[Assumed]?.GetValueKind() == JsonValueKind.True)
        {
            whose[WholeRow] = Assumed;
        }

        foreach (var field in spec.Fields)
        {
            if (JsonPath.Get(row, "$." + field.Name) is not { } node || Says(field, node))
            {
                continue;
            }

            whose[field.Name] =
                Is(node, NotStated) && node[NotStated]!.GetValueKind() == JsonValueKind.True ? NotStated
                : Is(node, Assumed) && Says(field, node[Assumed]!) ? Assumed
                : node.DeepClone();
        }

        Unknown(row ?? [], "", spec, whose);
        return whose.Count > 0 ? whose.ToJsonString(Readable) : "";

        static bool Is(JsonNode node, string name) => node is JsonObject { Count: 1 } o && o[name] is not null;
    }

    // Whether a cell, read again, says just this.
    private static bool Says(SheetField field, JsonNode node) =>
        node is not JsonObject { Count: 0 }
        && SheetEdits.Value(field, Cell(node)).Try(out var read, out _)
        && JsonNode.DeepEquals(node, read);

    // Members that the table has no row for are passed through, here too.
    private static void Unknown(JsonObject of, string at, SheetList spec, JsonObject whose)
    {
        foreach (var (name, value) in of)
        {
            var path = at + name;
            if (path == Assumed || spec.Fields.Any(f => f.Name == path || f.Name.StartsWith($"{path}[", Ordinal)))
            {
                continue;
            }

            if (value is JsonObject inner && spec.Fields.Any(f => f.Name.StartsWith($"{path}.", Ordinal)))
            {
                Unknown(inner, $"{path}.", spec, whose);
            }
            else
            {
                whose[path] = value?.DeepClone();
            }
        }
    }

    private const StringComparison Ordinal = StringComparison.Ordinal;

    // What is wrong with it; null when the row says it now.
    private static string? Said(JsonObject row, SheetList spec, string whose)
    {
        if (SheetText.Mistakes(Encoding.UTF8.GetBytes(whose)) is [var wrong, ..])
        {
            return $"This is to be JSON by column, such as {{\"up\":\"assumed\"}}. {wrong.Text}";
        }

        if (JsonNode.Parse(whose) is not JsonObject read)
        {
            return "This is to be JSON by column, such as {\"up\":\"assumed\"}.";
        }

        foreach (var (name, said) in read)
        {
            var path = "$." + name;
            var word = said?.GetValueKind() == JsonValueKind.String ? said.ToString() : "";
            if (Against(row, spec, name, word, said) is { } against)
            {
                return against;
            }

            if (name == WholeRow)
            {
                row[Assumed] = true;
            }
            else if (word == Assumed && JsonPath.Get(row, path) is not { })
            {
                return $"\"{name}\" is empty here; nothing is assumed.";
            }
            else if (
                !JsonPath.Set(
                    row,
                    path,
                    word switch
                    {
                        Assumed => new JsonObject { [Assumed] = JsonPath.Get(row, path)!.DeepClone() },
                        NotStated => new JsonObject { [NotStated] = true },
                        _ => said?.DeepClone(),
                    }
                )
            )
            {
                return $"There is no place \"{name}\" in a row.";
            }
        }

        return null;
    }

    // A cell that somebody changed in a table program is not undone by what stood beside it.
    private static string? Against(JsonObject row, SheetList spec, string name, string word, JsonNode? said)
    {
        var cell = spec.Fields.Any(f => f.Name == name) ? Cell(JsonPath.Get(row, $"$.{name}")) : "";
        var other = word == NotStated ? "that it is not stated" : Cell(said);
        return cell.Length > 0 && word != Assumed && cell != other
            ? $"\"{name}\" says {cell} in its cell, and {other} here. Empty the one that does not hold."
            : null;
    }

    private static readonly JsonSerializerOptions Readable = new()
    {
        Encoder = JavaScriptEncoder.UnsafeRelaxedJsonEscaping,
    };

    private static string Cell(JsonNode? node) =>
        node switch
        {
            null => "",
            JsonArray a => string.Join("; ", a.Select(Cell)),
            JsonObject o when o["notStated"] is not null || o["notHere"] is not null => "",
            JsonObject o when o["assumed"] is { } inner => Cell(inner),
            JsonObject o when o["taken"] is { } taken => Cell(taken),
            JsonObject o when o["statements"] is not null => "",
            JsonObject o => string.Join("; ", o.Select(p => $"{p.Key} {Cell(p.Value)}")),
            _ => node.GetValueKind() switch
            {
                JsonValueKind.True => "yes",
                JsonValueKind.False => "no",
                _ => node.ToString(),
            },
        };

    internal static string Harmless(string cell) => BeginsLikeAFormula(cell) ? "'" + cell : cell;

    private static string Unharmed(string cell) =>
        cell.Length > 1 && cell[0] == '\'' && BeginsLikeAFormula(cell[1..]) ? cell[1..] : cell;

    // Whatever stands before it that cannot be seen, and in the wide letters of other keyboards too. A quantity may
    // begin with a minus or plus; it is a number to every table program and harmless.
    private static bool BeginsLikeAFormula(string cell) =>
        cell.AsSpan().TrimStart(" \t\r\n\v\f\u0085\u2028\u2029\u00A0\u200B\u200C\u200D\u2060\uFEFF") is [var first, ..]
        && first is '=' or '+' or '-' or '@' or '\'' or '|' or '\uFF1D' or '\uFF0B' or '\uFF0D' or '\uFF20'
        && QuantityParser.Parse(cell).Refused is not null;
}
