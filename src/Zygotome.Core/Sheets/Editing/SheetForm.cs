using System.Text.Json;
using System.Text.Json.Nodes;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets.Plausibility;
using Zygotome.Core.Sheets.Table;

namespace Zygotome.Core.Sheets.Editing;

/// <summary>Where a field's value comes from.</summary>
public enum FieldStanding
{
    Empty,
    Stated,
    Assumed,
    NotStated,

    /// <summary>There is no such thing on this aircraft.</summary>
    NotHere,
    Contradicted,
}

/// <summary>
/// A field as it is shown: the words typed, the same in the other unit, and what is doubted or wrong about it.
/// </summary>
/// <param name="Unused">No rule reads it yet.</param>
/// <param name="Once">A name, which a manual says once: it is not contradicted.</param>
/// <param name="By">Who decided between statements.</param>
/// <param name="Refers">The key of what it names of the sheet; empty where it names nothing else.</param>
public sealed record FieldNow(
    string Path,
    string Label,
    FieldKind Kind,
    bool Unused,
    bool Once,
    string Means,
    string Text,
    string Both,
    FieldStanding Standing,
    IReadOnlyList<string> Choices,
    string Refers,
    IReadOnlyList<Statement> Statements,
    string Reason,
    string By,
    string Mistake,
    IReadOnlyList<Flag> Flags
);

/// <summary>A row of a list as it stands in a file.</summary>
public sealed record RowNow(
    string Path,
    string Title,
    bool Assumed,
    IReadOnlyList<FieldNow> Fields,
    IReadOnlyList<RowsNow> Lists
);

/// <summary>A list as it stands in a file, with the word for one of its rows.</summary>
/// <param name="NotHere">It is said that there is nothing of it on this aircraft.</param>
public sealed record RowsNow(
    string Path,
    string One,
    string Means,
    bool NotHere,
    IReadOnlyList<RowNow> Rows,
    string Mistake
);

/// <param name="Doubts">Flags in this section nobody answered yet. <paramref name="Assumed"/>: values that are not the
/// maker's.</param>
public sealed record SectionNow(
    string Key,
    string Title,
    IReadOnlyList<FieldNow> Fields,
    IReadOnlyList<RowsNow> Lists,
    int Mistakes,
    int Doubts,
    int Assumed
);

/// <summary>A sheet file laid out as a form, page by page.</summary>
public static class SheetForm
{
    /// <param name="answered">Ids of flags somebody answered.</param>
    public static IReadOnlyList<SectionNow> Of(
        JsonObject file,
        IReadOnlyList<SheetError> errors,
        IReadOnlyList<Flag> flags,
        IReadOnlySet<string> answered
    )
    {
        var beside = new Beside(errors.ToLookup(e => e.Path), flags.ToLookup(f => f.Path));
        return [.. SheetTable.Pages.Select(s => Section(file, s, beside, answered))];
    }

    private sealed record Beside(ILookup<string, SheetError> Errors, ILookup<string, Flag> Flags);

    private static SectionNow Section(JsonObject file, SheetPage spec, Beside beside, IReadOnlySet<string> answered)
    {
        IReadOnlyList<FieldNow> fields = [.. spec.Fields.Select(f => Field(file, $"$.{f.Name}", f, beside))];
        IReadOnlyList<RowsNow> lists = [.. spec.Lists.Select(l => Rows(file, $"$.{l.Name}", l, beside))];
        var all = fields.Concat(lists.SelectMany(Fields)).ToArray();
        return new SectionNow(
            Key: spec.Key,
            Title: spec.Title,
            Fields: fields,
            Lists: lists,
            Mistakes: all.Count(f => f.Mistake.Length > 0) + lists.Count(l => l.Mistake.Length > 0),
            Doubts: all.Sum(f => f.Flags.Count(x => !answered.Contains(x.Id))),
            Assumed: all.Count(f => f.Standing == FieldStanding.Assumed)
                + lists.SelectMany(l => l.Rows).Count(r => r.Assumed)
        );
    }

    internal static IEnumerable<FieldNow> Fields(RowsNow rows) =>
        rows.Rows.SelectMany(r => r.Fields.Concat(r.Lists.SelectMany(Fields)));

    private static RowsNow Rows(JsonObject file, string path, SheetList spec, Beside beside)
    {
        var node = JsonPath.Get(file, path);
        var array = (node as JsonArray) ?? ((node as JsonObject)?["assumed"] as JsonArray);
        return new RowsNow(
            Path: path,
            One: spec.One,
            Means: spec.Means,
            NotHere: SaidNode.Of(node).Standing == FieldStanding.NotHere,
            Rows:
            [
                .. Enumerable
                    .Range(0, array?.Count ?? 0)
                    .Select(i => Row(file, array![i], $"{path}[{i}]", spec, beside)),
            ],
            Mistake: string.Join(" ", beside.Errors[path].Select(e => e.Text))
        );
    }

    private static RowNow Row(JsonObject file, JsonNode? row, string path, SheetList spec, Beside beside)
    {
        IReadOnlyList<FieldNow> fields =
        [
            .. spec.Fields.Select((f, i) => Field(file, $"{path}.{f.Name}", f, beside, i == 0 ? path : null)),
        ];
        // What has a name is called by it; else by the first words that tell it from its neighbours.
        var title =
            fields.FirstOrDefault(f => f.Label is "name" or "title" && f.Text.Length > 0)?.Text
            ?? string.Join(
                ", ",
                fields
                    .Take(4)
                    .Where(f => f.Kind is FieldKind.Text or FieldKind.Choice && f.Text.Length > 0)
                    .Select(f => f.Text)
                    .Take(3)
            );
        return new RowNow(
            path,
            title,
            (row as JsonObject)?["assumed"]?.GetValueKind() == JsonValueKind.True,
            fields,
            [.. spec.Inners.Select(inner => Rows(file, $"{path}.{inner.Name}", inner, beside))]
        );
    }

    // What is doubted or wrong about a row as a whole stands beside its first field.
    private static FieldNow Field(JsonObject file, string path, SheetField spec, Beside beside, string? row = null)
    {
        var node = JsonPath.Get(file, path);
        var mistake = string.Join(" ", Paths(path, row, node).SelectMany(p => beside.Errors[p]).Select(e => e.Text));
        IReadOnlyList<Flag> flags = [.. Paths(path, row, null).SelectMany(p => beside.Flags[p])];
        var said = SaidNode.Of(node);

        return new FieldNow(
            Path: path,
            Label: spec.Label,
            Kind: spec.Kind,
            Unused: spec.Unused,
            Once: spec.IsName,
            Means: spec.Means,
            Text: said.Text,
            Both: Both(spec, said.Text),
            Standing: said.Standing,
            Choices: spec is IChoice c ? [.. c.Or.Length == 0 ? [""] : (string[])[], .. c.Choices] : [],
            Refers: spec.Refers?.Key ?? "",
            Statements: said.Statements,
            Reason: said.Reason,
            By: said.By,
            Mistake: mistake,
            Flags: flags
        );
    }

    private static IEnumerable<string> Paths(string path, string? row, JsonNode? list) =>
        new[] { path }
            .Concat(row is null ? [] : [row])
            .Concat(
                list is JsonArray a ? Enumerable.Range(0, a.Count).Select(i => $"{path}[{i}]")
                : list is JsonObject o ? o.Select(p => $"{path}.{p.Key}")
                : []
            );

    private static string Both(SheetField spec, string text) =>
        spec is IMeasured measured && measured.Measurand.Read(text).OrDefault() is { } q
            ? QuantityPrinter.InOtherUnit(q)
            : "";
}
