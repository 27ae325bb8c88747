using Zygotome.Core.Quantities;

namespace Zygotome.Core.Sheets;

/// <summary>
/// Natural signs. Positive inputs: right aileron, up elevator (stick back), right rudder, flap down, airbrake out.
/// Trailing edge up and right are positive movements. A foreplane's trailing edge goes down for up elevator;
/// upright V-tail, right rudder: left up, right down; one of negative dihedral the opposite.
/// </summary>
public static class Movements
{
    /// <summary>What <paramref name="surface"/> must do for a positive input of <paramref name="function"/>.</summary>
    public static Movement Natural(SpecSheet sheet, Surface surface, string function)
    {
        var on = sheet.Geometry.Find(surface.On);
        var role = on?.Role;

        // What points right at the top points right at the bottom the other way up.
        var hanging = on?.HangsDown == true;
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

    /// <summary>Up for down, left for right, in for out; what does not move is its own.</summary>
    public static Movement Opposite(Movement movement) =>
        movement switch
        {
            Movement.Up => Movement.Down,
            Movement.Down => Movement.Up,
            Movement.Right => Movement.Left,
            Movement.Left => Movement.Right,
            Movement.Out => Movement.In,
            Movement.In => Movement.Out,
            _ => movement,
        };

    /// <summary>Way as a throw row says it.</summary>
    public static Movement Of(Way way) => Enum.Parse<Movement>(way.ToString());
}
