using System.Collections.Immutable;
using System.Globalization;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Catalogue;
using Zygotome.Core.Sheets.Table;

namespace Zygotome.Core.Wire;

/// <summary>
/// The wiring of one job as a graph: every consumer by exactly one path to a port, through the board or stabiliser
/// where its sheet and the chosen ways say so. Made once for a state.
/// </summary>
public sealed class Wiring
{
    private readonly JobState _state;

    /// <summary>Of this state; total on whatever a journal holds.</summary>
    public static Wiring Of(JobState state) => state.Once(s => new Wiring(s));

    private Wiring(JobState state)
    {
        _state = state;
        Consumers = [.. Wire.Consumers.Of(state.Sheet).Select(Now)];
        Behind = Passed();
        Plugs = [.. Comes()];
        Ask = new PortAsk(Plugs, IsKnown ? state.Aboard.ReceiverPorts : Math.Max(1, Plugs.Length))
        {
            Usual = [.. state.Aboard.UsualChannels],
            Printed = Printed(state),
            BindPort = state.Aboard.Receiver?.BindPort is { } bind && bind <= state.Aboard.ReceiverPorts ? bind : 0,
            SharesPairs = state.School(Schools.PairedSurfaces) == "y-lead",
        };
        Maps = PortMaps.Ranked(Ask);
        Laid = state.Wire.Map.IsEmpty ? null : Read(state.Wire.Map);
        var laid = Laid is not null ? PortMaps.Cost(Ask, Laid) : null;
        IsLaid = laid is not null;
        (Map, Cost) = laid is not null ? (Laid!, laid) : Maps[0];
        Leads = Marked([.. Plugged()]);
    }

    /// <summary>Which receiver it is, is known.</summary>
    public bool IsKnown => _state.Aboard.ReceiverPorts > 0;

    public ImmutableArray<Consumer> Consumers { get; }

    /// <summary>By consumer, the socket of a board or stabiliser it is in; others go to the receiver.</summary>
    public ImmutableSortedDictionary<string, WireEnd> Behind { get; }

    /// <summary>Everything that comes to the receiver, in the order of the sheet.</summary>
    public ImmutableArray<Plug> Plugs { get; }

    public PortAsk Ask { get; }

    /// <summary>The best maps for it, cheapest first; never empty.</summary>
    public ImmutableArray<(PortMap Map, PortCost Cost)> Maps { get; }

    /// <summary>The one that counts: as laid, while it is still permitted, else the best.</summary>
    public PortMap Map { get; }

    public PortCost Cost { get; }

    /// <summary>Somebody laid the one that counts.</summary>
    public bool IsLaid { get; }

    /// <summary>As somebody laid it; null where nobody did, or what comes to the receiver is another by now.</summary>
    public PortMap? Laid { get; }

    /// <summary>Every lead, in the order in which they are pushed in: far ends first, controllers last.</summary>
    public ImmutableArray<WireLead> Leads { get; }

    /// <summary>Of this id; null where there is none.</summary>
    public Consumer? Consumer(string id) => Consumers.FirstOrDefault(c => c.Id == id);

    /// <summary>Of this id; null where there is none.</summary>
    public WireLead? Lead(string id) => Leads.FirstOrDefault(l => l.Id == id);

    /// <summary>Consumers on one input of a board or stabiliser that would not go the same way by it.</summary>
    public IEnumerable<(string Input, ImmutableArray<Consumer> Apart)> ApartBehind() =>
        from plug in Plugs
        where plug.Feeds.Length > 1
        let fed = plug.Feeds.Select(Consumer).OfType<Consumer>().ToImmutableArray()
        where fed.Any(c => c.Turn == 1) && fed.Any(c => c.Turn == -1)
        select (plug.Id, fed);

    /// <summary>Which port each command is on, as the receiver is read: by port, its command; empty ports
    /// too.</summary>
    public IEnumerable<(int Port, string Command, ImmutableArray<Plug> Plugs)> Ports() =>
        from port in Enumerable.Range(1, Ask.Ports)
        let there = Plugs.Where((_, i) => Map.At[i] == port).ToImmutableArray()
        select (port, there.IsEmpty ? "" : there[0].Command, there);

