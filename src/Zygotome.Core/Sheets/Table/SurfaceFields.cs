using Zygotome.Core.Quantities;

namespace Zygotome.Core.Sheets.Table;

/// <summary>A control surface: what moves it, and where it is.</summary>
public static class SurfaceFields
{
    public static readonly TextField Id = new("id", "id") { Required = true, IsName = true };

    public static readonly TextField Kind = new("kind", "kind")
    {
        Means = "What several like it are called together; the function where it is left out.",
    };

    public static readonly TextField Name = new("name", "name")
    {
        Means = "As people say it; made of its id where it is left out.",
    };

    public static readonly TextField Function = new("function", "moved by")
    {
        Means = "aileron, elevator, rudder, flap or airbrake; left out where several commands move it.",
    };

    public static readonly TextsField Functions = new("functions", "moved by several");

    public static readonly ChoiceField Side = new("side", "side", "centre", "left", "right", "centre");

    public static readonly TextField On = new("on", "on")
    {
        Required = true,
        Means = "The lifting surface it is on, or fin.",
        Refers = Reference.Lifting,
    };

    public static readonly TextField Pair = new("pair", "compared with")
    {
        Means =
            "The surface on the other side that is compared with it, said at either; else the one at the same shares "
            + "of the span on the same part.",
        Refers = Reference.Surface,
    };

    public static readonly QuantityField From = new("from", "from, of the half span", Unit.PerCent) { Required = true };
    public static readonly QuantityField To = new("to", "to", Unit.PerCent) { Required = true };

    public static readonly MeasureField Chord = new("chord", "chord from the hinge line", Unit.Millimetre, new(3, 600))
    {
        Required = true,
        Means = "Hinge line to trailing edge at the measuring station.",
    };

    public static readonly MeaningField<SurfaceEdge> At = new(
        "at",
        "measured at",
        "trailing edge",
        ("trailing edge", SurfaceEdge.Trailing),
        ("leading edge", SurfaceEdge.Leading)
    )
    {
        Means =
            "Of a tail that moves as a whole: at which edge its throw is measured. Its chord is then from the pivot to "
            + "that edge, and its ways are still those of the trailing edge.",
    };

    public static readonly SheetList<Surface> List = new(
        name: "surfaces",
        one: "surface",
        fresh: """
        {"id":"surface","function":"aileron","side":"left","on":"wing","from":"50 %","to":"95 %",
        "chord":"40 mm"}
        """,
        make: v => new Surface(v),
        fields: [Id, Kind, Name, Function, Functions, Side, On, Pair, From, To, Chord, At],
        optional: true
    );

    public static readonly SheetPage<PlainPage> Page = new(
        "surfaces",
        "Control surfaces",
        v => new PlainPage(v),
        [],
        [List]
    );
}
