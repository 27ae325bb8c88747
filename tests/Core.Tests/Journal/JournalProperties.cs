using CsCheck;
using Xunit;
using Zygotome.Core.Balance;
using Zygotome.Core.Bind;
using Zygotome.Core.Build;
using Zygotome.Core.HandOver;
using Zygotome.Core.Job;
using Zygotome.Core.Journal;
using Zygotome.Core.Safety;
using Zygotome.Core.Sheets;
using Zygotome.Core.Throws;
using Zygotome.Core.Unpack;

namespace Zygotome.Core.Tests.Journal;

/// <summary>Whatever is done in whatever order, these hold.</summary>
public sealed class JournalProperties
{
    private static readonly string[] Surfaces = [.. Bench.Delta.Surfaces.Select(s => s.Id)];
    private static readonly string[] Targets = [.. ThrowTargets.Of(Bench.Delta, ShopRules.Default).Select(t => t.Id)];

    // Things people do, right and wrong, from any state; the finding or loop meant is picked by number.
    private static readonly Gen<Func<Bench, (EntryBody Body, bool Lead)>> Acts = Gen.OneOf(
        Gen.Select(Gen.Enum<LampKind>(), Gen.Enum<LampIs>())
            .Select<(LampKind, LampIs), Func<Bench, (EntryBody, bool)>>(p =>
                b => (Bench.Lamp(b.State.Sheet, p.Item1, p.Item2), false)
            ),
        Gen.Enum<PoweredAct>()
            .Select<PoweredAct, Func<Bench, (EntryBody, bool)>>(a => _ => (new ActOpened(a, Bench.Holding), false)),
        Gen.Select(Gen.OneOfConst(Targets), Gen.Int[1, 30])
            .Select<(string, int), Func<Bench, (EntryBody, bool)>>(p =>
                b => (b.Reading(p.Item1, $"{p.Item2} mm"), false)
            ),
        Gen.Select(Gen.OneOfConst(Surfaces), Gen.Enum<LinkagePart>())
            .Select<(string, LinkagePart), Func<Bench, (EntryBody, bool)>>(p =>
                _ => (new LinkageMoved(p.Item1, p.Item2), false)
            ),
        Gen.Select(Gen.OneOfConst("aileron", "elevator"), Gen.Enum<Movement>(), Gen.Enum<Movement>())
            .Select<(string, Movement, Movement), Func<Bench, (EntryBody, bool)>>(p =>
                _ => (new DirectionSeen(p.Item1, [new("elevon-left", p.Item2), new("elevon-right", p.Item3)]), false)
            ),
        Gen.Enum<FailsafeBehaviour>()
            .Select<FailsafeBehaviour, Func<Bench, (EntryBody, bool)>>(f => _ => (new FailsafeSeen(f), false)),
        Gen.Select(Gen.Enum<PlaceKind>(), Gen.Enum<FindingKind>(), Gen.Int[0, 60])
            .Select<(PlaceKind, FindingKind, int), Func<Bench, (EntryBody, bool)>>(p =>
                _ => (new FindingRaised("wing-left", p.Item1, p.Item2, Bench.Q($"{p.Item3} mm"), 200, -150, ""), false)
            ),
        Gen.Select(Gen.Int[0, 5], Gen.Enum<Disposition>(), Gen.Bool)
            .Select<(int, Disposition, bool), Func<Bench, (EntryBody, bool)>>(p =>
                b => (new Disposed(Finding(b, p.Item1), p.Item2, "because"), p.Item3)
            ),
        Gen.Int[0, 5]
            .Select<int, Func<Bench, (EntryBody, bool)>>(i =>
                b => (new Repaired(Finding(b, i), "glued", NoGlue: true), false)
            ),
        Gen.Select(Gen.Int[0, 5], Gen.Bool, Gen.Bool)
            .Select<(int, bool, bool), Func<Bench, (EntryBody, bool)>>(p =>
                b => (new Reinspected(Finding(b, p.Item1), p.Item2), p.Item3)
            ),
        Gen.Enum<LoopKind>()
            .Select<LoopKind, Func<Bench, (EntryBody, bool)>>(k =>
                _ => (new LoopOpened(k, "for now", "throttle"), false)
            ),
        Gen.Int[0, 5]
            .Select<int, Func<Bench, (EntryBody, bool)>>(i =>
                b => (new LoopClosed(b.State.Build.Loops.ElementAtOrDefault(i)?.Id ?? "none"), false)
            ),
        Gen.Double[140, 190].Select<double, Func<Bench, (EntryBody, bool)>>(x => b => (b.Weighing(x), false)),
        Gen.Int[0, 60]
            .Select<int, Func<Bench, (EntryBody, bool)>>(i =>
                b =>
                    (
                        new Conceded(
                            Ledger.Of(b.State, b.Now).ElementAtOrDefault(i)?.Id ?? "none",
                            "conceded",
                            "accepted"
                        ),
                        true
                    )
            ),
        Gen.Int[1, 60]
            .Select<int, Func<Bench, (EntryBody, bool)>>(i =>
                b =>
                    (
                        new Retracted(b.Journal.ElementAtOrDefault(b.Journal.Count - i)?.EntryId ?? "none", "mistake"),
                        false
                    )
            ),
        Gen.Const<Func<Bench, (EntryBody, bool)>>(_ => (Bench.Lamp(Bench.Delta, LampKind.Pack, LampIs.InBay), false)),
        Gen.Const<Func<Bench, (EntryBody, bool)>>(b =>
            (
                Released
                    .From(b.State, b.Now)
                    .Match<EntryBody>(r => r with { PdfHash = "hash" }, _ => new Released(1, "1", [], "hash")),
                false
            )
        ),
        Gen.Const<Func<Bench, (EntryBody, bool)>>(_ => (new Reopened("again"), false))
    );