    /// <summary>"port 6, FLAP"; "the board, socket C": where a plug goes, with what the maker prints there.</summary>
    public string Words(WireEnd end) =>
        end.On == Socketed.Receiver
        && int.TryParse(end.At, CultureInfo.InvariantCulture, out var port)
        && _state.Aboard.Receiver?.PortName(port) is { Length: > 0 } name
            ? $"{end.Words}, {name}"
        : end.On == Socketed.YLead && Lead($"y/{end.At}") is { } y ? $"the Y-lead of the {y.Command}"
        : SocketOf(end) is { Length: > 0 } socket ? $"the {end.On.ToString().ToLowerInvariant()}, socket {socket}"
        : end.Words;

    /// <summary>The board or stabiliser that a plug goes into: the sheet's id of a board, <c>stabiliser</c>; empty of
    /// what is neither.</summary>
    public string Device(WireEnd end) =>
        end.On == Socketed.Stabiliser ? DeviceSaid.Stabiliser
        : end.On == Socketed.Board ? _state.Sheet.Boards.FirstOrDefault(b => BoardSockets(b).Contains(end.At))?.Id ?? ""
        : "";

    /// <summary>Which kind a board or stabiliser is, by its id; null where nobody said.</summary>
    public DeviceKind? Kind(string device) => _state.Wire.Devices.GetValueOrDefault(device);

    /// <summary>
    /// What is in the sockets of a board or stabiliser, in the order they stand on it: by the socket's name where it is
    /// that of a command, else in the order of the sheet. Sockets without a lead too; leads without a socket come last.
    /// </summary>
    public ImmutableArray<(string Socket, WireLead? Lead)> InSockets(string device)
    {
        var leads = Leads.Where(l => Device(l.To) == device).OrderBy(l => PlaceOn(l.To)).ToList();
        if (Kind(device) is not { } kind)
        {
            return [.. leads.Select(l => ("", (WireLead?)l))];
        }

        var placed = new WireLead?[kind.Sockets.Length];
        for (var at = 0; at < placed.Length; at++)
        {
            var named = leads.FirstOrDefault(l =>
                kind.Sockets[at].Equals(l.Command, StringComparison.OrdinalIgnoreCase)
            );
            if (named is not null)
            {
                placed[at] = named;
                leads.Remove(named);
            }
        }

        for (var at = 0; at < placed.Length && leads.Count > 0; at++)
        {
            if (placed[at] is null)
            {
                placed[at] = leads[0];
                leads.RemoveAt(0);
            }
        }

        return [.. kind.Sockets.Select((s, i) => (s, placed[i])), .. leads.Select(l => ("", (WireLead?)l))];
    }

    /// <summary>What a port's channel is called: "flap", and "flap 2" of the second that moves flaps.</summary>
    public string ChannelName(int port)
    {
        var command = Ports().First(p => p.Port == port).Command;
        var before = Ports().Count(p => p.Port <= port && p.Command == command);
        return command.Length == 0 ? ""
            : before == 1 ? command
            : $"{command} {before}";
    }

    private string SocketOf(WireEnd end) =>
        Device(end) is { Length: > 0 } device && Kind(device) is not null
            ? InSockets(device).FirstOrDefault(s => s.Lead?.To == end).Socket ?? ""
            : "";

    private static IEnumerable<string> BoardSockets(BoardSpec board) =>
        board.Get(RadioFields.Board.Ports).Concat(board.Get(RadioFields.Board.Outlets)).Select(Places.Words);

    // In the order the sheet lists a board's sockets.
    private int PlaceOn(WireEnd end) => _state.Sheet.Boards.SelectMany(BoardSockets).ToList().IndexOf(end.At);

    // The receiver's own order of functions; what it does not name, or keeps for what this aircraft has not, as the
    // sheet counts them.
    private static ImmutableArray<string> Printed(JobState state)
    {
        var sheet = state.Sheet.Radio.Functions;
        string[] order =
        [
            .. (state.Aboard.Receiver?.Order ?? []).Select(o =>
                sheet.FirstOrDefault(f => f.Equals(o, StringComparison.OrdinalIgnoreCase)) ?? o
            ),
        ];
        return
        [
            .. Enumerable
                .Range(0, Math.Max(order.Length, sheet.Length))
                .Select(i =>
                    order.ElementAtOrDefault(i) is { } own && sheet.Contains(own) ? own
                    : sheet.ElementAtOrDefault(i) is { } printed && !order.Contains(printed) ? printed
                    : ""
                ),
        ];
    }

