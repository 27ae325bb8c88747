using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;

namespace Zygotome.Core.Wire;

/// <summary>
/// Lays plugs to the ports of a receiver. Exact: what one command costs depends only on how many ports it has, so the
/// best way to fill each number is found alone, and every way to share the ports out among commands is looked at.
/// </summary>
public static class PortMaps
{
    // Of one command: more than this many are shared out by their way of turning alone.
    private const int MostExact = 8;

    /// <summary>
    /// What a map costs; null of one that is not permitted: two commands on one port, two on a Y-lead that would go
    /// apart, more current than a contact carries, half of what is served as a whole.
    /// </summary>
    public static PortCost? Cost(PortAsk ask, PortMap map)
    {
        if (map.At.Length != ask.Plugs.Length || map.At.Any(p => p < 0 || p > ask.Ports))
        {
            return null;
        }

        var placed = ask.Plugs.Zip(map.At, (plug, at) => (Plug: plug, At: at)).ToArray();
        var groups = placed.Where(p => p.At > 0).GroupBy(p => p.At).ToDictionary(g => g.Key, Plugs);
        var units = placed.GroupBy(p => p.Plug.Unit).ToArray();
        if (groups.Values.Any(g => !MayShare(ask, g)) || units.Any(u => u.Any(p => p.At == 0) && u.Any(p => p.At > 0)))
        {
            return null;
        }

        var lost = units.Where(u => u.First().At == 0).ToArray();
        var served = placed.Where(p => p.At > 0).GroupBy(p => p.Plug.Command).ToArray();
        return new PortCost
        {
            LostVital = lost.Count(u => u.Any(p => p.Plug.IsVital)),
            Lost = lost.Length,
            Doubts = groups.Values.Count(InDoubt),
            YLeads = groups.Values.Sum(g => g.Length - 1),
            BindPort = ask.BindPort > 0 && groups.ContainsKey(ask.BindPort) ? 1 : 0,
            Departures = served.Count(c => UsualOf(ask, c.Key) is > 0 and var own && c.All(p => p.At != own)),
            Mixes = served.Sum(c => c.Select(p => p.At).Distinct().Count() - 1),
        };
    }

    /// <summary>
    /// The best maps, cheapest first: every way to share the ports out that loses no more than it must. One map for
    /// each number of ports a command may have.
    /// </summary>
    public static ImmutableArray<(PortMap Map, PortCost Cost)> Ranked(PortAsk ask, int most = 5)
    {
        var commands = ask
            .Plugs.Select((p, i) => (Plug: p, At: i))
            .GroupBy(p => p.Plug.Command)
            .Select(g => Ways(ask, [.. g.Select(p => p.At)]))
            .ToArray();
        // What belongs together may carry two commands on a sheet with mistakes: then nothing can be laid.
        var nothing = new PortMap([.. ask.Plugs.Select(_ => 0)]);
        return
        [
            .. Shared(commands, ask.Ports)
                .Select(ways => Lay(ask, ways))
                .Select(map => (Map: map, Cost: Cost(ask, map)!))
                .Where(map => map.Cost is not null)
                .DefaultIfEmpty((Map: nothing, Cost: Cost(ask, nothing)!))
                .Order(
                    Comparer<(PortMap Map, PortCost Cost)>.Create(
                        (a, b) => PortCost.Compare(a.Cost, b.Cost, ask.SharesPairs)
                    )
                )
                .Take(most),
        ];
    }

    /// <summary>Whether these may hang on one port, one after the other through Y-leads.</summary>
    internal static bool MayShare(PortAsk ask, IReadOnlyCollection<Plug> group) =>
        group.Count == 1
        || (
            group.Select(p => p.Command).Distinct().Count() == 1
            && !(group.Any(p => p.Turn == 1) && group.Any(p => p.Turn == -1))
            && Numbers.Round(group.Sum(p => p.Stall) - ask.MostAmps) <= 0
        );

    /// <summary>The owner's usual channel of a command; 0 where there is none.</summary>
    internal static int UsualOf(PortAsk ask, string command) => UsualChannels.At(ask.Usual, command) ?? 0;

    private static Plug[] Plugs(IEnumerable<(Plug Plug, int At)> group) => [.. group.Select(p => p.Plug)];

    private static bool InDoubt(Plug[] group) => group.Length > 1 && group.Any(p => p.Turn is null);

    // One way to serve a command: which of its plugs hang together, each group on a port of its own.
    private sealed record Way(
        ImmutableArray<ImmutableArray<int>> Groups,
        int LostVital,
        int Lost,
        int Doubts,
        int Joints
    )
    {
        public (int, int, int, int) Cost => (LostVital, Lost, Doubts, Joints);
    }

    // The best way for each number of ports, from none up.
    private static ImmutableArray<Way> Ways(PortAsk ask, ImmutableArray<int> plugs)
    {
        var units = plugs.GroupBy(i => ask.Plugs[i].Unit).Select(u => u.ToImmutableArray()).ToArray();
        var best = new SortedDictionary<int, Way>();
        for (var served = 0; served < 1 << Math.Min(units.Length, MostExact); served++)
        {
            // Beyond the exact ones a unit is always served.
            bool Serves(int unit) => unit >= MostExact || (served & (1 << unit)) != 0;
            var lost = units.Where((_, i) => !Serves(i)).ToArray();
            foreach (var groups in Partitions(ask, [.. units.Where((_, i) => Serves(i)).SelectMany(u => u)]))
            {
                var way = new Way(
                    groups,
                    lost.Count(u => u.Any(i => ask.Plugs[i].IsVital)),
                    lost.Length,
                    groups.Count(g => InDoubt([.. g.Select(i => ask.Plugs[i])])),
                    groups.Sum(g => g.Length - 1)
                );
                if (!best.TryGetValue(groups.Length, out var known) || way.Cost.CompareTo(known.Cost) < 0)
                {
                    best[groups.Length] = way;
                }
            }
        }

        return [.. best.Values];
    }

