using System.Text;
using System.Text.Json.Nodes;
using CsCheck;
using Xunit;
using Zygotome.Papers;
using Zygotome.Tests;

namespace Zygotome.Core.Tests.Sheets;

public sealed class TableTests
{
    private static CsvRows Read(string text, string list = "parts") =>
        SheetCsv.Read(Encoding.UTF8.GetBytes(text), list);

    private static string Written(JsonObject sheet, string list = "parts") =>
        Encoding.UTF8.GetString(SheetCsv.Write(sheet, list));

    public static TheoryData<string, string> Lists()
    {
        var data = new TheoryData<string, string>();
        foreach (var file in Directory.GetFiles(ProjectFolder.File("demo", "sheets")))
        {
            data.Add(Path.GetFileName(file), "parts");
            data.Add(Path.GetFileName(file), "throws");
            data.Add(Path.GetFileName(file), "steps");
        }

        return data;
    }

    [Theory]
    [MemberData(nameof(Lists))]
    public void A_list_written_as_a_table_and_read_again_says_the_same(string file, string list)
    {
        var sheet = JsonNode.Parse(File.ReadAllText(ProjectFolder.File("demo", "sheets", file)))!.AsObject();
        var bytes = SheetCsv.Write(sheet, list);
        var read = SheetCsv.Read(bytes, list);
        Assert.Empty(read.Mistakes);
        var again = new JsonObject { [list] = read.Rows };
        Assert.Equal(bytes, SheetCsv.Write(again, list));
        Assert.True(JsonNode.DeepEquals(sheet[list], read.Rows), "A row says something else than before.");
    }

    /// <summary>What was in proportion does not become the maker's on its way through a table program.</summary>
    [Fact]
    public void What_is_assumed_not_stated_said_twice_or_unknown_here_comes_back_as_it_was()
    {
        var rows = JsonNode.Parse(
            """
            [
              { "surfaces": "aileron", "rate": "high", "up": { "assumed": "12 mm" }, "down": { "notStated": true } },
              { "surfaces": "elevator", "up": "12 mm", "assumed": true },
              {
                "surfaces": "rudder", "right": {
                  "statements": [{ "text": "25 mm", "page": "3" }, { "text": "30 mm", "page": "9" }],
                  "taken": "30 mm", "reason": "the later page"
                }
              },
              { "surfaces": "flap", "down": "30 mm", "page": "4", "seconds": 2, "mix": { "elevator": "3 mm down" } }
            ]
            """
        );
        var sheet = new JsonObject { ["throws"] = rows!.DeepClone() };
        Assert.True(JsonNode.DeepEquals(rows, Read(Written(sheet, "throws"), "throws").Rows));
        var steps = JsonNode.Parse(
            """
            [
              {
                "id": "glue", "stage": "build", "title": "Glue", "cautions": ["Gloves; and no skin contact.", "Air"],
                "joint": { "a": "EPO", "b": "EPO", "hold": "20 s" }, "school": { "tail-fixing": "glue" }, "mirror": false
              }
            ]
            """
        );
        sheet = new JsonObject { ["steps"] = steps!.DeepClone() };
        Assert.True(JsonNode.DeepEquals(steps, Read(Written(sheet, "steps"), "steps").Rows));
    }

