using CsCheck;
using Xunit;
using Zygotome.Core.Bind;
using Zygotome.Core.Build;
using Zygotome.Core.Journal;
using Zygotome.Core.Safety;
using Zygotome.Core.Sheets;
using Zygotome.Core.Throws;

namespace Zygotome.Core.Tests.Safety;

/// <summary>
/// Whatever a hurried person says and does in whatever order: judged by what was said alone, in a tally of its own.
/// </summary>
public sealed class PowerProperties
{
    public static TheoryData<string> Sheets =>
        [
            .. Directory
                .GetFiles(Zygotome.Tests.ProjectFolder.File("demo", "sheets"))
                .Select(f => Path.GetFileName(f).Replace(".sheet.json", "", StringComparison.Ordinal))
                .Order(StringComparer.Ordinal),
        ];

    [Theory]
    [MemberData(nameof(Sheets))]
    public void No_pack_is_connected_and_nothing_powered_is_done_while_a_motor_can_turn_but_for_the_exceptions(
        string name
    )
    {
        var sheet = Bench.Sheet(name);
        var begun = Begun(sheet);
        var (connected, powered, exceptions) = (0, 0, 0);
        Acts(sheet)
            .Array[60]
            .Sample(
                acts =>
                {
                    var bench = new Bench(begun.State, begun.Journal, begun.Now);
                    foreach (var (body, look, minutes, other) in acts)
                    {
                        bench.Look = look;
                        bench.Pass(TimeSpan.FromMinutes(minutes));
                        var by = other ? Bench.Thorne : Bench.Vane;
                        var before = bench.State;
                        if (bench.Refused(body, by) is not null)
                        {
                            continue;
                        }

                        bench.Do(body, by);
                        var connects = body is LampsSaid && !Connected(before) && Connected(bench.State);
                        var isPowered =
                            body is not ActOpened
                            && body is IPowered p
                            && p.Needs(before) is var need
                            && (need.IsPowered || need.Within is not null);
                        if (!connects && !isPowered)
                        {
                            continue;
                        }

                        // By the words of this person in this look alone.
                        var words = Words(bench, connects ? bench.State.Seq : bench.State.Seq - 1, look, by);
                        var turning = sheet.Power.Motors.Where(m => !Isolated(words, m)).ToArray();
                        var held = bench.State.Safety.Act?.Held ?? before.Safety.Act?.Held;
                        var during = (bench.State.Safety.Act ?? before.Safety.Act)?.During;
                        Assert.True(
                            turning.Length == 0 || (held is not null && turning.All(m => during!.Covers(m))),
                            $"{body}: {string.Join(", ", turning.Select(m => m.Id))} can turn"
                        );
                        connected += connects ? 1 : 0;
                        powered += isPowered ? 1 : 0;
                        exceptions += turning.Length > 0 ? 1 : 0;
                    }
                },
                iter: 120,
                threads: 1
            );
        Assert.True(connected > 10 && powered > 3, $"{connected} connected, {powered} powered");
        Assert.True(exceptions > 0 || sheet.Power.Motors.Length == 0, "no exception");
    }

    [Theory]
    [MemberData(nameof(Sheets))]
    public void After_a_dangerous_word_nothing_powered_is_admitted_until_it_is_put_right(string name)
    {
        var sheet = Bench.Sheet(name);
        var begun = Begun(sheet);
        var (dangers, righted) = (0, 0);
        Acts(sheet)
            .Array[60]
            .Sample(
                acts =>
                {
                    var bench = new Bench(begun.State, begun.Journal, begun.Now);
                    foreach (var (body, look, minutes, other) in acts)
                    {
                        bench.Look = look;
                        bench.Pass(TimeSpan.FromMinutes(minutes));
                        var by = other ? Bench.Thorne : Bench.Vane;
                        var danger = Dangers.Of(bench.State).ToArray();
                        if (bench.Refused(body, by) is not null)
                        {
                            continue;
                        }

                        Assert.False(
                            danger.Length > 0
                                && body is IPowered p
                                && p.Needs(bench.State) is var need
                                && (need.IsPowered || need.Within is not null || body is ActOpened),
                            $"{body} while: {string.Join(", ", danger.Select(d => d.Now))}"
                        );
                        bench.Do(body, by);
                        dangers += danger.Length;
                        righted += danger.Length > 0 && !Dangers.Of(bench.State).Any() ? 1 : 0;

                        // A motor made ready under power is put right by the pack alone, whatever is said of the motor.
                        Assert.True(
                            danger.All(d => d.Code != "danger/motor-ready")
                                || !Connected(bench.State)
                                || Dangers.Of(bench.State).Any(d => d.Code == "danger/motor-ready"),
                            $"{body} hid a motor made ready"
                        );
                    }
                },
                iter: 120,
                threads: 1
            );
        Assert.True(dangers > 10 && righted > 3, $"{dangers} dangerous, {righted} put right");
    }

    private static bool Connected(JobState state) => state.Safety.Connected(state.Sheet);