    // With the arm or servo turned since. Which way a servo goes that took the kit's own one's place, nobody knows.
    private Consumer Now(Consumer consumer)
    {
        var other = _state.Aboard.ServoDraw(consumer.Id);
        var turned = _state.Wire.Turned.GetValueOrDefault(consumer.Id) % 2 == 1;
        return consumer with
        {
            Turn =
                other is not null ? null
                : turned ? -consumer.Turn
                : consumer.Turn,
            Stall = other?.Stall ?? consumer.Stall,
        };
    }

    private ImmutableSortedDictionary<string, WireEnd> Passed()
    {
        var sheet = _state.Sheet;
        var found = new Dictionary<string, WireEnd>(StringComparer.Ordinal);
        foreach (var board in sheet.Boards)
        {
            string[] sockets = [.. board.Get(RadioFields.Board.Ports), .. board.Get(RadioFields.Board.Outlets)];
            foreach (var socket in sockets)
            {
                foreach (var consumer in At(sheet, socket).Where(c => !found.ContainsKey(c.Id)))
                {
                    found[consumer.Id] = new WireEnd(Socketed.Board, Places.Words(socket));
                }
            }
        }

        // Fewest joints is the shop's way; through the board is tidier, and one lead fewer at the receiver.
        if (_state.School(Schools.SpareLead) == "board")
        {
            var carried = Consumers.Where(c => found.ContainsKey(c.Id)).ToLookup(c => c.Command);
            foreach (var spare in Consumers.Where(c => !found.ContainsKey(c.Id) && !c.IsController))
            {
                if (
                    carried[spare.Command].FirstOrDefault(c => c.Turn == spare.Turn && c.Turn is not null) is { } beside
                )
                {
                    found[spare.Id] = found[beside.Id];
                }
            }
        }

        if (sheet.Radio.Stabiliser.Likely == true && sheet.Radio.Get(RadioFields.Sits) == RadioFields.InLine)
        {
            var corrected = Corrected(sheet);
            foreach (var consumer in Consumers.Where(c => !found.ContainsKey(c.Id) && corrected.Contains(c.Command)))
            {
                found[consumer.Id] = new WireEnd(Socketed.Stabiliser, consumer.Name.ToLowerInvariant());
            }
        }

        return found.ToImmutableSortedDictionary(StringComparer.Ordinal);
    }

    /// <summary>Commands that pass the stabiliser: by its axes, all three where the sheet does not say which.</summary>
    internal static ImmutableHashSet<string> Corrected(SpecSheet sheet) =>
        [.. StabiliserAxes.Of(sheet).Select(a => a.Command)];

    // A board's socket is named by a surface, an output, a servo or a function.
    private IEnumerable<Consumer> At(SpecSheet sheet, string socket)
    {
        var words = Places.Words(socket);
        var own = Consumers.Where(c => c.Id == socket || c.Moves.Contains(socket)).ToArray();
        if (own.Length > 0)
        {
            return own;
        }

        if (sheet.Outputs.FirstOrDefault(o => o.Name.Equals(words, StringComparison.OrdinalIgnoreCase)) is { } output)
        {
            return Consumers.Where(c => c.Moves.Contains(output.Id));
        }

        var reach = Channels.Leads(sheet, words);
        return Consumers.Where(c =>
            c.Moves.Any(m => reach.Surfaces.Any(s => s.Id == m) || reach.Outputs.Any(o => o.Id == m))
        );
    }

