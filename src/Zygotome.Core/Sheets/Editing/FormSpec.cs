using System.Collections.Immutable;
using Zygotome.Core.Quantities;

namespace Zygotome.Core.Sheets.Editing;

/// <summary>What a field of the form takes.</summary>
public enum FieldKind
{
    Text,

    /// <summary>A quantity, in the manual's own unit and words.</summary>
    Quantity,

    /// <summary>A quantity the manual may state twice.</summary>
    Stated,

    Whole,
    Number,
    Choice,
    Flag,

    /// <summary>Several short texts with semicolons between them.</summary>
    Texts,

    /// <summary>Part ids and how many, such as <c>screw-m3x16 4; horn 2</c>.</summary>
    Counts,
}

/// <summary>A field, by its name within its object; <c>at[0]</c> is the first of a pair.</summary>
/// <param name="Unit">What a bare number is taken in.</param>
public sealed record FieldSpec(string Name, string Label, FieldKind Kind = FieldKind.Text, Unit? Unit = null)
{
    public ImmutableArray<string> Choices { get; init; } = [];
}

/// <summary>A list of rows that can be added to. <paramref name="Template"/> is the JSON of a new row.</summary>
public sealed record ListSpec(string Name, string One, string Template, ImmutableArray<FieldSpec> Fields)
{
    public ListSpec? Inner { get; init; }
}

/// <summary>A page of the paper manual.</summary>
public sealed record SectionSpec(
    string Key,
    string Title,
    ImmutableArray<FieldSpec> Fields,
    ImmutableArray<ListSpec> Lists
);

/// <summary>
/// The form of a spec sheet in the order a paper manual has its pages. The one place where fields are named for people.
/// </summary>
public static class FormSpec
{
    private static readonly Unit Mm = Unit.Millimetre;

