using System.Collections.Immutable;

namespace Zygotome.Core.Wire;

/// <summary>Port maps as people read them.</summary>
public static class PortWords
{
    /// <summary>"1 Y-lead, 2 mixes, 2 ports free".</summary>
    public static string Of(Wiring wiring, PortMap map, PortCost cost)
    {
        var free = wiring.Ask.Ports - map.At.Where(p => p > 0).Distinct().Count();
        return string.Join(
            ", ",
            new[]
            {
                cost.Lost > 0 ? $"{cost.Lost} without a port" : "",
                Count(cost.YLeads, "Y-lead"),
                cost.Mixes > 0 ? Count(cost.Mixes, "mix") : "",
                free == 0 ? "no port free" : $"{Count(free, "port")} free",
            }.Where(t => t.Length > 0)
        );
    }

    /// <summary>What it gains and what it asks for; empty of one there is nothing to say of.</summary>
    public static string Why(Wiring wiring, PortCost cost)
    {
        var best = wiring.Maps[0].Cost;
        string[] said =
        [
            .. cost.YLeads < wiring.Maps.Max(m => m.Cost.YLeads) ? ["fewer joints that can part"] : (string[])[],
            .. cost.Mixes < wiring.Maps.Max(m => m.Cost.Mixes) ? ["fewer mixes to key in"] : (string[])[],
            .. cost.Departures > best.Departures ? ["more functions elsewhere than the owner has them"] : (string[])[],
            .. cost.BindPort > 0 ? ["a lead comes out for binding"] : (string[])[],
            .. cost.Doubts > 0 ? ["whether a Y-lead's two sides agree, the sheet does not say"] : (string[])[],
        ];
        return Texts.Capital(string.Join("; ", said));
    }

    /// <summary>"Flap inner right follows the flap on port 7": what the transmitter has to mix, by port.</summary>
    public static IEnumerable<string> Mixes(Wiring wiring) =>
        from command in wiring.Ports().Where(p => p.Command.Length > 0).GroupBy(p => p.Command)
        where command.Count() > 1
        let first = command.First()
        from further in command.Skip(1)
        select $"Port {further.Port} ({Named(further.Plugs)}) follows port {first.Port} by a mix.";

    /// <summary>What is elsewhere than the owner has it in every model, and why.</summary>
    public static IEnumerable<string> Departures(Wiring wiring) =>
        from command in wiring.Plugs.Select(p => p.Command).Distinct()
        let usual = PortMaps.UsualOf(wiring.Ask, command)
        where usual > 0
        let at = wiring.Plugs.Select((p, i) => (p.Command, At: wiring.Map.At[i])).Where(p => p.Command == command)
        where at.All(p => p.At != usual)
        select $"{Texts.Capital(command)}: usually on {usual}, "
            + (
                usual > wiring.Ask.Ports ? $"and this receiver has {wiring.Ask.Ports} ports."
                : wiring.Ports().First(p => p.Port == usual) is { Command.Length: > 0 } other
                    ? $"which {other.Command} has."
                : "which is kept free."
            );

    /// <summary>"Port 6 is where the bind lead goes: …"; none while it is free or there is no such port.</summary>
    public static IEnumerable<string> Binding(Wiring wiring) =>
        from port in wiring.Ports()
        where port.Port == wiring.Ask.BindPort && !port.Plugs.IsEmpty
        select $"Port {port.Port} is where the bind lead goes: {Named(port.Plugs)} comes out for it, as an open loop, "
            + "and is proven again once it is back.";

    /// <summary>"the board's flap" of <c>board/flap</c>.</summary>
    public static string Input(string input) =>
        input.Split('/') is [var device, var command] ? $"the {device}'s {command}" : input;

    private static string Named(ImmutableArray<Plug> plugs) =>
        string.Join(" and ", plugs.Select(p => p.Name.ToLowerInvariant()));

    private static string Count(int count, string what) =>
        count == 0 ? $"no {what}"
        : count == 1 ? $"1 {what}"
        : $"{count} {(what == "mix" ? "mixes" : $"{what}s")}";
}
