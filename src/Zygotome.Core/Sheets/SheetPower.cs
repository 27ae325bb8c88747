using Zygotome.Core.Quantities;

namespace Zygotome.Core.Sheets;

/// <summary>Reads what is electric: motors, controllers, packs, servos and leads.</summary>
internal static class SheetPower
{
    public static PowerSpec Read(SheetNode n) =>
        new(
            n["motors"]
                .Each(m => new MotorSpec(
                    Id: m["id"].Text(required: true),
                    Kind: m["kind"].OneOf("propeller", "propeller", "fan", "folding"),
                    Propeller: m["propeller"].Text(),
                    Mass: m["mass"].Exists ? m["mass"].Measure(Dimension.Mass, 0, 5000) : null,
                    At: m["at"].Measure(Dimension.Length, -5000, 5000),
                    Y: m["y"].Measure(Dimension.Length, -5000, 5000, 0),
                    Draw: m["draw"].Quantity(Dimension.Current)
                )
                {
                    Turns = m["turns"].Text(),
                    Controller = m["controller"].Text(),
                }),
            n["packs"]
                .Each(p => new PackSpec(
                    p["cells"].Whole(1, 1, 14, required: true),
                    p["capacity"].Quantity(Dimension.Charge)
                )
                {
                    Connector = p["connector"].Text(),
                    Count = p["count"].Whole(1, 1, 8),
                    Joined = p["joined"].OneOf("", "", "series", "parallel"),
                    Order = p["order"].Texts(),
                    Mass = Optional(p["mass"], Dimension.Mass, 1, 10_000),
                    Length = Optional(p["length"], Dimension.Length, 5, 500),
                }),
            n["duty"].Number(0.6, 0.05, 1)
        )
        {
            Order = n["order"].Texts(),
            Controllers = n["controllers"]
                .Each(c => new ControllerSpec(
                    c["id"].Text(required: true),
                    c["rating"].Quantity(Dimension.Current),
                    c["cells"].Quantity(Dimension.None)
                )),
            Regulator = n["regulator"].Exists
                ? new RegulatorSpec(
                    n["regulator"]["kind"].Text(),
                    n["regulator"]["volts"].Quantity(Dimension.Voltage),
                    n["regulator"]["continuous"].Quantity(Dimension.Current),
                    n["regulator"]["peak"].Quantity(Dimension.Current)
                )
                : null,
        };

    public static ServoSpec Servo(SheetNode n) =>
        new(
            Id: n["id"].Text(required: true),
            Drives: n["drives"].Texts(),
            Working: n["working"].Quantity(Dimension.Current),
            Stall: n["stall"].Quantity(Dimension.Current),
            Torque: n["torque"].Quantity(Dimension.Torque),
            Lead: Optional(n["lead"], Dimension.Length, 10, 5000)
        );

    public static LeadSpec Lead(SheetNode n) =>
        new(
            n["id"].Text(required: true),
            n["label"].Text(),
            n["from"].Text(),
            Optional(n["reach"], Dimension.Length, 1, 10_000),
            n["separable"].Flag()
        );

    private static double? Optional(SheetNode n, Dimension dimension, double least, double most) =>
        n.Exists ? n.Measure(dimension, least, most) : null;
}