    public static ImmutableArray<SectionSpec> Sections { get; } =
    [
        new(
            "kit",
            "From the lid",
            [
                T("kit.name", "name"),
                T("kit.maker", "maker"),
                T("kit.id", "id"),
                new("kit.revision", "revision", FieldKind.Whole),
                T("kit.class", "class"),
                T("kit.source", "manual and edition"),
                T("kit.material", "material"),
                new("kit.supplied", "supplied", FieldKind.Texts),
            ],
            []
        ),
        new(
            "geometry",
            "Three-view",
            [
                T("geometry.datum", "datum"),
                Q("geometry.nose", "nose", Mm),
                Q("geometry.batteryBay.from", "battery bay from", Mm),
                Q("geometry.batteryBay.to", "battery bay to", Mm),
                Q("geometry.batteryBay.width", "bay width", Mm),
                Q("geometry.batteryBay.height", "bay height", Mm),
            ],
            [
                new(
                    "geometry.lifting",
                    "wing, tail or foreplane",
                    """{"id":"wing-2","role":"wing","rootLeadingEdge":"0 mm","panels":"""
                        + """[{"root":"200 mm","tip":"180 mm","span":"500 mm","sweep":"0 mm"}]}""",
                    [
                        T("id", "id"),
                        C("role", "is a", "wing", "tail", "foreplane", "v-tail"),
                        Q("rootLeadingEdge", "leading edge at the root", Mm),
                        Q("height", "height", Mm),
                        Q("rootGap", "gap at the root", Mm),
                    ]
                )
                {
                    Inner = new(
                        "panels",
                        "panel, from the root outwards",
                        """{"root":"200 mm","tip":"180 mm","span":"300 mm","sweep":"0 mm"}""",
                        [
                            Q("root", "root chord", Mm),
                            Q("tip", "tip chord", Mm),
                            Q("span", "span of this panel", Mm),
                            Q("sweep", "sweep of the leading edge", Mm),
                            Q("dihedral", "dihedral", Unit.Degree),
                        ]
                    ),
                },
                new(
                    "geometry.fins",
                    "fin",
                    """{"at":["600 mm","0 mm"],"root":"150 mm","tip":"90 mm","height":"180 mm","sweep":"50 mm"}""",
                    [
                        Q("at[0]", "leading edge at the root", Mm),
                        Q("at[1]", "off the middle, right +", Mm),
                        Q("root", "root chord", Mm),
                        Q("tip", "tip chord", Mm),
                        Q("height", "height", Mm),
                        Q("sweep", "sweep", Mm),
                    ]
                ),
                new(
                    "geometry.bodies",
                    "body",
                    """{"name":"fuselage","from":"-200 mm","to":"800 mm","width":"100 mm","at":"0 mm"}""",
                    [
                        T("name", "name"),
                        Q("from", "from", Mm),
                        Q("to", "to", Mm),
                        Q("width", "width", Mm),
                        Q("at", "off the middle, right +", Mm),
                    ]
                ),
                new(
                    "geometry.wheels",
                    "wheel",
                    """{"name":"tail wheel","at":["700 mm","0 mm"]}""",
                    [T("name", "name"), Q("at[0]", "aft of the datum", Mm), Q("at[1]", "off the middle, right +", Mm)]
                ),
                new(
                    "geometry.ballastStations",
                    "ballast station",
                    """{"name":"nose","at":"-200 mm","piece":"5 g","limit":"60 g"}""",
                    [
                        T("name", "name"),
                        Q("at", "aft of the datum", Mm),
                        Q("piece", "one piece", Unit.Gram),
                        Q("limit", "at most", Unit.Gram),
                    ]
                ),
            ]
        ),
        new(
            "surfaces",
            "Control surfaces",
            [],
            [
                new(
                    "surfaces",
                    "surface",
                    """
                    {"id":"surface","function":"aileron","side":"left","on":"wing","from":"50 %","to":"95 %",
                    "chord":"40 mm"}
                    """,
                    [
                        T("id", "id"),
                        T("kind", "kind"),
                        T("function", "moved by"),
                        new("functions", "moved by several", FieldKind.Texts),
                        C("side", "side", "left", "right", "centre"),
                        T("on", "on"),
                        Q("from", "from, of the half span", Unit.PerCent),
                        Q("to", "to", Unit.PerCent),
                        Q("chord", "chord from the hinge line", Mm),
                    ]
                ),
            ]
        ),
        new(
            "throws",
            "Throws",
            [
                Q("defaults.throwTolerance", "tolerance where a row states none", Mm),
                Q("defaults.sideDifference", "left against right", Mm),
                C("defaults.throwMeasure", "measured with", "upright ruler", "straight ruler", "angle"),
                C("defaults.rateOfFirstFlight", "first flight on rate", "low", "high"),
            ],
            [
                new(
                    "throws",
                    "throw row",
                    """{"surfaces":"aileron","rate":"high","up":"12 mm","down":"12 mm"}""",
                    [
                        T("surfaces", "surfaces"),
                        T("function", "command"),
                        T("rate", "rate"),
                        T("position", "position"),
                        S("up", "up", Mm),
                        S("down", "down", Mm),
                        S("right", "right", Mm),
                        S("left", "left", Mm),
                        S("out", "out", Mm),
                        C("measure", "measured with", "", "upright ruler", "straight ruler", "angle"),
                        T("page", "page"),
                    ]
                ),
                new(
                    "neutral",
                    "row of a surface at rest",
                    """{"surfaces":"elevator","offset":"0 mm ± 0.5 mm"}""",
                    [T("surfaces", "surfaces"), Q("offset", "at rest, up +", Mm), T("page", "page")]
                ),
                new(
                    "holes",
                    "row of pushrod holes",
                    """{"surfaces":"aileron","arm":"second from the outside"}""",
                    [T("surfaces", "surfaces"), T("arm", "arm hole"), T("horn", "horn hole"), T("page", "page")]
                ),
                new(
                    "rates",
                    "rate",
                    """{"name":"high","expo":"20 %"}""",
                    [T("name", "name"), Q("scale", "of full travel", Unit.PerCent), Q("expo", "expo", Unit.PerCent)]
                ),
            ]
        ),
        new(
            "balance",
            "Balance and weight",
            [
                S("balance.allUpWeight", "all-up weight", Unit.Gram),
                S("balance.lateral", "off the middle", Mm),
                Q("balance.empty.mass", "empty, without pack", Unit.Gram),
                Q("balance.empty.at", "its centre", Mm),
                T("balance.page", "page"),
            ],
            [
                new(
                    "balance.configurations",
                    "configuration",
                    """{"name":"as flown","range":{"notStated":true}}""",
                    [
                        T("name", "name"),
                        S("range", "range, aft of the datum", Mm),
                        T("marks", "or by marks"),
                        Q("packFront", "its own place of the pack's front", Mm),
                    ]
                ),
            ]
        ),
        new(
            "power",
            "Power",
            [
                new("power.order", "brought under power in this order", FieldKind.Texts),
                new("power.duty", "share of full draw in flight", FieldKind.Number),
                T("power.regulator.kind", "regulator"),
                Q("power.regulator.volts", "its voltage", Unit.Volt),
                Q("power.regulator.continuous", "continuous", Unit.Ampere),
                Q("power.regulator.peak", "peak", Unit.Ampere),
            ],
            [
                new(
                    "power.motors",
                    "motor",
                    """
                    {"id":"main","kind":"propeller","propeller":"10x5","at":"-200 mm","draw":"30 A",
                    "controller":"main"}
                    """,
                    [
                        T("id", "id"),
                        C("kind", "kind", "propeller", "fan", "folding"),
                        T("propeller", "propeller"),
                        Q("mass", "propeller and spinner", Unit.Gram),
                        Q("at", "aft of the datum", Mm),
                        Q("y", "off the middle, right +", Mm),
                        T("turns", "turns"),
                        Q("draw", "draw", Unit.Ampere),
                        T("controller", "controller"),
                    ]
                ),
                new(
                    "power.controllers",
                    "controller",
                    """{"id":"main","rating":"40 A","cells":"3 to 4"}""",
                    [T("id", "id"), Q("rating", "rating", Unit.Ampere), Q("cells", "cells", Unit.One)]
                ),
                new(
                    "power.packs",
                    "pack",
                    """{"cells":4,"capacity":"2200 mAh to 2600 mAh"}""",
                    [
                        new("cells", "cells", FieldKind.Whole),
                        Q("capacity", "capacity", Unit.MilliampereHour),
                        T("connector", "connector"),
                        new("count", "packs together", FieldKind.Whole),
                        C("joined", "joined", "", "series", "parallel"),
                        new("order", "connected in this order", FieldKind.Texts),
                        Q("length", "length", Mm),
                        Q("mass", "mass", Unit.Gram),
                    ]
                ),
            ]
        ),
        new(
            "radio",
            "Radio and wiring",
            [
                new("radio.functions", "functions that need a channel", FieldKind.Texts),
                new("radio.bind", "binds by", FieldKind.Texts),
                T("radio.failsafe", "failsafe"),
                new("radio.stabiliser.fitted", "has a stabiliser", FieldKind.Flag),
                Q("radio.rangeCheck", "range check", Unit.Metre),
            ],
            [
                new(
                    "servos",
                    "servo",
                    """{"id":"servo","drives":["rudder"],"working":"0.2 A","stall":"0.9 A"}""",
                    [
                        T("id", "id"),
                        new("drives", "drives", FieldKind.Texts),
                        Q("working", "working", Unit.Ampere),
                        Q("stall", "stalled", Unit.Ampere),
                        Q("torque", "torque", Unit.KilogramCentimetre),
                        Q("lead", "its own lead", Mm),
                    ]
                ),
                new(
                    "wiring.leads",
                    "lead",
                    """{"id":"lead","label":"","from":"servo","separable":false}""",
                    [
                        T("id", "id"),
                        T("label", "label"),
                        T("from", "from"),
                        Q("reach", "has to go", Mm),
                        new("separable", "parts with the wing", FieldKind.Flag),
                    ]
                ),
            ]
        ),
        new(
            "parts",
            "Parts by bag",
            [],
            [
                new(
                    "parts",
                    "part",
                    """{"id":"part","name":"Part","bag":"A","quantity":1}""",
                    [
                        T("id", "id"),
                        T("name", "name"),
                        T("bag", "bag"),
                        new("quantity", "how many", FieldKind.Whole),
                        Q("fastener.diameter", "thread", Mm),
                        Q("fastener.length", "length", Mm),
                        Q("fastener.stack", "clamps", Mm),
                        Q("fastener.depth", "hole depth", Mm),
                        C("fastener.into", "into", "", "plastic", "foam anchor", "wood", "metal"),
                        Q("bore", "bore", Mm),
                        T("on", "goes on"),
                        Q("mass", "mass", Unit.Gram),
                    ]
                ),
            ]
        ),
        new(
            "steps",
            "Steps",
            [],
            [
                new(
                    "steps",
                    "step",
                    """{"id":"step","stage":"build","title":"Step","handsOn":"10 min"}""",
                    [
                        T("id", "id"),
                        C("stage", "stage", [.. StageNames.All.Select(s => s.Key())]),
                        T("title", "title"),
                        new("after", "after", FieldKind.Texts),
                        Q("handsOn", "hands-on", Unit.Minute),
                        Q("grams", "adds", Unit.Gram),
                        new("parts", "parts", FieldKind.Counts),
                        new("tools", "tools", FieldKind.Texts),
                        T("joint.a", "joins"),
                        T("joint.b", "to"),
                        T("joint.kind", "joint"),
                        new("fits", "fits", FieldKind.Texts),
                        new("hides", "hides", FieldKind.Texts),
                        new("disturbs", "disturbs", FieldKind.Texts),
                        new("readies", "readies motors", FieldKind.Texts),
                        C("power.transmitter", "transmitter", "", "on", "off"),
                        C("power.throttle", "throttle", "", "cut", "live", "full"),
                        C("power.pack", "pack", "", "connected", "in bay", "not connected"),
                        C("power.motor", "motors", "", "isolated", StepPower.CannotBeIsolated),
                        C("power.stabiliser", "stabiliser", "", "off", "awake"),
                        new("needs.power", "powered", FieldKind.Flag),
                        new("needs.unpowered", "pack not connected", FieldKind.Flag),
                        new("needs.people", "people", FieldKind.Whole),
                        new("cautions", "cautions", FieldKind.Texts),
                        T("text", "how"),
                        T("page", "page"),
                    ]
                ),
            ]
        ),
        new(
            "cautions",
            "Cautions",
            [new("cautions", "printed cautions", FieldKind.Texts)],
            [
                new(
                    "trueness",
                    "trueness limit",
                    """{"kind":"tip to tail","limit":"± 4 mm"}""",
                    [T("kind", "what"), T("limit", "limit")]
                ),
            ]
        ),
    ];

