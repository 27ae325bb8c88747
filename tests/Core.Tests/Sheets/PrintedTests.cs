using System.Text;
using System.Text.Json.Nodes;
using CsCheck;
using Xunit;
using Zygotome.Core.HandOver;
using Zygotome.Core.Job;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Editing;
using Zygotome.Core.Sheets.Plausibility;
using Zygotome.Core.Sheets.Table;
using Zygotome.Papers;
using Zygotome.Tests;

namespace Zygotome.Core.Tests.Sheets;

/// <summary>Whose word a value is goes with it from the file to the line it is judged by.</summary>
public sealed class PrintedTests
{
    private static readonly string[] Names =
    [
        .. Directory
            .GetFiles(ProjectFolder.File("demo", "sheets"))
            .Select(f => Path.GetFileName(f).Replace(".sheet.json", "", StringComparison.Ordinal))
            .Order(StringComparer.Ordinal),
    ];

    private static JsonObject File_(string name) =>
        JsonNode.Parse(File.ReadAllText(ProjectFolder.File("demo", "sheets", $"{name}.sheet.json")))!.AsObject();

    private static SheetReading Read(JsonObject file) => SheetReader.Read(Encoding.UTF8.GetBytes(file.ToJsonString()));

    /// <summary>What somebody may make of a value: each of the cases a file knows.</summary>
    private static JsonObject Made(JsonNode value, int how) =>
        how switch
        {
            0 => new JsonObject { ["assumed"] = value.DeepClone() },
            1 => new JsonObject { ["notStated"] = true },
            2 => new JsonObject { ["notHere"] = true },
            3 => Said(value),
            _ => Said(value, taken: true),
        };

    private static JsonObject Said(JsonNode value, bool taken = false)
    {
        var said = new JsonObject
        {
            ["statements"] = new JsonArray(
                new JsonObject { ["text"] = value.DeepClone(), ["page"] = "3" },
                new JsonObject
                {
                    ["text"] = value.DeepClone(),
                    ["page"] = "9",
                    ["source"] = "bulletin",
                }
            ),
        };
        if (taken)
        {
            (said["taken"], said["reason"], said["by"]) = (value.DeepClone(), "the later page", "I. Thorne");
        }

        return said;
    }

    private static IEnumerable<string> Places(JsonObject file) =>
        SheetTable
            .Pages.SelectMany(p => p.Fields.Select(f => $"$.{f.Name}"))
            .Concat(SheetTable.Pages.SelectMany(p => p.Lists).SelectMany(l => Rows(file, $"$.{l.Name}", l)))
            .Where(p => JsonPath.Get(file, p) is { } node and not JsonObject && SheetTable.Find(p) is not null);

    private static IEnumerable<string> Rows(JsonObject file, string path, SheetList list) =>
        Enumerable
            .Range(0, (JsonPath.Get(file, path) as JsonArray)?.Count ?? 0)
            .SelectMany(i =>
                list.Fields.Select(f => $"{path}[{i}].{f.Name}")
                    .Concat(list.Inners.SelectMany(inner => Rows(file, $"{path}[{i}].{inner.Name}", inner)))
            );

    /// <summary>Ten sheets × some of their values × the five things that can be said of one.</summary>
    [Fact]
    public void Whatever_is_said_of_any_value_of_any_sheet_it_is_read_doubted_and_a_job_on_it_has_its_ledger() =>
        Gen.Select(Gen.Int[0, Names.Length - 1], Gen.Select(Gen.Int[0, 100_000], Gen.Int[0, 4]).Array[1, 6])
            .Sample(
                (name, changes) =>
                {
                    var file = File_(Names[name]);
                    foreach (var (place, how) in changes)
                    {
                        var places = Places(file).ToArray();
                        if (places.Length == 0)
                        {
                            continue;
                        }

                        var path = places[place % places.Length];
                        Assert.True(JsonPath.Set(file, path, Made(JsonPath.Get(file, path)!, how)));
                    }

                    var read = Read(file);
                    Assert.NotNull(read.Rough);
                    _ = Plausible.Of(read.Rough);
                    if (SheetDoor.OnFile(Encoding.UTF8.GetBytes(file.ToJsonString())) is { Sheet: { } sheet })
                    {
                        Assert.NotEmpty(Ledger.Of(new Bench(sheet).State, DateTimeOffset.UnixEpoch));
                    }
                },
                iter: 150
            );

