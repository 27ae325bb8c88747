using System.Text;
using System.Text.Json.Nodes;
using Xunit;
using Zygotome.Core.Journal;
using Zygotome.Core.Sheets;
using Zygotome.Tests;

namespace Zygotome.Core.Tests.Sheets;

public sealed class SheetTests
{
    private static readonly byte[] Delta = File.ReadAllBytes(
        ProjectFolder.File("demo", "sheets", "skerrow-64.sheet.json")
    );

    public static TheoryData<string> Files =>
        [.. Directory.GetFiles(ProjectFolder.File("demo", "sheets")).Select(f => Path.GetFileName(f))];

    private static SheetReading Change(Action<JsonNode> change)
    {
        var node = JsonNode.Parse(Delta)!;
        change(node);
        return SheetReader.Read(Encoding.UTF8.GetBytes(node.ToJsonString()));
    }

    private static void OneMistake(string path, string words, Action<JsonNode> change)
    {
        var error = Assert.Single(Change(change).Errors);
        Assert.Equal(path, error.Path);
        Assert.Contains(words, error.Text, StringComparison.Ordinal);
    }

    [Theory]
    [MemberData(nameof(Files))]
    public async Task Every_demo_sheet_reads_without_a_mistake_and_keeps_to_the_published_schema(string file)
    {
        var bytes = await File.ReadAllBytesAsync(ProjectFolder.File("demo", "sheets", file));
        Assert.Empty(SheetReader.Read(bytes).Errors);
        var schema = await NJsonSchema.JsonSchema.FromFileAsync(
            ProjectFolder.File("docs", "formats", "spec-sheet-1.schema.json")
        );
        Assert.Empty(schema.Validate(Encoding.UTF8.GetString(bytes)).Select(e => e.ToString()));
    }

    [Fact]
    public void A_wrong_number_is_named_with_its_path_in_the_file() =>
        OneMistake("$.throws[0].up", "not a number", n => n["throws"]![0]!["up"] = "abc");

    [Fact]
    public void A_mass_where_a_length_belongs_is_named() =>
        OneMistake("$.surfaces[1].chord", "a length is needed", n => n["surfaces"]![1]!["chord"] = "48 g");

    [Fact]
    public void An_unknown_surface_in_the_throw_table_is_named() =>
        OneMistake("$.throws[2].surfaces", "flaperon", n => n["throws"]![2]!["surfaces"] = "flaperon");

    private static JsonObject Step(JsonNode sheet, string id) =>
        sheet["steps"]!.AsArray().OfType<JsonObject>().Single(s => (string?)s["id"] == id);

    [Fact]
    public void A_step_that_disturbs_something_unknown_is_named() =>
        OneMistake("$.steps[4].disturbs[0]", "luck", n => Step(n, "fit-spar")["disturbs"]![0] = "luck");

    [Fact]
    public void A_part_that_no_list_has_is_named() =>
        OneMistake("$.steps[4].parts.wing-nut", "no part", n => Step(n, "fit-spar")["parts"]!["wing-nut"] = 2);

    [Fact]
    public void Steps_that_wait_for_each_other_are_refused_with_the_circle_named() =>
        OneMistake(
            "$.steps",
            "check-intake after hatch",
            n => Step(n, "check-intake")["after"] = new JsonArray("hatch")
        );

    [Fact]
    public void An_elevon_throw_that_does_not_say_whose_command_it_is_for_is_refused() =>
        OneMistake("$.throws[0].function", "say which command", n => ((JsonObject)n["throws"]![0]!).Remove("function"));

    [Fact]
    public void Forty_mistakes_are_listed_as_forty()
    {
        var reading = Change(n =>
        {
            for (var i = 0; i < 40; i++)
            {
                n["cautions"]!.AsArray().Add(i);
            }
        });
        Assert.Equal(40, reading.Errors.Count);
        Assert.Null(reading.Sheet);
    }

    [Fact]
    public void A_broken_file_says_the_line_it_breaks_at()
    {
        var error = Assert.Single(SheetReader.Read("{\n \"format\": \"zygotome-spec-sheet/1\",\n oops"u8).Errors);
        Assert.StartsWith("line 3", error.Path, StringComparison.Ordinal);
    }

    [Fact]
    public void Another_major_format_is_refused_and_unknown_fields_are_left_alone()
    {
        OneMistake("$.format", "cannot be read", n => n["format"] = "zygotome-spec-sheet/2");
        Assert.NotNull(Change(n => n["shop"] = new JsonObject { ["colour"] = "blue" }).Sheet);
    }

    [Fact]
    public void An_undecided_descending_pair_has_no_limits_until_somebody_decides()
    {
        var sheet = Change(n => n["throws"]![2]!["up"] = "16 mm to 12 mm").Sheet!;
        var target = Core
            .Throws.ThrowTargets.Of(sheet, ShopRules.Default)
            .First(t => t.Id == "throw/elevon-left/elevator/high/up");
        Assert.Null(target.Band);
        Assert.Equal("16 mm to 12 mm", target.Printed);
    }

    [Fact]
    public void A_contradiction_keeps_both_statements_with_their_pages()
    {
        var down = Bench.Delta.Throws[2].Ways.Single(w => w.Way == Core.Quantities.Way.Down).Value;
        var said = Assert.IsType<Printed<Core.Quantities.Quantity>.Contradicted>(down);
        Assert.Equal([("12 mm to 9 mm", "5"), ("10 mm", "7")], said.Statements.Select(s => (s.Text, s.Page)));
        Assert.Equal((9m, 12m), (down.Counts!.Low, down.Counts!.High));
    }
}
