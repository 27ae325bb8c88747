using System.Text;
using System.Text.Json.Nodes;
using CsCheck;
using Xunit;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Plausibility;
using Zygotome.Tests;

namespace Zygotome.Core.Tests.Sheets;

public sealed class PlausibilityTests
{
    private static readonly byte[] Parasol = File.ReadAllBytes(
        ProjectFolder.File("demo", "sheets", "plimsey-1400.sheet.json")
    );
    private static readonly byte[][] Sheets =
    [
        .. Directory
            .GetFiles(ProjectFolder.File("demo", "sheets"))
            .Order(StringComparer.Ordinal)
            .Select(File.ReadAllBytes),
    ];

    private static IReadOnlyList<Flag> Flags(Action<JsonNode> change)
    {
        var node = JsonNode.Parse(Parasol)!;
        change(node);
        return Plausible.Of(Drawable.Part(SheetReader.Read(Encoding.UTF8.GetBytes(node.ToJsonString())).Rough!));
    }

    private static Flag Doubted(string path, Action<JsonNode> change) =>
        Assert.Single(Flags(change), f => f.Path == path);

    [Fact]
    public void Of_the_ten_demo_sheets_only_the_misprinted_collar_is_doubted()
    {
        Assert.Equal(10, Sheets.Length);
        var flag = Assert.Single(Sheets.SelectMany(s => Plausible.Of(SheetReader.Read(s).Sheet!)));
        Assert.Equal(("$.parts[8].bore", "4 mm"), (flag.Path, flag.Suggestion));
    }

    [Theory]
    [InlineData("3.8 in", "3/8 in")]
    [InlineData("120 mm", "12 mm")]
    public void An_impossible_throw_is_doubted_with_its_likely_misreading(string printed, string likely)
    {
        var flag = Doubted("$.throws[0].up", n => n["throws"]![0]!["up"] = printed);
        Assert.Equal(likely, flag.Suggestion);
        Assert.Contains("44", flag.Reason, StringComparison.Ordinal);
    }

    [Fact]
    public void A_fraction_is_only_suggested_where_the_printed_value_cannot_be_believed()
    {
        Assert.DoesNotContain(Flags(n => n["throws"]![0]!["up"] = "0.5 in"), f => f.Path == "$.throws[0].up");
        Assert.Equal("", Doubted("$.throws[0].up", n => n["throws"]![0]!["up"] = "900 mm").Suggestion);
    }

    [Fact]
    public void A_descending_pair_asks_whether_it_is_a_band_or_two_rates()
    {
        var flag = Doubted("$.throws[0].up", n => n["throws"]![0]!["up"] = "19 mm to 16 mm");
        Assert.Equal(new PairMeant("16 mm to 19 mm", "19 mm", "16 mm"), flag.Pair);
        Assert.Contains("high and low rate", flag.Reason, StringComparison.Ordinal);
    }

    [Fact]
    public void A_low_rate_that_is_not_less_than_the_high_one_is_doubted() =>
        Assert.Contains(
            "exchanged",
            Doubted("$.throws[1].up", n => n["throws"]![1]!["up"] = "20 mm to 22 mm").Reason,
            StringComparison.Ordinal
        );

    [Fact]
    public void A_balance_range_behind_the_neutral_point_is_doubted_with_the_margin_said()
    {
        var flag = Doubted(
            "$.balance.configurations[0].range",
            n => n["balance"]!["configurations"]![0]!["range"] = "128 mm to 140 mm"
        );
        Assert.Contains("static margin of -", flag.Reason, StringComparison.Ordinal);
    }

    [Fact]
    public void A_draw_over_the_rating_cells_over_the_rating_and_a_pack_longer_than_its_bay_are_doubted()
    {
        Doubted("$.power.controllers[0].rating", n => n["power"]!["controllers"]![0]!["rating"] = "35 A");
        Doubted("$.power.packs[0].cells", n => n["power"]!["packs"]![0]!["cells"] = 6);
        Doubted("$.power.packs[0].length", n => n["power"]!["packs"]![0]!["length"] = "180 mm");
    }

