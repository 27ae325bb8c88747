using System.Collections.Immutable;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets.Table;

namespace Zygotome.Core.Sheets;

/// <summary>
/// The airframe's outline, all in mm from the datum. What has a name here is what is drawn: the likely number, whoever
/// says it. What of it is assumed or undecided has a line of its own in every job.
/// </summary>
public sealed class Geometry(RowValues said) : SheetObject(said)
{
    public string Datum { get; } = said.Get(GeometryFields.Datum);

    public double Nose { get; } = said.Number(GeometryFields.Nose);

    public ImmutableArray<LiftingSurface> Lifting { get; } = said.Rows(GeometryFields.Lifting.List);

    public ImmutableArray<Fin> Fins { get; } = said.Rows(GeometryFields.Fin.List);

    public ImmutableArray<Body> Bodies { get; } = said.Rows(GeometryFields.Body.List);

    public ImmutableArray<Wheel> Wheels { get; } = said.Rows(GeometryFields.Wheel.List);

    public ImmutableArray<BallastStation> BallastStations { get; } = said.Rows(GeometryFields.BallastStation.List);

    public ImmutableArray<PlacedThing> Placed { get; } = said.Rows(GeometryFields.Place.List);

    /// <summary>Where the pack may lie; null where the sheet has no bay.</summary>
    public BatteryBay? Bay { get; } =
        said.Has(GeometryFields.BatteryBay)
            ? new BatteryBay(
                said.Number(GeometryFields.BayFrom),
                said.Number(GeometryFields.BayTo),
                said.Number(GeometryFields.BayWidth),
                said.Number(GeometryFields.BayHeight)
            )
            : null;

    /// <summary>What a fin is called on the drawing and by surfaces: its id, else its place in the list.</summary>
    public string FinPart(int index) =>
        Fins[index].Id is { Length: > 0 } id ? id
        : Fins.Length == 1 ? Places.Fin
        : $"{Places.Fin}-{index + 1}";

    /// <summary>What a wheel is called on the drawing: by its id, else its place in the list.</summary>
    public string WheelPart(int index) => WheelPart(Wheels[index].Id is { Length: > 0 } id ? id : $"{index + 1}");

    /// <summary>What the drawing calls the wheel of this id.</summary>
    public static string WheelPart(string id) => $"wheel-{id}";

    /// <summary>A part of the drawing as people say it: "left aileron lead", "wing left".</summary>
    public string Called(string part) => PlacedPart(part)?.Name.ToLowerInvariant() ?? Places.Words(part);

    /// <summary>
    /// What lies at a part of the drawing, and on which side where it is the same on both; null where the part is none
    /// of the sheet's places.
    /// </summary>
    public PlacedPart? PlacedPart(string part) =>
        Placed.SelectMany(p => Sheets.PlacedPart.Of(p)).FirstOrDefault(p => p.Part == part);

    /// <summary>The lifting surface of this id; null when there is none.</summary>
    public LiftingSurface? Find(string id) => Lifting.FirstOrDefault(l => l.Id == id);

    public LiftingSurface? Wing => Lifting.FirstOrDefault(l => l.Role == "wing");
}

/// <summary>A wing, tail, foreplane or V-tail: half of it, panels from the root outwards.</summary>
public sealed class LiftingSurface(RowValues said) : SheetObject(said)
{
    public string Id { get; } = said.Get(GeometryFields.Lifting.Id);

    public string Role { get; } = said.Get(GeometryFields.Lifting.Role);

    public double RootLeadingEdge { get; } = said.Number(GeometryFields.Lifting.RootLeadingEdge);

    public double Height { get; } = said.Number(GeometryFields.Lifting.Height);

    public double RootGap { get; } = said.Number(GeometryFields.Lifting.RootGap);

    /// <summary>
    /// Where all of it turns, as a share of the chord from the leading edge; null where surfaces are hinged to it.
    /// </summary>
    public double? Pivot { get; } = (double?)said.Says(GeometryFields.Lifting.Pivot).Likely?.Nominal / 100;

    /// <summary>A V-tail of which both halves hang below.</summary>
    public bool HangsDown { get; } =
        said.Says(GeometryFields.Lifting.Inverted).Likely
        ?? (
            said.Get(GeometryFields.Lifting.Role) == "v-tail"
            && said.Rows(GeometryFields.Panel.List) is [{ Dihedral: < 0 }, ..]
        );

