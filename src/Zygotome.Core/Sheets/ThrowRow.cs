using System.Collections.Immutable;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets.Table;

namespace Zygotome.Core.Sheets;

/// <summary>How a throw is stated or read. Upright and straight are mm, angle is degrees.</summary>
public enum ThrowMeasure
{
    UprightRuler,
    StraightRuler,
    Angle,
}

/// <summary>The page of throws: what holds where a row does not say.</summary>
public sealed class SheetDefaults(RowValues said) : SheetObject(said)
{
    public ThrowMeasure Measure { get; } = said.Get(ThrowFields.DefaultMeasure);
}

/// <summary>One line of the throw table. <c>Function</c> is the commanded one; "combined" for both together.</summary>
public sealed class ThrowRow(RowValues said) : SheetObject(said)
{
    public string Surfaces { get; } = said.Get(ThrowFields.Surfaces);

    public string Function { get; } = said.Get(ThrowFields.Function);

    public string Rate { get; } = said.Get(ThrowFields.Rate);

    public string Position { get; } = said.Get(ThrowFields.Position);

    public string Page { get; } = said.Get(ThrowFields.Page);

    /// <summary>How this row is measured; null where it is as everywhere.</summary>
    public ThrowMeasure? Measure { get; } = said.Get(ThrowFields.Measure);

    /// <summary>Whether it says anything of a way, if only that the surface does not go there.</summary>
    public bool SpeaksOf(Way way) =>
        Says(ThrowFields.Ways.First(w => w.Way == way).Field) is not Printed<Quantity>.NotStated { LookedFor: false };

    /// <summary>The ways it says anything of, if only that the manual does not.</summary>
    public ImmutableArray<(Way Way, Printed<Quantity> Value)> Ways { get; } =
    [
        .. ThrowFields
            .Ways.Select(w => (w.Way, Value: said.Says(w.Field)))
            .Where(w =>
                w.Value is not Printed<Quantity>.NotStated { LookedFor: false } and not Printed<Quantity>.NotHere
            ),
    ];
}

/// <summary>Where a surface stands with the stick at rest: trailing edge up +, mm.</summary>
public sealed class NeutralRow(RowValues said) : SheetObject(said)
{
    public string Surfaces { get; } = said.Get(ThrowFields.Neutral.Surfaces);

    public string Page { get; } = said.Get(ThrowFields.Neutral.Page);

    public Printed<Quantity> Offset { get; } = said.Says(ThrowFields.Neutral.Offset);
}

/// <summary>Which hole of the arm or horn the manual names by its place, such as "second from the outside".</summary>
public sealed class HoleRow(RowValues said) : SheetObject(said)
{
    public string Surfaces { get; } = said.Get(ThrowFields.Hole.Surfaces);

    public string Arm { get; } = said.Get(ThrowFields.Hole.Arm);

    public string Horn { get; } = said.Get(ThrowFields.Hole.Horn);

    public string Page { get; } = said.Get(ThrowFields.Hole.Page);
}

/// <summary>A rate: its share of full travel and its expo, where the manual prints them.</summary>
public sealed class RateSpec(RowValues said) : SheetObject(said)
{
    public string Name { get; } = said.Get(ThrowFields.RateRow.Name);
}
