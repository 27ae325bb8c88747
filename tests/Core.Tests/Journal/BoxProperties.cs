using CsCheck;
using Xunit;
using Zygotome.Core.Job;
using Zygotome.Core.Journal;
using Zygotome.Core.Receive;
using Zygotome.Core.Sheets;
using Zygotome.Core.Unpack;

namespace Zygotome.Core.Tests.Journal;

/// <summary>
/// Laws of what is recorded at the counter and over the box, whatever is recorded and in whatever order.
/// </summary>
public sealed class BoxProperties
{
    private static readonly SpecSheet Biplane = Bench.Sheet("brindle-pair");
    private static readonly Supplier Trade = new("t", "Trade", "t@trade.invalid", 10);

    private static Battery Pack(int grams) =>
        new(Bench.Q($"{grams} g"), Bench.Q("110 mm"), Bench.Q("34 mm"), Bench.Q("30 mm"), 4, Bench.Q("2400 mAh"));

    // Bodies as somebody could post them, sensible and not; findings are named by the entry that raised one, or by
    // nothing.
    private static EntryBody Body(int kind, int a, int b, string finding)
    {
        var part = Biplane.Parts[a % Biplane.Parts.Length];
        var points = InspectionRoute.Of(Biplane);
        var school = Schools.All[a % Schools.All.Length];
        return (kind % 17) switch
        {
            0 => new Counted(part.Id, b - 5),
            1 => new WrongCounted(part.Id, b - 5),
            2 => new BagCounted(part.Bag, b % 2 == 0),
            3 => new FindingRaised(
                "wing-left",
                (PlaceKind)(a % 14),
                (FindingKind)(b % 8),
                Bench.Q($"{a} mm"),
                100,
                -200,
                "",
                (Core.Drawing.DrawingSide)(b % 3)
            ),
            4 => new Walked(points[a % points.Length].Id, (WalkAnswer)(b % 3), finding),
            5 => new Disposed(finding, (Disposition)(b % 4), "Seen."),
            6 => new Repaired(finding, "Glued", a),
            7 => new Reinspected(finding, b % 2 == 0),
            8 => new Regraded(finding, (Grade)(b % 4), "Looked closely."),
            9 => new OriginSaid(finding, (Origin)(b % 3), "Known."),
            10 => new SchoolChosen(school.Id, school.Options[b % school.Options.Length].Id, "So."),
            11 => new PackBrought($"pack {a}", Pack(100 + (a * 3))),
            12 => new PackChosen($"pack {a}"),
            13 => new SubstituteAccepted(
                part.Id,
                b,
                Bench.Q("3 mm"),
                Bench.Q($"{8 + a} mm"),
                Bench.Q("5 mm"),
                Bench.Q("12 mm")
            ),
            14 => new ClaimSent([finding], [part.Id], "", 1, Trade, [], new string('a', 64), new string('b', 64)),
            15 => new PartsArrived(finding),
            _ => new CartonSeen((Carton)(b % 6), ""),
        };
    }

    private static readonly Gen<(int Kind, int A, int B)[]> Happenings = Gen.Select(
        Gen.Int[0, 16],
        Gen.Int[0, 60],
        Gen.Int[0, 11]
    ).Array[0, 60];

    /// <summary>Only what is admitted is applied, as live.</summary>
    private static Bench Lived((int Kind, int A, int B)[] happenings)
    {
        var bench = new Bench(Biplane, Trade);
        var finding = "none";
        foreach (var (kind, a, b) in happenings)
        {
            var body = Body(kind, a, b, finding);
            if (bench.Refused(body, Bench.Thorne) is null)
            {
                var entry = bench.Do(body, Bench.Thorne);
                finding = body is FindingRaised or ClaimSent ? entry.EntryId : finding;
            }
        }

        return bench;
    }

    [Fact]
    public void What_was_lived_replays_to_the_same_ledger_counts_and_findings() =>
        Happenings.Sample(
            h =>
            {
                var bench = Lived(h);
                var again = Replay.Of(Stages.Unopened(Biplane), bench.Journal);
                return Ledger.Of(bench.State, bench.Now).SequenceEqual(Ledger.Of(again, bench.Now))
                    && bench.State.Unpack.Present.SequenceEqual(again.Unpack.Present)
                    && bench
                        .State.Unpack.Findings.Select(f => (f.Tag, f.Cleared, f.Grading.Grade))
                        .SequenceEqual(again.Unpack.Findings.Select(f => (f.Tag, f.Cleared, f.Grading.Grade)));
            },
            iter: 150
        );

