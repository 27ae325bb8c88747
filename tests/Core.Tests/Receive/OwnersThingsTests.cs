using CsCheck;
using Xunit;
using Zygotome.Core.Bind;
using Zygotome.Core.Job;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Receive;
using Zygotome.Core.Safety;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Catalogue;

namespace Zygotome.Core.Tests.Receive;

/// <summary>What the owner brings, and what is still to come: packs with their cells, receivers, add-ons,
/// protocols.</summary>
public sealed class OwnersThingsTests
{
    private static readonly Battery Usual = new(
        Bench.Q("262 g"),
        Bench.Q("105 mm"),
        Bench.Q("34 mm"),
        Bench.Q("30 mm"),
        4,
        Bench.Q("2400 mAh")
    );

    private static readonly Stock Nothing = new([], [], []);

    [Fact]
    public void A_job_without_pack_and_receiver_keeps_their_lines_open_and_judges_nothing_by_them()
    {
        var bench = new Bench(Bench.Sheet("skerrow-64"), channels: 0, pack: false);
        Assert.Equal(Standing.NotShown, bench.Line("receive/pack-fits").Standing);
        Assert.Equal(Standing.NotShown, bench.Line("receive/ports").Standing);
        Assert.DoesNotContain(
            Ledger.Of(bench.State, bench.Now),
            l => l.Id is "receive/pack-suits" or "receive/protocol"
        );
        var buy = ToBuy.Of(bench.State, Nothing).Select(l => l.Id).ToArray();
        Assert.Contains("pack/any", buy);
        Assert.Contains("receiver/any", buy);
        Assert.DoesNotContain(buy, id => id.StartsWith("y-lead/", StringComparison.Ordinal));

        // Nothing is bound to what is not there, and nothing weighed without its pack.
        bench.Power();
        Assert.Equal("bind/no-receiver", bench.Refused(new Bound("MEMORY", 2, "button"))!.Code);
        bench.Do(new PackBrought("blue", Usual));
        Assert.Equal(Standing.Met, bench.Line("receive/pack-fits").Standing);
        bench.Do(new ReceiverGiven(6));
        Assert.Equal(Standing.Met, bench.Line("receive/ports").Standing);
        Assert.DoesNotContain(ToBuy.Of(bench.State, Nothing), l => l.Id is "pack/any" or "receiver/any");
    }

    [Fact]
    public void A_pack_of_five_grams_is_taken_and_one_that_fits_on_its_edge_fits()
    {
        var sheet = Bench.Sheet("plimsey-1400");
        var light = Usual with { Mass = Bench.Q("5 g"), Width = Bench.Q("11 mm"), Height = Bench.Q("4 mm") };
        var bench = new Bench(sheet);
        bench.Do(new PackBrought("light", light));
        Assert.True(CounterChecks.PackFits(sheet, light).Fits);

        // The bay is 56 wide and 44 high.
        var flat = Usual with
        {
            Width = Bench.Q("40 mm"),
            Height = Bench.Q("50 mm"),
        };
        var (fits, why) = CounterChecks.PackFits(sheet, flat);
        Assert.True(fits);
        Assert.StartsWith("Standing on its edge", why, StringComparison.Ordinal);
        Assert.False(CounterChecks.PackFits(sheet, flat with { Width = Bench.Q("50 mm") }).Fits);
    }

    [Theory]
    [InlineData(new[] { 4.1, 4.1, 4.1, 4.1 }, false, "")]
    [InlineData(new[] { 3.5, 3.5, 3.5, 3.5 }, false, "")]
    [InlineData(new[] { 3.49, 3.5, 3.5, 3.5 }, false, "under 3.5 V")]
    [InlineData(new[] { 4.1, 4.05, 4.1, 4.1 }, false, "")]
    [InlineData(new[] { 4.1, 4.04, 4.1, 4.1 }, false, "unequal by 0.06 V")]
    [InlineData(new[] { 4.1, 4.1, 4.1, 4.1 }, true, "swollen")]
    public void A_pack_that_is_low_swollen_or_unequal_is_known_at_the_limit(double[] volts, bool swollen, string wrong)
    {
        var seen = new PackCells([.. volts], swollen);
        Assert.Equal(wrong.Length == 0, seen.Wrong.Length == 0);
        Assert.Contains(wrong, seen.Wrong, StringComparison.Ordinal);
    }

