using System.Globalization;
using Zygotome.Core.Drawing;
using Zygotome.Core.Journal;
using Zygotome.Core.Wire;

namespace Zygotome.Server.Stages;

/// <summary>The wiring of a job.</summary>
internal static class WireEndpoints
{
    public static void MapWire(this IEndpointRouteBuilder app) =>
        app.MapGet("/api/jobs/{id}/wire", (string id, JobDesk desk) => desk.View(id, View));

    private static WireView View(JobState state, IReadOnlyList<LedgerLine> ledger)
    {
        var wiring = Wiring.Of(state);
        var lines = ledger.ToLookup(l => l.Id, StringComparer.Ordinal);
        LedgerLine? Line(RequirementId id) => lines[id.Written].FirstOrDefault();
        return new WireView(
            Known: wiring.IsKnown,
            Laid: wiring.IsLaid,
            FreePorts: wiring.Ports().Count(p => p.Plugs.IsEmpty),
            Leads: [.. Leads(state, wiring, Line)],
            Devices: [.. Devices(state, wiring)],
            Plugs: Plugs(wiring, wiring.Map),
            Maps: [.. wiring.Maps.Select(m => Map(wiring, m.Map, m.Cost))],
            Apart: [.. Apart(state, wiring)],
            Gains: [.. Gain.Of(state).Select(g => g.Words)],
            Departures: [.. PortWords.Departures(wiring)],
            Mixes: [.. PortWords.Mixes(wiring)],
            Serves: [.. wiring.Consumers.Select(c => new ServesView(c.Id, c.Name))],
            Asks:
            [
                .. WireAsks
                    .Of(state)
                    .Select(a => new WireAskView(a.Id, a.Words, a.Why, a.Mend, Line(new WireAskId(a.Id)))),
            ],
            Ports: Line(new PortsId()),
            Supply: Line(new SupplyId())
        );
    }

    private static IEnumerable<LeadView> Leads(JobState state, Wiring wiring, Func<RequirementId, LedgerLine?> line)
    {
        var ways = LeadWays.Of(state);
        foreach (var lead in wiring.Leads)
        {
            var way = ways.GetValueOrDefault(lead.Id, []);
            yield return new LeadView(
                Id: lead.Id,
                Name: lead.Name,
                Into: lead.To.Key,
                To: lead.To.Words,
                Outlet: lead.To.On == Socketed.Receiver ? lead.To.At : "",
                Label: lead.Label,
                Band: lead.Side switch
                {
                    "left" => "black",
                    "right" => "white",
                    _ => "",
                },
                Parted: lead.IsParted,
                Follow: lead.IsOfConsumer,
                Plugged: state.Wire.Leads.GetValueOrDefault(lead.Id) is { Pulled.Length: 0 },
                Lost: lead.IsLost,
                Way: Path(way),
                From: Point(way.IsEmpty ? default : way[0]),
                End: Point(way.IsEmpty ? default : way[^1]),
                Parts: [.. lead.Feeds.SelectMany(c => c.Moves)],
                Line: line(new LeadId(lead.Id))
            );
        }
    }

    private static string Path(IReadOnlyList<Corner> way) =>
        string.Concat(
            way.Select(
                (p, i) =>
                    string.Create(CultureInfo.InvariantCulture, $"{(i == 0 ? 'M' : 'L')}{p.Across:0.#} {p.Down:0.#}")
            )
        );

    private static PointView Point(Corner at) => new(Math.Round(at.Across, 1), Math.Round(at.Down, 1));

    private static IEnumerable<DeviceView> Devices(JobState state, Wiring wiring)
    {
        (Socketed On, string Title, string Held)[] between =
        [
            (Socketed.Board, "Board", "nose up"),
            (Socketed.Stabiliser, "Stabiliser", "label up, arrow forward"),
        ];
        foreach (var (on, title, held) in between.Where(d => wiring.Leads.Any(l => l.To.On == d.On)))
        {
            yield return new DeviceView(
                title.ToLowerInvariant(),
                title,
                held,
                [.. wiring.Leads.Where(l => l.To.On == on).Select(Behind)]
            );
        }

        yield return new DeviceView(
            "receiver",
            state.Aboard.ReceiverName.Length > 0 ? state.Aboard.ReceiverName : "Receiver",
            "print up",
            [
                .. wiring
                    .Ports()
                    .Select(p =>
                        wiring.Leads.FirstOrDefault(l => l.To == new WireEnd(Socketed.Receiver, $"{p.Port}"))
                            is { } lead
                            ? new SocketView(lead.To.Key, $"{p.Port}", wiring.ChannelName(p.Port), lead.Id, lead.Name)
                            : new SocketView($"receiver/{p.Port}", $"{p.Port}", "", "", "")
                    ),
            ]
        );
    }

    private static SocketView Behind(WireLead lead) => new(lead.To.Key, "", lead.To.At, lead.Id, lead.Name);

    private static IReadOnlyList<PlugView> Plugs(Wiring wiring, PortMap map) =>
        [.. wiring.Plugs.Select((p, i) => new PlugView(p.Id, p.Name, p.Command, map.At[i]))];

    private static MapView Map(Wiring wiring, PortMap map, PortCost cost) =>
        new(PortWords.Of(wiring, map, cost), PortWords.Why(wiring, cost), map == wiring.Map, Plugs(wiring, map));

    // What is on one input already, and what must not come to share a Y-lead.
    private static IEnumerable<ApartView> Apart(JobState state, Wiring wiring)
    {
        foreach (var (input, apart) in wiring.ApartBehind())
        {
            yield return View(state, [.. apart], $"They hear one signal by way of {PortWords.Input(input)}.", true);
        }

        var pairs =
            from command in wiring.Plugs.Where(p => p.Turn is not null).GroupBy(p => p.Command)
            let both = command.GroupBy(p => p.Turn).Select(g => g.First()).ToArray()
            where both.Length == 2
            select both.SelectMany(p => p.Feeds).Select(wiring.Consumer).OfType<Consumer>().ToArray();
        foreach (var pair in pairs)
        {
            yield return View(state, pair, "On one Y-lead they would go apart: their servos answer unlike.", false);
        }
    }

    private static ApartView View(JobState state, Consumer[] apart, string why, bool shared) =>
        new(
            [.. apart.Select(c => c.Id)],
            string.Join(" and ", apart.Select(c => c.Name)),
            why,
            shared,
            [.. Remedies.Of(state, [.. apart]).Select(r => new RemedyView(r.Kind, r.Of, r.Words, r.Cost, r.Map))]
        );
}
