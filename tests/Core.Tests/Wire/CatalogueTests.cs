using System.Collections.Immutable;
using Xunit;
using Zygotome.Core.Job;
using Zygotome.Core.Journal;
using Zygotome.Core.Receive;
using Zygotome.Core.Sheets.Catalogue;
using Zygotome.Core.Wire;

namespace Zygotome.Core.Tests.Wire;

/// <summary>Receivers, boards and connectors as the shop lists them, and what a job's wiring makes of them.</summary>
public sealed class CatalogueTests
{
    private static readonly ReceiverKind Six = new("six", 6, 6)
    {
        PortNames = ["AIL", "ELE", "THR", "RUD", "GEAR", "AUX"],
        Order = ["throttle", "aileron", "elevator", "rudder"],
        BindPort = 1,
        Plug = new PlugStyle(WireColour.Orange, WireColour.Red, WireColour.Brown),
    };

    private static Bench With(string sheet, ReceiverKind receiver)
    {
        var bench = new Bench(Bench.Sheet(sheet), channels: receiver.Channels);
        bench.Do(new ReceiverGiven(receiver.Channels, receiver));
        return bench;
    }

    private static string? Refused(ReceiverKind receiver) =>
        (new ShopCatalogue(ShopCatalogue.Current) { Receivers = [receiver] }).Admit()?.Where;

    [Fact]
    public void What_cannot_be_is_refused_with_its_place()
    {
        Assert.Null(Refused(Six));
        Assert.Equal("receivers[0].name", Refused(Six with { Name = " " }));
        Assert.Equal("receivers[0].bindPort", Refused(Six with { BindPort = 7 }));
        Assert.Equal("receivers[0].portNames", Refused(Six with { PortNames = ["A", "a"] }));
        Assert.Equal("receivers[0].portNames", Refused(Six with { PortNames = [.. Six.PortNames, "SEVEN"] }));
        Assert.Equal(
            "receivers[0].plug",
            Refused(Six with { Plug = new PlugStyle(WireColour.Red, WireColour.Red, WireColour.Black) })
        );
        Assert.Equal("format", new ShopCatalogue("zygotome-catalogue/2").Admit()?.Where);
        Assert.Equal(
            "boards[0].sockets",
            (new ShopCatalogue(ShopCatalogue.Current) { Boards = [new DeviceKind("none", [])] }).Admit()?.Where
        );
        Assert.Equal(
            "connectors[1].name",
            (
                new ShopCatalogue(ShopCatalogue.Current)
                {
                    Connectors = [new ConnectorKind("pair", 40), new ConnectorKind("PAIR ", 60)],
                }
            )
                .Admit()
                ?.Where
        );
    }

    [Fact]
    public void One_more_of_a_name_takes_the_place_of_the_old_one()
    {
        var old = new ShopCatalogue(ShopCatalogue.Current) { Receivers = [Six, new ReceiverKind("eight", 8, 8)] };
        var other = new ShopCatalogue(ShopCatalogue.Current)
        {
            Receivers = [new ReceiverKind("SIX", 7, 6), new ReceiverKind("ten", 10, 10)],
        };
        Assert.Equal(["SIX", "eight", "ten"], old.With(other).Receivers.Select(r => r.Name));
        Assert.Equal(["eight"], old.Without(CatalogueFamily.Receiver, "six").Receivers.Select(r => r.Name));
    }

    [Fact]
    public void The_receivers_own_order_of_functions_lays_the_map_and_its_bind_port_stays_free_while_it_can()
    {
        var bench = With("wicken-1350", Six with { Ports = 8, Channels = 8, BindPort = 5 });
        var wiring = Wiring.Of(bench.State);
        Assert.Equal("throttle", wiring.ChannelName(1));
        Assert.Equal("aileron", wiring.ChannelName(2));
        Assert.Empty(wiring.ChannelName(5));
        Assert.Equal("port 1, AIL", wiring.Words(new WireEnd(Socketed.Receiver, "1")));
        Assert.Contains(": to port 1, AIL", bench.Line("wire/lead/main").Text, StringComparison.Ordinal);
    }

