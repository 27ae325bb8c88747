using System.Text;
using System.Text.Json.Nodes;
using Xunit;
using Zygotome.Core.Job;
using Zygotome.Core.Journal;
using Zygotome.Core.Receive;
using Zygotome.Core.Sheets;
using Zygotome.Tests;

namespace Zygotome.Core.Tests.Receive;

public sealed class RevisionTests
{
    private static SpecSheet Second(Action<JsonNode> change)
    {
        var node = JsonNode.Parse(File.ReadAllText(ProjectFolder.File("demo", "sheets", "skerrow-64.sheet.json")))!;
        node["kit"]!["revision"] = 2;
        change(node);
        return SheetReader.Read(Encoding.UTF8.GetBytes(node.ToJsonString())).Sheet!;
    }

    private static (Bench Bench, SheetMoved Move) Knowing(SpecSheet sheet)
    {
        var bench = Bench.Ready();
        bench.Know(sheet);
        return (bench, new SheetMoved(2, sheet.Hash, "The maker corrected it."));
    }

    [Fact]
    public void What_moving_would_change_is_said_before_it_is_done_and_comes_true()
    {
        var second = Second(n =>
        {
            n["surfaces"]![0]!["chord"] = "50 mm";
            n["throws"]![1]!["up"] = "30 mm ± 1 mm";
            n["steps"]!.AsArray().Single(s => (string?)s!["id"] == "fit-fins")!["title"] = "Glue both fins, toed in";
        });
        var (bench, move) = Knowing(second);
        var preview = MovePreview
            .Of(bench.State, second, bench.Now, Bench.Vane)
            .ToDictionary(p => p.Id, StringComparer.Ordinal);
        Assert.Equal(Standing.Stale, preview["throw/elevon-left/aileron/high/up"].StandsAfter);
        Assert.Equal(Standing.NotShown, preview["step/fit-fins"].StandsAfter);
        Assert.False(bench.Line("throw/elevon-left/aileron/high/up").Open);
        bench.Do(move, Bench.Thorne);
        Assert.All(
            preview,
            p =>
                Assert.Equal(
                    p.Value.StandsAfter,
                    Ledger.Of(bench.State, bench.Now).SingleOrDefault(l => l.Id == p.Key)?.Standing
                )
        );
        Assert.Equal(2, bench.State.Receive.SheetRevision);
        Assert.Equal(1, bench.State.Filed.Kit.Revision);
    }

    [Fact]
    public void Changed_limits_judge_the_readings_anew_and_make_nothing_stale()
    {
        var second = Second(n => n["throws"]![0]!["up"] = "20 mm ± 1 mm");
        var (bench, move) = Knowing(second);
        bench.Do(move, Bench.Thorne);
        Assert.Equal(Standing.NotMet, bench.Line("throw/elevon-left/aileron/high/up").Standing);
        Assert.False(bench.Line("throw/elevon-left/aileron/high/down").Open);
    }

    [Fact]
    public void A_journal_that_moved_replays_to_the_same_state()
    {
        var second = Second(n => n["surfaces"]![0]!["chord"] = "50 mm");
        var (bench, move) = Knowing(second);
        bench.Do(move, Bench.Thorne);
        var again = Replay.Of(Stages.Unopened(Bench.Delta, bench.State.Revisions), bench.Journal);
        Assert.Equal(Ledger.Of(bench.State, bench.Now), Ledger.Of(again, bench.Now));
    }

    [Fact]
    public void A_job_moves_only_to_a_revision_on_file_of_its_own_kit()
    {
        var (bench, move) = Knowing(Second(_ => { }));
        Assert.Equal("receive/sheet", bench.Refused(move with { SheetHash = "unknown" }, Bench.Thorne)!.Code);
        bench.Know(Bench.Delta);
        Assert.Equal(
            "receive/same-sheet",
            bench.Refused(new SheetMoved(1, Bench.Delta.Hash, "Back."), Bench.Thorne)!.Code
        );
        bench.Know(Bench.Parasol);
        Assert.Equal(
            "receive/other-kit",
            bench.Refused(new SheetMoved(1, Bench.Parasol.Hash, "Other."), Bench.Thorne)!.Code
        );
    }
}