    /// <summary>
    /// Tables of parts, throws and steps, with whatever is said of their values, come back as they went.
    /// </summary>
    [Fact]
    public void A_table_that_goes_out_and_comes_back_says_the_same_of_every_value_whoever_said_it() =>
        Gen.Select(
                Gen.Int[0, Names.Length - 1],
                Gen.OneOfConst("parts", "throws", "steps"),
                Gen.Select(Gen.Int[0, 100_000], Gen.Int[0, 4]).Array[1, 8]
            )
            .Sample(
                (name, list, changes) =>
                {
                    var file = File_(Names[name]);
                    foreach (var (place, how) in changes)
                    {
                        var places = Places(file)
                            .Where(p => p.StartsWith($"$.{list}[", StringComparison.Ordinal))
                            .Where(p => !p.EndsWith(".id", StringComparison.Ordinal))
                            .ToArray();
                        if (places.Length == 0)
                        {
                            continue;
                        }

                        var path = places[place % places.Length];
                        Assert.True(JsonPath.Set(file, path, Made(JsonPath.Get(file, path)!, how)));
                    }

                    var read = SheetCsv.Read(SheetCsv.Write(file, list), list);
                    Assert.Empty(read.Mistakes);
                    Assert.True(JsonNode.DeepEquals(file[list], read.Rows), $"{list} of {Names[name]}");
                },
                iter: 150
            );

    [Fact]
    public void Each_case_of_a_printed_value_counts_or_does_not_and_says_why()
    {
        var twelve = Bench.Q("12 mm");
        (Printed<Quantity> Said, bool Counts, bool Likely, string Why)[] cases =
        [
            (new Printed<Quantity>.Stated(twelve), true, true, ""),
            (new Printed<Quantity>.Given(twelve, "I. Thorne", "measured"), true, true, ""),
            (new Printed<Quantity>.Assumed(twelve), false, true, "Not stated by the maker; 12 mm is assumed."),
            (new Printed<Quantity>.NotStated(true), false, false, "The manual does not state it."),
            (new Printed<Quantity>.NotHere(), false, false, "Not on this aircraft."),
            (
                new Printed<Quantity>.Contradicted([new("12 mm", "3"), new("14 mm", "9")], [twelve], null),
                false,
                true,
                "The manual says 12 mm (page 3) against 14 mm (page 9); nobody has decided what counts."
            ),
            (
                new Printed<Quantity>.Contradicted(
                    [new("12 mm", "3"), new("14 mm", "9")],
                    [twelve],
                    new Decision<Quantity>(twelve, "the first page", "I. Thorne")
                ),
                true,
                true,
                ""
            ),
        ];
        Assert.All(
            cases,
            c =>
                Assert.Equal(
                    (c.Counts, c.Likely, c.Why),
                    (c.Said.Counts is not null, c.Said.Likely is not null, c.Said.WhyNot)
                )
        );
    }

    /// <summary>A tired lead would let the convenient one stand.</summary>
    [Fact]
    public void Two_states_of_power_on_two_pages_are_decided_in_a_revision_and_never_conceded()
    {
        var sheet = Bench.Sheet(
            "plimsey-1400",
            n =>
                n["steps"]![1]!["power"] = JsonNode.Parse(
                    """
                    {
                      "transmitter": "on",
                      "throttle": {
                        "statements": [{ "text": "full", "page": "6" }, { "text": "cut", "page": "9" }]
                      }
                    }
                    """
                )
        );
        var bench = new Bench(sheet);
        var line = bench.Line("sheet/undecided/$.steps[1].power.throttle");
        Assert.Equal((Standing.NotMet, Concedable.Never), (line.Standing, line.Concedable));
        Assert.Equal("handover/never", bench.Refused(new Conceded(line.Id, "Page 6 will do."), Bench.Thorne)!.Code);
    }

