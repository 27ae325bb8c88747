using System.Collections.Immutable;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Journal;

/// <summary>A channel of the receiver with the surfaces it moves together, in the order of the sheet.</summary>
public sealed record Channel(ImmutableArray<Surface> Surfaces)
{
    /// <summary>Its surfaces: what is plugged into which port is not known yet.</summary>
    public string Id => string.Join('+', Surfaces.Select(s => s.Id));
}
