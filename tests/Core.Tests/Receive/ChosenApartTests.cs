using CsCheck;
using Xunit;
using Zygotome.Core.HandOver;
using Zygotome.Core.Job;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Receive;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Tests.Receive;

/// <summary>Servos, motors, propellers, controllers and packs that were chosen apart from the kit.</summary>
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
    public void Packs_one_after_the_other_have_the_cells_of_all_of_them()
    {
        var series = Bench.Sheet("carrow-mail-1900", n => n["power"]!["packs"]![0]!["joined"] = "series");
        var one = Bench.Battery() with { Cells = 3 };
        PowerTrain train = new(series, Ordered.ById<DriveHeld>());
        Assert.True(PackPower.Cells(series, train, PacksTogether.AsOne(series, [one, one]))!.Value.Suits);
        Assert.False(PackPower.Cells(series, train, one)!.Value.Suits);
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

    [Fact]
    public void Packs_flown_together_are_one_weight_one_capacity_and_lie_as_they_fit()
    {
        var sheet = Bench.Sheet("carrow-mail-1900");
        var one = Bench.Battery("215 g") with { Cells = 3, CRating = 30 };
        var two = PacksTogether.AsOne(sheet, [one, one with { CRating = 20 }]);
        Assert.Equal(430, two.Mass.Value);
        Assert.Equal(4800, two.Capacity.Value);
        Assert.Equal(3, two.Cells);
        Assert.Equal(25, two.CRating);
        Assert.True(CounterChecks.PackFits(sheet, two).Fits);

        // In series the cells add up, and the weaker one limits.
        var series = Bench.Sheet("carrow-mail-1900", n => n["power"]!["packs"]![0]!["joined"] = "series");
        var chain = PacksTogether.AsOne(series, [one, one with { CRating = 20 }]);
        Assert.Equal((6, 2400, 20), (chain.Cells, chain.Capacity.Value, chain.CRating));
    }

    [Fact]
    public void Two_packs_lie_beside_upon_or_behind_one_another_and_mass_is_never_lost() =>
        (
            from length in Gen.Double[40, 150]
            from width in Gen.Double[10, 60]
            from height in Gen.Double[10, 40]
            from grams in Gen.Double[20, 400]
            select (length, width, height, grams)
        ).Sample(p =>
        {
            static string Of(double d, string unit) => FormattableString.Invariant($"{d:0.0} {unit}");
            var sheet = Bench.Sheet("carrow-mail-1900");
            var one = Bench.Battery() with
            {
                Mass = Bench.Q(Of(p.grams, "g")),
                Length = Bench.Q(Of(p.length, "mm")),
                Width = Bench.Q(Of(p.width, "mm")),
                Height = Bench.Q(Of(p.height, "mm")),
            };
            var two = PacksTogether.AsOne(sheet, [one, one]);
            Assert.Equal(2 * one.Mass.Value, two.Mass.Value, 6);
            Assert.Equal(
                2 * one.Length.Value * one.Width.Value * one.Height.Value,
                two.Length.Value * two.Width.Value * two.Height.Value,
                3
            );

            // Where any of the three ways fits, it is one that fits.
            Battery[] ways =
            [
                one with
                {
                    Width = Bench.Q(Of(2 * one.Width.Value, "mm")),
                },
                one with
                {
                    Height = Bench.Q(Of(2 * one.Height.Value, "mm")),
                },
                one with
                {
                    Length = Bench.Q(Of(2 * one.Length.Value, "mm")),
                },
            ];
            Assert.Equal(ways.Any(w => CounterChecks.PackFits(sheet, w).Fits), CounterChecks.PackFits(sheet, two).Fits);
        });

    [Fact]
    public void Packs_flown_together_are_as_many_as_the_sheet_says_alike_and_each_ones_cells_are_measured()
    {
        var bench = new Bench(Bench.Sheet("carrow-mail-1900"));
        const string line = "receive/packs-together";
        Assert.Equal(Standing.NotShown, bench.Line(line).Standing);
        Assert.Contains(ToBuy.Of(bench.State, Nothing), l => l.Id == "pack/more");
        bench.Do(new PackBrought("b", Bench.Battery() with { Cells = 3 }));
        Assert.Equal(["pack 1", "b"], bench.State.Receive.Flying);

        // Four cells beside three: the one would charge the other.
        var unlike = bench.Line(line);
        Assert.Equal((Standing.NotMet, Concedable.Never), (unlike.Standing, unlike.Concedable));
        bench.Do(new PackBrought("c", Bench.Battery() with { Cells = 3 }));
        Assert.Equal(["pack 1", "b"], bench.State.Receive.Flying);
        Assert.Equal("receive/pack-count", bench.Refused(new PackChosen("c", ["b", "pack 1"]))!.Code);
        Assert.Equal("receive/pack-twice", bench.Refused(new PackChosen("c", ["c"]))!.Code);
        Assert.Equal("body.with[0]", bench.Refused(new PackChosen("c", ["d"]))!.Where);
        bench.Do(new PackChosen("c", ["b"]));
        Assert.Equal(524, bench.State.Receive.Battery!.Mass.Value);
        Assert.Equal(Standing.NotShown, bench.Line("receive/pack-sound").Standing);
        bench.Do(new PackMeasured("c", [4.1, 4.1, 4.1]));
        Assert.Equal(Standing.NotShown, bench.Line("receive/pack-sound").Standing);
        bench.Do(new PackMeasured("b", [3.9, 3.9, 3.9]));
        Assert.Equal(Standing.Met, bench.Line("receive/pack-sound").Standing);

        // One fuller than the other is charged first.
        Assert.Equal((Standing.NotMet, Concedable.Never), (bench.Line(line).Standing, bench.Line(line).Concedable));
        bench.Do(new PackMeasured("b", [4.1, 4.1, 4.08]));
        Assert.Equal(Standing.Met, bench.Line(line).Standing);
        Assert.Contains("c, then b", bench.Line(line).Why, StringComparison.Ordinal);

        // The other of the two is swollen: the aircraft is not powered.
        bench.Do(new PackMeasured("b", [], true));
        Assert.Contains("b: swollen", bench.State.Aboard.PackUnfit, StringComparison.Ordinal);
    }

    [Fact]
    public void The_owners_usual_channels_lay_this_kit_and_each_departure_says_why()
    {
        string[] usual = ["aileron", "elevator", "throttle", "rudder", "gear"];
        var laid = OwnerChannels.Lay(Bench.Sheet("carrow-mail-1900"), usual, 9);
        Assert.Equal(
            ["1 aileron", "2 elevator", "3 throttle", "4 rudder", "5 gear", "6 flap", "7 rudder 2", "8 lights"],
            laid.Select(l => $"{l.Channel} {l.Function}")
        );
        Assert.All(laid.Where(l => l.Channel > 5), l => Assert.Equal("it has no usual channel", l.Why));

        // A mixed wing takes the places of what it is mixed from.
        Assert.Equal(
            ["1 elevon left", "2 elevon right", "3 throttle"],
            OwnerChannels.Lay(Bench.Delta, usual, 6).Select(l => $"{l.Channel} {l.Function}")
        );

        // Short of channels: what is lost is named.
        var few = OwnerChannels.Lay(Bench.Sheet("carrow-mail-1900"), usual, 6);
        Assert.Equal(2, few.Count(l => l.Channel == 0));
        Assert.All(
            few.Where(l => l.Channel == 0),
            l => Assert.Contains("no channel is left", l.Why, StringComparison.Ordinal)
        );
    }

    [Fact]
    public void Every_function_gets_one_channel_and_no_channel_two() =>
        (
            from usual in Gen.OneOfConst(
                "aileron",
                "elevator",
                "throttle",
                "rudder",
                "flap",
                "gear",
                "lights",
                ""
            ).List[0, 8]
            from channels in Gen.Int[0, 10]
            from sheet in Gen.OneOfConst("carrow-mail-1900", "skerrow-64", "tansy-needle", "lowen-2600")
            select (usual, channels, sheet)
        ).Sample(
            p =>
            {
                var sheet = Bench.Sheet(p.sheet);
                string[] usual = [.. p.usual.Distinct()];
                var laid = OwnerChannels.Lay(sheet, usual, p.channels);
                Assert.Equal(sheet.Radio.Functions.Order(), laid.Select(l => l.Function).Order());
                var on = laid.Where(l => l.Channel > 0).Select(l => l.Channel).ToArray();
                Assert.Equal(on.Length, on.Distinct().Count());
                Assert.All(on, c => Assert.InRange(c, 1, p.channels == 0 ? 32 : p.channels));
                Assert.Equal(Math.Min(sheet.Radio.Functions.Length, p.channels == 0 ? 32 : p.channels), on.Length);
            },
            iter: 200
        );

    [Fact]
    public void Usual_channels_are_left_for_the_owners_later_jobs()
    {
        var bench = new Bench(Bench.Delta);
        Assert.Equal("receive/channels", bench.Refused(new ChannelsSaid(["", ""]))!.Code);
        Assert.Equal("receive/channels-twice", bench.Refused(new ChannelsSaid(["Throttle", "throttle "]))!.Code);
        bench.Do(new ChannelsSaid(["Throttle", "aileron", "", "elevator"]));
        Assert.Equal(["throttle", "aileron", "", "elevator"], bench.State.Receive.Channels);
        var left = Assert.Single(Remembered.Left(bench.State), m => m.Topic == MemoryTopic.Channels);
        Assert.Equal("c-1", left.Of);
        Assert.Contains("elevator", left.Facts, StringComparison.Ordinal);
    }

    [Fact]
    public void How_the_owner_carries_it_answers_what_hangs_on_it_once_and_each_can_be_said_otherwise()
    {
        var bench = new Bench(Bench.Delta);
        Assert.Equal("receive/carried", bench.Refused(new Carried(Carriage.NotSaid))!.Code);
        bench.Do(new Carried(Carriage.Whole));
        Assert.Equal(
            ["whole", "taped", "sleeve", "thread-lock"],
            Schools.OfCar.Select(s => bench.State.Schools[s].Option)
        );
        bench.Do(new SchoolChosen(Schools.SparThreads, "dry"));
        bench.Do(new Carried(Carriage.Boxed));
        Assert.Equal(["parted", "removable", "free", "dry"], Schools.OfCar.Select(s => bench.State.Schools[s].Option));
        Assert.Contains(
            "carried in its box",
            bench.State.Schools[Schools.WingTransport].Reason,
            StringComparison.Ordinal
        );

        // Once work has begun it needs a reason.
        bench.Unpacked().Steps(Stage.Build);
        Assert.Equal("body.reason", bench.Refused(new Carried(Carriage.Whole))!.Where);
        bench.Do(new Carried(Carriage.Whole, "a van now"));
        Assert.Equal(Carriage.Whole, bench.State.Receive.Carried);
    }

    [Fact]
    public void A_kit_option_said_at_the_counter_counts_from_the_first_entry()
    {
        var sheet = Bench.Parasol;
        var option = sheet.Kit.Options[0];
        var opened = (JobOpened)new Bench(sheet).Journal[0].Body;
        foreach (var choice in option.Choices)
        {
            var bench = new Bench(sheet, option: (option.Id, choice));
            Assert.Equal(Standing.Met, bench.Line($"receive/option/{option.Id}").Standing);
            var later = new Bench(sheet);
            later.Do(new OptionChosen(option.Id, choice));
            Assert.Equal(later.State.Sheet.Steps.Select(s => s.Id), bench.State.Sheet.Steps.Select(s => s.Id));
        }

        Assert.Equal(
            $"body.options.{option.Id}",
            (opened with { Options = Ordered.ById<string>().Add(option.Id, "rotors") })
                .Admit(new JobState(Stages.All, sheet), new Bench(sheet).Journal[0])!
                .Where
        );
    }
}