    /// <summary>
    /// Replay asks no rule: whatever a journal holds is applied, and nothing throws, not even what was asked about it.
    /// </summary>
    [Fact]
    public void Whatever_a_journal_holds_is_applied_without_failing() =>
        Happenings.Sample(
            h =>
            {
                var at = new DateTimeOffset(2026, 11, 2, 9, 0, 0, TimeSpan.Zero);
                var bench = new Bench(Biplane, Trade);
                var journal = bench
                    .Journal.Concat(
                        h.Select(
                            (x, i) =>
                                new Entry(
                                    "J-0001",
                                    i + 2,
                                    $"x{i}",
                                    Body(x.Kind, x.A, x.B, $"x{x.A}"),
                                    Bench.Vane,
                                    at.AddMinutes(i),
                                    at.AddMinutes(i),
                                    "l"
                                )
                        )
                    )
                    .ToArray();
                var state = Replay.Of(Stages.Unopened(Biplane), journal);
                _ = Ledger.Of(state, at.AddDays(1));
                _ = Budget.Of(state);
                _ = ToBuy.Of(state, new Stock([], [], []));
                _ = Claims.Of(state).ToArray();
                _ = state.Unpack.Findings.Select(f => RepairHelp.For(state, f, new DateOnly(2026, 11, 3))).ToArray();
                return state.Seq == journal[^1].Seq;
            },
            iter: 150
        );

    /// <summary>
    /// Schools and repairs change the steps; no step ever waits for one that is not there, and everything can still be
    /// reached.
    /// </summary>
    [Fact]
    public void No_step_ever_waits_for_a_step_that_is_left_out() =>
        Happenings.Sample(
            h =>
            {
                var steps = Lived(h).State.Sheet.Steps;
                var known = steps.Select(s => s.Id).ToHashSet();
                var reached = new HashSet<string>();
                bool more;
                do
                {
                    more =
                        steps
                            .Where(s => !reached.Contains(s.Id) && s.After.All(reached.Contains))
                            .Select(s => reached.Add(s.Id))
                            .ToArray()
                            .Length > 0;
                } while (more);
                return known.Count == steps.Length
                    && steps.All(s => s.After.All(known.Contains))
                    && reached.Count == steps.Length;
            },
            iter: 150
        );

    [Fact]
    public void A_count_never_falls_below_nothing_and_a_shortage_is_listed_less_present() =>
        Happenings.Sample(
            h =>
            {
                var state = Lived(h).State;
                return Biplane.Parts.All(p =>
                {
                    var count = Counting.Of(state, p);
                    return count.Present >= 0
                        && count.WrongOnes >= 0
                        && count.Short == Math.Max(0, p.Quantity - count.Present)
                        && (count.Short == 0) == (count.Standing is CountStanding.AllHere or CountStanding.Extra);
                });
            },
            iter: 150
        );

    [Fact]
    public void Nothing_flight_critical_is_ever_cleared_by_using_it_as_it_is() =>
        Happenings.Sample(
            h =>
                Lived(h)
                    .State.Unpack.Findings.All(f => f.Grading.Grade != Grade.FlightCritical || !f.Cleared || f.Sound),
            iter: 200
        );

    [Fact]
    public void What_happened_here_is_in_no_claim_made_afterwards() =>
        Happenings.Sample(
            h =>
            {
                var bench = Lived(h);
                return bench
                    .State.Unpack.Findings.Where(f => f.Origin.Origin == Origin.Shop)
                    .All(f =>
                        bench
                            .Refused(
                                new ClaimSent([f.Id], [], "", 9, Trade, [], new string('a', 64), new string('b', 64))
                            )
                            ?.Code == "claim/ours"
                    );
            },
            iter: 100
        );

    /// <summary>A retracted count is as if it had never been recorded, whatever came after.</summary>
    [Fact]
    public void A_retracted_count_leaves_what_the_others_counted() =>
        Gen.Int[1, 9]
            .Array[2, 8]
            .Sample(counts =>
            {
                var bench = new Bench(Biplane);
                var entries = counts.Select(n => bench.Do(new Counted("screw-m2-5x8", n))).ToArray();
                bench.Do(new Retracted(entries[0].EntryId, "Counted wrongly."));
                return bench.State.Unpack.CountOf("screw-m2-5x8") == counts.Skip(1).Sum();
            });

    /// <summary>
    /// Whatever the place says, a screw that is taken lies between the least and the most, and the numbers said are
    /// those judged.
    /// </summary>
    [Fact]
    public void A_screw_that_is_taken_holds_and_does_not_bottom() =>
        Gen.Select(Gen.Int[1, 30], Gen.Int[1, 40], Gen.Int[1, 60], Gen.Bool)
            .Sample(
                (stack, depth, length, metal) =>
                {
                    var place = new FastenerSpec(3, 12)
                    {
                        Stack = stack,
                        Depth = depth,
                        Into = metal ? "metal" : "plastic",
                    };
                    var verdict = Fasteners.Judge(place, 3, length);
                    var fits = length >= stack + (metal ? 4.5 : 6) && length <= stack + depth;
                    return verdict.Fits == (fits && verdict.Least <= verdict.Most)
                        && verdict.Why.Contains($"hole {depth} mm", StringComparison.Ordinal);
                }
            );
}
