using System.Collections.Immutable;

namespace Zygotome.Core.Journal;

/// <summary>On which channel an owner has a function in every model.</summary>
public static class UsualChannels
{
    // Which usual function a half of a mixed tail or wing takes the place of, as transmitters mix them.
    private static readonly ImmutableSortedDictionary<string, string> Mixed = new Dictionary<string, string>
    {
        ["elevon left"] = "aileron",
        ["elevon right"] = "elevator",
        ["ruddervator left"] = "elevator",
        ["ruddervator right"] = "rudder",
    }.ToImmutableSortedDictionary(StringComparer.Ordinal);

    /// <summary>From 1; null where it has no usual one, nor has what it stands for.</summary>
    /// <param name="usual">By channel, from the first; empty places are free.</param>
    public static int? At(IReadOnlyList<string> usual, string function) =>
        Named(usual, function) ?? (Mixed.TryGetValue(function.ToLowerInvariant(), out var f) ? Named(usual, f) : null);

    private static int? Named(IReadOnlyList<string> usual, string function) =>
        Enumerable
            .Range(0, usual.Count)
            .FirstOrDefault(i => usual[i].Equals(function, StringComparison.OrdinalIgnoreCase), -1)
            is >= 0
                and var at
            ? at + 1
            : null;
}
