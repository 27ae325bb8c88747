namespace Zygotome.Core.Drawing;

/// <summary>
/// A screw's outline at true size, mm: head at the left, thread to the right, so that one laid on the glass can be
/// compared.
/// </summary>
/// <param name="Width">Over all. <paramref name="Height"/>: across the head.</param>
public sealed record FastenerOutline(string Path, double Width, double Height)
{
    /// <param name="diameter">Thread, mm. <paramref name="length"/>: under the head, mm. Both are clamped to what a
    /// screen can show.</param>
    public static FastenerOutline Of(double diameter, double length)
    {
        var (d, l) = (Math.Clamp(diameter, 0.5, 20), Math.Clamp(length, 1, 150));
        var (head, across) = (d * 0.6, d * 1.9);
        var (top, low) = ((across - d) / 2, (across + d) / 2);
        return new FastenerOutline(
            Outline.Closed([
                new(0, across * 0.15),
                new(head * 0.5, 0),
                new(head, 0),
                new(head, top),
                new(head + l - (d * 0.25), top),
                new(head + l, top + (d * 0.2)),
                new(head + l, low - (d * 0.2)),
                new(head + l - (d * 0.25), low),
                new(head, low),
                new(head, across),
                new(head * 0.5, across),
                new(0, across * 0.85),
            ]),
            head + l,
            across
        );
    }
}