    // Every way to part these into groups that may share a port; of many, by their way of turning alone.
    private static IEnumerable<ImmutableArray<ImmutableArray<int>>> Partitions(PortAsk ask, ImmutableArray<int> plugs)
    {
        if (plugs.Length > MostExact)
        {
            return
            [
                [.. plugs.Select(i => ImmutableArray.Create(i))],
                .. Coarse(ask, plugs),
            ];
        }

        return Parted(ask, plugs, 0, []);
    }

    private static IEnumerable<ImmutableArray<ImmutableArray<int>>> Coarse(PortAsk ask, ImmutableArray<int> plugs)
    {
        var filled = new List<List<int>>();
        foreach (var plug in plugs.OrderBy(i => ask.Plugs[i].Turn ?? 0))
        {
            var group = filled.FirstOrDefault(g => MayShare(ask, [.. g.Append(plug).Select(i => ask.Plugs[i])]));
            if (group is null)
            {
                filled.Add([plug]);
            }
            else
            {
                group.Add(plug);
            }
        }

        return
        [
            [.. filled.Select(g => g.ToImmutableArray())],
        ];
    }

    private static IEnumerable<ImmutableArray<ImmutableArray<int>>> Parted(
        PortAsk ask,
        ImmutableArray<int> plugs,
        int next,
        ImmutableArray<ImmutableArray<int>> groups
    )
    {
        if (next == plugs.Length)
        {
            yield return groups;
            yield break;
        }

        for (var i = 0; i <= groups.Length; i++)
        {
            var with = i < groups.Length ? groups[i].Add(plugs[next]) : [plugs[next]];
            if (!MayShare(ask, [.. with.Select(p => ask.Plugs[p])]))
            {
                continue;
            }

            var further = i < groups.Length ? groups.SetItem(i, with) : groups.Add(with);
            foreach (var parted in Parted(ask, plugs, next + 1, further))
            {
                yield return parted;
            }
        }
    }

    // Every choice of a way for each command that fits the ports and loses no more than the best found.
    private static List<ImmutableArray<Way>> Shared(IReadOnlyList<ImmutableArray<Way>> commands, int ports)
    {
        // What those that follow lose at least, however many ports they get: a branch that is worse already is left.
        var found = new List<ImmutableArray<Way>>();
        var least = (Vital: int.MaxValue, Lost: int.MaxValue);
        void Choose(int at, int left, (int Vital, int Lost) lost, ImmutableArray<Way> chosen)
        {
            if (lost.CompareTo(least) > 0)
            {
                return;
            }

            if (at == commands.Count)
            {
                if (lost.CompareTo(least) < 0)
                {
                    found.Clear();
                    least = lost;
                }

                found.Add(chosen);
                return;
            }

            foreach (var way in commands[at].Where(w => w.Groups.Length <= left).OrderBy(w => w.Cost))
            {
                Choose(
                    at + 1,
                    left - way.Groups.Length,
                    (lost.Vital + way.LostVital, lost.Lost + way.Lost),
                    chosen.Add(way)
                );
            }
        }

        Choose(0, ports, (0, 0), []);
        return found;
    }

    // Each first group where its command usually is; then whatever the maker's order has a free place for; the rest on
    // the first ports that are nobody's usual one. The port that binding needs comes last of all.
    private static PortMap Lay(PortAsk ask, ImmutableArray<Way> ways)
    {
        var at = new int[ask.Plugs.Length];
        var taken = new HashSet<int>();
        if (ask.BindPort > 0 && ways.Sum(w => w.Groups.Length) < ask.Ports)
        {
            taken.Add(ask.BindPort);
        }

        var groups = ways.SelectMany(w => w.Groups.Select((g, i) => (Plugs: g, Nth: i))).ToArray();
        string Command(ImmutableArray<int> group) => ask.Plugs[group[0]].Command;
        int Printed((ImmutableArray<int> Plugs, int Nth) g) =>
            ask.Printed.IndexOf(g.Nth == 0 ? Command(g.Plugs) : $"{Command(g.Plugs)} {g.Nth + 1}") + 1;
        bool IsUsual(int port) => port > 0 && port <= ask.Usual.Length && ask.Usual[port - 1].Length > 0;
        Func<(ImmutableArray<int> Plugs, int Nth), int>[] wishes =
        [
            g => g.Nth == 0 ? UsualOf(ask, Command(g.Plugs)) : 0,
            g => IsUsual(Printed(g)) ? 0 : Printed(g),
            g => Enumerable.Range(1, ask.Ports).Where(p => !taken.Contains(p)).OrderBy(IsUsual).First(),
        ];
        foreach (var wish in wishes)
        {
            foreach (var group in groups.Where(g => at[g.Plugs[0]] == 0))
            {
                var port = wish(group);
                if (port > 0 && port <= ask.Ports && taken.Add(port))
                {
                    foreach (var plug in group.Plugs)
                    {
                        at[plug] = port;
                    }
                }
            }
        }

        return new PortMap([.. at]);
    }
}
