using System.Collections.Immutable;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Bind;

/// <summary>The movement a surface must make for a positive input of a function.</summary>
public sealed record Expected(Surface Surface, Movement Movement);

/// <summary>One call to the person at the transmitter, and what must be seen.</summary>
/// <param name="Call">"Stick right": the positive input, left and right being the pilot's.</param>
public sealed record DirectionCall(string Function, string Call, ImmutableArray<Expected> Expected)
{
    /// <summary>The picture of it: which way each surface goes, by its id.</summary>
    public ImmutableSortedDictionary<string, Movement> Picture { get; } =
        Expected.ById(e => e.Surface.Id, e => e.Movement);
}
