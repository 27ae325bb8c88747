using Xunit;
using Zygotome.Core.Journal;
using Zygotome.Core.Receive;
using Zygotome.Core.Wire;

namespace Zygotome.Core.Tests.Wire;

/// <summary>Leads cut, joined and opened up; what holds what; what a length is.</summary>
public sealed class WorkedLeadTests
{
    private static LeadPlugged In(Bench bench, string id) => new(id, Wiring.Of(bench.State).Lead(id)!.To.Key, true);

    private static LeadMended Spliced => new("sv-rud", LeadWork.Spliced, true, true, true, Bench.Q("2 g"));

    [Fact]
    public void A_lead_that_was_joined_is_wiggled_before_it_counts_again()
    {
        var bench = new Bench(Bench.Parasol);
        bench.Do(In(bench, "sv-rud"));
        bench.Do(Spliced);
        Assert.Equal(Standing.NotShown, bench.Line("wire/lead/sv-rud").Standing);
        Assert.Equal("wire/wiggle", bench.Refused(In(bench, "sv-rud"))!.Code);
        bench.Do(In(bench, "sv-rud") with { Serves = "sv-rud" });
        var line = bench.Line("wire/lead/sv-rud");
        Assert.Equal(Standing.Met, line.Standing);
        Assert.Contains("Cut and spliced", line.Why, StringComparison.Ordinal);
    }

    [Fact]
    public void A_Y_lead_that_was_joined_has_no_end_of_its_own_to_wiggle_and_is_followed()
    {
        var bench = new Bench(Bench.Sheet("merle-1200"), channels: 5);
        bench.Plugged();
        var joint = Wiring.Of(bench.State).Leads.First(l => l.IsYLead).Id;
        bench.Do(new LeadMended(joint, LeadWork.Spliced, true, true, true));
        Assert.Equal(Standing.NotShown, bench.Line($"wire/lead/{joint}").Standing);
        bench.Do(In(bench, joint));
        Assert.Equal(Standing.Met, bench.Line($"wire/lead/{joint}").Standing);
    }

    [Theory]
    [InlineData(LeadWork.Spliced, false, true, true, "wire/colours")]
    [InlineData(LeadWork.Lengthened, true, false, true, "wire/sleeve")]
    [InlineData(LeadWork.PlugAnew, false, false, true, "wire/colours")]
    [InlineData(LeadWork.PlugAnew, true, false, false, "wire/tug")]
    [InlineData(LeadWork.ContactOpened, false, false, false, "wire/tug")]
    [InlineData(LeadWork.ContactOpened, false, false, true, "")]
    [InlineData(LeadWork.PlugAnew, true, false, true, "")]
    public void Work_on_a_lead_counts_with_its_colours_sleeve_and_tug(
        LeadWork work,
        bool colours,
        bool sleeved,
        bool tugged,
        string code
    )
    {
        var bench = new Bench(Bench.Parasol);
        var said = new LeadMended("sv-rud", work, colours, sleeved, tugged);
        if (code.Length > 0)
        {
            Assert.Equal(code, bench.Refused(said)!.Code);
            return;
        }

        bench.Do(said);
        Assert.Equal(Standing.NotShown, bench.Line("wire/lead/sv-rud").Standing);
    }

    [Theory]
    [InlineData("2 g", true)]
    [InlineData("0 g", false)]
    [InlineData(null, true)]
    public void What_a_joint_weighs_asks_for_the_weight_again_unless_it_is_nothing(string? adds, bool again)
    {
        var bench = new Bench(Bench.Parasol);
        long Weight() => bench.State.Disturbances.LastOf(DisturbanceMatrix.Weight);
        var before = Weight();
        bench.Do(Spliced with { Adds = adds is null ? null : Bench.Q(adds) });
        Assert.Equal(again, Weight() > before);
    }

    [Fact]
    public void A_repaired_lead_or_one_moved_for_binding_is_looked_at_again()
    {
        var bench = new Bench(Bench.Parasol);
        bench.Plugged();
        var loop = bench.Do(new Core.Build.LoopOpened(Core.Build.LoopKind.PlugLeftOff, "rudder", "rudder"));
        bench.Do(new Core.Build.LoopClosed(loop.EntryId));
        Assert.Equal(Standing.Stale, bench.Line("wire/lead/sv-rud").Standing);
        Assert.Equal(Standing.Met, bench.Line("wire/lead/sv-ail-l").Standing);
    }

    [Fact]
    public void What_holds_it_is_said_and_a_press_fit_alone_is_none()
    {
        var bench = new Bench(Bench.Parasol);
        Assert.Equal("wire/held-by", bench.Refused(new WireAnswered("held/receiver", true))!.Code);
        Assert.Equal(
            "wire/press-fit",
            bench.Refused(new WireAnswered("held/receiver", true, By: HeldBy.PressFit))!.Code
        );
        Assert.Equal("wire/held-by", bench.Refused(new WireAnswered("held/pack", true, By: HeldBy.Tape))!.Code);
        bench.Do(new WireAnswered("held/receiver", false, By: HeldBy.PressFit));
        Assert.Equal(Standing.NotMet, bench.Line("wire/held/receiver").Standing);
        bench.Do(new WireAnswered("held/receiver", true, By: HeldBy.Bead));
        Assert.Equal("bead, tugged", bench.Line("wire/held/receiver").Reading);
    }

    [Fact]
    public void Another_pack_is_tugged_anew()
    {
        var bench = new Bench(Bench.Parasol);
        bench.Do(new WireAnswered("held/pack", true, By: HeldBy.Strap));
        bench.Do(new BatteryGiven(Bench.Battery(mass: "240 g")));
        Assert.Equal(Standing.Stale, bench.Line("wire/held/pack").Standing);
    }

    [Theory]
    [InlineData("250 mm", Standing.Met)]
    [InlineData("251 mm", Standing.NotMet)]
    [InlineData("12 in", Standing.NotMet)]
    public void A_pack_lead_is_measured_whatever_yes_says(string measured, Standing stands)
    {
        var bench = new Bench(Bench.Parasol);
        Assert.Equal("wire/measure", bench.Refused(new WireAnswered("pack-lead/main", true))!.Code);
        var said = bench
            .Do(new WireAnswered("pack-lead/main", true, Measured: Bench.Q(measured)))
            .Body.Say(bench.State);
        Assert.Contains(stands == Standing.Met ? "Yes" : "No", said, StringComparison.Ordinal);
        var line = bench.Line("wire/pack-lead/main");
        Assert.Equal(stands, line.Standing);
        Assert.Equal(stands == Standing.NotMet, line.Why.Contains("mm too long", StringComparison.Ordinal));
    }
}
