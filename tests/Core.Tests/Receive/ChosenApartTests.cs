using Xunit;
using Zygotome.Core.Bind;
using Zygotome.Core.Job;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Receive;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Tests.Receive;

/// <summary>Servos, motors, propellers and controllers that were chosen apart from the kit.</summary>
public sealed class ChosenApartTests
{
    private static readonly Stock Nothing = new([], [], []);

    // A well of 23 × 12 × 24 mm, 1.8 kg cm, 9 g for the left aileron's.
    private static readonly SpecSheet Wells = Bench.Sheet(
        "plimsey-1400",
        n =>
        {
            var servo = n["servos"]![0]!;
            servo["mass"] = "9 g";
            servo["room"] = new System.Text.Json.Nodes.JsonObject
            {
                ["length"] = "23 mm",
                ["width"] = "12 mm",
                ["height"] = "24 mm",
            };
        }
    );

    private static ServoKind Servo(
        string torque = "2 kg cm",
        string length = "23 mm",
        string working = "0.2 A",
        string stall = "0.9 A"
    ) =>
        new(
            "grey 9",
            Torque: Bench.Q(torque),
            Mass: Bench.Q("16 g"),
            Length: Bench.Q(length),
            Width: Bench.Q("12 mm"),
            Height: Bench.Q("24 mm"),
            Working: Bench.Q(working),
            Stall: Bench.Q(stall)
        );

    [Fact]
    public void A_servo_that_is_weaker_or_too_long_for_its_well_says_by_how_much()
    {
        var bench = new Bench(Wells);
        bench.Do(new ServoBrought("sv-ail-l", Servo("1.2 kg cm")));
        var line = bench.Line("receive/servo/sv-ail-l");
        Assert.Equal(Standing.NotMet, line.Standing);
        Assert.Contains("0.6 kg cm short", line.Why, StringComparison.Ordinal);
        bench.Do(new ServoBrought("sv-ail-l", Servo(length: "24 mm")));
        Assert.Contains("1 mm too long", bench.Line("receive/servo/sv-ail-l").Why, StringComparison.Ordinal);
        bench.Do(new ServoBrought("sv-ail-l", Servo("0.17651970 N m")));
        Assert.Equal(Standing.Met, bench.Line("receive/servo/sv-ail-l").Standing);
    }

    [Fact]
    public void What_nobody_knows_of_a_servo_keeps_its_line_open()
    {
        var bench = new Bench(Wells);
        bench.Do(new ServoBrought("sv-ail-l", new ServoKind("grey 9")));
        var line = bench.Line("receive/servo/sv-ail-l");
        Assert.Equal(Standing.NotShown, line.Standing);
        Assert.Contains("torque is not known", line.Why, StringComparison.Ordinal);
        Assert.Contains("long and wide and high", line.Why, StringComparison.Ordinal);
    }

    // The kit's regulator gives 4 A and 7 A for a moment.
    [Theory]
    [InlineData("0.2 A", "0.9 A", true)]
    [InlineData("3.4 A", "3.5 A", false)]
    [InlineData("0.2 A", "6.5 A", false)]
    public void A_strong_servo_that_draws_more_than_the_regulator_gives_is_named(
        string working,
        string stall,
        bool suits
    )
    {
        var bench = new Bench(Wells);
        bench.Do(new ServoBrought("sv-ail-l", Servo(working: working, stall: stall)));
        Assert.Equal(suits ? Standing.Met : Standing.NotMet, bench.Line("receive/servo/sv-ail-l").Standing);
    }

    [Fact]
    public void Replaced_servos_are_bought_and_the_kits_own_go_back_to_the_owner()
    {
        var bench = new Bench(Wells);
        bench.Do(new SchoolChosen(Schools.SuppliedServos, "replace"));
        Assert.Equal(Standing.NotShown, bench.Line("receive/servo/sv-ail-l").Standing);
        Assert.Contains(ToBuy.Of(bench.State, Nothing), l => l.Id == "servo/sv-ail-l");
        bench.Do(new ServoBrought("sv-ail-l", Servo()));
        Assert.DoesNotContain(ToBuy.Of(bench.State, Nothing), l => l.Id == "servo/sv-ail-l");
        Assert.Equal(["the kit's own servo for left aileron"], ServoFit.Back(bench.State));

        // 16 g in place of 9 g.
        var part = Assert.Single(
            Budget.Of(bench.State).Parts,
            p => p.Name.StartsWith("grey 9", StringComparison.Ordinal)
        );
        Assert.Equal(7, part.Grams, 9);
        Assert.Equal("receive/servo-own", bench.Refused(new ServoBrought("sv-ail-r"))!.Code);
        Assert.Equal("receive/servo", bench.Refused(new ServoBrought("sv-nowhere", Servo()))!.Code);
        bench.Do(new ServoBrought("sv-ail-l"));
        Assert.Empty(ServoFit.Back(bench.State));
    }

