using System.Collections.Immutable;
using Zygotome.Core.Journal;

namespace Zygotome.Core.Bind;

public sealed record BindState
{
    public Bound? Bound { get; init; }

    public Evidence? BoundEvidence { get; init; }

    public FailsafeBehaviour? Failsafe { get; init; }

    public Evidence? FailsafeEvidence { get; init; }

    public ImmutableSortedDictionary<string, DirectionShown> Directions { get; init; } =
        ImmutableSortedDictionary.Create<string, DirectionShown>(StringComparer.Ordinal);

    /// <summary>Which way each motor was seen to turn, by its id.</summary>
    public ImmutableSortedDictionary<string, MotorShown> Motors { get; init; } =
        ImmutableSortedDictionary.Create<string, MotorShown>(StringComparer.Ordinal);

    /// <summary>What the sheet does not tie to anything that moves, by output.</summary>
    public ImmutableSortedDictionary<string, CalledShown> Called { get; init; } =
        ImmutableSortedDictionary.Create<string, CalledShown>(StringComparer.Ordinal);
}