    /// <summary>Degrees against the body's own line, nose up +.</summary>
    public Printed<Quantity> Incidence { get; } = said.Says(GeometryFields.Lifting.Incidence);

    public ImmutableArray<Panel> Panels { get; } = said.Rows(GeometryFields.Panel.List);

    public double HalfSpan => RootGap + Panels.Sum(p => p.Span);
}

/// <summary>Chords, span, sweep of the leading edge (mm) and dihedral (degrees).</summary>
public sealed class Panel(RowValues said) : SheetObject(said)
{
    public double Root { get; } = said.Number(GeometryFields.Panel.Root);

    public double Tip { get; } = said.Number(GeometryFields.Panel.Tip);

    public double Span { get; } = said.Number(GeometryFields.Panel.Span);

    public double Sweep { get; } = said.Number(GeometryFields.Panel.Sweep);

    public double Dihedral { get; } = said.Number(GeometryFields.Panel.Dihedral);
}

/// <summary>A fin standing at (x, y): root and tip chord, height, sweep of its leading edge.</summary>
public sealed class Fin(RowValues said) : SheetObject(said)
{
    public double X { get; } = said.Number(GeometryFields.Fin.X);

    public double Y { get; } = said.Number(GeometryFields.Fin.Y);

    public double Root { get; } = said.Number(GeometryFields.Fin.Root);

    public double Tip { get; } = said.Number(GeometryFields.Fin.Tip);

    public double Height { get; } = said.Number(GeometryFields.Fin.Height);

    public double Sweep { get; } = said.Number(GeometryFields.Fin.Sweep);

    /// <summary>As the sheet names it; empty where it does not, see <see cref="Geometry.FinPart"/>.</summary>
    public string Id { get; } = said.Get(GeometryFields.Fin.Id);

    /// <summary>It stands beside the middle: one of a pair.</summary>
    public bool IsBeside => Math.Abs(Y) > 1;

    /// <summary>Where it begins, mm above the datum; null where it stands on what lies under it.</summary>
    public double? Foot { get; } = said.Says(GeometryFields.Fin.Foot).Likely;

    /// <summary>How much nearer the middle its leading edge is than its trailing edge, and how near to that.</summary>
    public Printed<Quantity> Toe { get; } = said.Says(GeometryFields.Fin.Toe);

    /// <summary>How far its top leans out, degrees.</summary>
    public Printed<Quantity> Cant { get; } = said.Says(GeometryFields.Fin.Cant);

    /// <summary>It hangs down instead of standing up.</summary>
    public bool Below { get; } = said.Says(GeometryFields.Fin.Below).Likely ?? false;
}

/// <summary>A fuselage, nacelle or float: from and to in mm aft of the datum, its middle mm to the right.</summary>
public sealed class Body(RowValues said) : SheetObject(said)
{
    public string Name { get; } = said.Get(GeometryFields.Body.Name);

    public double From { get; } = said.Number(GeometryFields.Body.From);

    public double To { get; } = said.Number(GeometryFields.Body.To);

    public double Width { get; } = said.Number(GeometryFields.Body.Width);

    public double At { get; } = said.Number(GeometryFields.Body.At);

    /// <summary>mm; as high as wide where the sheet does not say.</summary>
    public double Height { get; } =
        said.Says(GeometryFields.Body.Height).Likely ?? said.Number(GeometryFields.Body.Width);

    /// <summary>Its middle, mm above the datum.</summary>
    public double Axis { get; } = said.Number(GeometryFields.Body.Axis);

    /// <summary>How wide and high it is along its length, nose to tail; empty of a plain spindle.</summary>
    public ImmutableArray<Section> Sections { get; } = said.Rows(GeometryFields.Section.List);
}

/// <summary>A body's width, top and bottom at a station, mm; top and bottom above the datum.</summary>
public sealed class Section(RowValues said) : SheetObject(said)
{
    public double At { get; } = said.Number(GeometryFields.Section.At);

    public double Width { get; } = said.Number(GeometryFields.Section.Width);

    public double Top { get; } = said.Number(GeometryFields.Section.Top);

    public double Bottom { get; } = said.Number(GeometryFields.Section.Bottom);
}

/// <summary>
/// Something in or on the airframe: from one place to another, mm aft of the datum and to the right, with its width.
/// </summary>
public sealed class PlacedThing(RowValues said) : SheetObject(said)
{
    public string Id { get; } = said.Get(GeometryFields.Place.Id);