    [Theory]
    [InlineData("surfaces,up,provenance\naileron,12 mm,assumed", "JSON by column")]
    [InlineData("surfaces,up,provenance\naileron,,\"{\"\"up\"\":\"\"assumed\"\"}\"", "nothing is assumed")]
    [InlineData("surfaces,up,provenance\naileron,12 mm,\"{\"\"up[9]\"\":1}\"", "no place")]
    [InlineData("surfaces,up,provenance\naileron,12 mm,\"{\"\"up\"\":1,\"\"up\"\":2}\"", "stands here twice")]
    [InlineData("surfaces,up,provenance\naileron,14 mm,\"{\"\"up\"\":\"\"notStated\"\"}\"", "14 mm in its cell")]
    [InlineData(
        "surfaces,up,provenance\naileron,14 mm,\"{\"\"up\"\":{\"\"statements\"\":[],\"\"taken\"\":\"\"12 mm\"\"}}\"",
        "14 mm in its cell, and 12 mm here"
    )]
    [InlineData("surfaces,up,provenance\naileron,12 mm,\"{\"\"up\"\":\"\"\\ud800\"\"}\"", "half a character")]
    public void A_provenance_that_cannot_be_read_is_named_with_its_line(string text, string words)
    {
        var mistake = Assert.Single(Read(text, "throws").Mistakes);
        Assert.Equal("line 2, provenance", mistake.Path);
        Assert.Contains(words, mistake.Text, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("id,name,bag,quantity,fastener.length\ns,Screw,A,4,16 mm")]
    [InlineData("\uFEFFid;name;bag;quantity;fastener.length\r\ns;Screw;A;4;16 mm\r\n")]
    [InlineData("id\tname\tbag\thow many\tlength\ns\tScrew\tA\t4\t16 mm\n\n")]
    [InlineData("id,name,bag,quantity,fastener.length\n\"s\",\"Screw\",A,4,\"16 mm\"")]
    public void Commas_semicolons_tabs_quotes_and_a_byte_order_mark_are_understood(string text)
    {
        var row = Read(text).Rows![0]!;
        Assert.Equal(
            ("s", 4, "16 mm"),
            (row["id"]!.ToString(), row["quantity"]!.GetValue<int>(), row["fastener"]!["length"]!.ToString())
        );
    }

    [Fact]
    public void Decimal_commas_are_understood_and_quoted_line_breaks_kept()
    {
        var read = Read("id;name;quantity;mass\ns;\"Screw; long\";4;2,5 g");
        Assert.Equal(("Screw; long", "2,5 g"), (read.Rows![0]!["name"]!.ToString(), read.Rows[0]!["mass"]!.ToString()));
    }

    [Theory]
    [InlineData("=1+1")]
    [InlineData("+cmd")]
    [InlineData("-cmd")]
    [InlineData("@sum")]
    [InlineData("'quoted")]
    [InlineData("|pipe")]
    [InlineData("\u200B=1+1")]
    [InlineData("\uFF1D1+1")]
    [InlineData("-2+3+cmd")]
    public void What_a_table_program_would_run_is_made_harmless_and_comes_back_as_it_was(string name)
    {
        var sheet = new JsonObject
        {
            ["parts"] = new JsonArray(
                new JsonObject
                {
                    ["id"] = "p",
                    ["name"] = name,
                    ["bag"] = "A",
                    ["quantity"] = 1,
                }
            ),
        };
        var text = Written(sheet);
        Assert.DoesNotContain($",\"{name}\",", text, StringComparison.Ordinal);
        Assert.Contains($",\"'{name}\",", text, StringComparison.Ordinal);
        Assert.Equal(name, Read(text).Rows![0]!["name"]!.ToString());
    }

    [Theory]
    [InlineData("Screw\nlong")]
    [InlineData("Screw\tlong, \"thin\"; both")]
    public void No_line_break_and_no_separator_ends_a_cell_that_it_stands_in(string name)
    {
        var sheet = new JsonObject
        {
            ["parts"] = new JsonArray(
                new JsonObject
                {
                    ["id"] = "p",
                    ["name"] = name,
                    ["bag"] = "A",
                    ["quantity"] = 1,
                }
            ),
        };
        Assert.Equal(name, Assert.Single(Read(Written(sheet)).Rows!)!["name"]!.ToString());
    }

    [Fact]
    public void A_negative_quantity_is_a_number_and_stays_one()
    {
        var sheet = new JsonObject
        {
            ["throws"] = new JsonArray(
                new JsonObject
                {
                    ["surfaces"] = "flap",
                    ["rate"] = "high",
                    ["down"] = "-5 mm to 3 mm",
                }
            ),
        };
        Assert.Contains(",\"-5 mm to 3 mm\",", Written(sheet, "throws"), StringComparison.Ordinal);
    }

    [Fact]
    public void Every_mistake_is_listed_with_its_line_and_column()
    {
        var read = Read("id,name,quantity,colour\na,A,four,red\nb,B,2,blue\nc,C,2x,green");
        Assert.Null(read.Rows);
        Assert.Equal(["line 1", "line 2, quantity", "line 4, quantity"], read.Mistakes.Select(m => m.Path));
    }

    [Fact]
    public void A_list_of_ten_thousand_lines_is_refused_with_its_limit_and_nothing_is_taken()
    {
        var read = Read(
            "id,name,quantity\n" + string.Concat(Enumerable.Range(0, 10_000).Select(i => $"p{i},Part {i},1\n"))
        );
        Assert.Null(read.Rows);
        Assert.Contains("1000", Assert.Single(read.Mistakes).Text, StringComparison.Ordinal);
    }

    [Fact]
    public void What_is_no_text_at_all_is_said_so() =>
        Assert.Contains(
            "UTF-8",
            Assert.Single(SheetCsv.Read([0xff, 0xfe, 0x00, 0xd8], "parts").Mistakes).Text,
            StringComparison.Ordinal
        );

    [Fact]
    public void Any_part_written_is_read_back_the_same() =>
        Gen.Select(Gen.String[Gen.Char[' ', '~'], 1, 20], Gen.String[Gen.Char['!', '~'], 1, 6], Gen.Int[1, 9999])
            .Sample(
                (name, bag, quantity) =>
                {
                    var part = new JsonObject
                    {
                        ["id"] = "p",
                        ["name"] = name.Trim(),
                        ["bag"] = bag.Trim(),
                        ["quantity"] = quantity,
                    };
                    if (name.Trim().Length == 0 || bag.Trim().Length == 0)
                    {
                        return true;
                    }

                    var read = Read(Written(new JsonObject { ["parts"] = new JsonArray(part.DeepClone()) }));
                    return read.Rows is { Count: 1 } rows && JsonNode.DeepEquals(rows[0], part);
                }
            );
}
