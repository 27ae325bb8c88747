using System.Collections.Immutable;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Journal;

/// <summary>A channel of the receiver with the surfaces it moves together, in the order of the sheet.</summary>
public sealed record Channel(ImmutableArray<Surface> Surfaces)
{
    /// <summary>Its surfaces: what is plugged into which port is not known yet.</summary>
    public string Id => string.Join(Between, Surfaces.Select(s => s.Id));

    private const char Between = '+';

    /// <summary>
    /// What a channel of this id moves, in words: "left elevon and right elevon". A channel that is none any more still
    /// has its name; so has a single surface.
    /// </summary>
    public static string Named(SpecSheet sheet, string id) =>
        string.Join(" and ", id.Split(Between).Select(s => sheet.Surface(s)?.Name.ToLowerInvariant() ?? s));
}