    [Fact]
    public void Two_glues_on_two_pages_are_a_line_until_somebody_decides_and_then_shown_at_their_step()
    {
        var undecided = Bench.Sheet("plimsey-1400", n => n["steps"]![1]!["text"] = Glues());
        var line = new Bench(undecided).Line("sheet/undecided/$.steps[1].text");
        Assert.True(line.Open);
        Assert.Contains(
            "kit's own glue (page 4) against contact (bulletin, page 12)",
            line.Why,
            StringComparison.Ordinal
        );
        var decided = Bench.Sheet(
            "plimsey-1400",
            n =>
            {
                var said = Glues();
                (said["taken"], said["reason"], said["by"]) = ("contact", "The bulletin is later.", "I. Thorne");
                n["steps"]![1]!["text"] = said;
            }
        );
        Assert.DoesNotContain(
            Ledger.Of(new Bench(decided).State, DateTimeOffset.UnixEpoch),
            l => l.Id.StartsWith("sheet/undecided", StringComparison.Ordinal)
        );
        var step = decided.Steps[1];
        Assert.Equal("contact", step.Text);
        Assert.Equal(
            "“kit's own glue” (page 4) against “contact” (bulletin, page 12): “contact” counts. The bulletin is later. "
                + "(I. Thorne)",
            Assert.Single(decided.DecidedAt(step.Path)).Words
        );
    }

    private static JsonObject Glues() =>
        new()
        {
            ["statements"] = new JsonArray(
                new JsonObject { ["text"] = "kit's own glue", ["page"] = "4" },
                new JsonObject
                {
                    ["text"] = "contact",
                    ["page"] = "12",
                    ["source"] = "bulletin",
                }
            ),
        };

