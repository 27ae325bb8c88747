using Zygotome.Core.Quantities;

namespace Zygotome.Core.Journal;

/// <summary>A value the job needs and the maker does not state: a lead gives one, with the reason.</summary>
/// <param name="Id">What a lead's value names: a requirement, or <c>weight</c>.</param>
/// <param name="Why">Not stated, assumed, contradicted, or by marks.</param>
public sealed record SheetGap(string Id, string Text, string Why, GapFill Dimensions);

/// <summary>What kinds of quantity fill a gap.</summary>
public readonly record struct GapFill(Dimension First, Dimension? Second = null)
{
    public static readonly GapFill Lengths = new(Dimension.Length),
        Masses = new(Dimension.Mass);

    /// <summary>Whether a quantity of this dimension fills it.</summary>
    public bool Has(Dimension dimension) => dimension == First || dimension == Second;
}
