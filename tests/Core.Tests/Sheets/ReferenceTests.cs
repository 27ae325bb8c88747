using System.Text;
using System.Text.Json.Nodes;
using Xunit;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Editing;
using Zygotome.Core.Sheets.Table;
using Zygotome.Tests;

namespace Zygotome.Core.Tests.Sheets;

/// <summary>
/// What a sheet names of itself leads somewhere: a misspelt name would drop a step, a plug or a comparison.
/// </summary>
public sealed class ReferenceTests
{
    private static IEnumerable<FieldNow> Fields(JsonObject file)
    {
        static IEnumerable<FieldNow> Within(RowsNow list) =>
            list.Rows.SelectMany(r => r.Fields.Concat(r.Lists.SelectMany(Within)));
        return SheetForm
            .Of(file, [], [], new HashSet<string>())
            .SelectMany(s => s.Fields.Concat(s.Lists.SelectMany(Within)));
    }

    [Fact]
    public void A_name_that_leads_nowhere_is_a_mistake_at_its_place_on_every_sheet()
    {
        var seen = new HashSet<string>();
        foreach (var path in Directory.GetFiles(ProjectFolder.File("demo", "sheets")).Order(StringComparer.Ordinal))
        {
            var file = JsonNode.Parse(File.ReadAllText(path))!.AsObject();
            Assert.Empty(SheetReader.Read(Encoding.UTF8.GetBytes(file.ToJsonString())).Errors);

            // One of each kind and field is enough of a sheet.
            var naming = Fields(file)
                .Where(f => f.Refers.Length > 0 && f.Text.Length > 0)
                .DistinctBy(f => string.Concat(f.Path.Where(c => !char.IsAsciiDigit(c))));
            foreach (var field in naming)
            {
                var text = field.Kind switch
                {
                    FieldKind.Counts => "nowhere 1",
                    FieldKind.Pairs => "nowhere wheels",
                    _ => "nowhere",
                };
                Assert.True(
                    SheetEdits.Apply(file, [new SheetEdit(field.Path, EditAct.Set, text)]).Try(out var edited, out _)
                );
                var errors = SheetReader.Read(Encoding.UTF8.GetBytes(edited.ToJsonString())).Errors;
                Assert.Contains(
                    errors,
                    e =>
                        e.Path.StartsWith(field.Path, StringComparison.Ordinal)
                        && e.Text.StartsWith("There is no ", StringComparison.Ordinal)
                        && e.Text.Contains("\"nowhere\"", StringComparison.Ordinal)
                );
                seen.Add(field.Refers);
            }
        }

        Assert.Equal(Reference.All.Select(r => r.Key).Order(), seen.Order());
    }

    [Theory]
    [InlineData("aileron-left", "elevator-right", true)]
    [InlineData("aileron-left", "aileron-left", false)]
    [InlineData("aileron-left", "elevator-left", false)]
    [InlineData("aileron-left", "rudder", false)]
    [InlineData("aileron-left", "flap-nowhere", false)]
    public void A_surface_is_compared_with_one_on_the_other_side(string one, string other, bool may)
    {
        var reading = Said((one, other));
        Assert.Equal(may, reading.Errors.Count == 0);
        Assert.All(reading.Errors, e => Assert.EndsWith(".pair", e.Path, StringComparison.Ordinal));
    }

    [Fact]
    public void Two_surfaces_are_not_compared_with_the_same_one()
    {
        Assert.Empty(Said(("aileron-left", "aileron-right"), ("aileron-right", "aileron-left")).Errors);
        Assert.NotEmpty(Said(("aileron-left", "aileron-right"), ("elevator-left", "aileron-right")).Errors);
        Assert.NotEmpty(Said(("aileron-left", "aileron-right"), ("aileron-right", "elevator-left")).Errors);
    }

    private static SheetReading Said(params (string One, string Other)[] pairs)
    {
        var file = JsonNode.Parse(File.ReadAllText(ProjectFolder.File("demo", "sheets", "plimsey-1400.sheet.json")))!;
        foreach (var (one, other) in pairs)
        {
            file["surfaces"]!.AsArray().Single(s => s!["id"]!.ToString() == one)!["pair"] = other;
        }

        return SheetReader.Read(Encoding.UTF8.GetBytes(file.ToJsonString()));
    }
}