    [Fact]
    public void Where_every_port_is_needed_the_bind_port_is_taken_rather_than_a_Y_lead()
    {
        var bench = With("plimsey-1400", Six);
        Assert.Equal(1, Wiring.Of(bench.State).Cost.BindPort);
        Assert.Equal(0, Wiring.Of(bench.State).Cost.YLeads);
        Assert.Contains(
            "Port 1 is where the bind lead goes",
            Assert.Single(PortWords.Binding(Wiring.Of(bench.State))),
            StringComparison.Ordinal
        );
    }

    [Fact]
    public void A_board_with_too_few_sockets_names_what_has_none()
    {
        var bench = With("carrow-mail-1900", Six with { Channels = 10, Ports = 10 });
        bench.Do(new DeviceSaid("board", new DeviceKind("six", ["1", "2", "3", "4", "5", "6"])));
        var behind = Wiring.Of(bench.State).Leads.Count(l => l.To.On == Socketed.Board);
        Assert.True(behind > 6);
        var line = bench.Line("wire/room/board");
        Assert.Equal((Standing.NotMet, Concedable.Never), (line.Standing, line.Concedable));
        Assert.Contains("No socket is left", line.Why, StringComparison.Ordinal);
        string[] names = [.. Enumerable.Range(1, behind).Select(n => $"S{n}")];
        bench.Do(new DeviceSaid("board", new DeviceKind("enough", [.. names])));
        Assert.Equal(Standing.Met, bench.Line("wire/room/board").Standing);

        // In the order the sheet lists them, each in a socket of its own.
        var sockets = Wiring.Of(bench.State).InSockets("board");
        Assert.Equal(names, sockets.Select(s => s.Socket));
        Assert.Equal(behind, sockets.Select(s => s.Lead?.Id).Distinct().Count());
        Assert.Equal("sv-ail-l", sockets[0].Lead?.Id);
    }

    [Fact]
    public void Of_two_boards_each_has_its_own_sockets_and_room()
    {
        var sheet = Bench.Sheet(
            "carrow-mail-1900",
            n =>
            {
                var boards = n["wiring"]!["boards"]!.AsArray();
                boards[0]!["ports"]!.AsArray().RemoveAt(0);
                boards.Add(System.Text.Json.Nodes.JsonNode.Parse("""{ "id": "wing", "ports": ["aileron-left"] }"""));
            }
        );
        var bench = new Bench(sheet, channels: 12);
        bench.Do(new DeviceSaid("wing", new DeviceKind("one", ["Z"])));
        Assert.Equal(Standing.Met, bench.Line("wire/room/wing").Standing);
        var wiring = Wiring.Of(bench.State);
        Assert.Equal("the board, socket Z", wiring.Words(wiring.Lead("sv-ail-l")!.To));
        Assert.DoesNotContain(wiring.InSockets("board"), s => s.Lead?.Id == "sv-ail-l");
    }

    [Fact]
    public void Another_board_has_every_plug_of_it_looked_at_again_and_the_same_said_again_has_none()
    {
        var bench = With("carrow-mail-1900", Six with { Channels = 10, Ports = 10 });
        static DeviceKind Kind(string name) => new(name, [.. Enumerable.Range(1, 12).Select(n => $"{n}")]);
        bench.Do(new DeviceSaid("board", Kind("twelve")));
        bench.Plugged();
        bench.Do(new DeviceSaid("board", Kind("twelve")));
        Assert.Equal(Standing.Met, bench.Line("wire/lead/sv-ail-l").Standing);
        bench.Do(new DeviceSaid("board", Kind("another")));
        Assert.Equal(Standing.Stale, bench.Line("wire/lead/sv-ail-l").Standing);
        Assert.Equal(Standing.Met, bench.Line("wire/lead/sv-flap-inner-l").Standing);
    }

