namespace Zygotome.Core.Sheets;

/// <summary>The closed list of what evidence can rest on and a happening can disturb.</summary>
public enum AspectKind
{
    Mass,
    Balance,
    Neutral,
    Throw,
    Direction,
    Freedom,
    Failsafe,
    Bind,
    Range,
    Trueness,

    /// <summary>Where the lead of what is named is plugged, and that it is that one's.</summary>
    Lead,

    /// <summary>That a part sits, turns and holds as it did: a keeper, a latch, a wheel, a propeller.</summary>
    Fit,
}

/// <summary>
/// One aspect, of one surface where it is about a surface: <c>throw:aileron-left</c>; <c>throw:*</c> is every surface.
/// </summary>
public readonly record struct Aspect(AspectKind Kind, string Surface = "")
{
    public const string Every = "*";

    /// <summary>Whether the kind is about one surface.</summary>
    public static bool HasSurface(AspectKind kind) =>
        kind
            is AspectKind.Neutral
                or AspectKind.Throw
                or AspectKind.Direction
                or AspectKind.Freedom
                or AspectKind.Lead
                or AspectKind.Fit;

    /// <summary>The same kind for every surface.</summary>
    public Aspect ForEvery() => this with { Surface = Every };

    /// <summary>
    /// Reads <c>balance</c> or <c>throw:elevator-left</c>; anything outside the closed list is refused.
    /// </summary>
    public static Outcome<Aspect> Parse(string text)
    {
        var parts = text.Split(':', 2);
        if (
            !Enum.TryParse<AspectKind>(parts[0], ignoreCase: true, out var kind)
            || char.IsAsciiDigit(text.FirstOrDefault())
        )
        {
            return new Refusal(
                "aspect/unknown",
                $"\"{text}\" is not something a step can disturb; known are "
                    + $"{string.Join(", ", Enum.GetNames<AspectKind>().Select(n => n.ToLowerInvariant()))}."
            );
        }

        var surface = parts.Length == 2 ? parts[1] : "";
        return HasSurface(kind) == (surface.Length > 0)
            ? new Aspect(kind, surface)
            : new Refusal(
                "aspect/surface",
                HasSurface(kind)
                    ? $"\"{text}\" needs its surface, such as \"{parts[0]}:aileron-left\" or \"{parts[0]}:*\"."
                    : $"\"{text}\": {parts[0]} is not about one surface."
            );
    }

    public override string ToString() =>
        Surface.Length > 0 ? $"{Kind.ToString().ToLowerInvariant()}:{Surface}" : Kind.ToString().ToLowerInvariant();
}
