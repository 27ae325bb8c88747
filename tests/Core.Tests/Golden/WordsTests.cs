using System.Globalization;
using System.Text;
using Xunit;
using Zygotome.Core.Job;
using Zygotome.Core.Journal;
using Zygotome.Core.Tests.Demo;
using Zygotome.Core.Tests.Journal;
using Zygotome.Tests;

namespace Zygotome.Core.Tests.Golden;

/// <summary>
/// Every requirement's id and all that its line ever says, over every demo job and every demo sheet from the box to its
/// release: kept in <c>tests/Golden/words</c>, so that no word changes unseen. Written anew with ZYGOTOME_WRITE=1; a
/// line that stands otherwise has its row in <c>changes.md</c> besides.
/// </summary>
public sealed class WordsTests
{
    [Theory]
    [MemberData(nameof(FinishedTests.Sheets), MemberType = typeof(FinishedTests))]
    public void From_the_box_to_its_release_every_line_of_a_sheet_says_what_it_said(string name) =>
        Same($"sheet-{name}", new Finisher(new Bench(Bench.Sheet(name))).Finish());

    [Theory]
    [MemberData(nameof(DemoJobsTests.Jobs), MemberType = typeof(DemoJobsTests))]
    public void Every_line_of_a_demo_job_says_what_it_said(string id)
    {
        var bench = DemoJobsTests.Bench(id);
        Same(id, bench.State.Released ? bench : new Finisher(bench).Finish());
    }

    private static void Same(string name, Bench bench)
    {
        var file = ProjectFolder.File("tests", "Golden", "words", $"{name}.txt");
        var words = Words(bench);
        if (Environment.GetEnvironmentVariable("ZYGOTOME_WRITE") == "1")
        {
            File.WriteAllText(file, words);
        }

        Assert.Equal(File.ReadAllText(file), words);
    }

    // After every entry, and long after the last, when all glue has set.
    private static string Words(Bench bench)
    {
        List<string> ids = [];
        Dictionary<string, List<string>> said = new(StringComparer.Ordinal);
        void Add(string id, string words)
        {
            if (!said.TryGetValue(id, out var of))
            {
                said[id] = of = [];
                ids.Add(id);
            }

            if (!of.Contains(words))
            {
                of.Add(words);
            }
        }

        var state = Stages.Unopened(bench.State.Filed, bench.State.Revisions);
        List<Entry> before = [];
        foreach (var entry in bench.Journal)
        {
            state = Replay.Add(state, entry);
            before.Add(entry);
            Lines(entry.RecordedAt);
        }

        Lines(bench.Now.AddDays(30));
        foreach (var entry in bench.Journal)
        {
            Add($"entry {Stages.Kinds.TypeOf(entry.Body)}", entry.Body.Say(state));
        }

        var text = new StringBuilder();
        foreach (var id in ids)
        {
            text.Append(id).Append('\n');
            foreach (var words in said[id])
            {
                text.Append("    ").Append(words.ReplaceLineEndings(" / ")).Append('\n');
            }
        }

        return text.ToString();

        void Lines(DateTimeOffset asOf)
        {
            foreach (var line in Ledger.Of(state, asOf))
            {
                Add(line.Id, Requirement(line));
                Add(line.Id, Stands(line));
            }
        }
    }

    private static string Requirement(LedgerLine line) =>
        $"{line.Stage}, {line.Concedable}: {line.Text} [{line.Limits}] page \"{line.Page}\"";

    private static string Stands(LedgerLine line) =>
        string.Create(
            CultureInfo.InvariantCulture,
            $"{line.Standing} {line.Verdict}{line.Side} \"{line.Reading}\" {line.Why}{Conceded(line)}{By(line)}"
        );

    private static string Conceded(LedgerLine line) =>
        line.ConcededBy.Length > 0 ? $" (conceded by {line.ConcededBy})" : "";

    // Not which entry: whoever finishes the job may come by another way.
    private static string By(LedgerLine line) =>
        line.Evidence is { } e ? string.Create(CultureInfo.InvariantCulture, $" ({e.By}, attempt {e.Attempts})") : "";
}