    private static string Finding(Bench b, int i) => b.State.Unpack.Findings.ElementAtOrDefault(i)?.Id ?? "none";

    private static Bench Play(IEnumerable<Func<Bench, (EntryBody Body, bool Lead)>> acts)
    {
        var bench = Bench.Ready();
        foreach (var act in acts)
        {
            var (body, lead) = act(bench);
            var by = lead ? Bench.Thorne : Bench.Vane;
            if (bench.Refused(body, by) is null)
            {
                bench.Do(body, by);
            }
        }

        return bench;
    }

    [Fact]
    public void No_sequence_of_admitted_entries_releases_a_job_in_a_never_conceded_state()
    {
        var releases = 0;
        Acts.Array[0, 40]
            .Sample(
                acts =>
                {
                    var bench = Play(
                        acts.Append(b =>
                            (
                                Released
                                    .From(b.State, b.Now)
                                    .Match<EntryBody>(r => r with { PdfHash = "hash" }, _ => new Reopened("no")),
                                false
                            )
                        )
                    );
                    foreach (var entry in bench.Journal.Where(e => e.Body is Released))
                    {
                        Interlocked.Increment(ref releases);
                        var before = Replay.Of(
                            Stages.Unopened(Bench.Delta),
                            [.. bench.Journal.TakeWhile(e => e.Seq < entry.Seq)]
                        );
                        if (Forbidden(before).ToArray() is { Length: > 0 } found)
                        {
                            throw new InvalidOperationException(string.Join(", ", found));
                        }
                    }
                },
                iter: 300
            );
        Assert.True(releases > 20, $"only {releases} of the played jobs were released: the property would show little");
    }

    // Stated from the list in the design, not from the ledger: what must not leave the shop.
    private static IEnumerable<string> Forbidden(JobState s)
    {
        foreach (var (function, shown) in s.Bind.Directions)
        {
            foreach (var e in Directions.Calls(s.Sheet).Single(c => c.Function == function).Expected)
            {
                if (shown.Seen[e.Surface.Id] != e.Movement)
                {
                    yield return $"{e.Surface.Id} goes the wrong way";
                }
            }
        }

        if (s.Bind.Failsafe == FailsafeBehaviour.MotorRuns)
        {
            yield return "the motor runs in failsafe";
        }

        foreach (
            var f in s.Unpack.Findings.Where(f =>
                f.Grading.Grade == Grade.FlightCritical && !(f.Sound && f.ReinspectedBy!.Id != f.Repair!.By.Id)
            )
        )
        {
            yield return $"{f.Tag} is flight-critical and open";
        }

        if (s.Build.Loops.Any(l => l.Closed is null))
        {
            yield return "an open loop";
        }

        if (s.Safety.Connected(s.Sheet))
        {
            yield return "the pack is connected";
        }

        var cg = s.Balance.Weighings.Values.Single().Weighed.Calculate().OrDefault()!;
        if (
            cg.X > 176.000001
            && s.Concessions.GetValueOrDefault("balance/as flown")?.OwnerAcceptance is not { Length: > 0 }
        )
        {
            yield return "balance aft of the sheet without the owner's acceptance";
        }
    }

    [Fact]
    public void Replay_of_any_prefix_never_throws_and_the_whole_is_what_was_built_up_entry_by_entry() =>
        Acts.Array[0, 40]
            .Sample(
                acts =>
                {
                    var bench = Play(acts);
                    for (var n = 0; n <= bench.Journal.Count; n++)
                    {
                        var state = Replay.Of(Stages.Unopened(Bench.Delta), [.. bench.Journal.Take(n)]);
                        _ = Ledger.Of(state, bench.Now);
                        _ = StepGraph.Of(state, bench.Now);
                    }

                    var whole = Ledger.Of(Replay.Of(Stages.Unopened(Bench.Delta), [.. bench.Journal]), bench.Now);
                    return whole.SequenceEqual(Ledger.Of(bench.State, bench.Now));
                },
                iter: 40
            );

    [Fact]
    public void Any_subset_of_a_journal_replays_without_throwing() =>
        Gen.Select(Acts.Array[0, 30], Gen.Int)
            .Sample(
                (acts, seed) =>
                {
                    var random = new Random(seed);
                    var some = Play(acts).Journal.Where(_ => random.Next(3) > 0).ToArray();
                    _ = Ledger.Of(
                        Replay.Of(Stages.Unopened(Bench.Delta), some) is { Opened: true } s
                            ? s
                            : Stages.Unopened(Bench.Delta),
                        DateTimeOffset.UnixEpoch
                    );
                },
                iter: 60
            );
}
