using Xunit;
using Zygotome.Core.Balance;
using Zygotome.Core.Bind;
using Zygotome.Core.Build;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Receive;
using Zygotome.Core.Safety;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Table;
using Zygotome.Core.Throws;
using Zygotome.Core.Unpack;

namespace Zygotome.Core.Tests.Journal;

/// <summary>What was shown counts while what it rests on is as it was then: set otherwise, it is shown again.</summary>
public sealed class RestsOnSettingsTests
{
    private static string[] Stale(Bench bench) =>
        [.. Ledger.Of(bench.State, bench.Now).Where(l => l.Standing == Standing.Stale).Select(l => l.Id)];

    private static string[] StaleAfter(params EntryBody[] bodies)
    {
        var bench = Bench.Ready();
        Assert.Empty(bench.Open());
        foreach (var body in bodies)
        {
            bench.Do(body);
        }

        return Stale(bench);
    }

    private static bool AnyOf(IEnumerable<string> ids, string prefix) =>
        ids.Any(id => id.StartsWith(prefix, StringComparison.Ordinal));

    /// <summary>A parasol with everything shown by radio, its elevator on two servos.</summary>
    private static Bench Parasol(SpecSheet? sheet = null) =>
        new Bench(sheet ?? Bench.Parasol).Unpacked().Steps(Stage.Build).Steps(Stage.Wire).Bound();

    [Fact]
    public void A_reading_with_another_end_point_makes_every_other_throw_of_that_channel_and_way_stale_with_its_cause()
    {
        var bench = Bench.Ready();
        bench.Power();
        bench.Do(bench.Reading("throw/elevon-left/elevator/high/up", "14 mm", 92));
        Assert.Equal(
            [
                "throw/elevon-left/aileron/high/up",
                "throw/elevon-left/aileron/low/up",
                "throw/elevon-left/elevator/low/up",
                "throw/elevon-left/combined/high/up",
            ],
            Stale(bench).Where(id => id.StartsWith("throw/", StringComparison.Ordinal))
        );
        Assert.Equal(
            "End point of the left elevon, up: 100 % when this was shown, 92 % now.",
            bench.Line("throw/elevon-left/aileron/low/up").Why
        );
    }

    [Fact]
    public void A_share_beside_a_reading_moves_its_own_command_and_no_other() =>
        Assert.Equal(
            ["throw/elevon-left/aileron/low/up", "throw/elevon-right/aileron/low/down"],
            StaleAfter(new TravelSet("throw/elevon-left/aileron/low/up", Bench.Q("70 %")))
                .Where(id => id.StartsWith("throw/", StringComparison.Ordinal))
        );

    [Fact]
    public void A_reading_without_a_number_beside_it_leaves_the_radio_as_it_is() =>
        Assert.Empty(StaleAfter(Bench.Lamp(Bench.Delta, LampKind.Pack, LampIs.InBay)));

    [Fact]
    public void The_same_value_said_again_makes_nothing_stale() =>
        Assert.Empty(
            StaleAfter(
                new TravelSet("throw/elevon-left/elevator/high/up", Bench.Q("100 %")),
                new TransmitterBrought("the owner's", ""),
                new TransmitterBrought("the owner's", "eight free")
            )
        );

    [Fact]
    public void What_is_set_back_to_what_it_was_counts_again()
    {
        var bench = Bench.Ready();
        bench.Do(new BallastFitted(bench.State.Sheet.Geometry.BallastStations[0].Name, 1));
        Assert.Contains("balance/as flown", Stale(bench));
        bench.Do(new BallastFitted(bench.State.Sheet.Geometry.BallastStations[0].Name, -1));
        Assert.Empty(Stale(bench));
    }

