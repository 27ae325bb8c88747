using System.Text;
using System.Text.Json.Nodes;
using CsCheck;
using Xunit;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Archetypes;
using Zygotome.Core.Sheets.Editing;
using Zygotome.Core.Sheets.Plausibility;
using Zygotome.Core.Sheets.Table;
using Zygotome.Tests;

namespace Zygotome.Core.Tests.Sheets;

public sealed class EditingTests
{
    private static JsonObject Delta() =>
        JsonNode.Parse(File.ReadAllText(ProjectFolder.File("demo", "sheets", "skerrow-64.sheet.json")))!.AsObject();

    private static JsonObject Parasol() =>
        JsonNode.Parse(File.ReadAllText(ProjectFolder.File("demo", "sheets", "plimsey-1400.sheet.json")))!.AsObject();

    private static JsonObject Edited(JsonObject file, params SheetEdit[] edits) =>
        SheetEdits.Apply(file, edits).Match(f => f, r => throw new InvalidOperationException($"{r.Where}: {r.Text}"));

    private static SheetReading Read(JsonObject file) => SheetReader.Read(Encoding.UTF8.GetBytes(file.ToJsonString()));

    private static FieldNow Field(JsonObject file, string path)
    {
        var reading = Read(file);
        IReadOnlyList<SectionNow> sections = SheetForm.Of(
            file,
            reading.Errors,
            reading.Rough is { } r ? Plausible.Of(Drawable.Part(r)) : [],
            new HashSet<string>()
        );
        static IEnumerable<FieldNow> In(RowsNow rows) =>
            rows.Rows.SelectMany(x => x.Fields.Concat(x.Lists.SelectMany(In)));
        return sections.SelectMany(s => s.Fields.Concat(s.Lists.SelectMany(In))).Single(f => f.Path == path);
    }

    [Theory]
    [InlineData("1 3/8 in", "1 3/8 in", "34.9 mm")]
    [InlineData("12 ± 1", "12 ± 1 mm", "0.47 in, 0.43 to 0.51")]
    [InlineData("14,5", "14,5 mm", "0.57 in")]
    [InlineData("14 mm to 18 mm", "14 mm to 18 mm", "0.55 to 0.71 in")]
    public void What_is_typed_is_kept_as_typed_and_shown_in_both_units(string typed, string kept, string both)
    {
        var field = Field(Edited(Delta(), new SheetEdit("$.throws[0].up", EditAct.Set, typed)), "$.throws[0].up");
        Assert.Equal((kept, both, FieldStanding.Stated), (field.Text, field.Both, field.Standing));
    }

    [Fact]
    public void What_cannot_be_understood_is_refused_at_its_field_and_changes_nothing()
    {
        var file = Delta();
        var before = file.ToJsonString();
        var refusal = SheetEdits.Apply(file, [new SheetEdit("$.throws[0].up", EditAct.Set, "twelve")]).Refused!;
        Assert.Equal("edits[0].text", refusal.Where);
        Assert.Equal(
            "edits[0].text",
            SheetEdits.Apply(file, [new SheetEdit("$.balance.allUpWeight", EditAct.Set, "12 mm")]).Refused!.Where
        );
        Assert.Equal(
            "edits[0].path",
            SheetEdits.Apply(file, [new SheetEdit("$.nowhere", EditAct.Set, "1")]).Refused!.Where
        );
        Assert.Equal(before, file.ToJsonString());
    }

    [Fact]
    public void Two_statements_stand_with_their_pages_until_one_is_taken_for_a_reason()
    {
        var both = Edited(Delta(), new SheetEdit("$.throws[0].up", EditAct.Also, "15 mm", "7"));
        Assert.Contains("$.throws[0].up", Read(both).Sheet!.Undecided.Keys);
        Assert.Equal(["13 mm ± 1 mm", "15 mm"], Field(both, "$.throws[0].up").Statements.Select(s => s.Text));
        Assert.Equal(
            "edits[0].reason",
            SheetEdits.Apply(both, [new SheetEdit("$.throws[0].up", EditAct.Take, "15 mm")]).Refused!.Where
        );
        var decided = Edited(both, new SheetEdit("$.throws[0].up", EditAct.Take, "15 mm", Reason: "Asked the maker."));
        Assert.DoesNotContain("$.throws[0].up", Read(decided).Sheet!.Undecided.Keys);
        Assert.Equal(15m, Read(decided).Sheet!.Throws[0].Ways[0].Value.Counts!.Nominal);
    }

