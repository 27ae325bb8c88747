using System.Collections.Immutable;

namespace Zygotome.Core.Bind;

/// <summary>
/// What to change so that everything of one group goes the way it must. A group is what hangs together by channels and
/// functions: an elevon pair, all ailerons.
/// </summary>
/// <param name="Functions">What is called to see it.</param>
/// <param name="Fixes">The fewest there are, in the order they are done; empty while all is right.</param>
public sealed record DirectionAdvice(ImmutableArray<string> Functions, ImmutableArray<Fix> Fixes)
{
    /// <summary>Of a mixed pair that was seen with both functions; else null.</summary>
    public SetUps? SetUps { get; init; }

    /// <summary>After these changes everything of the group is right, and the picture is the expected one.</summary>
    public bool Settles => !Fixes.IsEmpty && Fixes.All(f => f.Settles);

    /// <summary>"Swap the plugs of left elevon and right elevon, reverse channel 2 (elevon right)".</summary>
    public string Line => Fixes.IsEmpty ? "" : Texts.Capital(string.Join(", ", Fixes.Select(f => f.Words)));

    /// <summary>Other ways than the line says; empty where there are none.</summary>
    public string Or => string.Join("; ", Fixes.Select(f => f.Or).Where(o => o.Length > 0).Distinct());
}
