using System.Text.Json.Nodes;
using CsCheck;
using Xunit;
using Zygotome.Core.Balance;
using Zygotome.Core.Build;
using Zygotome.Core.Job;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Receive;
using Zygotome.Core.Safety;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Table;
using Zygotome.Core.Sheets.Trueness;

namespace Zygotome.Core.Tests.Receive;

public sealed class CounterTests
{
    private static readonly SpecSheet Canard = Bench.Sheet("merle-1200");

    private static PackHeld Pack(double grams, double mm = 112) =>
        new(
            "pack",
            new Battery(
                Bench.Q($"{grams} g"),
                Bench.Q($"{mm} mm"),
                Bench.Q("34 mm"),
                Bench.Q("32 mm"),
                4,
                Bench.Q("2400 mAh"),
                30,
                "shop's flat pair"
            )
        );

    private static PackOutlook Outlook(SpecSheet sheet, PackHeld pack, params AddOn[] addOns) =>
        Assert.Single(Budget.Of(new Budget.Asked(sheet, [pack], null, [.. addOns], BalanceSchool.ForwardThird)).Packs);

    [Fact]
    public void The_usual_pack_of_every_demo_sheet_balances_within_its_bay()
    {
        foreach (
            var name in new[]
            {
                "merle-1200",
                "brindle-pair",
                "saltern-1500",
                "wicken-1350",
                "tansy-needle",
                "lowen-2600",
                "plimsey-1400",
            }
        )
        {
            var sheet = Bench.Sheet(name);
            var usual = sheet.Power.Packs[0];
            var outlook = Outlook(
                sheet,
                Pack(
                    usual.Says(PowerFields.Pack.Mass).Counts!.Value * usual.Count,
                    usual.Says(PowerFields.Pack.Length).Counts!.Value
                )
            );
            Assert.True(
                outlook is { Fits: true, Balances: true, WeightInLimit: true, Pieces: 0 },
                $"{name}: {outlook.Words}"
            );
        }
    }

    [Fact]
    public void A_pack_too_long_for_its_bay_is_said_at_the_counter_and_is_on_the_to_buy_list()
    {
        Assert.False(Outlook(Canard, Pack(402, 232)).Fits);
        var bench = new Bench(Canard);
        bench.Do(new BatteryGiven(Pack(402, 232).Battery));
        Assert.DoesNotContain(ToBuy.Of(bench.State, Shop), l => l.Id == "pack/fits");
        Assert.Equal(Standing.NotMet, bench.Line("receive/pack-fits").Standing);
    }

    [Fact]
    public void A_pack_too_light_to_balance_says_how_much_ballast_and_where()
    {
        var outlook = Outlook(Canard, Pack(120, 80));
        Assert.True(outlook is { Balances: true, Pieces: > 0, Station: "nose" }, outlook.Words);
        Assert.Contains("g (", outlook.Words, StringComparison.Ordinal);
    }

    /// <summary>
    /// What is shown never contradicts the verdict: the weight said is the weight judged, ballast included.
    /// </summary>
    [Fact]
    public void The_weight_that_is_said_is_the_weight_that_is_judged() =>
        Gen.Double[60, 600]
            .Sample(grams =>
            {
                var pack = Outlook(Canard, Pack(Math.Round(grams), 98));
                return pack.WeightInLimit == (pack.TotalGrams is >= 1200 and <= 1420);
            });

    /// <summary>
    /// Putting the pack where the budget says, with the ballast it names, lands inside the target band, or it says that
    /// nothing can.
    /// </summary>
    [Fact]
    public void Taking_the_budgets_advice_lands_in_the_target_band() =>
        Gen.Select(Gen.Double[60, 420], Gen.Double[40, 216], Gen.Double[0, 150], Gen.Double[-540, 240])
            .Sample(
                (grams, mm, extra, at) =>
                {
                    (grams, mm, extra, at) = (Math.Round(grams), Math.Round(mm), Math.Round(extra), Math.Round(at));
                    var budget = Budget.Of(
                        new Budget.Asked(
                            Canard,
                            [Pack(grams, mm)],
                            null,
                            [new AddOn("camera", Bench.Q($"{extra} g"), Bench.Q($"{at} mm"), AddOnState.Recorded)],
                            BalanceSchool.Middle
                        )
                    );
                    var pack = budget.Packs[0];
                    if (pack.Balances != true)
                    {
                        return pack.Balances == false && pack.Words.Contains("cannot", StringComparison.Ordinal);
                    }

                    var station = Canard.Geometry.BallastStations.FirstOrDefault(s => s.Name == pack.Station);
                    var placed = budget
                        .Parts.Select(p => (p.Grams, At: p.At ?? budget.Target!.Middle))
                        .Append((grams, pack.Front!.Value + (mm / 2)))
                        .Append((pack.BallastGrams, station?.At ?? 0))
                        .ToArray();
                    var x = placed.Sum(p => p.Item1 * p.Item2) / placed.Sum(p => p.Item1);
                    return x >= budget.Target!.Low - 0.06
                        && x <= budget.Target.High + 0.06
                        && pack.Front >= Canard.Geometry.Bay!.From - 0.06
                        && pack.Front + mm <= Canard.Geometry.Bay.To + 0.06;
                }
            );

