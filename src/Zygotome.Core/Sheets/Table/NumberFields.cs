using System.Collections.Immutable;
using System.Text.Json.Nodes;
using Zygotome.Core.Quantities;

namespace Zygotome.Core.Sheets.Table;

/// <summary>A field that takes a quantity.</summary>
public interface IMeasured
{
    /// <summary>What it takes, and what a bare number is in.</summary>
    Measurand Measurand { get; }
}

/// <summary>The least and the most that is taken.</summary>
public readonly record struct Limits(double Least, double Most);

/// <summary>One number with its unit, in the canonical unit of its dimension (mm, g, degrees, minutes).</summary>
/// <param name="Within">What any model aircraft keeps to, in that unit.</param>
/// <param name="Or">What is drawn or reckoned with where nothing is said; null where it is none.</param>
public sealed record MeasureField(string Name, string Label, Unit Unit, Limits Within, double? Or = null)
    : PrintedField<double>(Name, Label),
        IMeasured
{
    public Measurand Measurand { get; } = SchemaPieces.Measurand(Unit);

    public override FieldKind Kind => FieldKind.Quantity;

    public override string Takes => Measurand.Name;

    internal override JsonObject Schema() => SchemaPieces.Ref("quantity");

    internal override bool TryRead(SheetNode node, out double value)
    {
        var measured = node.Measure(Measurand, Within);
        value = measured ?? 0;
        return measured is not null;
    }
}

/// <summary>
/// A quantity as it is printed: one number, a band, a limit. A descending pair may be a band or two rates, and counts
/// only when somebody has said which.
/// </summary>
public sealed record QuantityField(string Name, string Label, Unit Unit)
    : PrintedField<Quantity>(Name, Label),
        IMeasured
{
    /// <summary>A throw: a length, an angle or a share of travel.</summary>
    public bool IsThrow { get; init; }

    private static readonly Measurand Throw = new(
        "a length, an angle or a percentage",
        Unit.Millimetre,
        Unit.Degree,
        Unit.PerCent
    )
    {
        IsBand = true,
        Ways = Measurand.AnyWay,
    };

    public Measurand Measurand => IsThrow ? Throw : field ??= SchemaPieces.Measurand(Unit);

    public override FieldKind Kind => FieldKind.Quantity;

    public override string Takes => Measurand.Name;

    internal override JsonObject Schema() => SchemaPieces.Ref("quantity");

    internal override bool TryRead(SheetNode node, out Quantity value)
    {
        value = node.Quantity(Measurand)!;
        return value is not null;
    }

    private protected override Printed<Quantity> Single(SheetNode node, Quantity value)
    {
        if (Decides(value))
        {
            return new Printed<Quantity>.Stated(value);
        }

        node.Marks.Undecided[node.Path] = value.Text;
        return new Printed<Quantity>.Contradicted([new Statement(value.Text, "")], [value], null);
    }

    private protected override bool Decides(Quantity value) => value.Form != QuantityForm.Descending;
}

/// <summary>A whole number.</summary>
public sealed record WholeField(string Name, string Label, int Or, int Least, int Most) : PlainField<int>(Name, Label)
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

    private protected override int Nothing => Or;

    internal override int Read(SheetNode owner) => At(owner).Whole(Or, Least, Most, IsMissed(owner));
}

/// <summary>A plain number.</summary>
public sealed record NumberField(string Name, string Label, double Or, double Least, double Most)
    : PlainField<double>(Name, Label)
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

    private protected override double Nothing => Or;

    internal override double Read(SheetNode owner) => At(owner).Number(Or, Least, Most);
}

/// <summary>How many of each, by id.</summary>
public sealed record CountsField(string Name, string Label, int Most)
    : PlainField<ImmutableSortedDictionary<string, int>>(Name, Label)
{
    public override FieldKind Kind => FieldKind.Counts;

    public override string Takes => Refers is { } to ? $"how many of each {to.Noun}, by id" : "how many of each id";

    internal override JsonObject Schema() =>
        new()
        {
            ["type"] = "object",
            ["additionalProperties"] = new JsonObject { ["type"] = "integer", ["minimum"] = 1 },
        };

    private protected override ImmutableSortedDictionary<string, int> Nothing => Ordered.ById<int>();

    internal override IEnumerable<(string Below, string Name)> Named(object kept) =>
        ((ImmutableSortedDictionary<string, int>)kept).Keys.Select(name => ($".{name}", name));

    internal override ImmutableSortedDictionary<string, int> Read(SheetNode owner) =>
        At(owner)
            .Fields()
            .ToImmutableSortedDictionary(
                f => f.Name,
                f => f.Node.Whole(1, 1, Most, required: true),
                StringComparer.Ordinal
            );
}
