using System.Text;
using System.Text.Json.Nodes;
using Xunit;
using Zygotome.Core.Job;
using Zygotome.Core.Journal;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Archetypes;
using Zygotome.Core.Tests.Golden;
using Zygotome.Tests;

namespace Zygotome.Core.Tests.Sheets;

/// <summary>
/// A sheet is refused at import with the place of every mistake; one that is on file is read, and its mistakes are
/// lines of its jobs.
/// </summary>
public sealed class SheetDoorTests
{
    private static string Demo(string name) =>
        File.ReadAllText(ProjectFolder.File("demo", "sheets", $"{name}.sheet.json"));

    private static SheetReading AtImport(string text, int last = 0) =>
        SheetDoor.AtImport(Encoding.UTF8.GetBytes(text), _ => last);

    private static string[] Places(string text) => [.. AtImport(text).Errors.Select(e => e.Path)];

    private static string Changed(string name, Action<JsonObject> change)
    {
        var file = JsonNode.Parse(Demo(name))!.AsObject();
        change(file);
        return file.ToJsonString();
    }

    private static JsonArray List(JsonObject file, params ReadOnlySpan<string> path)
    {
        JsonNode at = file;
        foreach (var name in path)
        {
            at = at[name]!;
        }

        return at.AsArray();
    }

    private static void Twice(JsonArray list) => list.Add(list[0]!.DeepClone());

    public static TheoryData<string> Sheets =>
        [
            .. Directory
                .GetFiles(ProjectFolder.File("demo", "sheets"))
                .Select(f => Path.GetFileName(f).Split('.')[0])
                .Order(StringComparer.Ordinal),
        ];

    [Theory]
    [MemberData(nameof(Sheets))]
    public void Every_demo_sheet_comes_in_without_a_mistake(string name) => Assert.Empty(AtImport(Demo(name)).Errors);

    [Fact]
    public void A_sheet_begun_from_any_class_comes_in_without_a_mistake() =>
        Assert.All(
            ArchetypeList.All,
            type =>
            {
                var request = new ArchetypeRequest(
                    type.Key,
                    "Made Up 14",
                    "Nobody",
                    1400,
                    1050,
                    1200,
                    "EPO",
                    ["wheels"]
                );
                var file = ArchetypeSheet.Begin(request).OrDefault()!;
                Assert.Empty(AtImport(file.ToJsonString()).Errors);
            }
        );

    [Fact]
    public void Names_that_lead_nowhere_are_refused_each_with_its_place()
    {
        var text = Changed(
            "plimsey-1400",
            f =>
            {
                List(f, "steps")[2]!["fits"] = new JsonArray("fuselaj", "wing");
                List(f, "steps")[3]!["hides"] = new JsonArray("direction/", "hinge/none");
                List(f, "steps")[4]!["school"] = new JsonObject { ["hinges"] = "stiffenn", ["hinge"] = "free" };
                List(f, "steps")[5]!["disturbs"] = new JsonArray("balance", "bellance");
                List(f, "servos")[0]!["drives"] = new JsonArray("aileron-lefft");
                List(f, "power", "motors")[0]!["controller"] = "mane";
                List(f, "wiring", "leads")[1]!["from"] = "sv-none";
                List(f, "surfaces")[0]!["function"] = "alieron";
            }
        );
        Assert.Equal(
            [
                "$.power.motors[0].controller",
                "$.servos[0].drives[0]",
                "$.steps[2].fits[0]",
                "$.steps[3].hides[1]",
                "$.steps[4].school.hinge",
                "$.steps[4].school.hinges",
                "$.steps[5].disturbs[1]",
                "$.surfaces[0].function",
                "$.throws[0].surfaces",
                "$.throws[1].surfaces",
                "$.wiring.leads[1].from",
            ],
            Places(text)
                .Where(p => p is not "$.throws[0].function" and not "$.throws[1].function")
                .Append("$.throws[0].surfaces")
                .Append("$.throws[1].surfaces")
                .Distinct()
                .Order(StringComparer.Ordinal)
        );
    }

