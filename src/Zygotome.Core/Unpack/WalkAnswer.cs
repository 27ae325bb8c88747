using Zygotome.Core.Journal;

namespace Zygotome.Core.Unpack;

/// <summary>What was found at a point of the walk.</summary>
public enum WalkAnswer
{
    Sound,
    Finding,
    NotFitted,
}

/// <summary>A point of the walk, answered.</summary>
public sealed record WalkAnswered(string Point, WalkAnswer Answer, string Finding, Evidence Evidence);
