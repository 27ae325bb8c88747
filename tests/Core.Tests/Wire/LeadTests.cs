using System.Globalization;
using Xunit;
using Zygotome.Core.Bind;
using Zygotome.Core.Journal;
using Zygotome.Core.Receive;
using Zygotome.Core.Safety;
using Zygotome.Core.Sheets;
using Zygotome.Core.Wire;

namespace Zygotome.Core.Tests.Wire;

/// <summary>Leads ticked one by one, what is asked beside them, and what hangs on the receiver's power.</summary>
public sealed class LeadTests
{
    private static WireLead Lead(Bench bench, string id) => Wiring.Of(bench.State).Lead(id)!;

    private static LeadPlugged In(Bench bench, string id) => new(id, Lead(bench, id).To.Key, true);

    [Fact]
    public void A_plug_counts_once_its_signal_side_was_looked_at()
    {
        var bench = new Bench(Bench.Parasol);
        Assert.Equal("wire/signal-side", bench.Refused(In(bench, "sv-rud") with { Signal = false })!.Code);
        Assert.Equal(Standing.NotShown, bench.Line("wire/lead/sv-rud").Standing);
        bench.Do(In(bench, "sv-rud"));
        Assert.Equal(Standing.Met, bench.Line("wire/lead/sv-rud").Standing);
    }

    [Fact]
    public void A_label_that_lies_is_found_by_its_wires_and_both_plugs_stay_open_until_swapped()
    {
        var bench = new Bench(Bench.Parasol);
        var lied = bench.Do(In(bench, "sv-ail-l") with { Serves = "sv-ail-r" });
        Assert.Contains("its wires lead to right aileron", lied.Body.Say(bench.State), StringComparison.Ordinal);
        var line = bench.Line("wire/lead/sv-ail-l");
        Assert.Equal(Standing.NotMet, line.Standing);
        Assert.Contains("right aileron", line.Why, StringComparison.Ordinal);

        // A second look at the label proves as little as the first: both are wiggled.
        foreach (var lead in new[] { "sv-ail-l", "sv-ail-r" })
        {
            Assert.Equal("wire/wiggle", bench.Refused(In(bench, lead))!.Code);
            bench.Do(In(bench, lead) with { Serves = lead });
            Assert.Equal(Standing.Met, bench.Line($"wire/lead/{lead}").Standing);
        }
    }

    [Fact]
    public void A_tick_falls_when_another_label_is_found_to_have_been_its_own()
    {
        var bench = new Bench(Bench.Parasol);
        bench.Do(In(bench, "sv-ail-r"));
        bench.Do(In(bench, "sv-ail-l") with { Serves = "sv-ail-r" });
        Assert.Equal(Standing.NotShown, bench.Line("wire/lead/sv-ail-r").Standing);
    }

    [Fact]
    public void A_plug_in_another_port_is_named_with_where_it_belongs()
    {
        var bench = new Bench(Bench.Parasol);
        var own = Lead(bench, "sv-rud").To.Key;
        var other = Enumerable.Range(1, 8).Select(p => $"receiver/{p}").First(k => k != own);
        bench.Do(new LeadPlugged("sv-rud", other, true));
        Assert.Equal(Standing.NotMet, bench.Line("wire/lead/sv-rud").Standing);
        Assert.Equal("wire/into", bench.Refused(new LeadPlugged("sv-rud", "receiver/9", true))!.Code);
    }

    [Fact]
    public void A_Y_lead_moved_to_another_port_keeps_what_is_in_it_and_its_own_plug_is_out_of_place()
    {
        var bench = new Bench(Bench.Sheet("merle-1200"), channels: 5);
        var wiring = Wiring.Of(bench.State);
        var branch = wiring.Leads.First(l => l.To.On == Socketed.YLead).Id;
        var joint = wiring.Leads.Single(l => l.Id.StartsWith("y/", StringComparison.Ordinal));
        bench.Do(In(bench, branch));
        bench.Do(In(bench, joint.Id));

        // It changes places with whatever is on another port.
        var (own, other) = (int.Parse(joint.To.At, CultureInfo.InvariantCulture), joint.To.At == "1" ? 2 : 1);
        int Moved(int at) =>
            at == own ? other
            : at == other ? own
            : at;
        bench.Do(new MapLaid([.. wiring.Plugs.Select((p, i) => new LaidPlug(p.Id, Moved(wiring.Map.At[i])))]));
        Assert.Equal(Standing.Met, bench.Line($"wire/lead/{branch}").Standing);
        Assert.Equal(Standing.NotMet, bench.Line($"wire/lead/{joint.Id}").Standing);
    }

