using CsCheck;
using Xunit;
using Zygotome.Core.Balance;
using Zygotome.Core.Bind;
using Zygotome.Core.Build;
using Zygotome.Core.HandOver;
using Zygotome.Core.Job;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Receive;
using Zygotome.Core.Safety;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Table;
using Zygotome.Core.Throws;
using Zygotome.Core.Unpack;
using Zygotome.Tests;

namespace Zygotome.Core.Tests.Journal;

/// <summary>Over all kinds of entry and all sheets: what the design promises, asked from outside the ledger.</summary>
public sealed class NetProperties
{
    public static TheoryData<string> Sheets => FinishedTests.Sheets;

    private static Bench Ready(string sheet) => new Finisher(new Bench(Bench.Sheet(sheet))).Ready();

    /// <summary>
    /// Any entry of any kind, on a job with everything shown: exactly those lines go stale that rest on a setting that
    /// is another value now or on an aspect that was disturbed.
    /// </summary>
    [Theory]
    [MemberData(nameof(Sheets))]
    public void A_setting_changed_by_any_entry_makes_stale_what_rests_on_it_and_nothing_else(string sheet)
    {
        var ready = Ready(sheet);
        var random = new Random(7);
        var any = new AnyBody(random);
        var changed = 0;
        foreach (var kind in Stages.Kinds.All.Where(k => !k.OwnDoor && k.Type is not "job/retracted"))
        {
            for (var n = 0; n < 9; n++)
            {
                var bench = new Bench(ready.State, ready.Journal, ready.Now) { Look = ready.Look };
                var body = any.Of(kind, bench);
                if (bench.Refused(body, Bench.Thorne) is not null)
                {
                    continue;
                }

                var before = Stages.All.Requirements(bench.State, bench.Now).ToDictionary(c => c.Id.Written);
                var was = bench.State;
                bench.Do(body, Bench.Thorne);
                changed += Judged(was, bench, before, body);
            }
        }

        Assert.True(changed >= 10, $"only {changed} entries changed anything");
    }

    /// <summary>The same on sheets with anything wrong in them, of jobs with anything recorded.</summary>
    [Fact]
    public void On_any_sheet_what_an_entry_changes_makes_stale_what_rests_on_it_and_nothing_else()
    {
        string[] sheets =
        [
            .. Directory
                .GetFiles(ProjectFolder.File("demo", "sheets"))
                .Order(StringComparer.Ordinal)
                .Select(File.ReadAllText),
        ];
        var random = new Random(11);
        var changed = 0;
        for (var n = 0; n < 40; n++)
        {
            if (MutatedSheet.Of(sheets[random.Next(sheets.Length)], random).Sheet is not { } sheet)
            {
                continue;
            }

            var bench = new Bench(sheet);
            var any = new AnyBody(random);
            for (var i = 0; i < 60; i++)
            {
                if (i % 20 == 0)
                {
                    ShownAsFarAsItGoes(bench);
                }

                var body = any.Of(Stages.Kinds.All[random.Next(Stages.Kinds.All.Count)], bench);
                if (body is Retracted or Released or JobOpened || bench.Refused(body, Bench.Thorne) is not null)
                {
                    continue;
                }

                var before = Stages.All.Requirements(bench.State, bench.Now).ToDictionary(c => c.Id.Written);
                var stale = Ledger
                    .Of(bench.State, bench.Now)
                    .Where(l => l.Standing == Standing.Stale)
                    .Select(l => l.Id)
                    .ToHashSet(StringComparer.Ordinal);
                var was = bench.State;
                bench.Do(body, Bench.Thorne);
                changed += Judged(was, bench, before.Where(b => !stale.Contains(b.Key)).ToDictionary(), body);
            }
        }

        Assert.True(changed > 20, $"only {changed} entries changed anything");
    }

    // Whatever this sheet lets somebody show, in the middle of its band.
    private static void ShownAsFarAsItGoes(Bench bench)
    {
        bench.Power();
        var sheet = bench.State.Sheet;
        EntryBody[] bodies =
        [
            new Bound("MEMORY", 2, sheet.Radio.BindMethods.FirstOrDefault("button")),
            new FailsafeSeen(FailsafeBehaviour.AsDeclared),
            .. Directions
                .Calls(sheet)
                .Select(c => new DirectionSeen(
                    c.Function,
                    [.. c.Expected.Select(e => new Seen(e.Surface.Id, e.Movement))]
                )),
            .. UnknownOutputs.Of(sheet).Select(o => new CalledSeen(o.Id, "as the manual says", true)),
            .. ThrowTargets
                .Of(sheet, bench.State.Rules)
                .Where(t => t.Band is not null)
                .Select(t => bench.Reading(t.Id, FormattableString.Invariant($"{t.Band!.Middle:0.#} mm"))),
            .. sheet.Surfaces.Select(s => new FreedomSeen(s.Id, true)),
        ];
        foreach (var body in bodies.Where(b => bench.Refused(b) is null))
        {
            bench.Do(body);
        }
    }