    [Fact]
    public void A_decision_between_two_throws_and_the_paper_they_are_from_are_on_their_line()
    {
        var sheet = Bench.Sheet(
            "plimsey-1400",
            n =>
            {
                n["throws"]![0]!["up"] = new JsonObject
                {
                    ["statements"] = new JsonArray(
                        new JsonObject { ["text"] = "12 mm ± 1 mm", ["page"] = "5" },
                        new JsonObject { ["text"] = "14 mm ± 1 mm", ["page"] = "7" }
                    ),
                    ["taken"] = "14 mm ± 1 mm",
                    ["reason"] = "The later page.",
                    ["by"] = "I. Thorne",
                };
                n["throws"]![0]!["page"] = "5";
                n["sources"] = new JsonObject
                {
                    ["throws"] = new JsonObject { ["kind"] = "loose sheet", ["date"] = "3 March" },
                };
            }
        );
        var line = new Bench(sheet).Line("throw/aileron-left/aileron/high/up");
        Assert.Equal("13 to 15 mm", line.Limits);
        Assert.Equal("5 of the loose sheet, 3 March", line.Page);
        Assert.Contains(
            "“12 mm ± 1 mm” (page 5) against “14 mm ± 1 mm” (page 7)",
            line.Decided,
            StringComparison.Ordinal
        );
        Assert.Contains(line.Decided, SealedLine.Of(line).Why, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("$.power.motors[0].draw", "45 A to 40 A")]
    [InlineData("$.balance.configurations[0].range", "74 mm to 62 mm")]
    [InlineData("$.balance.allUpWeight", "1700 to 1500 g")]
    [InlineData("$.defaults.throwTolerance", "2 to 1 mm")]
    public void A_falling_pair_counts_in_no_field_until_somebody_says_what_it_is(string path, string pair)
    {
        var file = File_("plimsey-1400");
        Assert.True(JsonPath.Set(file, path, JsonValue.Create(pair)));
        var sheet = Read(file).Sheet!;
        Assert.Contains(path, sheet.Undecided.Keys);
        var flag = Assert.Single(Plausible.Of(sheet), f => f.Id.StartsWith("descending", StringComparison.Ordinal));
        Assert.Equal("", flag.Pair!.High);
        var mended = SheetEdits
            .Apply(file, [new SheetEdit(path, EditAct.Take, flag.Pair.Band, Reason: "A band.")], "I. Thorne")
            .Match(f => f, r => throw new InvalidOperationException(r.Text));
        Assert.DoesNotContain(path, Read(mended).Sheet!.Undecided.Keys);
    }

    [Fact]
    public void What_is_not_on_this_aircraft_asks_for_nothing()
    {
        var sheet = Bench.Sheet("plimsey-1400", n => n["throws"]![0]!["down"] = new JsonObject { ["notHere"] = true });
        var ledger = Ledger.Of(new Bench(sheet).State, DateTimeOffset.UnixEpoch);
        Assert.DoesNotContain(ledger, l => l.Id == "throw/aileron-left/aileron/high/down");
        Assert.Contains(ledger, l => l.Id == "throw/aileron-left/aileron/high/up");
    }

    [Fact]
    public void A_way_that_no_row_speaks_of_and_a_surface_said_to_go_nowhere_are_lines_all_the_same()
    {
        var silent = Bench.Sheet(
            "plimsey-1400",
            n =>
            {
                foreach (var row in n["throws"]!.AsArray().Where(r => r!["surfaces"]!.ToString() == "aileron"))
                {
                    row!.AsObject().Remove("down");
                }
            }
        );
        Assert.Contains("states no throw", new Bench(silent).Line("throw/aileron-left/aileron/high/down").Why);
        var nowhere = Bench.Sheet(
            "plimsey-1400",
            n =>
            {
                foreach (var row in n["throws"]!.AsArray().Where(r => r!["surfaces"]!.ToString() == "aileron"))
                {
                    (row!["up"], row["down"]) = (Not(), Not());
                }
            }
        );
        Assert.True(new Bench(nowhere).Line("throw/aileron-left/aileron/high/up").Open);

        static JsonObject Not() => new() { ["notHere"] = true };
    }

    [Theory]
    [InlineData(null, true)]
    [InlineData("""{ "notStated": true }""", true)]
    [InlineData("""{ "notHere": true }""", false)]
    [InlineData("[]", false)]
    public void Silence_about_motors_is_a_line_that_nobody_concedes(string? said, bool line)
    {
        var sheet = Bench.Sheet(
            "lowen-2600",
            n =>
            {
                n["power"]!.AsObject().Remove("motors");
                if (said is not null)
                {
                    n["power"]!["motors"] = JsonNode.Parse(said);
                }
            }
        );
        var asked = Ledger
            .Of(new Bench(sheet).State, DateTimeOffset.UnixEpoch)
            .Where(l => l.Id == "sheet/silent/power.motors");
        Assert.Equal(line ? [Concedable.Never] : [], asked.Select(l => l.Concedable));
    }

    [Fact]
    public void What_was_looked_for_in_vain_is_a_gap_and_not_silence()
    {
        var sheet = Bench.Sheet(
            "plimsey-1400",
            n => n["throws"]![0]!["down"] = new JsonObject { ["notStated"] = true }
        );
        var line = new Bench(sheet).Line("throw/aileron-left/aileron/high/down");
        Assert.Equal(Standing.NotShown, line.Standing);
        Assert.Contains("states no throw", line.Why, StringComparison.Ordinal);
    }

    /// <summary>The law of a change: put in its place it makes of the form before the form after.</summary>
    [Fact]
    public void A_change_of_a_form_says_only_what_reads_otherwise()
    {
        var before = File_("plimsey-1400");
        var after = SheetEdits
            .Apply(before, [new SheetEdit("$.surfaces[0].chord", EditAct.Set, "47 mm")])
            .Match(f => f, r => throw new InvalidOperationException(r.Text));
        var change = Assert.Single(SectionChange.Between(Form(before), Form(after)));
        Assert.Equal(
            ("surfaces", null, "$.surfaces[0].chord"),
            (change.Key, change.Whole, Assert.Single(change.Fields).Path)
        );
        var row = SheetEdits
            .Apply(before, [new SheetEdit("$.throws", EditAct.AddRow)])
            .Match(f => f, r => throw new InvalidOperationException(r.Text));
        Assert.NotNull(Assert.Single(SectionChange.Between(Form(before), Form(row))).Whole);
        Assert.Empty(SectionChange.Between(Form(before), Form(before)));
    }

    private static IReadOnlyList<SectionNow> Form(JsonObject file) =>
        SheetForm.Of(file, Read(file).Errors, [], new HashSet<string>());
}