    [Fact]
    public void Another_servo_makes_stale_what_was_shown_of_what_it_drives_and_the_weight()
    {
        var bench = Bench.Ready();
        var servo = bench.State.Sheet.Servos[0];
        var surface = servo.Drives[0];
        string[] rests =
        [
            .. Ledger.Of(bench.State, bench.Now).Where(l => l.Standing == Standing.Met).Select(l => l.Id),
        ];
        bench.Do(new ServoBrought(servo.Id, Servo()));
        string[] stale =
        [
            .. Ledger.Of(bench.State, bench.Now).Where(l => l.Standing == Standing.Stale).Select(l => l.Id),
        ];
        Assert.Contains(stale, id => id.StartsWith($"throw/{surface}/", StringComparison.Ordinal));
        Assert.Contains($"neutral/{surface}", stale);
        Assert.Contains(stale, id => id.StartsWith("weight/", StringComparison.Ordinal));
        Assert.All(stale, id => Assert.Contains(id, rests));
    }

    private static PowerTrain Train(SpecSheet sheet, DriveKind kind) =>
        new(
            sheet,
            Ordered
                .ById<DriveHeld>()
                .Add(sheet.Power.Motors[0].Id, new DriveHeld(kind, new Bench(sheet).State.Opening!))
        );

    [Fact]
    public void A_larger_propeller_draws_by_the_fourth_power_of_its_diameter_until_somebody_says()
    {
        // The kit's 11x5.5 draws up to 37 A through 45 A: 12x6 takes (12/11)⁴ · 6/5.5 of it.
        var sheet = Bench.Parasol;
        var motor = sheet.Power.Motors[0];
        var drawn = Train(sheet, new DriveKind(Propeller: "12x6")).Draw(motor)!;
        Assert.True(drawn.ByProportion);
        Assert.Equal(37 * Math.Pow(12.0 / 11, 4) * 6 / 5.5, drawn.High, 6);
        var (suits, why) = Train(sheet, new DriveKind(Propeller: "12x6")).Judge(motor);
        Assert.False(suits);
        Assert.Contains("12.2 A too many", why, StringComparison.Ordinal);

        // A smaller one stays open until somebody says what it draws.
        Assert.Null(Train(sheet, new DriveKind(Propeller: "10x5")).Judge(motor).Suits);
        Assert.True(Train(sheet, new DriveKind(Propeller: "10x5", Draw: Bench.Q("26 A"))).Judge(motor).Suits);
    }

    // Of 45 A, 15 % stay free: 38.25 A.
    [Theory]
    [InlineData("38.25 A", true, "")]
    [InlineData("38.3 A", false, "14.9 % left")]
    [InlineData("46 A", false, "1 A too many")]
    public void A_controller_keeps_its_headroom_at_the_limit(string draw, bool suits, string why)
    {
        var sheet = Bench.Parasol;
        var judged = Train(sheet, new DriveKind(Draw: Bench.Q(draw))).Judge(sheet.Power.Motors[0]);
        Assert.Equal(suits, judged.Suits);
        Assert.Contains(why, judged.Why, StringComparison.Ordinal);
    }