    [Fact]
    public void What_is_only_assumed_is_no_statement_that_another_could_stand_against()
    {
        var file = Delta();
        file["balance"]!["allUpWeight"] = new JsonObject { ["assumed"] = "900 g" };
        file["throws"]![0]!["assumed"] = true;
        foreach (var path in new[] { "$.balance.allUpWeight", "$.throws[0].up" })
        {
            var text = path.EndsWith("up", StringComparison.Ordinal) ? "10 mm" : "1000 g";
            Assert.Equal(
                "sheet/only-assumed",
                SheetEdits.Apply(file, [new SheetEdit(path, EditAct.Also, text, "7")]).Refused!.Code
            );
        }
    }

    [Fact]
    public void What_the_manual_does_not_state_is_marked_so_and_never_invented()
    {
        var file = Edited(Delta(), new SheetEdit("$.balance.allUpWeight", EditAct.NotStated));
        Assert.Equal(FieldStanding.NotStated, Field(file, "$.balance.allUpWeight").Standing);
        var sheet = Read(file).Sheet!;
        Assert.Equal(new Printed<Quantity>.NotStated(true), sheet.Balance.Says(BalanceFields.AllUpWeight));
        Assert.Equal(Core.Journal.Standing.NotShown, new Bench(sheet).Line("weight/as flown").Standing);
    }

    [Fact]
    public void Cautions_usual_for_a_class_are_assumed_until_somebody_says_that_they_are_printed()
    {
        var begun = ArchetypeSheet
            .Begin(new ArchetypeRequest("plank", "Lid", "", 900, 420, 330, "EPO", []))
            .OrDefault()!;
        Assert.Equal(FieldStanding.Assumed, Field(begun, "$.cautions").Standing);
        var file = Edited(begun, new SheetEdit("$.cautions", EditAct.Confirm));
        Assert.Equal(FieldStanding.Stated, Field(file, "$.cautions").Standing);
        Assert.Equal(Field(begun, "$.cautions").Text, Field(file, "$.cautions").Text);
        Assert.DoesNotContain(Read(file).Sheet!.Assumed, p => p.StartsWith("$.cautions", StringComparison.Ordinal));
    }

    [Theory]
    [InlineData("$.geometry.fins[0]")]
    [InlineData("$.geometry.fins[0].at[0]", "$.geometry.fins[0].at[1]")]
    public void Where_a_fin_stands_is_confirmed_like_any_other_number(params string[] paths)
    {
        var begun = ArchetypeSheet
            .Begin(new ArchetypeRequest("motor-steered", "Lid", "", 480, 360, 22, "foam board", []))
            .OrDefault()!;
        Assert.Equal(FieldStanding.Assumed, Field(begun, "$.geometry.fins[0].at[0]").Standing);
        foreach (var path in paths)
        {
            begun = Edited(begun, new SheetEdit(path, EditAct.Confirm));
        }

        Assert.Equal(FieldStanding.Stated, Field(begun, "$.geometry.fins[0].at[0]").Standing);
        Assert.Equal(FieldStanding.Stated, Field(begun, "$.geometry.fins[0].at[1]").Standing);
    }