    [Theory]
    [InlineData(4, 30.0, true, "as the sheet says")]
    [InlineData(6, 30.0, false, "6 cells where the sheet says 4, and the controller takes no more than 4")]
    [InlineData(3, 30.0, false, "3 cells where the sheet says 4")]
    [InlineData(4, 12.0, false, "28.8 A; up to 35 A")]
    [InlineData(4, null, true, "as the sheet says")]
    public void A_pack_of_other_cells_or_of_too_little_current_is_not_for_this_aircraft(
        int cells,
        double? rating,
        bool suits,
        string why
    )
    {
        var pack = new PackHeld("pack", Pack(172, 98).Battery with { Cells = cells, CRating = rating });
        var outlook = Outlook(Canard, pack);
        Assert.Equal(suits, outlook.Suits);
        Assert.Contains(why, outlook.SuitsWhy, StringComparison.Ordinal);
        var bench = new Bench(Canard);
        bench.Do(new BatteryGiven(pack.Battery));
        Assert.Equal(suits ? Standing.Met : Standing.NotMet, bench.Line("receive/pack-suits").Standing);
        Assert.Equal(rating == 12, ToBuy.Of(bench.State, Shop).Any(l => l.Id == "pack/c-rating"));
    }

    [Fact]
    public void Cells_that_two_pages_say_otherwise_judge_nobodys_pack_by_the_first()
    {
        var undecided = Bench.Sheet(
            "merle-1200",
            n =>
                n["power"]!["packs"]![0]!["cells"] = new JsonObject
                {
                    ["statements"] = new JsonArray(
                        new JsonObject { ["text"] = 4, ["page"] = "3" },
                        new JsonObject { ["text"] = 6, ["page"] = "9" }
                    ),
                }
        );
        Assert.Empty(PackPower.Named(undecided));
        Assert.True(new Bench(undecided).Line("sheet/undecided/$.power.packs[0].cells").Open);
    }

    [Fact]
    public void What_is_only_assumed_of_packs_and_controllers_judges_nobodys_pack()
    {
        var assumed = Bench.Sheet(
            "merle-1200",
            n =>
            {
                var power = n["power"]!;
                power["packs"]![0]!["assumed"] = true;
                power["controllers"]![0]!["assumed"] = true;
                power["motors"]![0]!["draw"] = new JsonObject
                {
                    ["assumed"] = power["motors"]![0]!["draw"]!.DeepClone(),
                };
            }
        );
        Assert.Null(
            PackPower.Judge(
                assumed,
                new PowerTrain(assumed, Ordered.ById<DriveHeld>()),
                Pack(172).Battery with
                {
                    Cells = 6,
                    CRating = 5,
                }
            )
        );
        Assert.Contains(
            "2 packs together",
            PackPower.Together(Bench.Sheet("carrow-mail-1900")),
            StringComparison.Ordinal
        );
    }

    [Fact]
    public void A_receiver_with_fewer_ports_than_channels_is_counted_by_its_ports()
    {
        Assert.True(CounterChecks.PortsEnough(Canard, 8, 4).Enough);
        var (enough, why) = CounterChecks.PortsEnough(Canard, 8, 3);
        Assert.False(enough);
        Assert.EndsWith("1 short: 8 channels, but 3 ports.", why, StringComparison.Ordinal);
    }

    [Fact]
    public void Of_several_packs_the_one_to_fly_fits_balances_and_asks_for_the_least_ballast() =>
        Gen.Select(Gen.Double[60, 420], Gen.Double[40, 240])
            .List[1, 6]
            .Sample(packs =>
            {
                var budget = Budget.Of(
                    new Budget.Asked(
                        Canard,
                        [
                            .. packs.Select(
                                (p, i) => Pack(Math.Round(p.Item1), Math.Round(p.Item2)) with { Name = $"pack {i}" }
                            ),
                        ],
                        null,
                        [],
                        BalanceSchool.Middle
                    )
                );
                var able = budget
                    .Packs.Where(p => p.Fits && p.Suits && p.Balances == true && p.WeightInLimit != false)
                    .ToList();
                return budget.Best is { } best
                    ? able.Contains(best) && able.All(p => p.BallastGrams >= best.BallastGrams)
                    : able.Count == 0;
            });

