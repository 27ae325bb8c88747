using System.Collections.Immutable;
using Zygotome.Core.Journal;

namespace Zygotome.Core.Wire;

/// <summary>The wiring as whoever looks at what moves asks it: by channel.</summary>
internal static class Signals
{
    public static ImmutableArray<Signal> Of(JobState state)
    {
        var wiring = Wiring.Of(state);
        var ports = wiring.Ports().Where(p => !p.Plugs.IsEmpty).ToArray();
        return
        [
            .. ports.Select(p => new Signal(
                wiring.IsKnown ? p.Port : 0,
                wiring.ChannelName(p.Port),
                Ends(wiring, p.Plugs, p.Port)
            )),
            .. wiring
                .Plugs.Where((_, i) => wiring.Map.At[i] == 0)
                .Select(p => new Signal(0, p.Command, Ends(wiring, [p], 0))),
        ];
    }

    /// <summary>Sockets of a stabiliser in line, else ports, that lead to a surface of a command.</summary>
    public static int Corrected(JobState state, string command)
    {
        var wiring = Wiring.Of(state);
        var inLine = DeviceSaid.IsInLine(state.Sheet);
        return wiring
            .Consumers.Where(c => c.Moves.Any(m => state.Sheet.Surface(m)?.Functions.Contains(command) == true))
            .Select(c => inLine && wiring.Behind.TryGetValue(c.Id, out var end) ? end.ToString() : PortOf(wiring, c))
            .Distinct()
            .Count();
    }

    private static string PortOf(Wiring wiring, Consumer consumer)
    {
        var at = wiring.Plugs.IndexOf(wiring.Plugs.FirstOrDefault(p => p.Feeds.Contains(consumer.Id))!);
        return at >= 0 && wiring.IsKnown && wiring.Map.At[at] > 0 ? $"{wiring.Map.At[at]}" : consumer.Id;
    }

    private static ImmutableArray<SignalEnd> Ends(Wiring wiring, ImmutableArray<Plug> plugs, int port) =>
        [
            .. from plug in plugs
            from consumer in plug.Feeds.Select(wiring.Consumer).OfType<Consumer>()
            select new SignalEnd(
                consumer.Id,
                consumer.Name.ToLowerInvariant(),
                Through(wiring, plugs, consumer, port),
                consumer.Moves
            ),
        ];

    // From the port outwards: the joint that is its own comes first.
    private static string Through(Wiring wiring, ImmutableArray<Plug> plugs, Consumer consumer, int port) =>
        wiring.Behind.TryGetValue(consumer.Id, out var end) ? $"its plug in {wiring.Words(end)}"
        : !wiring.IsKnown || port == 0 ? "its plug"
        : plugs.Length > 1 ? $"its half of the Y-lead on port {port}"
        : $"its plug in {wiring.Words(new WireEnd(Socketed.Receiver, $"{port}"))}";
}
