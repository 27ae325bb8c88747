using System.Collections.Immutable;
using Zygotome.Core.Quantities;

namespace Zygotome.Core.Journal;

/// <summary>A value the job needs and the maker does not state: a lead gives one, with the reason.</summary>
/// <param name="Id">What a lead's value names: a requirement, or <c>weight</c>.</param>
/// <param name="Why">Not stated, assumed, contradicted, or by marks.</param>
public sealed record SheetGap(string Id, string Text, string Why, Measurand Takes)
{
    /// <summary>A length, or the two it lies between.</summary>
    public static readonly Measurand Lengths = Of("a length", Unit.Millimetre);

    /// <summary>A mass, or the most it may be.</summary>
    public static readonly Measurand Masses = Of("a mass", Unit.Gram);

    /// <summary>A throw that is measured on the surface.</summary>
    public static readonly Measurand Throws = Of("a length or an angle", Unit.Millimetre, Unit.Degree);

    private static Measurand Of(string name, params ImmutableArray<Unit> units) =>
        new(name, units) { IsBand = true, Ways = Measurand.AnyWay };
}