    private IEnumerable<Plug> Comes()
    {
        foreach (var consumer in Consumers.Where(c => !Behind.ContainsKey(c.Id)))
        {
            yield return new Plug(consumer.Id, consumer.Name, consumer.Command, [consumer.Id])
            {
                Turn = consumer.Turn,
                Unit = consumer.Unit,
                IsVital = consumer.IsVital,
                Stall = consumer.Stall,
            };
        }

        var inputs =
            from consumer in Consumers
            where Behind.ContainsKey(consumer.Id)
            group consumer by (Behind[consumer.Id].On, consumer.Command);
        foreach (var input in inputs)
        {
            var turns = input.Select(c => c.Turn).Distinct().ToArray();
            yield return new Plug(
                $"{input.Key.On.ToString().ToLowerInvariant()}/{input.Key.Command}",
                $"The {input.Key.On.ToString().ToLowerInvariant()}'s {input.Key.Command}",
                input.Key.Command,
                [.. input.Select(c => c.Id)]
            )
            {
                Turn = turns is [var one] ? one : null,
                Unit = input.Select(c => c.Unit).First(),
                IsVital = input.Any(c => c.IsVital),
                Stall = Numbers.Round(input.Sum(c => c.Stall)),
            };
        }
    }

    // A map of what came to the receiver then; null where something has come or gone since.
    private PortMap? Read(ImmutableArray<LaidPlug> laid) =>
        laid.Length == Plugs.Length && Plugs.All(p => laid.Any(l => l.Plug == p.Id))
            ? new PortMap([.. Plugs.Select(p => laid.First(l => l.Plug == p.Id).Port)])
            : null;

    private IEnumerable<WireLead> Plugged()
    {
        foreach (var consumer in Consumers.Where(c => Behind.ContainsKey(c.Id)))
        {
            yield return Own(consumer, Behind[consumer.Id]);
        }

        var groups = Ports().Where(p => !p.Plugs.IsEmpty).ToArray();
        foreach (var (_, _, plugs) in groups.Where(g => g.Plugs.Length > 1))
        {
            foreach (var plug in plugs)
            {
                yield return Of(plug, YLead(plugs));
            }
        }

        foreach (
            var (port, command, plugs) in groups.OrderBy(g => g.Plugs.Any(p => Consumer(p.Id)?.IsController == true))
        )
        {
            var end = new WireEnd(Socketed.Receiver, $"{port}");
            yield return plugs is [var only]
                ? Of(only, end)
                : new WireLead($"y/{plugs[0].Id}", $"Y-lead of the {command}", command, end, Fed(plugs));
        }

        foreach (var plug in Plugs.Where((_, i) => Map.At[i] == 0))
        {
            yield return Of(plug, WireEnd.None);
        }
    }

    // What was done to it, and its bands: no two of one colour have as many; they are told apart by it at the field.
    private ImmutableArray<WireLead> Marked(ImmutableArray<WireLead> leads) =>
        [
            .. leads.Select(
                (l, i) =>
                    l with
                    {
                        Mended = _state.Wire.Mended.GetValueOrDefault(l.Id) ?? "",
                        Band = l.IsParted
                            ? new LeadBand(
                                LeadBand.ColourOf(l.Side),
                                leads.Take(i + 1).Count(o => o.IsParted && o.Side == l.Side)
                            )
                            : null,
                    }
            ),
        ];

    // Known by the first plug in it: moved to another port it is the same Y-lead, and what is in it stays in it.
    private static WireEnd YLead(ImmutableArray<Plug> plugs) => new(Socketed.YLead, plugs[0].Id);

    private ImmutableArray<Consumer> Fed(IEnumerable<Plug> plugs) =>
        [.. plugs.SelectMany(p => p.Feeds).Select(Consumer).OfType<Consumer>()];

    private WireLead Of(Plug plug, WireEnd to) =>
        Consumer(plug.Id) is { } consumer
            ? Own(consumer, to)
            : new WireLead(plug.Id, plug.Name, plug.Command, to, Fed([plug]));

    private WireLead Own(Consumer consumer, WireEnd to)
    {
        var printed = _state.Sheet.Leads.FirstOrDefault(l => l.From == consumer.Id);
        return new WireLead(consumer.Id, consumer.Name, consumer.Command, to, [consumer])
        {
            Label = printed?.Label ?? "",
            IsParted = printed?.Says(RadioFields.Lead.Separable).Likely == true,
            Side = consumer.Side,
        };
    }
}
