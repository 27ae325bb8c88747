using System.Collections.Immutable;
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
}

/// <summary>A fuselage, nacelle or float: from and to in mm aft of the datum, its middle mm to the right.</summary>
public sealed class Body(RowValues said) : SheetObject(said)
{
    public string Name { get; } = said.Get(GeometryFields.Body.Name);

    public double From { get; } = said.Number(GeometryFields.Body.From);

    public double To { get; } = said.Number(GeometryFields.Body.To);

    public double Width { get; } = said.Number(GeometryFields.Body.Width);

    public double At { get; } = said.Number(GeometryFields.Body.At);
}

/// <summary>Where a wheel stands: mm aft of the datum, mm to the right.</summary>
public sealed class Wheel(RowValues said) : SheetObject(said)
{
    public string Name { get; } = said.Get(GeometryFields.Wheel.Name);

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