    [Fact]
    public void A_plug_drawn_out_later_asks_for_directions_again_and_the_first_word_on_it_does_not()
    {
        var bench = new Bench(Bench.Parasol);
        bench.Power();
        bench.Do(new Bound("MEMORY", 2, "button"));
        var rudder = Directions.Calls(bench.State.Sheet).Single(c => c.Function == "rudder");
        bench.Do(new DirectionSeen("rudder", [.. rudder.Expected.Select(e => new Seen(e.Surface.Id, e.Movement))]));

        // What was seen to move was plugged; no plug is moved under power.
        Assert.Equal(Standing.Met, bench.Line("wire/lead/sv-rud").Standing);
        Assert.NotNull(bench.Refused(In(bench, "sv-rud")));
        bench.Pack(LampIs.InBay);
        bench.Do(In(bench, "sv-rud"));
        Assert.Equal(Standing.Met, bench.Line("direction/rudder").Standing);

        bench.Do(new LeadPulled("sv-rud", "to draw it under the strap"));
        Assert.Equal(Standing.NotShown, bench.Line("wire/lead/sv-rud").Standing);
        Assert.Equal(Standing.Stale, bench.Line("direction/rudder").Standing);
        bench.Do(In(bench, "sv-rud"));
        Assert.Equal(Standing.Met, bench.Line("wire/lead/sv-rud").Standing);
        Assert.Equal(Standing.Stale, bench.Line("direction/rudder").Standing);
    }

    [Fact]
    public void Another_receiver_asks_for_every_plug_again()
    {
        var bench = new Bench(Bench.Parasol);
        foreach (var lead in Wiring.Of(bench.State).Leads)
        {
            bench.Do(new LeadPlugged(lead.Id, lead.To.Key, true));
        }

        bench.Do(new ReceiverGiven(10));
        Assert.All(Wiring.Of(bench.State).Leads, l => Assert.True(bench.Line($"wire/lead/{l.Id}").Standing.Open, l.Id));
    }

    [Fact]
    public void Of_several_controllers_one_gives_the_receiver_its_power_and_of_a_separate_supply_none()
    {
        var bench = new Bench(Bench.Sheet("carrow-mail-1900"));
        string[] Positives() =>
            [
                .. WireAsks
                    .Of(bench.State)
                    .Where(a => a.Id.StartsWith("positive/", StringComparison.Ordinal))
                    .Select(a => a.Id),
            ];
        Assert.Equal(2, Positives().Length);
        bench.Do(new SchoolChosen(Schools.ReceiverPower, "separate", "one failure less"));
        Assert.Equal(3, Positives().Length);
        bench.Do(new WireAnswered(Positives()[0], false));
        Assert.Equal(Standing.NotMet, bench.Line($"wire/{Positives()[0]}").Standing);
        Assert.Equal(Concedable.Never, bench.Line($"wire/{Positives()[0]}").Concedable);
    }

    [Fact]
    public void Numbers_decide_whose_power_the_receiver_takes_unless_somebody_did()
    {
        var bench = new Bench(Bench.Sheet("wicken-1350"));
        var supply = Supply.Of(bench.State);

        // Four servos of 0.2 A, two of them at 0.9 A; a linear regulator to 5 V under three cells.
        Assert.Equal(0.8, supply.Working, 6);
        Assert.Equal(2.2, supply.Peak, 6);
        Assert.Equal(((4.2 * bench.State.Receive.Battery!.Cells) - 5) * 0.8, supply.Heat!.Value, 6);
        Assert.True(supply.Fits);
        Assert.False(Supply.IsSeparate(bench.State));

        foreach (var servo in bench.State.Sheet.Servos)
        {
            bench.Do(
                new ServoBrought(servo.Id, new ServoKind("strong", Working: Bench.Q("0.8 A"), Stall: Bench.Q("3 A")))
            );
        }

        Assert.False(Supply.Of(bench.State).Fits);
        Assert.True(Supply.IsSeparate(bench.State));
        Assert.Equal(Standing.Met, bench.Line("wire/supply").Standing);
        bench.Do(new SchoolChosen(Schools.ReceiverPower, "regulator", "nothing more aboard"));
        Assert.Equal(Standing.NotMet, bench.Line("wire/supply").Standing);
    }

    [Fact]
    public void The_aerial_of_a_fan_is_asked_to_stay_outside_its_intake() =>
        Assert.Contains(
            "intake",
            WireAsks.Of(new Bench(Bench.Delta).State).Single(a => a.Id == "aerial").Words,
            StringComparison.Ordinal
        );
}
