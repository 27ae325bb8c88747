using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;

namespace Zygotome.Core.Throws;

/// <summary>One throw: a surface, moved by a function at a rate or position, one way.</summary>
public sealed record ThrowId(string Surface, string Function, string Rate, Way Way) : RequirementId(Stage.Throws)
{
    public override string Written => $"throw/{Surface}/{Function}/{Rate}/{Way.Word()}";
}

/// <summary>Left against right of the same throw.</summary>
/// <param name="Pair">Both surfaces by one name.</param>
public sealed record SidesId(string Pair, string Function, string Rate, Way Way) : RequirementId(Stage.Throws)
{
    public override string Written => $"sides/{Pair}/{Function}/{Rate}/{Way.Word()}";
}

/// <summary>What is shown of a surface beside its throws.</summary>
public enum SurfaceAsk
{
    Neutral,
    Hole,
    Freedom,
}

/// <summary>Where a surface stands at rest, in which holes its pushrod sits, how freely it moves.</summary>
public sealed record SurfaceId(SurfaceAsk Of, string Surface) : RequirementId(Stage.Throws)
{
    public override string Written => $"{Of.ToString().ToLowerInvariant()}/{Surface}";
}