    private static int Judged(JobState was, Bench bench, Dictionary<string, Requirement> before, EntryBody body)
    {
        var any = 0;

        // What is aboard since is rested on too.
        var now = Stages.All.Requirements(bench.State, bench.Now).ToLookup(c => c.Id.Written, c => c.RestsOn);
        foreach (var line in Ledger.Of(bench.State, bench.Now))
        {
            if (
                !before.TryGetValue(line.Id, out var requirement)
                || requirement is not { Evidence: not null, RestsOn: { } rests }
                || line.Evidence?.EntryId != requirement.Evidence.EntryId
            )
            {
                continue;
            }

            var set = rests
                .Settings.Union(now[line.Id].SelectMany(r => r?.Settings ?? []))
                .Where(s => bench.State.Settings.Of(s) != was.Settings.Of(s))
                .Where(s =>
                    was.Settings.Of(s) is not null || bench.State.Settings.Now.First(n => n.Setting == s).Now.Act
                )
                .ToArray();
            var touched = bench.State.Disturbances.LastOf(rests.Aspects) > was.Seq;
            var moved = bench.State.Steps.Any(s => s.Value.Done is null) || bench.State.Sheet.Hash != was.Sheet.Hash;
            if (moved)
            {
                continue;
            }

            any += set.Length > 0 || touched ? 1 : 0;
            Assert.True(
                line.Standing == Standing.Stale == (set.Length > 0 || touched),
                $"{body}: {line.Id} is {line.Standing}; set otherwise {string.Join(", ", set)}; disturbed {touched}"
            );
        }

        return any > 0 ? 1 : 0;
    }

    /// <summary>
    /// Whatever is recorded, and then put right until the ledger lets it go: the aircraft that leaves is one that
    /// nobody could concede nothing of, by the journal alone.
    /// </summary>
    [Theory]
    [MemberData(nameof(Sheets))]
    public void Nothing_that_is_never_conceded_is_ever_released(string sheet)
    {
        var ready = Ready(sheet);
        for (var seed = 1; seed <= 3; seed++)
        {
            var random = new Random(seed);
            var any = new AnyBody(random);
            var bench = new Bench(ready.State, ready.Journal, ready.Now) { Look = ready.Look };
            for (var i = 0; i < 40; i++)
            {
                var kind = Stages.Kinds.All[random.Next(Stages.Kinds.All.Count)];
                var body = any.Of(kind, bench);
                var by = random.Next(3) == 0 ? Bench.Thorne : Bench.Vane;
                if (!kind.OwnDoor && kind.Type is not "receive/value-given" && bench.Refused(body, by) is null)
                {
                    bench.Do(body, by);
                }
            }

            Assert.Equal("", Dangerous(new Finisher(bench).Finish()));
        }
    }

