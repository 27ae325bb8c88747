using System.Collections.Immutable;
using System.Text.Json.Serialization;

namespace Zygotome.Core.Sheets;

/// <summary>What one place says of a value that is stated more than once.</summary>
/// <param name="Text">As printed there.</param>
/// <param name="Page">Where in it; empty when not said.</param>
public sealed record Statement(string Text, string Page)
{
    /// <summary>The paper it stands in, where it is another than the section's: "bulletin of 3 March".</summary>
    public string Source { get; init; } = "";

    /// <summary>With its place: "12 mm (page 3)".</summary>
    [JsonIgnore]
    public string Placed => Text + Place;

    /// <summary>In its own words: "“12 mm” (page 3)".</summary>
    [JsonIgnore]
    public string Quoted => $"“{Text}”{Place}";

    private string Place =>
        (Page, Source) switch
        {
            ("", "") => "",
            (var page, "") => $" (page {page})",
            ("", var source) => $" ({source})",
            var (page, source) => $" ({source}, page {page})",
        };

    /// <summary>Several against each other.</summary>
    public static string Against(IEnumerable<Statement> statements) =>
        string.Join(" against ", statements.Select(s => s.Placed));
}

/// <summary>A place of the sheet where statements stood against each other and somebody decided.</summary>
/// <param name="Path">In the file, such as <c>$.throws[2].up</c>.</param>
/// <param name="Taken">What counts, in the sheet's words.</param>
/// <param name="By">Who decided; empty where the file does not say.</param>
public sealed record Decided(string Path, ImmutableArray<Statement> Statements, string Taken, string Reason, string By)
{
    /// <summary>"“12 mm” (page 3) against “14 mm” (page 9): “14 mm” counts. The later page. (I. Thorne)"</summary>
    public string Words =>
        $"{string.Join(" against ", Statements.Select(s => s.Quoted))}: “{Taken}” counts."
        + (Reason.Length > 0 ? $" {Reason.TrimEnd('.')}." : "")
        + (By.Length > 0 ? $" ({By})" : "");
}
