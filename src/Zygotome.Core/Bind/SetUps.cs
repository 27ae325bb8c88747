using System.Collections.Immutable;

namespace Zygotome.Core.Bind;

/// <summary>
/// A mixed pair can be plugged two ways and each of its two channels reversed or not: eight set-ups. By the observed
/// signs, which of them are right: exactly one where the mix's rows are opposite, none otherwise.
/// </summary>
/// <param name="All">In order: plugs as they belong, then crossed; within these neither, the second, the first, both
/// channels reversed.</param>
/// <param name="Now">Which of <paramref name="All"/> it is.</param>
/// <param name="First">Name of the first channel; <paramref name="Second"/> of the other.</param>
public sealed record SetUps(ImmutableArray<SetUp> All, int Now, string First, string Second)
{
    /// <summary>Which is right, from 0; null where none or several are.</summary>
    public int? Right => All.Count(s => s.IsRight) == 1 ? All.IndexOf(All.First(s => s.IsRight)) : null;
}

/// <summary>One way to plug and reverse a mixed pair.</summary>
public sealed record SetUp(bool Crossed, bool FirstReversed, bool SecondReversed, bool IsRight);