    /// <summary>"Hatch".</summary>
    public string Name { get; } =
        said.Get(GeometryFields.Place.Name) is { Length: > 0 } name
            ? name
            : Texts.Capital(Places.Words(said.Get(GeometryFields.Place.Id)));

    public PlacedKind Kind { get; } = said.Get(GeometryFields.Place.Kind);

    /// <summary>It is opened to come at what lies behind it.</summary>
    public bool IsOpened => Kind is PlacedKind.Canopy or PlacedKind.Hatch or PlacedKind.Cowl;

    /// <summary>What it is the place of; empty where it is none of the sheet's things.</summary>
    public string Of { get; } = said.Get(GeometryFields.Place.Of);

    public double X { get; } = said.Number(GeometryFields.Place.X);

    public double Y { get; } = said.Number(GeometryFields.Place.Y);

    /// <summary>Its other end; where it begins, where the sheet says none.</summary>
    public double ToX { get; } = said.Says(GeometryFields.Place.ToX).Likely ?? said.Number(GeometryFields.Place.X);

    public double ToY { get; } = said.Says(GeometryFields.Place.ToY).Likely ?? said.Number(GeometryFields.Place.Y);

    /// <summary>mm; 0 where the sheet does not say.</summary>
    public double Width { get; } = said.Number(GeometryFields.Place.Width);

    /// <summary>mm above the datum; null where the sheet does not say.</summary>
    public double? Height { get; } = said.Says(GeometryFields.Place.Height).Likely;

    /// <summary>How deep it lies below the skin, mm: the likely depth; null where the sheet does not say.</summary>
    public double? Depth { get; } = (double?)said.Says(GeometryFields.Place.Depth).Likely?.Nominal;

    /// <summary>The same on the other side.</summary>
    public bool Mirror { get; } = said.Says(GeometryFields.Place.Mirror).Likely ?? false;

    /// <summary>Where it goes between its ends.</summary>
    public ImmutableArray<RoutePoint> Route { get; } = said.Rows(GeometryFields.Point.List);
}

/// <summary>A point of a route, mm aft of the datum and to the right.</summary>
public sealed class RoutePoint(RowValues said) : SheetObject(said)
{
    public double X { get; } = said.Number(GeometryFields.Point.X);

    public double Y { get; } = said.Number(GeometryFields.Point.Y);
}

/// <summary>Where a wheel stands: mm aft of the datum, mm to the right.</summary>
public sealed class Wheel(RowValues said) : SheetObject(said)
{
    /// <summary>By which outputs name it; empty where the sheet gives it none.</summary>
    public string Id { get; } = said.Get(GeometryFields.Wheel.Id);

    public string Name { get; } = said.Get(GeometryFields.Wheel.Name);

    /// <summary>mm; 0 where the sheet does not say.</summary>
    public double Diameter { get; } = said.Number(GeometryFields.Wheel.Diameter);

    /// <summary>mm above the datum; null where the sheet does not say.</summary>
    public double? Axle { get; } = said.Says(GeometryFields.Wheel.Axle).Likely;

    public bool Steered { get; } = said.Says(GeometryFields.Wheel.Steered).Likely ?? false;

    public bool Retracts { get; } = said.Says(GeometryFields.Wheel.Retracts).Likely ?? false;

    public double X { get; } = said.Number(GeometryFields.Wheel.X);

    public double Y { get; } = said.Number(GeometryFields.Wheel.Y);
}

/// <summary>Where the pack may lie. Height and width in mm; 0 when not stated.</summary>
public sealed record BatteryBay(double From, double To, double Width, double Height);

/// <summary>A place for ballast and the mass of one piece, when the kit or shop has pieces for it.</summary>
public sealed class BallastStation(RowValues said) : SheetObject(said)
{
    public string Name { get; } = said.Get(GeometryFields.BallastStation.Name);

    /// <summary>mm aft of the datum.</summary>
    public double At { get; } = said.Number(GeometryFields.BallastStation.At);

    /// <summary>g of one piece.</summary>
    public double Piece { get; } = said.Number(GeometryFields.BallastStation.Piece);

    /// <summary>g that it may take.</summary>
    public double Limit { get; } = said.Number(GeometryFields.BallastStation.Limit);
}
