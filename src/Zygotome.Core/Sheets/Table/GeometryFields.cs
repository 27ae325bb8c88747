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
        public static readonly QuantityField Incidence = new("incidence", "incidence", Unit.Degree);

        public static readonly QuantityField Pivot = new("allMoving.hinge", "moves as a whole, pivot at", Unit.PerCent)
        {
            Means = "Of its chord from the leading edge, where all of it turns and there is no hinge line.",
        };

        public static readonly FlagField Inverted = new("inverted", "hangs down")
        {
            Means = "A V-tail of which both halves hang below: its rudder signs are the other way round.",
        };

        public static readonly SheetList<LiftingSurface> List = new(
            name: "geometry.lifting",
            one: "lifting surface",
            fresh: """{"id":"wing-2","role":"wing","rootLeadingEdge":"0 mm","panels":"""
                + """[{"root":"200 mm","tip":"180 mm","span":"500 mm","sweep":"0 mm"}]}""",
            make: v => new LiftingSurface(v),
            fields: [Id, Role, RootLeadingEdge, Height, RootGap, Incidence, Pivot, Inverted],
            inners: [Panel.List]
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
        public static readonly TextField Id = new("id", "id")
        {
            IsId = true,
            Means = "Begins with fin. Left out it is fin, or fin-1, fin-2 of several.",
        };

        public static readonly MeasureField X = Station("at[0]", "leading edge at the root");
        public static readonly MeasureField Y = Station("at[1]", "off the middle, right +", 0);
        public static readonly MeasureField Root = Extent("root", "root chord", 1);
        public static readonly MeasureField Tip = Extent("tip", "tip chord", 0);
        public static readonly MeasureField Height = Extent("height", "height", 1);
        public static readonly MeasureField Sweep = Station("sweep", "sweep", 0);

        public static readonly MeasureField Foot = Station("foot", "its foot, above the datum", 0) with
        {
            Means = "Left out it stands on what lies under it.",
        };

        public static readonly FlagField Below = new("below", "hangs down");

        public static readonly QuantityField Toe = new("toe", "toe, in +", Unit.Millimetre)
        {
            Means = "How much nearer the middle its leading edge is than its trailing edge.",
        };

        public static readonly QuantityField Cant = new("cant", "cant, top out +", Unit.Degree);

        public static readonly SheetList<Sheets.Fin> List = new(
            "geometry.fins",
            "fin",
            """{"at":["600 mm","0 mm"],"root":"150 mm","tip":"90 mm","height":"180 mm","sweep":"50 mm"}""",
            v => new Sheets.Fin(v),
            [Id, X, Y, Root, Tip, Height, Sweep, Foot, Below, Toe, Cant]
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

        public static readonly MeasureField Height = Extent("height", "height", 1, 0) with
        {
            Means = "Left out it is as high as wide.",
        };

        public static readonly MeasureField Axis = Station("axis", "its middle, above the datum", 0);

        public static readonly SheetList<Sheets.Body> List = new(
            name: "geometry.bodies",
            one: "body",
            fresh: """{"name":"fuselage","from":"-200 mm","to":"800 mm","width":"100 mm","at":"0 mm"}""",
            make: v => new Sheets.Body(v),
            fields: [Name, From, To, Width, At, Height, Axis],
            inners: [Section.List]
        );
    }

    /// <summary>How wide and high a body is at a station, where it is not a plain spindle.</summary>
    public static class Section
    {
        public static readonly MeasureField At = Station("at", "aft of the datum");
        public static readonly MeasureField Width = Extent("width", "width", 0);
        public static readonly MeasureField Top = Station("top", "top, above the datum");
        public static readonly MeasureField Bottom = Station("bottom", "bottom, above the datum");

        public static readonly SheetList<Sheets.Section> List = new(
            "sections",
            "section",
            """{"at":"0 mm","width":"100 mm","top":"60 mm","bottom":"-50 mm"}""",
            v => new Sheets.Section(v),
            [At, Width, Top, Bottom]
        )
        {
            Means = "From nose to tail, where its outline is not plain.",
        };
    }

    /// <summary>Where a wheel stands.</summary>
    public static class Wheel
    {
        public static readonly TextField Id = new("id", "id") { IsId = true, Means = "By which outputs name it." };

        public static readonly TextField Name = new("name", "name", "wheel");
        public static readonly MeasureField X = Station("at[0]", "aft of the datum");
        public static readonly MeasureField Y = Station("at[1]", "off the middle, right +", 0);
        public static readonly MeasureField Diameter = Extent("diameter", "diameter", 1, 0);

        public static readonly MeasureField Axle = Station("axle", "its axle, above the datum", 0) with
        {
            Means = "Left out it is a hand's breadth under the body.",
        };

        public static readonly FlagField Steered = new("steered", "steered") { Means = "An output says by what." };

        public static readonly FlagField Retracts = new("retracts", "goes in");

        public static readonly SheetList<Sheets.Wheel> List = new(
            name: "geometry.wheels",
            one: "wheel",
            fresh: """{"name":"tail wheel","at":["700 mm","0 mm"]}""",
            make: v => new Sheets.Wheel(v),
            fields: [Id, Name, X, Y, Diameter, Axle, Steered, Retracts],
            optional: true
        );
    }

    /// <summary>What lies in or on the airframe: where not to cut, what opens, where a lead runs.</summary>
    public static class Place
    {
        public static readonly TextField Id = new("id", "id") { Required = true, IsId = true };
        public static readonly TextField Name = new("name", "name");

        public static readonly MeaningField<PlacedKind> Kind = new(
            "kind",
            "is",
            PlacedWords.Of(PlacedKind.Hatch),
            [.. PlacedWords.All]
        );

        public static readonly TextField Of = new("of", "of")
        {
            Means = "The servo, board, controller, surface or lead it is the place of.",
        };

        public static readonly MeasureField X = Station("at[0]", "from, aft of the datum");
        public static readonly MeasureField Y = Station("at[1]", "from, off the middle, right +", 0);
        public static readonly MeasureField ToX = Station("to[0]", "to, aft of the datum", 0);
        public static readonly MeasureField ToY = Station("to[1]", "to, off the middle", 0);
        public static readonly MeasureField Width = Extent("width", "width", 0, 0);

        public static readonly MeasureField Height = Station("height", "above the datum", 0);

        public static readonly QuantityField Depth = new("depth", "below the skin", Unit.Millimetre)
        {
            Means = "How deep it lies: what a knife or screw must keep off.",
        };

        public static readonly FlagField Mirror = new("mirror", "on both sides");

        public static readonly SheetList<PlacedThing> List = new(
            name: "geometry.places",
            one: "place",
            fresh: """{"id":"hatch","kind":"hatch","at":["-100 mm","0 mm"],"to":["20 mm","0 mm"],"width":"70 mm"}""",
            make: v => new PlacedThing(v),
            fields: [Id, Name, Kind, Of, X, Y, ToX, ToY, Width, Height, Depth, Mirror],
            inners: [Point.List],
            optional: true
        )
        {
            Means =
                "Spars and tubes, cowl, canopy, hatch, servos, horns, receiver, connectors, inlets, routes of leads.",
        };
    }

    /// <summary>A point on the way of a lead, tube or rod.</summary>
    public static class Point
    {
        public static readonly MeasureField X = Station("at[0]", "aft of the datum");
        public static readonly MeasureField Y = Station("at[1]", "off the middle, right +", 0);

        public static readonly SheetList<RoutePoint> List = new(
            "route",
            "point",
            """{"at":["0 mm","0 mm"]}""",
            v => new RoutePoint(v),
            [X, Y]
        )
        {
            Means = "Between its ends.",
        };
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
        lists: [Lifting.List, Fin.List, Body.List, Wheel.List, BallastStation.List, Place.List],
        section: "geometry"
    );

    private const double Far = 10_000;

    private static MeasureField Station(string name, string label, double? or = null) =>
        new(name, label, Unit.Millimetre, new(-Far, Far), or) { Required = or is null };

    private static MeasureField Extent(string name, string label, double least, double? or = null) =>
        new(name, label, Unit.Millimetre, new(least, Far), or) { Required = or is null };
}
