using System.Collections.Immutable;
using CsCheck;
using Xunit;
using Zygotome.Core.Wire;

namespace Zygotome.Core.Tests.Wire;

/// <summary>The allocator of ports, against every map there is.</summary>
public sealed class PortMapTests
{
    private static readonly string[] Commands = ["aileron", "elevator", "flap", "rudder", "throttle", "lights"];

    // Up to five plugs of few commands, so that they compete and must share.
    private static readonly Gen<PortAsk> Asks =
        from plugs in Gen.Select(Gen.Int[0, 3], Gen.Int[-1, 1], Gen.Int[0, 2], Gen.Double[0, 4]).Array[1, 5]
        from ports in Gen.Int[1, 8]
        from usual in Gen.Shuffle(new[] { "aileron", "elevator", "", "flap", "rudder" })
        from habits in Gen.Int[0, 5]
        from shares in Gen.Bool
        from bind in Gen.Int[0, 8]
        select new PortAsk(
            [
                .. plugs.Select(
                    (p, i) =>
                        new Plug($"{i}", $"plug {i}", Commands[p.Item1], [$"{i}"])
                        {
                            Turn = p.Item2 == 0 ? null : p.Item2,
                            Unit = $"{Commands[p.Item1]} {p.Item3}",
                            IsVital = p.Item1 != 3,
                            Stall = p.Item4,
                        }
                ),
            ],
            ports
        )
        {
            Usual = [.. usual.Take(habits)],
            SharesPairs = shares,
            BindPort = bind <= ports ? bind : 0,
        };

    [Fact]
    public void No_map_is_cheaper_than_the_first_that_is_offered() =>
        Asks.Sample(
            ask =>
            {
                var cheapest = Every(ask)
                    .Select(m => PortMaps.Cost(ask, m))
                    .OfType<PortCost>()
                    .Aggregate((a, b) => PortCost.Compare(a, b, ask.SharesPairs) <= 0 ? a : b);
                var ranked = PortMaps.Ranked(ask);
                Assert.Equal(cheapest, ranked[0].Cost);
            },
            iter: 150
        );

    [Fact]
    public void Every_map_that_is_offered_is_permitted_costs_what_is_said_and_comes_in_order() =>
        Asks.Sample(
            ask =>
            {
                var ranked = PortMaps.Ranked(ask, 20);
                Assert.NotEmpty(ranked);
                Assert.All(ranked, r => Assert.Equal(PortMaps.Cost(ask, r.Map), r.Cost));
                Assert.All(
                    ranked.Zip(ranked.Skip(1)),
                    p => Assert.True(PortCost.Compare(p.First.Cost, p.Second.Cost, ask.SharesPairs) <= 0)
                );
            },
            iter: 400
        );

    private static IEnumerable<PortMap> Every(PortAsk ask)
    {
        var at = new int[ask.Plugs.Length];
        while (true)
        {
            yield return new PortMap([.. at]);
            var i = 0;
            while (i < at.Length && at[i] == ask.Ports)
            {
                at[i++] = 0;
            }

            if (i == at.Length)
            {
                yield break;
            }

            at[i]++;
        }
    }

    private static Plug One(string id, string command, int? turn = 1, bool vital = true, double stall = 0.9) =>
        new(id, id, command, [id])
        {
            Turn = turn,
            Unit = command,
            IsVital = vital,
            Stall = stall,
        };

    [Fact]
    public void Flaps_that_face_alike_never_share_and_those_that_agree_do_where_ports_are_short()
    {
        ImmutableArray<Plug> apart = [One("left", "flap"), One("right", "flap", -1), One("aileron", "aileron")];
        Assert.Null(PortMaps.Cost(new PortAsk(apart, 3), new PortMap([1, 1, 2])));
        Assert.Equal(0, PortMaps.Ranked(new PortAsk(apart, 3))[0].Cost.YLeads);

        // Two ports: all or nothing of a pair, so that the flaps go without.
        var few = PortMaps.Ranked(new PortAsk(apart, 2))[0];
        Assert.Equal((1, 0), (few.Cost.Lost, few.Cost.YLeads));

        ImmutableArray<Plug> alike = [One("left", "flap"), One("right", "flap"), One("aileron", "aileron")];
        Assert.Equal((0, 1), PortMaps.Ranked(new PortAsk(alike, 2))[0].Cost is var c ? (c.Lost, c.YLeads) : default);
    }

    [Fact]
    public void Lights_go_without_before_anything_that_flies()
    {
        var map = PortMaps.Ranked(new PortAsk([One("lights", "lights", vital: false), One("rudder", "rudder")], 1))[0];
        Assert.Equal([0, 1], map.Map.At);
    }

    [Fact]
    public void An_owner_finds_each_function_where_it_is_in_every_model_and_the_bind_port_stays_free()
    {
        var ask = new PortAsk([One("a", "aileron"), One("r", "rudder"), One("f", "flap")], 5)
        {
            Usual = ["throttle", "aileron", "", "rudder"],
            BindPort = 3,
        };
        var map = PortMaps.Ranked(ask)[0];
        Assert.Equal([2, 4, 5], map.Map.At);
        Assert.Equal((0, 0), (map.Cost.Departures, map.Cost.BindPort));

        // Without a port to spare it is taken, and that is said.
        Assert.Equal(1, PortMaps.Ranked(ask with { Ports = 3 })[0].Cost.BindPort);
    }

    [Fact]
    public void Pairs_share_a_lead_where_the_owner_wants_it_so_and_no_contact_carries_more_than_it_can()
    {
        ImmutableArray<Plug> pair = [One("l", "aileron", stall: 2), One("r", "aileron", stall: 2)];
        Assert.Equal(0, PortMaps.Ranked(new PortAsk(pair, 4))[0].Cost.YLeads);
        Assert.Equal(1, PortMaps.Ranked(new PortAsk(pair, 4) { SharesPairs = true })[0].Cost.YLeads);

        ImmutableArray<Plug> strong = [One("l", "aileron", stall: 3), One("r", "aileron", stall: 3)];
        Assert.Equal(0, PortMaps.Ranked(new PortAsk(strong, 4) { SharesPairs = true })[0].Cost.YLeads);
        Assert.Equal(1, PortMaps.Ranked(new PortAsk(strong, 1))[0].Cost.LostVital);
    }

    [Fact]
    public void Many_of_one_command_are_laid_too()
    {
        ImmutableArray<Plug> many =
        [
            .. Enumerable.Range(0, 14).Select(i => One($"{i}", "aileron", i % 2 == 0 ? 1 : -1, stall: 0.4)),
        ];
        Assert.Equal(0, PortMaps.Ranked(new PortAsk(many, 16))[0].Cost.YLeads);
        Assert.Equal(0, PortMaps.Ranked(new PortAsk(many, 4))[0].Cost.Lost);
    }
}
