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
            return new Geometry("", 0, [], [], [], [], null, []);
        }

        return new Geometry(
            n["datum"].Text(required: true),
            Station(n["nose"]),
            n["lifting"].Each(Lifting, required: true),
            n["fins"]
                .Each(f => new Fin(
                    At(f["at"], 0),
                    At(f["at"], 1),
                    f["root"].Measure(Dimension.Length, 1, Far),
                    f["tip"].Measure(Dimension.Length, 0, Far),
                    f["height"].Measure(Dimension.Length, 1, Far),
                    Station(f["sweep"], 0)
                )),
            n["bodies"]
                .Each(b => new Body(
                    b["name"].Text("fuselage"),
                    Station(b["from"]),
                    Station(b["to"]),
                    b["width"].Measure(Dimension.Length, 1, Far),
                    Station(b["at"], 0)
                )),
            n["wheels"].Each(w => new Wheel(w["name"].Text("wheel"), At(w["at"], 0), At(w["at"], 1))),
            Bay(n["batteryBay"]),
            n["ballastStations"]
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
            n["id"].Text(required: true),
            n["role"].OneOf("wing", "wing", "tail", "foreplane", "v-tail"),
            Station(n["rootLeadingEdge"]),
            Station(n["height"], 0),
            Station(n["rootGap"], 0),
            n["panels"]
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
