using Xunit;
using Zygotome.Core.Journal;
using Zygotome.Core.Receive;
using Zygotome.Core.Sheets;
using Zygotome.Core.Wire;
using Zygotome.Tests;

namespace Zygotome.Core.Tests.Wire;

/// <summary>The wiring of whole aircraft as a graph.</summary>
public sealed class WiringTests
{
    public static TheoryData<string, int> EverySheetAndReceiver =>
        [
            .. from sheet in Directory.GetFiles(ProjectFolder.File("demo", "sheets"))
            from channels in new[] { 2, 4, 6, 8, 12 }
            select (Path.GetFileName(sheet).Split('.')[0], channels),
        ];

    [Theory]
    [MemberData(nameof(EverySheetAndReceiver))]
    public void Each_consumer_has_one_path_that_carries_its_command_or_is_said_to_be_without(string sheet, int channels)
    {
        var bench = new Bench(Bench.Sheet(sheet), channels: channels);
        var wiring = Wiring.Of(bench.State);
        foreach (var consumer in wiring.Consumers)
        {
            // From its own lead on, socket by socket, to one port.
            var lead = Assert.Single(wiring.Leads, l => l.Id == consumer.Id);
            for (var steps = 0; lead.To.On is not (Socketed.Receiver or Socketed.Nowhere); steps++)
            {
                Assert.True(steps < 3);
                var next = wiring.Leads.Where(l => l.Id != lead.Id && l.Feeds.Contains(consumer)).ToArray();
                lead =
                    lead.To.On == Socketed.YLead
                        ? Assert.Single(next, l => l.Id == $"y/{lead.To.At}")
                        : Assert.Single(next, l => !l.Id.StartsWith("y/", StringComparison.Ordinal));
                Assert.Equal(consumer.Command, lead.Command);
            }
        }

        // Each port once, and a map that counts breaks no rule.
        Assert.All(
            wiring.Leads.Where(l => l.To.On == Socketed.Receiver).GroupBy(l => l.To.At),
            port => Assert.Single(port)
        );
        Assert.NotNull(PortMaps.Cost(wiring.Ask, wiring.Map));
        Assert.Equal(wiring.Cost.Lost > 0, wiring.Leads.Any(l => l.IsLost));
    }

    [Fact]
    public void Inner_flaps_by_pass_the_board_and_what_feeds_them_is_told_from_what_feeds_the_outer()
    {
        var wiring = Wiring.Of(new Bench(Bench.Sheet("carrow-mail-1900"), channels: 10).State);
        Assert.Equal(Socketed.Board, wiring.Lead("sv-flap-outer-l")!.To.On);
        Assert.NotEqual(Socketed.Board, wiring.Lead("sv-flap-inner-l")!.To.On);
        Assert.NotEqual(Socketed.Board, wiring.Lead("sv-rud-r")!.To.On);
        Assert.Equal("board/flap", wiring.Plugs.Single(p => p.Feeds.Contains("sv-flap-outer-r")).Id);
    }

    [Fact]
    public void Through_the_board_a_spare_lead_takes_no_port_where_it_goes_the_same_way()
    {
        var bench = new Bench(Bench.Sheet("carrow-mail-1900"), channels: 10);
        var before = Wiring.Of(bench.State).Plugs.Length;
        bench.Do(new SchoolChosen(Schools.SpareLead, "board", "tidy"));
        var after = Wiring.Of(bench.State);
        Assert.Equal(Socketed.Board, after.Lead("sv-rud-r")!.To.On);
        Assert.True(after.Plugs.Length < before);
    }

    [Fact]
    public void What_a_stabiliser_in_line_corrects_passes_it_and_nothing_else_does()
    {
        var wiring = Wiring.Of(new Bench(Bench.Sheet("brindle-pair"), channels: 8).State);
        Assert.All(
            wiring.Consumers,
            c =>
                Assert.Equal(
                    c.Command is "aileron" or "elevator" or "rudder",
                    wiring.Lead(c.Id)!.To.On == Socketed.Stabiliser
                )
        );
        Assert.Contains(wiring.Plugs, p => p.Command == "stabiliser mode");
    }