    private static readonly Stock Shop = new(["hex driver 2.5 mm"], ["slow epoxy"], [150, 300, 600]);

    [Fact]
    public void The_to_buy_list_is_derived_on_the_first_day_with_lengths_adapters_glue_and_tools()
    {
        var bench = new Bench(Canard);
        bench.Do(new BatteryGiven(Pack(250).Battery with { Connector = "shop's round pair" }));
        var lines = ToBuy.Of(bench.State, Shop).ToDictionary(l => l.Id, StringComparer.Ordinal);
        Assert.Equal("Extension lead 600 mm for rudder left", lines["lead/lead-rud-l"].What);
        Assert.Equal("Extension lead 300 mm for aileron left", lines["lead/lead-ail-l"].What);
        Assert.Contains("round pair to", lines["adapter/pack"].What, StringComparison.Ordinal);
        Assert.Contains("glue/foam-safe-contact", lines.Keys);
        Assert.Contains("tool/cross-driver-1", lines.Keys);
        Assert.DoesNotContain("tool/hex-driver-2.5-mm", lines.Keys);
        bench.Do(
            new ToBuySaid("adapter/pack", BuyState.Ordered, DateOnly.FromDateTime(bench.Now.UtcDateTime).AddDays(3))
        );
        Assert.Equal(BuyState.Ordered, ToBuy.Of(bench.State, Shop).Single(l => l.Id == "adapter/pack").State);
    }

    [Fact]
    public void Paired_surfaces_on_a_Y_lead_ask_for_one()
    {
        var bench = new Bench(Canard);
        Assert.DoesNotContain(ToBuy.Of(bench.State, Shop), l => l.Id.StartsWith("y-lead/", StringComparison.Ordinal));
        bench.Do(new SchoolChosen(Schools.PairedSurfaces, "y-lead"));
        Assert.Contains(ToBuy.Of(bench.State, Shop), l => l.Id == "y-lead/aileron");
    }

    [Fact]
    public void A_school_swaps_its_steps_and_what_came_after_waits_for_what_is_left()
    {
        var bench = new Bench(Bench.Sheet("brindle-pair"));
        Assert.NotNull(bench.State.Sheet.Step("fit-tail"));
        Assert.Null(bench.State.Sheet.Step("fit-tail-screws"));
        bench.Do(new SchoolChosen(Schools.TailFixing, "screws"));
        Assert.Null(bench.State.Sheet.Step("fit-tail"));
        Assert.Contains("fit-tail-screws", bench.State.Sheet.Step("linkages")!.After);
        Assert.DoesNotContain("fit-tail", bench.State.Sheet.Step("linkages")!.After);
        Assert.Equal(
            "receive/school-sheet",
            new Bench(Canard).Refused(new SchoolChosen(Schools.TailFixing, "screws"))!.Code
        );
        Assert.Equal("receive/school-option", bench.Refused(new SchoolChosen(Schools.TailFixing, "tape"))!.Code);
    }

    [Fact]
    public void Fins_that_are_glued_left_and_right_are_screwed_left_and_right()
    {
        var bench = new Bench(Bench.Sheet("carrow-mail-1900"));
        bench.Do(new SchoolChosen(Schools.TailFixing, "screws", "Spares can be fitted."), Bench.Thorne);
        Assert.Equal(
            ["Fin on screws, no glue, left", "Fin on screws, no glue, right"],
            bench.State.Sheet.Steps.Where(TailOnScrews.Holds).Select(s => s.Title)
        );
    }

    [Fact]
    public void A_tail_on_screws_where_the_sheet_is_silent_is_a_leads_word_with_a_reason_and_is_read_and_pulled()
    {
        var bench = new Bench(Bench.Parasol).Unpacked();
        var screws = new SchoolChosen(Schools.TailFixing, "screws");
        Assert.Equal("receive/school-sheet", bench.Refused(screws with { Reason = "Spares." })!.Code);
        Assert.Equal("body.reason", bench.Refused(screws, Bench.Thorne)!.Where);
        bench.Do(screws with { Reason = "Spares can be fitted." }, Bench.Thorne);
        var step = bench.State.Sheet.Step("fit-fin-screws")!;
        Assert.Null(bench.State.Sheet.Step("fit-fin"));
        Assert.Null(step.Bond);
        Assert.Equal("Fin on screws, no glue", step.Title);
        Assert.Equal(["Contact glue: air the room, no flame."], Bench.Parasol.Step("fit-fin")!.Cautions);
        Assert.Empty(step.Cautions);
        Assert.Contains("fit-fin-screws", bench.State.Sheet.Step("linkages")!.After);
        Assert.Contains(step.Id, Truths.Find(bench.State.Sheet, "upright/fin")!.Steps);
        bench.Until(step.Id);
        bench.Do(new StepStarted(step.Id));
        foreach (var ask in StepAsks.Of(bench.State, step).Where(a => a.When != AskWhen.Cured).ToArray())
        {
            bench.Do(
                ask.Truth is { } truth
                    ? new TrueRead(
                        truth.Id,
                        new Reading(Bench.Q("0 deg")),
                        new Instrument("gauge", 0.2, "gauge", "degrees")
                    )
                    : new Answered(step.Id, ask.Id, true)
            );
        }

        bench.Do(bench.Done(step.Id));
        LedgerLine Pull() => bench.Line("step/fit-fin-screws/pull");
        Assert.Equal((Standing.NotShown, Concedable.Never), (Pull().Standing, Pull().Concedable));
        bench.Do(new Answered(step.Id, "pull", false));
        Assert.Equal(Standing.NotMet, Pull().Standing);
        bench.Do(new Answered(step.Id, "pull", true));
        Assert.Equal(Standing.Met, Pull().Standing);
        // Glued after all: the sheet's own step is back, not done.
        bench.Do(new SchoolChosen(Schools.TailFixing, "glue", "It does not hold."), Bench.Thorne);
        Assert.NotNull(bench.State.Sheet.Step("fit-fin")!.Bond);
        Assert.Null(bench.State.Progress("fit-fin"));
    }

