using Zygotome.Core.Quantities;

namespace Zygotome.Core.Sheets.Table;

/// <summary>The airframe's outline, from the datum: x aft, y to the right wing, z up.</summary>
public static class GeometryFields
{
    public static readonly TextField Datum = new("geometry.datum", "datum")
    {
        Required = true,
        Means = "What every length is measured from.",
    };

    public static readonly MeasureField Nose = Station("geometry.nose", "nose");

    /// <summary>Where the pack may lie; there is none where it is left out.</summary>
    public const string BatteryBay = "geometry.batteryBay";

    public static readonly MeasureField BayFrom = Station("geometry.batteryBay.from", "battery bay from");
    public static readonly MeasureField BayTo = Station("geometry.batteryBay.to", "battery bay to");
    public static readonly MeasureField BayWidth = Extent("geometry.batteryBay.width", "bay width", 0, 0);
    public static readonly MeasureField BayHeight = Extent("geometry.batteryBay.height", "bay height", 0, 0);

    /// <summary>A wing, tail, foreplane or V-tail: half of it.</summary>
    public static class Lifting
    {
        public static readonly TextField Id = new("id", "id") { Required = true, IsName = true };
        public static readonly ChoiceField Role = new("role", "is a", "wing", "wing", "tail", "foreplane", "v-tail");
        public static readonly MeasureField RootLeadingEdge = Station("rootLeadingEdge", "leading edge at the root");
        public static readonly MeasureField Height = Station("height", "height", 0);
        public static readonly MeasureField RootGap = Station("rootGap", "gap at the root", 0);

        public static readonly SheetList<LiftingSurface> List = new(
            name: "geometry.lifting",
            one: "lifting surface",
            fresh: """{"id":"wing-2","role":"wing","rootLeadingEdge":"0 mm","panels":"""
                + """[{"root":"200 mm","tip":"180 mm","span":"500 mm","sweep":"0 mm"}]}""",
            make: v => new LiftingSurface(v),
            fields: [Id, Role, RootLeadingEdge, Height, RootGap],
            inner: Panel.List
        )
        {
            Means = "Wings, tails and foreplanes, half of each.",
            Required = true,
        };
    }

    /// <summary>From one rib to the next.</summary>
    public static class Panel
    {
        public static readonly MeasureField Root = Extent("root", "root chord", 1);
        public static readonly MeasureField Tip = Extent("tip", "tip chord", 0);
        public static readonly MeasureField Span = Extent("span", "span of this panel", 1);
        public static readonly MeasureField Sweep = Station("sweep", "sweep of the leading edge", 0);
        public static readonly MeasureField Dihedral = new("dihedral", "dihedral", Unit.Degree, new(-60, 60), 0);

        public static readonly SheetList<Sheets.Panel> List = new(
            "panels",
            "panel",
            """{"root":"200 mm","tip":"180 mm","span":"300 mm","sweep":"0 mm"}""",
            v => new Sheets.Panel(v),
            [Root, Tip, Span, Sweep, Dihedral]
        )
        {
            Means = "From the root outwards.",
            Required = true,
        };
    }

    /// <summary>A fin and where it stands.</summary>
    public static class Fin
    {
        public static readonly MeasureField X = Station("at[0]", "leading edge at the root");
        public static readonly MeasureField Y = Station("at[1]", "off the middle, right +", 0);
        public static readonly MeasureField Root = Extent("root", "root chord", 1);
        public static readonly MeasureField Tip = Extent("tip", "tip chord", 0);
        public static readonly MeasureField Height = Extent("height", "height", 1);
        public static readonly MeasureField Sweep = Station("sweep", "sweep", 0);

        public static readonly SheetList<Sheets.Fin> List = new(
            "geometry.fins",
            "fin",
            """{"at":["600 mm","0 mm"],"root":"150 mm","tip":"90 mm","height":"180 mm","sweep":"50 mm"}""",
            v => new Sheets.Fin(v),
            [X, Y, Root, Tip, Height, Sweep]
        );
    }

    /// <summary>A fuselage, nacelle or float.</summary>
    public static class Body
    {
        public static readonly TextField Name = new("name", "name", "fuselage");
        public static readonly MeasureField From = Station("from", "from");
        public static readonly MeasureField To = Station("to", "to");
        public static readonly MeasureField Width = Extent("width", "width", 1);
        public static readonly MeasureField At = Station("at", "off the middle, right +", 0);

        public static readonly SheetList<Sheets.Body> List = new(
            "geometry.bodies",
            "body",
            """{"name":"fuselage","from":"-200 mm","to":"800 mm","width":"100 mm","at":"0 mm"}""",
            v => new Sheets.Body(v),
            [Name, From, To, Width, At]
        );
    }

    /// <summary>Where a wheel stands.</summary>
    public static class Wheel
    {
        public static readonly TextField Name = new("name", "name", "wheel");
        public static readonly MeasureField X = Station("at[0]", "aft of the datum");
        public static readonly MeasureField Y = Station("at[1]", "off the middle, right +", 0);

        public static readonly SheetList<Sheets.Wheel> List = new(
            "geometry.wheels",
            "wheel",
            """{"name":"tail wheel","at":["700 mm","0 mm"]}""",
            v => new Sheets.Wheel(v),
            [Name, X, Y]
        );
    }

    /// <summary>A place for ballast, and the piece that goes there.</summary>
    public static class BallastStation
    {
        public static readonly TextField Name = new("name", "name") { Required = true, IsName = true };
        public static readonly MeasureField At = Station("at", "aft of the datum");
        public static readonly MeasureField Piece = new("piece", "one piece", Unit.Gram, new(0.1, 1000), 5);

        public static readonly MeasureField Limit = new("limit", "at most", Unit.Gram, new(0, 5000), 100);

        public static readonly SheetList<Sheets.BallastStation> List = new(
            "geometry.ballastStations",
            "ballast station",
            """{"name":"nose","at":"-200 mm","piece":"5 g","limit":"60 g"}""",
            v => new Sheets.BallastStation(v),
            [Name, At, Piece, Limit]
        );
    }

    public static readonly SheetPage<Geometry> Page = new(
        key: "geometry",
        title: "Three-view",
        make: v => new Geometry(v),
        fields: [Datum, Nose, BayFrom, BayTo, BayWidth, BayHeight],
        lists: [Lifting.List, Fin.List, Body.List, Wheel.List, BallastStation.List],
        section: "geometry"
    );

    private const double Far = 10_000;

    private static MeasureField Station(string name, string label, double? or = null) =>
        new(name, label, Unit.Millimetre, new(-Far, Far), or) { Required = or is null };

    private static MeasureField Extent(string name, string label, double least, double? or = null) =>
        new(name, label, Unit.Millimetre, new(least, Far), or) { Required = or is null };
}
