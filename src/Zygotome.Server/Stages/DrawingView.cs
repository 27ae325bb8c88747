using Zygotome.Core.Drawing;
using Zygotome.Core.Job;
using Zygotome.Core.Journal;

namespace Zygotome.Server.Stages;

/// <summary>
/// A part of the drawing with how far it has got. Paths are SVG in mm; across is right +, down is aft + (from behind:
/// down).
/// </summary>
public sealed record PartView(
    string Id,
    PartKind Kind,
    string Name,
    string Path,
    double AtAcross,
    double AtDown,
    Ink Ink,
    Standing? Throws,
    string On
);

/// <summary>A leg, a rod, a servo under the skin: over the parts, and no part of its own.</summary>
public sealed record LineView(string Path, bool Hidden);

/// <summary>
/// Where a drawing without a job is asked for. What answers there never changes: another sheet has another hash,
/// another program another version.
/// </summary>
public sealed record DrawingRef(string Sheet, string Version)
{
    private static readonly string Program = typeof(Drawings).Assembly.ManifestModule.ModuleVersionId.ToString("N")[
        ..12
    ];

    public static DrawingRef Of(string sheet) => new(sheet, Program);
}

public sealed record PointView(double Across, double Down);

/// <summary>The airframe in its box, mm.</summary>
public sealed record DrawingView(
    double Left,
    double Top,
    double Width,
    double Height,
    PointView LeftTip,
    PointView RightTip,
    IReadOnlyList<PartView> Parts,
    IReadOnlyList<LineView> Lines
)
{
    public static DrawingView Of(AircraftDrawing drawing, JobState state, IReadOnlyList<LedgerLine> ledger)
    {
        var inks = new ThrowInks(state, ledger);
        return Of(
            drawing,
            p =>
                state.Released ? Ink.Fitted
                : p.On.Length > 0 ? Inking.Of(state, p.Id, p.On)
                : Inking.Of(state, p.Id),
            p => p.Kind == PartKind.Surface ? inks.Of(p.Id) : null
        );
    }

    /// <summary>A drawing without a job: everything as it will be.</summary>
    public static DrawingView Of(AircraftDrawing drawing) => Of(drawing, _ => Ink.Fitted, _ => null);

    private static DrawingView Of(
        AircraftDrawing drawing,
        Func<DrawnPart, Ink> ink,
        Func<DrawnPart, Standing?> throws
    ) =>
        new(
            Left: drawing.Bounds.Left,
            Top: drawing.Bounds.Top,
            Width: drawing.Bounds.Width,
            Height: drawing.Bounds.Height,
            LeftTip: new PointView(drawing.LeftTip.Across, drawing.LeftTip.Down),
            RightTip: new PointView(drawing.RightTip.Across, drawing.RightTip.Down),
            Parts:
            [
                .. drawing.Parts.Select(p => new PartView(
                    Id: p.Id,
                    Kind: p.Kind,
                    Name: p.Name,
                    Path: p.Path,
                    AtAcross: p.At.Across,
                    AtDown: p.At.Down,
                    Ink: ink(p),
                    Throws: throws(p),
                    On: p.On
                )),
            ],
            Lines: [.. drawing.Lines.Select(l => new LineView(l.Path, l.IsHidden))]
        );
}
