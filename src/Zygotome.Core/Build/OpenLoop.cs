using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Build;

/// <summary>Something changed for now, until it is changed back. Blocks release while open.</summary>
public sealed record OpenLoop(
    string Id,
    LoopKind Kind,
    string Detail,
    Person By,
    DateTimeOffset OpenedAt,
    ImmutableArray<Aspect> Touches
)
{
    public Evidence? Closed { get; init; }

    /// <summary>The value it is set back to; empty where it is none.</summary>
    public string Was { get; init; } = "";
}