    // The oracle: the journal read by the rules of the job, without any ledger.
    private static string Dangerous(Bench bench)
    {
        var retracted = bench.Journal.Select(e => e.Body).OfType<Retracted>().Select(r => r.Entry).ToHashSet();
        var journal = bench.Journal.Where(e => !retracted.Contains(e.EntryId)).ToArray();
        long Last<T>(Func<T, bool> of)
            where T : EntryBody => journal.LastOrDefault(e => e.Body is T t && of(t))?.Seq ?? 0;
        T? LastOf<T>(Func<T, bool> of)
            where T : EntryBody => journal.Select(e => e.Body).OfType<T>().LastOrDefault(of);

        var sheet = bench.State.Sheet;
        var bound = Last<Bound>(_ => true);
        var memory = LastOf<Bound>(_ => true)?.ModelMemory.Trim();
        var otherMemory = Last<Bound>(b => b.ModelMemory.Trim() != memory);
        foreach (var call in Directions.Calls(sheet))
        {
            var seen = Last<DirectionSeen>(d => d.Function == call.Function);
            if (seen == 0 || seen < otherMemory || seen < Last<ReceiverGiven>(_ => true))
            {
                return $"{call.Function} is unproven";
            }

            var moved = LastOf<DirectionSeen>(d => d.Function == call.Function)!.Seen;
            if (call.Expected.Any(e => moved.All(m => m.Surface != e.Surface.Id || m.Moved != e.Movement)))
            {
                return $"{call.Function} acts the wrong way";
            }

            if (call.Expected.Any(e => seen < Last<LinkageMoved>(l => l.Surface == e.Surface.Id)))
            {
                return $"{call.Function}: a linkage was moved since";
            }
        }

        foreach (var call in OutputCalls.Of(sheet).Where(c => c.IsVital))
        {
            var seen = Last<OutputSeen>(o => o.Of == call.Of && o.At == call.At);
            if (seen == 0 || seen < otherMemory || seen < Last<Reversed>(r => r.Function == call.Function))
            {
                return $"{call.Call} is unproven";
            }

            if (LastOf<OutputSeen>(o => o.Of == call.Of && o.At == call.At)!.Answer != OutputAnswer.AsExpected)
            {
                return $"{call.Call} does not do what it should";
            }
        }

        if (
            LastOf<FailsafeSeen>(_ => true)?.Behaviour
            is not FailsafeBehaviour.AsDeclared
                and not FailsafeBehaviour.SurfacesDiffer
        )
        {
            return "the failsafe is not as declared";
        }

        if (Last<FailsafeSeen>(_ => true) < bound)
        {
            return "bound after the failsafe was seen";
        }

        foreach (var opened in journal.Where(e => e.Body is LoopOpened))
        {
            if (Last<LoopClosed>(c => c.Loop == opened.EntryId) == 0)
            {
                return "a loop is open";
            }
        }

        foreach (var found in journal.Where(e => e.Body is FindingRaised))
        {
            var f = bench.State.Unpack.Find(found.EntryId)!;
            if (
                f.Grading.Grade == Grade.FlightCritical
                && LastOf<Reinspected>(r => r.Finding == found.EntryId) is not { Sound: true }
            )
            {
                return $"{f.Tag} is flight-critical and nobody saw it sound";
            }
        }

        foreach (var configuration in sheet.Balance.Configurations)
        {
            var weighed = LastOf<Weighed>(w => w.Configuration == configuration.Name);
            if (weighed is null || !weighed.Calculate().Try(out var cg, out _))
            {
                return $"{configuration.Name} was never weighed";
            }

            var range =
                sheet.Given.GetValueOrDefault($"balance/{configuration.Name}")?.Value ?? configuration.Range.Counts;
            var aft = range is null
                ? LastOf<MarksSeen>(m => m.Configuration == configuration.Name)
                    is not { Seen: [{ Did: MarkAnswer.Level or MarkAnswer.NoseLow or MarkAnswer.NoseDrops }] }
                : Numbers.Round(cg.X - (double)range.High) > 0;
            if (
                aft
                && LastOf<Conceded>(c => c.Requirement == $"balance/{configuration.Name}")
                    is not { OwnerAcceptance.Length: > 0 }
            )
            {
                return $"{configuration.Name} balances aft";
            }

            var then = Last<Weighed>(w => w.Configuration == configuration.Name);
            if (
                then < Last<PackMoved>(_ => true)
                && LastOf<PackMoved>(_ => true)!.PackFront.Nominal != weighed.PackFront.Nominal
            )
            {
                return $"{configuration.Name}: the pack was moved since";
            }
        }

        return "";
    }

    [Fact]
    public void No_step_of_any_sheet_is_without_its_line()
    {
        string[] sheets =
        [
            .. Directory
                .GetFiles(ProjectFolder.File("demo", "sheets"))
                .Order(StringComparer.Ordinal)
                .Select(File.ReadAllText),
        ];
        var random = new Random(3);
        for (var n = 0; n < 60; n++)
        {
            if (MutatedSheet.Of(sheets[random.Next(sheets.Length)], random).Sheet is not { } sheet)
            {
                continue;
            }

            foreach (var stage in StageNames.All)
            {
                var moved = sheet with
                {
                    Steps = [.. sheet.Steps.Select((s, i) => i == 0 ? s.With(StepFields.Stage.Is(stage)) : s)],
                };
                var state = new Bench(moved).State;
                var lines = Ledger
                    .Of(state, DateTimeOffset.UnixEpoch)
                    .Select(l => l.Id)
                    .ToHashSet(StringComparer.Ordinal);
                Assert.All(state.Sheet.Steps, s => Assert.Contains($"step/{s.Id}", lines));
            }
        }
    }

    /// <summary>
    /// Whatever is weighed after it, with whichever pack: conceded is only what is no further out on the same side.
    /// </summary>
    [Fact]
    public void A_concession_never_covers_what_it_did_not_see() =>
        Gen.Select(Gen.Double[150, 190], Gen.Double[150, 190], Gen.Bool, Gen.Bool)
            .Sample(
                (first, second, words, otherPack) =>
                {
                    var bench = new Bench();
                    bench.Pack(LampIs.InBay);
                    bench.Motors(LampIs.On);
                    bench.Do(bench.Weighing(first));
                    var concede = new Conceded("balance/as flown", "He flies it so.", words ? "I fly it so." : "");
                    if (bench.Refused(concede, Bench.Thorne) is not null)
                    {
                        return true;
                    }

                    bench.Do(concede, Bench.Thorne);
                    if (otherPack)
                    {
                        bench.Do(new PackBrought("other", Bench.Battery("264 g")));
                        bench.Do(new PackChosen("other"));
                    }

                    bench.Do(bench.Weighing(second));
                    var out1 = Math.Max(164 - first, first - 176);
                    var out2 = Math.Max(164 - second, second - 176);
                    var covered = !otherPack && first < 164 == second < 164 && out2 <= out1;
                    return out2 <= 0 || bench.Line("balance/as flown").Standing == Standing.Conceded == covered;
                },
                iter: 60
            );
}
