using Zygotome.Core.Quantities;

namespace Zygotome.Core.Sheets.Table;

/// <summary>A line of the parts list.</summary>
public static class PartFields
{
    public static readonly TextField Id = new("id", "id") { Required = true, IsName = true };
    public static readonly TextField Name = new("name", "name") { Required = true, IsName = true };
    public static readonly TextField Bag = new("bag", "bag", "A");
    public static readonly WholeField Quantity = new("quantity", "how many", 1, 1, 10_000) { Required = true };

    /// <summary>Thread and length, where the part is a fastener; left out where it is none.</summary>
    public const string Fastener = "fastener";

    public static readonly MeasureField Diameter = Extent("fastener.diameter", "thread", 0.1, 100);
    public static readonly MeasureField Length = Extent("fastener.length", "length", 0.5, 1000);

    public static readonly MeasureField Stack = IfSaid("fastener.stack", "clamps", 0, 500) with
    {
        Means = "What it clamps; a substitute is judged by it.",
    };

    public static readonly MeasureField Depth = IfSaid("fastener.depth", "hole depth", 0, 500) with
    {
        Means = "Of the hole it goes into.",
    };

    public static readonly ChoiceField Into = new(
        "fastener.into",
        "into",
        "plastic",
        "plastic",
        "foam anchor",
        "wood",
        "metal"
    );

    public static readonly ChoiceField Lock = new("fastener.lock", "lock", "", "none", "thread-lock")
    {
        Means = "Thread-lock goes on metal alone; into plastic none is asked for, whatever the page says.",
    };

    public static readonly FlagField Flat = new("fastener.flat", "stands on a flat")
    {
        Means = "A set screw that must find the flat of its shaft.",
    };

    public static readonly FlagField Hidden = new("fastener.hidden", "out of sight")
    {
        Means = "Nobody sees it catch: it is asked for.",
    };

    public static readonly MeasureField Bore = IfSaid("bore", "bore", 0.1, 200) with
    {
        Means = "Of a collar, bearing or wheel.",
    };

    public static readonly TextField On = new("on", "goes on")
    {
        Means = "The part it must go on.",
        Refers = Reference.Part,
    };

    public static readonly MeasureField Mass = new("mass", "mass", Unit.Gram, new(0, 10_000)) { Unused = true };

    public static readonly FlagField Supplied = new("supplied", "in the box")
    {
        Means =
            "Said false of what the kit needs and its box does not hold: it is on the to-buy list, and not counted.",
    };

    public static readonly FlagField Fitted = new("fitted", "fitted in the factory")
    {
        Means = "Said of what is on the airframe already: it is not counted in a bag.",
    };

    public static readonly SheetList<PartSpec> List = new(
        name: "parts",
        one: "part",
        fresh: """{"id":"part","name":"Part","bag":"A","quantity":1}""",
        make: v => new PartSpec(v),
        fields:
        [
            Id,
            Name,
            Bag,
            Quantity,
            Diameter,
            Length,
            Stack,
            Depth,
            Into,
            Lock,
            Flat,
            Hidden,
            Bore,
            On,
            Mass,
            Supplied,
            Fitted,
        ],
        optional: true
    )
    {
        Most = SpecSheet.MostParts,
    };

    public static readonly SheetPage<PlainPage> Page = new("parts", "Parts by bag", v => new PlainPage(v), [], [List]);

    private static MeasureField Extent(string name, string label, double least, double most) =>
        new(name, label, Unit.Millimetre, new(least, most)) { Required = true };

    private static MeasureField IfSaid(string name, string label, double least, double most) =>
        new(name, label, Unit.Millimetre, new(least, most));
}
