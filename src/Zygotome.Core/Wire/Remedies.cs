using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;

namespace Zygotome.Core.Wire;

/// <summary>What may be done about two that would go apart on one signal, cheapest now first.</summary>
public static class Remedies
{
    // Minutes: a mix keyed in; an arm off and on with its rod, to be measured again; a plug between; a servo exchanged.
    private const double Mix = 4,
        Arm = 12,
        Plug = 5,
        Servo = 25,
        Measure = 10;

    private const int Bought = 2;

    /// <summary>
    /// Of the first of them that goes against the others. An arm side is cheap until throws were measured, a channel
    /// turns no screw.
    /// </summary>
    public static ImmutableArray<Remedy> Of(JobState state, ImmutableArray<Consumer> apart)
    {
        var turned = apart.LastOrDefault(c => c.Turn is not null && c.Turn != apart[0].Turn) ?? apart[^1];
        var name = turned.Name.ToLowerInvariant();
        var measured = turned.Moves.Any(m => state.The<ISeenMoving>().SeenMoving(state.Sheet, m) is not null);
        var again = measured ? Measure : 0;
        var anew = measured ? "; what it moves is shown and measured again" : "";
        (RemedyKind Kind, string Words, string Costs, double Minutes, int Days)[] ways =
        [
            (RemedyKind.ArmSide, $"Rod of the {name} to the other side of its arm", "", Arm, 0),
            (
                RemedyKind.InLineReverser,
                $"A reverser in the lead of the {name}",
                " and one to buy, 3 g, another joint",
                Plug,
                Bought
            ),
            (RemedyKind.ReversedServo, $"A reversed servo for the {name}", " and one to buy, 9 g", Servo, Bought),
        ];
        return
        [
            .. Own(state, apart)
                .Concat(
                    ways.Select(w => new Remedy(
                        Kind: w.Kind,
                        Of: turned.Id,
                        Words: w.Words,
                        Cost: $"{Numbers.Say(w.Minutes)} min{w.Costs}{anew}",
                        Minutes: w.Minutes + again,
                        Days: w.Days
                    ))
                )
                .OrderBy(r => r.Days)
                .ThenBy(r => r.Minutes),
        ];
    }

    private static string Left(int ports) =>
        ports switch
        {
            0 => "no port is left",
            1 => "one port is left",
            _ => $"{ports} ports are left",
        };

    // A port of its own, where the best map that keeps them apart loses nothing.
    private static IEnumerable<Remedy> Own(JobState state, ImmutableArray<Consumer> apart)
    {
        var wiring = Wiring.Of(state);
        var plugs = wiring.Plugs.Where(p => apart.Any(c => c.Id == p.Id)).ToArray();
        if (plugs.Length < 2 || wiring.Maps is not [{ Cost.Lost: 0 } best, ..])
        {
            yield break;
        }

        var at = plugs.Select(p => best.Map.At[wiring.Plugs.IndexOf(p)]).ToArray();
        var left = wiring.Ask.Ports - wiring.Plugs.Select((_, i) => best.Map.At[i]).Distinct().Count();
        yield return new Remedy(
            Kind: RemedyKind.OwnChannel,
            Of: plugs[^1].Id,
            Words: $"Each on its own channel with a mix: ports {string.Join(" and ", at.Distinct().Order())}",
            Cost: $"{Numbers.Say(Mix)} min, turns no screw; {Left(left)}",
            Minutes: Mix,
            Days: 0
        )
        {
            Map = [.. wiring.Plugs.Select((p, i) => new LaidPlug(p.Id, best.Map.At[i]))],
        };
    }
}