    [Fact]
    public void A_pack_with_unequal_cells_is_not_connected_and_nobody_concedes_it()
    {
        var bench = new Bench(Bench.Parasol).Unpacked();
        var name = bench.State.Receive.Packs[0].Name;
        Assert.Equal("receive/cells", bench.Refused(new PackMeasured(name, [4.1, 4.1]))!.Code);
        Assert.Equal("receive/cells", bench.Refused(new PackMeasured(name, []))!.Code);
        Assert.Equal("receive/cells", bench.Refused(new PackMeasured(name, [4.1, 4.1, 4.1, 41]))!.Code);
        bench.Do(new PackMeasured(name, [4.1, 4.1, 4.1, 3.9]));
        var line = bench.Line("receive/pack-sound");
        Assert.Equal((Standing.NotMet, Concedable.Never), (line.Standing, line.Concedable));
        bench.Say(LampKind.Propeller, LampIs.Off);
        bench.Say(LampKind.Transmitter, LampIs.CutSet);
        var on = Bench.Lamp(bench.State.Sheet, LampKind.Pack, LampIs.Connected);
        Assert.Equal("lamps/pack-unfit", bench.Refused(on)!.Code);

        // Charged, balanced and measured again; or another that is sound.
        bench.Do(new PackBrought("other", bench.State.Receive.Battery! with { Mass = Bench.Q("281 g") }));
        bench.Do(new PackMeasured("other", [4.1, 4.1, 4.1, 4.1]));
        bench.Do(new PackChosen("other"));
        Assert.Equal(Standing.Met, bench.Line("receive/pack-sound").Standing);
        Assert.Null(bench.Refused(on));
        bench.Do(new PackChosen(name));
        Assert.Equal("lamps/pack-unfit", bench.Refused(on)!.Code);
        bench.Do(new PackMeasured(name, [4.1, 4.1, 4.1, 4.09]));
        Assert.Null(bench.Refused(on));
    }

    [Fact]
    public void Of_two_packs_alike_in_every_number_the_one_that_flies_is_the_one_that_counts()
    {
        var bench = new Bench(Bench.Parasol).Unpacked();
        bench.Do(new PackBrought("twin", bench.State.Receive.Battery!));
        bench.Do(new PackMeasured("twin", [], Swollen: true));
        Assert.Equal(Standing.Met, bench.Line("receive/pack-sound").Standing);
        bench.Do(new PackChosen("twin"));
        Assert.Equal(Standing.NotMet, bench.Line("receive/pack-sound").Standing);
    }

    [Fact]
    public void A_pack_found_swollen_while_it_is_connected_comes_off_first()
    {
        var bench = new Bench(Bench.Parasol).Unpacked();
        bench.Power();
        bench.Do(new PackMeasured(bench.State.Receive.Packs[0].Name, [], Swollen: true));
        var danger = Dangers.Of(bench.State).First();
        Assert.Equal("danger/pack-unfit", danger.Code);
        Assert.Equal("danger/pack-unfit", bench.Refused(new Bound("MEMORY", 2, "button"))!.Code);
        bench.Pack(LampIs.Out);
        Assert.Empty(Dangers.Of(bench.State));
    }

    [Fact]
    public void A_receiver_that_hears_another_protocol_is_said_before_a_date_is_promised_and_stands_open()
    {
        Assert.Null(CounterChecks.Protocol("", "wave 2"));
        Assert.True(CounterChecks.Protocol("hop 8, Wave 2", "wave 2")!.Value.Alike);
        Assert.False(CounterChecks.Protocol("hop 8", "wave 2")!.Value.Alike);
        var bench = new Bench(Bench.Parasol);
        Assert.Equal(Standing.NotShown, bench.Line("receive/protocol").Standing);
        bench.Do(new ReceiverGiven(8, new ReceiverKind("eight", 8, 8, Protocol: "wave 2")));
        bench.Do(new TransmitterBrought("the owner's", "", Protocol: "hop 8"));
        Assert.Equal(Standing.NotMet, bench.Line("receive/protocol").Standing);
        Assert.Contains(ToBuy.Of(bench.State, Nothing), l => l.What == "Receiver that hears hop 8");

        // What was bound speaks alike, whatever was typed.
        bench.Unpacked().Power();
        bench.Do(new Bound("MEMORY", 2, "button"));
        Assert.Equal(Standing.Met, bench.Line("receive/protocol").Standing);
    }

    [Fact]
    public void Each_add_on_is_tested_or_not_connected_and_why_and_one_with_a_port_counts_among_the_ports()
    {
        var bench = new Bench(Bench.Parasol);
        var free = bench.State.Receive.ReceiverChannels - bench.State.Sheet.Radio.Functions.Length;
        for (var n = 0; n <= free; n++)
        {
            bench.Do(new AddOnBrought($"light {n}", Bench.Q("4 g"), Port: $"{n + 6}"));
        }

        Assert.Equal(Standing.NotMet, bench.Line("receive/ports").Standing);
        var line = bench.Line("add-on/light 0");
        Assert.Equal((Standing.NotShown, Concedable.ByLead), (line.Standing, line.Concedable));
        var off = new AddOnBrought("light 0", Bench.Q("4 g"), State: AddOnState.NotConnected);
        Assert.Equal("text/missing", bench.Refused(off)!.Code);
        bench.Do(off with { Why = "the owner has no plug for it" });
        Assert.Equal(Standing.Met, bench.Line("add-on/light 0").Standing);
        Assert.Contains("no plug", bench.Line("add-on/light 0").Why, StringComparison.Ordinal);
        Assert.Equal(Standing.Met, bench.Line("receive/ports").Standing);
    }