    /// <summary>
    /// The field at a path of the file, indices left out of account; null when the form has none there.
    /// </summary>
    public static FieldSpec? Find(string path)
    {
        var plain = JsonPath.WithoutIndices(path);
        return
            Sections
                .SelectMany(s =>
                    s.Fields.Select(f => ("$." + f.Name, f)).Concat(s.Lists.SelectMany(l => Fields("$." + l.Name, l)))
                )
                .FirstOrDefault(p => JsonPath.WithoutIndices(p.Item1) == plain)
                .Item2
                is { } field
            ? field.Name.EndsWith(']') && !path.EndsWith(field.Name, StringComparison.Ordinal)
                ? field with
                {
                    Name = path,
                }
                : field
            : null;
    }

    /// <summary>The list at a path, such as <c>$.throws</c> or <c>$.geometry.lifting[0].panels</c>.</summary>
    public static ListSpec? List(string path)
    {
        var plain = JsonPath.WithoutIndices(path);
        return Sections
            .SelectMany(s => s.Lists)
            .SelectMany(l =>
                l.Inner is { } inner
                    ? [(Path: "$." + l.Name, List: l), ($"$.{l.Name}.{inner.Name}", inner)]
                    : new[] { (Path: "$." + l.Name, List: l) }
            )
            .FirstOrDefault(p => p.Path == plain)
            .List;
    }

    private static IEnumerable<(string, FieldSpec)> Fields(string at, ListSpec list) =>
        list
            .Fields.Select(f => ($"{at}.{f.Name}", f))
            .Concat(list.Inner is { } inner ? Fields($"{at}.{inner.Name}", inner) : []);

    private static FieldSpec T(string name, string label) => new(name, label);

    private static FieldSpec Q(string name, string label, Unit unit) => new(name, label, FieldKind.Quantity, unit);

    private static FieldSpec S(string name, string label, Unit unit) => new(name, label, FieldKind.Stated, unit);

    private static FieldSpec C(string name, string label, params ImmutableArray<string> choices) =>
        new(name, label, FieldKind.Choice) { Choices = choices };
}
