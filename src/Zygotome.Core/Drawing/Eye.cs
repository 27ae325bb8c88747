namespace Zygotome.Core.Drawing;

/// <summary>From where the aircraft is looked at: how its points lie on the page, and which are nearer.</summary>
internal sealed record Eye(Func<Space, Corner> See, Func<Space, double> Near)
{
    // Seen a little from above, so that a delta reads as one.
    private const double Tilt = 10;

    private static readonly double Sin = Math.Sin(Tilt * Quantities.Numbers.RadiansPerDegree),
        Cos = Math.Cos(Tilt * Quantities.Numbers.RadiansPerDegree);

    /// <summary>From above, nose up the page, right wing to the right.</summary>
    public static Eye Above { get; } = new(p => new(p.Y, p.X), p => p.Z);

    /// <summary>From below, nose up the page, right wing to the left.</summary>
    public static Eye Below { get; } = new(p => new(-p.Y, p.X), p => -p.Z);

    /// <summary>From its left, nose to the left.</summary>
    public static Eye Left { get; } = new(p => new(p.X, -p.Z), p => -p.Y);

    /// <summary>From the tail and a little above it: y′ = z·cos a − x·sin a up the page, right wing to the
    /// right.</summary>
    public static Eye Behind { get; } = new(p => new(p.Y, (p.X * Sin) - (p.Z * Cos)), p => (p.X * Cos) + (p.Z * Sin));

    /// <summary>
    /// Three-quarter, from its left: from behind it the nose points up the page and away, from ahead it points down
    /// and near. Parallel, so that what is parallel on the aircraft stays so.
    /// </summary>
    public static Eye Quarter(bool ahead, bool below)
    {
        var (sin, cos) = Math.SinCos(40 * Quantities.Numbers.RadiansPerDegree);
        var (up, level) = Math.SinCos((below ? -24 : 28) * Quantities.Numbers.RadiansPerDegree);

        // Where it looks, level; and what lies to its right.
        var (awayX, awayY) = ahead ? (cos, sin) : (-cos, sin);
        var (rightX, rightY) = ahead ? (sin, -cos) : (sin, cos);
        double Away(Space p) => (p.X * awayX) + (p.Y * awayY);
        return new(
            p => new((p.X * rightX) + (p.Y * rightY), -(Away(p) * up) - (p.Z * level)),
            p => (p.Z * up) - (Away(p) * level)
        );
    }

    /// <summary>Of a way a technician turns it.</summary>
    public static Eye Of(DrawingSide side) =>
        side switch
        {
            DrawingSide.Below => Below,
            DrawingSide.Side => Left,
            _ => Above,
        };
}