    // Two of three times the isolated look, so that much is admitted.
    private static Gen<(EntryBody Body, string Look, double Minutes, bool Other)> Acts(SpecSheet sheet)
    {
        var call = Directions.Calls(sheet).FirstOrDefault();
        EntryBody[] bodies =
        [
            new Bound("MEMORY", 2, sheet.Radio.BindMethods[0]),
            new FailsafeSeen(FailsafeBehaviour.AsDeclared),
            .. sheet.Power.Motors.Select(m => new MotorTurned(m.Id, MotorTurn.AsItShould)),
            .. call is null
                ? (EntryBody[])[]
                :
                [
                    new DirectionSeen(
                        call.Function,
                        [.. call.Expected.Select(e => new Seen(e.Surface.Id, e.Movement))]
                    ),
                ],
            .. sheet.Surfaces.Take(1).Select(s => new NeutralRead(s.Id, Bench.Q("0 mm"), Bench.Rule)),
            .. sheet.Steps.Where(s => s.Readies.Length > 0 || s.Power is not null).Select(s => new StepStarted(s.Id)),
        ];
        var gen = Gen.Frequency(
            (3, Gen.Const<EntryBody>(Bench.Isolated(sheet, LampIs.InBay))),
            (3, Gen.Const<EntryBody>(Bench.Isolated(sheet, LampIs.Connected))),
            (
                8,
                Gen.OneOfConst([.. LampBoard.Of(sheet)])
                    .SelectMany(l => Gen.OneOfConst([.. l.Words]).Select(w => (EntryBody)LampsSaid.Of((l.Id, w))))
            ),
            (
                3,
                Gen.Const<EntryBody>(
                    LampsSaid.Of(
                        LampBoard
                            .Of(sheet)
                            .Select(l =>
                                (
                                    l.Id,
                                    l.Id.Kind switch
                                    {
                                        LampKind.Propeller or LampKind.Wires => LampIs.On,
                                        LampKind.Transmitter => LampIs.CutSet,
                                        LampKind.Pack => LampIs.InBay,
                                        LampKind.Memory => LampIs.TheOneBound,
                                        _ => LampIs.Off,
                                    }
                                )
                            )
                    )
                )
            ),
            (4, Gen.Const<EntryBody>(Bench.Lamp(sheet, LampKind.Pack, LampIs.Connected))),
            (5, Gen.Enum<PoweredAct>().Select(a => (EntryBody)new ActOpened(a, Bench.Holding))),
            (1, Gen.Enum<PoweredAct>().Select(a => (EntryBody)new ActOpened(a))),
            (1, Gen.Enum<PoweredAct>().Select(a => (EntryBody)new ActEnded(a, "seen"))),
            (6, Gen.OneOfConst(bodies))
        );
        return Gen.Select(
            gen,
            Gen.Frequency((30, Gen.Const("a")), (1, Gen.Const("b"))),
            Gen.Frequency((40, Gen.Const(0.2)), (1, Gen.Const(11.0))),
            Gen.Frequency((40, Gen.Const(false)), (1, Gen.Const(true)))
        );
    }

    private static Bench Begun(SpecSheet sheet)
    {
        var bench = new Bench(sheet).Unpacked().Steps(Stage.Build).Steps(Stage.Wire);
        bench.Power();
        bench.Do(new Bound("MEMORY", 2, sheet.Radio.BindMethods[0]));
        bench.Pack(LampIs.InBay);
        return LampBoard.HasMotor(sheet) ? bench.Cut() : bench;
    }

    // The last word on each lamp since the last pause, look or person, read from the journal.
    private static Dictionary<LampId, LampIs> Words(Bench bench, long until, string look, Person by)
    {
        Dictionary<LampId, LampIs> words = [];
        DateTimeOffset? last = null;
        foreach (var e in bench.Journal.Where(e => e.Seq <= until))
        {
            if (e.Look != look || e.By.Id != by.Id)
            {
                continue;
            }

            if (last is { } at && e.RecordedAt - at > TimeSpan.FromMinutes(10))
            {
                words.Clear();
            }

            last = e.RecordedAt;
            if (e.Body is LampsSaid lamps)
            {
                foreach (var said in lamps.Said)
                {
                    words[new(said.Lamp, said.Of)] = said.Is;
                }
            }

            if (e.Body is StepStarted started && bench.State.Sheet.Step(started.Step) is { } step)
            {
                foreach (var motor in bench.State.Sheet.Power.Motors.Where(m => step.Readies.Contains(m.Id)))
                {
                    words[new(motor.IsFan ? LampKind.Wires : LampKind.Propeller, motor.Id)] = LampIs.On;
                }
            }
        }

        return words;
    }

    private static bool Isolated(Dictionary<LampId, LampIs> words, MotorSpec motor) =>
        words.GetValueOrDefault(new(LampKind.Wires, motor.Id), LampIs.On) == LampIs.Off
        || (
            !motor.IsFan
            && words.GetValueOrDefault(new(LampKind.Propeller, motor.Id), LampIs.On) is LampIs.Off or LampIs.BladesOff
        );
}