    private sealed record Case(
        double Weight,
        double Cg,
        double Pack,
        double From,
        double Long,
        double Low,
        double Wide
    );

    /// <summary>Against every millimetre of the bay and every number of pieces at every station.</summary>
    [Fact]
    public void Pack_place_and_ballast_searched_together_need_no_more_mass_than_trying_them_all()
    {
        var stations = Bench.Parasol.Geometry.BallastStations;
        var some = 0;
        Gen.Select(
                Gen.Double[300, 2000],
                Gen.Double[20, 120],
                Gen.Double[5, 500],
                Gen.Double[-250, 50],
                Gen.Double[1, 150],
                Gen.Double[40, 90],
                Gen.Double[1, 6]
            )
            .Select((w, cg, p, f, l, low, wide) => new Case(w, cg, p, f, l, low, wide))
            .Sample(
                c =>
                {
                    var band = new Band(c.Low, c.Low + c.Wide, "mm");
                    var asked = new PackSearch.Asked(
                        Weight: c.Weight,
                        Moment: c.Weight * c.Cg,
                        Pack: c.Pack,
                        Front: c.From,
                        Back: c.From + c.Long,
                        Target: band,
                        Most: null
                    );
                    var found = PackSearch.Of(asked, stations);
                    var least = Least(c, band, stations);
                    if (least is { } mass)
                    {
                        some++;
                        Assert.True(found.Balances);
                        Assert.True((found.Ballast?.Mass ?? 0) <= mass + 1e-9);
                    }

                    if (found.Balances)
                    {
                        Assert.InRange(found.LandsAt, c.Low - 1e-6, c.Low + c.Wide + 1e-6);
                        Assert.InRange(found.Centre, c.From - 1e-6, c.From + c.Long + 1e-6);
                    }
                },
                iter: 400,
                seed: "0N0XIzNsQ0O2"
            );
        Assert.True(some > 20);
    }

    // The least mass of a grid of places; null where none lands. A grid may miss a narrow interval, never find less.
    private static double? Least(Case c, Band band, IEnumerable<BallastStation> stations)
    {
        double? least = null;
        foreach (var (at, piece, limit) in stations.Select(s => (s.At, s.Piece, s.Limit)).Prepend((0, 1, 0)))
        {
            for (var n = 0; n * piece <= limit; n++)
            {
                for (var x = c.From; x <= c.From + c.Long; x++)
                {
                    var mass = n * piece;
                    var lands = ((c.Weight * c.Cg) + (c.Pack * x) + (mass * at)) / (c.Weight + c.Pack + mass);
                    if (band.Contains(lands) && (least is null || mass < least))
                    {
                        least = mass;
                    }
                }
            }
        }

        return least;
    }

    [Fact]
    public void Y_leads_are_asked_for_where_ports_run_out_and_not_where_a_board_or_one_servo_does_it()
    {
        static string[] Wanted(SpecSheet sheet, int channels) =>
            [
                .. ToBuy
                    .Of(new Bench(sheet, channels: channels).State, Nothing)
                    .Where(l => l.Id.StartsWith("y-lead/", StringComparison.Ordinal))
                    .Select(l => l.What),
            ];
        Assert.Equal(["Y-lead for left aileron and right aileron"], Wanted(Bench.Parasol, 5));
        Assert.Empty(Wanted(Bench.Parasol, 6));

        // By the map that counts: what a board takes needs none.
        Assert.Empty(Wanted(Bench.Sheet("carrow-mail-1900"), 16));
    }

    [Fact]
    public void A_lead_whose_way_is_drawn_and_not_stated_is_as_long_as_its_way()
    {
        var sheet = Bench.Sheet("plimsey-1400", n => n["wiring"]!["leads"]![0]!.AsObject().Remove("reach"));
        var lead = sheet.Leads[0];
        var length = LeadRoute.Length(sheet, lead)!.Value;

        // From the receiver at 82.5 to the run at 90, −30 and out to 112, −330.
        Assert.Equal(Math.Sqrt((7.5 * 7.5) + (30 * 30)) + Math.Sqrt((22 * 22) + (300 * 300)), length, 6);
        var line = ToBuy.Of(new Bench(sheet).State, Nothing).Single(l => l.Id == $"lead/{lead.Id}");
        Assert.Contains("aileron left", line.What, StringComparison.Ordinal);
    }
}
