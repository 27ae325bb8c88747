using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;

namespace Zygotome.Core.Wire;

/// <summary>What would give what is lost a port, cheapest first.</summary>
/// <param name="Minutes">Hands-on. <paramref name="Days"/>: until what is bought is there.</param>
public sealed record Gain(string Words, double Minutes, int Days)
{
    private const double Arm = 12,
        Receiver = 20;

    private const int Bought = 2;

    /// <summary>
    /// Each proven by laying the map anew: two that go apart made alike so that they share a Y-lead; a receiver with as
    /// many ports as it takes. None while nothing is lost.
    /// </summary>
    public static ImmutableArray<Gain> Of(JobState state)
    {
        var wiring = Wiring.Of(state);
        return wiring.Cost.Lost == 0 ? [] : [.. Found(wiring).OrderBy(g => g.Days).ThenBy(g => g.Minutes)];
    }

    /// <summary>"Cheapest: …"</summary>
    internal static string Cheapest(JobState state) =>
        Of(state) is [var first, ..] ? $"Cheapest now: {first.Words}." : "";

    private static IEnumerable<Gain> Found(Wiring wiring)
    {
        foreach (var plug in wiring.Plugs.Where(p => p.Feeds.Length == 1 && p.Turn is not null))
        {
            var turned = wiring.Ask with { Plugs = wiring.Plugs.Replace(plug, plug with { Turn = -plug.Turn }) };
            if (PortMaps.Ranked(turned, 1)[0].Cost.Lost < wiring.Maps[0].Cost.Lost)
            {
                yield return new Gain(
                    $"turn the {plug.Name.ToLowerInvariant()} round at its arm, so that it shares a Y-lead "
                        + $"({Numbers.Say(Arm)} min)",
                    Arm,
                    0
                );
                break;
            }
        }

        var ports = Enumerable
            .Range(wiring.Ask.Ports + 1, wiring.Plugs.Length)
            .FirstOrDefault(n => PortMaps.Ranked(wiring.Ask with { Ports = n }, 1)[0].Cost.Lost == 0);
        if (ports > 0)
        {
            yield return new Gain($"a receiver with {ports} ports, to be bought", Receiver, Bought);
        }
    }
}
