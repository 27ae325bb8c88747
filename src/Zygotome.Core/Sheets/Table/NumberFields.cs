using System.Collections.Immutable;
using System.Text.Json.Nodes;
using Zygotome.Core.Quantities;

namespace Zygotome.Core.Sheets.Table;

/// <summary>A field that takes a quantity.</summary>
public interface IMeasured
{
    /// <summary>What a bare number is taken in; only quantities of its dimension are taken.</summary>
    Unit Unit { get; }
}

/// <summary>The least and the most that is taken.</summary>
public readonly record struct Limits(double Least, double Most);

/// <summary>One number with its unit, in the canonical unit of its dimension (mm, g, degrees, minutes).</summary>
/// <param name="Within">What any model aircraft keeps to, in that unit.</param>
/// <param name="Or">What holds where nothing is said; null where something must be.</param>
public sealed record MeasureField(string Name, string Label, Unit Unit, Limits Within, double? Or = null)
    : SheetField<double>(Name, Label),
        IMeasured
{
    public override bool Required => Or is null;

    public override FieldKind Kind => FieldKind.Quantity;

    public override string Takes => SchemaPieces.Named(Unit);

    internal override JsonObject Schema() => SchemaPieces.Ref("quantity");

    internal override double Read(SheetNode owner) => At(owner).Measure(Unit.Dimension, Within, Or);
}

/// <summary>The same where nothing may be said: null.</summary>
public sealed record UnsaidMeasureField(string Name, string Label, Unit Unit, Limits Within)
    : SheetField<double?>(Name, Label),
        IMeasured
{
    public override FieldKind Kind => FieldKind.Quantity;

    public override string Takes => SchemaPieces.Named(Unit);

    internal override JsonObject Schema() => SchemaPieces.Ref("quantity");

    internal override double? Read(SheetNode owner) =>
        At(owner) is { Exists: true } node ? node.Measure(Unit.Dimension, Within) : null;
}

/// <summary>A quantity as it is printed: one number, a band, a limit.</summary>
public sealed record QuantityField(string Name, string Label, Unit Unit) : SheetField<Quantity?>(Name, Label), IMeasured
{
    public override FieldKind Kind => FieldKind.Quantity;

    public override string Takes => SchemaPieces.Named(Unit);

    internal override JsonObject Schema() => SchemaPieces.Ref("quantity");

    internal override Quantity? Read(SheetNode owner) => At(owner).Quantity(Unit.Dimension, IsMissed(owner));
}

/// <summary>A quantity that the manual may state more than once, with the decision taken.</summary>
public sealed record StatedField(string Name, string Label, Unit Unit)
    : SheetField<Stated<Quantity>?>(Name, Label),
        IMeasured
{
    /// <summary>A throw: a length, an angle or a share of travel.</summary>
    public bool IsThrow { get; init; }

    public override FieldKind Kind => FieldKind.Stated;

    public override string Takes => IsThrow ? "a length, an angle or a percentage" : SchemaPieces.Named(Unit);

    internal override JsonObject Schema() => SchemaPieces.Ref("quantity");

    internal override Stated<Quantity>? Read(SheetNode owner) => At(owner).Stated(IsThrow ? null : Unit.Dimension);
}

/// <summary>A whole number.</summary>
public sealed record WholeField(string Name, string Label, int Or, int Least, int Most) : SheetField<int>(Name, Label)
{
    public override FieldKind Kind => FieldKind.Whole;

    public override string Takes => $"a whole number, {Least} to {Most}";

    internal override JsonObject Schema() =>
        new()
        {
            ["type"] = "integer",
            ["minimum"] = Least,
            ["maximum"] = Most,
        };

    internal override int Read(SheetNode owner) => At(owner).Whole(Or, Least, Most, IsMissed(owner));
}

/// <summary>A plain number.</summary>
public sealed record NumberField(string Name, string Label, double Or, double Least, double Most)
    : SheetField<double>(Name, Label)
{
    public override FieldKind Kind => FieldKind.Number;

    public override string Takes => $"a number, {Numbers.Say(Least)} to {Numbers.Say(Most)}";

    internal override JsonObject Schema() =>
        new()
        {
            ["type"] = "number",
            ["minimum"] = Least,
            ["maximum"] = Most,
        };

    internal override double Read(SheetNode owner) => At(owner).Number(Or, Least, Most);
}

/// <summary>How many of each, by id.</summary>
public sealed record CountsField(string Name, string Label, int Most)
    : SheetField<ImmutableSortedDictionary<string, int>>(Name, Label)
{
    public override FieldKind Kind => FieldKind.Counts;

    public override string Takes => "how many of each id";

    internal override JsonObject Schema() =>
        new()
        {
            ["type"] = "object",
            ["additionalProperties"] = new JsonObject { ["type"] = "integer", ["minimum"] = 1 },
        };

    internal override ImmutableSortedDictionary<string, int> Read(SheetNode owner) =>
        At(owner)
            .Fields()
            .ToImmutableSortedDictionary(
                f => f.Name,
                f => f.Node.Whole(1, 1, Most, required: true),
                StringComparer.Ordinal
            );
}