    [Fact]
    public void No_two_answers_to_a_question_are_the_same_one_or_is_given_for_the_same_reason()
    {
        Assert.Equal(Schools.All.Length, Schools.All.Select(s => s.Id).Distinct().Count());
        Assert.All(
            Schools.All,
            s =>
            {
                Assert.True(s.Options.Length >= 2, $"{s.Id} is no question");
                Assert.Equal(s.Options.Length, s.Options.Select(o => o.Id).Distinct().Count());
                Assert.Equal(s.Options.Length, s.Options.Select(o => (o.Text, o.Reason)).Distinct().Count());
            }
        );
    }

    [Fact]
    public void Another_pack_can_be_chosen_and_makes_the_balance_stale()
    {
        var bench = Bench.Ready();
        bench.Do(new PackBrought("grey", Pack(280, 105).Battery));
        Assert.False(bench.Line("balance/as flown").Open);
        bench.Do(new PackChosen("grey"));
        Assert.Equal(Standing.Stale, bench.Line("balance/as flown").Standing);
        Assert.Equal("receive/pack", bench.Refused(new PackChosen("gold"))!.Code);
        Assert.Equal("receive/pack-name", bench.Refused(new PackBrought("grey", Pack(280).Battery))!.Code);
    }

    [Fact]
    public void Something_more_aboard_makes_the_weighing_stale_and_saying_it_was_tested_does_not()
    {
        var bench = Bench.Ready();
        bench.Do(new AddOnBrought("camera", Bench.Q("38 g"), Bench.Q("-60 mm")));
        Assert.Equal(Standing.Stale, bench.Line("weight/as flown").Standing);
        bench.Pack(LampIs.InBay);
        bench.Motors(LampIs.On);
        bench.Do(bench.Weighing(166));
        bench.Do(new AddOnBrought("camera", Bench.Q("38 g"), Bench.Q("-60 mm"), AddOnState.Tested));
        Assert.NotEqual(Standing.Stale, bench.Line("weight/as flown").Standing);
    }

    [Fact]
    public void Only_a_lead_gives_a_value_in_the_makers_place_and_the_ledger_says_whose_it_is()
    {
        var sheet = Canard with
        {
            Balance = Canard.Balance.With(
                BalanceFields.Configuration.List.Is([
                    Canard
                        .Balance.Configurations[0]
                        .With(
                            BalanceFields.Configuration.Range.Is(new Printed<Quantity>.NotStated(true)),
                            BalanceFields.Configuration.Marks.Is("moulded arrows")
                        ),
                ])
            ),
        };
        var bench = new Bench(sheet);
        Assert.Contains("moulded arrows", bench.Line("balance/as flown").Why, StringComparison.Ordinal);
        var given = new ValueGiven("balance/as flown", Bench.Q("-40 mm to -32 mm"), "Measured between the arrows.");
        Assert.Equal("entry/role", bench.Refused(given)!.Code);
        Assert.Equal("quantity/dimension", bench.Refused(given with { Value = Bench.Q("40 g") }, Bench.Thorne)!.Code);
        bench.Do(given, Bench.Thorne);
        Assert.Equal(
            "-40 to -32 mm",
            BalanceTarget
                .Of(bench.State.Sheet, bench.State.Sheet.Balance.Configurations[0], BalanceSchool.Middle)!
                .Range.ToString()
        );
        Assert.Equal(
            "receive/no-gap",
            bench.Refused(given with { For = "throw/rudder-left/rudder/high/left" }, Bench.Thorne)!.Code
        );
    }
}
