namespace Zygotome.Core.Drawing;

/// <summary>Which way the aircraft lies on the mat.</summary>
public enum DrawingSide
{
    /// <summary>From above, nose up the page, right wing to the right.</summary>
    Plan,

    /// <summary>Turned over: nose up the page, right wing to the left.</summary>
    Below,

    /// <summary>From its left, nose to the left.</summary>
    Side,
}

/// <summary>The same airframe from below and from the side, and how places carry over.</summary>
public static class DrawingSides
{
    /// <summary>
    /// A place on the aircraft (x mm aft; y mm to the right wing, or mm up on a side view) as a place on the drawing.
    /// </summary>
    public static Corner Place(DrawingSide side, double x, double y) =>
        side switch
        {
            DrawingSide.Below => new(-y, x),
            DrawingSide.Side => new(x, -y),
            _ => new(y, x),
        };

    /// <summary>How the aircraft lies, for who stands before it.</summary>
    public static string Words(DrawingSide side) =>
        side switch
        {
            DrawingSide.Below => "seen from below: left and right change sides",
            DrawingSide.Side => "seen from its left, nose to the left",
            _ => "seen from above, nose up",
        };
}