    [Fact]
    public void Elevator_halves_on_servos_that_face_each_other_are_refused_on_one_lead_with_the_cheapest_way_out()
    {
        var bench = new Bench(Bench.Parasol, channels: 8);
        var wiring = Wiring.Of(bench.State);
        var refused = bench.Refused(Shared(wiring, "sv-ele-l", "sv-ele-r"));
        Assert.Equal("wire/apart", refused!.Code);
        Assert.Contains("own channel with a mix", refused.Text, StringComparison.Ordinal);

        // The arm turned round they may share; then what it moves is shown anew.
        bench.Do(new ServoTurned("sv-ele-r", TurnedBy.ArmSide));
        bench.Do(Shared(Wiring.Of(bench.State), "sv-ele-l", "sv-ele-r"));
        Assert.True(Wiring.Of(bench.State).IsLaid);
        Assert.Equal(Socketed.YLead, Wiring.Of(bench.State).Lead("sv-ele-r")!.To.On);
    }

    [Fact]
    public void Which_way_another_servo_goes_nobody_knows_so_that_a_lead_it_shares_is_a_doubt()
    {
        var bench = new Bench(Bench.Sheet("merle-1200"), channels: 8);
        Assert.Equal(1, Wiring.Of(bench.State).Consumer("sv-rud-l")!.Turn);
        bench.Do(new ServoBrought("sv-rud-l", new ServoKind("metal gear")));
        var wiring = Wiring.Of(bench.State);
        Assert.Null(wiring.Consumer("sv-rud-l")!.Turn);
        var shared = Shared(wiring, "sv-rud-l", "sv-rud-r");
        Assert.Equal(1, PortMaps.Cost(wiring.Ask, new PortMap([.. shared.Plugs.Select(p => p.Port)]))!.Doubts);
    }

    [Fact]
    public void Two_commands_never_share_a_port_and_half_a_pair_is_not_left_without()
    {
        var bench = new Bench(Bench.Parasol, channels: 8);
        var wiring = Wiring.Of(bench.State);
        Assert.Equal("wire/two-commands", bench.Refused(Shared(wiring, "sv-ail-l", "sv-rud"))!.Code);
        Assert.Equal("wire/half", bench.Refused(Laid(wiring, p => p.Id == "sv-ail-l" ? 0 : At(wiring, p)))!.Code);
        Assert.Equal("wire/port", bench.Refused(Laid(wiring, p => p.Id == "sv-ail-l" ? 9 : At(wiring, p)))!.Code);
    }

    [Fact]
    public void A_receiver_two_ports_short_names_what_is_lost_and_what_would_gain_it()
    {
        var bench = new Bench(Bench.Parasol, channels: 3);
        Assert.Equal(Standing.NotMet, bench.Line("wire/ports").Standing);
        Assert.NotEmpty(Gain.Of(bench.State));
        Assert.All(Gain.Of(bench.State), g => Assert.True(g.Minutes > 0));
        bench.Do(new ReceiverGiven(8));
        Assert.Equal(Standing.Met, bench.Line("wire/ports").Standing);
        Assert.Empty(Gain.Of(bench.State));
    }

    private static int At(Wiring wiring, Plug plug) => wiring.Map.At[wiring.Plugs.IndexOf(plug)];

    private static MapLaid Laid(Wiring wiring, Func<Plug, int> port) =>
        new([.. wiring.Plugs.Select(p => new LaidPlug(p.Id, port(p)))]);

    private static MapLaid Shared(Wiring wiring, string one, string other) =>
        Laid(wiring, p => At(wiring, wiring.Plugs.First(q => q.Id == (p.Id == other ? one : p.Id))));
}
