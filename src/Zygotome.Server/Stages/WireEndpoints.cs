using System.Collections.Immutable;
using System.Globalization;
using Microsoft.AspNetCore.Http.HttpResults;
using Zygotome.Core;
using Zygotome.Core.Drawing;
using Zygotome.Core.Job;
using Zygotome.Core.Journal;
using Zygotome.Core.Receive;
using Zygotome.Core.Sheets.Table;
using Zygotome.Core.Wire;
using Zygotome.Papers;

namespace Zygotome.Server.Stages;

/// <summary>The wiring of a job.</summary>
internal static class WireEndpoints
{
    public static void MapWire(this IEndpointRouteBuilder app)
    {
        app.MapGet("/api/jobs/{id}/wire", (string id, JobDesk desk) => desk.View(id, View));
        app.MapGet(
            "/api/jobs/{id}/wire/labels.pdf",
            (string id, JobDesk desk) => Paper(id, desk, "labels", LeadLabels.Pdf)
        );
        app.MapGet(
            "/api/jobs/{id}/wire/port-map.pdf",
            (string id, JobDesk desk) => Paper(id, desk, "port-map", PortMapCard.Pdf)
        );
    }

    private static Results<FileContentHttpResult, ProblemHttpResult> Paper(
        string id,
        JobDesk desk,
        string name,
        Func<JobState, DateTimeOffset, byte[]> print
    ) =>
        desk.Find(id) is not { State: var state } ? Problems.NotFound($"job {id}")
        : !Wiring.Of(state).IsKnown
            ? Problems.Of(
                new Refusal("wire/receiver", "Say first which receiver it gets: what is printed is of its ports.")
            )
        : TypedResults.File(print(state, desk.Now), "application/pdf", $"{state.Receive.Number}-{name}.pdf");

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
            Devices: [.. Devices(state, wiring, Line)],
            Plugs: Plugs(wiring, wiring.Map),
            Maps: [.. wiring.Maps.Select(m => Map(wiring, m.Map, m.Cost))],
            Apart: [.. Apart(state, wiring)],
            Gains: [.. Gain.Of(state).Select(g => g.Words)],
            Departures: [.. PortWords.Departures(wiring), .. PortWords.Binding(wiring)],
            Mixes: [.. PortWords.Mixes(wiring)],
            Serves: [.. wiring.Consumers.Select(c => new ServesView(c.Id, c.Name))],
            Asks:
            [
                .. WireAsks
                    .Of(state)
                    .Select(a => new WireAskView(
                        Id: a.Id,
                        Words: a.Words,
                        Why: a.Why,
                        Mend: a.Mend,
                        Ways: [.. a.Ways],
                        Measured: a.Most is not null,
                        Line: Line(new WireAskId(a.Id))
                    )),
            ],
            Ports: Line(new PortsId()),
            Supply: Line(new SupplyId()),
            Power: PowerOnPaper.Of(state),
            Connector: state.Wire.Connector?.Kind.Name ?? "",
            ConnectorLine: Line(new ConnectorId()),
            Aerial: Aerial(state)
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
                Command: lead.Command,
                Into: lead.To.Key,
                To: wiring.Words(lead.To),
                Outlet: lead.To.On == Socketed.Receiver ? lead.To.At : "",
                Label: lead.Label,
                Band: lead.Band,
                Parted: lead.IsParted,
                Follow: lead.IsOfConsumer,
                Plugged: state.Wire.Leads.GetValueOrDefault(lead.Id) is { Pulled.Length: 0 },
                Lost: lead.IsLost,
                Way: Path(way),
                From: Point(way.IsEmpty ? default : way[0]),
                End: Point(way.IsEmpty ? default : way[^1]),
                Joint: lead.IsParted && LeadWays.JointOf(state.Sheet, way) is { } joint ? Point(joint) : null,
                Doubt: state.Wire.Unproven.GetValueOrDefault(lead.Id) ?? "",
                Mended: lead.Mended,
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

    private static AerialView? Aerial(JobState state) =>
        AerialWay.Of(state) is { } way ? new AerialView([.. way.Ends.Select(e => Path(e))], way.Words) : null;

    private static PointView Point(Corner at) => new(Math.Round(at.Across, 1), Math.Round(at.Down, 1));

    private static IEnumerable<DeviceView> Devices(JobState state, Wiring wiring, Func<RequirementId, LedgerLine?> line)
    {
        (string Id, string Title, string Held, string Printed)[] between =
        [
            .. state
                .Sheet.Boards.DistinctBy(b => b.Id)
                .Select(b => (b.Id, "Board", "nose up", b.Get(RadioFields.Board.Catalogue))),
            (DeviceSaid.Stabiliser, "Stabiliser", "label up, arrow forward", ""),
        ];
        foreach (
            var (id, title, held, printed) in between.Where(d => wiring.Leads.Any(l => wiring.Device(l.To) == d.Id))
        )
        {
            var kind = wiring.Kind(id);
            yield return new DeviceView(
                Id: id,
                Title: kind?.Name ?? title,
                Held: kind?.Held ?? held,
                Plug: kind?.Plug,
                Kind: kind?.Name ?? "",
                Printed: printed,
                Line: line(new RoomId(id)),
                Sockets: [.. wiring.InSockets(id).Select(s => Behind(s.Socket, s.Lead))]
            );
        }

        var receiver = state.Aboard.Receiver;
        yield return new DeviceView(
            Id: "receiver",
            Title: receiver is { Name.Length: > 0 } ? receiver.Name : "Receiver",
            Held: receiver?.Held ?? "print up",
            Plug: receiver?.Plug,
            Kind: receiver?.Name ?? "",
            Printed: "",
            Line: null,
            Sockets:
            [
                .. wiring
                    .Ports()
                    .Select(p =>
                    {
                        var end = new WireEnd(Socketed.Receiver, $"{p.Port}");
                        var lead = wiring.Leads.FirstOrDefault(l => l.To == end);
                        return new SocketView(
                            Key: end.Key,
                            Outlet: end.At,
                            Print: receiver?.PortName(p.Port) ?? "",
                            Name: wiring.ChannelName(p.Port),
                            Lead: lead?.Id ?? "",
                            LeadName: lead?.Name ?? "",
                            Binds: p.Port == wiring.Ask.BindPort
                        );
                    }),
            ]
        );
    }

    private static SocketView Behind(string socket, WireLead? lead) =>
        new(
            Key: lead?.To.Key ?? "",
            Outlet: "",
            Print: socket,
            Name: lead is null ? "" : lead.To.At,
            Lead: lead?.Id ?? "",
            LeadName: lead?.Name ?? "",
            Binds: false
        );

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