    [Fact]
    public void One_corrected_number_of_an_assumed_row_leaves_the_others_assumed()
    {
        var begun = ArchetypeSheet
            .Begin(new ArchetypeRequest("high-wing", "Lid", "", 1400, 1050, 1200, "EPO", []))
            .OrDefault()!;
        var file = Edited(begun, new SheetEdit("$.surfaces[0].chord", EditAct.Set, "41 mm"));
        var assumed = Read(file).Sheet!.Assumed;
        Assert.DoesNotContain("$.surfaces[0].chord", assumed);
        Assert.DoesNotContain("$.surfaces[0]", assumed);
        Assert.Contains("$.surfaces[0].from", assumed);
        var row = Edited(begun, new SheetEdit("$.throws[0]", EditAct.Confirm));
        Assert.DoesNotContain(Read(row).Sheet!.Assumed, p => p.StartsWith("$.throws[0]", StringComparison.Ordinal));
    }

    [Fact]
    public void Unknown_fields_are_kept_through_every_edit()
    {
        var file = Delta();
        file["shop"] = new JsonObject { ["shelf"] = "blue", ["list"] = new JsonArray(1, 2) };
        file["throws"]![0]!["colour"] = "red";
        var after = Edited(
            file,
            new SheetEdit("$.throws[0].up", EditAct.Set, "14 mm"),
            new SheetEdit("$.parts", EditAct.AddRow),
            new SheetEdit("$.cautions", EditAct.Set, "One; two")
        );
        Assert.Equal(
            ("blue", "red"),
            (after["shop"]!["shelf"]!.ToString(), after["throws"]![0]!["colour"]!.ToString())
        );
    }

    [Fact]
    public void A_row_is_added_with_an_id_of_its_own_and_taken_out_again()
    {
        var file = Edited(Delta(), new SheetEdit("$.parts", EditAct.AddRow), new SheetEdit("$.parts", EditAct.AddRow));
        var parts = Read(file).Sheet!.Parts;
        Assert.Equal(parts.Length, parts.Select(p => p.Id).Distinct().Count());
        Assert.Equal(
            parts.Length - 1,
            Read(Edited(file, new SheetEdit($"$.parts[{parts.Length - 1}]", EditAct.RemoveRow))).Sheet!.Parts.Length
        );
    }

    [Fact]
    public void Setting_every_field_to_what_it_says_changes_nothing_of_what_the_sheet_says()
    {
        foreach (var path in Directory.GetFiles(ProjectFolder.File("demo", "sheets")))
        {
            var file = JsonNode.Parse(File.ReadAllText(path))!.AsObject();
            static IEnumerable<FieldNow> In(RowsNow rows) =>
                rows.Rows.SelectMany(x => x.Fields.Concat(x.Lists.SelectMany(In)));
            var fields = SheetForm
                .Of(file, [], [], new HashSet<string>())
                .SelectMany(s => s.Fields.Concat(s.Lists.SelectMany(In)))
                .Where(f => f.Standing == FieldStanding.Stated)
                .ToArray();
            Assert.True(fields.Length > 100);
            var after = Edited(file, [.. fields.Select(f => new SheetEdit(f.Path, EditAct.Set, f.Text))]);
            Assert.Equal([], SheetDifference.Between(file, after));
        }
    }

    [Fact]
    public void A_difference_names_the_place_by_what_it_is_called_not_by_where_it_stands()
    {
        var before = Delta();
        var after = Edited(
            before,
            new SheetEdit("$.throws[1].up", EditAct.Set, "10 mm"),
            new SheetEdit("$.kit.revision", EditAct.Set, "2")
        );
        after["parts"]!.AsArray().RemoveAt(0);
        var differences = SheetDifference.Between(before, after);
        Assert.Contains(
            new SheetDifference("Throws", "throw row elevon aileron low, up", "9 mm ± 1 mm", "10 mm"),
            differences
        );
        Assert.Contains(differences, d => d.Place == "part spar, name" && d.After.Length == 0);
        Assert.DoesNotContain(differences, d => d.Place.StartsWith("part pushrod", StringComparison.Ordinal));
    }