    [Fact]
    public void Bound_again_to_the_same_memory_asks_for_failsafe_and_range_alone()
    {
        var bench = Bench.Ready();
        bench.Power();
        bench.Do(new Bound("MEMORY", 2, bench.State.Sheet.Radio.BindMethods[0]));
        // A fan is isolated by its wires: how they went back is to be seen.
        Assert.Equal(["bind/failsafe", "motor-direction/fan", "check/range", "check/range-motor"], Stale(bench));
    }

    [Fact]
    public void Bound_to_another_memory_asks_for_everything_shown_by_radio_and_for_no_weighing()
    {
        var bench = Bench.Ready();
        bench.Power();
        bench.Do(new Bound("OTHER", 2, bench.State.Sheet.Radio.BindMethods[0]));
        var stale = Stale(bench);
        Assert.True(AnyOf(stale, "throw/") && AnyOf(stale, "neutral/") && AnyOf(stale, "direction/"));
        Assert.False(AnyOf(stale, "balance/") || AnyOf(stale, "freedom/"));
        Assert.Equal("The model memory: MEMORY when this was shown, OTHER now.", bench.Line("neutral/elevon-left").Why);
    }

    [Fact]
    public void The_first_binding_makes_stale_what_was_measured_before_it()
    {
        var bench = new Bench().Unpacked().Steps(Stage.Build).Steps(Stage.Wire).Power();
        bench.Do(bench.Reading("throw/elevon-left/aileron/high/up", "13 mm"));
        Assert.False(bench.Line("throw/elevon-left/aileron/high/up").Open);
        bench.Do(new Bound("MEMORY", 2, bench.State.Sheet.Radio.BindMethods[0]));
        Assert.Contains("throw/elevon-left/aileron/high/up", Stale(bench));
    }

    [Fact]
    public void A_first_word_on_the_transmitter_makes_nothing_stale_and_another_transmitter_everything_shown_with_it()
    {
        var bench = Bench.Ready();
        bench.Do(new TransmitterBrought("the blue one", ""));
        Assert.Empty(Stale(bench));
        bench.Do(new TransmitterBrought("the grey one", ""));
        var stale = Stale(bench);
        Assert.Contains("bind/bound", stale);
        Assert.Contains("bind/failsafe", stale);
        Assert.True(AnyOf(stale, "direction/") && AnyOf(stale, "throw/"));
    }

    [Fact]
    public void A_servo_that_drives_two_surfaces_makes_both_stale_when_one_is_moved()
    {
        // Both rods of the amphibian's tail hang on one arm: air rudder and water rudder.
        var bench = new Bench(Bench.Sheet("saltern-1500")).Unpacked().Steps(Stage.Build).Steps(Stage.Wire).Bound();
        bench.Do(new LinkageMoved("water-rudder", LinkagePart.ArmHole));
        Assert.Equal(["direction/rudder"], Stale(bench));
        bench.Measured();
        bench.Do(new LinkageMoved("water-rudder", LinkagePart.ArmHole));
        Assert.Contains("throw/rudder/rudder/high/right", Stale(bench));
        Assert.Contains("freedom/rudder", Stale(bench));
    }

    [Fact]
    public void A_trim_moves_all_that_its_commands_move_and_unsaid_it_is_another_each_time()
    {
        var stale = StaleAfter(new TrimSet("elevon-left"));
        Assert.Contains("neutral/elevon-right", stale);
        var bench = Bench.Ready();
        bench.Do(new TrimSet("elevon-left"));
        bench.Power();
        bench.Do(new NeutralRead("elevon-left", Bench.Q("2 mm"), Bench.Rule));
        Assert.DoesNotContain("neutral/elevon-left", Stale(bench));
        bench.Do(new TrimSet("elevon-right"));
        Assert.Contains("neutral/elevon-left", Stale(bench));
    }

