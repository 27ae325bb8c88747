using System.Collections.Immutable;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Bind;

/// <summary>What is called to the person at the transmitter, and what is seen then.</summary>
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

    /// <summary>
    /// Whether every surface of a call went the way it must, and no other moved with it but what the sheet mixes in.
    /// </summary>
    public static bool AreRight(SpecSheet sheet, DirectionCall call, IReadOnlyDictionary<string, Movement> seen) =>
        call.Expected.All(e => seen.GetValueOrDefault(e.Surface.Id, Movement.None) == e.Movement)
        && !Besides(sheet, call, seen).Any();

    /// <summary>What moved at a call that is not about it.</summary>
    public static IEnumerable<Expected> Besides(
        SpecSheet sheet,
        DirectionCall call,
        IReadOnlyDictionary<string, Movement> seen
    ) =>
        from went in seen
        where went.Value != Movement.None && !call.Picture.ContainsKey(went.Key)
        let surface = sheet.Surface(went.Key)
        where surface is not null && !MixedInto(sheet, call.Function).Contains(surface.Id)
        select new Expected(surface, went.Value);

    /// <summary>Surfaces that the sheet moves with a command by a mix: the elevator with the flaps.</summary>
    public static IReadOnlySet<string> MixedInto(SpecSheet sheet, string function) =>
        sheet
            .Positions.Where(p => p.Function == function)
            .SelectMany(p => p.Moves)
            .Where(m => m.Mixed)
            .SelectMany(m => sheet.Named(m.Surfaces))
            .Select(s => s.Id)
            .ToHashSet(StringComparer.Ordinal);

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
