using System.Text.Json;
using Xunit;
using Zygotome.Core.Build;
using Zygotome.Core.Drawing;
using Zygotome.Core.Job;
using Zygotome.Core.Journal;
using Zygotome.Core.Receive;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Plausibility;
using Zygotome.Core.Unpack;
using Zygotome.Tests;

namespace Zygotome.Core.Tests.Journal;

/// <summary>
/// Totality: whatever the sheet says and whatever is recorded, no rule throws, every line of the ledger stands once,
/// and any prefix replays.
/// </summary>
public sealed class AnySheetProperties
{
    private static readonly string[] Sheets =
    [
        .. Directory
            .GetFiles(ProjectFolder.File("demo", "sheets"))
            .Order(StringComparer.Ordinal)
            .Select(File.ReadAllText),
    ];

    [Theory]
    [InlineData(1)]
    [InlineData(2)]
    [InlineData(3)]
    [InlineData(4)]
    public void No_rule_throws_on_any_sheet_and_any_entry(int seed)
    {
        var random = new Random(seed);
        var (read, taken) = (0, 0);
        for (var n = 0; n < 120; n++)
        {
            var (sheet, bytes) =
                n < Sheets.Length
                    ? (SheetDoor.OnFile(System.Text.Encoding.UTF8.GetBytes(Sheets[n])).Sheet, [])
                    : MutatedSheet.Of(Sheets[random.Next(Sheets.Length)], random);
            if (sheet is null)
            {
                continue;
            }

            read++;
            try
            {
                taken += Lived(sheet, random);
            }
            catch (Exception e)
            {
                throw new InvalidOperationException(
                    $"seed {seed}, sheet {n} of {sheet.Kit.Id}: {System.Text.Encoding.UTF8.GetString(bytes)}",
                    e
                );
            }
        }

        Assert.True(read > 100 && taken > 500, $"{read} sheets read, {taken} entries taken: too few to show anything");
    }

    // As many entries of any kind as a long day has, each asked, most of them taken by somebody.
    private static int Lived(SpecSheet sheet, Random random)
    {
        Looked(Stages.Unopened(sheet), DateTimeOffset.UnixEpoch);
        _ = Plausible.Of(sheet);
        var bench = new Bench(sheet);
        var any = new AnyBody(random);
        var refused = new List<EntryBody>();
        for (var i = 0; i < 40; i++)
        {
            var body = any.Of(Stages.Kinds.All[random.Next(Stages.Kinds.All.Count)], bench);
            var by = random.Next(2) == 0 ? Bench.Vane : Bench.Thorne;
            if (bench.Refused(body, by) is null)
            {
                bench.Do(body, by);
            }
            else if (body is not JobOpened)
            {
                refused.Add(body);
            }
        }

        Looked(bench.State, bench.Now);

        // Replay asks no rule: what was never admitted is applied as well.
        var journal = bench
            .Journal.Concat(
                refused.Select(
                    (b, i) =>
                        new Entry(
                            "J-0001",
                            bench.Journal.Count + i + 1,
                            $"r{i}",
                            b,
                            Bench.Vane,
                            bench.Now,
                            bench.Now,
                            "l"
                        )
                )
            )
            .ToArray();
        for (var n = 1; n <= journal.Length; n += 9)
        {
            Looked(Replay.Of(Stages.Unopened(sheet), journal[..n]), bench.Now);
        }

        Looked(Replay.Of(Stages.Unopened(sheet), journal), bench.Now);
        return bench.Journal.Count;
    }

    // What a list keeps of a job is read as it was written, and says the same until the instant it names, and no longer
    // than anything said of the job does.
    private static void OnlyTheClockChanges(JobState state, IEnumerable<LedgerLine> ledger, DateTimeOffset now)
    {
        var facts = JobFacts.Of(state, now);
        Assert.Equal(Written(facts), Written(JsonSerializer.Deserialize<JobFacts>(Written(facts), EntryJson.Lenient)!));
        var later = (state.NextChange(now) ?? now.AddYears(90)).AddTicks(-1);
        Assert.True(facts.HoldsAt(now) && facts.HoldsAt(later));
        Assert.Equal(Written(facts), Written(JobFacts.Of(state, later) with { From = now }));
        Assert.Equal(ledger, Ledger.Of(state, later));
        Assert.Equal(
            StepGraph.Of(state, now).Select(s => (s.Step.Id, s.Standing)),
            StepGraph.Of(state, later).Select(s => (s.Step.Id, s.Standing))
        );
    }

    private static string Written(JobFacts facts) => JsonSerializer.Serialize(facts, EntryJson.Lenient);

    // Everything a screen or a list asks of a job.
    private static void Looked(JobState state, DateTimeOffset now)
    {
        var ledger = Ledger.Of(state, now);
        Assert.Equal("", string.Join(", ", ledger.GroupBy(l => l.Id).Where(g => g.Count() > 1).Select(g => g.Key)));
        // Ids that differ are written differently.
        Assert.Equal(ledger.Length, Ledger.Lines(state, now).Select(l => l.Id).Distinct().Count());
        _ = JobOutlook.Of(state, ledger, now);
        _ = StepGraph.Of(state, now);
        _ = Drawings.Plan(state.Sheet);
        _ = Drawings.Of(state.Sheet, DrawingSide.Side);
        _ = Core.Bind.Directions.Calls(state.Sheet);
        _ = InspectionRoute.Of(state.Sheet).ToArray();
        _ = Stages.All.Gaps(state.Sheet, state.Rules).ToArray();
        if (!state.Opened)
        {
            return;
        }

        _ = Budget.Of(state);
        _ = ToBuy.Of(state, new Stock([], [], []));
        _ = Claims.Of(state).ToArray();
        _ = Cure.All(state).Where(c => c.OnTheRail(now)).ToArray();
        _ = Core.Bind.FlightTimer.Minutes(state);
        _ = HandOver.Released.From(state, now);
        OnlyTheClockChanges(state, ledger, now);
        Assert.All(state.Journal, e => Assert.NotNull(e.Body.Say(state)));
    }
}