    [Theory]
    [InlineData("elevator 2")]
    [InlineData("elevator")]
    public void A_lead_moved_by_its_channels_name_makes_the_surfaces_of_that_name_stale(string channel)
    {
        var bench = Parasol().Measured();
        var loop = bench.Do(new LoopOpened(LoopKind.LeadMovedForBinding, "", channel));
        bench.Do(new LoopClosed(loop.EntryId));
        var stale = Stale(bench);
        Assert.Contains("direction/elevator", stale);
        Assert.Contains("throw/elevator-left/elevator/high/up", stale);
        Assert.Contains("throw/elevator-right/elevator/high/up", stale);
        Assert.DoesNotContain("direction/rudder", stale);
    }

    [Fact]
    public void A_loop_nobody_said_the_extent_of_touched_everything()
    {
        var bench = Bench.Ready();
        var loop = bench.Do(new LoopOpened(LoopKind.Other, "Something under the hatch"));
        bench.Do(new LoopClosed(loop.EntryId));
        var stale = Stale(bench);
        Assert.True(AnyOf(stale, "throw/") && AnyOf(stale, "direction/") && AnyOf(stale, "balance/"));
    }

    [Fact]
    public void A_reversed_throttle_makes_failsafe_stale_and_reversed_back_it_counts_again()
    {
        var bench = Bench.Ready();
        bench.Do(new Reversed("throttle"));
        // A switch is tried anew after any reverse.
        Assert.Equal(
            ["bind/cut", "bind/failsafe", "controller/main", "switched/switch 2/away", "switched/switch 2/towards you"],
            Stale(bench).Order(StringComparer.Ordinal)
        );
        bench.Do(new Reversed("throttle"));
        Assert.Empty(Stale(bench));
    }

    [Fact]
    public void A_channel_reversed_by_the_radios_own_name_makes_its_surface_stale_and_not_the_other()
    {
        var stale = StaleAfter(new Reversed("elevon left"));
        Assert.Contains("throw/elevon-left/aileron/high/up", stale);
        Assert.Contains("direction/aileron", stale);
        Assert.DoesNotContain("throw/elevon-right/aileron/high/up", stale);
    }

    [Theory]
    [InlineData(RadioSetting.Mix, "elevator", "throw/elevon-left/elevator/high/up")]
    [InlineData(RadioSetting.ThrottleCut, "", "bind/failsafe")]
    [InlineData(RadioSetting.StabiliserGain, "", "direction/aileron")]
    [InlineData(RadioSetting.SurfaceCount, "", "neutral/elevon-left")]
    public void What_is_set_in_radio_or_stabiliser_makes_stale_what_was_shown_with_it(
        RadioSetting setting,
        string function,
        string line
    ) => Assert.Contains(line, StaleAfter(new RadioSet(setting, function, "12 %")));

    [Theory]
    [InlineData(Schools.PairedSurfaces, "y-lead", "throw/elevon-left/aileron/high/up")]
    [InlineData("stabiliser", "in-line", "direction/aileron")]
    [InlineData("receiver-power", "separate", "bind/failsafe")]
    [InlineData("supplied-servos", "replace", "neutral/elevon-right")]
    [InlineData("scale-parts", "left-off", "weight/as flown")]
    public void A_school_that_changes_wiring_or_weight_makes_stale_what_was_shown_the_other_way(
        string school,
        string option,
        string line
    )
    {
        Assert.Contains(line, StaleAfter(new SchoolChosen(school, option, "the owner wants it so")));
        Assert.Empty(
            StaleAfter(
                new SchoolChosen(school, option, "the owner wants it so"),
                new SchoolChosen(school, Schools.Find(school)!.Default.Id, "after all not")
            )
        );
    }

    [Fact]
    public void Softer_expo_makes_no_throw_stale() =>
        Assert.Empty(StaleAfter(new RadioSet(RadioSetting.Expo, "", "30 %")));

    // Flown both ways, and not built as one.
    private static readonly SpecSheet Both = Bench.Parasol with
    {
        Kit = Bench.Parasol.Kit.With(KitFields.Option.List.Is([])),
    };