    [Fact]
    public void Motor_controller_pack_and_propeller_chosen_apart_are_judged_against_each_other()
    {
        var bench = new Bench(Bench.Parasol);
        var motor = bench.State.Sheet.Power.Motors[0].Id;
        Assert.Equal("receive/drive", bench.Refused(new DriveBrought(motor, new DriveKind()))!.Code);
        Assert.Equal("receive/motor", bench.Refused(new DriveBrought("tail", new DriveKind(Motor: "a")))!.Code);
        Assert.Equal(
            "body.kind.propeller",
            bench.Refused(new DriveBrought(motor, new DriveKind(Propeller: "big")))!.Where
        );
        bench.Do(
            new DriveBrought(
                motor,
                new DriveKind(
                    Motor: "blue 28",
                    Bears: Bench.Q("30 A"),
                    MotorCells: 3,
                    Propeller: "12x6",
                    Draw: Bench.Q("35 A"),
                    Controller: "red 40",
                    Rating: Bench.Q("40 A"),
                    LeastCells: 2,
                    MostCells: 4,
                    Connector: "round pair"
                )
            )
        );
        var line = bench.Line($"receive/drive/{motor}");
        Assert.Equal(Standing.NotMet, line.Standing);
        Assert.Contains("The motor bears 30 A; up to 35 A, 5 A too many", line.Why, StringComparison.Ordinal);
        Assert.Contains("12.5 % left", line.Why, StringComparison.Ordinal);

        // Its cells count now, and no longer what the sheet's own packs have.
        Assert.Contains(
            "motor and controller take no more than 3",
            bench.Line("receive/pack-suits").Why,
            StringComparison.Ordinal
        );
        Assert.Contains(ToBuy.Of(bench.State, Nothing), l => l.Id == $"drive/{motor}");

        // The timer is set by what it draws now.
        Assert.Equal(60 * 2.4 * 0.8 / (35 * bench.State.Sheet.Power.Duty), FlightTimer.Minutes(bench.State)!.Value, 6);
        bench.Do(new DriveBrought(motor));
        Assert.DoesNotContain(Ledger.Of(bench.State, bench.Now), l => l.Id == $"receive/drive/{motor}");
    }

    [Fact]
    public void Another_propeller_alone_leaves_the_cells_of_the_sheets_packs_to_judge()
    {
        var bench = new Bench(Bench.Parasol, battery: Bench.Battery() with { Cells = 3 });
        var motor = bench.State.Sheet.Power.Motors[0].Id;
        Assert.Equal(Standing.NotMet, bench.Line("receive/pack-suits").Standing);
        bench.Do(new DriveBrought(motor, new DriveKind(Propeller: "10x5", Draw: Bench.Q("26 A"))));
        Assert.Equal(Standing.NotMet, bench.Line("receive/pack-suits").Standing);

        // Another motor does, once it is known what it takes.
        bench.Do(
            new DriveBrought(motor, new DriveKind(Motor: "blue 28", Bears: Bench.Q("40 A"), Draw: Bench.Q("26 A")))
        );
        Assert.Equal(Standing.NotShown, bench.Line($"receive/drive/{motor}").Standing);
        Assert.Contains(
            "How many cells the motor takes",
            bench.Line($"receive/drive/{motor}").Why,
            StringComparison.Ordinal
        );
        bench.Do(
            new DriveBrought(
                motor,
                new DriveKind(Motor: "blue 28", Bears: Bench.Q("40 A"), MotorCells: 3, Draw: Bench.Q("26 A"))
            )
        );
        Assert.Equal(Standing.Met, bench.Line($"receive/drive/{motor}").Standing);
        Assert.Equal(Standing.Met, bench.Line("receive/pack-suits").Standing);
    }

    [Fact]
    public void With_a_supply_of_its_own_the_receiver_asks_nothing_of_the_controllers_regulator()
    {
        var bench = new Bench(Wells);
        bench.Do(new ServoBrought("sv-ail-l", Servo(working: "3.4 A", stall: "3.5 A")));
        Assert.Equal(Standing.NotMet, bench.Line("receive/servo/sv-ail-l").Standing);
        bench.Do(new SchoolChosen(Schools.ReceiverPower, "separate"));
        Assert.Equal(Standing.Met, bench.Line("receive/servo/sv-ail-l").Standing);
    }

    [Fact]
    public void A_motor_whose_draw_nobody_knows_sets_no_timer_and_meets_nothing()
    {
        var bench = new Bench(Bench.Parasol);
        var motor = bench.State.Sheet.Power.Motors[0].Id;
        bench.Do(new DriveBrought(motor, new DriveKind(Motor: "blue 28")));
        Assert.Equal(Standing.NotShown, bench.Line($"receive/drive/{motor}").Standing);
        Assert.Null(FlightTimer.Minutes(bench.State));
    }

    // The flyer that pushes turns its propeller in a cut-out.
    [Theory]
    [InlineData("8x6", true)]
    [InlineData("10x6", false)]
    public void A_propeller_that_would_touch_its_cut_out_does_not_suit(string propeller, bool suits)
    {
        var sheet = Bench.Sheet("merle-1200", n => n["power"]!["motors"]![0]!["cutOut"] = "236 mm");
        var judged = Train(sheet, new DriveKind(Propeller: propeller, Draw: Bench.Q("20 A")))
            .Judge(sheet.Power.Motors[0]);
        Assert.Equal(suits, judged.Suits);
    }
}
