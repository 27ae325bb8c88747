using System.Collections.Immutable;
using Zygotome.Core.Sheets.Editing;

namespace Zygotome.Core.Sheets.Table;

/// <summary>
/// The one table of the sheet's fields, in the order a paper manual has its pages. A field is added by one row here and
/// the rule that reads it; reader, form, schema, CSV and the format's page follow.
/// </summary>
public static class SheetTable
{
    public static ImmutableArray<SheetPage> Pages { get; } =
    [
        KitFields.Page,
        GeometryFields.Page,
        SurfaceFields.Page,
        ThrowFields.TablePage,
        BalanceFields.BalancePage,
        PowerFields.Page,
        RadioFields.Page,
        OutputFields.Page,
        PartFields.Page,
        StepFields.StepsPage,
        CautionFields.Page,
    ];

    /// <summary>Every list with its path, indices left out: <c>$.geometry.lifting.panels</c>.</summary>
    public static ImmutableArray<(string Path, SheetList List)> Lists { get; } =
    [.. Pages.SelectMany(p => p.Lists).SelectMany(l => Within($"$.{l.Name}", l))];

    /// <summary>
    /// Every field with its path, indices of rows left out: <c>$.throws.up</c>, <c>$.geometry.fins.at[0]</c>.
    /// </summary>
    public static ImmutableArray<(string Path, SheetField Field)> Fields { get; } =
    [
        .. Pages.SelectMany(p =>
            p.Fields.Select(f => ($"$.{f.Name}", f))
                .Concat(p.Lists.SelectMany(l => Within($"$.{l.Name}", l)).SelectMany(Rows))
        ),
    ];

    /// <summary>
    /// The field at a path of a file, whatever row it is in; null when the table has none there. Of a pair, the one at
    /// that place.
    /// </summary>
    public static SheetField? Find(string path)
    {
        var here = ByPath[JsonPath.WithoutIndices(path)].ToArray();
        return here.Length == 1 ? here[0] : here.FirstOrDefault(f => path.EndsWith(f.Name, StringComparison.Ordinal));
    }

    /// <summary>The list at a path, such as <c>$.throws</c> or <c>$.geometry.lifting[0].panels</c>.</summary>
    public static SheetList? List(string path)
    {
        var plain = JsonPath.WithoutIndices(path);
        return Lists.FirstOrDefault(l => l.Path == plain).List;
    }

    /// <summary>The page of the manual on which a path of the file is typed; null when on none.</summary>
    public static SheetPage? PageOf(string path)
    {
        var plain = JsonPath.WithoutIndices(path);
        return Pages.FirstOrDefault(p =>
            p.Fields.Any(f => JsonPath.WithoutIndices($"$.{f.Name}") == plain)
            || p.Lists.Any(l => plain == $"$.{l.Name}" || plain.StartsWith($"$.{l.Name}.", StringComparison.Ordinal))
        );
    }

    // The two of a pair stand at the same path.
    private static readonly ILookup<string, SheetField> ByPath = Fields.ToLookup(
        f => JsonPath.WithoutIndices(f.Path),
        f => f.Field,
        StringComparer.Ordinal
    );

    private static IEnumerable<(string, SheetList)> Within(string path, SheetList list) =>
        [(path, list), .. list.Inners.Select(inner => ($"{path}.{inner.Name}", inner))];

    private static IEnumerable<(string, SheetField)> Rows((string Path, SheetList List) l) =>
        l.List.Fields.Select(f => ($"{l.Path}.{f.Name}", f));
}
