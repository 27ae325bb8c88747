using System.Collections.Immutable;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Bind;

/// <summary>What is called to the person at the transmitter, and what to look at when it goes the wrong way.</summary>
public static class Directions
{
    /// <summary>Every function that moves a surface, in the sheet's order.</summary>
    public static ImmutableArray<DirectionCall> Calls(SpecSheet sheet) =>
        sheet.Once(s => new AllCalls(CallsOf(s))).Calls;

    private sealed record AllCalls(ImmutableArray<DirectionCall> Calls);

    private static ImmutableArray<DirectionCall> CallsOf(SpecSheet sheet) =>
        [
            .. sheet
                .Surfaces.SelectMany(s => s.Functions)
                .Distinct()
                .Select(f => new DirectionCall(
                    f,
                    CallFor(f),
                    [
                        .. sheet
                            .Surfaces.Where(s => s.Functions.Contains(f))
                            .Select(s => new Expected(s, Movements.Natural(sheet, s, f))),
                    ]
                )),
        ];

    /// <summary>What to check when surfaces went the wrong way: one remedy, the cheapest now.</summary>
    public static string Remedy(SpecSheet sheet, string function, IReadOnlyDictionary<string, Movement> seen)
    {
        var expected = Calls(sheet).First(c => c.Function == function).Expected;
        var still = expected.Where(e => seen.GetValueOrDefault(e.Surface.Id, Movement.None) == Movement.None).ToArray();
        if (still.Length > 0)
        {
            return $"{string.Join(" and ", still.Select(s => s.Surface.Name))} did not move: a plug, or half of a "
                + $"Y-lead.";
        }

        var wrong = expected.Where(e => seen[e.Surface.Id] != e.Movement).ToArray();
        return wrong.Length == 0 ? ""
            : wrong.Length == expected.Length && expected.All(e => e.Surface.Functions.Length == 1)
                ? $"Every surface goes the wrong way: reverse the {function} channel."
            : expected.Any(e => e.Surface.Functions.Length > 1)
                ? "Mixed surfaces: look at the plugs and reversing of both channels, with both sticks."
            : $"Only {string.Join(" and ", wrong.Select(w => w.Surface.Name.ToLowerInvariant()))} goes the wrong "
                + $"way: on its own channel reverse it there, else move the servo arm to the other side.";
    }

    private static string CallFor(string function) =>
        function switch
        {
            "aileron" => "Aileron stick right",
            "elevator" => "Elevator stick back",
            "rudder" => "Rudder stick right",
            "flap" => "Flap switch down",
            _ => $"{function}: full on",
        };
}