    [Fact]
    public void A_second_configuration_with_the_pack_elsewhere_makes_the_first_stale()
    {
        var bench = Parasol(Both);
        bench.Pack(LampIs.InBay);
        bench.Motors(LampIs.On);
        Weigh(bench, "wheels", "-150 mm");
        Weigh(bench, "skis", "-160 mm");
        Assert.Contains("balance/wheels", Stale(bench));
        Assert.DoesNotContain("weight/wheels", Stale(bench));
        Assert.Equal("Front of the pack: -150 mm when this was shown, -160 mm now.", bench.Line("balance/wheels").Why);
        Weigh(bench, "wheels", "-160 mm");
        Assert.Empty(Stale(bench));
    }

    [Fact]
    public void A_configuration_that_states_its_own_place_keeps_it()
    {
        var own = Both with
        {
            Balance = Bench.Parasol.Balance.With(
                BalanceFields.Configuration.List.Is([
                    Bench.Parasol.Balance.Configurations[0],
                    Bench.Parasol.Balance.Configurations[1].With(BalanceFields.Configuration.PackFront.Is(-160)),
                ])
            ),
        };
        var bench = Parasol(own);
        bench.Pack(LampIs.InBay);
        bench.Motors(LampIs.On);
        Weigh(bench, "wheels", "-150 mm");
        Weigh(bench, "skis", "-160 mm");
        Assert.Empty(Stale(bench));
        bench.Do(new PackMoved(Bench.Q("-170 mm"), "skis"));
        Assert.Equal(["balance/skis", "lateral/skis"], Stale(bench));
    }

    [Fact]
    public void Where_each_configuration_has_its_own_place_a_pack_is_moved_in_one_of_them()
    {
        var own = Bench.Parasol with
        {
            Balance = Bench.Parasol.Balance.With(
                BalanceFields.Configuration.List.Is(
                    Bench.Parasol.Balance.Configurations.Select(c =>
                        c.With(BalanceFields.Configuration.PackFront.Is(-160))
                    )
                )
            ),
        };
        var bench = new Bench(own);
        bench.Pack(LampIs.InBay);
        Assert.Equal("balance/which-configuration", bench.Refused(new PackMoved(Bench.Q("-150 mm")))!.Code);
        Assert.Equal("balance/configuration", bench.Refused(new PackMoved(Bench.Q("-150 mm"), "floats"))!.Code);
        Assert.Null(bench.Refused(new PackMoved(Bench.Q("-150 mm"), "skis")));
    }

    [Fact]
    public void A_pack_moved_moves_the_centre_and_no_weight() =>
        Assert.Equal(
            ["balance/as flown", "lateral/as flown"],
            StaleAfter(Bench.Lamp(Bench.Delta, LampKind.Pack, LampIs.InBay), new PackMoved(Bench.Q("-40 mm")))
        );

    [Fact]
    public void The_pack_chosen_back_makes_the_weighing_count_again()
    {
        var bench = Bench.Ready();
        bench.Do(new PackBrought("heavier", Bench.Battery("310 g")));
        bench.Do(new PackChosen("heavier"));
        Assert.Contains("weight/as flown", Stale(bench));
        bench.Do(new PackChosen("pack 1"));
        Assert.Empty(Stale(bench));
    }

    [Fact]
    public void A_propeller_taken_off_after_the_weighing_is_put_on_again_before_it_counts()
    {
        var bench = new Bench(Bench.Parasol);
        bench.Pack(LampIs.InBay);
        bench.Motors(LampIs.On);
        Weigh(bench, "wheels", "-150 mm");
        bench.Say(LampKind.Propeller, LampIs.Off);
        Assert.Contains("weight/wheels", Stale(bench));
        bench.Motors(LampIs.On);
        Assert.Empty(Stale(bench));
    }

    [Fact]
    public void A_servo_replaced_at_the_wings_place_makes_what_it_may_drive_stale()
    {
        var stale = StaleAfterRepair("wing-left", PlaceKind.Servo, FindingKind.Crack, Disposition.Replace);
        Assert.Contains("throw/elevon-left/aileron/high/up", stale);
        Assert.Contains("direction/aileron", stale);
        Assert.DoesNotContain("throw/elevon-right/aileron/high/up", stale);
    }