    [Theory]
    [InlineData(200, Standing.Met)]
    [InlineData(5, Standing.NotMet)]
    public void A_connector_carries_what_is_drawn_or_is_said_to_carry_too_little(double amps, Standing stands)
    {
        var bench = new Bench(Bench.Parasol);
        Assert.DoesNotContain(Ledger.Of(bench.State, bench.Now), l => l.Id == "wire/connector");
        bench.Do(new ConnectorSaid(new ConnectorKind("pair", amps)));
        Assert.Equal(stands, bench.Line("wire/connector").Standing);
        var row = PowerOnPaper.Of(bench.State).Single(r => r.What == "Connector, pair");
        Assert.Equal(stands == Standing.Met, row.Suits);
    }

    public static TheoryData<string> EverySheet =>
        [
            .. Directory
                .GetFiles(Zygotome.Tests.ProjectFolder.File("demo", "sheets"))
                .Select(f => Path.GetFileName(f).Split('.')[0]),
        ];

    [Theory]
    [MemberData(nameof(EverySheet))]
    public void Power_on_paper_agrees_with_the_ledger_on_every_kit(string sheet)
    {
        var bench = new Bench(Bench.Sheet(sheet));
        var rows = PowerOnPaper.Of(bench.State);
        Assert.All(rows, r => Assert.NotEmpty(r.Why));
        Assert.Equal(rows.Length, rows.Select(r => r.What).Distinct().Count());
        if (Ledger.Of(bench.State, bench.Now).FirstOrDefault(l => l.Id == "wire/supply") is { } supply)
        {
            var told = rows.Where(r => r.What.StartsWith("Regulator", StringComparison.Ordinal)).ToArray();
            Assert.Equal(
                supply.Standing == Standing.NotMet,
                told.Any(r => r.Suits == false) && !Supply.IsSeparate(bench.State)
            );
        }

        if (Ledger.Of(bench.State, bench.Now).FirstOrDefault(l => l.Id == "receive/pack-suits") is { } suits)
        {
            var told = rows.Where(r => r.What is "Cells" or "The most that is drawn, of the pack").ToArray();
            Assert.Equal(suits.Standing == Standing.NotMet, told.Any(r => r.Suits == false));
        }
    }

    [Theory]
    [MemberData(nameof(EverySheet))]
    public void No_two_plugs_that_are_parted_have_the_same_bands(string sheet)
    {
        var leads = Wiring.Of(new Bench(Bench.Sheet(sheet), channels: 12).State).Leads;
        Assert.All(leads, l => Assert.Equal(l.IsParted, l.Band is not null));
        var bands = leads.Select(l => l.Band).OfType<LeadBand>().ToImmutableArray();
        Assert.Equal(bands.Length, bands.Distinct().Count());
    }

    [Theory]
    [MemberData(nameof(EverySheet))]
    public void The_aerials_ends_stand_at_a_right_angle_and_a_parted_lead_has_its_joint_on_its_way(string sheet)
    {
        var state = new Bench(Bench.Sheet(sheet), channels: 12).State;
        var way = AerialWay.Of(state)!;
        double[] Along(int end) =>
            [way.Ends[end][1].Across - way.Ends[end][0].Across, way.Ends[end][1].Down - way.Ends[end][0].Down];
        Assert.Equal(0, Along(0).Zip(Along(1), (a, b) => a * b).Sum(), 6);
        Assert.True(way.Clear >= 0);
        var ways = LeadWays.Of(state);
        foreach (var lead in Wiring.Of(state).Leads.Where(l => l.IsParted))
        {
            var joint = LeadWays.JointOf(state.Sheet, ways[lead.Id]);
            Assert.NotNull(joint);
            Assert.Equal(Math.Sign(ways[lead.Id][0].Across), Math.Sign(joint.Value.Across));
        }
    }
}
