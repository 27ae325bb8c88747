using Xunit;
using Zygotome.Core.Bind;
using Zygotome.Core.Journal;
using Zygotome.Core.Safety;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Table;

namespace Zygotome.Core.Tests.Bind;

/// <summary>What the sheet ties to nothing that moves is called, and somebody sees what it does.</summary>
public sealed class CalledTests
{
    private static string[] Lines(SpecSheet sheet) =>
        [
            .. Ledger
                .Of(new Bench(sheet).State, DateTimeOffset.UnixEpoch)
                .Where(l => l.Id.StartsWith("called/", StringComparison.Ordinal))
                .Select(l => l.Id),
        ];

    [Theory]
    [InlineData("plimsey-1400", "")]
    [InlineData("lowen-2600", "called/release")]
    [InlineData(
        "saltern-1500",
        "called/gear called/reverse thrust called/drop hatch called/folds/main-left called/folds/main-right"
    )]
    [InlineData(
        "carrow-mail-1900",
        "called/gear called/lights called/folds/main-left called/folds/main-right called/steers/tail"
    )]
    [InlineData("tarn-midge-620", "called/rudder called/what steers it")]
    [InlineData("brindle-pair", "")]
    public void Where_a_sheet_lists_no_outputs_what_leads_to_nothing_is_a_line(string sheet, string lines)
    {
        Assert.Equal(lines, string.Join(' ', Lines(Bench.Sheet(sheet) with { Outputs = [] })));
        Assert.Empty(Lines(Bench.Sheet(sheet)));
    }

    [Fact]
    public void A_servo_that_drives_nothing_is_a_line()
    {
        var sheet = Bench.Sheet("lowen-2600");
        var idle = sheet with
        {
            Servos =
            [
                .. sheet.Servos.Select(s => s.With(RadioFields.Servo.Drives.Is(s.Drives.Remove("nose-release")))),
            ],
        };
        Assert.Equal("called/servo/sv-release", string.Join(' ', Lines(idle)));
    }

    [Fact]
    public void Several_throttles_a_throttle_without_a_motor_and_an_aircraft_that_nothing_steers_are_lines()
    {
        var sheet = Bench.Parasol;
        Assert.Equal(
            ["called/throttle", "called/throttle 2"],
            Lines(
                sheet with
                {
                    Radio = sheet.Radio.With(RadioFields.Functions.Is([.. sheet.Radio.Functions, "throttle 2"])),
                }
            )
        );
        Assert.Equal(
            ["called/throttle"],
            Lines(sheet with { Power = sheet.Power.With(PowerFields.Motor.List.Is([])) })
        );
        Assert.Equal(
            ["called/aileron", "called/rudder", "called/what steers it"],
            Lines(
                sheet with
                {
                    Surfaces = [.. sheet.Surfaces.Where(s => s.Kind == "elevator")],
                    Servos = [.. sheet.Servos.Where(s => s.Id.Contains("ele", StringComparison.Ordinal))],
                    Throws = [.. sheet.Throws.Where(t => t.Surfaces == "elevator")],
                }
            )
        );
    }

    [Fact]
    public void It_is_never_conceded_asks_what_was_seen_under_power_and_is_asked_again_when_its_channel_is_reversed()
    {
        var bench = new Bench(Bench.Sheet("saltern-1500") with { Outputs = [] })
            .Unpacked()
            .Steps(Stage.Build)
            .Steps(Stage.Wire);
        Assert.Equal("bind/not-bound", bench.Refused(new CalledSeen("gear", "legs out", true))!.Code);
        bench.Bound();
        Assert.Equal("text/missing", bench.Refused(new CalledSeen("gear", " ", true))!.Code);
        Assert.Equal("bind/output", bench.Refused(new CalledSeen("aileron", "up", true))!.Code);
        bench.Do(new CalledSeen("gear", "legs fold the wrong way round", false));
        Assert.Equal(
            (Standing.NotMet, Concedable.Never),
            (bench.Line("called/gear").Standing, bench.Line("called/gear").Concedable)
        );
        bench.Do(new CalledSeen("gear", "legs out and locked", true));
        Assert.Equal(Standing.Met, bench.Line("called/gear").Standing);
        bench.Do(new Reversed("gear"));
        Assert.Equal(Standing.Stale, bench.Line("called/gear").Standing);
        bench.Pack(LampIs.Out);
        Assert.Equal("lamps/pack-not-connected", bench.Refused(new CalledSeen("gear", "legs out", true))!.Code);
    }

    [Fact]
    public void Motor_wires_plugged_again_ask_for_its_throttle_again()
    {
        var twin = Bench.Parasol with
        {
            Radio = Bench.Parasol.Radio.With(
                RadioFields.Functions.Is([.. Bench.Parasol.Radio.Functions, "throttle 2"])
            ),
        };
        var bench = new Bench(twin).Unpacked().Steps(Stage.Build).Steps(Stage.Wire).Bound();
        bench.Do(new CalledSeen("throttle", "turns clockwise from behind", true));
        bench.Pack(LampIs.InBay);
        bench.Do(new MotorWiresChanged("nose"));
        Assert.Equal(Standing.Stale, bench.Line("called/throttle").Standing);
    }

    [Fact]
    public void A_tail_of_negative_dihedral_is_asked_for_the_opposite_rudder()
    {
        var upright = Bench.Sheet("tansy-needle");
        var hanging = upright with
        {
            Geometry = upright.Geometry.With(
                GeometryFields.Lifting.List.Is(
                    upright.Geometry.Lifting.Select(l =>
                        l.Role == "v-tail"
                            ? l.With(
                                GeometryFields.Panel.List.Is([
                                    l.Panels[0].With(GeometryFields.Panel.Dihedral.Is(-l.Panels[0].Dihedral)),
                                ])
                            )
                            : l
                    )
                )
            ),
        };
        static Movement Left(SpecSheet sheet, string function) =>
            Movements.Natural(sheet, sheet.Surface("ruddervator-left")!, function);
        Assert.Equal((Movement.Up, Movement.Up), (Left(upright, "rudder"), Left(upright, "elevator")));
        Assert.Equal((Movement.Down, Movement.Up), (Left(hanging, "rudder"), Left(hanging, "elevator")));
    }

    [Fact]
    public void Surfaces_that_go_hard_over_in_failsafe_are_never_conceded()
    {
        var bench = new Bench().Unpacked().Steps(Stage.Build).Steps(Stage.Wire).Bound();
        bench.Failsafe(FailsafeBehaviour.SurfacesHardOver);
        Assert.Equal(
            (Standing.NotMet, Concedable.Never),
            (bench.Line("bind/failsafe").Standing, bench.Line("bind/failsafe").Concedable)
        );
    }

    [Fact]
    public void A_sheet_that_does_not_say_what_the_failsafe_does_or_where_it_balances_has_lines_for_it()
    {
        var silent = Bench.Parasol with
        {
            Radio = Bench.Parasol.Radio.With(RadioFields.Failsafe.Is(new Printed<string>.NotStated(false))),
            Balance = Bench.Parasol.Balance.With(BalanceFields.Configuration.List.Is([])),
        };
        var ledger = Ledger.Of(new Bench(silent).State, DateTimeOffset.UnixEpoch);
        Assert.All(
            ["sheet/failsafe", "balance"],
            id => Assert.Equal((Standing.NotShown, Concedable.Never), Of(ledger.Single(l => l.Id == id)))
        );

        static (Standing, Concedable) Of(LedgerLine l) => (l.Standing, l.Concedable);
    }
}
