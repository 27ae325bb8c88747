using System.Collections.Immutable;
using Zygotome.Core.Journal;

namespace Zygotome.Core.Build;

public sealed record BuildState
{
    public ImmutableList<OpenLoop> Loops { get; init; } = [];

    /// <summary>Pushrods, clevises and arms moved after the build, latest last.</summary>
    public Log<LinkageMoved> Moved { get; init; } = [];
}
