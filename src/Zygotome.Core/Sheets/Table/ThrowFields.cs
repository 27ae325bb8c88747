using System.Collections.Immutable;
using Zygotome.Core.Quantities;

namespace Zygotome.Core.Sheets.Table;

/// <summary>The throw table, and what holds where a row does not say.</summary>
public static class ThrowFields
{
    public static readonly QuantityField Tolerance = new(
        "defaults.throwTolerance",
        "tolerance where a row states none",
        Unit.Millimetre
    );

    public static readonly QuantityField SideDifference = new(
        "defaults.sideDifference",
        "left against right",
        Unit.Millimetre
    );

    public static readonly MeaningField<ThrowMeasure> DefaultMeasure = new(
        "defaults.throwMeasure",
        "measured with",
        ThrowWords.Upright,
        (ThrowWords.Upright, ThrowMeasure.UprightRuler),
        (ThrowWords.Straight, ThrowMeasure.StraightRuler),
        (ThrowWords.Angle, ThrowMeasure.Angle)
    );

    public static readonly TextField FirstFlightRate = new("defaults.rateOfFirstFlight", "first flight on rate", "low")
    {
        Unused = true,
    };

    public static readonly TextField Surfaces = new("surfaces", "surfaces")
    {
        Required = true,
        IsName = true,
        Refers = Reference.Surfaces,
        Means = "A surface, or all of a kind. A row for one surface after a row for its kind says it twice.",
    };

    public static readonly TextField Function = new("function", "command")
    {
        Means = "Whose command it is for, where two move the surface; combined for both together.",
    };

    public static readonly TextField Rate = new("rate", "rate", "high");
    public static readonly TextField Position = new("position", "position");
    public static readonly QuantityField Up = Way("up");
    public static readonly QuantityField Down = Way("down");
    public static readonly QuantityField Right = Way("right");
    public static readonly QuantityField Left = Way("left");
    public static readonly QuantityField Out = Way("out");

    public static readonly MeaningField<ThrowMeasure?> Measure = new(
        "measure",
        "measured with",
        "",
        ("", null),
        (ThrowWords.Upright, ThrowMeasure.UprightRuler),
        (ThrowWords.Straight, ThrowMeasure.StraightRuler),
        (ThrowWords.Angle, ThrowMeasure.Angle)
    );

    public static readonly TextField Page = new("page", "page") { IsPage = true };

    /// <summary>The ways in the order of <see cref="Quantities.Way"/>.</summary>
    public static ImmutableArray<(Way Way, QuantityField Field)> Ways { get; } =
    [
        (Quantities.Way.Up, Up),
        (Quantities.Way.Down, Down),
        (Quantities.Way.Right, Right),
        (Quantities.Way.Left, Left),
        (Quantities.Way.Out, Out),
    ];

    public static readonly SheetList<ThrowRow> List = new(
        name: "throws",
        one: "throw row",
        fresh: """{"surfaces":"aileron","rate":"high","up":"12 mm","down":"12 mm"}""",
        make: v => new ThrowRow(v),
        fields: [Surfaces, Function, Rate, Position, Up, Down, Right, Left, Out, Measure, Page],
        optional: true
    )
    {
        OneOf = [Up, Down, Right, Left, Out],
    };

    /// <summary>Where a surface stands with the stick at rest.</summary>
    public static class Neutral
    {
        public static readonly TextField Surfaces = new("surfaces", "surfaces")
        {
            Required = true,
            IsName = true,
            Refers = Reference.Surfaces,
        };

        public static readonly QuantityField Offset = new("offset", "at rest, up +", Unit.Millimetre)
        {
            HasOwnLine = true,
            Required = true,
        };

        public static readonly TextField Page = new("page", "page") { IsPage = true };

        public static readonly SheetList<NeutralRow> List = new(
            name: "neutral",
            one: "row of a surface at rest",
            fresh: """{"surfaces":"elevator","offset":"0 mm ± 0.5 mm"}""",
            make: v => new NeutralRow(v),
            fields: [Surfaces, Offset, Page],
            optional: true
        );
    }

    /// <summary>Pushrod holes by their place, such as "second from the outside".</summary>
    public static class Hole
    {
        public static readonly TextField Surfaces = new("surfaces", "surfaces")
        {
            Required = true,
            IsName = true,
            Refers = Reference.Surfaces,
        };
        public static readonly TextField Arm = new("arm", "arm hole");
        public static readonly TextField Horn = new("horn", "horn hole");
        public static readonly TextField Page = new("page", "page") { IsPage = true };

        public static readonly SheetList<HoleRow> List = new(
            "holes",
            "row of pushrod holes",
            """{"surfaces":"aileron","arm":"second from the outside"}""",
            v => new HoleRow(v),
            [Surfaces, Arm, Horn, Page]
        );
    }

    /// <summary>A rate: its share of full travel and its expo.</summary>
    public static class RateRow
    {
        public static readonly TextField Name = new("name", "name") { Required = true, IsName = true };

        public static readonly QuantityField Scale = new("scale", "of full travel", Unit.PerCent);

        public static readonly QuantityField Expo = new("expo", "expo", Unit.PerCent);

        public static readonly SheetList<RateSpec> List = new(
            "rates",
            "rate",
            """{"name":"high","expo":"20 %"}""",
            v => new RateSpec(v),
            [Name, Scale, Expo]
        );
    }

    public static readonly SheetPage<SheetDefaults> TablePage = new(
        "throws",
        "Throws",
        v => new SheetDefaults(v),
        [Tolerance, SideDifference, DefaultMeasure, FirstFlightRate],
        [List, Neutral.List, Hole.List, RateRow.List]
    );

    private static QuantityField Way(string name) =>
        new(name, name, Unit.Millimetre) { IsThrow = true, HasOwnLine = true };
}

/// <summary>How a throw is measured, as sheets say it.</summary>
internal static class ThrowWords
{
    public const string Upright = "upright ruler",
        Straight = "straight ruler",
        Angle = "angle";
}
