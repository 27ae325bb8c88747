using System.Collections.Immutable;
using Zygotome.Core.Quantities;
using Zygotome.Core.SpecSheets;

namespace Zygotome.Core.Bind;

/// <summary>Which way a surface was seen to go.</summary>
public enum Movement
{
    Up,
    Down,
    Right,
    Left,
    Out,
    None,
}

/// <summary>The movement a surface must make for a positive input of a function.</summary>
public sealed record Expected(Surface Surface, Movement Movement);

/// <summary>One call to the person at the transmitter, and what must be seen.</summary>
/// <param name="Call">"Stick right": the positive input, left and right being the pilot's.</param>
public sealed record DirectionCall(string Function, string Call, ImmutableArray<Expected> Expected);

/// <summary>
/// Natural signs. Positive inputs: right aileron, up elevator (stick back), right rudder, flap down, airbrake out.
/// Trailing edge up and right are positive movements. A foreplane's trailing edge goes down for up elevator;
/// upright V-tail, right rudder: left up, right down; one of negative dihedral the opposite.
/// </summary>
public static class Directions
{
    /// <summary>Every function that moves a surface, in the sheet's order.</summary>
    public static ImmutableArray<DirectionCall> Calls(SpecSheet sheet) =>
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
                            .Select(s => new Expected(s, Natural(sheet, s, f))),
                    ]
                )),
        ];

    /// <summary>What <paramref name="surface"/> must do for a positive input of <paramref name="function"/>.</summary>
    public static Movement Natural(SpecSheet sheet, Surface surface, string function)
    {
        var on = sheet.Geometry.Find(surface.On);
        var role = on?.Role;

        // Hanging down instead of standing up: what points right at the top points right at the bottom the other way up.
        var hanging = on?.Panels is [{ Dihedral: < 0 }, ..];
        return function switch
        {
            "aileron" => surface.Side == "right" ? Movement.Up : Movement.Down,
            "elevator" => role == "foreplane" ? Movement.Down : Movement.Up,
            "rudder" when role == "v-tail" => surface.Side == "left" != hanging ? Movement.Up : Movement.Down,
            "rudder" => Movement.Right,
            "flap" => Movement.Down,
            _ => Movement.Out,
        };
    }

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

    /// <summary>Way as a throw row says it.</summary>
    public static Movement Of(Way way) => Enum.Parse<Movement>(way.ToString());

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