    [Fact]
    public void A_glued_joint_of_a_wing_makes_what_hangs_on_it_stale()
    {
        var stale = StaleAfterRepair("wing-right", PlaceKind.Joint, FindingKind.Parting, Disposition.Repair);
        Assert.Contains("neutral/elevon-right", stale);
        Assert.Contains("throw/elevon-right/elevator/high/up", stale);
        Assert.DoesNotContain("neutral/elevon-left", stale);
    }

    [Fact]
    public void A_lead_mended_in_the_fuselage_makes_failsafe_and_every_direction_stale()
    {
        var stale = StaleAfterRepair("body-fuselage", PlaceKind.ReceiverPower, FindingKind.Loose, Disposition.Repair);
        Assert.Contains("bind/failsafe", stale);
        Assert.Contains("direction/elevator", stale);
    }

    [Fact]
    public void A_repair_of_0_g_makes_no_weighing_stale_and_one_of_unknown_weight_does()
    {
        var nothing = StaleAfterRepair("wing-right", PlaceKind.Skin, FindingKind.Dent, Disposition.Repair, "0 g");
        Assert.All(
            nothing.Where(line => line != "check/wing/wing-right"),
            line => Assert.StartsWith("trueness/", line, StringComparison.Ordinal)
        );
        Assert.Contains(
            "weight/as flown",
            StaleAfterRepair("wing-right", PlaceKind.Skin, FindingKind.Dent, Disposition.Repair, null)
        );
    }

    [Fact]
    public void A_step_begun_and_taken_out_of_the_plan_keeps_what_it_disturbed()
    {
        var bench = Bench.Ready();
        var finding = Find(bench, "wing-right", PlaceKind.Skin, FindingKind.Crack);
        bench.Do(new Disposed(finding, Disposition.Repair, ""), Bench.Thorne);
        bench.Pack(LampIs.Out);
        bench.Do(new StepStarted("repair-f1"));
        bench.Do(new Disposed(finding, Disposition.UseAsIs, "Shallow after all."), Bench.Thorne);
        Assert.Null(bench.State.Sheet.Step("repair-f1"));
        Assert.Contains("weight/as flown", Stale(bench));
        Assert.Contains("left the plan", bench.Line("weight/as flown").Why, StringComparison.Ordinal);
    }

    [Fact]
    public void Every_step_of_wire_and_every_step_that_fits_something_disturbs_the_weighing_unless_it_adds_0_g()
    {
        var plug = Bench.Delta.Step("plug-receiver")!;
        Assert.Contains(new Aspect(AspectKind.Mass), DisturbanceMatrix.Step(Bench.Delta, plug));
        Assert.DoesNotContain(
            new Aspect(AspectKind.Mass),
            DisturbanceMatrix.Step(Bench.Delta, plug.With(StepFields.Grams.Is(0)))
        );
        var links = Bench.Delta.Step("linkages")!;
        Assert.Contains(new Aspect(AspectKind.Balance), DisturbanceMatrix.Step(Bench.Delta, links));
        Assert.DoesNotContain(
            new Aspect(AspectKind.Mass),
            DisturbanceMatrix.Step(Bench.Delta, Bench.Delta.Step("security")!)
        );
    }

    [Theory]
    [InlineData("chord", "throw/elevon-left/aileron/high/up")]
    [InlineData("motor", "weight/as flown")]
    [InlineData("station", "balance/as flown")]
    [InlineData("bay", "balance/as flown")]
    [InlineData("servo", "direction/aileron")]
    [InlineData("datum", "balance/as flown")]
    [InlineData("failsafe", "bind/failsafe")]
    public void Another_value_in_a_revision_makes_stale_what_used_it(string what, string line) =>
        Assert.Contains(line, StaleAfterMove(Revised(what)));

