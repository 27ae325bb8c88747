using System.Collections.Immutable;

namespace Zygotome.Core.Sheets.Table;

/// <summary>
/// From which paper a page's numbers are, where it is another than the manual: three fields of every page.
/// </summary>
public sealed class SourceFields
{
    internal SourceFields(string page)
    {
        Kind = new(
            $"sources.{page}.kind",
            "these numbers are from",
            "",
            "manual",
            "loose sheet",
            "bulletin",
            "maker's mail"
        )
        {
            IsName = true,
            Means = "Left out they are from the manual named with the kit.",
        };
        Edition = new($"sources.{page}.edition", "which one") { IsName = true };
        Date = new($"sources.{page}.date", "its date") { IsName = true };
    }

    public ChoiceField Kind { get; }

    /// <summary>Its title, edition or number, as printed.</summary>
    public TextField Edition { get; }

    /// <summary>As printed.</summary>
    public TextField Date { get; }

    internal ImmutableArray<SheetField> All => [Kind, Edition, Date];

    /// <summary>"loose sheet, second edition, 3 March"; empty where the page says none.</summary>
    public string Words(SheetObject page) =>
        string.Join(", ", new[] { page.Get(Kind), page.Get(Edition), page.Get(Date) }.Where(w => w.Length > 0));
}
