using System.Collections.Immutable;
using Zygotome.Core.Journal;

namespace Zygotome.Core.Build;

/// <summary>What is changed for now, and what was moved after it was built.</summary>
public sealed record BuildState
{
    public ImmutableList<OpenLoop> Loops { get; init; } = [];

    /// <summary>Pushrods, clevises and arms moved after the build, latest last.</summary>
    public Log<LinkageMoved> Moved { get; init; } = [];
}
