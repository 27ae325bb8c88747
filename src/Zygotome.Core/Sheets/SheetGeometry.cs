using Zygotome.Core.Quantities;

namespace Zygotome.Core.Sheets;

/// <summary>Reads the geometry part of a sheet.</summary>
internal static class SheetGeometry
{
    private const double Far = 10_000;

    public static Geometry Read(SheetNode n)
    {
        if (!n.IsObject())
        {
            return new Geometry(
                Datum: "",
                Nose: 0,
                Lifting: [],
                Fins: [],
                Bodies: [],
                Wheels: [],
                Bay: null,
                BallastStations: []
            );
        }

        return new Geometry(
            Datum: n["datum"].Text(required: true),
            Nose: Station(n["nose"]),
            Lifting: n["lifting"].Each(Lifting, required: true),
            Fins: n["fins"]
                .Each(f => new Fin(
                    X: At(f["at"], 0),
                    Y: At(f["at"], 1),
                    Root: f["root"].Measure(Dimension.Length, 1, Far),
                    Tip: f["tip"].Measure(Dimension.Length, 0, Far),
                    Height: f["height"].Measure(Dimension.Length, 1, Far),
                    Sweep: Station(f["sweep"], 0)
                )),
            Bodies: n["bodies"]
                .Each(b => new Body(
                    b["name"].Text("fuselage"),
                    Station(b["from"]),
                    Station(b["to"]),
                    b["width"].Measure(Dimension.Length, 1, Far),
                    Station(b["at"], 0)
                )),
            Wheels: n["wheels"].Each(w => new Wheel(w["name"].Text("wheel"), At(w["at"], 0), At(w["at"], 1))),
            Bay: Bay(n["batteryBay"]),
            BallastStations: n["ballastStations"]
                .Each(s => new BallastStation(
                    s["name"].Text(required: true),
                    Station(s["at"]),
                    s["piece"].Measure(Dimension.Mass, 0.1, 1000, 5),
                    s["limit"].Measure(Dimension.Mass, 0, 5000, 100)
                ))
        );
    }

    private static LiftingSurface Lifting(SheetNode n) =>
        new(
            Id: n["id"].Text(required: true),
            Role: n["role"].OneOf("wing", "wing", "tail", "foreplane", "v-tail"),
            RootLeadingEdge: Station(n["rootLeadingEdge"]),
            Height: Station(n["height"], 0),
            RootGap: Station(n["rootGap"], 0),
            Panels: n["panels"]
                .Each(
                    p => new Panel(
                        p["root"].Measure(Dimension.Length, 1, Far),
                        p["tip"].Measure(Dimension.Length, 0, Far),
                        p["span"].Measure(Dimension.Length, 1, Far),
                        Station(p["sweep"], 0),
                        p["dihedral"].Measure(Dimension.Angle, -60, 60, 0)
                    ),
                    required: true
                )
        );

    private static BatteryBay? Bay(SheetNode n)
    {
        if (!n.Exists)
        {
            return null;
        }

        var bay = new BatteryBay(
            Station(n["from"]),
            Station(n["to"]),
            n["width"].Measure(Dimension.Length, 0, Far, 0),
            n["height"].Measure(Dimension.Length, 0, Far, 0)
        );
        if (bay.To <= bay.From)
        {
            n["to"].Wrong("The bay must end aft of where it begins.");
        }

        return bay;
    }

    private static double Station(SheetNode n, double? or = null) => n.Measure(Dimension.Length, -Far, Far, or);

    private static double At(SheetNode n, int index)
    {
        var both = n.Each(c => Station(c), required: true);
        return index < both.Length ? both[index] : 0;
    }
}
