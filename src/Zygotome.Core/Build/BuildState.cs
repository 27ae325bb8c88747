using System.Collections.Immutable;

namespace Zygotome.Core.Build;

public sealed record BuildState
{
    public ImmutableList<OpenLoop> Loops { get; init; } = [];

    /// <summary>Pushrods, clevises and arms moved after the build, latest last.</summary>
    public ImmutableList<string> Moved { get; init; } = [];
}
