using System.Text;
using System.Text.Json.Nodes;
using Xunit;
using Zygotome.Core.Build;
using Zygotome.Core.HandOver;
using Zygotome.Core.Job;
using Zygotome.Core.Journal;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Archetypes;
using Zygotome.Core.Tests.Demo;
using Zygotome.Core.Throws;
using Zygotome.Core.Unpack;
using Zygotome.Tests;

namespace Zygotome.Core.Tests.Journal;

/// <summary>No job comes to a dead end: whatever the ledger asks for, there is an entry that shows it.</summary>
public sealed class FinishedTests
{
    public static TheoryData<string> Sheets =>
        [
            .. Directory
                .GetFiles(ProjectFolder.File("demo", "sheets"))
                .Select(f => Path.GetFileName(f).Split('.')[0])
                .Order(StringComparer.Ordinal),
        ];

    public static TheoryData<string> Classes => [.. ArchetypeList.All.Select(a => a.Key)];

    private static SpecSheet Read(JsonObject file) =>
        SheetReader.Read(Encoding.UTF8.GetBytes(file.ToJsonString())).Sheet!;

    [Theory]
    [MemberData(nameof(DemoJobsTests.Jobs), MemberType = typeof(DemoJobsTests))]
    public void Every_demo_job_can_be_finished_from_where_it_stands(string id) => Finished(DemoJobsTests.Bench(id));

    [Theory]
    [MemberData(nameof(DemoJobsTests.Jobs), MemberType = typeof(DemoJobsTests))]
    public void Every_demo_job_can_be_finished_by_one_person_alone_in_the_shop(string id)
    {
        var bench = DemoJobsTests.Bench(id, alone: true);
        var from = bench.State.Seq;
        Finished(bench);
        Assert.All(bench.Journal.Where(e => e.Seq > from), e => Assert.Equal(Tests.Bench.Vane.Id, e.By.Id));
    }

    private static void Finished(Bench bench)
    {
        if (bench.State.Released)
        {
            bench.Do(new Reopened("looked over once more"));
        }

        Sealed(new Finisher(bench).Finish());
    }

    [Theory]
    [MemberData(nameof(Sheets))]
    public void Every_demo_sheet_is_built_from_the_box_to_a_sealed_record(string name) =>
        Sealed(new Finisher(new Bench(Bench.Sheet(name))).Finish());

    [Theory]
    [MemberData(nameof(Classes))]
    public void A_kit_of_any_class_begun_from_the_lids_numbers_can_be_finished_once_a_lead_answers_its_gaps(string type)
    {
        var file = ArchetypeSheet
            .Begin(new ArchetypeRequest(type, "Made Up 14", "Nobody", 1400, 1050, 1200, "EPO", ["flaps", "wheels"]))
            .Match(f => f, r => throw new InvalidOperationException(r.Text));
        var bench = new Finisher(new Bench(Read(file))).Finish();
        Sealed(bench);
        Assert.All(
            bench.State.Release!.Ledger.Where(l => l.Id.StartsWith("sheet/assumed/", StringComparison.Ordinal)),
            l => Assert.Equal("I. Thorne", l.ConcededBy)
        );
    }

    /// <summary>
    /// Radio percent, holes by their place, marks to balance on, a contradiction: all that manuals say can be shown.
    /// </summary>
    [Fact]
    public void Whatever_a_manual_says_in_its_own_way_can_be_shown_and_the_job_finished()
    {
        var file = JsonNode
            .Parse(File.ReadAllText(ProjectFolder.File("demo", "sheets", "plimsey-1400.sheet.json")))!
            .AsObject();
        file["throws"]!
            .AsArray()
            .Add(
                JsonNode.Parse(
                    """{ "surfaces": "rudder", "rate": "percent", "right": "65 %", "left": "60 % to 70 %", "page": "11" }"""
                )
            );
        file["throws"]!
            .AsArray()
            .Add(
                JsonNode.Parse(
                    """{ "surfaces": "aileron", "rate": "angle", "up": "20 deg ± 2 deg", "down": "15 deg", "measure": "angle" }"""
                )
            );
        file["holes"] = JsonNode.Parse(
            """[{ "surfaces": "rudder", "arm": "second from the outside", "horn": "outermost", "page": "12" }]"""
        );
        file["balance"]!["configurations"]!
            .AsArray()
            .Add(JsonNode.Parse("""{ "name": "by marks", "marks": "moulded arrows under the wing" }"""));
        var bench = new Bench(Read(file));
        Assert.Equal("arm: second from the outside hole, horn: outermost hole", bench.Line("hole/rudder").Limits);
        Assert.Contains("moulded arrows", bench.Line("balance/by marks").Why, StringComparison.Ordinal);
        Sealed(new Finisher(bench).Finish());
        Assert.Equal(
            "65 %",
            bench.Line("throw/rudder/rudder/percent/right").Reading.Replace("65.0", "65", StringComparison.Ordinal)
        );
    }

    [Fact]
    public void Pushrods_in_other_holes_than_the_manual_names_are_not_met_until_moved_or_conceded()
    {
        var file = JsonNode
            .Parse(File.ReadAllText(ProjectFolder.File("demo", "sheets", "plimsey-1400.sheet.json")))!
            .AsObject();
        file["holes"] = JsonNode.Parse("""[{ "surfaces": "rudder", "arm": "second from the outside" }]""");
        var bench = new Bench(Read(file));
        bench.Do(new HolesSeen("rudder", false));
        Assert.Equal(Standing.NotMet, bench.Line("hole/rudder").Standing);
        bench.Do(new LinkageMoved("rudder", LinkagePart.ArmHole));
        Assert.Equal(Standing.Stale, bench.Line("hole/rudder").Standing);
        bench.Do(new HolesSeen("rudder", true));
        Assert.Equal(Standing.Met, bench.Line("hole/rudder").Standing);
    }

    // What was sealed is what the journal gives again, and nothing in it is open.
    private static void Sealed(Bench bench)
    {
        var release = bench.State.Release!;
        Assert.All(release.Ledger, l => Assert.False(l.Open, l.Id));
        Assert.Equal(release.Ledger.Length, release.Ledger.Select(l => l.Id).Distinct().Count());
        var again = Replay.Of(Stages.Unopened(bench.State.Filed), [.. bench.Journal]);
        Assert.Equal(release.Ledger, again.Release!.Ledger);
        Assert.Empty(again.Unsupported);
        Assert.All(
            again.Unpack.Findings.Where(f => f.Grading.Grade == Grade.FlightCritical),
            f => Assert.True(f.Sound && (f.Repair!.By.Id != f.ReinspectedBy!.Id || f.ReinspectedBy.Alone), f.Tag)
        );
    }
}