    [Theory]
    [InlineData("surfaces", "$.surfaces[8].id")]
    [InlineData("throws", "$.throws[#]")]
    [InlineData("neutral", "$.neutral[#]")]
    [InlineData("rates", "$.rates[#].name")]
    [InlineData("servos", "$.servos[#].id")]
    [InlineData("parts", "$.parts[#].id")]
    [InlineData("balance/configurations", "$.balance.configurations[#].name")]
    [InlineData("power/motors", "$.power.motors[#].id")]
    [InlineData("power/controllers", "$.power.controllers[#].id")]
    [InlineData("wiring/leads", "$.wiring.leads[#].id")]
    [InlineData("geometry/ballastStations", "$.geometry.ballastStations[#].name")]
    public void What_is_said_twice_is_refused_where_it_is_said_again(string list, string place)
    {
        var again = 0;
        var text = Changed(
            "plimsey-1400",
            f =>
            {
                var rows = List(f, list.Split('/'));
                again = rows.Count;
                Twice(rows);
            }
        );
        Assert.Contains(
            place.Replace("[#]", $"[{again}]", StringComparison.Ordinal).Replace("[8]", $"[{again}]"),
            Places(text)
        );
    }

    [Fact]
    public void A_row_for_one_surface_after_a_row_for_all_of_them_asks_the_same_twice()
    {
        var text = Changed(
            "plimsey-1400",
            f =>
                List(f, "throws")
                    .Add(JsonNode.Parse("""{ "surfaces": "aileron-left", "rate": "high", "up": "17 mm ± 1 mm" }"""))
        );
        Assert.Equal(
            "Left aileron, aileron up at high stands in a row before this one.",
            AtImport(text).Errors[0].Text
        );
    }

    [Fact]
    public void A_table_in_millimetres_is_not_taken_as_angles()
    {
        var text = Changed("plimsey-1400", f => f["defaults"]!["throwMeasure"] = "angle");
        Assert.Contains("$.throws[0].up", Places(text));
        Assert.Empty(Places(Changed("plimsey-1400", f => f["defaults"]!["throwMeasure"] = "straight ruler")));
    }

    [Fact]
    public void A_surface_that_nothing_moves_is_refused() =>
        Assert.Contains(
            "$.surfaces[0].functions",
            Places(Changed("skerrow-64", f => List(f, "surfaces")[0]!["functions"] = new JsonArray()))
        );

    [Theory]
    [InlineData("\"revision\": 1,", "\"revision\": 1, \"revision\": 1,", "$.kit.revision")]
    [InlineData("\"revision\": 1,", "\"revision\": 101,", "$.kit.revision")]
    [InlineData("\"revision\": 1,", "\"revision\": 1, // first\n", "line 8, byte 20")]
    [InlineData("\"maker\": \"", "\"maker\": \"\\ud83d", "$.kit.maker")]
    [InlineData("\"maker\": \"", "\"maker\": \"\\u0007", "$.kit.maker")]
    [InlineData("\"maker\": \"", "\"ma\\u0000ker\": \"", "$.kit")]
    [InlineData("16 mm to 19 mm", "9999999999999999999999999999 mm", "$.throws[0].up")]
    [InlineData("16 mm to 19 mm", "99999999999999 mm", "$.throws[0].up")]
    public void A_file_that_no_two_programs_read_alike_is_refused_with_the_place(string old, string now, string place)
    {
        var text = Demo("plimsey-1400");
        Assert.Contains(old, text, StringComparison.Ordinal);
        var at = text.IndexOf(old, StringComparison.Ordinal);
        Assert.Contains(place, Places(text[..at] + now + text[(at + old.Length)..]));
    }

    [Fact]
    public void Bytes_that_are_no_text_are_refused_at_the_first_of_them()
    {
        byte[] bytes = [.. "{ \"format\": \""u8, 0xC3, 0x28, .. "\" }"u8];
        Assert.Equal("byte 14", Assert.Single(SheetDoor.AtImport(bytes, _ => 0).Errors).Path);
    }