    [Fact]
    public void Another_number_and_other_words_of_a_revision_make_nothing_stale() =>
        Assert.Empty(
            StaleAfterMove(
                Bench.Delta with
                {
                    Geometry = Bench.Delta.Geometry.With(GeometryFields.Datum.Is("the same place in other words")),
                    Cautions = ["Mind the intake."],
                }
            )
        );

    private static string[] StaleAfterMove(SpecSheet revised)
    {
        var bench = Bench.Ready();
        var next = revised with { Kit = revised.Kit.With(KitFields.Revision.Is(2)), Hash = new string('b', 64) };
        bench.Know(next);
        bench.Do(new SheetMoved(2, next.Hash, "A mended revision."), Bench.Thorne);
        return Stale(bench);
    }

    private static SpecSheet Revised(string what)
    {
        var (sheet, g) = (Bench.Delta, Bench.Delta.Geometry);
        return what switch
        {
            "chord" => sheet with
            {
                Surfaces =
                [
                    sheet.Surfaces[0].With(SurfaceFields.Chord.Is(sheet.Surfaces[0].Chord + 2)),
                    .. sheet.Surfaces[1..],
                ],
            },
            "motor" => sheet with
            {
                Power = sheet.Power.With(
                    PowerFields.Motor.List.Is([sheet.Power.Motors[0].With(PowerFields.Motor.Mass.Is(61))])
                ),
            },
            "station" => sheet with
            {
                Geometry = g.With(
                    GeometryFields.BallastStation.List.Is([
                        g.BallastStations[0].With(GeometryFields.BallastStation.At.Is(g.BallastStations[0].At + 5)),
                    ])
                ),
            },
            "bay" => sheet with { Geometry = g.With(GeometryFields.BayTo.Is(g.Bay!.To + 10)) },
            "servo" => sheet with
            {
                Servos =
                [
                    sheet.Servos[0].With(RadioFields.Servo.Drives.Is(["elevon-left", "elevon-right"])),
                    .. sheet.Servos[1..],
                ],
            },
            "datum" => sheet with
            {
                Geometry = g.With(
                    GeometryFields.Lifting.List.Is(
                        g.Lifting.Select(l =>
                            l.Role == "wing"
                                ? l.With(GeometryFields.Lifting.RootLeadingEdge.Is(l.RootLeadingEdge + 4))
                                : l
                        )
                    )
                ),
            },
            _ => sheet with { Radio = sheet.Radio.With(RadioFields.Failsafe.Is("fan stops, elevons to neutral")) },
        };
    }

    private static string[] StaleAfterRepair(
        string place,
        PlaceKind placeKind,
        FindingKind kind,
        Disposition disposition,
        string? grams = null
    )
    {
        var bench = Bench.Ready();
        var finding = Find(bench, place, placeKind, kind);
        bench.Do(new Disposed(finding, disposition, "mended"), Bench.Thorne);
        bench.Do(new Repaired(finding, "As its step says", NoGlue: true, Grams: grams is null ? null : Bench.Q(grams)));
        return Stale(bench);
    }

    private static string Find(Bench bench, string place, PlaceKind placeKind, FindingKind kind) =>
        bench.Do(new FindingRaised(place, placeKind, kind, Bench.Q("12 mm"), 200, 60, "")).EntryId;

    private static void Weigh(Bench bench, string configuration, string front) =>
        bench.Do(
            new Weighed(
                configuration,
                [
                    new(Bench.Q("-60 mm"), Bench.Q("0 mm"), Bench.Q("700 g")),
                    new(Bench.Q("190 mm"), Bench.Q("-140 mm"), Bench.Q("350 g")),
                    new(Bench.Q("190 mm"), Bench.Q("140 mm"), Bench.Q("350 g")),
                ],
                Bench.Q(front),
                false,
                true,
                new Instrument("scales", 1)
            )
        );
}
