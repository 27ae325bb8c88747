namespace Zygotome.Core.Drawing;

/// <summary>A point on the aircraft, mm from the datum: aft, to the right wing, up.</summary>
internal readonly record struct Space(double X, double Y, double Z)
{
    public static Space operator +(Space a, Space b)
    {
        return new(a.X + b.X, a.Y + b.Y, a.Z + b.Z);
    }

    /// <summary>A share of the way to another.</summary>
    public Space Towards(Space to, double share) =>
        new(X + ((to.X - X) * share), Y + ((to.Y - Y) * share), Z + ((to.Z - Z) * share));
}