    [Fact]
    public void Two_revisions_differ_in_nothing_when_they_are_the_same_and_both_ways_alike() =>
        Gen.Select(Gen.Int[0, 4], Gen.Int[1, 40])
            .Sample(
                (row, mm) =>
                {
                    var before = Delta();
                    var after = Edited(before, new SheetEdit($"$.throws[{row}].up", EditAct.Set, $"{mm} mm"));
                    var there = SheetDifference.Between(before, after);
                    var back = SheetDifference.Between(after, before);
                    return SheetDifference.Between(before, before).Count == 0
                        && there
                            .Select(d => (d.Place, d.Before, d.After))
                            .Order()
                            .SequenceEqual(back.Select(d => (d.Place, d.After, d.Before)).Order());
                },
                iter: 40
            );

    [Fact]
    public void A_falling_pair_taken_as_two_rates_judges_each_by_its_own_and_keeps_what_was_printed()
    {
        var file = Parasol();
        file["throws"] = JsonNode.Parse(
            """[{ "surfaces": "aileron", "rate": "", "up": "16 to 12 mm", "down": "15 mm to 11 mm", "page": "9" }]"""
        );
        file = Edited(file, new SheetEdit("$.throws[0].up", EditAct.TwoRates));
        file = Edited(file, new SheetEdit("$.throws[0].down", EditAct.TwoRates));
        var sheet = Read(file).Sheet!;
        Assert.Equal(["high", "low"], sheet.Throws.Select(t => t.Rate));
        var targets = Core
            .Throws.ThrowTargets.Of(sheet, ShopRules.Default)
            .Where(t => t.Surface.Id == "aileron-left")
            .ToDictionary(t => $"{t.Rate} {t.Way}", t => t.Nominal);
        Assert.Equal(
            (16, 12, 15, 11),
            (targets["high Up"], targets["low Up"], targets["high Down"], targets["low Down"])
        );
        Assert.Equal("16 to 12 mm", file["throws"]![1]!["up"]!["statements"]![0]!["text"]!.ToString());
        Assert.Equal("9", file["throws"]![1]!["page"]!.ToString());
    }

    [Fact]
    public void Two_rates_take_the_place_of_a_low_rate_in_proportion_and_leave_its_other_numbers_assumed()
    {
        var file = Parasol();
        file["throws"] = JsonNode.Parse(
            """
            [
              { "surfaces": "aileron", "rate": "high", "up": "16 to 12 mm", "down": "15 mm" },
              { "surfaces": "aileron", "rate": "low", "up": "9 mm", "down": "8 mm", "assumed": true }
            ]
            """
        );
        file = Edited(file, new SheetEdit("$.throws[0].up", EditAct.TwoRates));
        Assert.Equal(2, file["throws"]!.AsArray().Count);
        Assert.Equal(
            (FieldStanding.Contradicted, "12 mm"),
            (Field(file, "$.throws[1].up").Standing, Field(file, "$.throws[1].up").Text)
        );
        Assert.Equal(
            (FieldStanding.Assumed, "8 mm"),
            (Field(file, "$.throws[1].down").Standing, Field(file, "$.throws[1].down").Text)
        );
    }

    [Theory]
    [InlineData("12 mm", "", "", "No falling pair")]
    [InlineData("16 to 12 mm", "low", "", "low rate alone")]
    [InlineData("16 to 12 mm", "high", "9 mm", "already says 9 mm")]
    public void Two_rates_are_not_made_of_what_is_none_or_against_what_the_low_rate_already_says(
        string up,
        string rate,
        string low,
        string why
    )
    {
        var file = Parasol();
        file["throws"] = new JsonArray(
            new JsonObject
            {
                ["surfaces"] = "aileron",
                ["rate"] = rate,
                ["up"] = up,
            },
            new JsonObject
            {
                ["surfaces"] = "aileron",
                ["rate"] = "low",
                ["up"] = low.Length > 0 ? low : null,
            }
        );
        var refusal = SheetEdits.Apply(file, [new SheetEdit("$.throws[0].up", EditAct.TwoRates)]).Refused!;
        Assert.Equal(("sheet/pair", "edits[0].path"), (refusal.Code, refusal.Where));
        Assert.Contains(why, refusal.Text, StringComparison.Ordinal);
    }
}