    [Fact]
    public void A_listed_screw_that_cannot_fit_is_called_a_misprint() =>
        Assert.Contains(
            "misprint",
            Doubted("$.parts[2].fastener.length", n => n["parts"]![2]!["fastener"]!["length"] = "30 mm").Reason,
            StringComparison.OrdinalIgnoreCase
        );

    [Fact]
    public void Steps_use_more_of_a_part_than_is_listed_only_counting_one_option_of_a_school()
    {
        static void Use(JsonNode n, string? school)
        {
            foreach (var (step, option) in new[] { (0, "glue"), (1, "screws") })
            {
                var node = n["steps"]![step]!.AsObject();
                node["parts"] = new JsonObject { [(string)n["parts"]![0]!["id"]!] = (int)n["parts"]![0]!["quantity"]! };
                if (school is not null)
                {
                    node["school"] = new JsonObject { [school] = option };
                }
            }

            foreach (var other in n["steps"]!.AsArray().Skip(2))
            {
                other!["parts"] = new JsonObject();
            }
        }

        Assert.DoesNotContain(Flags(n => Use(n, "tail-fixing")), f => f.Path == "$.parts[0].quantity");
        Assert.Contains(
            "The steps use",
            Doubted("$.parts[0].quantity", n => Use(n, null)).Reason,
            StringComparison.Ordinal
        );
    }

    [Fact]
    public void A_flag_keeps_its_id_while_the_printed_value_stays_and_gets_another_with_another_value()
    {
        var first = Doubted("$.throws[0].up", n => n["throws"]![0]!["up"] = "120 mm");
        var again = Doubted("$.throws[0].up", n => (n["throws"]![0]!["up"], n["kit"]!["name"]) = ("120 mm", "Other"));
        Assert.Equal(first.Id, again.Id);
        Assert.NotEqual(first.Id, Doubted("$.throws[0].up", n => n["throws"]![0]!["up"] = "121 mm").Id);
    }

    /// <summary>
    /// Every leaf of every sheet replaced by something else, one or several at a time: reading and doubting never
    /// throw.
    /// </summary>
    [Fact]
    public void Doubting_never_throws_on_any_sheet_however_it_is_mangled()
    {
        string[] junk =
        [
            "0 mm",
            "-5 mm",
            "1e9 mm",
            "99999 mm",
            "16 to 12",
            "abc",
            "",
            "45 A",
            "3 mm down",
            "0 %",
            "1/64 in",
            "-300 g",
        ];
        Gen.Select(Gen.Int[0, Sheets.Length - 1], Gen.Int[0, 100_000], Gen.Int[0, junk.Length + 3], Gen.Int[1, 4])
            .Sample(
                (sheet, leaf, kind, times) =>
                {
                    var node = JsonNode.Parse(Sheets[sheet])!;
                    for (var i = 0; i < times; i++)
                    {
                        Mangle(node, leaf + (i * 7919), kind, junk);
                    }

                    var reading = SheetReader.Read(Encoding.UTF8.GetBytes(node.ToJsonString()));
                    if (reading.Rough is { } rough)
                    {
                        _ = Plausible.Of(Drawable.Part(rough));
                        _ = Core.Drawing.Drawings.Plan(Drawable.Part(rough));
                    }
                },
                iter: 3000
            );
    }

    private static void Mangle(JsonNode node, int leaf, int kind, string[] junk)
    {
        var leaves = Leaves(node).ToArray();
        var target = leaves[leaf % leaves.Length];
        JsonNode? value =
            kind < junk.Length
                ? junk[kind]
                : (kind - junk.Length) switch
                {
                    0 => 5,
                    1 => null,
                    2 => new JsonObject { ["assumed"] = true },
                    _ => new JsonArray(),
                };
        target.ReplaceWith(value);
    }

    private static IEnumerable<JsonNode> Leaves(JsonNode node) =>
        node switch
        {
            JsonObject o => o.Where(p => p.Value is not null && p.Key != "format").SelectMany(p => Leaves(p.Value!)),
            JsonArray { Count: > 0 } a => a.Where(i => i is not null).SelectMany(i => Leaves(i!)).Append(a),
            _ => node.Parent is null ? [] : [node],
        };

