using Zygotome.Core.Sheets.Table;

namespace Zygotome.Core.Sheets;

/// <summary>Reads the geometry part of a sheet.</summary>
internal static class SheetGeometry
{
    public static Geometry Read(SheetNode root)
    {
        if (!root["geometry"].IsObject())
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
            Datum: GeometryFields.Datum.Read(root),
            Nose: GeometryFields.Nose.Read(root),
            Lifting: GeometryFields.Lifting.List.Read(root, Lifting),
            Fins: GeometryFields.Fin.List.Read(root, Fin),
            Bodies: GeometryFields.Body.List.Read(root, Body),
            Wheels: GeometryFields.Wheel.List.Read(root, Wheel),
            Bay: root.At(GeometryFields.BatteryBay).Exists ? Bay(root) : null,
            BallastStations: GeometryFields.BallastStation.List.Read(root, Station)
        );
    }

    private static LiftingSurface Lifting(SheetNode n) =>
        new(
            Id: GeometryFields.Lifting.Id.Read(n),
            Role: GeometryFields.Lifting.Role.Read(n),
            RootLeadingEdge: GeometryFields.Lifting.RootLeadingEdge.Read(n),
            Height: GeometryFields.Lifting.Height.Read(n),
            RootGap: GeometryFields.Lifting.RootGap.Read(n),
            Panels: GeometryFields.Panel.List.Read(n, Panel)
        );

    private static Panel Panel(SheetNode n) =>
        new(
            GeometryFields.Panel.Root.Read(n),
            GeometryFields.Panel.Tip.Read(n),
            GeometryFields.Panel.Span.Read(n),
            GeometryFields.Panel.Sweep.Read(n),
            GeometryFields.Panel.Dihedral.Read(n)
        );

    private static Fin Fin(SheetNode n) =>
        new(
            X: GeometryFields.Fin.X.Read(n),
            Y: GeometryFields.Fin.Y.Read(n),
            Root: GeometryFields.Fin.Root.Read(n),
            Tip: GeometryFields.Fin.Tip.Read(n),
            Height: GeometryFields.Fin.Height.Read(n),
            Sweep: GeometryFields.Fin.Sweep.Read(n)
        );

    private static Body Body(SheetNode n) =>
        new(
            GeometryFields.Body.Name.Read(n),
            GeometryFields.Body.From.Read(n),
            GeometryFields.Body.To.Read(n),
            GeometryFields.Body.Width.Read(n),
            GeometryFields.Body.At.Read(n)
        );

    private static Wheel Wheel(SheetNode n) =>
        new(GeometryFields.Wheel.Name.Read(n), GeometryFields.Wheel.X.Read(n), GeometryFields.Wheel.Y.Read(n));

    private static BallastStation Station(SheetNode n) =>
        new(
            GeometryFields.BallastStation.Name.Read(n),
            GeometryFields.BallastStation.At.Read(n),
            GeometryFields.BallastStation.Piece.Read(n),
            GeometryFields.BallastStation.Limit.Read(n)
        );

    private static BatteryBay Bay(SheetNode root)
    {
        var bay = new BatteryBay(
            GeometryFields.BayFrom.Read(root),
            GeometryFields.BayTo.Read(root),
            GeometryFields.BayWidth.Read(root),
            GeometryFields.BayHeight.Read(root)
        );
        if (bay.To <= bay.From)
        {
            GeometryFields.BayTo.At(root).Wrong("The bay must end aft of where it begins.");
        }

        return bay;
    }
}