    [Fact]
    public void A_hundred_revisions_beyond_the_last_on_file_are_taken_and_no_more()
    {
        static string Revision(int n) => Changed("plimsey-1400", f => f["kit"]!["revision"] = n);
        Assert.Empty(AtImport(Revision(112), last: 12).Errors);
        Assert.Equal("$.kit.revision", Assert.Single(AtImport(Revision(113), last: 12).Errors).Path);
    }

    [Fact]
    public void What_is_on_file_is_read_and_its_mistakes_are_lines_that_only_a_mended_revision_takes_away()
    {
        var job = GoldenJob.Read("dangling");
        var bench = new Bench(job.State, job.Entries, job.Entries[^1].RecordedAt);
        var lines = bench.Open().Where(l => l.Id.StartsWith("sheet/mistake/", StringComparison.Ordinal)).ToArray();
        Assert.Contains("sheet/mistake/$.steps[4].school.hinges", lines.Select(l => l.Id));
        Assert.All(
            lines,
            l =>
            {
                Assert.Equal(Standing.NotMet, l.Standing);
                var waved = new Core.HandOver.Conceded(l.Id, "it flies all the same", "so be it");
                Assert.Equal("handover/never", bench.Refused(waved, Bench.Thorne)!.Code);
            }
        );
    }

    [Fact]
    public void A_hole_said_twice_of_one_surface_is_refused_where_it_is_said_again()
    {
        var text = Changed(
            "plimsey-1400",
            f =>
                f["holes"] = JsonNode.Parse(
                    """[{ "surfaces": "aileron", "arm": "outermost" }, { "surfaces": "aileron-left", "arm": "innermost" }]"""
                )
        );
        Assert.Equal(["$.holes[1]"], Places(text));
    }

    [Theory]
    [InlineData("dangling")]
    [InlineData("twice")]
    [InlineData("no-function")]
    [InlineData("angle-over-millimetres")]
    public void A_job_on_such_a_sheet_has_each_line_once_and_can_move_to_a_mended_revision(string name)
    {
        var job = GoldenJob.Read(name);
        var state = job.State;
        var at = job.Entries[^1].RecordedAt;
        Assert.NotEmpty(state.Sheet.Mistakes);
        Assert.Equal(Ledger.Of(state, at).Length, Ledger.Of(state, at).Select(l => l.Id).Distinct().Count());

        var mended = Bench.Sheet(state.Filed.Kit.Id);
        var bench = new Bench(state, job.Entries, at);
        bench.Know(mended);
        var words = Core
            .Job.MovePreview.Of(bench.State, mended, at, Bench.Thorne)
            .Where(p => p.Asks)
            .Select(p => new Core.Receive.NotOnAircraft(p.Id, "a misprint of the sheet"));
        bench.Do(new Core.Receive.SheetMoved(mended.Kit.Revision, mended.Hash, "mended", [.. words]), Bench.Thorne);
        Assert.DoesNotContain(bench.Open(), l => l.Id.StartsWith("sheet/mistake/", StringComparison.Ordinal));
    }

    [Fact]
    public void Steps_that_wait_for_each_other_in_a_circle_are_read_though_a_school_takes_one_of_them_out()
    {
        var text = Changed(
            "plimsey-1400",
            f =>
            {
                var steps = List(f, "steps");
                steps[1]!["after"] = new JsonArray(steps[2]!["id"]!.DeepClone());
                steps[2]!["after"] = new JsonArray(steps[1]!["id"]!.DeepClone());
                steps[1]!["school"] = new JsonObject { ["tail-fixing"] = "screws" };
                steps[2]!["school"] = new JsonObject { ["tail-fixing"] = "screws" };
            }
        );
        Assert.Contains("$.steps", Places(text));
        var sheet = SheetDoor.OnFile(Encoding.UTF8.GetBytes(text)).Sheet!;
        Assert.NotEmpty(Ledger.Of(new Bench(sheet).State, DateTimeOffset.UnixEpoch));
    }
}