    [Fact]
    public void A_doubt_answered_once_is_not_asked_again_when_a_row_above_it_goes()
    {
        var file = JsonNode
            .Parse(File.ReadAllText(ProjectFolder.File("demo", "sheets", "plimsey-1400.sheet.json")))!
            .AsObject();
        static Flag[] Doubts(JsonObject f) =>
            [
                .. Plausible
                    .Of(SheetReader.Read(Encoding.UTF8.GetBytes(f.ToJsonString())).Rough!)
                    .Where(d => !d.Reason.StartsWith("No step", StringComparison.Ordinal)),
            ];
        var before = Assert.Single(Doubts(file));
        file["parts"]!.AsArray().RemoveAt(0);
        file["steps"]!.AsArray().Clear();
        var after = Assert.Single(Doubts(file));
        Assert.NotEqual(before.Path, after.Path);
        Assert.Equal(before.Id, after.Id);

        // Two rows of one name are told apart by where they stand.
        file["throws"] = JsonNode.Parse(
            """[{ "surfaces": "aileron", "rate": "high", "up": "60 mm" }, { "surfaces": "aileron", "rate": "high", "up": "60 mm" }]"""
        );
        var twins = Doubts(file).Where(f => f.Path.EndsWith(".up", StringComparison.Ordinal)).ToArray();
        Assert.True(twins.Length >= 2);
        Assert.Equal(twins.Length, twins.Select(f => f.Id).Distinct().Count());
    }

    [Theory]
    [InlineData("300 mm", "leaves 10.3 mm each side", false)]
    [InlineData("284 mm", "leaves 2.3 mm each side", true)]
    [InlineData("270 mm", "does not turn", true)]
    public void A_propeller_in_a_cut_out_needs_three_millimetres_each_side(string cutOut, string words, bool doubted)
    {
        // 11 in are 279.4 mm.
        var flags = Flags(n => n["power"]!["motors"]![0]!["cutOut"] = cutOut);
        Assert.Equal(doubted, flags.Any(f => f.Path == "$.power.motors[0].cutOut"));
        Assert.All(
            flags.Where(f => f.Path == "$.power.motors[0].cutOut"),
            f => Assert.Contains(words, f.Reason, StringComparison.Ordinal)
        );
    }

    [Fact]
    public void A_position_that_leaves_a_flap_out_or_says_no_time_is_doubted_and_a_middle_one_beyond_the_last()
    {
        static IReadOnlyList<Flag> Of(Action<JsonNode> change)
        {
            var node = JsonNode.Parse(
                File.ReadAllBytes(ProjectFolder.File("demo", "sheets", "carrow-mail-1900.sheet.json"))
            )!;
            change(node);
            return Plausible.Of(SheetReader.Read(Encoding.UTF8.GetBytes(node.ToJsonString())).Sheet!);
        }

        Assert.Empty(Of(_ => { }));
        Assert.Contains(
            "where right flap inner and left flap outer and right flap outer stand",
            Assert.Single(Of(n => n["positions"]![0]!["moves"]![0]!["surfaces"] = "flap-inner-left")).Reason,
            StringComparison.Ordinal
        );
        Assert.Contains(
            "at once, or slowly",
            Assert.Single(Of(n => n["positions"]![1]!.AsObject().Remove("seconds"))).Reason,
            StringComparison.Ordinal
        );
        Assert.Contains(
            "is not less than landing",
            Assert.Single(Of(n => n["positions"]![1]!["moves"]![0]!["to"] = "40 mm down")).Reason,
            StringComparison.Ordinal
        );
        Assert.Contains(
            "has no way",
            Assert.Single(Of(n => n["positions"]![1]!["moves"]![0]!["to"] = "14 mm")).Reason,
            StringComparison.Ordinal
        );
    }

    [Fact]
    public void A_steered_wheel_that_no_output_steers_is_doubted_and_so_is_one_that_goes_in_by_nothing()
    {
        var flags = Flags(n =>
        {
            n["geometry"]!["wheels"]![0]!["steered"] = true;
            n["geometry"]!["wheels"]![1]!["retracts"] = true;
        });
        Assert.Contains(flags, f => f.Path == "$.geometry.wheels[0].steered");
        Assert.Contains(flags, f => f.Path == "$.geometry.wheels[1].retracts");
    }
}
